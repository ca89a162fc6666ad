import {
  areSiblings,
  isPile,
  type Command,
  type LaidElement,
  type Surface,
} from '../../../core/plan/index.js';
import { useKitchen } from '../../store/kitchen-jobs.js';
import { useSession } from '../../store/session.js';
import { t } from '../../words/index.js';

type SurfaceId = Surface['id'];
type Single = Exclude<Command, { name: 'together' }>;

/** An edit of what lies on a surface; what is in its way is laid a moment later, one step of undo with it. */
export function useByHand(surfaceId: SurfaceId | undefined): (label: string, commands: Single[]) => void {
  const edit = useSession((session) => session.edit);
  const makeWay = useKitchen((kitchen) => kitchen.makeWay);
  return (label, commands) => {
    const before = useSession.getState().plan;
    edit({ name: 'together', label, commands });
    if (before && surfaceId) void makeWay(before, surfaceId, label);
  };
}

const elementsNow = (surfaceId: SurfaceId): readonly LaidElement[] =>
  useSession.getState().plan?.layout.find((layer) => layer.surfaceId === surfaceId)?.elements ?? [];

const far = (a: LaidElement, b: LaidElement): number => Math.hypot(a.x - b.x, a.y - b.y);

/** The other piles of an element's food, the nearest first. */
export const likeIt = (element: LaidElement, elements: readonly LaidElement[]): LaidElement[] =>
  elements.filter((other) => areSiblings(element, other)).sort((a, b) => far(element, a) - far(element, b));

/** A tenth of a pile goes at a time: a hand's few. */
const HANDFUL = 0.1;

/** A row is bent by so much at a press. */
export const BEND_MM = 12;

/** What hands do with whole piles; each does nothing where there is nothing to do. */
export function usePiles(id: SurfaceId | undefined) {
  const byHand = useByHand(id);
  // with no surface there is no element to be told of
  const surfaceId = id!;
  return {
    part(element: LaidElement): void {
      if (!isPile(element) || element.pieces.length < 2) return;
      const taken = new Set(elementsNow(surfaceId).map(({ id }) => id));
      const names = Array.from({ length: 99 }, (_, i) => `${element.id.slice(0, 56)}-h${i + 1}`);
      const newId = names.find((name) => !taken.has(name));
      if (newId) byHand(t('part a pile'), [{ name: 'part-pile', surfaceId, elementId: element.id, newId }]);
    },
    join(element: LaidElement): void {
      const [other] = likeIt(element, elementsNow(surfaceId));
      if (other)
        byHand(t('put piles together'), [
          { name: 'join-piles', surfaceId, elementId: element.id, otherId: other.id },
        ]);
    },
    /** Larger takes a handful from the nearest pile of its food, smaller gives one to it. */
    grow(element: LaidElement, way: 1 | -1): void {
      const [other] = likeIt(element, elementsNow(surfaceId));
      if (!other) return;
      const [from, to] = way === 1 ? [other, element] : [element, other];
      const count = Math.max(1, Math.round(from.pieces.length * HANDFUL));
      byHand(t('move pieces to another pile'), [
        { name: 'give-pieces', surfaceId, fromId: from.id, toId: to.id, count },
      ]);
    },
    /** Pulls a row's middle so far across. */
    bend(element: LaidElement, byMm: number): void {
      byHand(t('bend a row'), [{ name: 'bend-row', surfaceId, elementId: element.id, byMm }]);
    },
    /** Pulls one end of a row so far over the board. */
    pullEnd(element: LaidElement, end: 0 | 1, dxMm: number, dyMm: number): void {
      byHand(t('pull a row’s end'), [
        { name: 'pull-row-end', surfaceId, elementId: element.id, end, dxMm, dyMm },
      ]);
    },
    trade(element: LaidElement, other: LaidElement): void {
      byHand(t('trade places'), [
        { name: 'trade-places', surfaceId, elementId: element.id, otherId: other.id },
      ]);
    },
  };
}
