import { useState } from 'react';
import {
  basketText,
  basketWith,
  isInBasket,
  packsText,
  tripsOf,
  whoGoes,
  type ShopLine,
  type Trip,
} from '../../../core/make/index.js';
import { nameOf } from '../../../core/portion/index.js';
import { formatMass, formatMoney, shortName } from '../../../core/measure/index.js';
import type { Plan } from '../../../core/plan/index.js';
import { capital } from '../../../core/words/index.js';
import { useSession } from '../../store/session.js';
import { useSettings } from '../../store/settings.js';
import { Button } from '../../ui/kit/Button.js';
import { Checkbox } from '../../ui/kit/Checkbox.js';
import { t, word } from '../../words/index.js';
import { useMake } from './useMake.js';
import { useShopping } from './useShopping.js';
import { WareDialog } from './WareDialog.js';

export const DAY_WORDS: Readonly<Record<ShopLine['day'], string>> = {
  ahead: t('Ahead'),
  'day-before': t('The day before'),
  'on-the-day': t('On the day'),
};

/** When, and where if the stylist has said it. */
export const tripWords = ({ day, shop }: Trip): string =>
  shop === null ? DAY_WORDS[day] : t('{day}, {shop}', { day: DAY_WORDS[day], shop });

/** The list as one walks through the shop, to be ticked off: all of it, or one helper's errands. */
export function ShopPaper({ plan }: { plan: Plan }) {
  const { shopping } = useShopping(plan);
  const hand = useMake((state) => state.errandsOf);
  const [asked, setAsked] = useState<string | null>(null);
  const trips = tripsOf(shopping.lines).filter((trip) => hand === null || whoGoes(plan, trip) === hand);
  const left = trips
    .flatMap(({ aisles }) => aisles.flatMap(({ lines }) => lines))
    .filter((line) => !isInBasket(line));
  const line = shopping.lines.find(({ id }) => id === asked);
  return (
    <section
      aria-label={t('Shopping list')}
      className="on-paper edge-sheet absolute inset-x-[4%] top-3 bottom-12 overflow-y-auto bg-card px-6 py-4 max-xl:pt-14 max-md:static max-md:mx-2"
      tabIndex={0}
    >
      <h2 className="m-0 mb-2 text-xl/none font-black">
        {t('To buy: {n, plural, one {one thing} other {# things}}', { n: left.length })}
      </h2>
      {trips.length === 0 && (
        <p>
          {hand === null
            ? t('Nothing is to be bought. Choose something first.')
            : t('No errand is theirs yet: say beside the list who goes.')}
        </p>
      )}
      <div className="gap-8 lg:columns-2">
        {trips.map((trip) =>
          trip.aisles.map(({ aisle, lines }, i) => (
            <div key={`${trip.key} ${aisle}`} className="mb-3 break-inside-avoid-column">
              {i === 0 && <p className="m-0 font-bold text-beet-ink">{tripWords(trip)}</p>}
              <h3 className="m-0 border-b border-ink/50 font-display text-lg/[1.2] font-extrabold first-letter:uppercase">
                {word(aisle)}
              </h3>
              {lines.map((line) => (
                <ShopRow key={line.id} plan={plan} line={line} onAsk={() => setAsked(line.id)} />
              ))}
            </div>
          )),
        )}
      </div>
      <p className="text-xs text-soft">
        {t('Read the label of each pack: recipes change, and a label decides for allergies.')}
      </p>
      {line && <WareDialog plan={plan} line={line} onClose={() => setAsked(null)} />}
    </section>
  );
}

/** What is to be taken, and what lies in the basket: a later number of guests asks for more of what was bought. */
function amounts(line: ShopLine, unknownG: string): string {
  if (line.unknown) return unknownG;
  if (isInBasket(line)) return basketText(line);
  return line.basket === null ? packsText(line) : t('{packs} more', { packs: packsText(line) });
}

function ShopRow({ plan, line, onAsk }: { plan: Plan; line: ShopLine; onAsk: () => void }) {
  const units = useSettings((settings) => settings.units);
  const edit = useSession((session) => session.edit);
  const on = isInBasket(line);
  const into = [...new Set(line.goesInto.map(({ componentId }) => componentId))]
    .filter((id) => id !== line.id)
    .map((id) => shortName(nameOf(plan, id)).toLowerCase());
  return (
    <div className="flex min-h-12 items-center border-b border-rule/40 text-sm/[1.15]">
      <Checkbox
        name={t('In the basket: {name}', { name: line.name })}
        on={on}
        onChange={(on) =>
          edit(
            on
              ? { name: 'set-bought', basket: { id: line.id, packs: basketWith(plan, line) } }
              : { name: 'put-back', id: line.id },
          )
        }
        className="-ml-2 p-3.5"
      />
      <span className={`flex-1 ${on ? 'text-soft line-through' : ''}`}>
        <span className="font-bold">{capital(line.name)}</span>{' '}
        <span className="whitespace-nowrap">{amounts(line, formatMass(line.neededG, units))}</span>
        {into.length > 0 && (
          <small className="block text-soft">{t('for {foods}', { foods: into.join(', ') })}</small>
        )}
        {line.ownedG > 0 && (
          <small className="block text-soft">
            {t('{mass} are in the house', { mass: formatMass(line.ownedG, units) })}
          </small>
        )}
        {line.basket && !on && (
          <small className="block font-bold text-beet-ink">
            {t('{packs} are in the basket', { packs: basketText(line) })}
          </small>
        )}
      </span>
      <Button
        look="link"
        className="min-h-12 tabular-nums"
        aria-label={t('{name}, {price}: where it is bought', {
          name: line.name,
          price: line.unknown ? t('price unknown') : formatMoney(line.costMinor, plan.currency),
        })}
        onClick={onAsk}
      >
        {line.unknown ? t('price unknown') : formatMoney(line.costMinor, plan.currency)}
      </Button>
    </div>
  );
}
