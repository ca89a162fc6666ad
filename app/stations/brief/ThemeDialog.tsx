import { useState } from 'react';
import { REGIONS } from '../../../core/catalogue/index.js';
import {
  growingMonth,
  planLarder,
  wishesOf,
  type Command,
  type Plan,
  type Theme,
  type ThemeIdea,
} from '../../../core/plan/index.js';
import { useSession } from '../../store/session.js';
import { TextInput, Tick } from '../../ui/Fields.js';
import { Button } from '../../ui/kit/Button.js';
import { PaperDialog } from '../../ui/kit/Dialog.js';
import { Select } from '../../ui/kit/Select.js';
import { PickFoods } from './PickFoods.js';
import { FromWhat, Motifs } from './theme/FromWhat.js';
import { Ideas } from './theme/Ideas.js';
import { MoodSheet } from './theme/MoodSheet.js';
import { OwnThemes } from './theme/OwnThemes.js';
import { t } from '../../words/index.js';

interface Chosen {
  theme: Plan['occasion']['theme'];
  must: Plan['wishes']['pinned'];
  not: Plan['wishes']['excluded'];
  south: boolean;
  idea: ThemeIdea | null;
}

/** The theme with all that was chosen beside it, as one step of undo. */
const themeCommand = (plan: Plan, { theme, must, not, south, idea }: Chosen): Command => ({
  name: 'together',
  label: t('change the theme'),
  commands: [
    ...plan.wishes.pinned
      .filter((id) => !must.includes(id))
      .map((componentId) => ({ name: 'pin' as const, componentId, on: false })),
    ...plan.wishes.excluded
      .filter((id) => !not.includes(id))
      .map((componentId) => ({ name: 'exclude' as const, componentId, on: false })),
    { name: 'set-theme', theme, pinned: must, excluded: not },
    {
      name: 'set-occasion',
      patch: { hemisphere: south ? 'south' : 'north', ...(idea ? { role: idea.role } : {}) },
    },
    ...(idea?.rows
      ? [{ name: 'set-own-school' as const, ownSchool: { name: idea.theme.name, rows: idea.rows } }]
      : []),
  ],
});

/** A sheet of moods, and beside it what it is made from: an idea, words, a picture, motifs, a region, foods that must be there or not. */
export function ThemeDialog({ plan, onClose }: { plan: Plan; onClose: () => void }) {
  const [draft, setDraft] = useState(plan.occasion.theme);
  const [must, setMust] = useState(plan.wishes.pinned);
  const [not, setNot] = useState(plan.wishes.excluded);
  const [south, setSouth] = useState(plan.occasion.hemisphere === 'south');
  const [idea, setIdea] = useState<ThemeIdea | null>(null);
  const edit = useSession((session) => session.edit);
  const save = (): void => {
    edit(themeCommand(plan, { theme: draft, must, not, south, idea }));
    onClose();
  };
  const take = (idea: ThemeIdea): void => {
    const wishes = wishesOf(idea, planLarder(plan));
    setIdea(idea);
    setDraft(idea.theme);
    setMust([...new Set([...must, ...wishes.pinned])]);
    setNot([...new Set([...not, ...wishes.excluded])]);
  };
  return (
    <PaperDialog
      open
      full
      bare
      onClose={onClose}
      title={t('Theme')}
      hint={t('The board shows each colour in three places where food of that colour is to be had.')}
    >
      <div className="mt-2 grid grid-cols-[minmax(0,1fr)_minmax(0,1fr)] gap-x-7 gap-y-3 max-md:grid-cols-1">
        <div>
          <MoodSheet plan={plan} draft={draft} south={south} onChange={setDraft} />
          <FromWhat onChange={(palette) => setDraft({ ...draft, palette })} />
        </div>
        <div>
          <Ideas month={growingMonth(plan)} onTake={take} onOwn={setDraft} />
          <TextInput
            label={t('Name')}
            value={draft.name}
            max={60}
            onChange={(name) => setDraft({ ...draft, name })}
          />
          <Motifs motifs={draft.motifs} onChange={(motifs) => setDraft({ ...draft, motifs })} />
          <Where draft={draft} south={south} onChange={setDraft} onSouth={setSouth} />
          <PickFoods plan={plan} legend={t('Must be there')} ids={must} onChange={setMust} />
          <PickFoods plan={plan} legend={t('Must not')} ids={not} onChange={setNot} />
        </div>
      </div>
      <div className="mt-3 flex flex-wrap items-center gap-2.5">
        <Button onClick={save}>{t('Keep')}</Button>
        <OwnThemes draft={draft} />
        <Button look="quiet" size="small" className="ml-auto" onClick={onClose}>
          {t('Close')}
        </Button>
      </div>
    </PaperDialog>
  );
}

/** Where its food is at home, and how full the board is to be. */
function Where({
  draft,
  south,
  onChange,
  onSouth,
}: {
  draft: Theme;
  south: boolean;
  onChange: (theme: Theme) => void;
  onSouth: (south: boolean) => void;
}) {
  return (
    <div className="flex flex-wrap items-center gap-x-3 gap-y-1">
      <span aria-hidden className="font-bold">
        {t('Food from')}
      </span>
      <Select<Theme['region']>
        label={t('Food from')}
        className="w-44"
        value={draft.region}
        onPick={(region) => onChange({ ...draft, region })}
        options={[
          { value: '', words: t('anywhere') },
          ...REGIONS.map((region) => ({ value: region.id, words: region.name })),
        ]}
      />
      <Tick
        inline
        label={t('calm, with open ground')}
        on={draft.mood === 'calm'}
        onChange={(on) => onChange({ ...draft, mood: on ? 'calm' : 'abundant' })}
      />
      <Tick inline label={t('in the southern half of the world')} on={south} onChange={onSouth} />
    </div>
  );
}
