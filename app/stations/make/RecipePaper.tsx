import { makingsOf, nameOf, shopFor, type PlanMaking } from '../../../core/make/index.js';
import { formatMass, formatMoney } from '../../../core/measure/index.js';
import type { ComponentId } from '../../../core/catalogue/index.js';
import type { Plan } from '../../../core/plan/index.js';
import { capital } from '../../../core/words/index.js';
import { useSettings } from '../../store/settings.js';
import { portraitUrl } from '../../ui/pictures.js';
import { planLarder } from '../../../core/plan/index.js';
import { t } from '../../words/index.js';

/** What is made at home, scaled to what is laid: what goes in, how, how long it keeps, what it costs. */
export function RecipePaper({ plan }: { plan: Plan }) {
  const makings = makingsOf(plan);
  const { lines } = shopFor([plan]);
  /** Of each ingredient the share that goes into it; a pack that is opened is paid by all that it goes into. */
  const costOf = (id: ComponentId): number =>
    lines.reduce((sum, line) => {
      const all = line.goesInto.reduce((sum, into) => sum + into.massG, 0);
      const mine = line.goesInto
        .filter(({ componentId }) => componentId === id)
        .reduce((sum, into) => sum + into.massG, 0);
      return sum + (line.costMinor * mine) / Math.max(1e-9, all);
    }, 0);
  return (
    <section
      aria-label={t('Recipes')}
      className="on-paper edge-sheet absolute inset-x-[4%] top-3 bottom-12 overflow-y-auto bg-card px-6 py-4 max-xl:pt-14 max-md:static max-md:mx-2"
      tabIndex={0}
    >
      <h2 className="m-0 mb-2 text-xl/none font-black">{t('Made at home')}</h2>
      {makings.length === 0 && <p>{t('Nothing on the board is made at home.')}</p>}
      <div className="gap-8 lg:columns-2">
        {makings.map(({ id, massG, making }) => (
          <Recipe key={id} plan={plan} id={id} massG={massG} making={making} costMinor={costOf(id)} />
        ))}
      </div>
      <p className="text-xs text-soft">
        {t(
          'Label each with the day it was made. Raw garlic or herbs under oil stay cold, four days at most.',
        )}
      </p>
    </section>
  );
}

function Recipe({
  plan,
  id,
  massG,
  making,
  costMinor,
}: {
  plan: Plan;
  id: ComponentId;
  massG: number;
  making: PlanMaking;
  costMinor: number;
}) {
  const units = useSettings((settings) => settings.units);
  const component = planLarder(plan).get(id);
  return (
    <article className="mb-4 break-inside-avoid-column text-sm/[1.25]">
      <h3 className="m-0 flex items-center gap-2 border-b border-ink/50 font-display text-lg/[1.15] font-extrabold">
        {component && <img src={portraitUrl(component)} alt="" className="size-9" />}
        {t('{name}, {mass}', { name: nameOf(plan, id).split(',')[0]!, mass: formatMass(massG, units) })}
      </h3>
      <ul className="my-1 list-none p-0">
        {making.parts.map(([part, grams]) => (
          <li key={part} className="flex justify-between gap-2">
            <span>{capital(nameOf(plan, part))}</span>
            <b className="tabular-nums">{formatMass((grams * massG) / making.outG, units)}</b>
          </li>
        ))}
      </ul>
      <p className="my-1">{making.steps}</p>
      <p className="m-0 text-soft">
        {t('{hands} min by hand{wait}, keeps {hours} h, {money} of packs', {
          hands: making.handsMin,
          wait: making.waitMin > 0 ? t(', {n} min by itself', { n: making.waitMin }) : '',
          hours: making.keepsH,
          money: formatMoney(Math.round(costMinor), plan.currency),
        })}
      </p>
    </article>
  );
}
