import { X } from 'lucide-react';
import { formatFineLength } from '../../../core/measure/index.js';
import type { CutCutter } from '../../../core/plan/index.js';
import { MAX_SIZE_MM, MIN_SIZE_MM } from './sizes.js';
import { resized } from '../../../core/shape/index.js';
import { useSettings } from '../../store/settings.js';
import { KeptNumber } from '../../ui/Fields.js';
import { IconButton } from '../../ui/kit/IconButton.js';
import { OpenWord } from '../../ui/kit/Popover.js';
import { t, word } from '../../words/index.js';
import { MetalCutter } from './MetalCutter.js';
import type { Bench } from './useOnBench.js';

/** The cutters that are pressed: how large each is, and how many a slice is to give. */
export function InHand({ bench }: { bench: Bench }) {
  const { shown, figures, bend } = bench;
  return (
    <ul aria-label={t('Cutters in hand')} className="m-0 mt-2 list-none p-0">
      {shown.cutters.map((cutter, at) => (
        <li
          key={cutter.id}
          className="on-paper mb-1 flex items-center gap-1.5 bg-paper py-1 pr-1 pl-2 shadow-tag"
        >
          <span className="flex-none">
            <MetalCutter outline={cutter.outline} size={34} />
          </span>
          <SizeAndNumber
            cutter={cutter}
            onChange={(next) => bend({ cutters: shown.cutters.map((other, i) => (i === at ? next : other)) })}
          />
          {shown.cutters.length > 1 && (
            <>
              <b
                className="font-display text-lg/none font-black"
                aria-label={t('{n, number} a slice', { n: figures.byCutter[at] ?? 0 })}
              >
                {figures.byCutter[at] ?? 0}
              </b>
              <IconButton
                icon={X}
                words={t('Put {name} back', { name: word(cutter.name) })}
                press={() => bend({ cutters: shown.cutters.filter((_, i) => i !== at) })}
              />
            </>
          )}
        </li>
      ))}
    </ul>
  );
}

function SizeAndNumber({ cutter, onChange }: { cutter: CutCutter; onChange: (next: CutCutter) => void }) {
  const units = useSettings((settings) => settings.units);
  return (
    <span className="min-w-0 flex-1 text-sm/[1.2]">
      <b className="block truncate">{word(cutter.name)}</b>
      <OpenWord
        word={formatFineLength(cutter.acrossMm, units)}
        label={t('Size of {name}', { name: word(cutter.name) })}
      >
        <KeptNumber
          label={t('Across, mm')}
          value={cutter.acrossMm}
          min={MIN_SIZE_MM}
          max={MAX_SIZE_MM}
          onKeep={(mm) => onChange(resized(cutter, mm))}
        />
        <p className="m-0 max-w-60 text-sm text-soft">
          {t('20 to 40 mm is a bite; more than 60 is more than one.')}
        </p>
      </OpenWord>
      ,{' '}
      <OpenWord
        word={cutter.want === null ? t('as many as fit') : t('{n, number} a slice', { n: cutter.want })}
        label={t('How many of {name}', { name: word(cutter.name) })}
      >
        <KeptNumber
          label={t('From each slice (0 for as many as fit)')}
          value={cutter.want ?? 0}
          min={0}
          max={200}
          onKeep={(n) => onChange({ ...cutter, want: n === 0 ? null : Math.round(n) })}
        />
      </OpenWord>
    </span>
  );
}
