import { useMemo } from 'react';
import { planLarder, type Plan } from '../../../core/plan/index.js';
import { bodyOf } from '../../../core/shape/index.js';
import { ShelfTag } from '../../ui/ShelfTag.js';
import { t } from '../../words/index.js';
import { pickFood } from './useOnBench.js';

const SHOWN = ['young-gouda', 'edam', 'herb-tofu', 'cucumber', 'salami', 'melon'];

/** Nothing on the boards is cut with cutters: some foods that are. */
export function NothingToCut({ plan }: { plan: Plan }) {
  const larder = useMemo(() => planLarder(plan), [plan]);
  const foods = SHOWN.flatMap((id) =>
    [...larder.values()].filter((food) => food.id === id && bodyOf(food.id)),
  );
  return (
    <div className="on-paper absolute top-[22%] left-1/2 z-3 w-100 max-w-full -translate-x-1/2 text-center text-ink max-md:static max-md:mx-auto max-md:translate-x-0 max-md:px-3">
      <p className="m-0 font-display text-xl/[1.1] font-black">
        {plan.placements.length === 0
          ? t('Choose something first, or put one of these on the bench.')
          : t('Nothing on the boards is cut with cutters. Put one of these on the bench:')}
      </p>
      <div className="relative mt-4 grid grid-cols-3 gap-2">
        {foods.map((component) => (
          <ShelfTag
            key={component.id}
            component={component}
            on={false}
            small={t('on the bench')}
            press={() => pickFood(plan, component.id)}
          />
        ))}
      </div>
    </div>
  );
}
