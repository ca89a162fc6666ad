import { useMemo } from 'react';
import { homeMadeId, type Component, type ComponentId } from '../../../core/catalogue/index.js';
import { layWord, surfaceOfFood } from '../../../core/board/index.js';
import { surfaceSize } from '../../../core/picture/index.js';
import { placed } from '../../../core/geometry/index.js';
import { formatFineLength } from '../../../core/measure/index.js';
import { flatG, planLarder, type Plan } from '../../../core/plan/index.js';
import {
  benchFoods,
  bodyOf,
  boundsOf,
  heightOf,
  LETTER_SETS,
  nestWord,
  sideBySide,
  sliceFrom,
  svgOf,
  sliceAreaMm2,
  usualSliceOf,
  widthOf,
  wordOutlines,
  type LetterSet,
  type NestedWord,
  type Slice,
} from '../../../core/shape/index.js';
import { speak } from '../../../core/words/index.js';
import { useSettings } from '../../store/settings.js';
import { useSpeech } from '../../store/useSpeech.js';
import { Button } from '../../ui/kit/Button.js';
import { Choice, Field } from '../../ui/Fields.js';
import { Input } from '../../ui/kit/Input.js';
import { OpenWord } from '../../ui/kit/Popover.js';
import { saveFile } from '../../ui/save.js';
import { t } from '../../words/index.js';
import type { StationView } from '../station.js';
import { BenchFrame, CareTag, Result } from './BenchFrame.js';
import { FoodWord, LengthWord } from './CraftWords.js';
import { pathOf } from './drawn.js';
import { useAsked } from './useCraft.js';
import { useLayIn } from './useLayIn.js';

interface Asked {
  text: string;
  set: LetterSet;
  heightMm: number;
  food: ComponentId;
}

const SET_WORDS: Record<LetterSet, string> = { bold: t('strong letters'), slim: t('slim letters') };
const MOST_LETTERS = 24;

/** The first letters of the occasion's words. */
const initials = (name: string): string =>
  name
    .split(/\s+/)
    .map((part) => part[0] ?? '')
    .join('')
    .replace(/[^\p{L}\p{N}&]/gu, '')
    .slice(0, 4)
    .toUpperCase() || 'A';

/** What is asked of a word, and its letters nested. */
function useWord(plan: Plan) {
  const larder = useMemo(() => planLarder(plan), [plan]);
  const foods = useMemo(() => [...larder.values()].filter((food) => bodyOf(food.id)), [larder]);
  const [asked, ask] = useAsked<Asked>(plan, 'word', {
    text: initials(plan.occasion.name),
    set: 'bold',
    heightMm: 28,
    food: benchFoods(plan, larder)[0]?.id ?? ('young-gouda' as ComponentId),
  });
  const food = larder.get(asked.food)!;
  const slice = useMemo(() => sliceFrom(usualSliceOf(asked.food).slice), [asked.food]);
  const { text, set, heightMm } = asked;
  const found = useMemo(
    () => nestWord({ text, set, heightMm, food: food.id, slice, gapMm: 2, marginMm: 2, seed: plan.seed }),
    [text, set, heightMm, food.id, slice, plan.seed],
  );
  return { asked, ask, foods, food, slice, found };
}

/** A word or initials in a letter set: nested on real slices, with spares, and whether each letter holds. */
export function WordCraft({ plan, checked }: StationView) {
  const units = useSettings((settings) => settings.units);
  const speech = useSpeech();
  const { asked, ask, foods, food, slice, found } = useWord(plan);
  const why = speak(found.why, speech);
  return (
    <BenchFrame
      plan={plan}
      checked={checked}
      label={t('The letters on their slices')}
      shelf={<WordShelf asked={asked} ask={ask} food={food} foods={foods} found={found} />}
      foot={<WordFoot found={found} />}
      plate={
        <>
          <Laid asked={asked} found={found} colours={food.colours} />
          <Slices found={found} slice={slice} colours={food.colours} />
        </>
      }
    >
      <Result
        large={
          found.nested
            ? t('{n, plural, one {# slice} other {# slices}}', { n: found.slices.length })
            : t('It does not go')
        }
      >
        <p className="m-0 text-base/[1.3]">{why && `${why[0]!.toUpperCase()}${why.slice(1)}.`}</p>
        {!found.fits &&
          found.leastMm !== undefined &&
          found.leastMm <= 120 &&
          found.leastMm > asked.heightMm && (
            <Button onClick={() => ask({ heightMm: found.leastMm! })}>
              {t('Take them {height} high', { height: formatFineLength(found.leastMm, units) })}
            </Button>
          )}
        <LayWord plan={plan} asked={asked} found={found} food={food} />
      </Result>
      <CareTag
        title={t('Lay it so')}
        lines={[
          t('A strip of meat or dark fruit beneath shows pale letters.'),
          t('One spare of each thin letter is counted in.'),
          t('Chill the slices; ease each letter out with a stick.'),
        ]}
      />
    </BenchFrame>
  );
}

interface Asking {
  asked: Asked;
  ask: (by: Partial<Asked>) => void;
}

function WordShelf({
  asked,
  ask,
  food,
  foods,
  found,
}: Asking & { food: Component; foods: readonly Component[]; found: NestedWord }) {
  const units = useSettings((settings) => settings.units);
  return (
    <>
      <Field label={t('Word or initials')}>
        <Input
          value={asked.text}
          maxLength={MOST_LETTERS}
          onChange={(event) => ask({ text: event.target.value })}
        />
      </Field>
      <p className="mt-1 font-display text-lg/[1.32] font-semibold">
        {t('in')}{' '}
        <OpenWord word={SET_WORDS[asked.set]} label={t('Letter set')}>
          <Choice
            label={t('Letter set')}
            value={asked.set}
            options={LETTER_SETS.map((id) => [id, SET_WORDS[id]] as const)}
            onPick={(set) => ask({ set })}
          />
        </OpenWord>{' '}
        {t('of')}{' '}
        <LengthWord
          label={t('Height')}
          mm={asked.heightMm}
          min={10}
          max={120}
          words={t('{height} high', { height: formatFineLength(asked.heightMm, units) })}
          onKeep={(heightMm) => ask({ heightMm })}
        />{' '}
        {t('from')}{' '}
        <FoodWord label={t('Food')} food={food} foods={foods} onPick={(id) => ask({ food: id })} />.
      </p>
      <Button
        look="quiet"
        size="small"
        disabled={found.letters.length === 0}
        onClick={() => saveLetters(found)}
      >
        {t('Save the letters, true size')}
      </Button>
    </>
  );
}

function saveLetters({ letters }: NestedWord): void {
  const outlines = letters.map(({ outline }) => outline);
  saveFile('letters.svg', svgOf(sideBySide(outlines, 6)), 'image/svg+xml');
}

function WordFoot({ found }: { found: NestedWord }) {
  const units = useSettings((settings) => settings.units);
  return (
    <>
      <span>
        <b>{found.letters.reduce((sum, { cut }) => sum + cut, 0)}</b> {t('letters to cut')}
      </span>
      <span>
        <b>{found.spares}</b> {t('spare')}
      </span>
      <span>
        <b>{formatFineLength(Math.round(found.lengthMm), units)}</b> {t('long on the board')}
      </span>
    </>
  );
}

/** Of a board's length, what a word may take (house default). */
const MOST_OF_BOARD = 0.8;

/** Onto the board as one thing, level; told where the board is too short for it. */
function LayWord({
  plan,
  asked,
  found,
  food,
}: {
  plan: Plan;
  asked: Asked;
  found: NestedWord;
  food: Component;
}) {
  const units = useSettings((settings) => settings.units);
  const { layIn, busy } = useLayIn(plan);
  const surface = plan.surfaces.find(({ id }) => id === surfaceOfFood(plan, food.id));
  if (!surface || !found.nested) return null;
  const room = (surfaceSize(surface)[0] - 2 * surface.rimMm) * MOST_OF_BOARD;
  const { slice, thicknessMm } = usualSliceOf(food.id);
  const { outlines } = wordOutlines(asked);
  const isLaid = plan.recipes.some(
    ({ id, name }) =>
      name.startsWith(`${asked.text.trim()} in`) &&
      plan.placements.some(({ componentId }) => componentId === homeMadeId({ id })),
  );
  if (isLaid)
    return <p className="m-0 mt-2 font-bold">{t('It lies on {surface}.', { surface: surface.name })}</p>;
  if (found.lengthMm > room)
    return (
      <p className="m-0 text-sm">
        {t('{surface} has room for {room}: take lower letters or fewer.', {
          surface: surface.name,
          room: formatFineLength(Math.floor(room), units),
        })}
      </p>
    );
  return (
    <p className="m-0 mt-2">
      <Button
        disabled={busy || !found.fits}
        onClick={() =>
          layIn(
            layWord({
              text: asked.text,
              food,
              found,
              outlines,
              heightMm: asked.heightMm,
              thicknessMm,
              sliceG: flatG(food, sliceAreaMm2(sliceFrom(slice)), thicknessMm),
              surfaceId: surface.id,
            }),
            surface.id,
          )
        }
      >
        {t('Lay it on {surface}', { surface: surface.name })}
      </Button>
    </p>
  );
}

type Colours = readonly [string, string, string];
const [WORD_W, WORD_Y] = [420, -190];

/** The word as it will stand. */
function Laid({
  asked,
  found,
  colours: [main, second, third],
}: {
  asked: Asked;
  found: NestedWord;
  colours: Colours;
}) {
  const k = Math.min(2.6, WORD_W / Math.max(1, found.lengthMm));
  const { outlines } = useMemo(() => wordOutlines(asked), [asked]);
  return (
    <g transform={`translate(0 ${WORD_Y}) scale(${k})`}>
      {outlines.map((outline, i) => (
        <g key={i}>
          <path d={pathOf(outline)} transform="translate(0.5 1)" fill="var(--ink)" opacity="0.25" />
          <path d={pathOf(outline)} fill={third} stroke={second} strokeWidth={0.5} />
          <path d={pathOf(outline)} fill={main} opacity="0.35" />
        </g>
      ))}
    </g>
  );
}

const [ROW_W, ROW_Y, ROW_H] = [480, -20, 190];
const MOST_DRAWN = 4;

/** The slices that it is cut from. */
function Slices({
  found,
  slice,
  colours: [main, second, third],
}: {
  found: NestedWord;
  slice: Slice;
  colours: Colours;
}) {
  const bounds = boundsOf(slice.outer);
  const shown = found.slices.slice(0, MOST_DRAWN);
  const n = Math.max(1, shown.length);
  const k = Math.min(ROW_W / n / (widthOf(bounds) * 1.08), ROW_H / heightOf(bounds));
  return (
    <>
      {shown.map((pieces, i) => (
        <g
          key={i}
          transform={`translate(${(i - (n - 1) / 2) * widthOf(bounds) * 1.08 * k} ${ROW_Y}) scale(${k})`}
        >
          <path d={pathOf(slice.outer)} fill={main} stroke={second} strokeWidth={1} />
          {pieces.map(({ cutter, x, y, angle }, j) => (
            <path
              key={j}
              d={pathOf(placed(found.letters[cutter]!.outline, x, y, angle))}
              fill={third}
              stroke={second}
              strokeWidth={0.5}
            />
          ))}
        </g>
      ))}
    </>
  );
}
