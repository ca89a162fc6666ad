import { useMemo } from 'react';
import { homeMadeId, type Component, type ComponentId } from '../../../core/catalogue/index.js';
import {
  castMould,
  freeOffcutsG,
  mouldRecipeId,
  surfaceOfFood,
  type MeltedWith,
} from '../../../core/board/index.js';
import { formatMass, shortName } from '../../../core/measure/index.js';
import { planLarder, type Plan } from '../../../core/plan/index.js';
import {
  filled,
  meltOf,
  mouldById,
  MOULDS,
  ownMould,
  piecesFrom,
  type Filled,
  type Mould,
  type MouldRisk,
} from '../../../core/shape/index.js';
import { useSettings } from '../../store/settings.js';
import { Button } from '../../ui/kit/Button.js';
import { Choice, KeptNumber } from '../../ui/Fields.js';
import { OpenWord } from '../../ui/kit/Popover.js';
import { t, word } from '../../words/index.js';
import type { StationView } from '../station.js';
import { BenchFrame, CareTag, LayIt, Result } from './BenchFrame.js';
import { CountWord, FoodWord } from './CraftWords.js';
import { IceCraft } from './IceCraft.js';
import { MouldDrawn } from './MouldDrawn.js';
import { useAsked } from './useCraft.js';
import { useLayIn } from './useLayIn.js';

interface Asked {
  mould: string;
  /** One of the stylist's own, measured with water. */
  own: { cavities: number; ml: number; depthMm: number };
  food: ComponentId;
  count: number;
  /** Melted in, with its percentage. */
  second: ComponentId | null;
  percent: number;
}

/** What of a batch a second food is at first. */
const USUAL_PERCENT = 30;

export const RISK_WORDS: Record<MouldRisk, string> = {
  hot: t('Melted cheese, chocolate and sugar burn: keep children away from the hob.'),
  'no-plastic-on-heat': t('No plastic or silicone on heat: melt in ceramic, spoon it in.'),
  'stop-at-65': t('Stop at 60 to 65 °C. Brown edges or free oil mean that it has split.'),
  'from-the-block': t('Grate it from the block: what is bought grated stays grainy.'),
  'too-much-grease': t('Only a film of grease: more floats the cheese off the detail.'),
  'limbs-snap': t('Very cold thin limbs snap: turn it out slowly.'),
  'freezing-turns-mealy': t('15 to 20 minutes in the freezer hold the shape; longer turns it mealy.'),
  'temper-it': t('Temper it, or take one made for coating.'),
  'try-one-first': t('It varies: melt one piece before you count on it.'),
  'dip-to-turn-out': t('Let it set in the cold; dip the mould in warm water for a moment to turn it out.'),
  'does-not-melt': t('It keeps its shape when it is hot: cut it instead.'),
  'oils-off': t('It is too dry: its fat runs out before it flows.'),
};

const SUIT_WORDS = {
  yes: t('melts smoothly'),
  'try-first': t('is to be tried first'),
  no: t('is not for moulds'),
} as const;

/** What is asked of a mould, at first with a food of the board that melts. */
function useMould(plan: Plan) {
  const larder = useMemo(() => planLarder(plan), [plan]);
  const foods = useMemo(
    () => [...larder.values()].filter((food) => !food.id.startsWith('home-') && meltOf(food) !== 'not-known'),
    [larder],
  );
  const melted = plan.cuts.find((cut) => cut.offcuts === 'melted')?.componentId;
  const onBoard = foods.find(
    (food) =>
      plan.placements.some(({ componentId }) => componentId === food.id) &&
      filled(MOULDS[0]!, food, 1).suits === 'yes',
  );
  const [asked, ask] = useAsked<Asked>(plan, 'mould', {
    mould: MOULDS[0]!.id,
    own: { cavities: 6, ml: 15, depthMm: 15 },
    food:
      (melted && larder.has(melted) ? melted : undefined) ?? onBoard?.id ?? ('young-gouda' as ComponentId),
    count: 6,
    second: null,
    percent: USUAL_PERCENT,
  });
  const { cavities, ml, depthMm } = asked.own;
  const mould = mouldById(asked.mould) ?? ownMould(OWN_NAME, cavities, ml, depthMm);
  const food = larder.get(asked.food)!;
  const secondFood = asked.second && asked.second !== food.id ? larder.get(asked.second) : undefined;
  const second = secondFood && { food: secondFood, share: asked.percent / 100 };
  return { asked, ask, foods, mould, food, second };
}

/** Pieces from a mould, of a food that melts or of the offcuts of what was cut out. */
export function MouldCraft({ plan, checked }: StationView) {
  const units = useSettings((settings) => settings.units);
  const { asked, ask, foods, mould, food, second } = useMould(plan);
  const found = filledOf(mould, food, second, asked.count);
  if (asked.mould === ICE)
    return (
      <IceCraft
        plan={plan}
        checked={checked}
        mouldWord={<MouldWord asked={asked} ask={ask} name={t('Bowl of ice')} />}
      />
    );
  return (
    <BenchFrame
      plan={plan}
      checked={checked}
      label={t('{mould}, filled', { mould: word(mould.name) })}
      shelf={
        <MouldSentence asked={asked} ask={ask} mould={mould} food={food} foods={foods} second={second} />
      }
      foot={<MouldFoot found={found} />}
      plate={<MouldDrawn mould={mould} food={food} count={asked.count} />}
    >
      <Result
        large={
          found.suits === 'no'
            ? t('Not for moulds')
            : t('{fills, plural, one {# filling} other {# fillings}}', { fills: found.fills })
        }
      >
        <p className="m-0 text-base/[1.3]">
          {t('{food} {suits}. {each} each, {batch} to melt.', {
            food: [food, ...(second ? [second.food] : [])].map(({ name }) => shortName(name)).join(' + '),
            suits: SUIT_WORDS[found.suits],
            each: formatMass(found.gramsEach, units),
            batch: formatMass(found.batchG, units),
          })}
        </p>
        <FromOffcuts plan={plan} mould={mould} food={food} ask={ask} />
        {second && (
          <p className="m-0 text-sm">
            {t('Melted together it is a new food: whoever may not eat one of them may not eat this.')}
          </p>
        )}
        <Cast plan={plan} mould={mould} food={food} second={second} count={asked.count} found={found} />
      </Result>
      <CareTag title={t('Take care')} lines={found.risks.slice(0, 6).map((risk) => RISK_WORDS[risk])} />
    </BenchFrame>
  );
}

/** What flows at the same heat mixes. */
const meltsWith = (other: Component, food: Component): boolean =>
  other.id !== food.id && meltOf(other) === meltOf(food);

const RANK = { yes: 0, 'try-first': 1, no: 2 } as const;

/** Of two foods the one that melts worse decides, and both have their risks. */
function filledOf(mould: Mould, food: Component, second: MeltedWith | undefined, count: number): Filled {
  const found = filled(mould, food, count);
  if (!second) return found;
  const other = filled(mould, second.food, count);
  const worse = RANK[other.suits] > RANK[found.suits] ? other : found;
  return {
    ...found,
    suits: worse.suits === 'yes' && other.melt !== found.melt ? 'try-first' : worse.suits,
    risks: [...new Set([...found.risks, ...other.risks])],
  };
}

/** The mould in the sentence; one of the stylist's own by its cavities, its volume and its depth. */
function MouldWord({ asked, ask, name }: { asked: Asked; ask: (by: Partial<Asked>) => void; name: string }) {
  const bend = (by: Partial<Asked['own']>): void => ask({ own: { ...asked.own, ...by } });
  return (
    <OpenWord word={name.toLowerCase()} label={t('Mould')}>
      <Choice
        label={t('Mould')}
        value={asked.mould}
        options={[
          ...MOULDS.map(
            ({ id, name, cavities, ml }) =>
              [
                id,
                t('{name}: {cavities, number} of {ml, number} ml', { name: word(name), cavities, ml }),
              ] as const,
          ),
          ['own', OWN_NAME] as const,
          [ICE, t('Bowl of ice, frozen between two bowls')] as const,
        ]}
        onPick={(id) => ask({ mould: id })}
      />
      {asked.mould === 'own' && (
        <>
          <KeptNumber
            label={t('Cavities')}
            value={asked.own.cavities}
            min={1}
            max={60}
            onKeep={(cavities) => bend({ cavities: Math.round(cavities) })}
          />
          <KeptNumber
            label={t('Millilitres of water in each')}
            value={asked.own.ml}
            min={1}
            max={2000}
            onKeep={(ml) => bend({ ml })}
          />
          <KeptNumber
            label={t('Depth, mm')}
            value={asked.own.depthMm}
            min={3}
            max={150}
            onKeep={(depthMm) => bend({ depthMm })}
          />
        </>
      )}
    </OpenWord>
  );
}

/** Chosen like a mould; what it makes is no food but a bowl. */
const ICE = 'ice';
const OWN_NAME = t('Mould of your own');

interface Asking {
  asked: Asked;
  ask: (by: Partial<Asked>) => void;
  food: Component;
  foods: readonly Component[];
  second: MeltedWith | undefined;
}

function MouldSentence({ mould, ...asking }: Asking & { mould: Mould }) {
  const { asked, ask, food, foods } = asking;
  return (
    <p className="mt-1 font-display text-lg/[1.32] font-semibold">
      <CountWord
        label={t('Pieces')}
        n={asked.count}
        min={1}
        max={500}
        words={t('{n, plural, one {# piece} other {# pieces}}', { n: asked.count })}
        onKeep={(count) => ask({ count })}
      />{' '}
      {t('from')} <MouldWord asked={asked} ask={ask} name={word(mould.name)} /> {t('of')}{' '}
      <FoodWord label={t('Food')} food={food} foods={foods} onPick={(id) => ask({ food: id })} />
      <SecondFood {...asking} />
    </p>
  );
}

/** Another food that is melted in, and how much of it. */
function SecondFood({ asked, ask, food, foods, second }: Asking) {
  if (!second)
    return (
      <>
        .{' '}
        <Button
          look="link"
          onClick={() => ask({ second: foods.find((other) => meltsWith(other, food))?.id ?? null })}
        >
          {t('Melt another in')}
        </Button>
      </>
    );
  return (
    <>
      {' '}
      {t('with')}{' '}
      <CountWord
        label={t('Percent of it')}
        n={asked.percent}
        min={5}
        max={50}
        words={t('{n, number} %', { n: asked.percent })}
        onKeep={(percent) => ask({ percent })}
      />{' '}
      {t('of')}{' '}
      <FoodWord
        label={t('Second food')}
        food={second.food}
        foods={foods.filter(({ id }) => id !== food.id)}
        onPick={(id) => ask({ second: id })}
      />
      .{' '}
      <Button look="link" onClick={() => ask({ second: null })}>
        {t('Melt it alone')}
      </Button>
    </>
  );
}

/** What the offcuts of this food would fill. */
function FromOffcuts({
  plan,
  mould,
  food,
  ask,
}: {
  plan: Plan;
  mould: Mould;
  food: Component;
  ask: (by: Partial<Asked>) => void;
}) {
  const units = useSettings((settings) => settings.units);
  const cut = plan.cuts.find(({ componentId }) => componentId === food.id);
  if (!cut) return null;
  const freeG = freeOffcutsG(plan, food, mouldRecipeId(mould, food));
  const n = piecesFrom(mould, food, freeG);
  const mass = formatMass(freeG, units);
  if (n === 0)
    return <p className="m-0 text-sm text-soft">{t('Its offcuts, {mass}, fill none.', { mass })}</p>;
  return (
    <p className="m-0 text-sm">
      <Button look="link" onClick={() => ask({ count: n })}>
        {t('Its offcuts, {mass}, fill {n, number}: take them', { mass, n })}
      </Button>
    </p>
  );
}

function Cast({
  plan,
  mould,
  food,
  second,
  count,
  found,
}: {
  plan: Plan;
  mould: Mould;
  food: Component;
  second: MeltedWith | undefined;
  count: number;
  found: Filled;
}) {
  const { layIn, busy } = useLayIn(plan);
  const surfaceId = surfaceOfFood(plan, food.id);
  const surface = plan.surfaces.find(({ id }) => id === surfaceId);
  if (!surface) return null;
  const command = castMould(plan, mould, food, count, found, surface.id, second);
  const recipe =
    command.name === 'together'
      ? command.commands.find((single) => single.name === 'set-recipe')!.recipe
      : undefined;
  const isLaid = plan.placements.some(
    (placement) => recipe && placement.componentId === homeMadeId(recipe) && placement.pieces === count,
  );
  return (
    <LayIt
      surface={surface}
      n={count}
      isLaid={isLaid}
      disabled={found.suits === 'no' || busy}
      onLay={() => layIn(command, surface.id)}
    />
  );
}

function MouldFoot({ found }: { found: Filled }) {
  const units = useSettings((settings) => settings.units);
  return (
    <>
      <span>
        <b>{formatMass(found.batchG, units)}</b> {t('to melt')}
      </span>
      <span>
        <b>{t('{minutes, number} min', { minutes: Math.round(found.handsMin) })}</b> {t('by hand')}
      </span>
      <span>
        <b>{t('{minutes, number} min', { minutes: Math.round(found.waitMin) })}</b>{' '}
        {found.freezer ? t('cooling and in the freezer') : t('cooling and chilling')}
      </span>
    </>
  );
}
