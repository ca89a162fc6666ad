import { useMemo, useState } from 'react';
import type { Component } from '../../../core/catalogue/index.js';
import type { Checked } from '../../../core/check/index.js';
import { formatMass, formatMoney } from '../../../core/measure/index.js';
import { guestsIn } from '../../../core/party/index.js';
import { shopFor } from '../../../core/make/index.js';
import { planLarder, type Plan } from '../../../core/plan/index.js';
import { energyEach, minutesOfPlan, targetsOf } from '../../../core/portion/index.js';
import { Frame } from '../../frame/Frame.js';
import { choose } from './station.js';
import { China } from '../../plate/China.js';
import { useSettings } from '../../store/settings.js';
import { ColourRing } from './ColourRing.js';
import { ConvertDialog } from './ConvertDialog.js';
import { GlanceDialog } from './GlanceDialog.js';
import { OthersDialog } from './OthersDialog.js';
import { Proposals, type BoardPaper } from './Proposals.js';
import { ComponentDialog } from './ComponentDialog.js';
import { massByFamily } from './families.js';
import { Larder, type OwnPaper } from './Larder.js';
import { Levers } from './Levers.js';
import { OwnComponentDialog } from './OwnComponentDialog.js';
import { OwnFoodsDialog } from './OwnFoodsDialog.js';
import { ReadLabelDialog } from './ReadLabelLazily.js';
import { RecipeDialog } from './RecipeDialog.js';
import { Spoons } from './Spoons.js';
import { Wells } from './Wells.js';
import { t } from '../../words/index.js';

const tens = (n: number): string => String(Math.round(n / 10) * 10);

export function Choose({ plan, checked }: { plan: Plan; checked: Checked }) {
  const [picked, setPicked] = useState<Component | null>(null);
  const [own, setOwn] = useState<OwnPaper | null>(null);
  const [paper, setPaper] = useState<BoardPaper | null>(null);
  const units = useSettings((settings) => settings.units);
  const larder = useMemo(() => planLarder(plan), [plan]);
  const targets = targetsOf(plan);
  const masses = massByFamily(plan, larder);
  const total = Object.values(masses).reduce((a, b) => a + b, 0);
  return (
    <Frame
      plan={plan}
      station={choose}
      checked={checked}
      shelf={
        <>
          <Proposals plan={plan} onOpen={setPaper} />
          <Larder plan={plan} masses={masses} targets={targets.byFamily} onPick={setPicked} onOwn={setOwn} />
          <Levers plan={plan} />
        </>
      }
      foot={<Foot plan={plan} />}
    >
      <China label={t('The families of the board, filled as their grams are reached')}>
        <Wells plan={plan} checked={checked} masses={masses} targets={targets.byFamily} onPick={setPicked} />
        <Spoons plan={plan} />
        <ColourRing checked={checked} />
        <circle r="54" fill="var(--china)" stroke="var(--enamel)" strokeWidth="4" />
        <text
          className="font-display"
          y="2"
          textAnchor="middle"
          fontSize="22"
          fontWeight="900"
          fill="var(--ink)"
        >
          {formatMass(total, units)}
        </text>
        <text y="22" textAnchor="middle" fontSize="14" fill="var(--soft)">
          {t('of {totalG}', { totalG: formatMass(targets.totalG, units) })}
        </text>
      </China>
      {picked && (
        <ComponentDialog
          plan={plan}
          component={larder.get(picked.id) ?? picked}
          onClose={() => setPicked(null)}
        />
      )}
      {paper === 'glance' && <GlanceDialog plan={plan} checked={checked} onClose={() => setPaper(null)} />}
      {paper === 'others' && <OthersDialog plan={plan} onClose={() => setPaper(null)} />}
      {paper === 'convert' && <ConvertDialog plan={plan} onClose={() => setPaper(null)} />}
      {own === 'add' && <OwnComponentDialog plan={plan} onClose={() => setOwn(null)} />}
      {own === 'recipe' && <RecipeDialog plan={plan} onClose={() => setOwn(null)} />}
      {own === 'list' && <OwnFoodsDialog plan={plan} onPick={setPicked} onClose={() => setOwn(null)} />}
      {own === 'label' && <ReadLabelDialog plan={plan} onClose={() => setOwn(null)} />}
    </Frame>
  );
}

/** Kinds, money, energy and minutes of the board. */
function Foot({ plan }: { plan: Plan }) {
  const cost = useMemo(() => shopFor([plan]).costMinor, [plan]);
  const kinds = new Set(plan.placements.map((placement) => placement.componentId)).size;
  return (
    <>
      <span>
        <b>{kinds}</b> {t('kinds')}
      </span>
      <span>
        <b>{formatMoney(cost, plan.currency)}</b>
        {plan.budgetMinor === null
          ? ` ${t('in packs')}`
          : ` ${t('of {budgetMinor}', { budgetMinor: (plan.budgetMinor / 100).toFixed(0) })}`}
      </span>
      <span>
        <b>{formatMoney(Math.round(cost / Math.max(1, guestsIn(plan.party))), plan.currency)}</b>{' '}
        {t('a guest')}
      </span>
      <span>
        <b>{t('{tens} kJ', { tens: tens(energyEach(plan).kj) })}</b> {t('each')}
      </span>
      {plan.work.minutes !== null && (
        <span>
          <b>{t('{minutesOfPlan} min', { minutesOfPlan: Math.round(minutesOfPlan(plan)) })}</b> {t('by hand')}
        </span>
      )}
    </>
  );
}
