import { useState } from 'react';
import { groupSchema, type Group } from '../../../core/party/index.js';
import { China, PLATE_R } from '../../plate/China.js';
import { Seats } from '../../plate/Seats.js';
import { useSession } from '../../store/session.js';
import { Choice, NumberInput, TextInput, Wrong } from '../../ui/Fields.js';
import { PaperDialog } from '../../ui/kit/Dialog.js';
import { NeedPicker } from './NeedPicker.js';
import { Button } from '../../ui/kit/Button.js';
import { t } from '../../words/index.js';

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
    .map((text) => text.trim())
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

/** Where they sit among the others, as the draft stands: more guests are more plates, another need another rim. */
function Place({ group }: { group: Group }) {
  const others = useSession((session) => session.plan?.party) ?? [];
  const party = others.map((other) => (other.id === group.id ? group : other));
  return (
    <div className="mx-auto size-68">
      <China stands="box" label={t('Their place at the table')}>
        <circle r={PLATE_R - 88} fill="var(--cloth)" opacity=".5" />
        <Seats party={party} r={272} picked={group.id} label={(group) => `${group.name}, ${group.count}`} />
        <text
          textAnchor="middle"
          y="40"
          className="fill-ink font-display font-black"
          fontSize="120"
          aria-hidden="true"
        >
          {group.count}
        </text>
      </China>
    </div>
  );
}

type ListField = Exclude<keyof Draft, 'group'>;

/** What is written as a list, with commas; some of it is asked of children alone. */
const LISTS: readonly { field: ListField; label: string; max: number; ofChildren?: true }[] = [
  {
    field: 'dislikes',
    label: t('Dislikes, with commas: a food, or a taste such as hot, strong or blue'),
    max: 400,
  },
  { field: 'known', label: t('Foods that they know from home, with commas'), max: 400, ofChildren: true },
  { field: 'seats', label: t('Names on the seats, with commas, only if you wish'), max: 600 },
];

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
  const edit = useSession((session) => session.edit);
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
    <PaperDialog open full bare onClose={onClose} title={group.name}>
      <div className="grid grid-cols-[330px_minmax(0,1fr)] gap-x-8 max-md:grid-cols-1">
        <div>
          <Place group={draft.group} />
          <Who draft={draft} set={set} onAges={(ages) => setDraft({ ...draft, ages })} />
        </div>
        <div>
          <NeedPicker needs={draft.group.needs} onChange={(needs) => set({ needs })} />
          {LISTS.filter((l) => !l.ofChildren || draft.group.band === 'child').map(({ field, label, max }) => (
            <TextInput
              key={field}
              label={label}
              value={draft[field]}
              max={max}
              onChange={(text) => setDraft({ ...draft, [field]: text })}
            />
          ))}
        </div>
      </div>
      {problem && <Wrong>{problem}</Wrong>}
      <div className="flex flex-wrap items-center gap-2.5">
        <Button onClick={save}>{t('Keep')}</Button>
        <Button
          look="quiet"
          size="small"
          onClick={() => (edit({ name: 'remove-group', groupId: group.id }), onClose())}
        >
          {t('Not coming')}
        </Button>
        <p className="m-0 text-xs/[1.24] text-soft italic">
          {t('Ask the guest how strict it is; for an allergy, what exactly and how little is too much.')}
        </p>
        <Button look="quiet" size="small" className="ml-auto" onClick={onClose}>
          {t('Close')}
        </Button>
      </div>
    </PaperDialog>
  );
}

/** How they are called, how many they are, how hungry and how old. */
function Who({
  draft: { group, ages },
  set,
  onAges,
}: {
  draft: Draft;
  set: (patch: Partial<Group>) => void;
  onAges: (ages: string) => void;
}) {
  return (
    <>
      <TextInput label={t('Name')} value={group.name} max={60} onChange={(name) => set({ name })} />
      <div className="flex flex-wrap items-end gap-2.5">
        <NumberInput
          label={t('Guests')}
          value={group.count}
          min={1}
          max={500}
          width={84}
          onChange={(count) => set({ count })}
        />
        <NumberInput
          label={t('Appetite')}
          value={group.appetite}
          min={0.5}
          max={2}
          step={0.1}
          width={84}
          onChange={(appetite) => set({ appetite })}
        />
        <Choice
          label={t('Age band')}
          width={130}
          value={group.band}
          options={[
            ['adult', t('grown up')],
            ['child', 'children'],
          ]}
          onPick={(band) => set({ band })}
        />
      </div>
      {group.band === 'child' && (
        <TextInput
          label={t('Ages, with commas. An age that is missing is judged like the smallest.')}
          value={ages}
          max={200}
          onChange={onAges}
        />
      )}
    </>
  );
}
