import { useMemo } from 'react';
import { layCutFruit, surfaceOfFood } from '../../../core/board/index.js';
import type { Component, ComponentId, Larder } from '../../../core/catalogue/index.js';
import { formatFineLength, formatMass } from '../../../core/measure/index.js';
import { guestsIn } from '../../../core/party/index.js';
import { applyCommand, planLarder, type Plan } from '../../../core/plan/index.js';
import {
  cutsOf,
  SECTION_FOODS,
  sectionOf,
  wholeName,
  type CutId,
  type Section,
} from '../../../core/shape/index.js';
import { useSettings } from '../../store/settings.js';
import { Choice } from '../../ui/Fields.js';
import { OpenWord } from '../../ui/kit/Popover.js';
import { PortraitImage } from '../../ui/Portrait.js';
import { t, word } from '../../words/index.js';
import type { StationView } from '../station.js';
import { BenchFrame, CareTag, LayIt, Result } from './BenchFrame.js';
import { CountWord, FoodWord, LengthWord } from './CraftWords.js';
import { useAsked } from './useCraft.js';
import { useLayIn } from './useLayIn.js';

const CUT_WORDS: Record<CutId, string> = {
  fan: t('a fan of slices'),
  wheels: t('wheels'),
  coins: t('coins on the bias'),
  waves: t('waved slices'),
  sticks: t('sticks that stand'),
  zigzag: t('halves with zigzag'),
  balls: t('balls'),
  bowl: t('a hollowed bowl'),
  ribbons: t('ribbons'),
  quarters: t('quarters lengthways'),
};

interface Asked {
  food: ComponentId;
  cut: CutId | undefined;
  mm: number | undefined;
  pieces: number;
}

const FRUIT = 130;

/** What a fruit or vegetable gives in a cut, how many are bought, and what to mind. */
export function FruitCraft({ plan, checked }: StationView) {
  const larder = useMemo(() => planLarder(plan), [plan]);
  const foods = useMemo(() => wholesIn(larder), [larder]);
  const onBoard = foods.find(({ id }) => plan.placements.some(({ componentId }) => componentId === id));
  const [asked, ask] = useAsked<Asked>(plan, 'fruit', {
    food: (onBoard ?? foods[0]!).id,
    cut: undefined,
    mm: undefined,
    pieces: Math.max(1, 2 * guestsIn(plan.party)),
  });
  const food = foods.find(({ id }) => id === asked.food) ?? foods[0]!;
  const cuts = cutsOf(food.id);
  const cut = asked.cut && cuts.includes(asked.cut) ? asked.cut : cuts[0]!;
  const found = sectionOf(food.id, cut, asked.mm)!;
  return (
    <BenchFrame
      plan={plan}
      checked={checked}
      label={t('{name} as it is cut', { name: food.name })}
      shelf={<FruitSentence asked={asked} ask={ask} food={food} foods={foods} cut={cut} found={found} />}
      foot={<FruitFoot found={found} />}
      plate={<PortraitImage food={food} x={-FRUIT} y={-FRUIT - 100} width={2 * FRUIT} height={2 * FRUIT} />}
    >
      <FruitFound plan={plan} larder={larder} asked={asked} ask={ask} cut={cut} found={found} />
      <CareTag title={t('Take care')} lines={careOf(plan, cut, found)} />
    </BenchFrame>
  );
}

/** By the names that they have before they are cut. */
const wholesIn = (larder: ReturnType<typeof planLarder>): Component[] =>
  SECTION_FOODS.flatMap((id) => {
    const food = larder.get(id as ComponentId);
    return food ? [{ ...food, name: word(wholeName(id)!) }] : [];
  });

function careOf(plan: Plan, cut: CutId, found: Section): string[] {
  const small = plan.party.some((group) => group.ages.some((age) => age < 5));
  return [
    ...(found.browns ? [t('It browns in the air: water with lemon, and as late as possible.')] : []),
    ...(found.drainMin > 0 ? [t('Drain it on paper for ten minutes, or it bleeds.')] : []),
    ...(found.notUnder5
      ? [
          small
            ? t('You have guests under five: for them grated, or thin strips.')
            : t('Not for under-fives so: for them grated, or thin strips.'),
        ]
      : []),
    ...(cut === 'bowl' ? [t('A flat foot first, so that it stands; cut away from your hand.')] : []),
    t('Wash it before it is cut; a clean board, apart from meat and fish.'),
  ];
}

function FruitSentence({
  asked,
  ask,
  food,
  foods,
  cut,
  found,
}: {
  asked: Asked;
  ask: (by: Partial<Asked>) => void;
  food: Component;
  foods: readonly Component[];
  cut: CutId;
  found: Section;
}) {
  const cuts = cutsOf(food.id);
  return (
    <p className="mt-1 font-display text-lg/[1.32] font-semibold">
      <FoodWord
        label={t('Fruit or vegetable')}
        food={food}
        foods={foods}
        onPick={(id) => ask({ food: id, cut: undefined, mm: undefined })}
      />{' '}
      {t('as')}{' '}
      <OpenWord word={CUT_WORDS[cut]} label={t('Cut')}>
        <Choice
          label={t('Cut')}
          value={cut}
          options={cuts.map((id) => [id, CUT_WORDS[id]] as const)}
          onPick={(id) => ask({ cut: id, mm: undefined })}
        />
      </OpenWord>
      {found.pieceMm > 0 && (
        <>
          {' '}
          {t('of')}{' '}
          <LengthWord label={t('Size')} mm={found.pieceMm} min={1} max={60} onKeep={(mm) => ask({ mm })} />
        </>
      )}
      ,{' '}
      <CountWord
        label={t('Pieces')}
        n={asked.pieces}
        min={1}
        max={5000}
        words={t('{n, plural, one {# piece} other {# pieces}}', { n: asked.pieces })}
        onKeep={(pieces) => ask({ pieces })}
      />
      .
    </p>
  );
}

function FruitFoot({ found }: { found: Section }) {
  const units = useSettings((settings) => settings.units);
  return (
    <>
      <span>
        <b>{formatMass(found.grams, units)}</b> {t('of each is laid')}
      </span>
      <span>
        <b>{formatMass(found.wasteG, units)}</b> {t('is peel, core and ends')}
      </span>
      <span>
        <b>{formatMass(found.pieceG, units)}</b> {t('a piece')}
      </span>
    </>
  );
}

function FruitFound({
  plan,
  larder,
  asked,
  ask,
  cut,
  found,
}: {
  plan: Plan;
  larder: Larder;
  asked: Asked;
  ask: (by: Partial<Asked>) => void;
  cut: CutId;
  found: Section;
}) {
  const units = useSettings((settings) => settings.units);
  const whole = Math.ceil(asked.pieces / found.pieces);
  return (
    <Result large={t('{n, plural, one {# piece} other {# pieces}} each', { n: found.pieces })}>
      <p className="m-0 text-base/[1.3]">
        {t('{whole, number} whole for {pieces, number}: {spare, number} to spare.', {
          whole,
          pieces: asked.pieces,
          spare: whole * found.pieces - asked.pieces,
        })}
      </p>
      {found.bowlMl !== undefined && (
        <p className="m-0 text-sm text-soft">
          {t('It holds {ml, number} ml, its wall {wall} thick.', {
            ml: found.bowlMl,
            wall: formatFineLength(found.pieceMm, units),
          })}
        </p>
      )}
      <LayFruit
        plan={plan}
        food={larder.get(asked.food)}
        cut={cut}
        found={found}
        pieces={asked.pieces}
        onLay={() => ask({ food: asked.food, cut })}
      />
    </Result>
  );
}

/** Onto the board in the form that its larder has, or as it is cut here. */
function LayFruit({
  plan,
  food,
  cut,
  found,
  pieces,
  onLay,
}: {
  plan: Plan;
  food: Component | undefined;
  cut: CutId;
  found: Section;
  pieces: number;
  /** What was proposed and taken is not proposed anew. */
  onLay: () => void;
}) {
  const { layIn, busy } = useLayIn(plan);
  const surface = plan.surfaces.find(({ id }) => food && id === surfaceOfFood(plan, food.id));
  const command = food && surface && layCutFruit(plan, food, cut, found, pieces, surface.id);
  if (!command || !surface) return null;
  const done = applyCommand(plan, command);
  const isLaid = done.ok && done.changes.length === 0;
  return (
    <LayIt
      surface={surface}
      n={pieces}
      isLaid={isLaid}
      disabled={busy}
      onLay={() => {
        onLay();
        layIn(command, surface.id);
      }}
    />
  );
}
