import type { ConceptId } from './concepts.js';

/**
 * Numbers of food additives (E and INS are the same row) that may be of an animal, or that an allergen's rule names, by
 * what they are. Source: public lists of permitted additives and of their sources.
 */
const OF_ANIMALS: readonly (readonly [string, ConceptId])[] = [
  ['100', 'root'],
  ['120', 'insects'],
  ['162', 'root'],
  ['220-228', 'sulphites'],
  ['304 422 430-436 442 445 470-479 481-483 491-495 570-573 1517-1518', 'fatty-additive'],
  ['322', 'lecithin'],
  ['426', 'soy'],
  ['441', 'gelatine'],
  ['542', 'animal-fat'],
  ['626-635', 'nucleotides'],
  ['640 641 910 920 921 1000 1001 1101', 'cysteine'],
  ['901', 'beeswax'],
  ['904', 'insects'],
  ['913', 'lanolin'],
  ['966', 'milk-part'],
  ['1105', 'egg'],
];
/** From plants, minerals or fermentation alone. */
const HARMLESS =
  '101-119 121-161 163-180 182 200-219 230-252 260-263 270 280-285 290 296 297 300-303 306-321 325-327 330-343 350-357 363 365-368 370 380 381 385 387 392 400-421 423 425 427 440 443 444 446 450-469 480 484-490 496 499-541 543-569 574-586 620-625 636 637 650 900 902 903 905 907-909 912 914 915 922-930 938-965 967-969 999 1100 1102-1104 1200-1210 1400-1452 1503 1505 1519-1521';

function ranges(text: string): number[] {
  return text.split(' ').flatMap((part) => {
    const [from, to] = part.split('-').map(Number);
    return Array.from({ length: (to ?? from!) - from! + 1 }, (_, i) => from! + i);
  });
}
const TABLE = new Map<number, ConceptId | 'harmless'>([
  ...ranges(HARMLESS).map((range) => [range, 'harmless'] as const),
  ...OF_ANIMALS.flatMap(([text, id]) => ranges(text).map((range) => [range, id] as const)),
]);

/** What the number with its letters ("472e", "160a", "150iv") stands for; nothing when no list has it. */
export function additive(number: string): ConceptId | 'harmless' | undefined {
  const match = /^(\d{3,4})[a-i]?(?:i{1,3}|iv|v)?$/.exec(number);
  return match ? TABLE.get(Number(match[1])) : undefined;
}
