import type { Component } from '../catalogue/index.js';

type Per100 = Component['per100g'];
type Told = Partial<Per100>;

const number = (text: string) => Number(text.replace(',', '.'));

const grams = (folded: string, words: string): number | undefined => {
  const m = new RegExp(`\\b(?:${words})\\b[^\\d<\\n;,.]{0,24}<?\\s*(\\d+(?:[.,]\\d+)?)\\s*(m?)g\\b`).exec(
    folded,
  );
  return m ? number(m[1]!) / (m[2] ? 1000 : 1) : undefined;
};

const SALT_OF_SODIUM = 2.5; // public label law: salt = sodium × 2.5

/**
 * The figures of a nutrition table in 100 g, as far as the text says them. "Total carbohydrate" with "dietary fiber" is the
 * United States tradition, where fibre is inside; elsewhere the carbohydrate line leaves it out. A table that speaks of a
 * serving and not of 100 g is not used: nobody knows the serving's mass for sure.
 */
export function readNutrition(folded: string): Told {
  if (!/\b(?:per|in|\/)\s*100\s*g\b|\b100\s*g\b/.test(folded)) return {};
  const us = /\btotal carb|\bdietary fib/.test(folded);
  const carb = grams(folded, 'total carbohydrates?|total carbs?|carbohydrates?|carbs');
  const fibre = grams(folded, 'dietary fib(?:re|er)|fib(?:re|er)');
  const sodium = grams(folded, 'sodium');
  const salt = grams(folded, 'salt') ?? (sodium === undefined ? undefined : sodium * SALT_OF_SODIUM);
  const kj = /(\d+(?:[.,]\d+)?)\s*kj\b/.exec(folded);
  const kcal = /(\d+(?:[.,]\d+)?)\s*k?cal\b/.exec(folded);
  const polyols = grams(folded, 'polyols|sugar alcohols?');
  const erythritol = grams(folded, 'erythritol');
  const energy = kj ? number(kj[1]!) : kcal ? Math.round(number(kcal[1]!) * 4.184) : undefined;
  const told: Record<keyof Per100, number | string | undefined> = {
    energyKj: energy,
    proteinG: grams(folded, 'proteins?'),
    fatG: grams(folded, 'total fat|fat'),
    carbTotalG: carb === undefined ? undefined : us ? carb : fibre === undefined ? undefined : carb + fibre,
    carbNetG: carb === undefined ? undefined : us ? (fibre === undefined ? undefined : carb - fibre) : carb,
    carbTradition: carb === undefined ? undefined : us ? 'us' : 'eu',
    fibreG: fibre,
    polyolsG: polyols ?? erythritol,
    erythritolG: erythritol,
    saltG: salt,
  };
  return Object.fromEntries(Object.entries(told).filter(([, v]) => v !== undefined)) as Told;
}
