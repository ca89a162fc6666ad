import { useLayoutEffect, useRef, useState, type ReactNode, type RefObject } from 'react';
import { useSettings } from '../../store/settings.js';
import { OpenWord } from '../../ui/kit/Popover.js';
import { Slider } from '../../ui/kit/Slider.js';
import { t } from '../../words/index.js';

/** A card of a bank or a library is so wide (ISO/IEC 7810, ID-1). */
const CARD_MM = 85.6;
const CARD_HIGH_MM = 53.98;

export interface LifeSize {
  ref: RefObject<SVGGElement | null>;
  on: boolean;
  toggle(): void;
  /** Units of the plate for a millimetre; undefined where the slice is as large as the plate lets it be. */
  scale: number | undefined;
  /** To set what a millimetre of this screen is. */
  ruler: ReactNode;
}

/** The slice in its true size on this screen. A browser does not know how large its pixels are: a card held to it says so. */
export function useLifeSize(): LifeSize {
  const ref = useRef<SVGGElement>(null);
  const [on, setOn] = useState(false);
  const [pxPerUnit, setPxPerUnit] = useState(1);
  const pxPerMm = useSettings((settings) => settings.pxPerMm);
  useLayoutEffect(() => {
    const measure = (): void => setPxPerUnit(ref.current?.getScreenCTM?.()?.a ?? 1);
    measure();
    window.addEventListener('resize', measure);
    return () => window.removeEventListener('resize', measure);
  }, [on]);
  return {
    ref,
    on,
    toggle: () => setOn((now) => !now),
    scale: on ? pxPerMm / pxPerUnit : undefined,
    ruler: <Ruler pxPerMm={pxPerMm} />,
  };
}

function Ruler({ pxPerMm }: { pxPerMm: number }) {
  const set = useSettings((settings) => settings.set);
  return (
    <span className="on-paper bg-paper px-2 py-1 text-sm shadow-tag">
      <OpenWord word={t('Hold a card to it')} label={t('Scale of this screen')} wide>
        <p className="m-0 mb-2 text-sm">
          {t('Hold a bank card to the screen and move the bead until this one is as wide.')}
        </p>
        <div
          className="rounded-lg border-2 border-enamel bg-runner"
          style={{ width: CARD_MM * pxPerMm, height: CARD_HIGH_MM * pxPerMm }}
        />
        <Slider
          label={t('Pixels for a millimetre')}
          value={Math.round(pxPerMm * 100)}
          min={200}
          max={900}
          step={2}
          onChange={(hundredths) => set({ pxPerMm: hundredths / 100 })}
        />
      </OpenWord>
    </span>
  );
}
