import { useMemo } from 'react';
import { shoppingText } from '../../../core/exchange/index.js';
import {
  severalFrom,
  shopFor,
  whoGoes,
  type Becoming,
  type ShopLine,
  type Shopping,
} from '../../../core/make/index.js';
import { formatMass, formatMoney, shortName } from '../../../core/measure/index.js';
import { BASICS, withBasics, type Plan } from '../../../core/plan/index.js';
import { FAMILY_WORDS, nameOf } from '../../../core/portion/index.js';
import { saveAs } from '../../exports/save.js';
import { useSession } from '../../store/session.js';
import { useSettings } from '../../store/settings.js';
import { Button, buttonLook } from '../../ui/kit/Button.js';
import { Link } from 'react-router';
import { Collapsible } from '../../ui/kit/Collapsible.js';
import { Table } from '../../ui/kit/Table.js';
import { Checkbox } from '../../ui/kit/Checkbox.js';
import { ShelfHeading } from '../../ui/kit/Heading.js';
import { toast } from '../../ui/toast.js';
import { t, word } from '../../words/index.js';
import { Errands } from './Errands.js';
import { GrocerDesk } from './GrocerDesk.js';
import { MoreOrFewer } from './MoreOrFewer.js';
import { PriceBook } from './PriceBook.js';
import { useMake, type MakeView } from './useMake.js';
import { useShopping } from './useShopping.js';

const MOST_LEFT = 8;

/** What it costs, by what; what stays in the packs; which plans are bought together. */
export function ShopShelf({ plan, view }: { plan: Plan; view: MakeView }) {
  const bought = useShopping(plan);
  const { shopping } = bought;
  const money = (minor: number): string => formatMoney(Math.round(minor), plan.currency);
  return (
    <>
      <ShelfHeading first>{t('Cost: {money}', { money: money(shopping.costMinor) })}</ShelfHeading>
      {shopping.portions > 0 && (
        <p className="m-0 text-sm">
          {t('{money} a portion, packs whole, ingredients too', {
            money: money(shopping.costMinor / shopping.portions),
          })}
        </p>
      )}
      <Budget plan={plan} costMinor={shopFor([plan]).costMinor} />
      <Shares plan={plan} shopping={shopping} money={money} />
      {view === 'shopping' && (
        <>
          <ListDeeds plan={plan} plans={bought.plans} />
          <MoreOrFewer plan={plan} />
          <Errands plan={plan} lines={shopping.lines} />
          <PriceBook plan={plan} lines={shopping.lines} />
          <Basics plan={plan} />
          <Together {...bought} money={money} />
          <SeveralBoards plan={plan} money={money} />
          <GrocerDesk plan={plan} lines={shopping.lines} />
        </>
      )}
      <Left plan={plan} lines={shopping.lines} leftMinor={shopping.leftMinor} />
    </>
  );
}

/** The cost by family, and by surface where there are several. */
function Shares({
  plan,
  shopping,
  money,
}: {
  plan: Plan;
  shopping: Shopping;
  money: (minor: number) => string;
}) {
  const families = shopping.byFamily
    .filter(({ costMinor }) => costMinor > 0)
    .sort((a, b) => b.costMinor - a.costMinor);
  const surfaces =
    plan.surfaces.length > 1 ? shopping.bySurface.filter(({ planId }) => planId === plan.id) : [];
  return (
    <table className="my-2 w-full border-collapse text-sm [&_td:last-child]:text-right [&_td:last-child]:tabular-nums">
      <tbody>
        {families.map(({ family, costMinor }) => (
          <tr key={family}>
            <td className="first-letter:uppercase">
              {family === 'ingredient' || family === 'garnish' ? word(family) : word(FAMILY_WORDS[family])}
            </td>
            <td>{money(costMinor)}</td>
          </tr>
        ))}
        {surfaces.map(({ surfaceId, costMinor }) => (
          <tr key={surfaceId} className="font-bold">
            <td>{plan.surfaces.find(({ id }) => id === surfaceId)?.name}</td>
            <td>{money(costMinor)}</td>
          </tr>
        ))}
      </tbody>
    </table>
  );
}

function ListDeeds({ plan, plans }: { plan: Plan; plans: readonly Plan[] }) {
  const hand = useMake((state) => state.errandsOf);
  const text = (): string =>
    shoppingText(plans, (trip) => hand === null || plans.some((plan) => whoGoes(plan, trip) === hand));
  return (
    <div className="flex flex-wrap gap-1.5">
      <Button size="small" onClick={() => void share(text())}>
        {t('Share as text')}
      </Button>
      <Button look="quiet" size="small" onClick={() => void saveAs('shopping', plan)}>
        {t('Save as a table')}
      </Button>
      <Link className={buttonLook({ look: 'quiet', size: 'small' })} to={`/plan/${plan.id}/shopping`}>
        {t('Print')}
      </Link>
    </div>
  );
}

const MOST_BOARDS = 5;

/** How much cheaper each board is when several alike come from one shop. */
function SeveralBoards({ plan, money }: { plan: Plan; money: (minor: number) => string }) {
  const several = useMemo(() => severalFrom(plan, MOST_BOARDS), [plan]);
  if (plan.placements.length === 0) return null;
  return (
    <Collapsible title={t('Several boards like this one')}>
      <Table className="[&_td]:whitespace-nowrap">
        <thead>
          <tr>
            <th scope="col">{t('boards')}</th>
            <th scope="col">{t('in all')}</th>
            <th scope="col">{t('each')}</th>
          </tr>
        </thead>
        <tbody>
          {several.map(({ boards, costMinor }) => (
            <tr key={boards}>
              <th scope="row">{boards}</th>
              <td>{money(costMinor)}</td>
              <td>{money(costMinor / boards)}</td>
            </tr>
          ))}
        </tbody>
      </Table>
    </Collapsible>
  );
}

/** Other plans that are bought in the same shop, and what that saves. */
function Together({
  plans,
  others,
  shopping,
  money,
}: ReturnType<typeof useShopping> & { money: (minor: number) => string }) {
  if (others.length === 0) return null;
  const apart = plans.reduce((sum, one) => sum + shopFor([one]).costMinor, 0);
  return (
    <>
      <ShelfHeading>{t('Bought together with')}</ShelfHeading>
      {others.map(({ id, name }) => (
        <Checkbox
          key={id}
          label={name}
          on={plans.some((plan) => plan.id === id)}
          onChange={(on) =>
            useMake.setState(({ together }) => ({
              together: on ? [...together, id] : together.filter((other) => other !== id),
            }))
          }
          className="flex min-h-12 items-center"
        />
      ))}
      {plans.length > 1 && (
        <p className="text-sm">
          {t('Apart they cost {apart}: one shop saves {saved}.', {
            apart: money(apart),
            saved: money(apart - shopping.costMinor),
          })}
        </p>
      )}
    </>
  );
}

/** What most kitchens have: noted in the pantry, or bought. */
function Basics({ plan }: { plan: Plan }) {
  const edit = useSession((session) => session.edit);
  return (
    <Checkbox
      label={t('Oil, salt, sugar, vinegar and spices are in the house')}
      on={BASICS.every((id) => plan.pantry.some(({ componentId }) => componentId === id))}
      onChange={(on) => edit({ name: 'set-pantry', pantry: withBasics(plan, on) })}
      className="mt-2 flex min-h-12 items-center text-sm"
    />
  );
}

function Budget({ plan, costMinor }: { plan: Plan; costMinor: number }) {
  if (plan.budgetMinor === null) return null;
  const left = plan.budgetMinor - costMinor;
  const money = formatMoney(Math.abs(left), plan.currency);
  return (
    <p className="m-0 text-sm font-bold">
      {left >= 0
        ? t('{money} under what may be spent', { money })
        : t('{money} over what may be spent', { money })}
    </p>
  );
}

/** What stays in open packs, what it is worth, and what can become of it. */
function Left({ plan, lines, leftMinor }: { plan: Plan; lines: readonly ShopLine[]; leftMinor: number }) {
  const units = useSettings((settings) => settings.units);
  const left = lines
    .filter(({ becomes }) => becomes.length > 0)
    .sort((a, b) => b.leftMinor - a.leftMinor)
    .slice(0, MOST_LEFT);
  const becomes = (becoming: Becoming): string =>
    becoming.kind === 'recipe'
      ? shortName(nameOf(plan, becoming.id)).toLowerCase()
      : { keeps: t('keeps'), freeze: t('freeze it'), soon: t('eat it soon') }[becoming.kind];
  if (left.length === 0) return null;
  return (
    <>
      <ShelfHeading>
        {t('Left in packs: {money}', { money: formatMoney(leftMinor, plan.currency) })}
      </ShelfHeading>
      <ul className="m-0 list-none p-0 text-sm/[1.2]">
        {left.map((line) => (
          <li key={line.id} className="mb-1">
            <b>{formatMass(line.leftG, units)}</b> {line.name.toLowerCase()}:{' '}
            {line.becomes.map(becomes).join(t(' or '))}
          </li>
        ))}
      </ul>
    </>
  );
}

/** By the system's own way of sharing, or onto the clipboard. */
async function share(text: string): Promise<void> {
  try {
    if (navigator.share) await navigator.share({ text });
    else {
      await navigator.clipboard.writeText(text);
      toast(t('The list is on the clipboard: paste it where you like.'));
    }
  } catch (error) {
    if (error instanceof DOMException && error.name === 'AbortError') return;
    toast.error(t('The list could not be shared. Save it as a table instead.'));
  }
}
