import { useMemo, useState } from 'react';
import {
  DECOR_SOURCE,
  findDecor,
  usualForm,
  type Component,
  type Decor,
} from '../../../core/catalogue/index.js';
import { contextOf, standingAnywhere } from '../../../core/check/index.js';
import { formatMass, formatMoney, memo1 } from '../../../core/measure/index.js';
import { mindsGravely } from '../../../core/board/index.js';
import { carriesTo, judgeGroup } from '../../../core/needs/index.js';
import type { Group } from '../../../core/party/index.js';
import { planLarder, type Plan } from '../../../core/plan/index.js';
import { COUNTED, type CountedFamily } from '../../../core/portion/index.js';
import { useSession } from '../../store/session.js';
import { useSettings } from '../../store/settings.js';
import { PlateGlyph } from '../../ui/Glyph.js';
import { ShelfTag } from '../../ui/ShelfTag.js';
import { SHORT, type Masses } from './families.js';
import { STANDING_WORDS } from './Wells.js';
import { findFoods, NarrowBy, type Narrow } from './NarrowBy.js';
import { Button } from '../../ui/kit/Button.js';
import { Input } from '../../ui/kit/Input.js';
import { t } from '../../words/index.js';

const SHELF_ROWS = 4;
const MOST_FOUND = 48;

/** Papers of the stylist's own foods. */
export type OwnPaper = 'add' | 'label' | 'recipe' | 'list';

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
  onPick: (component: Component) => void;
  onOwn: (paper: OwnPaper) => void;
}) {
  const [query, setQuery] = useState('');
  const [narrow, setNarrow] = useState<Narrow>({});
  const present = new Set(plan.placements.map((placement) => placement.componentId));
  const searching = query.trim() !== '' || Object.keys(narrow).length > 0;
  const found = useMemo(
    () => (searching ? findFoods(plan, query, narrow) : []),
    [plan, query, narrow, searching],
  );
  const decor = query.trim().length >= 3 ? findDecor(query).slice(0, 4) : [];
  return (
    <>
      <label className="mb-1.5 grid gap-0.5 font-bold">
        {t('Look in the larder')}
        <Input
          type="search"
          value={query}
          onChange={(event) => setQuery(event.target.value)}
          placeholder={t('gherkins, goat, blue …')}
        />
      </label>
      <NarrowBy plan={plan} narrow={narrow} onNarrow={setNarrow} />
      {searching ? (
        <>
          <p className="text-soft" role="status">
            {foundWords(found.length, query)}
          </p>
          <DecorFound decor={decor} />
          <div className="relative grid grid-cols-3 gap-1">
            {found.slice(0, MOST_FOUND).map((component) => (
              <Item
                key={component.id}
                component={component}
                on={present.has(component.id)}
                onPick={onPick}
                plan={plan}
              />
            ))}
          </div>
        </>
      ) : (
        <Lacking plan={plan} masses={masses} targets={targets} onPick={onPick} />
      )}
      <OwnLinks plan={plan} onOwn={onOwn} />
    </>
  );
}

/** What the families still lack, the furthest behind first, three helpers each. */
function Lacking({
  plan,
  masses,
  targets,
  onPick,
}: {
  plan: Plan;
  masses: Masses;
  targets: Record<CountedFamily, number>;
  onPick: (component: Component) => void;
}) {
  const units = useSettings((settings) => settings.units);
  const larder = planLarder(plan);
  const short = COUNTED.filter((family) => targets[family] > 0)
    .map((family) => ({ f: family, missing: targets[family] - (masses[family] ?? 0) }))
    .sort((a, b) => b.missing / targets[b.f] - a.missing / targets[a.f])
    .slice(0, SHELF_ROWS);
  return short.map(({ f: family, missing }) => (
    <div key={family} className="mb-3.5">
      <div className="flex items-baseline justify-between font-display text-base/[1.1] font-extrabold">
        {SHORT[family]}
        <span className="font-text text-xs/none font-medium text-soft">
          {missing > 5 ? t('{missing} short', { missing: formatMass(missing, units) }) : t('enough')}
        </span>
      </div>
      <div className="relative grid grid-cols-3 gap-1">
        {helpers(plan, larder.values(), family).map((component) => (
          <Item key={component.id} component={component} on={false} onPick={onPick} plan={plan} />
        ))}
      </div>
    </div>
  ));
}

/** To what is the stylist's own: a label, a food, a recipe, and the list of them. */
function OwnLinks({ plan, onOwn }: { plan: Plan; onOwn: (paper: OwnPaper) => void }) {
  const ownCount = plan.ownComponents.length + plan.recipes.length;
  return (
    <div className="flex flex-wrap items-center gap-2.5 mt-1.5 gap-x-3.5 gap-y-1">
      <Button look="link" onClick={() => onOwn('label')}>
        {t('Read a label')}
      </Button>
      <Button look="link" onClick={() => onOwn('add')}>
        {t('Something of your own')}
      </Button>
      <Button look="link" onClick={() => onOwn('recipe')}>
        {t('A recipe of your own')}
      </Button>
      <Button look="link" onClick={() => onOwn('list')}>
        {t('Your own foods{ownComponentsCount}', {
          ownComponentsCount: ownCount > 0 ? ` (${ownCount})` : '',
        })}
      </Button>
    </div>
  );
}

function foundWords(count: number, query: string): string {
  if (count > MOST_FOUND) return t('{count} found, the first {most} are here', { count, most: MOST_FOUND });
  if (count > 0) return t('{count} found', { count });
  return query.trim() === ''
    ? t('Nothing in the larder fits all of that.')
    : t('Nothing called “{query}” is in the larder.', { query });
}

/** What stands on a board and is no food: refused with the reason where it must not touch any. */
function DecorFound({ decor }: { decor: readonly Decor[] }) {
  return decor.map((decor) => (
    <p
      key={decor.id}
      title={t('Source: {DECORSOURCE}', { DECORSOURCE: DECOR_SOURCE })}
      className={`on-paper my-1 flex items-start gap-2 px-2 py-1.5 [&_svg]:flex-none ${decor.touch === 'never' ? 'bg-stop' : 'bg-card'}`}
      role={decor.touch === 'never' ? 'alert' : undefined}
    >
      <PlateGlyph
        state={decor.touch === 'never' ? 'cracked' : decor.touch === 'liner' ? 'chipped' : 'whole'}
        size={20}
      />
      <span>
        <b>{decor.name}</b>{' '}
        {decor.touch === 'never'
          ? t('must not touch food: {why}.', { why: decor.why })
          : decor.touch === 'liner'
            ? t('is no food: {why}.', { why: decor.why })
            : t('may lie on a board: {why}.', { why: decor.why })}
      </span>
    </p>
  ));
}

/** Not on the board yet, in the order of how many guests may eat them; last what an allergy at this table minds. */
function helpers(plan: Plan, components: Iterable<Component>, family: CountedFamily): Component[] {
  const present = new Set(plan.placements.map((placement) => placement.componentId));
  const eaters = (component: Component) =>
    plan.party
      .filter((group) => judgeGroup(component, usualForm(component).form, group).verdict === 'fine')
      .reduce((sum, group) => sum + group.count, 0);
  const grave = plan.party.filter(mindsGravely);
  const minded = (component: Component) =>
    grave.some((group) => carriesTo(component, group).some(({ verdict }) => verdict === 'carries')) ? 1 : 0;
  return [...components]
    .filter(
      (component) =>
        component.family === family &&
        !present.has(component.id) &&
        !plan.wishes.excluded.includes(component.id),
    )
    .sort((a, b) => minded(a) - minded(b) || eaters(b) - eaters(a))
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
  onPick: (component: Component) => void;
  plan: Plan;
}) {
  const pack = component.packs[0]!;
  const seenBy = useSession((session) => session.seenBy);
  const group = plan.party.find((group) => group.id === seenBy);
  const small = on
    ? t('on the board')
    : pack.priceMinor === 0
      ? `${pack.massG} g`
      : `${pack.massG} g ${formatMoney(pack.priceMinor, plan.currency)}`;
  return (
    <ShelfTag component={component} on={on} small={small} press={() => onPick(component)}>
      {group && <ForGuest component={component} group={group} plan={plan} />}
    </ShelfTag>
  );
}

/** The same plan is looked at for each food of the shelf. */
const contextOfPlan = memo1(contextOf);

const GLYPH = { fine: 'whole', little: 'whole', touched: 'chipped', ask: 'covered', no: 'cracked' } as const;

/** What the food is for the guest through whose eyes the station is seen. */
function ForGuest({ component, group, plan }: { component: Component; group: Group; plan: Plan }) {
  const standing = standingAnywhere(contextOfPlan(plan), component, group);
  return (
    <span className="absolute top-0 right-0.5">
      <PlateGlyph state={GLYPH[standing]} size={22} />
      <span className="sr-only">
        {group.name}: {STANDING_WORDS[standing]}.{' '}
      </span>
    </span>
  );
}
