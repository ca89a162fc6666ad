import { useState } from 'react';
import { boughtInstead, buyInstead, cautionsOf, shopFor } from '../../../core/make/index.js';
import { homeMadeId, measured, STAPLES, type ComponentId } from '../../../core/catalogue/index.js';
import { formatMass, formatMoney, shortName } from '../../../core/measure/index.js';
import { planLarder, type OwnRecipe, type Plan } from '../../../core/plan/index.js';
import { choosePacks, makingsOf, nameOf, type PlanMaking } from '../../../core/portion/index.js';
import { capital, speak } from '../../../core/words/index.js';
import { useRemedy } from '../../rail/useRemedy.js';
import { useSettings } from '../../store/settings.js';
import { useSpeech } from '../../store/useSpeech.js';
import { Button } from '../../ui/kit/Button.js';
import { Portrait } from '../../ui/Portrait.js';
import { t } from '../../words/index.js';
import { RecipeDialog } from '../choose/RecipeDialog.js';

/** The recipe that is written or changed: one of the plan, a copy of one of the house, or a new one. */
type Writing = { recipe: OwnRecipe | undefined };

/** What is made at home, scaled to what is laid: what goes in, how, how long it keeps, what it costs. */
export function RecipePaper({ plan }: { plan: Plan }) {
  const makings = makingsOf(plan);
  const [writing, setWriting] = useState<Writing>();
  return (
    <section
      aria-label={t('Recipes')}
      className="on-paper edge-sheet absolute inset-x-[4%] top-3 bottom-12 overflow-y-auto bg-card px-6 py-4 max-xl:pt-14 max-md:static max-md:mx-2"
      tabIndex={0}
    >
      <div className="mb-2 flex flex-wrap items-center justify-between gap-2">
        <h2 className="m-0 text-xl/none font-black">{t('Made at home')}</h2>
        <Button look="quiet" size="small" onClick={() => setWriting({ recipe: undefined })}>
          {t('A recipe of your own')}
        </Button>
      </div>
      {makings.length === 0 && <p>{t('Nothing on the board is made at home.')}</p>}
      <div className="gap-8 lg:columns-2">
        {makings.map(({ id, massG, making }) => (
          <Recipe
            key={id}
            plan={plan}
            id={id}
            massG={massG}
            making={making}
            onWrite={(recipe) => setWriting({ recipe })}
          />
        ))}
      </div>
      <p className="text-xs text-soft">{t('Label each with the day it was made.')}</p>
      {writing && <RecipeDialog plan={plan} recipe={writing.recipe} onClose={() => setWriting(undefined)} />}
    </section>
  );
}

interface RecipeProps {
  plan: Plan;
  id: ComponentId;
  massG: number;
  making: PlanMaking;
  onWrite: (recipe: OwnRecipe) => void;
}

function Recipe({ plan, id, massG, making, onWrite }: RecipeProps) {
  const units = useSettings((settings) => settings.units);
  const speech = useSpeech();
  const component = planLarder(plan).get(id);
  return (
    <article className="mb-4 break-inside-avoid-column text-sm/[1.25]">
      <h3 className="m-0 flex items-center gap-2 border-b border-ink/50 font-display text-lg/[1.15] font-extrabold">
        {component && <Portrait food={component} className="size-9" />}
        {t('{name}, {mass}', { name: shortName(nameOf(plan, id)), mass: formatMass(massG, units) })}
      </h3>
      <ul className="my-1 list-none p-0">
        {making.parts.map(([part, grams]) => (
          <Part key={part} plan={plan} id={part} grams={(grams * massG) / making.outG} />
        ))}
      </ul>
      <p className="my-1">{making.steps}</p>
      {cautionsOf(making, component?.family).map((caution) => (
        <p key={caution} className="my-1 bg-question px-1.5 py-0.5">
          {speak({ say: `caution.${caution}` }, speech)}
        </p>
      ))}
      <p className="m-0 text-soft">
        {t('{hands} min by hand{wait}, keeps {hours} h', {
          hands: making.handsMin,
          wait: making.waitMin > 0 ? t(', {n} min by itself', { n: making.waitMin }) : '',
          hours: making.keepsH,
        })}
        {' · '}
        <span className="whitespace-nowrap">
          {t('{money} of packs', { money: formatMoney(Math.round(partOfPacks(plan, id)), plan.currency) })}
        </span>
      </p>
      <RecipeDeeds plan={plan} id={id} making={making} onWrite={onWrite} />
    </article>
  );
}

/** No kitchen scale shows less. */
const LEAST_WEIGHED_G = 1;

/** Grams; in a kitchen of cups and ounces by the cup too, where its weight is known. */
function Part({ plan, id, grams }: { plan: Plan; id: string; grams: number }) {
  const units = useSettings((settings) => settings.units);
  const speech = useSpeech();
  const cups = units === 'imperial' ? measured(id, grams) : undefined;
  return (
    <li className="flex justify-between gap-2">
      <span>{capital(nameOf(plan, id))}</span>
      <b className="text-right tabular-nums">
        {cups && grams >= LEAST_WEIGHED_G && (
          <span>
            {speak(
              { say: `measure.${cups.measure}`, with: { n: cups.amount, amount: mixed(cups.amount) } },
              speech,
            )}
            {' · '}
          </span>
        )}
        {grams < LEAST_WEIGHED_G ? t('a pinch') : formatMass(grams, units)}
      </b>
    </li>
  );
}

const QUARTERS: Readonly<Record<number, string>> = { 0.25: '¼', 0.5: '½', 0.75: '¾' };

/** 1.5 as a kitchen writes it. */
function mixed(amount: number): string {
  const whole = Math.floor(amount);
  const part = QUARTERS[Math.round((amount - whole) * 4) / 4] ?? '';
  return [whole > 0 || part === '' ? String(whole) : '', part].filter(Boolean).join(' ');
}

/** Of each ingredient the share that goes into it; a pack that is opened is paid by all that it goes into. */
const partOfPacks = (plan: Plan, id: ComponentId): number =>
  shopFor([plan]).lines.reduce((sum, line) => {
    const grams = (mine: boolean): number =>
      line.goesInto.reduce((sum, into) => sum + (!mine || into.componentId === id ? into.massG : 0), 0);
    return sum + (line.costMinor * grams(true)) / Math.max(1e-9, grams(false));
  }, 0);

/** Bought instead, what that costs and saves; written down as one's own, to be changed. */
function RecipeDeeds({ plan, id, making, onWrite }: Omit<RecipeProps, 'massG'>) {
  const run = useRemedy();
  const bought = boughtInstead(plan, id);
  const own = plan.recipes.find((recipe) => homeMadeId(recipe) === id);
  const draft = own ?? asOwn(plan, id, making);
  const massG = plan.placements.reduce(
    (sum, placement) => sum + (placement.componentId === id ? placement.massG : 0),
    0,
  );
  return (
    <div className="mt-1 flex flex-wrap gap-1.5">
      {bought && (
        <Button look="quiet" size="small" onClick={() => run(buyInstead(plan, [[id, bought]]))}>
          {t('Buy {name}: {money}, {n} min less by hand', {
            name: shortName(bought.name).toLowerCase(),
            money: formatMoney(choosePacks(bought, massG).priceMinor, plan.currency),
            n: making.handsMin,
          })}
        </Button>
      )}
      {draft && (
        <Button look="quiet" size="small" onClick={() => onWrite(draft)}>
          {own ? t('Change it') : t('Make it your own')}
        </Button>
      )}
    </div>
  );
}

const MOST_NAME = 60;

/** A recipe of the house as a draft of one's own; undefined where a part has no facts of its own (a whole chicken, an egg). */
function asOwn(plan: Plan, id: ComponentId, making: PlanMaking): OwnRecipe | undefined {
  const larder = planLarder({ ...plan, recipes: [] });
  const food = larder.get(id);
  const known = making.parts.every(([part]) => larder.has(part as ComponentId) || STAPLES.has(part));
  if (!food || !known) return undefined;
  return {
    id: '',
    name: `${shortName(food.name)}, my way`.slice(0, MOST_NAME),
    family: food.family,
    parts: making.parts.map(([part, massG]) => ({ componentId: part as ComponentId, massG })),
    outG: making.outG,
    handsMin: making.handsMin,
    waitMin: making.waitMin,
    keepsH: making.keepsH,
    holdOut: food.holdOut,
    steps: making.steps,
    ...(making.uses.length > 0 ? { uses: [...making.uses] } : {}),
  };
}
