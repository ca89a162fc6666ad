import { useState } from 'react';
import type { Checked } from '../../../core/check/index.js';
import type { Plan } from '../../../core/plan/index.js';
import { Button } from '../../ui/kit/Button.js';
import { t } from '../../words/index.js';
import { BearsCard } from './BearsCard.js';
import { BenchFrame } from './BenchFrame.js';
import { BenchFoot } from './BenchFoot.js';
import { BenchShelf } from './BenchShelf.js';
import { BenchSlice } from './BenchSlice.js';
import { Count } from './Count.js';
import { NothingToCut } from './NothingToCut.js';
import { useLifeSize } from './useLifeSize.js';
import { useOnBench } from './useOnBench.js';

/** A slice, the cutters pressed into it, how many it gives and what is left. */
export function CutOut({ plan, checked }: { plan: Plan; checked: Checked }) {
  const bench = useOnBench(plan);
  const [picked, setPicked] = useState<number | null>(null);
  const life = useLifeSize();
  const at = bench && picked !== null && picked < bench.shown.pieces.length ? picked : null;
  return (
    <BenchFrame
      plan={plan}
      checked={checked}
      label={
        bench
          ? t('A slice of {name} with what is cut from it', { name: bench.component.name })
          : t('The bench')
      }
      shelf={<BenchShelf plan={plan} bench={bench} />}
      foot={bench && <BenchFoot plan={plan} bench={bench} />}
      plate={
        <g ref={life.ref}>
          {bench && <BenchSlice bench={bench} picked={at} onPick={setPicked} mmScale={life.scale} />}
        </g>
      }
    >
      {bench ? (
        <>
          <Count plan={plan} bench={bench} />
          <BearsCard bench={bench} cutter={at === null ? 0 : bench.shown.pieces[at]!.cutter} />
          <LifeSize life={life} />
        </>
      ) : (
        <NothingToCut plan={plan} />
      )}
    </BenchFrame>
  );
}

function LifeSize({ life }: { life: ReturnType<typeof useLifeSize> }) {
  return (
    <div className="absolute top-1 right-0 z-5 flex gap-1.5 stepped:invisible">
      <Button look="quiet" size="small" aria-pressed={life.on} onClick={life.toggle}>
        {life.on ? t('As large as the plate') : t('Life size')}
      </Button>
      {life.on && life.ruler}
    </div>
  );
}
