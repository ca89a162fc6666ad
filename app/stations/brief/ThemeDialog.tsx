import { useState } from 'react';
import { toast } from 'sonner';
import { z } from 'zod';
import { REGIONS } from '../../../core/catalogue/index.js';
import {
  growingMonth,
  MOTIFS,
  paletteOfPixels,
  paletteOfWords,
  planLarder,
  THEME_IDEAS,
  themeSchema,
  wishesOf,
  type Plan,
  type Theme,
  type ThemeIdea,
} from '../../../core/plan/index.js';
import { useSession } from '../../store/session.js';
import { keepInHouse, useHouseOf } from '../../store/house.js';
import { TextInput, Tick, Ticks, Wrong } from '../../ui/Fields.js';
import { MotifDrawing } from '../../ui/Motif.js';
import { PaperDialog } from '../../ui/kit/Dialog.js';
import { saveFile } from '../../ui/save.js';
import { PickFoods } from './PickFoods.js';
import { Button } from '../../ui/kit/Button.js';
import { Collapsible } from '../../ui/kit/Collapsible.js';
import { FileButton, JSON_FILE } from '../../ui/kit/FileButton.js';
import { Select } from '../../ui/kit/Select.js';

const MOST_COLOURS = 6;
const MOST_MOTIFS = 3;
/** A first colour to change, out of the kitchen's own. */
const NEW_COLOUR = '#e2a33c';

/** Name, colours, motifs, where its food comes from, mood, must-haves and must-nots. Ideas to start from; one's own are kept. */
export function ThemeDialog({ plan, onClose }: { plan: Plan; onClose: () => void }) {
  const [draft, setDraft] = useState(plan.occasion.theme);
  const [must, setMust] = useState(plan.wishes.pinned);
  const [not, setNot] = useState(plan.wishes.excluded);
  const [south, setSouth] = useState(plan.occasion.hemisphere === 'south');
  const [idea, setIdea] = useState<ThemeIdea | null>(null);
  const edit = useSession((session) => session.edit);
  const save = (): void => {
    edit({
      name: 'together',
      label: 'change the theme',
      commands: [
        ...plan.wishes.pinned
          .filter((id) => !must.includes(id))
          .map((componentId) => ({ name: 'pin' as const, componentId, on: false })),
        ...plan.wishes.excluded
          .filter((id) => !not.includes(id))
          .map((componentId) => ({ name: 'exclude' as const, componentId, on: false })),
        { name: 'set-theme', theme: draft, pinned: must, excluded: not },
        {
          name: 'set-occasion',
          patch: { hemisphere: south ? 'south' : 'north', ...(idea ? { role: idea.role } : {}) },
        },
        ...(idea?.rows
          ? [{ name: 'set-own-school' as const, ownSchool: { name: idea.theme.name, rows: idea.rows } }]
          : []),
      ],
    });
    onClose();
  };
  const take = (idea: ThemeIdea): void => {
    const wishes = wishesOf(idea, planLarder(plan));
    setIdea(idea);
    setDraft(idea.theme);
    setMust([...new Set([...must, ...wishes.pinned])]);
    setNot([...new Set([...not, ...wishes.excluded])]);
  };
  const motifs = draft.motifs.filter((motif) => motif !== 'none');
  const toggle = (motif: Theme['motifs'][number], on: boolean): void =>
    setDraft({ ...draft, motifs: on ? [...motifs, motif] : motifs.filter((m) => m !== motif) });
  return (
    <PaperDialog
      open
      full
      onClose={onClose}
      title="Theme"
      hint="The board shows each colour in three places where food of that colour is to be had."
    >
      <Ideas month={growingMonth(plan)} onTake={take} onOwn={setDraft} />
      <TextInput label="Name" value={draft.name} max={60} onChange={(name) => setDraft({ ...draft, name })} />
      <Colours draft={draft} onChange={(palette) => setDraft({ ...draft, palette })} />
      <Ticks legend={`Motifs, up to ${MOST_MOTIFS}`}>
        {MOTIFS.filter((m) => m !== 'none').map((m) => (
          <Tick
            key={m}
            inline
            on={motifs.includes(m)}
            onChange={(on) => (!on || motifs.length < MOST_MOTIFS) && toggle(m, on)}
            label={
              <span className="flex flex-wrap items-center gap-1">
                <MotifDrawing motif={m} /> {m}
              </span>
            }
          />
        ))}
      </Ticks>
      <div className="flex flex-wrap items-center gap-2.5">
        <span aria-hidden>Food from</span>
        <Select<Theme['region']>
          label="Food from"
          className="w-44"
          value={draft.region}
          onPick={(region) => setDraft({ ...draft, region })}
          options={[
            { value: '', words: 'anywhere' },
            ...REGIONS.map((r) => ({ value: r.id, words: r.name })),
          ]}
        />
        <Tick
          inline
          label="calm, with open ground"
          on={draft.mood === 'calm'}
          onChange={(on) => setDraft({ ...draft, mood: on ? 'calm' : 'abundant' })}
        />
        <Tick inline label="in the southern half of the world" on={south} onChange={setSouth} />
      </div>
      <PickFoods plan={plan} legend="Must be there" ids={must} onChange={setMust} />
      <PickFoods plan={plan} legend="Must not" ids={not} onChange={setNot} />
      <div className="flex flex-wrap items-center gap-2.5 mt-2.5">
        <Button onClick={save}>Keep</Button>
        <OwnThemes draft={draft} />
      </div>
    </PaperDialog>
  );
}

/** Those that suit the month stand first. */
function Ideas({
  month,
  onTake,
  onOwn,
}: {
  month: number;
  onTake: (idea: ThemeIdea) => void;
  onOwn: (theme: Theme) => void;
}) {
  const own = useHouseOf('themes');
  return (
    <Collapsible title="Start from an idea">
      <div className="my-2 grid grid-cols-[repeat(auto-fill,minmax(200px,1fr))] gap-2">
        {own.map((theme) => (
          <button
            key={`own ${theme.name}`}
            className="on-paper grid content-start border border-rule bg-paper px-2.5 py-2 text-left text-sm"
            onClick={() => onOwn(theme)}
          >
            <Swatches colours={theme.palette} />
            <b className="font-display text-base font-extrabold">{theme.name}</b>
            <span>Your own.</span>
          </button>
        ))}
        {[...THEME_IDEAS]
          .sort((a, b) => Number(b.months.includes(month)) - Number(a.months.includes(month)))
          .map((idea) => (
            <button
              key={idea.id}
              className="on-paper grid content-start border border-rule bg-paper px-2.5 py-2 text-left text-sm"
              onClick={() => onTake(idea)}
            >
              <Swatches colours={idea.theme.palette} />
              <b className="font-display text-base font-extrabold">{idea.theme.name}</b>
              <span>
                {idea.line}
                {idea.months.includes(month) ? '' : ' Not its time of the year.'}
              </span>
            </button>
          ))}
      </div>
    </Collapsible>
  );
}

const Swatches = ({ colours }: { colours: readonly string[] }) => (
  <span className="mb-1.5 flex h-3" aria-hidden="true">
    {colours.map((colour, i) => (
      <i key={i} className="flex-1" style={{ background: colour }} />
    ))}
  </span>
);

/** From swatches, from words, or from a picture that stays on this machine. */
function Colours({ draft, onChange }: { draft: Theme; onChange: (palette: string[]) => void }) {
  const [words, setWords] = useState('');
  const [wrong, setWrong] = useState<string>();
  const fromWords = (): void => {
    const found = paletteOfWords(words);
    if (found.length > 0) onChange(found);
    setWrong(
      found.length > 0
        ? undefined
        : 'Words: none of them names a colour that is known here. Try sea, honey, plum.',
    );
  };
  const fromPicture = (file: File): void => {
    pixelsOf(file).then(
      (pixels) => (setWrong(undefined), onChange(paletteOfPixels(pixels))),
      () => setWrong('Picture: this file cannot be read as a picture.'),
    );
  };
  return (
    <Ticks legend="Colours">
      <div
        className="flex flex-wrap items-center gap-2.5"
        onDragOver={(dragEvent) => dragEvent.preventDefault()}
        onDrop={(dragEvent) => {
          dragEvent.preventDefault();
          const file = dragEvent.dataTransfer.files[0];
          if (file) fromPicture(file);
        }}
      >
        {draft.palette.map((colour, i) => (
          <span key={i} className="flex flex-wrap items-center gap-0.5">
            <input
              type="color"
              aria-label={`Colour ${i + 1}`}
              value={colour}
              onChange={(event) =>
                onChange(draft.palette.map((char, k) => (k === i ? event.target.value : char)))
              }
            />
            <Button
              look="link"
              aria-label={`Leave colour ${i + 1} out`}
              onClick={() => onChange(draft.palette.filter((_, k) => k !== i))}
            >
              ×
            </Button>
          </span>
        ))}
        <Button
          look="quiet"
          size="small"
          disabled={draft.palette.length >= MOST_COLOURS}
          onClick={() => onChange([...draft.palette, NEW_COLOUR])}
        >
          Another colour
        </Button>
        <FileButton
          words="From a picture"
          label="From a picture"
          accept="image/*"
          size="small"
          onFile={fromPicture}
        />
      </div>
      <div className="flex flex-wrap gap-2.5 items-end">
        <TextInput label="From words" value={words} max={80} onChange={setWords} />
        <Button look="quiet" size="small" disabled={words.trim() === ''} onClick={fromWords}>
          Find its colours
        </Button>
      </div>
      {wrong && <Wrong>{wrong}</Wrong>}
    </Ticks>
  );
}

const SIDE = 64;

/** The picture made small; it is read here and goes nowhere. */
async function pixelsOf(file: File): Promise<Uint8ClampedArray> {
  const bitmap = await createImageBitmap(file);
  const canvas = document.createElement('canvas');
  canvas.width = canvas.height = SIDE;
  const context = canvas.getContext('2d')!;
  context.drawImage(bitmap, 0, 0, SIDE, SIDE);
  return context.getImageData(0, 0, SIDE, SIDE).data;
}

const MOST_BYTES = 200_000;

/** Kept by name in your house; in and out as JSON. */
function OwnThemes({ draft }: { draft: Theme }) {
  const ownThemes = useHouseOf('themes');
  const keep = (themes: readonly Theme[], words: string): void =>
    void keepInHouse('themes', ...themes).then((kept) => kept && toast(words));
  const read = async (file: File): Promise<void> => {
    const problem = (reason: string) => toast.error(`The themes were refused: ${reason}`);
    if (file.size > MOST_BYTES) return void problem('the file is larger than 200 kB.');
    let value: unknown;
    try {
      value = JSON.parse(await file.text());
    } catch {
      return void problem('it is no JSON.');
    }
    const found = z.array(themeSchema).max(100).safeParse(value);
    if (!found.success) {
      const [issue] = found.error.issues;
      return void problem(`${issue?.path.join('.') || 'the whole'}: ${issue?.message}.`);
    }
    return void keep(
      found.data,
      `${found.data.length} ${found.data.length === 1 ? 'theme' : 'themes'} taken over.`,
    );
  };
  return (
    <>
      <Button
        look="quiet"
        size="small"
        disabled={draft.name.trim() === ''}
        onClick={() => keep([draft], `“${draft.name}” is among your themes.`)}
      >
        Keep among your themes
      </Button>
      <Button
        look="quiet"
        size="small"
        disabled={ownThemes.length === 0}
        onClick={() => saveFile('themes.json', JSON.stringify(ownThemes, null, 1), 'application/json')}
      >
        Save your themes
      </Button>
      <FileButton
        words="Read themes"
        label="File with themes"
        accept={JSON_FILE}
        size="small"
        onFile={(picked) => void read(picked)}
      />
    </>
  );
}
