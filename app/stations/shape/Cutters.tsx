import { useMemo, useState } from 'react';
import {
  CUTTERS,
  cutterById,
  cutterOutline,
  cutterSetText,
  libraryCutter,
  ownCutter,
  readCutterSet,
  readSvg,
  sideBySide,
  sliceFrom,
  svgOf,
  svgProblemSaid,
  type Cutter,
} from '../../../core/shape/index.js';
import { placed, type Polygon } from '../../../core/geometry/index.js';
import type { CutCutter } from '../../../core/plan/index.js';
import { speak } from '../../../core/words/index.js';
import { useSpeech } from '../../store/useSpeech.js';
import { saveFile } from '../../ui/save.js';
import { Button } from '../../ui/kit/Button.js';
import { FileButton } from '../../ui/kit/FileButton.js';
import { Menu } from '../../ui/kit/Menu.js';
import { Input } from '../../ui/kit/Input.js';
import { ShelfHeading } from '../../ui/kit/Heading.js';
import { Switch } from '../../ui/kit/Switch.js';
import { Wrong } from '../../ui/Fields.js';
import { t, word } from '../../words/index.js';
import { MetalCutter } from './MetalCutter.js';
import type { Bench } from './useOnBench.js';

/** The drawers of the cutters, and the words by which they are found. */
const DRAWERS: Record<Cutter['group'], string> = {
  round: t('round'),
  star: t('stars'),
  heart: t('hearts'),
  sky: t('sky'),
  sea: t('sea'),
  garden: t('garden'),
  animal: t('animals'),
  thing: t('things'),
  plain: t('plain'),
  letter: t('letters'),
};

const SHOWN = 6;
/** One of each drawer lies in front. */
const IN_FRONT = ['crescent', 'star', 'heart', 'leaf', 'fish', 'flower-5', 'disc'];
const USUAL_MM = 32;
const MOST_CUTTERS = 8;

/** What lies in front: what is in hand, then one of each drawer. It does not move when another one is taken from it. */
function onTheShelf(inHand: ReadonlySet<string>): Cutter[] {
  const front = IN_FRONT.slice(0, SHOWN);
  const taken = [...inHand].filter((id) => !front.includes(id));
  return [...taken, ...front].slice(0, Math.max(SHOWN, inHand.size)).flatMap((id) => cutterById(id) ?? []);
}

/** Cutters on the planks: one press takes one in hand. */
export function Cutters({ bench }: { bench: Bench }) {
  const [typed, setTyped] = useState('');
  const [all, setAll] = useState(false);
  const [several, setSeveral] = useState(bench.shown.cutters.length > 1);
  const query = typed.trim().toLowerCase();
  const found = useMemo(
    () =>
      CUTTERS.filter(
        ({ name, group }) =>
          name.toLowerCase().includes(query) || DRAWERS[group].toLowerCase().includes(query),
      ),
    [query],
  );
  const { shown, bend } = bench;
  const inHand = new Set(shown.cutters.map(({ id }) => id));
  const take = (cutter: CutCutter): void => {
    if (inHand.has(cutter.id) && shown.cutters.length > 1)
      bend({ cutters: shown.cutters.filter(({ id }) => id !== cutter.id) });
    else if (!inHand.has(cutter.id))
      bend({ cutters: several ? [...shown.cutters, cutter].slice(-MOST_CUTTERS) : [cutter] });
  };
  const list = all || query !== '' ? found : onTheShelf(inHand);
  return (
    <>
      <ShelfHeading>{t('Cutters')}</ShelfHeading>
      <Input
        type="search"
        value={typed}
        placeholder={t('star, moon, leaf, animals …')}
        aria-label={t('Find a cutter')}
        onChange={(event) => setTyped(event.target.value)}
      />
      <div className="mt-1.5">
        <Switch label={t('Several at once')} on={several} onChange={setSeveral} />
      </div>
      <div className="relative mt-1.5 grid grid-cols-3 gap-1" role="group" aria-label={t('Cutters')}>
        {list.map(({ id }) => (
          <CutterTag key={id} id={id} on={inHand.has(id)} press={() => take(libraryCutter(id, USUAL_MM)!)} />
        ))}
      </div>
      {list.length === 0 && <p className="m-0 text-sm">{t('No cutter of that name.')}</p>}
      {query === '' && (
        <Button look="link" onClick={() => setAll(!all)}>
          {all ? t('Fewer cutters') : t('All {n, number} cutters', { n: CUTTERS.length })}
        </Button>
      )}
      <Drawings bench={bench} take={take} />
    </>
  );
}

function CutterTag({ id, on, press }: { id: string; on: boolean; press: () => void }) {
  const cutter = cutterById(id)!;
  const outline = useMemo(() => cutterOutline(cutter, USUAL_MM), [cutter]);
  return (
    <button
      className="group/item relative flex min-w-0 flex-col items-stretch border-0 bg-transparent p-0 before:wood before:relative before:order-1 before:-mx-0.75 before:h-1.75 before:shadow-tag"
      aria-pressed={on}
      onClick={press}
    >
      <MetalCutter outline={outline} />
      <span className="on-paper order-2 mt-0.5 min-h-8 bg-paper px-0.5 pt-1 pb-0.5 text-center text-xs/[1.06] font-bold wrap-anywhere shadow-tag transition-colors group-hover/item:bg-ink group-hover/item:text-white group-aria-pressed/item:bg-ink group-aria-pressed/item:text-white">
        {word(cutter.name)}
      </span>
    </button>
  );
}

const OWN_MM = 34;

/** Drawings of one's own in, cutters in true size out. */
function Drawings({ bench, take }: { bench: Bench; take: (cutter: CutCutter) => void }) {
  const [wrong, setWrong] = useState<string | null>(null);
  const speech = useSpeech();
  const read = async (file: File): Promise<void> => {
    const text = file.size > MOST_BYTES ? '' : await file.text();
    if (/\.json$/i.test(file.name)) {
      const set = readCutterSet(text);
      setWrong(set.ok ? null : `${file.name}: ${set.path}: ${set.reason}`);
      if (set.ok) bench.bend({ cutters: set.cutters });
      return;
    }
    const drawing = readSvg(text);
    if (!drawing.ok) {
      setWrong(`${file.name}: ${speak(svgProblemSaid(drawing.problem), speech)}`);
      return;
    }
    setWrong(null);
    const taken = new Set(bench.shown.cutters.map(({ id }) => id));
    let n = 1;
    while (taken.has(`own-${n}`)) n += 1;
    take(
      ownCutter(
        `own-${n}`,
        file.name.replace(/\.svg$/i, '').slice(0, 60) || t('Drawing'),
        drawing.outline,
        OWN_MM,
      ),
    );
  };
  return (
    <div className="mt-1.5 flex flex-wrap gap-1.5">
      <FileButton
        words={t('From a file')}
        label={t('A drawing (SVG) or a set of cutters (JSON)')}
        accept=".svg,image/svg+xml,.json,application/json"
        size="small"
        onFile={(file) => void read(file)}
      />
      <Menu words={t('Save')} size="small" items={drawingsOf(bench)} />
      {wrong && <Wrong>{wrong}</Wrong>}
    </div>
  );
}

const STENCIL_GAP_MM = 6;
const MOST_BYTES = 2_000_000;

/** What is pressed where, and the cutters, in true size. */
function drawingsOf({ shown }: Bench) {
  const svg = (name: string, outlines: readonly Polygon[]) => (): void =>
    saveFile(`${name}.svg`, svgOf(outlines), 'image/svg+xml');
  const slice = sliceFrom(shown.slice);
  const pieces = shown.pieces.map(({ cutter, x, y, angle }) =>
    placed(shown.cutters[cutter]!.outline, x, y, angle),
  );
  return [
    {
      words: t('The set of cutters, to share'),
      press: (): void => saveFile('cutters.json', cutterSetText(shown.cutters)),
    },
    {
      words: t('The cutters, true size'),
      press: svg(
        'cutters',
        sideBySide(
          shown.cutters.map(({ outline }) => outline),
          STENCIL_GAP_MM,
        ),
      ),
    },
    {
      words: t('The slice with its cuts, true size'),
      press: svg('cuts', [slice.outer, ...slice.holes, ...pieces]),
    },
  ];
}
