import { useState } from 'react';
import {
  FREE_FROM,
  groupsAt,
  moduleKey,
  outlineSize,
  surfaceProblem,
  wallsOf,
  type Plan,
  type Surface,
} from '../../../core/plan/index.js';
import { guestsIn } from '../../../core/party/index.js';
import { advisedTable, bindsOthers, keptAs } from '../../../core/board/index.js';
import { speak } from '../../../core/words/index.js';
import { useSpeech } from '../../store/useSpeech.js';
import { advisedOutline, kindsFitting } from '../../../core/portion/index.js';
import { BareSurface } from '../../plate/BareSurface.js';
import { FromHouse } from '../../house/FromHouse.js';
import { useSession } from '../../store/session.js';
import { useSettings } from '../../store/settings.js';
import { NumberInput, TextInput, Tick, Ticks, Wrong } from '../../ui/Fields.js';
import { PaperDialog } from '../../ui/kit/Dialog.js';
import { Carried, HowLaid, MoreOfIt, Size, withField, type DraftPart, type Part } from './SurfaceWays.js';
import { sizeWords } from './TableSurfaces.js';
import { Button } from '../../ui/kit/Button.js';
import { t, word } from '../../words/index.js';

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
  const edit = useSession((session) => session.edit);
  const set = (patch: Partial<Surface>): void => setDraft({ ...draft, ...patch });
  const save = (): void => {
    const wrong = surfaceProblem(draft);
    if (wrong) return setProblem(wrong);
    const commands = keptAs(plan, surface, draft);
    edit(commands.length === 1 ? commands[0]! : { name: 'together', label: PORTIONS, commands });
    return onClose();
  };
  return (
    <PaperDialog open onClose={onClose} title={surface.name} full>
      <div className="grid grid-cols-[1.15fr_1fr] gap-x-8 max-lg:grid-cols-1">
        <div>
          <NameOrOwned draft={draft} onChange={setDraft} />
          <Size draft={draft} set={set} />
          <Advice plan={plan} draft={draft} set={set} onClose={onClose} />
          <HowLaid draft={draft} onChange={setDraft} />
          <Carried plan={plan} draft={draft} onChange={setDraft} />
        </div>
        <div>
          <ForWhom plan={plan} draft={draft} set={set} />
          <WhyATray plan={plan} surface={surface} />
          <Singles plan={plan} draft={draft} onChange={setDraft} />
          <KeptFreeFrom draft={draft} set={set} />
          {plan.party.length > 1 && <KeptParts plan={plan} draft={draft} onChange={setDraft} />}
          <Tick
            label={t('Small hands can reach it')}
            on={draft.smallHands}
            onChange={(smallHands) => set({ smallHands })}
          />
          <FromAbove surface={draft} />
        </div>
      </div>
      {problem && <Wrong>{problem}</Wrong>}
      <div className="flex flex-wrap items-center gap-2.5 mt-3">
        <Button onClick={save}>{t('Keep')}</Button>
        <Button
          look="quiet"
          size="small"
          onClick={() => (edit({ name: 'remove-surface', surfaceId: surface.id }), onClose())}
        >
          {t('Take it away')}
        </Button>
        <MoreOfIt plan={plan} draft={draft} onClose={onClose} />
      </div>
    </PaperDialog>
  );
}

const PORTIONS = t('give each guest a portion');

/** Why the few have a tray: what their needs would ask of everybody at the table. */
function WhyATray({ plan, surface }: { plan: Plan; surface: Surface }) {
  const speech = useSpeech();
  const here = groupsAt(plan, surface);
  const others = plan.party.filter((group) => !here.includes(group));
  if (surface.serves === null || others.length === 0) return null;
  const said = here.flatMap((group) => {
    const what = bindsOthers(plan, group, others);
    return what
      ? [speak({ say: 'finding.binds-others.text', with: { group: group.name, what } }, speech)]
      : [];
  });
  if (said.length === 0) return null;
  return (
    <p className="text-soft my-1 mx-0 max-w-[44ch]">
      {t('Why apart?')} {said.join(' ')}
    </p>
  );
}

/** What it is called, or one that the house owns. */
const NameOrOwned = ({ draft, onChange }: { draft: Surface; onChange: (draft: Surface) => void }) => (
  <div className="flex items-end gap-2.5 [&>label]:grow">
    <TextInput
      label={t('Name')}
      value={draft.name}
      max={60}
      onChange={(name) => onChange({ ...draft, name })}
    />
    <span className="mb-2">
      <FromHouse
        kind="surfaces"
        words={t('One of yours')}
        value={surfaceProblem(draft) ? undefined : ownedOf(draft)}
        onTake={(owned) => onChange({ ...bareOf(draft), ...owned })}
      />
    </span>
  </div>
);

/** The surface from above, with its walls, as wide as the column lets it be. */
function FromAbove({ surface }: { surface: Surface }) {
  const [length, width] = outlineSize(surface.outline);
  const reach = Math.max(length, width * 1.9) / 2 + 12;
  return (
    <svg
      viewBox={`${-reach} ${-reach / 1.9} ${2 * reach} ${(2 * reach) / 1.9}`}
      className="mt-2 max-h-44 w-full max-lg:hidden"
      aria-hidden
    >
      <BareSurface surface={surface} edge={reach / 90} />
      {wallsOf(surface).map((wall, i) => (
        <path key={i} d={`M${wall.join('L')}Z`} fill="var(--oak-edge)" />
      ))}
    </svg>
  );
}

/** What of it outlives the plan: its shape, what it is made of and weighs, its walls. */
const ownedOf = ({ name, outline, rimMm, material, weightG, walls }: Surface) => ({
  name,
  outline,
  rimMm,
  material,
  ...(weightG === undefined ? {} : { weightG }),
  ...(walls === undefined ? {} : { walls }),
});

/** Without what the one had that another takes the place of. */
const bareOf = ({ weightG: _weight, walls: _walls, ...surface }: Surface): Surface => surface;

function ForWhom({ plan, draft, set }: Part & { plan: Plan }) {
  const serves = draft.serves ?? plan.party.map((group) => group.id);
  return (
    <Ticks legend={t('For whom')}>
      {plan.party.map(({ id, name }) => (
        <Tick
          key={id}
          inline
          label={name}
          on={serves.includes(id)}
          onChange={(on) => set({ serves: on ? [...serves, id] : serves.filter((other) => other !== id) })}
        />
      ))}
    </Ticks>
  );
}

/** What a portion is served in, until the stylist says otherwise. */
const BOX = { material: 'paper', rimMm: 5 } as const;

/** A box, cup or plate for each guest: written once, made so many times. */
function Singles({ plan, draft, onChange }: DraftPart) {
  const guests = guestsIn(groupsAt(plan, draft));
  if (guests < 1 && !draft.singles) return null;
  const start = (): void => {
    const many: Surface = { ...draft, ...BOX, name: t('Box'), singles: guests };
    const surfaces = plan.surfaces
      .filter((surface) => surface.id === draft.id || moduleKey(surface) !== moduleKey(draft))
      .map((surface) => (surface.id === draft.id ? many : surface));
    // nothing of what lay on one board is meant for a small box
    const outline = advisedOutline({ ...plan, surfaces, placements: [] }, many);
    onChange({ ...many, ...(outline ? { outline } : {}) });
  };
  return (
    <div className="flex flex-wrap items-end gap-x-4">
      <Tick
        inline
        label={t('A portion of it for each guest')}
        on={draft.singles !== undefined}
        onChange={(on) => (on ? start() : onChange(withField(draft, 'singles', undefined)))}
      />
      {draft.singles !== undefined && (
        <NumberInput
          label={t('So many of it')}
          value={draft.singles}
          min={1}
          max={500}
          onChange={(singles) => onChange({ ...draft, singles })}
        />
      )}
    </div>
  );
}

const KeptFreeFrom = ({ draft, set }: Part) => (
  <Ticks legend={t('Kept free from')}>
    {FREE_FROM.map(({ id, name }) => (
      <Tick
        key={id}
        inline
        label={word(name)}
        on={draft.freeFrom.includes(id)}
        onChange={(on) =>
          set({ freeFrom: on ? [...draft.freeFrom, id] : draft.freeFrom.filter((other) => other !== id) })
        }
      />
    ))}
  </Ticks>
);

function KeptParts({ plan, draft, onChange }: DraftPart) {
  const kept = draft.zoneFor ?? [];
  if (draft.walls)
    return (
      <p className="text-soft my-2 mx-0">
        {t('A part kept for somebody needs open ground around it: a box with compartments has none.')}
      </p>
    );
  return (
    <Ticks legend={t('A part of it kept for (open ground around it, tools of its own)')}>
      {plan.party.map(({ id, name }) => (
        <Tick
          key={id}
          inline
          label={t('{name}, a part', { name })}
          on={kept.includes(id)}
          onChange={(on) => {
            const groups = on ? [...kept, id] : kept.filter((other) => other !== id);
            // a part kept for nobody is none
            onChange(withField(draft, 'zoneFor', groups.length > 0 ? groups : undefined));
          }}
        />
      ))}
    </Ticks>
  );
}

/** The size that what lies on it asks for, or, before anything is chosen, its guests' share, and in how many parts. */
function Advice({ plan, draft, set, onClose }: Part & { plan: Plan; onClose: () => void }) {
  const units = useSettings((settings) => settings.units);
  const edit = useSession((session) => session.edit);
  const surfaces = plan.surfaces.map((surface) => (surface.id === draft.id ? draft : surface));
  const next = { ...plan, surfaces };
  const advised = advisedOutline(next, draft);
  if (!advised) return <p className="text-soft">{t('Nobody is served from it yet.')}</p>;
  const laid = plan.placements.some((placement) => placement.surfaceId === draft.id && placement.lot === 0);
  const parts =
    laid || plan.surfaces.some((surface) => isPart(surface, draft)) ? [] : advisedTable(next, draft);
  if (parts.length > 1)
    return (
      <p className="text-soft my-1 mx-0">
        {t('So many do not reach over one board. They fill {n} parts of', { n: parts.length })}{' '}
        <b>{sizeWords(parts[0]!.outline, units)}</b>, {t('each with every kind.')}{' '}
        <Button
          look="link"
          onClick={() => (edit({ name: 'set-table', surfaceIds: [draft.id], parts }), onClose())}
        >
          {t('Set it in {n} parts', { n: parts.length })}
        </Button>
      </p>
    );
  const { fit, of } = kindsFitting(next, draft);
  return (
    <p className="text-soft my-1 mx-0">
      {fit < of && t('It takes {fit} of {of} kinds.', { fit, of })}{' '}
      {laid ? t('What lies on it fills') : t('Its guests fill')} <b>{sizeWords(advised, units)}</b>.{' '}
      {JSON.stringify(advised) === JSON.stringify(draft.outline) ? (
        t('It has this size.')
      ) : (
        <Button look="link" onClick={() => set({ outline: advised })}>
          {t('Take this size')}
        </Button>
      )}
    </p>
  );
}

/** Is it a part of the same table? */
const isPart = (surface: Surface, draft: Surface): boolean =>
  surface.id !== draft.id && moduleKey(surface) === moduleKey(draft);
