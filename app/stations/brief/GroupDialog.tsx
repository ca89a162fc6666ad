import { useState } from 'react';
import { groupSchema, type Group } from '../../../core/party/index.js';
import { useSession } from '../../store/session.js';
import { Choice, NumberInput, TextInput, Wrong } from '../../ui/Fields.js';
import { PaperDialog } from '../../ui/kit/Dialog.js';
import { NeedPicker } from './NeedPicker.js';
import { Button } from '../../ui/kit/Button.js';

/** A group while it is being changed: lists are text until it is kept. */
interface Draft {
  group: Group;
  ages: string;
  dislikes: string;
  known: string;
  seats: string;
}

const listed = (text: string): string[] =>
  text
    .split(',')
    .map((t) => t.trim())
    .filter(Boolean);

function groupOf({ group, ages, dislikes, known, seats }: Draft) {
  const { knownFoods: _known, seats: _seats, ...rest } = group;
  return groupSchema.safeParse({
    ...rest,
    ages:
      group.band === 'child'
        ? ages
            .split(/[\s,]+/)
            .filter(Boolean)
            .map(Number)
        : [],
    dislikes: listed(dislikes),
    ...(group.band === 'child' && listed(known).length > 0 ? { knownFoods: listed(known) } : {}),
    ...(listed(seats).length > 0 ? { seats: listed(seats) } : {}),
  });
}

/** One group by hand: count, ages, needs with their settings, dislikes, appetite. */
export function GroupDialog({ group, onClose }: { group: Group; onClose: () => void }) {
  const [draft, setDraft] = useState<Draft>({
    group,
    ages: group.ages.join(', '),
    dislikes: group.dislikes.join(', '),
    known: (group.knownFoods ?? []).join(', '),
    seats: (group.seats ?? []).join(', '),
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
    <PaperDialog open wide onClose={onClose} title={group.name}>
      <TextInput label="Name" value={draft.group.name} max={60} onChange={(name) => set({ name })} />
      <div className="flex flex-wrap items-center gap-2.5">
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
      <NeedPicker needs={draft.group.needs} onChange={(needs) => set({ needs })} />
      <TextInput
        label="Dislikes, with commas: a food, or a taste such as hot, strong or blue"
        value={draft.dislikes}
        max={400}
        onChange={(dislikes) => setDraft({ ...draft, dislikes })}
      />
      {draft.group.band === 'child' && (
        <TextInput
          label="Foods that they know from home, with commas"
          value={draft.known}
          max={400}
          onChange={(known) => setDraft({ ...draft, known })}
        />
      )}
      <TextInput
        label="Names on the seats, with commas, only if you wish"
        value={draft.seats}
        max={600}
        onChange={(seats) => setDraft({ ...draft, seats })}
      />
      {problem && <Wrong>{problem}</Wrong>}
      <div className="flex flex-wrap items-center gap-2.5">
        <Button onClick={save}>Keep</Button>
        <Button
          look="quiet"
          size="small"
          onClick={() => (edit({ name: 'remove-group', groupId: group.id }), onClose())}
        >
          Not coming
        </Button>
      </div>
      <p className="break-inside-avoid px-1 pt-1 text-xs/[1.24] italic text-soft text-soft">
        Ask the guest how strict it is; for an allergy, what exactly and how little is too much.
      </p>
    </PaperDialog>
  );
}
