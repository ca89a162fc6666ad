import type { Component } from '../catalogue/index.js';

type Per100 = Component['per100g'];
type Told = Partial<Per100>;

/** The rows of a nutrition table as the languages of labels call them, in plain letters. */
const ROWS = {
  fat: 'total fat|fat|fett|matieres grasses|lipides|grassi|grasas?|vetten|vet|tluszcze?|lipidos|gorduras?',
  carb: 'total carbohydrates?|total carbs?|carbohydrates?|carbs|kohlenhydrate|glucides|carboidrati|hidratos de carbono|carbohidratos|koolhydraten|weglowodany|hidratos',
  fibre:
    'dietary fib(?:re|er)|fib(?:re|er)|ballaststoffe|fibres alimentaires|fibres|fibre alimentari|fibra alimentaria|fibra alimentar|fibra|voedingsvezels?|vezels?|blonnik',
  protein: 'proteins?|eiweiss|proteines|proteine|proteinas?|eiwitten|eiwit|bialko',
  salt: 'salt|salz|sel|sale|sal|zout|sol',
  sodium: 'sodium|natrium|sodio|sodu|sod',
  polyols: 'polyols|sugar alcohols?|mehrwertige alkohole|polioli|polioles|polyolen|poliole|polioi?s',
  erythritol: 'erythritol|erythrit|eritritolo|eritritol|erytrytol',
};

const number = (text: string) => Number(text.replace(',', '.'));

const grams = (folded: string, row: keyof typeof ROWS): number | undefined => {
  const match = new RegExp(
    `(?<![\\p{L}])(?:${ROWS[row]})(?![\\p{L}])[^\\d<\\n;,.]{0,24}<?\\s*(\\d+(?:[.,]\\d+)?)\\s*(m?)g\\b`,
    'u',
  ).exec(folded);
  return match ? number(match[1]!) / (match[2] ? 1000 : 1) : undefined;
};

const SALT_OF_SODIUM = 2.5; // public label law: salt = sodium × 2.5
/** Nothing has more than itself in 100 g: what a table says beyond is a misprint, and is not believed. */
const MOST_G = 100;
const MOST_KJ = 3800; // pure fat has 3,700

/** Does the text hold figures of nutrition, so that "fat 10 g" is a row and no ingredient? */
export const hasTable = (folded: string): boolean => /\d\s*k(?:j|cal)\b|\b100 ?(?:g|ml)\b/.test(folded);

/**
 * The figures of a nutrition table in 100 g, as far as the text says them. "Total carbohydrate" with "dietary fiber" is the
 * United States tradition, where fibre is inside; elsewhere the carbohydrate line leaves it out. A table that speaks of a
 * serving and not of 100 g is not used: nobody knows the serving's mass for sure.
 */
export function readNutrition(folded: string): Told {
  if (!/\b100\s*(?:g|ml)\b/.test(folded)) return {};
  const us = /\btotal carb|\bdietary fib/.test(folded);
  const carb = grams(folded, 'carb');
  const fibre = grams(folded, 'fibre');
  const sodium = grams(folded, 'sodium');
  const salt = grams(folded, 'salt') ?? (sodium === undefined ? undefined : sodium * SALT_OF_SODIUM);
  const kj = /(\d+(?:[.,]\d+)?)\s*kj\b/.exec(folded);
  const kcal = /(\d+(?:[.,]\d+)?)\s*k?cal\b/.exec(folded);
  const erythritol = grams(folded, 'erythritol');
  const energy = kj ? number(kj[1]!) : kcal ? Math.round(number(kcal[1]!) * 4.184) : undefined;
  const told: Record<keyof Per100, number | string | undefined> = {
    energyKj: energy,
    proteinG: grams(folded, 'protein'),
    fatG: grams(folded, 'fat'),
    carbTotalG: carb === undefined ? undefined : us ? carb : fibre === undefined ? undefined : carb + fibre,
    carbNetG: carb === undefined ? undefined : us ? (fibre === undefined ? undefined : carb - fibre) : carb,
    carbTradition: carb === undefined ? undefined : us ? 'us' : 'eu',
    fibreG: fibre,
    polyolsG: grams(folded, 'polyols') ?? erythritol,
    erythritolG: erythritol,
    saltG: salt,
  };
  return Object.fromEntries(
    Object.entries(told).filter(
      ([key, v]) =>
        v !== undefined &&
        (typeof v === 'string' || (v >= 0 && v <= (key === 'energyKj' ? MOST_KJ : MOST_G))),
    ),
  ) as Told;
}
