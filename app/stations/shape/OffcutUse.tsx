import { useMemo, useState } from 'react';
import { formOf, homeMadeId, type Component, type ComponentId } from '../../../core/catalogue/index.js';
import { crumbleOffcuts, foldIntoDip, isSweet } from '../../../core/board/index.js';
import { formatMass } from '../../../core/measure/index.js';
import { planLarder, type Command, type Plan } from '../../../core/plan/index.js';
import { useSettings } from '../../store/settings.js';
import { Button } from '../../ui/kit/Button.js';
import { t } from '../../words/index.js';
import { FoodWord } from './CraftWords.js';
import { useCraft } from './useCraft.js';
import { useLayIn } from './useLayIn.js';
import type { Bench } from './useOnBench.js';

/** What the offcuts become, made with one press: crumbs, a dip with them, or what a mould gives. */
export function OffcutUse({ plan, bench }: { plan: Plan; bench: Bench }) {
  const [, take] = useCraft(plan);
  if (!bench.isKept || bench.onBoards === 0) return null;
  const use = plan.cuts.find(({ componentId }) => componentId === bench.component.id)?.offcuts;
  if (use === 'melted')
    return (
      <p className="m-0 text-sm">
        <Button look="link" onClick={() => take('mould')}>
          {t('Melt them into a mould')}
        </Button>
      </p>
    );
  if (use === 'crumbled')
    return (
      <Made
        plan={plan}
        bench={bench}
        command={crumbleOffcuts(plan, bench.component, bench.surfaceId)}
        words={t('Make crumbs of them')}
      />
    );
  if (use === 'dip') return <IntoDip plan={plan} bench={bench} />;
  return null;
}

function Made({
  plan,
  bench,
  command,
  words,
}: {
  plan: Plan;
  bench: Bench;
  command: Command | undefined;
  words: string;
}) {
  const units = useSettings((settings) => settings.units);
  const { layIn, busy } = useLayIn(plan);
  if (command?.name !== 'together') return null;
  const recipe = command.commands.find((single) => single.name === 'set-recipe')?.recipe;
  const lying = plan.placements
    .filter(({ componentId }) => recipe && componentId === homeMadeId(recipe))
    .reduce((sum, { massG }) => sum + massG, 0);
  // what was made once is made anew where the cut gives another amount
  const isMade = recipe !== undefined && Math.abs(lying - recipe.outG) < Math.max(2, recipe.outG * 0.02);
  return (
    <p className="m-0 text-sm">
      {isMade ? (
        t('{food} lies on the board, {mass}.', { food: recipe.name, mass: formatMass(lying, units) })
      ) : (
        <Button look="link" disabled={busy} onClick={() => layIn(command, bench.surfaceId)}>
          {words}
        </Button>
      )}
    </p>
  );
}

const dipsOf = (plan: Plan): Component[] => {
  const lies = new Set(plan.placements.map(({ componentId }) => componentId));
  return [...planLarder(plan).values()]
    .filter(
      (food) =>
        food.family === 'spread-dip' &&
        !isSweet(food) &&
        food.made !== 'unknown' &&
        formOf(food, 'bowl') &&
        !food.id.startsWith('home-own-'),
    )
    .sort((a, b) => Number(lies.has(b.id)) - Number(lies.has(a.id)) || a.name.localeCompare(b.name));
};

function IntoDip({ plan, bench }: { plan: Plan; bench: Bench }) {
  const dips = useMemo(() => dipsOf(plan), [plan]);
  const [picked, pick] = useState<ComponentId>();
  const dip = dips.find(({ id }) => id === picked) ?? dips[0];
  if (!dip) return null;
  return (
    <>
      <p className="m-0 text-sm">
        {t('Into')} <FoodWord label={t('Dip')} food={dip} foods={dips} onPick={pick} />
      </p>
      <Made
        plan={plan}
        bench={bench}
        command={foldIntoDip(plan, bench.component, dip, bench.surfaceId)}
        words={t('Fold them in: a new food, judged anew')}
      />
    </>
  );
}
