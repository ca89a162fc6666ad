import { useShallow } from 'zustand/react/shallow';
import { useEffect, useState } from 'react';
import { FORMS } from '../../../core/catalogue/index.js';
import type { Checked } from '../../../core/check/index.js';
import type { Figures } from '../../../core/lay/index.js';
import type { LaidElement, Plan, Surface } from '../../../core/plan/index.js';
import { Frame } from '../../frame/Frame.js';
import { lay } from './station.js';
import { hangsAt } from '../state.js';
import { BoardImage } from '../../plate/BoardImage.js';
import { Stage } from '../../plate/Stage.js';
import { showingFor } from '../../plate/seen.js';
import { SlipFlags } from '../../plate/SlipFlags.js';
import { SurfaceTabs, usePickedSurface } from '../../plate/SurfaceTabs.js';
import { TableStrip } from '../../plate/TableStrip.js';
import { ask } from '../../workers/kitchen.js';
import { SwapDialog } from '../../rail/SwapDialog.js';
import { useFrame } from '../../store/frame.js';
import { useKitchen } from '../../store/kitchen-jobs.js';
import { useSettings } from '../../store/settings.js';
import { useSession } from '../../store/session.js';
import { ArrangementsDialog } from './ArrangementsDialog.js';
import { usePiles } from './byHand.js';
import { Handles } from './Handles.js';
import { MarkCard, MarkHint, MarkMenu, Marks } from './Marks.js';
import { useMarking } from './marking.js';
import { LayShelf } from './LayShelf.js';
import { StageHint } from './StageHint.js';
import { SquintFoot } from './SquintFoot.js';
import { TagCard } from './TagCard.js';
import { useLaidOnArrival } from './useLaidOnArrival.js';
import { Button } from '../../ui/kit/Button.js';
import { t } from '../../words/index.js';

const NONE: readonly LaidElement[] = [];

/** Which surface and which pile is in hand, and what a press on a pile does. */
function useInHand(plan: Plan) {
  const [surface, setSurface] = usePickedSurface(plan);
  const [pickedId, setPicked] = useState<string | null>(null);
  const [trading, setTrading] = useState<string | null>(null);
  const elements = plan.layout.find((layer) => layer.surfaceId === surface?.id)?.elements ?? NONE;
  const picked = elements.find((element) => element.id === pickedId);
  const pickSurface = (id: Surface['id']): void => {
    setSurface(id);
    setPicked(null);
    setTrading(null);
    useMarking.getState().end();
  };
  const trade = useTrade(surface, elements, trading);
  // who only walks over the foods with the keys trades nothing
  const pick = (id: string | null, pressed = false): void => {
    if (id === null || (pressed && trade(id))) setTrading(null);
    if (!pressed || id === null || trading === null) setPicked(id);
    if (id !== null) useMarking.getState().end();
  };
  return { surface, elements, picked, pick, pickSurface, trading, setTrading };
}

export function Lay({ plan, checked }: { plan: Plan; checked: Checked }) {
  const { surface, elements, picked, pick, pickSurface, trading, setTrading } = useInHand(plan);
  const [swap, setSwap] = useState<LaidElement['componentId'] | null>(null);
  const [others, setOthers] = useState(false);
  useLaidOnArrival();
  return (
    <Frame
      plan={plan}
      station={lay}
      checked={checked}
      shelf={
        <>
          <SurfaceTabs plan={plan} picked={surface?.id} onPick={pickSurface} />
          <LayShelf
            plan={plan}
            surface={surface}
            elements={elements}
            picked={picked?.id ?? null}
            onPick={(id) => pick(id, true)}
          />
        </>
      }
      foot={<Foot plan={plan} surface={surface} elements={elements} />}
    >
      <LaidStage
        plan={plan}
        checked={checked}
        surface={surface}
        elements={elements}
        picked={picked}
        onPick={pick}
      />
      <TableStrip plan={plan} surface={surface} onPick={pickSurface} />
      <LayButtons plan={plan} again={elements.length > 0} onOthers={() => setOthers(true)} />
      <MarkHint />
      {surface && <MarkCard surface={surface} />}
      {trading && <StageHint>{t('Press what it trades places with. Escape leaves it.')}</StageHint>}
      {picked && surface && (
        <TagCard
          plan={plan}
          surface={surface}
          element={picked}
          trading={trading === picked.id}
          onTrade={() => setTrading(trading === picked.id ? null : picked.id)}
          onSwap={() => setSwap(picked.componentId)}
        />
      )}
      {others && surface && (
        <ArrangementsDialog plan={plan} surface={surface} onClose={() => setOthers(false)} />
      )}
      {swap && <SwapDialog plan={plan} componentId={swap} onClose={() => setSwap(null)} />}
    </Frame>
  );
}

/** The board on its stage, or what to do where nothing lies. */
function LaidStage({
  plan,
  checked,
  surface,
  elements,
  picked,
  onPick,
}: Omit<Parameters<typeof LaidBoard>[0], 'surface' | 'r'> & { surface: Surface | undefined }) {
  return (
    <Stage surface={surface} label={surface ? t('{name}, laid', { name: surface.name }) : t('No surface')}>
      {(r) => (
        <>
          {surface && (
            <LaidBoard
              plan={plan}
              checked={checked}
              surface={surface}
              elements={elements}
              picked={picked}
              onPick={onPick}
              r={r}
            />
          )}
          {elements.length === 0 && <NothingLaid plan={plan} surface={surface} />}
        </>
      )}
    </Stage>
  );
}

function LaidBoard({
  plan,
  checked,
  surface,
  elements,
  picked,
  onPick,
  r,
}: {
  plan: Plan;
  checked: Checked;
  surface: Surface;
  elements: readonly LaidElement[];
  picked: LaidElement | undefined;
  onPick: (id: string | null, pressed?: boolean) => void;
  r: number;
}) {
  const seenBy = useSession((session) => session.seenBy);
  const group = plan.party.find((group) => group.id === seenBy);
  const showing = showingFor(checked, surface, group);
  const labels = useSettings((settings) => settings.labels);
  return (
    <>
      <BoardImage plan={plan} surface={surface} r={r} options={{ labels, ...(showing ? { showing } : {}) }} />
      {elements.length > 0 && (
        <Handles surface={surface} elements={elements} picked={picked} onPick={onPick} plan={plan} r={r} />
      )}
      <Marks surface={surface} r={r} />
      <SlipFlags
        plan={plan}
        surface={surface}
        findings={checked.findings.filter((finding) => hangsAt(lay, finding))}
        r={r}
      />
    </>
  );
}

function NothingLaid({ plan, surface }: { plan: Plan; surface: Surface | undefined }) {
  const onWood = surface?.material === 'oak';
  return (
    <text
      textAnchor="middle"
      y={surface ? 0 : -20}
      fontSize="15"
      fill={onWood ? 'var(--china)' : 'var(--soft)'}
      fontWeight="700"
    >
      {plan.placements.length === 0 ? t('Choose something first.') : t('Nothing is laid here yet.')}
    </text>
  );
}

/** With one element waiting to trade places, the next one that is pressed does. Tells whether it did. */
function useTrade(
  surface: Surface | undefined,
  elements: readonly LaidElement[],
  trading: string | null,
): (id: string | null) => boolean {
  const piles = usePiles(surface?.id);
  return (id) => {
    const [element, other] = [trading, id].map((id) => elements.find((element) => element.id === id));
    if (!element || !other || element === other) return false;
    piles.trade(element, other);
    return true;
  };
}

function LayButtons({ plan, again, onOthers }: { plan: Plan; again: boolean; onOthers: () => void }) {
  const kitchen = useKitchen(useShallow((state) => ({ doing: state.doing, lay: state.lay })));
  const off = kitchen.doing !== null || plan.placements.length === 0;
  return (
    <div className="stepped:invisible absolute top-1 right-0 z-5 flex gap-1.5 max-md:left-21 max-md:justify-end max-md:gap-1 max-md:[&_button]:px-2 max-md:[&_button]:text-xs/[1.1]">
      <MarkMenu />
      {again && (
        <Button look="quiet" size="small" disabled={off} onClick={onOthers}>
          {t('Other arrangements')}
        </Button>
      )}
      <Button size="small" disabled={off} onClick={() => void kitchen.lay(plan)}>
        {again ? t('Lay it again, keep pins') : t('Lay it')}
      </Button>
    </div>
  );
}

interface FootProps {
  plan: Plan;
  surface: Surface | undefined;
  elements: readonly LaidElement[];
}

function Foot({ plan, surface, elements }: FootProps) {
  const squinting = useFrame((frame) => frame.squinting);
  if (squinting && surface) return <SquintFoot plan={plan} surface={surface} elements={elements} />;
  return <LayFoot plan={plan} surface={surface} elements={elements} />;
}

/** What a surface is judged by, measured beside the page; of an edit a moment later. */
function useFigures(plan: Plan, id: Surface['id'] | undefined): Figures | undefined {
  const [found, setFound] = useState<{ id: string; figures: Figures | null }>();
  useEffect(() => {
    if (id === undefined) return undefined;
    let gone = false;
    const measuring = ask('figures', {
      plan: { ...plan, layout: plan.layout.filter(({ surfaceId }) => surfaceId === id) },
      surfaceId: id,
    });
    measuring.done.then(
      (figures) => gone || setFound({ id, figures }),
      // a newer one is asked for
      () => undefined,
    );
    return () => {
      gone = true;
      measuring.forget();
    };
  }, [plan, id]);
  return found?.id === id ? (found?.figures ?? undefined) : undefined;
}

/** The figures that a layout is judged by, as it lies now. They follow a drag a moment later. */
function LayFoot({ plan, surface, elements }: FootProps) {
  const scores = useFigures(plan, surface?.id);
  const bowls = elements.filter((element) => element.bowlMm !== null).length;
  const knives = elements.filter((element) => FORMS[element.form].large).length;
  return (
    <>
      {scores && (
        <>
          <span>
            <b>{Math.round(scores.covered * 100)} %</b> {t('covered')}
          </span>
          <span>
            <b>{scores.sameColours}</b> {t('same colours touch')}
          </span>
          <span>
            <b>{scores.wetByCrisp}</b> {t('wet by crisp')}
          </span>
        </>
      )}
      <span>
        <b>{bowls}</b> {bowls === 1 ? t('bowl') : t('bowls')}, <b>{knives}</b>{' '}
        {knives === 1 ? t('knife') : t('knives')}
      </span>
      {scores && scores.hardOverlaps > 0 && (
        <span role="alert">
          <b>{scores.hardOverlaps}</b> {t('overlap')}
        </span>
      )}
    </>
  );
}
