import { servingAreas } from '../board/index.js';
import { buyingOf, formName, FORMS, usualForm, type Component, type FormId } from '../catalogue/index.js';
import { guestsIn, portionsIn } from '../party/index.js';
import { planLarder, type Plan } from '../plan/index.js';
import { boughtFor, COUNTED, FAMILY_WORDS, type CountedFamily } from '../portion/index.js';
import { capital, speak, speakArg, type Speech } from '../words/index.js';

/** From so much on it is worth saying what stays in the packs (house default). */
const KEPT_G = 30;

/**
 * A spoonful in the jar is no news; what is made in the kitchen is made to measure, what is weighed is bought so, and what
 * keeps is stock.
 */
const worthSaying = (component: Component, leftG: number): number =>
  component.made === 'home-made' || leftG < KEPT_G || buyingOf(component).sold !== 'sealed' ? 0 : leftG;

/**
 * One food of the menu: grams in all on its surfaces, for one grown portion of those served there, and left in its packs
 * where that is worth saying. `forms` where it is not served as it usually is: grated for a small child, in cubes to pick.
 */
export interface MenuFood {
  component: Component;
  forms: readonly FormId[];
  massG: number;
  eachG: number;
  leftG: number;
  /** In each of single portions, where it comes in pieces. */
  pieces?: number;
}

/** What a surface, or the parts of a table that are alike, is served with: family by family, the most of each first. */
export interface MenuPart {
  surface: string;
  /** Parts of the table that are alike. */
  copies: number;
  /** They are single portions, each for one guest. */
  singles?: true;
  portions: number;
  families: { family: CountedFamily; eachG: number; foods: MenuFood[] }[];
}

/** The board as a stylist writes it down. Herbs and other garnish are no part of it. */
export function menuOf(plan: Plan): MenuPart[] {
  const larder = planLarder(plan);
  const left = new Map(
    boughtFor(plan.placements, larder, plan).map(({ id, choice }) => [id, choice?.leftOverG ?? 0]),
  );
  return servingAreas(plan).map(({ surface, surfaces, copies, groups }) => {
    const ids = new Set(surfaces.map(({ id }) => id));
    const portions = portionsIn(groups);
    const grams = new Map<Component, number>();
    for (const placement of plan.placements) {
      const component = larder.get(placement.componentId);
      if (component && ids.has(placement.surfaceId))
        grams.set(component, (grams.get(component) ?? 0) + placement.massG);
    }
    const formsOf = (component: Component): FormId[] => {
      const forms = new Set(
        plan.placements
          .filter(({ componentId, surfaceId }) => componentId === component.id && ids.has(surfaceId))
          .map(({ form }) => form),
      );
      return forms.size === 1 && forms.has(usualForm(component).form) ? [] : [...forms];
    };
    const { singles } = surface;
    const piecesOf = (component: Component): number | undefined => {
      const lies = plan.placements.filter(
        ({ componentId, surfaceId }) => componentId === component.id && ids.has(surfaceId),
      );
      const counted = lies.every(({ form }) => !FORMS[form].cutToMass);
      return counted ? Math.floor(lies.reduce((sum, { pieces }) => sum + pieces, 0) / copies) : undefined;
    };
    const each = (massG: number) => (portions > 0 ? massG / portions : 0);
    const families = COUNTED.flatMap((family) => {
      const foods = [...grams]
        .filter(([component]) => component.family === family)
        .map(([component, massG]) => ({
          component,
          forms: formsOf(component),
          massG,
          eachG: each(massG),
          leftG: worthSaying(component, left.get(component.id) ?? 0),
          ...(singles && piecesOf(component) ? { pieces: piecesOf(component)! } : {}),
        }))
        .sort((a, b) => b.massG - a.massG || a.component.id.localeCompare(b.component.id));
      const massG = foods.reduce((sum, food) => sum + food.massG, 0);
      return foods.length > 0 ? [{ family, eachG: each(massG), foods }] : [];
    });
    return { surface: surface.name, copies, ...(singles ? { singles: true } : {}), portions, families };
  });
}

/** The menu as text, to read, to send and to print. */
export function menuText(plan: Plan, speech: Speech): string {
  const mass = (g: number) => speakArg({ g: Math.round(g) }, speech);
  const parts = menuOf(plan).filter((part) => part.families.length > 0);
  const lines = parts.flatMap(({ surface, copies, singles, portions, families }) => [
    '',
    speak(
      {
        say: 'menu.part',
        with: {
          surface,
          singles: singles ? 'yes' : 'no',
          n: copies,
          more: copies - 1,
          portions: Math.round(portions * 10) / 10,
        },
      },
      speech,
    ),
    ...families.flatMap(({ family, eachG, foods }) => [
      `  ${capital(speakArg({ word: FAMILY_WORDS[family] }, speech))} (${mass(eachG)})`,
      ...foods.map(
        (food) =>
          `    ${speak(
            {
              say: 'menu.food',
              with: {
                food: food.component.name,
                cut: food.forms.length > 0 ? 'yes' : 'no',
                forms: { all: food.forms.map((form) => ({ word: formName(form) })) },
                mass: mass(food.massG),
                each: mass(food.eachG),
                pieces: food.pieces ?? 0,
                left: mass(food.leftG),
                kept: food.leftG > 0 ? 'yes' : 'no',
              },
            },
            speech,
          )}`,
      ),
    ]),
  ]);
  const head = { guests: guestsIn(plan.party), portions: Math.round(portionsIn(plan.party) * 10) / 10 };
  return `${[plan.occasion.name, speak({ say: 'menu.head', with: head }, speech), ...lines].join('\n')}\n`;
}
