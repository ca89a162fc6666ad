import { nameOf, packsText, type ShopLine } from '../../../core/make/index.js';
import { formatMass, formatMoney } from '../../../core/measure/index.js';
import type { Plan } from '../../../core/plan/index.js';
import { capital } from '../../../core/words/index.js';
import { useSession } from '../../store/session.js';
import { useSettings } from '../../store/settings.js';
import { Checkbox } from '../../ui/kit/Checkbox.js';
import { t, word } from '../../words/index.js';
import { useShopping } from './useShopping.js';

export const DAY_WORDS: Readonly<Record<ShopLine['day'], string>> = {
  ahead: t('Ahead'),
  'day-before': t('The day before'),
  'on-the-day': t('On the day'),
};

/** The list as one walks through the shop, to be ticked off. */
export function ShopPaper({ plan }: { plan: Plan }) {
  const { shopping } = useShopping(plan);
  const lines = shopping.lines.filter(({ boughtG, unknown }) => boughtG > 0 || unknown);
  const aisles = [...new Set(lines.map(({ day, aisle }) => `${day}|${aisle}`))];
  return (
    <section
      aria-label={t('Shopping list')}
      className="on-paper edge-sheet absolute inset-x-[4%] top-3 bottom-12 overflow-y-auto bg-card px-6 py-4 max-xl:pt-14 max-md:static max-md:mx-2"
      tabIndex={0}
    >
      <h2 className="m-0 mb-2 text-xl/none font-black">
        {t('To buy: {n, plural, one {one thing} other {# things}}', { n: lines.length })}
      </h2>
      {lines.length === 0 && <p>{t('Nothing is to be bought. Choose something first.')}</p>}
      <div className="gap-8 lg:columns-2">
        {aisles.map((key, i) => {
          const [day, aisle] = key.split('|');
          const here = lines.filter((line) => line.day === day && line.aisle === aisle);
          const newDay = i === 0 || !aisles[i - 1]!.startsWith(`${day}|`);
          return (
            <div key={key} className="mb-3 break-inside-avoid-column">
              {newDay && <p className="m-0 font-bold text-beet-ink">{DAY_WORDS[day as ShopLine['day']]}</p>}
              <h3 className="m-0 border-b border-ink/50 font-display text-lg/[1.2] font-extrabold first-letter:uppercase">
                {word(aisle!)}
              </h3>
              {here.map((line) => (
                <ShopRow key={line.id} plan={plan} line={line} />
              ))}
            </div>
          );
        })}
      </div>
      <p className="text-xs text-soft">
        {t('Read the label of each pack: recipes change, and a label decides for allergies.')}
      </p>
    </section>
  );
}

function ShopRow({ plan, line }: { plan: Plan; line: ShopLine }) {
  const units = useSettings((settings) => settings.units);
  const edit = useSession((session) => session.edit);
  const on = plan.day.bought.includes(line.id);
  const into = [...new Set(line.goesInto.map(({ componentId }) => componentId))]
    .filter((id) => id !== line.id)
    .map((id) => nameOf(plan, id).split(',')[0]!.toLowerCase());
  return (
    <div className="flex min-h-12 items-center border-b border-rule/40 text-sm/[1.15]">
      <Checkbox
        name={t('In the basket: {name}', { name: line.name })}
        on={on}
        onChange={(on) => edit({ name: 'tick-bought', id: line.id, on })}
        className="-ml-2 p-3.5"
      />
      <span className={`flex-1 ${on ? 'text-soft line-through' : ''}`}>
        <span className="font-bold">{capital(line.name)}</span>{' '}
        <span className="whitespace-nowrap">
          {line.unknown ? formatMass(line.neededG, units) : packsText(line)}
        </span>
        {into.length > 0 && (
          <small className="block text-soft">{t('for {foods}', { foods: into.join(', ') })}</small>
        )}
        {line.ownedG > 0 && (
          <small className="block text-soft">
            {t('{mass} are in the house', { mass: formatMass(line.ownedG, units) })}
          </small>
        )}
      </span>
      <span className="tabular-nums">
        {line.unknown ? t('price unknown') : formatMoney(line.costMinor, plan.currency)}
      </span>
    </div>
  );
}
