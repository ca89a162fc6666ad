import { useState } from 'react';
import { NEEDS, type NeedPack } from '../../../core/needs/index.js';
import { groupSchema, type Group, type NeedChoice } from '../../../core/party/index.js';
import { useSession } from '../../store/session.js';
import { Choice, NumberInput, TextInput, Tick, Ticks, Wrong } from '../../ui/Fields.js';
import { PaperDialog } from '../../ui/Paper.js';

/** A group while it is being changed: lists are text until it is kept. */
interface Draft {
  group: Group;
  ages: string;
  dislikes: string;
}

const listed = (text: string): string[] =>
  text
    .split(',')
    .map((t) => t.trim())
    .filter(Boolean);

function groupOf({ group, ages, dislikes }: Draft) {
  return groupSchema.safeParse({
    ...group,
    ages:
      group.band === 'child'
        ? ages
            .split(/[\s,]+/)
            .filter(Boolean)
            .map(Number)
        : [],
    dislikes: listed(dislikes),
  });
}

/** One group by hand: count, ages, needs with their settings, dislikes, appetite. */
export function GroupDialog({ group, onClose }: { group: Group; onClose: () => void }) {
  const [draft, setDraft] = useState<Draft>({
    group,
    ages: group.ages.join(', '),
    dislikes: group.dislikes.join(', '),
  });
  const [problem, setProblem] = useState<string>();
  const edit = useSession((s) => s.edit);
  const set = (patch: Partial<Group>): void => setDraft({ ...draft, group: { ...draft.group, ...patch } });
  const save = (): void => {
    const parsed = groupOf(draft);
    if (!parsed.success) {
      const issue = parsed.error.issues[0];
      return setProblem(`${issue?.path.join(' ') ?? ''}: ${issue?.message ?? ''}`);
    }
    edit({ name: 'set-group', group: parsed.data });
    return onClose();
  };
  return (
    <PaperDialog open onClose={onClose} title={group.name}>
      <TextInput label="Name" value={draft.group.name} max={60} onChange={(name) => set({ name })} />
      <div className="row">
        <NumberInput
          label="Guests"
          value={draft.group.count}
          min={1}
          max={500}
          width={110}
          onChange={(count) => set({ count })}
        />
        <NumberInput
          label="Appetite"
          value={draft.group.appetite}
          min={0.5}
          max={2}
          step={0.1}
          width={140}
          onChange={(appetite) => set({ appetite })}
        />
        <Choice
          label="Age band"
          width={140}
          value={draft.group.band}
          options={[
            ['adult', 'grown up'],
            ['child', 'children'],
          ]}
          onPick={(band) => set({ band })}
        />
      </div>
      {draft.group.band === 'child' && (
        <TextInput
          label="Ages, with commas. An age that is missing is judged like the smallest."
          value={draft.ages}
          max={200}
          onChange={(ages) => setDraft({ ...draft, ages })}
        />
      )}
      <Ticks legend="Needs">
        {NEEDS.map((pack) => (
          <NeedTick
            key={pack.id}
            pack={pack}
            choice={draft.group.needs.find((n) => n.id === pack.id)}
            onChange={(choice) =>
              set({
                needs: [...draft.group.needs.filter((n) => n.id !== pack.id), ...(choice ? [choice] : [])],
              })
            }
          />
        ))}
      </Ticks>
      <TextInput
        label="Dislikes, with commas"
        value={draft.dislikes}
        max={400}
        onChange={(dislikes) => setDraft({ ...draft, dislikes })}
      />
      {problem && <Wrong>{problem}</Wrong>}
      <div className="row">
        <button className="button" onClick={save}>
          Keep
        </button>
        <button
          className="button quiet small"
          onClick={() => (edit({ name: 'remove-group', groupId: group.id }), onClose())}
        >
          Not coming
        </button>
      </div>
      <p className="caution" style={{ color: 'var(--soft)' }}>
        Ask the guest how strict it is; for an allergy, what exactly and how little is too much.
      </p>
    </PaperDialog>
  );
}

function NeedTick({
  pack,
  choice,
  onChange,
}: {
  pack: NeedPack;
  choice: NeedChoice | undefined;
  onChange: (choice: NeedChoice | undefined) => void;
}) {
  return (
    <div>
      <Tick
        on={choice !== undefined}
        onChange={(on) => onChange(on ? { id: pack.id, settings: {} } : undefined)}
        label={
          <span>
            <b>{pack.name}</b>. {pack.summary}
          </span>
        }
      />
      {choice &&
        pack.settings.map((s) => (
          <label key={s.id} className="row" style={{ marginLeft: 26, gap: 6 }}>
            {s.name}
            <select
              value={choice.settings[s.id] ?? s.default}
              onChange={(e) =>
                onChange({ ...choice, settings: { ...choice.settings, [s.id]: e.target.value } })
              }
            >
              {s.values.map((v) => (
                <option key={v.id} value={v.id}>
                  {v.name}
                </option>
              ))}
            </select>
          </label>
        ))}
    </div>
  );
}
