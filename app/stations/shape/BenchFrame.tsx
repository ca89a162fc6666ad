import type { ReactNode } from 'react';
import { Link } from 'react-router';
import type { Checked } from '../../../core/check/index.js';
import type { Plan, Surface } from '../../../core/plan/index.js';
import { Frame } from '../../frame/Frame.js';
import { China } from '../../plate/China.js';
import { Button, buttonLook } from '../../ui/kit/Button.js';
import { ToggleGroup } from '../../ui/kit/ToggleGroup.js';
import { t } from '../../words/index.js';
import { shape } from './station.js';
import { CRAFT_IDS, useCraft, type CraftId } from './useCraft.js';

const CRAFT_WORDS: Record<CraftId, string> = {
  'cut-out': t('Cut out'),
  window: t('Window'),
  mould: t('Mould'),
  fold: t('Fold'),
  word: t('Word'),
  motif: t('Motif'),
  fruit: t('Fruit'),
  skewers: t('Skewers'),
};

/** The bench with one craft on it: what is worked on lies on the plate, its words and tools on the shelf. */
export function BenchFrame({
  plan,
  checked,
  label,
  shelf,
  foot,
  plate,
  children,
}: {
  plan: Plan;
  checked: Checked;
  label: string;
  shelf: ReactNode;
  foot: ReactNode;
  /** Drawn on the plate. */
  plate: ReactNode;
  /** Over the plate. */
  children?: ReactNode;
}) {
  return (
    <Frame
      plan={plan}
      station={shape}
      checked={checked}
      shelf={
        <>
          <Crafts plan={plan} />
          {shelf}
          <p className="mt-3">
            <Link className={buttonLook({ look: 'quiet', size: 'small' })} to={`/plan/${plan.id}/bench`}>
              {t('Print the bench')}
            </Link>
          </p>
        </>
      }
      foot={foot}
    >
      <China label={label}>{plate}</China>
      <div className="max-md:pt-[92vw] max-md:pb-20">{children}</div>
    </Frame>
  );
}

function Crafts({ plan }: { plan: Plan }) {
  const [craft, take] = useCraft(plan);
  return (
    <ToggleGroup
      label={t('What is done on the bench')}
      value={craft}
      options={CRAFT_IDS.map((id) => ({ value: id, words: CRAFT_WORDS[id] }))}
      onPick={take}
      className="mb-2 grid grid-cols-3 gap-1.5"
    />
  );
}

/** What is reckoned, in large, with what follows from it: under what lies on the plate. */
export function Result({ large, children }: { large: string; children?: ReactNode }) {
  return (
    <div className="on-paper absolute top-[63%] left-1/2 z-3 w-110 max-w-full -translate-x-1/2 text-center text-ink max-md:static max-md:mx-auto max-md:mb-4 max-md:translate-x-0 stepped:invisible">
      <p className="m-0 font-display text-2xl/[1.05] font-black" role="status" aria-live="polite">
        {large}
      </p>
      {children}
    </div>
  );
}

/** What to take care of, beside the plate. */
export function CareTag({ title, lines }: { title: string; lines: readonly string[] }) {
  if (lines.length === 0) return null;
  return (
    <div
      className="on-paper edge-tag absolute -right-51 bottom-4 z-6 w-58 bg-card py-3 pr-3.5 pl-5.5 max-xl:-right-73 max-xl:w-68 max-md:static max-md:w-full stepped:invisible"
      role="region"
      aria-label={title}
    >
      <h2 className="m-0 mb-1 text-lg/[1.05] font-black">{title}</h2>
      <ul className="m-0 list-none p-0 text-sm/[1.25]">
        {lines.map((line) => (
          <li key={line} className="mb-1.5">
            {line}
          </li>
        ))}
      </ul>
    </div>
  );
}

/** The way onto a surface, or that it lies there already; `n` where it is several. */
export function LayIt({
  surface,
  n,
  isLaid,
  disabled,
  onLay,
  children,
}: {
  surface: Surface;
  n?: number;
  isLaid: boolean;
  disabled: boolean;
  onLay: () => void;
  /** Beside it. */
  children?: ReactNode;
}) {
  const { name } = surface;
  return (
    <p className="m-0 mt-2">
      {isLaid ? (
        <b>
          {n === undefined
            ? t('It lies on {surface}.', { surface: name })
            : t('They lie on {surface}.', { surface: name })}
        </b>
      ) : (
        <Button disabled={disabled} onClick={onLay}>
          {n === undefined
            ? t('Lay it on {surface}', { surface: name })
            : t('Lay {n, number} on {surface}', { n, surface: name })}
        </Button>
      )}
      {children}
    </p>
  );
}
