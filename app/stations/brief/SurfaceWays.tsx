import { useRef } from 'react';
import { ownOutline, tiersOf } from '../../../core/board/index.js';
import { formatMass } from '../../../core/measure/index.js';
import type { Plan, Surface } from '../../../core/plan/index.js';
import { emptyWeightG, loadG, loadOf, reshaped } from '../../../core/portion/index.js';
import { useSession } from '../../store/session.js';
import { useSettings } from '../../store/settings.js';
import { Choice, Field, LengthInput, Tick, Wrong } from '../../ui/Fields.js';
import { FileButton } from '../../ui/kit/FileButton.js';
import { Input } from '../../ui/kit/Input.js';
import { Menu } from '../../ui/kit/Menu.js';
import { useDrawing } from '../../ui/useDrawing.js';
import { t } from '../../words/index.js';

export interface Part {
  draft: Surface;
  set: (patch: Partial<Surface>) => void;
}

/** A part of the paper that may change any field, or take one away. */
export interface DraftPart {
  plan: Plan;
  draft: Surface;
  onChange: (draft: Surface) => void;
}

const MATERIALS = ['oak', 'walnut', 'slate', 'marble', 'china', 'enamel', 'tin', 'paper'] as const;
const SHAPES = ['round', 'oval', 'rectangle', 'half-round'] as const;

/** Shape, lengths, rim and what it is made of; the outline of a drawing too. */
export function Size({ draft, set }: Part) {
  const outline = draft.outline;
  // back to the shape it had is back to the size it had
  const was = useRef<Partial<Record<Surface['outline']['kind'], Surface['outline']>>>({});
  const take = (next: Surface['outline']): void => {
    was.current = { ...was.current, [outline.kind]: outline, [next.kind]: next };
    set({ outline: next });
  };
  const drawing = useDrawing((_, { outline }) => {
    const own = ownOutline(outline);
    if (!own.ok) return own.problem;
    return take(own.outline);
  });
  return (
    <>
      <div className="flex flex-wrap items-center gap-2.5">
        <Choice<Surface['outline']['kind']>
          label={t('Shape')}
          width={112}
          value={outline.kind}
          options={
            was.current.own || outline.kind === 'own' ? [...SHAPES, ['own', t('as drawn')] as const] : SHAPES
          }
          onPick={(kind) => take(was.current[kind] ?? (kind === 'own' ? outline : reshaped(draft, kind)))}
        />
        <Lengths draft={draft} set={set} />
        <LengthInput
          label={t('Rim')}
          mm={draft.rimMm}
          min={0}
          max={60}
          onChange={(rimMm) => set({ rimMm })}
        />
        <Choice
          label={t('Made of')}
          width={104}
          value={draft.material}
          options={MATERIALS}
          onPick={(material) => set({ material })}
        />
        <FileButton
          words={t('Its outline from a drawing')}
          label={t('A drawing of its outline, SVG')}
          accept=".svg,image/svg+xml"
          size="small"
          onFile={drawing.read}
        />
      </div>
      {drawing.wrong && <Wrong>{drawing.wrong}</Wrong>}
    </>
  );
}

function Lengths({ draft: { outline }, set }: Part) {
  if (outline.kind === 'round')
    return (
      <LengthInput
        label={t('Across')}
        mm={outline.diameterMm}
        onChange={(diameterMm) => set({ outline: { ...outline, diameterMm } })}
      />
    );
  return (
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
  );
}

/** A choice that may be left to what is usual. */
const USUAL = 'usual';
const GROUNDS = [
  [USUAL, t('as the mood has it')],
  ['full', t('full')],
  ['calm', t('calm')],
] as const;
const SIDES = [
  [USUAL, t('all round')],
  ['two-sides', t('on two sides')],
  ['one-side', t('in front only')],
] as const;
const LINERS = [
  [USUAL, t('nothing')],
  ['baking-paper', t('baking paper')],
  ['butcher-paper', t('butcher paper')],
] as const;
const WALLS = [
  [USUAL, t('none')],
  ['2x1', '2'],
  ['3x1', '3'],
  ['2x2', '4'],
  ['3x2', '6'],
  ['4x2', '8'],
  ['3x3', '9'],
  ['4x3', '12'],
] as const;

const SEGMENTS = [
  [USUAL, t('one board')],
  ['3', t('three small boards')],
  ['4', t('four small boards')],
] as const;

/** The surface with one field more, or without it. */
export function withField<
  K extends
    | 'ground'
    | 'guests'
    | 'liner'
    | 'walls'
    | 'segments'
    | 'weightG'
    | 'inPlace'
    | 'goesBack'
    | 'zoneFor'
    | 'singles',
>(surface: Surface, key: K, value: Surface[K] | undefined): Surface {
  const copy: Surface = { ...surface };
  delete copy[key];
  return value === undefined ? copy : { ...copy, [key]: value };
}

/** How it is laid: how full, from which sides it is reached, on what, between which walls. */
export function HowLaid({ draft, onChange }: { draft: Surface; onChange: (draft: Surface) => void }) {
  const { walls, zoneFor } = draft;
  const usual = <T extends string>(value: T | typeof USUAL): T | undefined =>
    value === USUAL ? undefined : (value as T);
  return (
    <div className="flex flex-wrap items-center gap-2.5">
      <Choice<(typeof GROUNDS)[number][0]>
        label={t('Ground')}
        width={160}
        value={draft.ground ?? USUAL}
        options={GROUNDS}
        onPick={(ground) => onChange(withField(draft, 'ground', usual<'full' | 'calm'>(ground)))}
      />
      <Choice<(typeof SIDES)[number][0]>
        label={t('Guests stand')}
        width={130}
        value={draft.guests ?? USUAL}
        options={SIDES}
        onPick={(sides) => onChange(withField(draft, 'guests', usual<'two-sides' | 'one-side'>(sides)))}
      />
      <Choice<(typeof LINERS)[number][0]>
        label={t('Under the food')}
        width={152}
        value={draft.liner ?? USUAL}
        options={LINERS}
        onPick={(liner) =>
          onChange(withField(draft, 'liner', usual<'baking-paper' | 'butcher-paper'>(liner)))
        }
      />
      {!walls && !zoneFor && (
        <Choice<(typeof SEGMENTS)[number][0]>
          label={t('Laid as')}
          width={168}
          value={draft.segments ? (`${draft.segments}` as '3' | '4') : USUAL}
          options={SEGMENTS}
          onPick={(picked) =>
            onChange(withField(draft, 'segments', picked === USUAL ? undefined : (Number(picked) as 3 | 4)))
          }
        />
      )}
      {draft.outline.kind === 'rectangle' && !zoneFor && (
        <Choice<string>
          label={t('Compartments')}
          width={112}
          value={walls ? `${walls.columns}x${walls.rows}` : USUAL}
          options={WALLS}
          onPick={(picked) => {
            const [columns, rows] = picked.split('x').map(Number);
            onChange(withField(draft, 'walls', columns && rows ? { columns, rows } : undefined));
          }}
        />
      )}
    </div>
  );
}

/** What it weighs, whether it is carried laid, whether it goes back. */
export function Carried({ plan, draft, onChange }: DraftPart) {
  const units = useSettings((settings) => settings.units);
  const { weightG: _weighed, ...unweighed } = draft;
  const surfaces = plan.surfaces.map((surface) => (surface.id === draft.id ? draft : surface));
  const laidG = loadG(loadOf({ ...plan, surfaces }, draft));
  const reckoned = emptyWeightG(unweighed);
  return (
    <>
      <div className="flex flex-wrap items-end gap-x-4 gap-y-1">
        <Field label={t('Weighed empty, g')} width={130}>
          <Input
            type="number"
            min={1}
            max={200_000}
            placeholder={t('about {g}', { g: reckoned })}
            value={draft.weightG ?? ''}
            onChange={({ target }) =>
              onChange(withField(draft, 'weightG', target.value === '' ? undefined : Number(target.value)))
            }
          />
        </Field>
        <Tick
          inline
          label={t('Built where it is served')}
          on={draft.inPlace === true}
          onChange={(on) => onChange(withField(draft, 'inPlace', on ? true : undefined))}
        />
        <Tick
          inline
          label={t('Borrowed, it goes back')}
          on={draft.goesBack === true}
          onChange={(on) => onChange(withField(draft, 'goesBack', on ? true : undefined))}
        />
      </div>
      {laidG > 0 && draft.material !== 'paper' && (
        <p className="text-soft my-1 mx-0">
          {t('Laid it weighs about {mass}, bowls counted.', { mass: formatMass(laidG, units) })}
        </p>
      )}
    </>
  );
}

const MOST_SURFACES = 20;

/** One more like it, or a stand of three tiers in its place. */
export function MoreOfIt({ plan, draft, onClose }: { plan: Plan; draft: Surface; onClose: () => void }) {
  const edit = useSession((session) => session.edit);
  const taken = new Set<string>(plan.surfaces.map(({ id }) => id));
  const twin = (): void => {
    let n = 2;
    while (taken.has(`${draft.id.slice(0, 56)}-${n}`)) n += 1;
    edit({
      name: 'set-surface',
      surface: {
        ...draft,
        id: `${draft.id.slice(0, 56)}-${n}` as Surface['id'],
        name: t('{name}, twin', { name: draft.name.slice(0, 48) }),
      },
    });
    onClose();
  };
  const name = draft.name.slice(0, 40);
  const tiers = (): void => {
    edit({
      name: 'set-table',
      surfaceIds: [draft.id],
      parts: tiersOf(draft, [
        t('{name}, lowest tier', { name }),
        t('{name}, middle tier', { name }),
        t('{name}, top tier', { name }),
      ]),
    });
    onClose();
  };
  const room = MOST_SURFACES - plan.surfaces.length;
  const items = [
    ...(room >= 1 ? [{ words: t('A twin of it, for the other end'), press: twin }] : []),
    ...(room >= 2 && !draft.tierOf
      ? [{ words: t('A stand of three tiers instead of it'), press: tiers }]
      : []),
  ];
  return items.length > 0 ? <Menu words={t('More of it')} size="small" items={items} /> : null;
}
