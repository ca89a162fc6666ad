import { surfacesFor, usualHereG } from '../../../core/board/index.js';
import { useState } from 'react';
import {
  about,
  type About,
  goesWith,
  scaledTo,
  TASTES,
  type Component,
} from '../../../core/catalogue/index.js';
import { formatMass, formatMoney, shortName } from '../../../core/measure/index.js';
import { ownPriceOf } from '../../../core/portion/index.js';
import { planLarder, recipeIn, type Command, type Plan } from '../../../core/plan/index.js';
import { lower } from '../../../core/words/index.js';
import { SwapDialog } from '../../rail/SwapDialog.js';
import { useRemedy } from '../../rail/useRemedy.js';
import { useSettings } from '../../store/settings.js';
import { PaperDialog } from '../../ui/kit/Dialog.js';
import { Portrait } from '../../ui/Portrait.js';
import { TasteWheel } from '../../ui/TasteWheel.js';
import { OwnDeeds } from './OwnDeeds.js';
import { WhyFood } from './WhyFood.js';
import { ForWhom } from './food/ForWhom.js';
import { InTheHouse, Lies, type FoodPart } from './food/Lies.js';
import { gramsPlaced } from './placing.js';
import { Button } from '../../ui/kit/Button.js';
import { Collapsible } from '../../ui/kit/Collapsible.js';
import { PaperHeading } from '../../ui/kit/Heading.js';
import { OwnPrice, usePriceWords } from '../../ui/OwnPrice.js';
import { ownRecipeOf } from './RecipeDialog.js';
import { t, word } from '../../words/index.js';

/** One food as itself: its portrait with its tastes, for whom it is, and where it lies on the little surfaces of the table. */
export function ComponentDialog({
  plan,
  component,
  onClose,
}: {
  plan: Plan;
  component: Component;
  onClose: () => void;
}) {
  const run = useRemedy();
  const units = useSettings((settings) => settings.units);
  const [swap, setSwap] = useState(false);
  const pack = component.packs[0]!;
  const made = component.ingredients.length > 0 ? `. Of ${component.ingredients.join(', ')}` : '';
  // the plate shows what a swap would look like: this paper makes room
  if (swap)
    return <SwapDialog plan={plan} componentId={component.id} onClose={() => (setSwap(false), onClose())} />;
  return (
    <PaperDialog
      open
      onClose={onClose}
      full
      title={component.name}
      hint={t('{priceMinor} for {massG}{made}.', {
        priceMinor: formatMoney(pack.priceMinor, plan.currency),
        massG: formatMass(pack.massG, units),
        made,
      })}
    >
      <div className="grid grid-cols-[286px_minmax(0,1fr)_minmax(0,1.15fr)] gap-x-7 max-xl:grid-cols-[240px_minmax(0,1fr)] max-md:grid-cols-1">
        <LargePortrait component={component} />
        <div>
          <PaperHeading>{t('For whom')}</PaperHeading>
          <ForWhom plan={plan} component={component} />
          <AboutFood plan={plan} component={component} />
          <Made plan={plan} component={component} />
          {!ownRecipeOf(plan, component) && <YourPrice plan={plan} component={component} run={run} />}
        </div>
        <div className="max-xl:col-span-2 max-md:col-span-1">
          <PaperHeading>{t('Where it lies')}</PaperHeading>
          <Lies plan={plan} component={component} run={run} />
          <InTheHouse plan={plan} component={component} run={run} />
        </div>
      </div>
      <Deeds plan={plan} component={component} run={run} onSwap={() => setSwap(true)} onClose={onClose} />
      <div className="mt-2 flex flex-wrap items-center gap-2.5">
        <WhyFood plan={plan} component={component} />
        <OwnDeeds plan={plan} component={component} onClose={onClose} />
      </div>
      <p className="break-inside-avoid px-1 pt-1 text-xs/[1.24] italic text-soft">
        {t('Facts are label practice and public data, not this very pack: read the label.')}
      </p>
    </PaperDialog>
  );
}

const TASTED = TASTES.filter((taste) => taste !== 'strength');

/** Large, as it lies, with what it tastes of. */
function LargePortrait({ component }: { component: Component }) {
  return (
    <div className="flex flex-col items-center">
      <Portrait food={component} width="230" height="230" className="max-md:size-40" />
      {component.taste && (
        <TasteWheel
          petals={TASTED.map((taste) => ({ taste: taste, most: component.taste?.[taste] ?? 0 }))}
          size={250}
        />
      )}
    </div>
  );
}

/** What a stylist asks of it: like what, with what, how served, how long, called what elsewhere. */
function AboutFood({ plan, component }: { plan: Plan; component: Component }) {
  const facts = about(component);
  const partners = goesWith(component, planLarder(plan).values());
  return (
    <dl className="mt-3 grid grid-cols-[max-content_1fr] gap-x-3 gap-y-0.5 [&_dt]:font-bold">
      <dt>{t('Like')}</dt>
      <dd>{facts.like.map(word).join(', ')}</dd>
      <dt>{t('Goes with')}</dt>
      <dd>
        {partners.foods.map((food) => shortName(food.name)).join(', ') || t('nothing in the larder')};{' '}
        {word(partners.why)}
      </dd>
      <dt>{t('Served')}</dt>
      <dd>{servedWords(facts)}</dd>
      <dt>{t('Stands')}</dt>
      <dd>{word(facts.stands)}</dd>
      {facts.elsewhere && (
        <>
          <dt>{t('Also called')}</dt>
          <dd>{facts.elsewhere}</dd>
        </>
      )}
    </dl>
  );
}

function servedWords({ forms, temperMin }: About): string {
  const [usual, ...other] = forms.map(word);
  const as =
    other.length > 0
      ? t('as {usual}, or {other}', { usual, other: other.join(', ') })
      : t('as {usual}', { usual });
  return temperMin > 0 ? t('{as}, {temperMin, number} min out of the cold before', { as, temperMin }) : as;
}

/** How a home-made thing is made, for the grams that lie on the board. */
function Made({ plan, component }: { plan: Plan; component: Component }) {
  const recipe = recipeIn(plan, planLarder({ ...plan, recipes: [] }), component.id);
  const units = useSettings((settings) => settings.units);
  const massG = plan.placements
    .filter((placement) => placement.componentId === component.id)
    .reduce((sum, placement) => sum + placement.massG, 0);
  const scaled = recipe && scaledTo(recipe, massG || recipe.outG, planLarder(plan));
  if (!scaled) return null;
  return (
    <section className="my-2 border-l-3 border-yolk px-2.5 py-1">
      <PaperHeading>
        {t('Makes {massG}: {handsMin} min by hand{waitMin}', {
          massG: formatMass(scaled.massG, units),
          handsMin: scaled.handsMin,
          waitMin: scaled.waitMin > 0 ? t(', {waitMin} min by itself', { waitMin: scaled.waitMin }) : '',
        })}
      </PaperHeading>
      <p>
        {t('{parts}. {steps} At most {keepsH} h before serving. About {costMinor}.', {
          parts: scaled.parts.map((part) => `${formatMass(part.grams, units)} ${part.name}`).join(', '),
          steps: word(recipe.steps),
          keepsH: recipe.keepsH,
          costMinor: formatMoney(scaled.costMinor, plan.currency),
        })}
      </p>
    </section>
  );
}

function Deeds({
  plan,
  component,
  run,
  onSwap,
  onClose,
}: FoodPart & { onSwap: () => void; onClose: () => void }) {
  const there = plan.placements.some((placement) => placement.componentId === component.id);
  const pinned = plan.wishes.pinned.includes(component.id);
  const excluded = plan.wishes.excluded.includes(component.id);
  const thenClose = (command: Command): void => {
    run(command);
    onClose();
  };
  return (
    <div className="flex flex-wrap items-center gap-2.5 mt-3">
      <FirstDeed plan={plan} component={component} run={run} onSwap={onSwap} />
      <Button
        look="quiet"
        size="small"
        aria-pressed={pinned}
        onClick={() => run({ name: 'pin', componentId: component.id, on: !pinned })}
      >
        {pinned ? t('Let the pin go') : t('Pin it: always on the board')}
      </Button>
      <Button
        look="quiet"
        size="small"
        aria-pressed={plan.wishes.star === component.id}
        onClick={() =>
          run({ name: 'set-star', star: plan.wishes.star === component.id ? null : component.id })
        }
      >
        {plan.wishes.star === component.id ? t('No star any more') : t('Make it the star')}
      </Button>
      {there && (
        <Button
          look="quiet"
          size="small"
          onClick={() => thenClose({ name: 'leave-out', componentId: component.id })}
        >
          {t('Leave it out')}
        </Button>
      )}
      <Button
        look="quiet"
        size="small"
        onClick={() => thenClose({ name: 'exclude', componentId: component.id, on: !excluded })}
      >
        {excluded ? t('Allow it again') : t('Never here')}
      </Button>
    </div>
  );
}

/** What lies there is swapped, what does not is laid. */
function FirstDeed({ plan, component, run, onSwap }: FoodPart & { onSwap: () => void }) {
  const [first] = surfacesFor(plan, component);
  const there = plan.placements.some((placement) => placement.componentId === component.id);
  return there ? (
    <Button size="small" onClick={onSwap}>
      {t('Swap it')}
    </Button>
  ) : (
    first && (
      <Button
        size="small"
        onClick={() =>
          run({
            name: 'place',
            componentId: component.id,
            surfaceId: first.id,
            placements: gramsPlaced(plan, component, first.id, usualHereG(plan, component, first)),
          })
        }
      >
        {t('Lay it on {name}', { name: lower(first.name) })}
      </Button>
    )
  );
}

/** What it costs where the stylist buys. */
function YourPrice({ plan, component, run }: FoodPart) {
  const words = usePriceWords(plan.currency);
  const own = ownPriceOf(plan, component.id);
  return (
    <Collapsible title={own ? t('Your price: {price}', { price: words(own.packs[0]!) }) : t('Your price')}>
      <OwnPrice plan={plan} ware={component} run={run} />
    </Collapsible>
  );
}
