import {
  CUP_ML,
  gramsOfMl,
  gramsOfOne,
  searchComponents,
  TABLESPOON_ML,
  TEASPOON_ML,
  type Component,
  type Larder,
} from '../catalogue/index.js';
import { decimalOf, GRAMS_PER_OUNCE } from '../measure/index.js';
import type { Said } from '../words/index.js';
import type { RowProblem } from './csv.js';

const OUNCES_PER_POUND = 16;
const CL_ML = 10;
const LITRE_ML = 1000;

/** Grams, or millilitres, of one of each unit, by the words for it. */
const UNITS: readonly { words: string; of: 'g' | 'ml'; each: number }[] = [
  { words: 'g gram grams', of: 'g', each: 1 },
  { words: 'kg kilo kilos kilogram kilograms', of: 'g', each: 1000 },
  { words: 'oz ounce ounces', of: 'g', each: GRAMS_PER_OUNCE },
  { words: 'lb lbs pound pounds', of: 'g', each: GRAMS_PER_OUNCE * OUNCES_PER_POUND },
  { words: 'ml millilitre millilitres milliliter milliliters', of: 'ml', each: 1 },
  { words: 'cl', of: 'ml', each: CL_ML },
  { words: 'l litre litres liter liters', of: 'ml', each: LITRE_ML },
  { words: 'cup cups', of: 'ml', each: CUP_ML },
  { words: 'tbsp tbs tablespoon tablespoons', of: 'ml', each: TABLESPOON_ML },
  { words: 'tsp teaspoon teaspoons', of: 'ml', each: TEASPOON_ML },
];
const UNIT = new Map(UNITS.flatMap((unit) => unit.words.split(' ').map((word) => [word, unit] as const)));

const FRACTIONS: Readonly<Record<string, number>> = {
  '¼': 1 / 4,
  '½': 1 / 2,
  '¾': 3 / 4,
  '⅓': 1 / 3,
  '⅔': 2 / 3,
  '⅛': 1 / 8,
};
const MARKS = Object.keys(FRACTIONS).join('');
const AMOUNT = new RegExp(
  `^(?:(\\d+)\\s+(\\d+)/(\\d+)|(\\d+)/(\\d+)|(\\d+(?:[.,]\\d+)?)?\\s*([${MARKS}])?)\\s*(.*)$`,
);

/** One part as it was understood: the words of the line beside the food, so that a person can say whether it is meant. */
export interface IngredientRead {
  text: string;
  component: Component;
  massG: number;
}

export interface IngredientsRead {
  parts: IngredientRead[];
  problems: RowProblem[];
}

/** The amount at the head of a line, and the rest; undefined where there is none, or a range. */
function amountOf(line: string): { amount: number; rest: string } | undefined {
  const found = AMOUNT.exec(line);
  if (!found) return undefined;
  const [, whole, over, under, top, bottom, plain, mark, rest = ''] = found;
  if (/^[-–]/.test(rest)) return undefined;
  if (over && under) return positive(Number(whole) + Number(over) / Number(under), rest);
  if (top && bottom) return positive(Number(top) / Number(bottom), rest);
  return positive((plain ? decimalOf(plain) : 0) + (mark ? FRACTIONS[mark]! : 0), rest);
}

const positive = (amount: number, rest: string): { amount: number; rest: string } | undefined =>
  Number.isFinite(amount) && amount > 0 ? { amount, rest } : undefined;

/** What is done to it, and what stands in brackets, says nothing of what it is. */
const bare = (name: string): string =>
  name
    .replace(/\([^)]*\)/g, ' ')
    .replace(/,.*$/, '')
    .replace(/^\s*of\s+/i, '')
    .trim();

const MOST_G = 20_000;
const MOST_LINES = 60;

/**
 * Ingredient lines as text, "200 g feta", "1 ½ cups flour", "2 eggs": foods with grams. What has no amount, no food of
 * this larder, or a measure whose weight nobody knows is named with its line; the others are taken.
 */
export function readIngredients(text: string, larder: Larder): IngredientsRead {
  const parts: IngredientRead[] = [];
  const problems: RowProblem[] = [];
  text
    .split(/\r?\n/)
    .slice(0, MOST_LINES)
    .forEach((line, i) => {
      const words = line.replace(/^[\s•*–-]+/, '').trim();
      if (words === '') return;
      const read = readLine(words, larder);
      if ('say' in read) problems.push({ row: i + 1, column: words, reason: read });
      else parts.push(read);
    });
  return { parts, problems };
}

function readLine(text: string, larder: Larder): IngredientRead | Said {
  const found = amountOf(text);
  if (!found) return { say: 'no.ingredient-amount', with: {} };
  const [first = '', ...others] = found.rest.split(/\s+/);
  const unit = UNIT.get(first.toLowerCase().replace(/\.$/, ''));
  const name = bare(unit ? others.join(' ') : found.rest);
  const component = name === '' ? undefined : searchComponents(larder.values(), name)[0];
  if (!component) return { say: 'no.ingredient-food', with: { name: name || text } };
  const each = unit?.of === 'g' ? 1 : unit ? gramsOfMl(component.id) : gramsOfOne(component.id);
  if (each === undefined) return { say: 'no.ingredient-weight', with: { name: component.name } };
  const massG = Math.round(found.amount * (unit?.each ?? 1) * each * 10) / 10;
  return massG > 0 && massG <= MOST_G
    ? { text, component, massG }
    : { say: 'no.ingredient-amount', with: {} };
}
