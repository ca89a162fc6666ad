import { useMemo } from 'react';
import {
  coloursApart,
  layMotifOf,
  motifHeaps,
  roomTaken,
  sizedMotif,
  type MotifHeap,
  type MotifHeaps,
} from '../../../core/board/index.js';
import { motifAlone } from '../../../core/lay/index.js';
import { formatFineLength, formatMass, shortName } from '../../../core/measure/index.js';
import { applyCommand, type Motif, type Plan, type Surface } from '../../../core/plan/index.js';
import { isReadIn, withBorder } from '../../../core/shape/index.js';
import { useSession } from '../../store/session.js';
import { useSettings } from '../../store/settings.js';
import { Button } from '../../ui/kit/Button.js';
import { useBoardUrl } from '../../ui/pictures.js';
import { t } from '../../words/index.js';
import type { StationView } from '../station.js';
import { BenchFrame, CareTag, LayIt, Result } from './BenchFrame.js';
import { useAsked } from './useCraft.js';
import { LEAST_MOTIF_MM, MOST_MOTIF_MM, motifOn, MotifSentence } from './MotifSentence.js';
import { useLayIn } from './useLayIn.js';

/** Nearer colours than this do not tell the figure from its border (house default). */
const LEAST_APART = 0.2;

interface Asked {
  motif: Motif;
}

/** A figure on a surface: an outline filled with one food, with another around it and details on top. */
export function MotifCraft(view: StationView) {
  const { plan, checked } = view;
  const first = useMemo(() => motifOn(plan, plan.surfaces[0]), [plan]);
  const [asked, ask] = useAsked<Partial<Asked>>(plan, 'motif', first ? { motif: first } : {});
  const surface = plan.surfaces.find(({ id }) => id === asked.motif?.surfaceId);
  const heaps = useMemo(() => asked.motif && motifHeaps(plan, asked.motif), [plan, asked.motif]);
  if (!asked.motif || !surface || !heaps)
    return (
      <BenchFrame plan={plan} checked={checked} label={t('The motif')} shelf={null} foot={null} plate={null}>
        <Result large={t('Nothing to fill it with')}>
          <p className="m-0">
            {t('Choose foods first: small pieces that lie loose, such as berries or cubes.')}
          </p>
        </Result>
      </BenchFrame>
    );
  return (
    <Motifs {...view} motif={asked.motif} surface={surface} heaps={heaps} ask={(motif) => ask({ motif })} />
  );
}

interface Made {
  plan: Plan;
  motif: Motif;
  surface: Surface;
  heaps: MotifHeaps;
}
type Asking = Made & { ask: (motif: Motif) => void };

function Motifs({ checked, ...made }: StationView & Asking) {
  return (
    <BenchFrame
      plan={made.plan}
      checked={checked}
      label={t('The motif as it will lie')}
      shelf={<MotifSentence {...made} />}
      foot={<MotifFoot heaps={made.heaps} />}
      plate={<MotifDrawn plan={made.plan} motif={made.motif} />}
    >
      <Found {...made} />
      <CareTag title={t('Lay it so')} lines={careOf(made)} />
    </BenchFrame>
  );
}

function careOf({ motif, heaps }: Made): string[] {
  return [
    t('First the bowls, then this: its border, what fills it from the edge inward, the rest around it.'),
    ...(motif.border ? [] : [t('Without a border it melts into what lies around it.')]),
    ...(heaps.detail
      ? [t('Cut the details from thin slices and keep them in the cold, covered, until the last minute.')]
      : []),
    t('Its foods touch: who must not meet one of them eats from neither.'),
  ];
}

function MotifFoot({ heaps: { fill, border, detail, areaCm2 } }: { heaps: MotifHeaps }) {
  const units = useSettings((settings) => settings.units);
  const told = (heap: MotifHeap | undefined, words: string) =>
    heap && (
      <span>
        <b>{heap.pieces}</b> {words}, {formatMass(heap.massG, units)}
      </span>
    );
  return (
    <>
      {told(fill, t('pieces in it'))}
      {told(border, t('around it'))}
      {told(detail, t('on it'))}
      <span>
        <b>{Math.round(areaCm2)}</b> {t('cm² filled')}
      </span>
    </>
  );
}

/** What it takes, what is wrong with it, and the way onto the board. */
function Found(made: Asking) {
  const { motif, heaps, ask } = made;
  const units = useSettings((settings) => settings.units);
  const { fine, leastMm } = isReadIn(motif.outline, motif.acrossMm, heaps.fill.fact);
  const border = heaps.border;
  const alike =
    border && coloursApart(border.component.colours[0], heaps.fill.component.colours[0]) < LEAST_APART;
  return (
    <Result
      large={t('{mass} of {food}', {
        mass: formatMass(heaps.fill.massG, units),
        food: shortName(heaps.fill.component.name).toLowerCase(),
      })}
    >
      {!fine && (
        <p className="m-0 text-base/[1.3]">
          {t('Its pieces are too coarse for the narrowest place of the figure.')}{' '}
          {leastMm <= MOST_MOTIF_MM && (
            <Button size="small" onClick={() => ask(sizedMotif(motif, motif.cutter, leastMm))}>
              {t('Take it {size} across', { size: formatFineLength(leastMm, units) })}
            </Button>
          )}
        </p>
      )}
      {alike && (
        <p className="m-0 text-base/[1.3]">
          {t('Filling and border have nearly one colour: the figure will not be seen.')}
        </p>
      )}
      <LayMotif {...made} />
    </Result>
  );
}

/** Of a figure that just fits, what is offered instead: a board lies around it. */
const WITH_ROOM = 0.8;

function LayMotif({ plan, motif, surface, heaps, ask }: Asking) {
  const units = useSettings((settings) => settings.units);
  const edit = useSession((session) => session.edit);
  const { layIn, busy } = useLayIn(plan);
  const taken = roomTaken(surface, withBorder(motif.outline, heaps.border?.fact));
  if (taken > 1) {
    const mm = Math.max(LEAST_MOTIF_MM, Math.floor((motif.acrossMm * WITH_ROOM) / taken / 5) * 5);
    return (
      <p className="m-0 text-base/[1.3]">
        {t('{surface} has no room for it.', { surface: surface.name })}{' '}
        <Button size="small" onClick={() => ask(sizedMotif(motif, motif.cutter, mm))}>
          {t('Take it {size} across', { size: formatFineLength(mm, units) })}
        </Button>
      </p>
    );
  }
  const lying = plan.motifs.find(({ id }) => id === motif.id);
  const same = lying && JSON.stringify(lying) === JSON.stringify(motif);
  return (
    <LayIt
      surface={surface}
      isLaid={same === true}
      disabled={busy}
      onLay={() => {
        const command = layMotifOf(plan, motif);
        if (command) layIn(command, surface.id);
      }}
    >
      {lying && (
        <>
          {' '}
          <Button
            look="quiet"
            disabled={busy}
            onClick={() => edit({ name: 'remove-motif', motifId: motif.id })}
          >
            {t('Take the motif away')}
          </Button>
        </>
      )}
    </LayIt>
  );
}

const [DRAWN, UP] = [400, 70];

/** The figure by itself, as it will lie. */
function MotifDrawn({ plan, motif }: { plan: Plan; motif: Motif }) {
  const seen = useMemo(() => {
    const command = layMotifOf(plan, motif);
    const done = command && applyCommand(plan, command);
    if (!done?.ok) return undefined;
    const elements = motifAlone(done.plan, motif.id, plan.seed);
    const reach = Math.max(1, ...elements.flatMap(({ outline }) => outline.flat().map(Math.abs)));
    const surface: Surface = {
      ...done.plan.surfaces.find(({ id }) => id === motif.surfaceId)!,
      outline: { kind: 'round', diameterMm: Math.ceil(2 * reach) + 20 },
      rimMm: 0,
    };
    return {
      surface,
      plan: {
        ...done.plan,
        surfaces: done.plan.surfaces.map((other) => (other.id === surface.id ? surface : other)),
        layout: [{ surfaceId: surface.id, elements }],
      },
    };
  }, [plan, motif]);
  const url = useBoardUrl(seen?.plan ?? plan, seen?.surface, BARE);
  if (!seen || !url) return null;
  return <image href={url} x={-DRAWN / 2} y={-DRAWN / 2 - UP} width={DRAWN} height={DRAWN} />;
}

const BARE = { bare: true } as const;
