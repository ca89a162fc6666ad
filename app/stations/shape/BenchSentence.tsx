import { useMemo } from 'react';
import { formatFineLength, type UnitSystem, shortName } from '../../../core/measure/index.js';
import { OFFCUTS, planLarder, type CutSlice, type Offcuts, type Plan } from '../../../core/plan/index.js';
import { bodyOf, ownSlice, usualSliceOf, type UsualSlice } from '../../../core/shape/index.js';
import { useSettings } from '../../store/settings.js';
import { Choice, KeptNumber, Tick, Wrong } from '../../ui/Fields.js';
import { Button } from '../../ui/kit/Button.js';
import { FileButton } from '../../ui/kit/FileButton.js';
import { Combobox } from '../../ui/kit/Combobox.js';
import { OpenWord } from '../../ui/kit/Popover.js';
import { t } from '../../words/index.js';
import { useDrawing } from '../../ui/useDrawing.js';
import { pickFood, type Bench } from './useOnBench.js';

const SHAPES: Record<Exclude<CutSlice['shape'], 'own'>, string> = {
  disc: t('round slices'),
  rect: t('blocks'),
  oval: t('oval slices'),
  half: t('half rounds'),
  ring: t('rings'),
  loaf: t('slices of a loaf'),
  wedge: t('wedges'),
};

const OFFCUT_WORDS: Record<Offcuts, string> = {
  board: t('is laid beside them'),
  melted: t('is melted'),
  crumbled: t('is crumbled'),
  dip: t('goes into a dip'),
  waste: t('is lost'),
};

/** What lies on the bench as one sentence, whose underlined words are its controls. */
export function BenchSentence({ plan, bench }: { plan: Plan; bench: Bench }) {
  const units = useSettings((settings) => settings.units);
  const { shown, bend } = bench;
  return (
    <p className="mt-1 font-display text-lg/[1.32] font-semibold">
      {t('Cut')} <Food plan={plan} bench={bench} /> {t('in')} <SliceWord bench={bench} />,{' '}
      <OpenWord
        word={t('{thick} thick', { thick: formatFineLength(shown.thicknessMm, units) })}
        label={t('Thickness of a slice')}
      >
        <KeptNumber
          label={t('Thickness, mm')}
          value={shown.thicknessMm}
          min={1}
          max={60}
          onKeep={(thicknessMm) => bend({ thicknessMm })}
        />
        <p className="m-0 max-w-60 text-sm text-soft">
          {t('5 to 7 mm for shapes to eat; thin slices only for small flat motifs.')}
        </p>
      </OpenWord>
      , <Distances bench={bench} />, <Turns bench={bench} />. {t('What is left')} <Left bench={bench} />.
    </p>
  );
}

function Food({ plan, bench }: { plan: Plan; bench: Bench }) {
  const larder = useMemo(() => planLarder(plan), [plan]);
  const options = useMemo(
    () =>
      [...larder.values()]
        .filter((food) => bodyOf(food.id))
        .map((food) => ({ value: food.id, words: food.name }))
        .sort((a, b) => a.words.localeCompare(b.words)),
    [larder],
  );
  return (
    <OpenWord word={shortName(bench.component.name).toLowerCase()} label={t('Food on the bench')}>
      <Combobox
        label={t('Food on the bench')}
        value={bench.component.id}
        options={options}
        onPick={(id) => pickFood(plan, id)}
      />
      <p className="m-0 mt-1.5 text-sm text-soft">
        {t('Foods that take cutters. What crumbles or smears is not among them.')}
      </p>
    </OpenWord>
  );
}

/** The measures that a kind of slice has, with what was there before where it fits. */
function sliceOfShape(shape: Exclude<CutSlice['shape'], 'own'>, before: CutSlice): UsualSlice['slice'] {
  const [long, wide] = sidesOf(before);
  switch (shape) {
    case 'disc':
      return { shape, diameterMm: long };
    case 'ring':
      return { shape, diameterMm: long, holeMm: Math.max(5, Math.round(long / 4)) };
    case 'half':
      return { shape, widthMm: long };
    case 'loaf':
      return { shape, widthMm: long, heightMm: wide };
    case 'wedge':
      return { shape, widthMm: wide, lengthMm: long };
    default:
      return { shape, lengthMm: long, widthMm: wide };
  }
}

function sidesOf(slice: CutSlice): [number, number] {
  switch (slice.shape) {
    case 'disc':
    case 'ring':
      return [slice.diameterMm, slice.diameterMm];
    case 'half':
      return [slice.widthMm, Math.round(slice.widthMm / 2)];
    case 'loaf':
      return [slice.widthMm, slice.heightMm];
    case 'own':
      return [100, 100];
    default:
      return [slice.lengthMm, slice.widthMm];
  }
}

const SIDE_WORDS: Record<string, string> = {
  diameterMm: t('Across, mm'),
  holeMm: t('Hole, mm'),
  lengthMm: t('Length, mm'),
  widthMm: t('Width, mm'),
  heightMm: t('Height, mm'),
};

/** "110 × 80 mm": the unit once. */
const acrossWords = (sides: readonly number[], units: UnitSystem): string => {
  const said = sides.map((mm) => formatFineLength(mm, units));
  return said.map((words, i) => (i < said.length - 1 ? words.replace(/\s*\D+$/, '') : words)).join(' × ');
};

function SliceWord({ bench }: { bench: Bench }) {
  const units = useSettings((settings) => settings.units);
  const { shown, bend } = bench;
  const { slice } = shown;
  const measures = Object.entries(slice).filter(
    (entry): entry is [string, number] => typeof entry[1] === 'number',
  );
  const word = [
    slice.shape === 'own' ? slice.name : SHAPES[slice.shape],
    acrossWords(
      measures.map(([, mm]) => mm),
      units,
    ),
  ].join(' ');
  return (
    <OpenWord word={word} label={t('The slice')}>
      {slice.shape !== 'own' && (
        <Choice
          label={t('Its face')}
          value={slice.shape}
          options={Object.entries(SHAPES) as [keyof typeof SHAPES, string][]}
          onPick={(shape) => bend({ slice: sliceOfShape(shape, slice) })}
        />
      )}
      {measures.map(([side, mm]) => (
        <KeptNumber
          key={`${slice.shape} ${side}`}
          label={SIDE_WORDS[side]!}
          value={mm}
          min={10}
          max={600}
          onKeep={(value) => bend({ slice: { ...slice, [side]: value } as CutSlice })}
        />
      ))}
      <OwnSlice bench={bench} />
    </OpenWord>
  );
}

/** A drawing as the slice: its outline, and the shapes within it as holes. */
function OwnSlice({ bench }: { bench: Bench }) {
  const { wrong, read } = useDrawing((name, { outline, holes }) =>
    bench.bend({ slice: ownSlice(name, outline, holes) }),
  );
  const { slice } = bench.shown;
  return (
    <div className="mt-2">
      <FileButton
        words={t('A slice of your own')}
        label={t('A drawing of the slice (SVG), true size; shapes within it are holes')}
        accept=".svg,image/svg+xml"
        size="small"
        onFile={read}
      />
      {slice.shape === 'own' && (
        <Button look="link" onClick={() => bench.bend({ slice: usualSliceOf(bench.component.id).slice })}>
          {t('The slice that a shop gives')}
        </Button>
      )}
      {wrong && <Wrong>{wrong}</Wrong>}
    </div>
  );
}

function Distances({ bench }: { bench: Bench }) {
  const units = useSettings((settings) => settings.units);
  const { shown, bend } = bench;
  return (
    <>
      <OpenWord
        word={t('{gap} between', { gap: formatFineLength(shown.gapMm, units) })}
        label={t('Gap between cuts')}
      >
        <KeptNumber
          label={t('Between two cuts, mm')}
          value={shown.gapMm}
          min={0}
          max={20}
          onKeep={(gapMm) => bend({ gapMm })}
        />
      </OpenWord>{' '}
      {t('and')}{' '}
      <OpenWord
        word={t('{margin} to the edge', { margin: formatFineLength(shown.marginMm, units) })}
        label={t('Margin to the edge')}
      >
        <KeptNumber
          label={t('To the edge, mm')}
          value={shown.marginMm}
          min={0}
          max={30}
          onKeep={(marginMm) => bend({ marginMm })}
        />
        <p className="m-0 max-w-60 text-sm text-soft">
          {t('Narrower bridges of food tear: leave 2 to 3 mm.')}
        </p>
      </OpenWord>
    </>
  );
}

const TURNS = {
  free: { words: t('turned any way'), turns: null },
  one: { words: t('all one way'), turns: [0] },
  half: { words: t('one way or upside down'), turns: [0, 180] },
  quarters: { words: t('in quarter turns'), turns: [0, 90, 180, 270] },
} as const;
type TurnsId = keyof typeof TURNS;

function Turns({ bench }: { bench: Bench }) {
  const { shown, bend } = bench;
  const id =
    (Object.keys(TURNS) as TurnsId[]).find(
      (key) => (TURNS[key].turns?.join() ?? '') === (shown.turns?.join() ?? ''),
    ) ?? 'free';
  return (
    <OpenWord word={TURNS[id].words} label={t('How cutters may be turned')}>
      <Choice
        label={t('Turned')}
        value={id}
        options={(Object.keys(TURNS) as TurnsId[]).map((key) => [key, TURNS[key].words] as const)}
        onPick={(key) => bend({ turns: TURNS[key].turns && [...TURNS[key].turns] })}
      />
      <p className="m-0 max-w-60 text-sm text-soft">{t('Stripes and grain ask for one way.')}</p>
    </OpenWord>
  );
}

function Left({ bench }: { bench: Bench }) {
  const { shown, bend } = bench;
  return (
    <OpenWord word={OFFCUT_WORDS[shown.offcuts]} label={t('What becomes of the offcuts')}>
      <Choice
        label={t('What is left')}
        value={shown.offcuts}
        options={OFFCUTS.map((id) => [id, OFFCUT_WORDS[id]] as const)}
        onPick={(offcuts) => bend({ offcuts })}
      />
      <Tick
        label={t('Cutters and wire of its own, for no other food')}
        on={shown.ownCutters}
        onChange={(ownCutters) => bend({ ownCutters })}
      />
    </OpenWord>
  );
}
