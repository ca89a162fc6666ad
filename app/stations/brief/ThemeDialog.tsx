import { useState } from 'react';
import { MOTIFS, type Command, type Plan } from '../../../core/plan/index.js';
import { useSession } from '../../store/session.js';
import { TextInput, Tick, Ticks } from '../../ui/Fields.js';
import { MotifDrawing } from '../../ui/Motif.js';
import { PaperDialog } from '../../ui/Paper.js';

type Theme = Plan['occasion']['theme'];

const MOST_COLOURS = 6;
const MOST_MOTIFS = 3;
/** A first colour to change, out of the kitchen's own. */
const NEW_COLOUR = '#e2a33c';

/** Name, colours that the board should show, and motifs. The composer looks for each colour in three places. */
export function ThemeDialog({ theme, onClose }: { theme: Theme; onClose: () => void }) {
  const [draft, setDraft] = useState(theme);
  const edit = useSession((s) => s.edit);
  const save = (): void => {
    edit({ name: 'set-occasion', patch: { theme: draft } } as Command);
    onClose();
  };
  const motifs = draft.motifs.filter((m) => m !== 'none');
  const toggle = (motif: Theme['motifs'][number], on: boolean): void =>
    setDraft({ ...draft, motifs: on ? [...motifs, motif] : motifs.filter((m) => m !== motif) });
  return (
    <PaperDialog
      open
      onClose={onClose}
      title="Theme"
      hint="The board shows each colour in three places where food of that colour is to be had."
    >
      <TextInput label="Name" value={draft.name} max={60} onChange={(name) => setDraft({ ...draft, name })} />
      <Ticks legend="Colours">
        <div className="row">
          {draft.palette.map((colour, i) => (
            <span key={i} className="row" style={{ gap: 2 }}>
              <input
                type="color"
                aria-label={`Colour ${i + 1}`}
                value={colour}
                onChange={(e) =>
                  setDraft({ ...draft, palette: draft.palette.map((c, k) => (k === i ? e.target.value : c)) })
                }
              />
              <button
                className="link"
                aria-label={`Leave colour ${i + 1} out`}
                onClick={() => setDraft({ ...draft, palette: draft.palette.filter((_, k) => k !== i) })}
              >
                ×
              </button>
            </span>
          ))}
          <button
            className="button quiet small"
            disabled={draft.palette.length >= MOST_COLOURS}
            onClick={() => setDraft({ ...draft, palette: [...draft.palette, NEW_COLOUR] })}
          >
            Another colour
          </button>
        </div>
      </Ticks>
      <Ticks legend={`Motifs, up to ${MOST_MOTIFS}`}>
        {MOTIFS.filter((m) => m !== 'none').map((m) => (
          <Tick
            key={m}
            inline
            on={motifs.includes(m)}
            onChange={(on) => (!on || motifs.length < MOST_MOTIFS) && toggle(m, on)}
            label={
              <span className="row" style={{ gap: 4 }}>
                <MotifDrawing motif={m} /> {m}
              </span>
            }
          />
        ))}
      </Ticks>
      <button className="button" onClick={save}>
        Keep
      </button>
    </PaperDialog>
  );
}
