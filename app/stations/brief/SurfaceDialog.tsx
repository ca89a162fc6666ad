import { useRef, useState } from 'react';
import { FREE_FROM, moduleKey, surfaceProblem, type Plan, type Surface } from '../../../core/plan/index.js';
import { advisedTable } from '../../../core/board/index.js';
import { advisedOutline, reshaped } from '../../../core/portion/index.js';
import { FromHouse } from '../../house/FromHouse.js';
import { useSession } from '../../store/session.js';
import { useSettings } from '../../store/settings.js';
import { Choice, LengthInput, TextInput, Tick, Ticks, Wrong } from '../../ui/Fields.js';
import { PaperDialog } from '../../ui/kit/Dialog.js';
import { sizeWords } from './TableSurfaces.js';
import { Button } from '../../ui/kit/Button.js';
import { t, word } from '../../words/index.js';

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
  const edit = useSession((session) => session.edit);
  const set = (patch: Partial<Surface>): void => setDraft({ ...draft, ...patch });
  const save = (): void => {
    const wrong = surfaceProblem(draft);
    if (wrong) return setProblem(wrong);
    edit({ name: 'set-surface', surface: draft });
    return onClose();
  };
  return (
    <PaperDialog open onClose={onClose} title={surface.name}>
      <TextInput label={t('Name')} value={draft.name} max={60} onChange={(name) => set({ name })} />
      <Size draft={draft} set={set} />
      <FromHouse
        kind="surfaces"
        words={t('One of yours')}
        value={
          surfaceProblem(draft)
            ? undefined
            : { name: draft.name, outline: draft.outline, rimMm: draft.rimMm, material: draft.material }
        }
        onTake={set}
      />
      <Advice plan={plan} draft={draft} set={set} onClose={onClose} />
      <ForWhom plan={plan} draft={draft} set={set} />
      <KeptFreeFrom draft={draft} set={set} />
      {plan.party.length > 1 && <KeptParts plan={plan} draft={draft} onChange={setDraft} />}
      <Tick
        label={t('Small hands can reach it')}
        on={draft.smallHands}
        onChange={(smallHands) => set({ smallHands })}
      />
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
      </div>
    </PaperDialog>
  );
}

const SHAPES = ['round', 'oval', 'rectangle', 'half-round'] as const;

/** A part kept for nobody is none. */
function keptFor({ zoneFor: _old, ...surface }: Surface, groups: NonNullable<Surface['zoneFor']>): Surface {
  return groups.length > 0 ? { ...surface, zoneFor: groups } : surface;
}

interface Part {
  draft: Surface;
  set: (patch: Partial<Surface>) => void;
}

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

function KeptParts({
  plan,
  draft,
  onChange,
}: {
  plan: Plan;
  draft: Surface;
  onChange: (draft: Surface) => void;
}) {
  const kept = draft.zoneFor ?? [];
  return (
    <Ticks legend={t('A part of it kept for (open ground around it, tools of its own)')}>
      {plan.party.map(({ id, name }) => (
        <Tick
          key={id}
          inline
          label={t('{name}, a part', { name })}
          on={kept.includes(id)}
          onChange={(on) =>
            onChange(keptFor(draft, on ? [...kept, id] : kept.filter((other) => other !== id)))
          }
        />
      ))}
    </Ticks>
  );
}

function Size({ draft, set }: Part) {
  const outline = draft.outline;
  // back to the shape it had is back to the size it had
  const was = useRef<Partial<Record<Surface['outline']['kind'], Surface['outline']>>>({});
  return (
    <div className="flex flex-wrap items-center gap-2.5">
      <Choice<Surface['outline']['kind']>
        label={t('Shape')}
        width={112}
        value={outline.kind}
        options={outline.kind === 'own' ? [...SHAPES, 'own'] : SHAPES}
        onPick={(kind) => {
          was.current = { ...was.current, [outline.kind]: outline };
          set({ outline: was.current[kind] ?? (kind === 'own' ? outline : reshaped(draft, kind)) });
        }}
      />
      {outline.kind === 'round' ? (
        <LengthInput
          label={t('Across')}
          mm={outline.diameterMm}
          onChange={(diameterMm) => set({ outline: { ...outline, diameterMm } })}
        />
      ) : (
        <>
          <LengthInput
            label={t('Length')}
            mm={outline.lengthMm}
            onChange={(lengthMm) => set({ outline: { ...outline, lengthMm } })}
          />
          <LengthInput
            label={t('Width')}
            mm={outline.widthMm}
            onChange={(widthMm) => set({ outline: { ...outline, widthMm } })}
          />
        </>
      )}
      <LengthInput label={t('Rim')} mm={draft.rimMm} min={0} max={60} onChange={(rimMm) => set({ rimMm })} />
      <Choice
        label={t('Made of')}
        width={104}
        value={draft.material}
        options={MATERIALS}
        onPick={(material) => set({ material })}
      />
    </div>
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
  return (
    <p className="text-soft my-1 mx-0">
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
