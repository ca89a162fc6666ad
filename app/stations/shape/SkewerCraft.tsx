import { useMemo } from 'react';
import { homeMadeId, type Component, type ComponentId } from '../../../core/catalogue/index.js';
import {
  cupShares,
  laySkewers,
  piecesInPacks,
  proposedThreads,
  skewerMm,
  threadedForm,
  threadedOrder,
  type Threaded,
} from '../../../core/board/index.js';
import { formatFineLength, formatMass, shortName } from '../../../core/measure/index.js';
import { guestsIn } from '../../../core/party/index.js';
import { skewerSvg } from '../../../core/picture/index.js';
import { planLarder, type Plan, type Surface } from '../../../core/plan/index.js';
import { skewersFrom } from '../../../core/shape/index.js';
import { useSettings } from '../../store/settings.js';
import { Button } from '../../ui/kit/Button.js';
import { Choice } from '../../ui/Fields.js';
import { OpenWord } from '../../ui/kit/Popover.js';
import { useSvgUrl } from '../../ui/pictures.js';
import { t } from '../../words/index.js';
import type { StationView } from '../station.js';
import { BenchFrame, CareTag, LayIt, Result } from './BenchFrame.js';
import { CountWord, FoodWord, SurfaceWord } from './CraftWords.js';
import { useAsked } from './useCraft.js';
import { useLayIn } from './useLayIn.js';

interface Asked {
  as: 'skewers' | 'cups';
  count: number;
  surfaceId: Surface['id'];
  parts: { id: ComponentId; each: number }[];
}

const [MOST_COUNT, MOST_EACH, MOST_PARTS] = [500, 6, 6];
const AS_WORDS = { skewers: t('skewers'), cups: t('cups or cones') } as const;

const isThreaded = (food: Component): boolean =>
  threadedForm(food) !== undefined && food.made !== 'unknown' && !food.id.startsWith('home-own-');

/** Skewers of what is on the boards, or cups that each get as much of it. */
export function SkewerCraft({ plan, checked }: StationView) {
  const larder = useMemo(() => planLarder(plan), [plan]);
  const foods = useMemo(() => [...larder.values()].filter(isThreaded), [larder]);
  const proposed = useMemo<Asked>(
    () => ({
      as: 'skewers',
      count: Math.max(1, guestsIn(plan.party)),
      surfaceId: plan.surfaces[0]!.id,
      parts: proposedThreads(plan).map((id) => ({ id, each: 1 })),
    }),
    [plan],
  );
  const [asked, ask] = useAsked<Asked>(plan, 'skewers', proposed);
  const surface = plan.surfaces.find(({ id }) => id === asked.surfaceId) ?? plan.surfaces[0]!;
  const parts = asked.parts.flatMap(({ id, each }): Threaded[] => {
    const component = larder.get(id);
    const fact = component && threadedForm(component);
    return component && fact ? [{ component, fact, each }] : [];
  });
  const isCups = asked.as === 'cups';
  return (
    <BenchFrame
      plan={plan}
      checked={checked}
      label={isCups ? t('What each cup gets') : t('The skewer as it is threaded')}
      shelf={
        <SkewerSentence plan={plan} asked={asked} ask={ask} surface={surface} parts={parts} foods={foods} />
      }
      foot={isCups ? null : <SkewerFoot parts={parts} count={asked.count} />}
      plate={isCups ? null : <SkewerDrawn parts={parts} />}
    >
      {isCups ? (
        <Cups plan={plan} surface={surface} cups={asked.count} />
      ) : (
        <Skewers plan={plan} surface={surface} parts={parts} count={asked.count} ask={ask} />
      )}
      <CareTag title={t('Take care')} lines={careOf(plan, isCups)} />
    </BenchFrame>
  );
}

function careOf(plan: Plan, isCups: boolean): string[] {
  const children = plan.party.some((group) => group.ages.some((age) => age < 12));
  const small = plan.party.some((group) => group.ages.some((age) => age < 5));
  return [
    ...(isCups
      ? [t('One cup is one guest’s: mark those that leave something out, and fill them first.')]
      : [
          small ? t('You have guests under five: no skewers for them.') : t('No skewers for under-fives.'),
          ...(children ? [t('Blunt picks, or the points cut off, where children eat.')] : []),
          t('Dry what is juicy, or it wets its neighbours.'),
          t('What is threaded together cannot be picked apart: who may not eat one eats none.'),
        ]),
    t('Clean hands or gloves, and back in the cold.'),
  ];
}

interface Asking {
  plan: Plan;
  asked: Asked;
  ask: (by: Partial<Asked>) => void;
  surface: Surface;
}

function SkewerSentence({
  plan,
  asked,
  ask,
  surface,
  parts,
  foods,
}: Asking & { parts: readonly Threaded[]; foods: readonly Component[] }) {
  return (
    <p className="mt-1 font-display text-lg/[1.32] font-semibold">
      <CountWord
        label={t('How many')}
        n={asked.count}
        min={1}
        max={MOST_COUNT}
        words={String(asked.count)}
        onKeep={(count) => ask({ count })}
      />{' '}
      <OpenWord word={AS_WORDS[asked.as]} label={t('Skewers or cups')}>
        <Choice
          label={t('Skewers or cups')}
          value={asked.as}
          options={[
            ['skewers', AS_WORDS.skewers],
            ['cups', AS_WORDS.cups],
          ]}
          onPick={(as) => ask({ as })}
        />
      </OpenWord>{' '}
      {asked.as === 'cups' ? t('of what lies on') : t('for')}{' '}
      <SurfaceWord plan={plan} surface={surface} onPick={(surfaceId) => ask({ surfaceId })} />
      {asked.as === 'skewers' && (
        <SkewerParts plan={plan} asked={asked} ask={ask} parts={parts} foods={foods} />
      )}
    </p>
  );
}

/** What is threaded, piece by piece. */
function SkewerParts({
  plan,
  asked,
  ask,
  parts,
  foods,
}: Omit<Asking, 'surface'> & { parts: readonly Threaded[]; foods: readonly Component[] }) {
  const change = (i: number, by: Partial<Asked['parts'][number]>): void =>
    ask({
      parts: asked.parts
        .map((part, k) => (k === i ? { ...part, ...by } : part))
        .filter(({ each }) => each > 0),
    });
  const free = foods.filter(({ id }) => !asked.parts.some((part) => part.id === id));
  return (
    <>
      {t(', each with')}{' '}
      {parts.map(({ component, each }, i) => (
        <span key={component.id}>
          {i > 0 && ', '}
          <CountWord
            label={t('Pieces of {food}', { food: component.name })}
            n={each}
            min={0}
            max={MOST_EACH}
            words={String(each)}
            onKeep={(n) => change(i, { each: n })}
          />{' '}
          <FoodWord
            label={t('Food {n, number}', { n: i + 1 })}
            food={component}
            foods={[component, ...free]}
            onPick={(id) => change(i, { id })}
          />
        </span>
      ))}
      {'. '}
      {asked.parts.length < MOST_PARTS && free.length > 0 && (
        <Button
          look="link"
          onClick={() => ask({ parts: [...asked.parts, { id: nextFood(plan, free).id, each: 1 }] })}
        >
          {t('One more food')}
        </Button>
      )}
    </>
  );
}

/** One that lies on the boards before any other. */
const nextFood = (plan: Plan, free: readonly Component[]): Component =>
  free.find(({ id }) => plan.placements.some(({ componentId }) => componentId === id)) ?? free[0]!;

function SkewerFoot({ parts, count }: { parts: readonly Threaded[]; count: number }) {
  const units = useSettings((settings) => settings.units);
  const eachG = parts.reduce((sum, { fact, each }) => sum + each * fact.pieceG, 0);
  return (
    <>
      <span>
        <b>{formatFineLength(skewerMm(parts), units)}</b> {t('long at least')}
      </span>
      <span>
        <b>{formatMass(eachG, units)}</b> {t('each')}
      </span>
      <span>
        <b>{formatMass(eachG * count, units)}</b> {t('in all')}
      </span>
    </>
  );
}

function Skewers({
  plan,
  surface,
  parts,
  count,
  ask,
}: {
  plan: Plan;
  surface: Surface;
  parts: readonly Threaded[];
  count: number;
  ask: (by: Partial<Asked>) => void;
}) {
  const { layIn, busy } = useLayIn(plan);
  const packs = parts.map(({ component, fact, each }) => ({
    name: shortName(component.name).toLowerCase(),
    atHand: piecesInPacks(plan, component, fact),
    each,
  }));
  const { count: most, first } = skewersFrom(packs);
  const command = laySkewers(plan, parts, count, surface.id);
  const recipe =
    command?.name === 'together'
      ? command.commands.find((single) => single.name === 'set-recipe')?.recipe
      : undefined;
  const isLaid =
    recipe &&
    plan.placements.some(({ componentId, pieces }) => componentId === homeMadeId(recipe) && pieces === count);
  return (
    <Result large={t('{n, plural, one {# skewer} other {# skewers}}', { n: count })}>
      <p className="m-0 text-base/[1.3]">
        {most > 0
          ? t('Your packs give {most, number}; {first} runs out first.', { most, first })
          : t('Your packs have none of {first} yet: what is laid is bought.', { first })}{' '}
        {most > 0 && most < count && (
          <Button look="link" onClick={() => ask({ count: most })}>
            {t('Take {n, number}', { n: most })}
          </Button>
        )}
      </p>
      <LayIt
        surface={surface}
        n={count}
        isLaid={isLaid === true}
        disabled={busy || !command}
        onLay={() => {
          // what was proposed and taken is not proposed anew
          ask({ parts: parts.map(({ component, each }) => ({ id: component.id, each })), count });
          if (command) layIn(command, surface.id);
        }}
      />
    </Result>
  );
}

const [PLATE_W, PLATE_H, UP] = [470, 190, 90];

/** The skewer as it is threaded, as large as the plate has room for. */
function SkewerDrawn({ parts }: { parts: readonly Threaded[] }) {
  const drawn = useMemo(() => skewerSvg(threadedOrder(parts)), [parts]);
  const url = useSvgUrl(drawn.svg);
  const k = Math.min(PLATE_W / drawn.widthMm, PLATE_H / drawn.heightMm, 4);
  const [w, h] = [drawn.widthMm * k, drawn.heightMm * k];
  return url ? <image href={url} x={-w / 2} y={-h / 2 - UP} width={w} height={h} /> : null;
}

/** What each cup gets, in whole pieces, and what is left over. */
function Cups({ plan, surface, cups }: { plan: Plan; surface: Surface; cups: number }) {
  const shares = cupShares(plan, surface.id, cups);
  const filled = shares.filter(({ each }) => each > 0);
  const few = shares.filter(({ each }) => each === 0);
  return (
    <div className="on-paper absolute top-[16%] left-1/2 z-3 w-110 max-w-full -translate-x-1/2 text-center text-ink max-md:static max-md:mx-auto max-md:translate-x-0 stepped:invisible">
      <p className="m-0 font-display text-2xl/[1.05] font-black" role="status" aria-live="polite">
        {filled.length === 0
          ? t('Nothing lies there that goes around')
          : t('{kinds, plural, one {# kind} other {# kinds}} in each cup', { kinds: filled.length })}
      </p>
      <ul className="m-0 mt-2 max-h-90 list-none overflow-y-auto p-0 text-base/[1.35]">
        {filled.map(({ component, each, leftOver }) => (
          <li key={component.id}>
            <b>{each}</b> {shortName(component.name).toLowerCase()}
            {leftOver > 0 && (
              <span className="text-soft"> {t('and {n, number} left over', { n: leftOver })}</span>
            )}
          </li>
        ))}
      </ul>
      {few.length > 0 && (
        <p className="m-0 mt-2 text-sm text-soft">
          {t('Too few for one each: {foods}.', {
            foods: few
              .map(({ component, leftOver }) => `${shortName(component.name).toLowerCase()} ${leftOver}`)
              .join(', '),
          })}
        </p>
      )}
    </div>
  );
}
