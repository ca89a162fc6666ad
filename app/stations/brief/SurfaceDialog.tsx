import { useState } from 'react';
import { FREE_FROM, surfaceProblem, type Plan, type Surface } from '../../../core/plan/index.js';
import { useSession } from '../../store/session.js';
import { PaperDialog } from '../../ui/Paper.js';

const MATERIALS = ['oak', 'walnut', 'slate', 'marble', 'china', 'enamel', 'tin', 'paper'] as const;

/** Size, whom it is for, what it is kept free from, whether small hands reach it. */
export function SurfaceDialog({
  plan,
  surface,
  onClose,
}: {
  plan: Plan;
  surface: Surface;
  onClose: () => void;
}) {
  const [draft, setDraft] = useState(surface);
  const [problem, setProblem] = useState<string>();
  const edit = useSession((s) => s.edit);
  const o = draft.outline;
  const setKind = (kind: string): void =>
    setDraft({
      ...draft,
      outline:
        kind === 'round'
          ? { kind: 'round', diameterMm: 400 }
          : { kind: 'rectangle', lengthMm: 420, widthMm: 300, cornerMm: 30 },
    });
  const number = (label: string, value: number, set: (n: number) => void) => (
    <label className="field" style={{ width: 130 }}>
      {label}
      <input type="number" min={20} max={5000} value={value} onChange={(e) => set(Number(e.target.value))} />
    </label>
  );
  const save = (): void => {
    const wrong = surfaceProblem(draft);
    if (wrong) return setProblem(wrong);
    edit({ name: 'set-surface', surface: draft });
    return onClose();
  };
  return (
    <PaperDialog open onClose={onClose} title={surface.name}>
      <label className="field">
        Name
        <input
          value={draft.name}
          maxLength={60}
          onChange={(e) => setDraft({ ...draft, name: e.target.value })}
        />
      </label>
      <div className="row">
        <label className="field" style={{ width: 130 }}>
          Shape
          <select value={o.kind} onChange={(e) => setKind(e.target.value)}>
            <option value="round">round</option>
            <option value="rectangle">rectangle</option>
          </select>
        </label>
        {o.kind === 'round'
          ? number('Across, mm', o.diameterMm, (n) =>
              setDraft({ ...draft, outline: { ...o, diameterMm: n } }),
            )
          : [
              <span key="l">
                {number('Length, mm', o.lengthMm, (n) =>
                  setDraft({ ...draft, outline: { ...o, lengthMm: n } }),
                )}
              </span>,
              <span key="w">
                {number('Width, mm', o.widthMm, (n) => setDraft({ ...draft, outline: { ...o, widthMm: n } }))}
              </span>,
            ]}
        <label className="field" style={{ width: 120 }}>
          Made of
          <select
            value={draft.material}
            onChange={(e) => setDraft({ ...draft, material: e.target.value as Surface['material'] })}
          >
            {MATERIALS.map((m) => (
              <option key={m}>{m}</option>
            ))}
          </select>
        </label>
      </div>
      <fieldset style={{ border: 0, padding: 0, margin: '8px 0' }}>
        <legend style={{ fontWeight: 700 }}>For whom</legend>
        {plan.party.map((g) => {
          const on = draft.serves === null || draft.serves.includes(g.id);
          const all = plan.party.map((p) => p.id);
          return (
            <label key={g.id} className="row" style={{ gap: 6, display: 'inline-flex', marginRight: 12 }}>
              <input
                type="checkbox"
                checked={on}
                onChange={() =>
                  setDraft({
                    ...draft,
                    serves: on
                      ? (draft.serves ?? all).filter((id) => id !== g.id)
                      : [...(draft.serves ?? []), g.id],
                  })
                }
              />
              {g.name}
            </label>
          );
        })}
      </fieldset>
      <fieldset style={{ border: 0, padding: 0, margin: '8px 0' }}>
        <legend style={{ fontWeight: 700 }}>Kept free from</legend>
        {FREE_FROM.map((f) => (
          <label key={f.id} className="row" style={{ gap: 6, display: 'inline-flex', marginRight: 12 }}>
            <input
              type="checkbox"
              checked={draft.freeFrom.includes(f.id)}
              onChange={(e) =>
                setDraft({
                  ...draft,
                  freeFrom: e.target.checked
                    ? [...draft.freeFrom, f.id]
                    : draft.freeFrom.filter((x) => x !== f.id),
                })
              }
            />
            {f.name}
          </label>
        ))}
      </fieldset>
      <label className="row" style={{ gap: 6 }}>
        <input
          type="checkbox"
          checked={draft.smallHands}
          onChange={(e) => setDraft({ ...draft, smallHands: e.target.checked })}
        />
        Small hands can reach it
      </label>
      {problem && (
        <p role="alert" style={{ color: 'var(--beet-ink)', fontWeight: 700 }}>
          {problem}
        </p>
      )}
      <div className="row" style={{ marginTop: 12 }}>
        <button className="button" onClick={save}>
          Keep
        </button>
        <button
          className="button quiet small"
          onClick={() => (edit({ name: 'remove-surface', surfaceId: surface.id }), onClose())}
        >
          Take it away
        </button>
      </div>
    </PaperDialog>
  );
}
