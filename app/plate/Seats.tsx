import { useId } from 'react';
import type { Glyph } from '../ui/Glyph.js';
import type { RimLook } from '../../core/needs/index.js';
import type { Group } from '../../core/party/index.js';
import { outlinePath, RimPaint, rimOf } from '../ui/rims.js';
import { ArcText, onCircle } from './China.js';

interface SeatsProps {
  party: readonly Group[];
  r: number;
  state?: (group: Group) => Glyph;
  /** A question about the group was let be: its cover carries a mark. */
  letBe?: (group: Group) => boolean;
  picked?: string | null;
  onPick?: (id: string) => void;
  label: (group: Group) => string;
}

const GAP = 0.55;

/** One seat a guest, grouped by need. A seat's rim is its need, its shape the verdict. More than forty guests sit as groups. */
export function Seats({ party, r, state, letBe, picked, onPick, label }: SeatsProps) {
  const guests = party.reduce((sum, group) => sum + group.count, 0);
  if (guests === 0) return null;
  const most = 44;
  const scale = Math.min(1, most / guests);
  const shown = party.map((group) => Math.max(1, Math.round(group.count * scale)));
  const total = shown.reduce((a, b) => a + b, 0) + party.length * GAP;
  const unit = 360 / total;
  const size = Math.min(23, (unit * Math.PI * r) / 180 / 2.06);
  let a = -64;
  return party.map((group, gi) => {
    const from = a;
    const seats = Array.from({ length: shown[gi]! }, (_, i) => from + unit * (i + 0.5));
    a += unit * (shown[gi]! + GAP);
    const middle = from + (unit * shown[gi]!) / 2;
    const st = state?.(group) ?? 'whole';
    const on = picked === group.id;
    const look = rimOf(group);
    const name =
      group.count * unit * r * 0.0175 > group.name.length * 6.2
        ? `${group.name} ${group.count}`
        : short(group);
    return (
      <g
        key={group.id}
        className={onPick ? 'cursor-pointer transition-colors' : undefined}
        role={onPick ? 'button' : 'img'}
        tabIndex={onPick ? 0 : undefined}
        aria-pressed={onPick ? on : undefined}
        aria-label={label(group)}
        onClick={() => onPick?.(group.id)}
        onKeyDown={(event) =>
          (event.key === 'Enter' || event.key === ' ') &&
          (event.preventDefault(), event.stopPropagation(), onPick?.(group.id))
        }
      >
        {onPick && <PressedArc seats={seats} r={r} width={size * 2} />}
        {seats.map((seat, i) => (
          <g key={seat} transform={`${placed(r, seat)} scale(${on ? 1.12 : 1})`}>
            {group.seats?.[i] && <title>{group.seats[i]}</title>}
            <SeatPlate
              look={look}
              r={size}
              state={st}
              letBe={letBe?.(group) ?? false}
              picked={on}
              name={group.seats?.[i]?.slice(0, 3) ?? String(i + 1)}
            />
          </g>
        ))}
        <ArcText id={`seat-${group.id}`} r={r + size + 5} at={middle} size={13.5} weight={800}>
          {name}
        </ArcText>
      </g>
    );
  });
}

function placed(r: number, seat: number): string {
  const [x, y] = onCircle(r, seat);
  return `translate(${x.toFixed(1)} ${y.toFixed(1)})`;
}

/** Between two plates, and where one is broken out, a finger still means the group. */
function PressedArc({ seats, r, width }: { seats: readonly number[]; r: number; width: number }) {
  const points = seats.map((seat) =>
    onCircle(r, seat)
      .map((at) => at.toFixed(1))
      .join(),
  );
  return (
    <polyline
      points={points.join(' ')}
      fill="none"
      stroke="transparent"
      strokeWidth={width}
      strokeLinecap="round"
    />
  );
}

/** "Tree-nut" is one word: a tree is none of what they leave out. */
const short = (group: Group): string => `${group.name.split(/[ ,]/)[0]} ${group.count}`;

/** Where a piece is broken out, low on the right; its ends lie `out` radii from the middle. */
const chipEdge = (r: number, out: number): string =>
  `M${r * out} ${r * 0.32}L${r * 0.62} ${r * 0.3}L${r * 0.6} ${r * 0.5}L${r * 0.4} ${r * 0.62}L${r * 0.38} ${r * out}`;

function SeatPlate({
  look,
  r,
  state,
  letBe,
  picked,
  name,
}: {
  look: RimLook;
  r: number;
  state: Glyph;
  letBe: boolean;
  picked: boolean;
  /** The first letters of a named guest, or the seat's number in its group. */
  name: string;
}) {
  const outline = outlinePath(look.pattern, r);
  const chip = useId();
  const chipped = state === 'chipped';
  return (
    <>
      {chipped && (
        <mask id={chip} maskUnits="userSpaceOnUse" x={-2 * r} y={-2 * r} width={4 * r} height={4 * r}>
          <rect x={-2 * r} y={-2 * r} width={4 * r} height={4 * r} fill="white" />
          <path d={`${chipEdge(r, 1.3)}L${r * 1.3} ${r * 1.3}Z`} fill="black" />
        </mask>
      )}
      <g mask={chipped ? `url(#${chip})` : undefined}>
        <circle cy="1.6" r={r + 0.6} fill="var(--ink)" opacity=".16" />
        <path
          d={outline}
          fill="var(--china)"
          stroke={picked ? 'var(--beet)' : 'var(--enamel)'}
          strokeWidth={picked ? 2.6 : 1.3}
        />
        <RimPaint look={look} r={r} />
      </g>
      {chipped && (
        <path
          d={chipEdge(r, 0.94)}
          fill="none"
          stroke="var(--enamel)"
          strokeWidth="1.6"
          strokeLinejoin="round"
        />
      )}
      <OnPlate r={r} state={state} letBe={letBe} name={name} />
    </>
  );
}

/** A crack, a cover, or the seat's name on the china. */
function OnPlate({ r, state, letBe, name }: { r: number; state: Glyph; letBe: boolean; name: string }) {
  return (
    <>
      {state === 'cracked' && (
        <path
          d={`M${-r * 0.06} ${-r}L${r * 0.16} ${-r * 0.5}L${-r * 0.14} ${-r * 0.16}L${r * 0.12} ${r * 0.24}L${-r * 0.08} ${r}`}
          fill="none"
          stroke="var(--enamel)"
          strokeWidth="2.6"
          strokeLinejoin="round"
        />
      )}
      {state === 'covered' ? (
        <g transform={`scale(${r / 17})`}>
          <path d="M-11 7C-11-11 11-11 11 7Z" fill="var(--cover)" stroke="var(--enamel)" strokeWidth="1.8" />
          <circle cy="-8" r="2" fill="var(--enamel)" />
          {letBe && <path d="M-6 1H6" stroke="var(--enamel)" strokeWidth="2.4" strokeLinecap="round" />}
        </g>
      ) : (
        r > 14 &&
        state !== 'cracked' && (
          <text y="4.6" textAnchor="middle" fontSize="13.5" fontWeight="700" fill="var(--ink)">
            {name}
          </text>
        )
      )}
    </>
  );
}
