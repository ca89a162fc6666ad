import { useState } from 'react';
import {
  formatLength,
  formatMass,
  formatTemperature,
  parseLocalTime,
  speakTime,
  addMinutes,
  clockOf,
} from '../../../core/measure/index.js';
import { portionsOf, guestsIn, type Group } from '../../../core/party/index.js';
import { ROLES, type Command, type Plan, type Surface } from '../../../core/plan/index.js';
import {
  areaAskedCm2,
  FULL_COVER,
  laidGroundCm2,
  outlineWords,
  surfaceAreaCm2,
  targetsOf,
} from '../../../core/portion/index.js';
import type { Checked } from '../../../core/check/index.js';
import { Frame } from '../../frame/Frame.js';
import { China } from '../../plate/China.js';
import { Seats } from '../../plate/Seats.js';
import { useSession } from '../../store/session.js';
import { useSettings } from '../../store/settings.js';
import { OpenWord } from '../../ui/Paper.js';
import { Rim } from '../../ui/rims.js';
import { POLICY_WORDS, ROLE_WORDS } from '../words.js';
import { GroupDialog, PartyLines } from './PartyDialog.js';
import { SurfaceDialog } from './SurfaceDialog.js';

type Occasion = Plan['occasion'];

export function Brief({ plan, checked }: { plan: Plan; checked: Checked }) {
  const [lines, setLines] = useState(false);
  const [group, setGroup] = useState<Group | null>(null);
  const [surface, setSurface] = useState<Surface | null>(null);
  const units = useSettings((s) => s.units);
  const seenBy = useSession((s) => s.seenBy);
  const see = useSession((s) => s.see);
  const targets = targetsOf(plan);
  const laid = plan.surfaces.reduce((n, s) => n + laidGroundCm2(plan, s), 0);
  const asked = laid > 0 ? laid / FULL_COVER : areaAskedCm2(plan);
  const have = plan.surfaces.reduce((n, s) => n + surfaceAreaCm2(s), 0);
  return (
    <Frame
      plan={plan}
      station="brief"
      checked={checked}
      shelf={
        <>
          <Sentence plan={plan} />
          <h2>The party</h2>
          {plan.party.map((g) => (
            <button
              key={g.id}
              className="party-line"
              onClick={() => setGroup(g)}
              aria-label={`${g.name}, ${g.count} guests. Change`}
            >
              <Rim group={g} />
              {g.name}
              <b>{g.count}</b>
              <i>× {trimmed(portionsOf(g) / g.count)}</i>
            </button>
          ))}
          <button className="button small quiet" style={{ marginTop: 8 }} onClick={() => setLines(true)}>
            {plan.party.length === 0 ? 'Say who is coming' : 'Type the party'}
          </button>
          <h2>How much, by family</h2>
          <p className="soft" style={{ margin: 0 }}>
            {formatMass(targets.totalG, units)} in all, {formatMass(targets.perPortionG, units)} for each of{' '}
            {trimmed(targets.portions)} portions. House default.
          </p>
        </>
      }
      foot={
        <>
          <span>
            <b>{formatMass(targets.totalG, units)}</b> in all
          </span>
          <span>
            <b>{trimmed(targets.portions)}</b> portions
          </span>
          <span>
            <b>{Math.round(asked)}</b> cm² asked
          </span>
          <span>
            <b>{Math.round(have)}</b> cm² there
          </span>
        </>
      }
    >
      <China label="The table from above, one seat a guest">
        <Seats
          party={plan.party}
          r={258}
          picked={seenBy}
          onPick={(id) => see(seenBy === id ? null : id)}
          label={(g) => `${g.name}, ${g.count} guests`}
        />
        <Surfaces plan={plan} onPick={setSurface} />
        <g transform="translate(0 176)" textAnchor="middle">
          <text className="display" fontSize="42" fontWeight="900" fill="#1a2040">
            {plan.party.length === 0 ? 'Nobody yet' : formatMass(targets.totalG, units)}
          </text>
          <text y="22" fontSize="14" fill="#454c66">
            {plan.party.length === 0
              ? 'Say who is coming on the shelf'
              : `${trimmed(targets.portions)} portions of ${formatMass(targets.perPortionG, units)}, ${guestsIn(plan.party)} guests`}
          </text>
        </g>
      </China>
      {lines && <PartyLines hasParty={plan.party.length > 0} onClose={() => setLines(false)} />}
      {group && <GroupDialog group={group} onClose={() => setGroup(null)} />}
      {surface && <SurfaceDialog plan={plan} surface={surface} onClose={() => setSurface(null)} />}
    </Frame>
  );
}

const trimmed = (n: number): string => String(Math.round(n * 100) / 100);

function Sentence({ plan }: { plan: Plan }) {
  const edit = useSession((s) => s.edit);
  const units = useSettings((s) => s.units);
  const o = plan.occasion;
  const set = (patch: Partial<Occasion>): void => edit({ name: 'set-occasion', patch } as Command);
  return (
    <p className="sentence">
      <OpenWord word={o.name} label="Occasion">
        <TextField label="Occasion" value={o.name} onKeep={(name) => name && set({ name })} />
      </OpenWord>
      ,{' '}
      <OpenWord word={ROLE_WORDS[o.role]} label="Part it plays">
        <label className="field">
          The board is
          <select value={o.role} onChange={(e) => set({ role: e.target.value as Occasion['role'] })}>
            {ROLES.map((r) => (
              <option key={r} value={r}>
                {ROLE_WORDS[r]}
              </option>
            ))}
          </select>
        </label>
      </OpenWord>{' '}
      for the{' '}
      <OpenWord word={o.host || 'host'} label="Host">
        <TextField label="Host" value={o.host} onKeep={(host) => set({ host })} />
      </OpenWord>
      , beside{' '}
      <OpenWord word={`${o.otherDishes} other dishes`} label="Other dishes">
        <NumberField
          label="Other dishes served"
          value={o.otherDishes}
          min={0}
          max={50}
          onKeep={(otherDishes) => set({ otherDishes })}
        />
      </OpenWord>
      .{' '}
      <OpenWord word={speakTime(o.start).replace(/ \d{4}/, '')} label="When">
        <label className="field">
          Opens at
          <input
            type="datetime-local"
            value={o.start}
            onChange={(e) => parseLocalTime(e.target.value) && set({ start: e.target.value })}
          />
        </label>
      </OpenWord>{' '}
      to{' '}
      <OpenWord word={clockOf(addMinutes(o.start, o.durationMin))} label="How long">
        <NumberField
          label="Minutes it stands"
          value={o.durationMin}
          min={15}
          max={1440}
          onKeep={(durationMin) => set({ durationMin })}
        />
      </OpenWord>
      ,{' '}
      <OpenWord word={o.where} label="Where">
        <label className="field">
          Where
          <select value={o.where} onChange={(e) => set({ where: e.target.value as Occasion['where'] })}>
            <option>indoors</option>
            <option>outdoors</option>
          </select>
        </label>
        <TextField label="Place" value={o.place} onKeep={(place) => set({ place })} />
      </OpenWord>{' '}
      at{' '}
      <OpenWord word={formatTemperature(o.airTempC, units)} label="Air">
        <NumberField
          label="Air, °C"
          value={o.airTempC}
          min={-30}
          max={50}
          onKeep={(airTempC) => set({ airTempC })}
        />
      </OpenWord>
      ,{' '}
      <OpenWord word={`${o.carMin + o.buildMin} min`} label="Out of the cold before opening">
        <NumberField
          label="Minutes on the road"
          value={o.carMin}
          min={0}
          max={600}
          onKeep={(carMin) => set({ carMin })}
        />
        <NumberField
          label="Minutes to build"
          value={o.buildMin}
          min={0}
          max={600}
          onKeep={(buildMin) => set({ buildMin })}
        />
      </OpenWord>{' '}
      out of the cold before.{' '}
      <OpenWord word={POLICY_WORDS[plan.policy]} label="Who is looked after">
        <label className="field">
          Policy
          <select
            value={plan.policy}
            onChange={(e) => edit({ name: 'set-policy', policy: e.target.value as Plan['policy'] })}
          >
            {(Object.keys(POLICY_WORDS) as Plan['policy'][]).map((p) => (
              <option key={p} value={p}>
                {POLICY_WORDS[p]}
              </option>
            ))}
          </select>
        </label>
      </OpenWord>{' '}
      <OpenWord
        word={
          plan.budgetMinor === null
            ? 'No budget.'
            : `At most ${(plan.budgetMinor / 100).toFixed(0)} ${plan.currency}.`
        }
        label="Budget"
      >
        <NumberField
          label={`At most, ${plan.currency} (0 for none)`}
          value={(plan.budgetMinor ?? 0) / 100}
          min={0}
          max={1000000}
          onKeep={(n) => edit({ name: 'set-budget', budgetMinor: n === 0 ? null : Math.round(n * 100) })}
        />
      </OpenWord>
    </p>
  );
}

/** Keeps on Enter and when the field is left; nothing half typed reaches the plan. */
function TextField({ label, value, onKeep }: { label: string; value: string; onKeep: (v: string) => void }) {
  return (
    <label className="field">
      {label}
      <input
        defaultValue={value}
        maxLength={80}
        onBlur={(e) => e.target.value !== value && onKeep(e.target.value.trim())}
        onKeyDown={(e) => e.key === 'Enter' && e.currentTarget.blur()}
      />
    </label>
  );
}

function NumberField({
  label,
  value,
  min,
  max,
  onKeep,
}: {
  label: string;
  value: number;
  min: number;
  max: number;
  onKeep: (v: number) => void;
}) {
  const keep = (text: string): void => {
    const n = Number(text);
    if (text.trim() !== '' && Number.isFinite(n) && n >= min && n <= max && n !== value) onKeep(n);
  };
  return (
    <label className="field">
      {label}
      <input
        type="number"
        min={min}
        max={max}
        defaultValue={value}
        onBlur={(e) => keep(e.target.value)}
        onKeyDown={(e) => e.key === 'Enter' && keep(e.currentTarget.value)}
      />
    </label>
  );
}

/** The surfaces, to scale with each other, on the table. */
function Surfaces({ plan, onPick }: { plan: Plan; onPick: (s: Surface) => void }) {
  const units = useSettings((s) => s.units);
  const edit = useSession((s) => s.edit);
  const sizes = plan.surfaces.map(
    (s) =>
      (s.outline.kind === 'round'
        ? [s.outline.diameterMm, s.outline.diameterMm]
        : [s.outline.lengthMm, s.outline.widthMm]) as [number, number],
  );
  const total = sizes.reduce((n, [l, w]) => n + l * w, 0);
  const scale = Math.min(0.42, Math.sqrt((Math.PI * 205 * 205 * 0.38) / Math.max(1, total)));
  const order = plan.surfaces
    .map((_, i) => i)
    .sort((a, b) => sizes[b]![0] * sizes[b]![1] - sizes[a]![0] * sizes[a]![1]);
  let [x, y, rowH] = [-180, -158, 0];
  const spots = new Map<number, [number, number]>();
  for (const i of order) {
    const [l, w] = [sizes[i]![0] * scale, sizes[i]![1] * scale];
    if (x + l > 190 && x > -180) [x, y, rowH] = [-150, y + rowH + 12, 0];
    spots.set(i, [x + l / 2, y + w / 2]);
    x += l + 12;
    rowH = Math.max(rowH, w);
  }
  return (
    <>
      {plan.surfaces.map((s, i) => {
        const [cx, cy] = spots.get(i)!;
        const [l, w] = [sizes[i]![0] * scale, sizes[i]![1] * scale];
        const mass = plan.placements.filter((p) => p.surfaceId === s.id).reduce((n, p) => n + p.massG, 0);
        const wood = s.material === 'oak' || s.material === 'walnut';
        const small = Math.min(l, w) < 96;
        // a low surface carries four lines of words: they sit a little higher
        const lift = w < 130 ? 16 : 0;
        return (
          <g
            key={s.id}
            role="button"
            tabIndex={0}
            aria-label={`${s.name}, ${outlineWords(s.outline)}. Change`}
            transform={`translate(${cx.toFixed(1)} ${cy.toFixed(1)})`}
            onClick={() => onPick(s)}
            onKeyDown={(e) =>
              (e.key === 'Enter' || e.key === ' ') && (e.preventDefault(), e.stopPropagation(), onPick(s))
            }
            style={{ cursor: 'pointer' }}
          >
            <rect
              x={-l / 2}
              y={-w / 2}
              width={l}
              height={w}
              rx={s.outline.kind === 'round' ? l / 2 : Math.max(4, s.outline.cornerMm * scale)}
              fill={wood ? '#d9b27c' : '#fdfdf9'}
              stroke={wood ? '#b98547' : '#1f2c5e'}
              strokeWidth={small ? 3 : 6}
            />
            <text
              className="display"
              y={small ? 5 : -8 - lift}
              textAnchor="middle"
              fontSize={small ? 13.5 : 18}
              fontWeight="800"
              fill="#1a2040"
            >
              {small ? formatMass(mass, units) : s.name}
            </text>
            {!small && (
              <>
                <text y={10 - lift} textAnchor="middle" fontSize="13.5" fill="#2a2f47">
                  {s.outline.kind === 'round'
                    ? `Ø ${formatLength(s.outline.diameterMm, units)}`
                    : `${formatLength(s.outline.lengthMm, units)} × ${formatLength(s.outline.widthMm, units)}`}
                </text>
                <text
                  className="display"
                  y={34 - lift}
                  textAnchor="middle"
                  fontSize="19"
                  fontWeight="900"
                  fill="#1a2040"
                >
                  {formatMass(mass, units)}
                </text>
                {s.freeFrom.length > 0 && (
                  <text y={52 - lift} textAnchor="middle" fontSize="13" fill="#2a2f47">
                    no {s.freeFrom.slice(0, 3).join(', ')}
                    {s.freeFrom.length > 3 ? ' …' : ''}
                  </text>
                )}
                {laidGroundCm2(plan, s) > 0 && s.freeFrom.length === 0 && (
                  <text y={52 - lift} textAnchor="middle" fontSize="13" fill="#2a2f47">
                    {Math.round((100 * laidGroundCm2(plan, s)) / surfaceAreaCm2(s))} % full at opening
                  </text>
                )}
              </>
            )}
          </g>
        );
      })}
      <g
        role="button"
        tabIndex={0}
        aria-label="Add a surface"
        transform="translate(150 96)"
        style={{ cursor: 'pointer' }}
        onClick={() => add()}
        onKeyDown={(e) =>
          (e.key === 'Enter' || e.key === ' ') && (e.preventDefault(), e.stopPropagation(), add())
        }
      >
        <circle r="17" fill="#fdfdf9" stroke="#1f2c5e" strokeWidth="2" strokeDasharray="4 4" />
        <path d="M-7 0H7M0-7V7" stroke="#8a1a50" strokeWidth="2.6" strokeLinecap="round" />
      </g>
    </>
  );

  function add(): void {
    let n = plan.surfaces.length + 1;
    while (plan.surfaces.some((s) => s.id === `surface-${n}`)) n++;
    edit({
      name: 'set-surface',
      surface: {
        id: `surface-${n}`,
        name: `Board ${n}`,
        outline: { kind: 'round', diameterMm: 300 },
        rimMm: 10,
        material: 'oak',
        serves: null,
        freeFrom: [],
        smallHands: true,
      } as unknown as Surface,
    });
  }
}
