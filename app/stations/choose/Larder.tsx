import { useMemo, useState } from 'react';
import {
  DECOR_SOURCE,
  findDecor,
  usualForm,
  type Component,
  type Decor,
} from '../../../core/catalogue/index.js';
import { formatMass, formatMoney } from '../../../core/measure/index.js';
import { judgeGroup } from '../../../core/needs/index.js';
import type { Group } from '../../../core/party/index.js';
import { planLarder, type Plan } from '../../../core/plan/index.js';
import { COUNTED, type CountedFamily } from '../../../core/portion/index.js';
import { useSession } from '../../store/session.js';
import { useSettings } from '../../store/settings.js';
import { PlateGlyph } from '../../ui/Glyph.js';
import { portraitUrl } from '../../ui/pictures.js';
import { SHORT, type Masses } from './families.js';
import { findFoods, NarrowBy, type Narrow } from './NarrowBy.js';

const SHELF_ROWS = 4;
const MOST_FOUND = 48;

/** Papers of the stylist's own foods. */
export type OwnPaper = 'add' | 'label' | 'list';

/** What the families still lack, three helpers each; or what was searched for. */
export function Larder({
  plan,
  masses,
  targets,
  onPick,
  onOwn,
}: {
  plan: Plan;
  masses: Masses;
  targets: Record<CountedFamily, number>;
  onPick: (c: Component) => void;
  onOwn: (paper: OwnPaper) => void;
}) {
  const [query, setQuery] = useState('');
  const [narrow, setNarrow] = useState<Narrow>({});
  const units = useSettings((s) => s.units);
  const larder = planLarder(plan);
  const present = new Set(plan.placements.map((p) => p.componentId));
  const searching = query.trim() !== '' || Object.keys(narrow).length > 0;
  const found = useMemo(
    () => (searching ? findFoods(plan, query, narrow) : []),
    [plan, query, narrow, searching],
  );
  const decor = query.trim().length >= 3 ? findDecor(query).slice(0, 4) : [];
  const short = COUNTED.filter((f) => targets[f] > 0)
    .map((f) => ({ f, missing: targets[f] - (masses[f] ?? 0) }))
    .sort((a, b) => b.missing / targets[b.f] - a.missing / targets[a.f])
    .slice(0, SHELF_ROWS);
  return (
    <>
      <label className="field" style={{ marginTop: 0 }}>
        Look in the larder
        <input
          type="search"
          value={query}
          onChange={(e) => setQuery(e.target.value)}
          placeholder="gherkins, goat, blue …"
        />
      </label>
      <NarrowBy plan={plan} narrow={narrow} onNarrow={setNarrow} />
      {searching ? (
        <>
          <p className="soft" role="status">
            {foundWords(found.length, query)}
          </p>
          <DecorFound decor={decor} />
          <div className="plank-items">
            {found.slice(0, MOST_FOUND).map((c) => (
              <Item key={c.id} component={c} on={present.has(c.id)} onPick={onPick} plan={plan} />
            ))}
          </div>
        </>
      ) : (
        short.map(({ f, missing }) => (
          <div key={f} className="planks">
            <div className="plank-head">
              {SHORT[f]}
              <span>{missing > 5 ? `${formatMass(missing, units)} short` : 'enough'}</span>
            </div>
            <div className="plank-items">
              {helpers(plan, larder.values(), f).map((c) => (
                <Item key={c.id} component={c} on={false} onPick={onPick} plan={plan} />
              ))}
            </div>
          </div>
        ))
      )}
      <div className="row own-links">
        <button className="link" onClick={() => onOwn('label')}>
          Read a label
        </button>
        <button className="link" onClick={() => onOwn('add')}>
          Something of your own
        </button>
        <button className="link" onClick={() => onOwn('list')}>
          Your own foods{plan.ownComponents.length > 0 ? ` (${plan.ownComponents.length})` : ''}
        </button>
      </div>
    </>
  );
}

function foundWords(count: number, query: string): string {
  if (count > MOST_FOUND) return `${count} found, the first ${MOST_FOUND} are here`;
  if (count > 0) return `${count} found`;
  return query.trim() === ''
    ? 'Nothing in the larder fits all of that.'
    : `Nothing called “${query}” is in the larder.`;
}

/** What stands on a board and is no food: refused with the reason where it must not touch any. */
function DecorFound({ decor }: { decor: readonly Decor[] }) {
  return decor.map((d) => (
    <p
      key={d.id}
      title={`Source: ${DECOR_SOURCE}`}
      className={`decor decor-${d.touch}`}
      role={d.touch === 'never' ? 'alert' : undefined}
    >
      <PlateGlyph
        state={d.touch === 'never' ? 'cracked' : d.touch === 'liner' ? 'chipped' : 'whole'}
        size={20}
      />
      <span>
        <b>{d.name}</b>{' '}
        {d.touch === 'never'
          ? `must not touch food: ${d.why}.`
          : d.touch === 'liner'
            ? `is no food: ${d.why}.`
            : `may lie on a board: ${d.why}.`}
      </span>
    </p>
  ));
}

/** Not on the board yet, in the order of how many guests may eat them. */
function helpers(plan: Plan, components: Iterable<Component>, family: CountedFamily): Component[] {
  const present = new Set(plan.placements.map((p) => p.componentId));
  const eaters = (c: Component) =>
    plan.party
      .filter((g) => judgeGroup(c, usualForm(c).form, g).verdict === 'fine')
      .reduce((n, g) => n + g.count, 0);
  return [...components]
    .filter((c) => c.family === family && !present.has(c.id) && !plan.wishes.excluded.includes(c.id))
    .sort((a, b) => eaters(b) - eaters(a))
    .slice(0, 3);
}

function Item({
  component,
  on,
  onPick,
  plan,
}: {
  component: Component;
  on: boolean;
  onPick: (c: Component) => void;
  plan: Plan;
}) {
  const pack = component.packs[0]!;
  const seenBy = useSession((s) => s.seenBy);
  const group = plan.party.find((g) => g.id === seenBy);
  return (
    <button className="plank-item" aria-pressed={on} onClick={() => onPick(component)}>
      <img src={portraitUrl(component)} alt="" />
      {group && <ForGuest component={component} group={group} />}
      <span className="price-tag">
        {component.name.split(',')[0]}
        <small>
          {on
            ? 'on the board'
            : pack.priceMinor === 0
              ? `${pack.massG} g`
              : `${pack.massG} g ${formatMoney(pack.priceMinor, plan.currency)}`}
        </small>
      </span>
    </button>
  );
}

const GLYPH = { fine: 'whole', ask: 'covered', forbidden: 'cracked' } as const;
const FOR_THEM = { fine: 'may eat it', ask: 'ask the label', forbidden: 'not for them' } as const;

/** What the food is for the guest through whose eyes the station is seen. */
function ForGuest({ component, group }: { component: Component; group: Group }) {
  const { verdict } = judgeGroup(component, usualForm(component).form, group);
  return (
    <span className="for-guest">
      <PlateGlyph state={GLYPH[verdict]} size={22} />
      <span className="hidden-text">
        {group.name}: {FOR_THEM[verdict]}.{' '}
      </span>
    </span>
  );
}
