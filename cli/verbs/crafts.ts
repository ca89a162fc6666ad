import { CATALOGUE, type Component } from '../../core/catalogue/index.js';
import { densityOf, ICE_MM } from '../../core/plan/index.js';
import {
  bodyOf,
  cutsOf,
  filled,
  FOLD_IDS,
  folded,
  foldsWell,
  iceBowl,
  LETTER_SETS,
  mouldById,
  MOULDS,
  nestWord,
  SECTION_FOODS,
  sectionOf,
  stepsOfFold,
  wallToLast,
  windowIn,
  type CutId,
  type FoldAsked,
  type FoldId,
  type LetterSet,
} from '../../core/shape/index.js';
import { inEnglish } from '../../core/words/index.js';
import { BadInput, numberOf, seedOf, type Call } from '../call.js';
import { cuttersOf, lengthOf, sliceFrom } from './shape.js';

const [MOST_MM, MOST_G] = [5000, 100_000];

/** What `<verb> --help` says. */
export const CRAFT_HELP: Record<string, string> = {
  fold: `fold --kind <kind> --slice <mm: diameter, or length of a long slice> [--slices n | --length mm | --grams n] [--thickness 1.5] [--mouth 60] [--food id]: slices, grams, length and height on the board in mm, minutes; a rose is counted by its mouth. Kinds: ${FOLD_IDS.join(', ')}`,
  window:
    'window --wheel <diameter>x<height> --cutter <id:size | file.svg:size> [--lid mm] [--mass g]: whether the cutter leaves 10 mm of wall, the largest that does, jam in ml and g, minutes in the freezer (mm, g, minutes)',
  mould: `mould --id <mould> --food <id> --count n: fills, grams each and of the batch, whether the food suits, minutes by hand and waiting, risks. Moulds: ${MOULDS.map(({ id, cavities, ml }) => `${id} (${cavities} x ${ml} ml)`).join(', ')}; or mould --id ice --inner <mm> --wall <mm> [--temp 20] [--minutes 120]: a bowl of ice, its water and what melts of it in ml, minutes in the freezer, how long it stands at that temperature, the least wall that lasts`,
  word: `word TEXT --slice <slice> --food <id> [--set ${LETTER_SETS.join('|')}] [--height 25] [--gap 2] [--margin 2] [--room mm] [--seed 1]: its letters, the slices that they are nested on, spares of thin letters, its length on the board`,
  section: `section <food> --cut <cut> [--size mm]: pieces, grams and waste of one fruit. Foods and cuts: ${SECTION_FOODS.map((id) => `${id} (${cutsOf(id).join(', ')})`).join('; ')}`,
};

function foodOf(call: Call, option: string, id: string | undefined): Component {
  if (id === undefined) throw new BadInput(`${option}: name a food; the verb catalogue lists all`);
  const food = CATALOGUE.find((component) => component.id === id);
  if (!food) throw new BadInput(`${option}: there is no "${id}"; the verb catalogue lists all`);
  return food;
}

function needed(call: Call, key: string, least: number, most: number): number {
  const n = numberOf(call, key, least, most);
  if (n === undefined) throw new BadInput(`--${key} is needed: a number from ${least} to ${most}`);
  return n;
}

const tenths = (v: number): number => Math.round(v * 10) / 10;

export function fold(call: Call): void {
  const kind = call.options.kind?.[0] as FoldId | undefined;
  if (!kind || !FOLD_IDS.includes(kind))
    throw new BadInput(`--kind takes one of ${FOLD_IDS.join(', ')}`, { valid: FOLD_IDS });
  const id = call.options.food?.[0];
  const food = id === undefined ? undefined : foodOf(call, '--food', id);
  const [slices, lengthMm, grams] = [
    numberOf(call, 'slices', 0, 2000),
    numberOf(call, 'length', 1, MOST_MM),
    numberOf(call, 'grams', 0, MOST_G),
  ];
  const given = [slices, lengthMm, grams].filter((n) => n !== undefined);
  if (given.length > 1) throw new BadInput('give one of --slices, --length and --grams');
  const asked: FoldAsked =
    lengthMm !== undefined ? { lengthMm } : grams !== undefined ? { grams } : { slices: slices ?? 1 };
  const found = folded(
    kind,
    {
      lengthMm: needed(call, 'slice', 10, 500),
      thicknessMm: numberOf(call, 'thickness', 0.3, 20) ?? 1.5,
      gPerMl: food ? densityOf(food) : 1.05,
      mouthMm: numberOf(call, 'mouth', 20, 200) ?? 60,
    },
    asked,
  );
  call.print({
    slices: found.slices,
    grams: tenths(found.grams),
    lengthMm: tenths(found.lengthMm),
    heightMm: tenths(found.heightMm),
    minutes: tenths(found.minutes),
    count: found.count,
    steps: stepsOfFold(kind),
    ...(food ? { food: food.id, folds: foldsWell(food) } : {}),
  });
}

export function window(call: Call): void {
  const [diameter, height, ...rest] = (call.options.wheel?.[0] ?? '').split('x');
  if (!diameter || !height || rest.length > 0)
    throw new BadInput('--wheel takes <diameter>x<height> in mm, e.g. 110x30');
  const [named, ...others] = cuttersOf(call);
  if (others.length > 0) throw new BadInput('window takes one --cutter');
  const massG = numberOf(call, 'mass', 1, MOST_G);
  const wheel = {
    diameterMm: lengthOf(diameter, '--wheel'),
    heightMm: lengthOf(height, '--wheel'),
    ...(massG === undefined ? {} : { massG }),
  };
  const lid = numberOf(call, 'lid', 0.5, wheel.heightMm);
  const found = windowIn(wheel, named!.outline, named!.acrossMm, lid);
  call.print({ ...found, why: inEnglish(found.why) });
}

/** A bowl frozen between two others; at -18 °C and in air without sun or draught. */
function ice(call: Call): void {
  const asked = {
    innerMm: needed(call, 'inner', ICE_MM.inner[0], ICE_MM.inner[1]),
    wallMm: needed(call, 'wall', ICE_MM.wall[0], ICE_MM.wall[1]),
  };
  const airTempC = numberOf(call, 'temp', -30, 50) ?? 20;
  const minutes = numberOf(call, 'minutes', 1, 2880) ?? 120;
  const { waterMl, meltsMl, lastsMin, ...made } = iceBowl(asked, airTempC, minutes);
  call.print({
    ...made,
    waterMl: tenths(waterMl),
    meltsMl: tenths(meltsMl),
    lastsMin: lastsMin === Infinity ? null : Math.floor(lastsMin),
    wallToLastMm: wallToLast(asked.innerMm, airTempC, minutes) ?? null,
    risks: ['drinking-water', 'clock-runs-on', 'slips'],
  });
}

export function mould(call: Call): void {
  const id = call.options.id?.[0] ?? '';
  if (id === 'ice') return ice(call);
  const known = mouldById(id);
  if (!known)
    throw new BadInput(`--id: there is no mould "${id}"`, {
      valid: [...MOULDS.map((other) => other.id), 'ice'],
    });
  const food = foodOf(call, '--food', call.options.food?.[0]);
  const { handsMin, waitMin, suits, ...found } = filled(
    known,
    food,
    Math.round(needed(call, 'count', 1, 2000)),
  );
  call.print({
    ...found,
    gramsEach: tenths(found.gramsEach),
    batchG: tenths(found.batchG),
    suits,
    minutes: tenths(handsMin + waitMin),
    handsMin: tenths(handsMin),
    waitMin,
  });
}

export function word(call: Call): void {
  const text = call.words.join(' ');
  if (text.trim() === '' || text.length > 60) throw new BadInput('word takes a text of 1 to 60 letters');
  const set = (call.options.set?.[0] ?? 'bold') as LetterSet;
  if (!LETTER_SETS.includes(set))
    throw new BadInput(`--set takes ${LETTER_SETS.join(' or ')}`, { valid: LETTER_SETS });
  const food = foodOf(call, '--food', call.options.food?.[0]);
  const found = nestWord({
    text,
    set,
    heightMm: numberOf(call, 'height', 8, 300) ?? 25,
    slice: sliceFrom(call),
    food: food.id,
    gapMm: numberOf(call, 'gap', 0, 50) ?? 2,
    marginMm: numberOf(call, 'margin', 0, 50) ?? 2,
    seed: seedOf(call, { seed: 1 }),
  });
  const room = numberOf(call, 'room', 1, MOST_MM);
  call.print({
    letters: found.letters.map(({ letter, count, cut, neckMm, holds }) => ({
      letter,
      count,
      cut,
      neckMm: tenths(neckMm),
      holds,
    })),
    slices: found.slices.length,
    nested: found.nested,
    spares: found.spares,
    lengthMm: tenths(found.lengthMm),
    fits: found.fits && (room === undefined || found.lengthMm <= room),
    leastHeightMm: found.leastMm ?? null,
    why:
      room !== undefined && found.lengthMm > room
        ? `it is ${tenths(found.lengthMm)} mm long, and there are ${room} mm`
        : inEnglish(found.why),
    placements: found.slices.map((pieces) =>
      pieces.map(({ cutter, x, y, angle, outline }) => ({
        letter: found.letters[cutter]!.letter,
        x,
        y,
        angle,
        outline,
      })),
    ),
    ...(bodyOf(food.id) ? { body: bodyOf(food.id) } : {}),
  });
}

export function section(call: Call): void {
  const [id = ''] = call.words;
  if (!SECTION_FOODS.includes(id))
    throw new BadInput(`section: nothing is known of "${id}"`, { valid: SECTION_FOODS });
  const cut = call.options.cut?.[0] as CutId | undefined;
  const found = cut && sectionOf(id, cut, numberOf(call, 'size', 1, 100));
  if (!found) throw new BadInput(`--cut takes one of ${cutsOf(id).join(', ')}`, { valid: cutsOf(id) });
  call.print({ food: id, cut, ...found });
}
