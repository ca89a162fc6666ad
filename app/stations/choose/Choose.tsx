import { useMemo, useState } from 'react';
import type { Component } from '../../../core/catalogue/index.js';
import type { Checked } from '../../../core/check/index.js';
import { formatMass, formatMoney } from '../../../core/measure/index.js';
import { guestsIn } from '../../../core/party/index.js';
import { planLarder, type Plan } from '../../../core/plan/index.js';
import { costOf, targetsOf } from '../../../core/portion/index.js';
import { Frame } from '../../frame/Frame.js';
import { China } from '../../plate/China.js';
import { useKitchen } from '../../store/kitchen-jobs.js';
import { useSettings } from '../../store/settings.js';
import { ComponentDialog } from './ComponentDialog.js';
import { massByFamily } from './families.js';
import { Larder, type OwnPaper } from './Larder.js';
import { Levers } from './Levers.js';
import { OwnComponentDialog } from './OwnComponentDialog.js';
import { OwnFoodsDialog } from './OwnFoodsDialog.js';
import { ReadLabelDialog } from './ReadLabelDialog.js';
import { Spoons } from './Spoons.js';
import { Wells } from './Wells.js';

export function Choose({ plan, checked }: { plan: Plan; checked: Checked }) {
  const [picked, setPicked] = useState<Component | null>(null);
  const [own, setOwn] = useState<OwnPaper | null>(null);
  const units = useSettings((s) => s.units);
  const kitchen = useKitchen();
  const larder = useMemo(() => planLarder(plan), [plan]);
  const targets = targetsOf(plan);
  const masses = massByFamily(plan, larder);
  const total = Object.values(masses).reduce((a, b) => a + b, 0);
  const cost = costOf(plan);
  const kinds = new Set(plan.placements.map((p) => p.componentId)).size;
  return (
    <Frame
      plan={plan}
      station="choose"
      checked={checked}
      shelf={
        <>
          <button
            className="button"
            style={{ margin: '0 0 8px' }}
            disabled={kitchen.doing !== null || plan.party.length === 0}
            onClick={() => void kitchen.compose(plan)}
          >
            {plan.placements.length === 0 ? 'Compose a board' : 'Compose it anew, keep pins'}
          </button>
          <Larder plan={plan} masses={masses} targets={targets.byFamily} onPick={setPicked} onOwn={setOwn} />
          <Levers plan={plan} />
        </>
      }
      foot={
        <>
          <span>
            <b>{kinds}</b> kinds
          </span>
          <span>
            <b>{formatMoney(cost, plan.currency)}</b>
            {plan.budgetMinor === null ? ' in packs' : ` of ${(plan.budgetMinor / 100).toFixed(0)}`}
          </span>
          <span>
            <b>{formatMoney(Math.round(cost / Math.max(1, guestsIn(plan.party))), plan.currency)}</b> a guest
          </span>
        </>
      }
    >
      <China label="The families of the board, filled as their grams are reached">
        <Wells plan={plan} checked={checked} masses={masses} targets={targets.byFamily} onPick={setPicked} />
        <Spoons plan={plan} />
        <circle r="54" fill="#fdfdf9" stroke="#1f2c5e" strokeWidth="4" />
        <text className="display" y="2" textAnchor="middle" fontSize="22" fontWeight="900" fill="#1a2040">
          {formatMass(total, units)}
        </text>
        <text y="22" textAnchor="middle" fontSize="14" fill="#454c66">
          of {formatMass(targets.totalG, units)}
        </text>
      </China>
      {picked && (
        <ComponentDialog
          plan={plan}
          component={larder.get(picked.id) ?? picked}
          onClose={() => setPicked(null)}
        />
      )}
      {own === 'add' && <OwnComponentDialog plan={plan} onClose={() => setOwn(null)} />}
      {own === 'list' && <OwnFoodsDialog plan={plan} onPick={setPicked} onClose={() => setOwn(null)} />}
      {own === 'label' && <ReadLabelDialog plan={plan} onClose={() => setOwn(null)} />}
    </Frame>
  );
}
