import { remedyEffect, remedyLabel, textOf } from '../../../core/check/index.js';
import {
  boxesOf,
  goesBack,
  toolSaid,
  toolsOf,
  type BoxId,
  type ToolId,
  type ToolLine,
} from '../../../core/make/index.js';
import { formatMass } from '../../../core/measure/index.js';
import type { Plan, Touch } from '../../../core/plan/index.js';
import { speak } from '../../../core/words/index.js';
import { useSession } from '../../store/session.js';
import { useSettings } from '../../store/settings.js';
import { useSpeech } from '../../store/useSpeech.js';
import { useTrials, useTrialsOf } from '../../store/trials.js';
import { useRemedy } from '../../rail/useRemedy.js';
import { KeptText } from '../../ui/Fields.js';
import { Button } from '../../ui/kit/Button.js';
import { Checkbox } from '../../ui/kit/Checkbox.js';
import { Collapsible } from '../../ui/kit/Collapsible.js';
import { t } from '../../words/index.js';

/** The slip of Check that is about what is short: it knows how the plan can bend. */
const SLIP_OF: Partial<Record<ToolId, string>> = {
  tongs: 'tongs',
  bowl: 'bowls',
  'soft-knife': 'knives',
  'hard-knife': 'knives',
  'fork-knife': 'knives',
};
const SLIPS = [...new Set(Object.values(SLIP_OF))];
const MOST_BENDS = 5;

/** Without it: what was tried on the plan, with what it would break. */
function Bends({ id, short }: { id: ToolId; short: number }) {
  const speech = useSpeech();
  const run = useRemedy();
  const tried = useTrials((trials) => trials.tried.get(SLIP_OF[id] ?? ''));
  if (short <= 0 || !tried || tried.length === 0) return null;
  return (
    <span className="mt-1 flex flex-wrap gap-1.5">
      {tried.slice(0, MOST_BENDS).map(({ remedy, breaks }, i) => (
        <Button key={`${remedy.kind} ${i}`} look="quiet" size="small" onClick={() => run(remedy.command)}>
          {remedyLabel(remedy, speech)} <small>{remedyEffect(remedy, speech)}</small>
          {breaks.length > 0 && (
            <small className="block">
              {t('Then: {breaks}', { breaks: breaks.map((broken) => textOf(broken, speech)).join(' ') })}
            </small>
          )}
        </Button>
      ))}
    </span>
  );
}

/** The colours of the house's cutting boards: a helper takes the right one without asking. */
function BoardColours({ plan, tools }: { plan: Plan; tools: readonly ToolLine[] }) {
  const edit = useSession((session) => session.edit);
  const speech = useSpeech();
  const touches = tools.flatMap(({ touches }) => touches ?? []);
  if (touches.length === 0) return null;
  const name = (touch: Touch, colour: string): void =>
    edit({
      name: 'set-boards',
      boards: [
        ...plan.day.boards.filter((board) => board.touches !== touch),
        ...(colour.trim() === '' ? [] : [{ touches: touch, colour: colour.trim() }]),
      ],
    });
  return (
    <Collapsible title={t('Colours of your cutting boards')}>
      <div className="flex flex-wrap gap-x-4">
        {touches.map((touch) => (
          <KeptText
            key={touch}
            label={speak({ say: `touches.${touch}` }, speech)}
            value={plan.day.boards.find((board) => board.touches === touch)?.colour ?? ''}
            onKeep={(colour) => name(touch, colour)}
          />
        ))}
      </div>
    </Collapsible>
  );
}

/** Everything beside the food, counted from the plan, to be packed. */
export function ToolPaper({ plan }: { plan: Plan }) {
  const speech = useSpeech();
  const edit = useSession((session) => session.edit);
  const tools = toolsOf(plan);
  useTrialsOf(plan, SLIPS);
  return (
    <section
      aria-label={t('Tools')}
      className="on-paper edge-sheet absolute inset-x-[4%] top-3 bottom-12 overflow-y-auto bg-card px-6 py-4 max-xl:pt-14 max-md:static max-md:mx-2"
      tabIndex={0}
    >
      <h2 className="m-0 mb-2 text-xl/none font-black">{t('To bring')}</h2>
      {tools.length === 0 && <p>{t('Nothing lies on the board yet: choose something first.')}</p>}
      <div className="gap-8 lg:columns-2">
        {tools.map((line) => {
          const on = plan.day.packed.includes(line.key);
          const words = speak(toolSaid(line), speech);
          const short = line.have === null ? 0 : line.count - line.have;
          return (
            <div
              key={line.key}
              className="flex min-h-12 break-inside-avoid items-center border-b border-rule/40 text-sm/[1.15]"
            >
              <Checkbox
                name={t('Packed: {words}', { words })}
                on={on}
                onChange={(on) => edit({ name: 'tick-packed', id: line.key, on })}
                className="-ml-2 p-3.5"
              />
              <span className={`flex-1 ${on ? 'text-soft line-through' : ''}`}>
                <b>
                  {line.count} × {words}
                </b>
                {line.of.length > 0 && <small className="block text-soft">{line.of.join(', ')}</small>}
                {short > 0 && (
                  <small className="block font-bold text-beet-ink">
                    {t('{n} short: buy or borrow them, or serve without', { n: short })}
                  </small>
                )}
                <Bends id={line.id} short={short} />
              </span>
            </div>
          );
        })}
      </div>
      <BoardColours plan={plan} tools={tools} />
      <Boxes plan={plan} />
    </section>
  );
}

const BOX_WORDS: Readonly<Record<BoxId, string>> = {
  boards: t('Boards and tools'),
  'cold-bowls': t('Cold box: what stands in bowls'),
  cold: t('Cold box: cheese, meat, fruit'),
  dry: t('Dry box'),
  last: t('Last: bread, crackers, herbs'),
};

/** Which box holds what, in the order of unloading, and what goes back. */
function Boxes({ plan }: { plan: Plan }) {
  const units = useSettings((settings) => settings.units);
  const boxes = boxesOf(plan);
  const back = goesBack(plan);
  if (plan.occasion.carMin === 0 || boxes.length === 0) return null;
  return (
    <>
      <h3 className="mt-4 mb-1 font-display text-lg/[1.2] font-extrabold">
        {t('Boxes, in the order of unloading')}
      </h3>
      <ol className="m-0 pl-5 text-sm/[1.25]">
        {boxes.map(({ id, cold, items }) => (
          <li key={id} className="mb-1.5">
            <b>{BOX_WORDS[id]}</b>
            {cold && t(' (with ice; a probe reads 5 °C or less when it is opened)')}
            {': '}
            {items
              .map(({ name, massG }) => (massG > 0 ? `${name} ${formatMass(massG, units)}` : name))
              .join(', ')}
          </li>
        ))}
      </ol>
      {back.length > 0 && <p>{t('Goes back: {names}', { names: back.join(', ') })}</p>}
    </>
  );
}
