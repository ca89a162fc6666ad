import { Minus, Pin, PinOff, Plus, Repeat, RotateCcw, RotateCw, Spline } from 'lucide-react';
import { useEffect, useRef } from 'react';
import { FORMS, formName, type Component } from '../../../core/catalogue/index.js';
import { formatLength, formatMass } from '../../../core/measure/index.js';
import {
  isPile,
  isRow,
  planLarder,
  type LaidElement,
  type Plan,
  type SingleCommand,
  type Surface,
} from '../../../core/plan/index.js';
import { surfaceAreaCm2 } from '../../../core/portion/index.js';
import { areaOf } from '../../../core/geometry/index.js';
import { sendTo, setForm, surfacesFor } from '../../../core/board/index.js';
import { useKitchen } from '../../store/kitchen-jobs.js';
import { useSession } from '../../store/session.js';
import { useSettings } from '../../store/settings.js';
import { Button } from '../../ui/kit/Button.js';
import { Menu } from '../../ui/kit/Menu.js';
import { t, word } from '../../words/index.js';
import { BEND_MM, likeIt, usePiles } from './byHand.js';

interface Tagged {
  surface: Surface;
  element: LaidElement;
}

/** The picked food's luggage tag: what it is, and what can be done with it. */
export function TagCard({
  plan,
  surface,
  element,
  trading,
  onTrade,
  onSwap,
}: Tagged & { plan: Plan; trading: boolean; onTrade: () => void; onSwap: () => void }) {
  const card = useRef<HTMLDivElement>(null);
  const component = planLarder(plan).get(element.componentId);
  useEffect(() => {
    // braces: newer browsers return a promise here, which must not be taken for a clean-up
    card.current?.scrollIntoView({ block: 'nearest' });
  }, [element.id]);
  if (!component) return null;
  return (
    <div
      className="on-paper edge-tag absolute -right-51 bottom-15 z-6 w-56 bg-card py-3 pr-3.5 pl-5.5 max-xl:right-1.5 max-xl:bottom-12 stepped:invisible"
      ref={card}
      role="region"
      aria-label={t('Tag of {name}', { name: component.name })}
    >
      <h2 className="mb-1 text-lg/[1.05] font-black">{component.name}</h2>
      <TagFacts plan={plan} surface={surface} element={element} component={component} />
      <TagDeeds surface={surface} element={element} onSwap={onSwap} />
      <Elsewise plan={plan} surface={surface} element={element} component={component} />
      <PileDeeds plan={plan} surface={surface} element={element} trading={trading} onTrade={onTrade} />
    </div>
  );
}

function TagFacts({ plan, surface, element, component }: Tagged & { plan: Plan; component: Component }) {
  const units = useSettings((settings) => settings.units);
  const fact = component.forms.find((fact) => fact.form === element.form);
  const lots = plan.placements.filter(
    (placement) => placement.componentId === element.componentId && placement.surfaceId === surface.id,
  );
  const mass = lots
    .filter((placement) => placement.lot === 0)
    .reduce((sum, placement) => sum + placement.massG, 0);
  return (
    <table className="w-full border-collapse text-sm [&_td:last-child]:text-right [&_td:last-child]:font-bold [&_td:last-child]:whitespace-nowrap">
      <tbody>
        <tr>
          <td>{t('At opening')}</td>
          <td>{formatMass(mass, units)}</td>
        </tr>
        <tr>
          <td>{t('Form')}</td>
          <td>
            {element.bowlMm !== null
              ? t('bowl Ø {bowlMm}', { bowlMm: formatLength(element.bowlMm * 2, units) })
              : word(formName(element.form))}
          </td>
        </tr>
        <tr>
          <td>{t('Here')}</td>
          <td>
            {FORMS[element.form].lies === 'alone'
              ? t('one')
              : t('{piecesCount} pieces{fact}', {
                  piecesCount: element.pieces.length,
                  fact: fact ? `, ${formatMass(element.pieces.length * fact.pieceG, units)}` : '',
                })}
          </td>
        </tr>
        <tr>
          <td>{t('Lots')}</td>
          <td>{new Set(lots.map((placement) => placement.lot)).size}</td>
        </tr>
        <tr>
          <td>{t('Share of the ground')}</td>
          <td>{Math.round((100 * areaOf(element.outline)) / 100 / surfaceAreaCm2(surface))} %</td>
        </tr>
      </tbody>
    </table>
  );
}

function TagDeeds({ surface, element, onSwap }: Tagged & { onSwap: () => void }) {
  const edit = useSession((session) => session.edit);
  const turn = (by: number): void =>
    edit({
      name: 'move-element',
      surfaceId: surface.id,
      elementId: element.id,
      x: element.x,
      y: element.y,
      angle: (element.angle + by) % 360,
    });
  return (
    <div className="flex flex-wrap items-center mt-2 gap-1">
      <Button
        size="small"
        aria-pressed={element.pinned}
        onClick={() =>
          edit({ name: 'pin-element', surfaceId: surface.id, elementId: element.id, on: !element.pinned })
        }
      >
        {element.pinned ? <PinOff size={15} /> : <Pin size={15} />} {element.pinned ? t('Let go') : t('Pin')}
      </Button>
      <Button look="quiet" size="small" aria-label={t('Turn left')} onClick={() => turn(-15)}>
        <RotateCcw size={15} />
      </Button>
      <Button look="quiet" size="small" aria-label={t('Turn right')} onClick={() => turn(15)}>
        <RotateCw size={15} />
      </Button>
      <Button look="quiet" size="small" aria-label={t('Swap it')} onClick={onSwap}>
        <Repeat size={15} />
      </Button>
    </div>
  );
}

/** One step of undo: the edit, and the laying of what it changes; the rest stays where it lies. */
function useRelaid(): (label: string, commands: SingleCommand[]) => void {
  const edit = useSession((session) => session.edit);
  const lay = useKitchen((kitchen) => kitchen.lay);
  return (label, commands) => {
    const before = useSession.getState().plan;
    edit({ name: 'together', label, commands });
    const now = useSession.getState().plan;
    if (now && before) void lay(now, label, before);
  };
}

/** What the food may become or where it may go: another form of it here, all of it or half to another surface. */
function Elsewise({ plan, surface, element, component }: Tagged & { plan: Plan; component: Component }) {
  const relaid = useRelaid();
  const sends = surfacesFor(plan, component)
    .filter(({ id }) => id !== surface.id)
    .flatMap((other) =>
      ([true, false] as const).flatMap((half) => {
        const commands = sendTo(plan, element.componentId, surface.id, other.id, half);
        if (commands.length === 0) return [];
        return [
          {
            words: half
              ? t('Half of it to {name}', { name: other.name })
              : t('All of it to {name}', { name: other.name }),
            press: () => relaid(t('send to another surface'), commands),
          },
        ];
      }),
    );
  const forms = element.motif
    ? []
    : component.forms
        .filter(({ form }) => form !== element.form)
        .map((fact) => ({
          words: word(formName(fact.form)),
          press: () =>
            relaid(t('change the form'), [setForm(plan, { ...element, surfaceId: surface.id }, fact)]),
        }));
  if (sends.length + forms.length === 0) return null;
  return (
    <div className="mt-1.5 flex flex-wrap gap-1">
      {forms.length > 0 && <Menu words={t('In another form')} size="small" items={forms} />}
      {sends.length > 0 && <Menu words={t('To another surface')} size="small" items={sends} />}
    </div>
  );
}

/** What hands do with a whole pile: part it, put it to its like, make it larger or smaller, let two trade places. */
function PileDeeds({
  plan,
  surface,
  element,
  trading,
  onTrade,
}: Tagged & { plan: Plan; trading: boolean; onTrade: () => void }) {
  const elements = plan.layout.find(({ surfaceId }) => surfaceId === surface.id)?.elements ?? [];
  const alone = likeIt(element, elements).length === 0;
  return (
    <div role="group" aria-label={t('The pile')} className="mt-1.5 flex flex-wrap items-center gap-1">
      {isPile(element) && <HeapDeeds surface={surface} element={element} alone={alone} />}
      {isRow(element) && <BendDeeds surface={surface} element={element} />}
      <Button look="quiet" size="small" aria-pressed={trading} onClick={onTrade}>
        {t('Trade places')}
      </Button>
    </div>
  );
}

/** Part it, put it to its like, larger, smaller. */
function HeapDeeds({ surface, element, alone }: Tagged & { alone: boolean }) {
  const piles = usePiles(surface.id);
  return (
    <>
      <Button
        look="quiet"
        size="small"
        disabled={element.pieces.length < 2}
        onClick={() => piles.part(element)}
      >
        {t('Part it')}
      </Button>
      <Button look="quiet" size="small" disabled={alone} onClick={() => piles.join(element)}>
        {t('Join')}
      </Button>
      <Button
        look="quiet"
        size="small"
        disabled={alone}
        aria-label={t('Larger, from its other pile')}
        onClick={() => piles.grow(element, 1)}
      >
        <Plus size={15} />
      </Button>
      <Button
        look="quiet"
        size="small"
        disabled={alone}
        aria-label={t('Smaller, to its other pile')}
        onClick={() => piles.grow(element, -1)}
      >
        <Minus size={15} />
      </Button>
    </>
  );
}

function BendDeeds({ surface, element }: Tagged) {
  const piles = usePiles(surface.id);
  return (
    <>
      <Button
        look="quiet"
        size="small"
        aria-label={t('Bend it one way')}
        onClick={() => piles.bend(element, BEND_MM)}
      >
        <Spline size={15} />
      </Button>
      <Button
        look="quiet"
        size="small"
        aria-label={t('Bend it the other way')}
        onClick={() => piles.bend(element, -BEND_MM)}
      >
        <Spline size={15} className="-scale-y-100" />
      </Button>
    </>
  );
}
