import { useMemo } from 'react';
import { formName, type Component, type ComponentId } from '../../../core/catalogue/index.js';
import { formOfFold, layFolded, surfaceOfFood } from '../../../core/board/index.js';
import { formatFineLength, formatMass } from '../../../core/measure/index.js';
import { densityOf, planLarder, type Plan, type Surface } from '../../../core/plan/index.js';
import {
  FOLD_IDS,
  folded,
  foldsWell,
  isOfLong,
  isRose,
  stepsOfFold,
  type FoldAsked,
  type Folded,
  type FoldId,
} from '../../../core/shape/index.js';
import { useSettings } from '../../store/settings.js';
import { Button } from '../../ui/kit/Button.js';
import { Choice } from '../../ui/Fields.js';
import { OpenWord } from '../../ui/kit/Popover.js';
import { t, word } from '../../words/index.js';
import type { StationView } from '../station.js';
import { BenchFrame, CareTag, Result } from './BenchFrame.js';
import { CountWord, FoodWord, LengthWord } from './CraftWords.js';
import { FoldSteps } from './FoldSteps.js';
import { useAsked } from './useCraft.js';
import { useLayIn } from './useLayIn.js';

export const FOLD_WORDS: Record<FoldId, string> = {
  'half-fold': t('half folds in a row'),
  'quarter-fold': t('quarter folds, tight'),
  border: t('a border of quarters'),
  chain: t('a chain of quarters'),
  cone: t('cones'),
  roll: t('rolls'),
  ribbon: t('a ribbon'),
  river: t('a river'),
  'pinched-fan': t('pinched fans'),
  wrap: t('wraps around sticks'),
  'rose-over-glass': t('roses over a glass'),
  'rose-in-cup': t('roses in a cup'),
};

type Known = 'slices' | 'length' | 'grams';
interface Asked {
  food: ComponentId;
  kind: FoldId;
  sliceMm: number;
  thicknessMm: number;
  mouthMm: number;
  known: Known;
  amount: number;
}

const FOLDS_WORDS = {
  folds: t('It folds.'),
  cracks: t('It cracks when it is folded: shave it thin, or take another.'),
  'not known': t('Nobody has said that it folds: try one slice.'),
} as const;

type Larder = ReturnType<typeof planLarder>;

/** Foods that fold or that one would think of folding. */
const foldable = (larder: Larder): Component[] =>
  [...larder.values()].filter(
    (food) =>
      ['cured-meat', 'plant-protein', 'fish', 'cheese'].includes(food.family) &&
      foldsWell(food) !== 'not known',
  );

/** What is folded before anybody says so: what lies on the boards and folds, all of its grams. */
function proposed(plan: Plan, foods: readonly Component[]): Asked {
  const onBoard = foods.find(
    (food) =>
      foldsWell(food) === 'folds' &&
      food.family !== 'cheese' &&
      plan.placements.some(({ componentId }) => componentId === food.id),
  );
  const start = onBoard ?? foods.find(({ id }) => id === 'salami') ?? foods[0]!;
  const lain = plan.placements
    .filter(({ componentId }) => componentId === start.id)
    .reduce((sum, { massG }) => sum + massG, 0);
  const isRound = formOfFold(start, 'quarter-fold')?.form === 'quarter-folds';
  return {
    food: start.id,
    kind: isRound ? 'quarter-fold' : 'ribbon',
    sliceMm: isRound ? ROUND_MM : LONG_MM,
    thicknessMm: 1.5,
    mouthMm: 60,
    known: 'grams',
    amount: Math.round(lain) || 200,
  };
}

/** Slices of a shop (house default). */
const [ROUND_MM, LONG_MM] = [90, 200];

function foundFor(food: Component, { known, amount, kind, sliceMm, thicknessMm, mouthMm }: Asked): Folded {
  const how: FoldAsked =
    known === 'slices'
      ? { slices: Math.round(amount) }
      : known === 'grams'
        ? { grams: amount }
        : { lengthMm: amount };
  return folded(kind, { lengthMm: sliceMm, thicknessMm, gPerMl: densityOf(food), mouthMm }, how);
}

/** Slices folded by hand: how many, how heavy, how long they lie, and how it is done. */
export function FoldCraft({ plan, checked }: StationView) {
  const larder = useMemo(() => planLarder(plan), [plan]);
  const foods = useMemo(() => foldable(larder), [larder]);
  const [asked, ask] = useAsked<Asked>(plan, 'fold', proposed(plan, foods));
  const food = larder.get(asked.food)!;
  const found = foundFor(food, asked);
  return (
    <BenchFrame
      plan={plan}
      checked={checked}
      label={t('{name}, folded step by step', { name: food.name })}
      shelf={<FoldSentence asked={asked} ask={ask} food={food} foods={foods} />}
      foot={<FoldFoot found={found} />}
      plate={<FoldSteps steps={stepsOfFold(asked.kind)} colours={food.colours} />}
    >
      <Result
        large={
          isRose(asked.kind)
            ? t('{n, plural, one {# rose} other {# roses}}', { n: found.count })
            : t('{n, plural, one {# slice} other {# slices}}', { n: found.slices })
        }
      >
        <FoldFound plan={plan} asked={asked} food={food} found={found} />
      </Result>
      <CareTag
        title={t('Take care')}
        lines={[
          t('Keep it cold until it is folded; folded meat sweats, so not long before it is served.'),
          t('Airy, never pressed: it looks mean and sweats.'),
          t('Own board, own gloves: meat and fish after what is free from them.'),
        ]}
      />
    </BenchFrame>
  );
}

interface Asking {
  asked: Asked;
  ask: (by: Partial<Asked>) => void;
}

/** Long slices are not folded as round ones: another kind of fold starts from a slice of its own. */
const sliceFor = (kind: Asked['kind'], asked: Asked): Partial<Asked> =>
  isOfLong(kind) === isOfLong(asked.kind) ? {} : { sliceMm: isOfLong(kind) ? LONG_MM : ROUND_MM };

function FoldSentence({
  asked,
  ask,
  food,
  foods,
}: Asking & { food: Component; foods: readonly Component[] }) {
  const units = useSettings((settings) => settings.units);
  return (
    <p className="mt-1 font-display text-lg/[1.32] font-semibold">
      {t('Fold')}{' '}
      <FoodWord label={t('Food to fold')} food={food} foods={foods} onPick={(id) => ask({ food: id })} />{' '}
      {t('as')}{' '}
      <OpenWord word={FOLD_WORDS[asked.kind]} label={t('Fold')}>
        <Choice
          label={t('Fold')}
          value={asked.kind}
          options={FOLD_IDS.map((id) => [id, FOLD_WORDS[id]] as const)}
          onPick={(kind) => ask({ kind, ...sliceFor(kind, asked) })}
        />
      </OpenWord>
      , {isOfLong(asked.kind) ? t('from slices') : t('from round slices of')}{' '}
      <LengthWord
        label={isOfLong(asked.kind) ? t('Length of a slice') : t('Diameter of a slice')}
        mm={asked.sliceMm}
        min={20}
        max={500}
        onKeep={(sliceMm) => ask({ sliceMm })}
      />
      {isOfLong(asked.kind) && ` ${t('long')}`},{' '}
      <LengthWord
        label={t('Thickness')}
        mm={asked.thicknessMm}
        min={0.5}
        max={6}
        words={t('{thick} thick', { thick: formatFineLength(asked.thicknessMm, units) })}
        onKeep={(thicknessMm) => ask({ thicknessMm })}
      />
      {isRose(asked.kind) && (
        <>
          , {t('over a mouth of')}{' '}
          <LengthWord
            label={t('Mouth of the glass')}
            mm={asked.mouthMm}
            min={20}
            max={150}
            onKeep={(mouthMm) => ask({ mouthMm })}
          />
        </>
      )}
      : <Amount asked={asked} ask={ask} />.
    </p>
  );
}

function FoldFoot({ found }: { found: Folded }) {
  const units = useSettings((settings) => settings.units);
  return (
    <>
      <span>
        <b>{formatMass(found.grams, units)}</b> {t('in all')}
      </span>
      <span>
        <b>{formatFineLength(Math.round(found.heightMm), units)}</b> {t('high')}
      </span>
      <span>
        <b>{t('{minutes, number} min', { minutes: Math.round(found.minutes) })}</b> {t('by hand')}
      </span>
    </>
  );
}

function FoldFound({
  plan,
  asked,
  food,
  found,
}: {
  plan: Plan;
  asked: Asked;
  food: Component;
  found: Folded;
}) {
  const units = useSettings((settings) => settings.units);
  const surface = plan.surfaces.find(({ id }) => id === surfaceOfFood(plan, food.id));
  const command = surface && layFolded(plan, food, asked.kind, found, surface.id);
  const form = formOfFold(food, asked.kind);
  return (
    <>
      <p className="m-0 text-base/[1.3]">
        {isRose(asked.kind)
          ? t('{slices, number} slices; side by side they take {length}.', {
              slices: found.slices,
              length: formatFineLength(Math.round(found.lengthMm), units),
            })
          : t('They lie {length} long.', {
              length: formatFineLength(Math.round(found.lengthMm), units),
            })}{' '}
        {FOLDS_WORDS[foldsWell(food)]}
      </p>
      <LayFolded
        plan={plan}
        command={command}
        surface={surface}
        form={form && word(formName(form.form))}
        grams={formatMass(found.grams, units)}
      />
    </>
  );
}

const KNOWN_WORDS: Record<Known, string> = {
  grams: t('so many grams'),
  slices: t('so many slices'),
  length: t('so long, in mm'),
};

function Amount({ asked, ask }: Asking) {
  const said =
    asked.known === 'grams'
      ? t('{n, number} g', { n: asked.amount })
      : asked.known === 'slices'
        ? t('{n, number} slices', { n: asked.amount })
        : t('{n, number} mm long', { n: asked.amount });
  return (
    <>
      <OpenWord word={KNOWN_WORDS[asked.known]} label={t('What is known')}>
        <Choice
          label={t('What is known')}
          value={asked.known}
          options={Object.entries(KNOWN_WORDS) as [Known, string][]}
          onPick={(known) => ask({ known })}
        />
      </OpenWord>
      ,{' '}
      <CountWord
        label={t('How much')}
        n={asked.amount}
        min={1}
        max={20000}
        words={said}
        onKeep={(amount) => ask({ amount })}
      />
    </>
  );
}

function LayFolded({
  plan,
  command,
  surface,
  form,
  grams,
}: {
  command: ReturnType<typeof layFolded>;
  plan: Plan;
  surface: Surface | undefined;
  form: string | undefined;
  grams: string;
}) {
  const { layIn, busy } = useLayIn(plan);
  if (!surface) return null;
  if (!command)
    return (
      <p className="m-0 text-sm text-soft">{t('The larder knows no such form of it: lay it by hand.')}</p>
    );
  return (
    <p className="m-0 mt-2">
      <Button disabled={busy} onClick={() => layIn(command, surface.id)}>
        {t('Lay {grams} as {form} on {surface}', { grams, form: form ?? '', surface: surface.name })}
      </Button>
    </p>
  );
}
