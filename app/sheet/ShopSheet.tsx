import {
  basketText,
  handRecords,
  isInBasket,
  packsText,
  shopFor,
  tripsOf,
  whoGoes,
  type ShopLine,
} from '../../core/make/index.js';
import { nameOf } from '../../core/portion/index.js';
import { formatMass, formatMoney, shortName } from '../../core/measure/index.js';
import type { Plan } from '../../core/plan/index.js';
import { capital } from '../../core/words/index.js';
import { saveAs } from '../exports/save.js';
import { useSettings } from '../store/settings.js';
import { Button } from '../ui/kit/Button.js';
import { t, word } from '../words/index.js';
import { PrintBar } from './PrintBar.js';
import { PrintPage } from './PrintPage.js';
import { tripWords } from '../stations/make/ShopPaper.js';

/** The list as one walks through the shop, on paper. */
export function ShopSheet({ plan }: { plan: Plan }) {
  const { lines, costMinor } = shopFor([plan]);
  const hands = handRecords(plan);
  const trips = tripsOf(lines);
  return (
    <PrintPage>
      <PrintBar back={`/plan/${plan.id}/make`} words={t('Back to the list')}>
        <Button look="quiet" onClick={() => void saveAs('shopping', plan)}>
          {t('Save it as a table')}
        </Button>
      </PrintBar>
      <h1>{t('{name}: to buy', { name: plan.occasion.name })}</h1>
      <p>
        {t('{money} at the prices of the plan. Read the label of each pack: a label decides for allergies.', {
          money: formatMoney(costMinor, plan.currency),
        })}
      </p>
      {trips.length === 0 && <p>{t('Nothing is to be bought.')}</p>}
      <div className="gap-8 sm:columns-2 print:columns-2">
        {trips.map((trip) => {
          const who = hands.find(({ id }) => id === whoGoes(plan, trip))?.name;
          return trip.aisles.map(({ aisle, lines }) => (
            <table key={`${trip.key} ${aisle}`} className="mb-3 w-full break-inside-avoid border-collapse">
              <caption className="text-left font-display font-extrabold">
                {[tripWords(trip), word(aisle), who].filter(Boolean).join(': ')}
              </caption>
              <tbody>
                {lines.map((line) => (
                  <ShopRow key={line.id} plan={plan} line={line} />
                ))}
              </tbody>
            </table>
          ));
        })}
      </div>
    </PrintPage>
  );
}

function ShopRow({ plan, line }: { plan: Plan; line: ShopLine }) {
  const units = useSettings((settings) => settings.units);
  const into = [...new Set(line.goesInto.map(({ componentId }) => componentId))].filter(
    (id) => id !== line.id,
  );
  return (
    <tr className="border-b border-rule align-top">
      <td className="w-6">{isInBasket(line) ? '☒' : '☐'}</td>
      <th scope="row" className="py-0.5 text-left font-normal">
        {capital(line.name)}
        {into.length > 0 && (
          <small>
            {' '}
            {t('(for {foods})', {
              foods: into.map((id) => shortName(nameOf(plan, id)).toLowerCase()).join(', '),
            })}
          </small>
        )}
      </th>
      <td className="py-0.5 text-right!">
        {line.unknown
          ? formatMass(line.neededG, units)
          : isInBasket(line)
            ? basketText(line)
            : packsText(line)}
      </td>
    </tr>
  );
}
