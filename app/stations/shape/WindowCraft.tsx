import { useMemo, useState } from 'react';
import { homeMadeId, servingOf, type Component, type ComponentId } from '../../../core/catalogue/index.js';
import { openWindow, surfaceOfFood } from '../../../core/board/index.js';
import { formatFineLength, formatMass, formatVolume } from '../../../core/measure/index.js';
import { planLarder, type Plan } from '../../../core/plan/index.js';
import { cutterById, cutterOutline, firmness, windowIn, type Opening } from '../../../core/shape/index.js';
import { useSettings } from '../../store/settings.js';
import { useSpeech } from '../../store/useSpeech.js';
import { speak } from '../../../core/words/index.js';
import { Button } from '../../ui/kit/Button.js';
import { Slider } from '../../ui/kit/Slider.js';
import { t } from '../../words/index.js';
import type { StationView } from '../station.js';
import { BenchFrame, CareTag, Result } from './BenchFrame.js';
import { CutterWord, FoodWord, LengthWord } from './CraftWords.js';
import { pathOf } from './drawn.js';
import { useAsked } from './useCraft.js';
import { useLayIn } from './useLayIn.js';

interface Asked {
  wheel: ComponentId;
  filling: ComponentId;
  cutter: string;
  acrossMm: number;
  diameterMm: number;
  heightMm: number;
  lidMm: number;
}

const WHEEL = { diameterMm: 110, heightMm: 30, lidMm: 9 };

const isWheel = (food: Component): boolean =>
  food.texture === 'soft' && food.forms.some(({ form, pieceG }) => form === 'wheel' && pieceG >= 140);
const isFilling = (food: Component): boolean =>
  food.family === 'spread-dip' && servingOf(food).class === 'jam';

/** A soft wheel, a motif cut through its lid, and the jam that fills the opening. */
export function WindowCraft({ plan, checked }: StationView) {
  const larder = useMemo(() => planLarder(plan), [plan]);
  const foods = useMemo(() => [...larder.values()].filter((food) => !food.id.startsWith('home-')), [larder]);
  const wheels = foods.filter(isWheel);
  const fillings = foods.filter(isFilling);
  const on = (list: readonly Component[]) =>
    list.find(({ id }) => plan.placements.some(({ componentId }) => componentId === id)) ?? list[0]!;
  const [motif] = plan.occasion.theme.motifs.filter((id) => cutterById(id));
  const [asked, ask] = useAsked<Asked>(plan, 'window', {
    wheel: on(wheels).id,
    filling: on(fillings).id,
    cutter: motif ?? 'star',
    acrossMm: 60,
    ...WHEEL,
  });
  const outline = useMemo(
    () => cutterOutline(cutterById(asked.cutter)!, asked.acrossMm),
    [asked.cutter, asked.acrossMm],
  );
  const window = windowIn(asked, outline, asked.acrossMm, asked.lidMm);
  const wheel = larder.get(asked.wheel)!;
  const filling = larder.get(asked.filling)!;
  return (
    <BenchFrame
      plan={plan}
      checked={checked}
      label={t('{name} with a window, from above and cut open', { name: wheel.name })}
      shelf={
        <WindowSentence
          asked={asked}
          ask={ask}
          wheel={wheel}
          filling={filling}
          wheels={wheels}
          fillings={fillings}
        />
      }
      foot={<WindowFoot window={window} />}
      plate={<WheelDrawn asked={asked} outline={outline} window={window} wheel={wheel} filling={filling} />}
    >
      <WindowResult window={window} asked={asked} ask={ask}>
        <MakeWindow
          plan={plan}
          disabled={!window.fits}
          made={{
            wheel,
            filling,
            outline,
            diameterMm: asked.diameterMm,
            heightMm: asked.heightMm,
            opening: window,
          }}
        />
      </WindowResult>
      <Firming window={window} />
    </BenchFrame>
  );
}

function WindowSentence({
  asked,
  ask,
  wheel,
  filling,
  wheels,
  fillings,
}: {
  asked: Asked;
  ask: (by: Partial<Asked>) => void;
  wheel: Component;
  filling: Component;
  wheels: readonly Component[];
  fillings: readonly Component[];
}) {
  return (
    <p className="mt-1 font-display text-lg/[1.32] font-semibold">
      {t('A wheel of')}{' '}
      <FoodWord label={t('Wheel')} food={wheel} foods={wheels} onPick={(id) => ask({ wheel: id })} />,{' '}
      <LengthWord
        label={t('Across')}
        mm={asked.diameterMm}
        min={40}
        max={400}
        onKeep={(diameterMm) => ask({ diameterMm })}
      />{' '}
      {t('across and')}{' '}
      <LengthWord
        label={t('High')}
        mm={asked.heightMm}
        min={10}
        max={120}
        onKeep={(heightMm) => ask({ heightMm })}
      />{' '}
      {t('high, with a')} <CutterWord id={asked.cutter} onPick={(cutter) => ask({ cutter })} /> {t('of')}{' '}
      <LengthWord
        label={t('Cutter across')}
        mm={asked.acrossMm}
        min={10}
        max={300}
        onKeep={(acrossMm) => ask({ acrossMm })}
      />{' '}
      {t('through a lid of')}{' '}
      <LengthWord label={t('Lid')} mm={asked.lidMm} min={1} max={60} onKeep={(lidMm) => ask({ lidMm })} />,{' '}
      {t('filled with')}{' '}
      <FoodWord label={t('Filling')} food={filling} foods={fillings} onPick={(id) => ask({ filling: id })} />.
    </p>
  );
}

function WindowResult({
  window,
  asked,
  ask,
  children,
}: {
  window: Opening;
  asked: Asked;
  ask: (by: Partial<Asked>) => void;
  children: React.ReactNode;
}) {
  const units = useSettings((settings) => settings.units);
  const speech = useSpeech();
  const why = speak(window.why, speech);
  return (
    <Result
      large={
        window.fits
          ? t('{wall} of wall', { wall: formatFineLength(Math.floor(window.wallMm), units) })
          : t('It does not fit')
      }
    >
      <p className="m-0 text-base/[1.3]">{`${why[0]!.toUpperCase()}${why.slice(1)}.`}</p>
      {!window.fits && window.largestMm >= 10 && (
        <p className="m-0 mt-1">
          <Button onClick={() => ask({ acrossMm: Math.floor(window.largestMm) })}>
            {t('Take it {size} across', { size: formatFineLength(Math.floor(window.largestMm), units) })}
          </Button>
        </p>
      )}
      {window.fits && (
        <p className="m-0 text-sm text-soft">
          {t('Up to {largest} would fit. {ml} of filling, {mass}.', {
            largest: formatFineLength(Math.floor(window.largestMm), units),
            ml: formatVolume(window.fillMl, units),
            mass: formatMass(window.fillG, units),
          })}{' '}
          {asked.lidMm > 0 && t('The rind pieces decorate the lid.')}
        </p>
      )}
      {children}
    </Result>
  );
}

function MakeWindow({
  plan,
  made,
  disabled,
}: {
  plan: Plan;
  made: Omit<Parameters<typeof openWindow>[1], 'surfaceId'>;
  disabled: boolean;
}) {
  const { layIn, busy } = useLayIn(plan);
  const surfaceId = surfaceOfFood(plan, made.wheel.id);
  const command = surfaceId && openWindow(plan, { ...made, surfaceId });
  const recipe =
    command?.name === 'together'
      ? command.commands.find((single) => single.name === 'set-recipe')?.recipe
      : undefined;
  const kept = recipe && plan.recipes.find(({ id }) => id === recipe.id);
  const isLaid =
    kept !== undefined &&
    JSON.stringify(kept) === JSON.stringify(recipe) &&
    plan.placements.some(({ componentId }) => componentId === homeMadeId(recipe!));
  return (
    <p className="m-0 mt-2">
      {isLaid ? (
        <b>{t('It lies on the board, with its filling, and is judged anew.')}</b>
      ) : (
        <Button disabled={disabled || !command || busy} onClick={() => command && layIn(command, surfaceId)}>
          {t('Make it so')}
        </Button>
      )}
    </p>
  );
}

function WindowFoot({ window }: { window: Opening }) {
  const units = useSettings((settings) => settings.units);
  return (
    <>
      <span>
        <b>{formatMass(window.massG, units)}</b> {t('of wheel')}
      </span>
      <span>
        <b>{formatMass(window.fillG, units)}</b> {t('of filling')}
      </span>
      <span>
        <b>{t('{from, number} to {to, number} min', { from: window.firmMinutes, to: window.firmToMin })}</b>{' '}
        {t('in the freezer')}
      </span>
    </>
  );
}

const FIRM_WORDS = {
  soft: t('still too soft: the cutter drags'),
  right: t('right: it cuts cleanly'),
  frozen: t('frozen through: it turns mealy'),
} as const;

/** How long it is firmed: a dial from too soft over right to frozen. */
function Firming({ window }: { window: Opening }) {
  const [minutes, setMinutes] = useState(window.firmMinutes);
  const state = firmness(window, minutes);
  return (
    <>
      <div className="on-paper absolute -right-51 bottom-58 z-6 w-58 bg-card px-4 py-3 shadow-paper max-xl:hidden stepped:invisible">
        <b className="font-display text-lg/none font-black">
          {t('{minutes, number} min in the freezer', { minutes })}
        </b>
        <Slider
          label={t('Minutes in the freezer')}
          value={minutes}
          min={0}
          max={Math.round(window.frozenMin * 1.5)}
          onChange={setMinutes}
          said={`${minutes} min: ${FIRM_WORDS[state]}`}
        />
        <span className="text-sm">{FIRM_WORDS[state]}</span>
      </div>
      <CareTag
        title={t('Take care')}
        lines={[
          t('Firm it, never frozen through. Cut away from your hand: a cold wheel slips.'),
          t('Soft cheese stands at most two hours out of the cold, making included; local rules decide.'),
          t('Read the label of the filling: it is in the wheel for all who eat of it.'),
        ]}
      />
    </>
  );
}

const [ROOM, MIDDLE_Y, SIDE_Y] = [122, -172, 50];

interface WheelProps {
  asked: Asked;
  outline: ReturnType<typeof cutterOutline>;
  window: Opening;
  wheel: Component;
  filling: Component;
}

/** The wheel from above, its wall as a ring, and cut open from the side. */
function WheelDrawn(props: WheelProps) {
  const scale = ROOM / (props.asked.diameterMm / 2);
  return (
    <>
      <g transform={`translate(0 ${MIDDLE_Y}) scale(${scale})`}>
        <WheelFromAbove {...props} />
      </g>
      <g transform={`translate(0 ${SIDE_Y}) scale(${scale})`}>
        <WheelCutOpen {...props} />
      </g>
    </>
  );
}

function WheelFromAbove({ asked, outline, window, wheel, filling }: WheelProps) {
  const r = asked.diameterMm / 2;
  const [main, second] = wheel.colours;
  return (
    <>
      <circle r={r} cy={1.6} fill="var(--ink)" opacity="0.16" />
      <circle r={r} fill={main} stroke={second} strokeWidth={2} />
      <circle
        r={Math.max(0, r - 10)}
        fill="none"
        stroke="var(--beet)"
        strokeWidth={0.5}
        strokeDasharray="2 1.6"
      />
      <g transform={`translate(${window.at[0]} ${-window.at[1]})`}>
        <path
          d={pathOf(outline)}
          fill={filling.colours[0]}
          stroke={window.fits ? second : 'var(--tomato)'}
          strokeWidth={1}
        />
      </g>
    </>
  );
}

function WheelCutOpen({ asked, outline, window, wheel, filling }: WheelProps) {
  const r = asked.diameterMm / 2;
  const xs = outline.map(([x]) => x + window.at[0]);
  const [from, to] = [Math.max(-r, Math.min(...xs)), Math.min(r, Math.max(...xs))];
  const [main, second] = wheel.colours;
  return (
    <>
      <rect
        x={-r}
        y={-asked.heightMm}
        width={2 * r}
        height={asked.heightMm}
        rx={3}
        fill={main}
        stroke={second}
        strokeWidth={2}
      />
      <rect
        x={from}
        y={-asked.heightMm + 0.6}
        width={Math.max(0, to - from)}
        height={Math.min(asked.heightMm, asked.lidMm)}
        fill={filling.colours[0]}
      />
      <path
        d={`M${-r} ${-asked.heightMm + asked.lidMm}H${r}`}
        stroke="var(--ink)"
        strokeWidth={0.4}
        strokeDasharray="2 1.5"
        opacity="0.6"
      />
    </>
  );
}
