import { useMemo, useState } from 'react';
import {
  EQUIPMENT,
  FAMILIES,
  homeMadeId,
  ownId,
  searchComponents,
  STAPLES,
  type Component,
  type Family,
  type HoldOut,
  type Larder,
} from '../../../core/catalogue/index.js';
import type { IngredientRead } from '../../../core/exchange/index.js';
import { houseText, keptOf, readHouse } from '../../../core/house/index.js';
import { formatMass, formatMoney } from '../../../core/measure/index.js';
import {
  foodOfRecipe,
  ownRecipeSchema,
  planLarder,
  type OwnRecipe,
  type Plan,
} from '../../../core/plan/index.js';
import { speak } from '../../../core/words/index.js';
import { FromHouse } from '../../house/FromHouse.js';
import { useSession } from '../../store/session.js';
import { useSettings } from '../../store/settings.js';
import { spoken, useSpeech } from '../../store/useSpeech.js';
import { Choice, Field, NumberInput, TextInput } from '../../ui/Fields.js';
import { Button } from '../../ui/kit/Button.js';
import { Checkbox } from '../../ui/kit/Checkbox.js';
import { Combobox } from '../../ui/kit/Combobox.js';
import { PaperDialog } from '../../ui/kit/Dialog.js';
import { PaperHeading } from '../../ui/kit/Heading.js';
import { FileButton, JSON_FILE } from '../../ui/kit/FileButton.js';
import { Input } from '../../ui/kit/Input.js';
import { Portrait } from '../../ui/Portrait.js';
import { saveFile } from '../../ui/save.js';
import { toast } from '../../ui/toast.js';
import { t, word } from '../../words/index.js';
import { ForWhom } from './food/ForWhom.js';
import { PasteParts } from './PasteParts.js';

const FIRST_G = 100;

const BLANK: OwnRecipe = {
  // its own once it has a name
  id: '',
  name: '',
  family: 'spread-dip',
  parts: [],
  outG: 0,
  handsMin: 10,
  waitMin: 0,
  keepsH: 48,
  // until its maker says better
  holdOut: 'perishable',
  steps: '',
};

const HOLD_WORDS: readonly (readonly [HoldOut, string])[] = [
  ['perishable', t('two hours out of the cold, in all')],
  ['sweats', t('an hour looking good')],
  ['stable', t('all evening')],
  ['unknown', t('nobody knows yet')],
];

const gramsIn = (recipe: OwnRecipe): number => recipe.parts.reduce((sum, part) => sum + part.massG, 0);

/** A new one takes its id from its name, and no other recipe's. */
function withId(plan: Plan, draft: OwnRecipe): OwnRecipe {
  if (draft.id !== '') return draft;
  const wanted = ownId(draft.name);
  let id = wanted;
  for (let n = 2; plan.recipes.some((recipe) => recipe.id === id); n++) id = `${wanted}-${n}`;
  return { ...draft, id };
}

/** What can go in: the larder without what is itself made by a recipe of this plan, and the kitchen's staples. */
const partsLarder = (plan: Plan): Larder =>
  new Map<Component['id'], Component>([
    ...planLarder({ ...plan, recipes: [] }),
    ...[...STAPLES.values()].map((staple) => [staple.id, staple] as const),
  ]);

/** Something that the stylist makes: what goes in on the left, what it gives and for whom on the right. */
export function RecipeDialog({
  plan,
  recipe,
  onClose,
}: {
  plan: Plan;
  recipe?: OwnRecipe | undefined;
  onClose: () => void;
}) {
  const [draft, setDraft] = useState<OwnRecipe>(recipe ?? BLANK);
  const larder = useMemo(() => partsLarder(plan), [plan]);
  const edit = useSession((session) => session.edit);
  const change = (patch: Partial<OwnRecipe>): void => setDraft((before) => ({ ...before, ...patch }));
  // what goes in comes out, until the stylist weighs it
  const whole = useMemo(() => ({ ...draft, outG: draft.outG > 0 ? draft.outG : gramsIn(draft) }), [draft]);
  const read = ownRecipeSchema.safeParse(withId(plan, whole));
  const made = useMemo(() => foodOf(whole, larder), [whole, larder]);
  const ready = read.success && typeof made === 'object';
  const keep = (): void => {
    if (!read.success) return;
    edit({ name: 'set-recipe', recipe: read.data });
    onClose();
  };
  return (
    <PaperDialog
      open
      onClose={onClose}
      full
      title={recipe?.id ? t('Your recipe: {name}', { name: recipe.name }) : t('A recipe of your own')}
      hint={t(
        'What it gives is as bad as the worst that goes in: a label that you ask about a part counts here too.',
      )}
    >
      <div className="grid grid-cols-[1.25fr_1fr] gap-x-8 max-md:grid-cols-1">
        <div>
          <Called draft={draft} change={change} />
          <PartsIn draft={draft} larder={larder} change={change} />
          <HowMade draft={draft} whole={whole} change={change} />
        </div>
        <Gives plan={plan} draft={whole} made={made} />
      </div>
      <div className="mt-3 flex flex-wrap items-center gap-2.5">
        <Button disabled={!ready} onClick={keep}>
          {recipe?.id ? t('Keep it') : t('Put it in the larder')}
        </Button>
        <FromHouse
          kind="recipes"
          words={t('Take from your house')}
          value={ready ? read.data : undefined}
          onTake={(kept) => setDraft(kept)}
        />
        <AsFile recipe={ready ? read.data : undefined} onTake={setDraft} />
      </div>
    </PaperDialog>
  );
}

/** One recipe as a file, in and out: the same file that the page of the house reads. */
function AsFile({ recipe, onTake }: { recipe: OwnRecipe | undefined; onTake: (recipe: OwnRecipe) => void }) {
  const take = async (file: File): Promise<void> => {
    const { kept, problems } = readHouse(await file.text());
    const found = kept.find((one) => one.kind === 'recipes')?.value as OwnRecipe | undefined;
    if (found) onTake(found);
    else
      toast.error(
        problems[0] ? `${problems[0].path} ${spoken(problems[0].reason)}` : t('No recipe is in that file.'),
      );
  };
  return (
    <>
      <FileButton
        words={t('Read a file')}
        label={t('A recipe as a file')}
        accept={JSON_FILE}
        onFile={(file) => void take(file)}
      />
      {recipe && (
        <Button
          look="quiet"
          onClick={() => saveFile(`${recipe.id}.json`, houseText([keptOf('recipes', recipe)]))}
        >
          {t('Save as a file')}
        </Button>
      )}
    </>
  );
}

const optionOf = ({ id, name }: Component) => ({ value: id, words: name });

type Change = (patch: Partial<OwnRecipe>) => void;

function Called({ draft, change }: { draft: OwnRecipe; change: Change }) {
  return (
    <div className="grid grid-cols-[2fr_1fr] gap-x-4">
      <TextInput label={t('Name')} value={draft.name} max={60} onChange={(name) => change({ name })} />
      <Choice<Family>
        label={t('Family')}
        value={draft.family}
        onPick={(family) => change({ family })}
        options={FAMILIES.map((family) => [family, word(family.replace('-', ' '))] as const)}
      />
    </div>
  );
}

/** Each part with its grams; a few letters add another. */
function PartsIn({ draft, larder, change }: { draft: OwnRecipe; larder: Larder; change: Change }) {
  const weigh = (id: string, massG: number): void =>
    change({ parts: draft.parts.map((part) => (part.componentId === id ? { ...part, massG } : part)) });
  const left = [...larder.values()].filter(
    (component) => !draft.parts.some((part) => part.componentId === component.id),
  );
  return (
    <section>
      <PaperHeading>{t('What goes in')}</PaperHeading>
      <ul className="m-0 list-none p-0">
        {draft.parts.map(({ componentId, massG }) => {
          const name = larder.get(componentId)?.name ?? componentId;
          return (
            <li key={componentId} className="flex items-center gap-2.5 py-0.5">
              <span className="min-w-0 flex-1">{name}</span>
              <Input
                className="w-24"
                type="number"
                aria-label={t('Grams of {name}', { name })}
                min={1}
                max={20_000}
                value={massG || ''}
                onChange={(event) => weigh(componentId, Number(event.target.value))}
              />
              <span>g</span>
              <Button
                look="link"
                aria-label={t('Leave out {name}', { name })}
                onClick={() =>
                  change({ parts: draft.parts.filter((part) => part.componentId !== componentId) })
                }
              >
                {t('Leave out')}
              </Button>
            </li>
          );
        })}
      </ul>
      <Combobox
        label={t('Another part')}
        value={undefined}
        placeholder={t('Another part: type a few letters')}
        options={left.map(optionOf)}
        find={(typed) => searchComponents(left, typed).map(optionOf)}
        onPick={(componentId) => change({ parts: [...draft.parts, { componentId, massG: FIRST_G }] })}
      />
      <PasteParts larder={larder} onTake={(more) => change({ parts: withMore(draft.parts, more) })} />
    </section>
  );
}

/** What goes in twice goes in together. */
function withMore(parts: OwnRecipe['parts'], more: readonly IngredientRead[]): OwnRecipe['parts'] {
  const out = parts.map((part) => ({ ...part }));
  for (const { component, massG } of more) {
    const there = out.find(({ componentId }) => componentId === component.id);
    if (there) there.massG += massG;
    else out.push({ componentId: component.id, massG });
  }
  return out;
}

function HowMade({ draft, whole, change }: { draft: OwnRecipe; whole: OwnRecipe; change: Change }) {
  return (
    <section className="mt-2">
      <div className="flex flex-wrap gap-x-4">
        <NumberInput
          label={t('It gives, grams')}
          value={Math.round(whole.outG)}
          min={1}
          max={50_000}
          width={116}
          onChange={(outG) => change({ outG })}
        />
        <NumberInput
          label={t('Minutes by hand')}
          value={draft.handsMin}
          min={0}
          max={2880}
          width={126}
          onChange={(handsMin) => change({ handsMin: Math.round(handsMin) })}
        />
        <NumberInput
          label={t('Minutes by itself')}
          value={draft.waitMin}
          min={0}
          max={2880}
          width={126}
          onChange={(waitMin) => change({ waitMin: Math.round(waitMin) })}
        />
        <NumberInput
          label={t('Hours it keeps')}
          value={draft.keepsH}
          min={1}
          max={2000}
          width={116}
          onChange={(keepsH) => change({ keepsH: Math.max(1, Math.round(keepsH)) })}
        />
      </div>
      <Choice<HoldOut>
        label={t('Once it is served it stands')}
        value={draft.holdOut}
        onPick={(holdOut) => change({ holdOut })}
        options={HOLD_WORDS}
      />
      <UsedWhile draft={draft} change={change} />
      <Field label={t('How it is made')}>
        <Input
          value={draft.steps}
          maxLength={1000}
          onChange={(event) => change({ steps: event.target.value })}
        />
      </Field>
      <p className="m-0 text-xs/[1.24] italic text-soft">
        {t(
          'Raw garlic or herbs under oil, raw egg and cooked rice or beans can make ill: keep them cold, and ask your local rules.',
        )}
      </p>
    </section>
  );
}

/** What of the kitchen is taken while it does itself: the day keeps it free. */
function UsedWhile({ draft, change }: { draft: OwnRecipe; change: Change }) {
  const speech = useSpeech();
  const uses = draft.uses ?? [];
  return (
    <fieldset className="m-0 flex flex-wrap gap-x-4 border-0 p-0">
      <legend className="p-0 font-bold">{t('It wants, while it does itself')}</legend>
      {EQUIPMENT.map((kind) => (
        <Checkbox
          key={kind}
          label={speak({ say: `equipment.${kind}` }, speech)}
          on={uses.includes(kind)}
          onChange={(on) => change({ uses: on ? [...uses, kind] : uses.filter((used) => used !== kind) })}
          className="flex min-h-12 items-center"
        />
      ))}
    </fieldset>
  );
}

/** The food as the larder would know it, or why there is none yet. */
function foodOf(draft: OwnRecipe, larder: Larder): Component | string {
  if (draft.parts.length === 0) return t('Nothing yet: put in the first part.');
  if (draft.parts.some((part) => !larder.has(part.componentId)))
    return t('A part is not in this larder: leave it out, or put it in first.');
  if (draft.parts.some((part) => !(part.massG > 0))) return t('Say how much of each part goes in.');
  return (
    foodOfRecipe({ ...draft, id: draft.id || 'own-it', name: draft.name.trim() || t('It') }, larder) ??
    t('So little cannot be left of it: weigh what it gives once more.')
  );
}

/** Its portrait, its price, for whom it is. */
function Gives({ plan, draft, made }: { plan: Plan; draft: OwnRecipe; made: Component | string }) {
  const units = useSettings((settings) => settings.units);
  return (
    <section aria-label={t('What it gives')}>
      <PaperHeading>{t('What it gives')}</PaperHeading>
      {typeof made === 'string' ? (
        <p role="status">{made}</p>
      ) : (
        <>
          <div className="flex items-center gap-4">
            <Portrait food={made} width="120" height="120" />
            <p className="m-0">
              {t('{mass} for {price}, {kj} kJ in 100 g', {
                mass: formatMass(draft.outG, units),
                price: formatMoney(made.packs[0]!.priceMinor, plan.currency),
                kj: made.per100g.energyKj === null ? '?' : String(made.per100g.energyKj),
              })}
            </p>
          </div>
          <ForWhom plan={plan} component={made} />
        </>
      )}
    </section>
  );
}

/** The recipe of this plan behind a food, if the stylist wrote it. */
export const ownRecipeOf = (plan: Plan, component: Component): OwnRecipe | undefined =>
  plan.recipes.find((recipe) => homeMadeId(recipe) === component.id);
