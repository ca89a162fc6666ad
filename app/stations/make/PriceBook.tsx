import { useState } from 'react';
import { readPrices, writePrices, type RowProblem } from '../../../core/exchange/index.js';
import { withKnownPacks } from '../../../core/house/index.js';
import type { ShopLine } from '../../../core/make/index.js';
import { planLarder, type Plan, type Price } from '../../../core/plan/index.js';
import { keepInHouse, useHouseOf } from '../../store/house.js';
import { useSession } from '../../store/session.js';
import { Button } from '../../ui/kit/Button.js';
import { CSV_FILE, FileButton } from '../../ui/kit/FileButton.js';
import { ShelfHeading } from '../../ui/kit/Heading.js';
import { RowProblems } from '../../ui/RowProblems.js';
import { saveFile } from '../../ui/save.js';
import { toast } from '../../ui/toast.js';
import { t } from '../../words/index.js';

/** Prices from the house, from a table, and what was paid kept for the next time. */
function useBook(plan: Plan, lines: readonly ShopLine[]) {
  const edit = useSession((session) => session.edit);
  const [problems, setProblems] = useState<readonly RowProblem[]>([]);
  const house = useHouseOf('prices');
  const kept = house.filter(
    ({ componentId, currency }) =>
      currency === plan.currency && lines.some(({ id }) => id === (componentId as string)),
  );
  const take = (prices: readonly Price[]): void => {
    if (prices.length === 0) return;
    edit({
      name: 'together',
      label: t('take prices over'),
      commands: prices
        .slice(0, MOST_AT_ONCE)
        .map(({ componentId, packs }) => ({ name: 'set-price', componentId, packs: [...packs] })),
    });
  };
  const read = async (file: File): Promise<void> => {
    const found = readPrices(await file.text(), planLarder(plan), plan.currency);
    setProblems(found.problems);
    take(found.prices);
    if (found.prices.length > 0)
      toast(
        t('{n, plural, one {One price was} other {# prices were}} taken over.', { n: found.prices.length }),
      );
  };
  const paid = paidPrices(plan);
  const keep = (): void => {
    void keepInHouse('prices', ...paid.map((price) => withKnownPacks(price, house))).then(
      (done) => done && toast(t('What was paid is in your house, for the next time.')),
    );
  };
  return { kept, paid, problems, take, read, keep };
}

/** The prices of one's own shops. */
export function PriceBook({ plan, lines }: { plan: Plan; lines: readonly ShopLine[] }) {
  const { kept, paid, problems, take, read, keep } = useBook(plan, lines);
  return (
    <>
      <ShelfHeading>{t('Price book')}</ShelfHeading>
      <div className="flex flex-wrap gap-1.5">
        {kept.length > 0 && (
          <Button look="quiet" size="small" onClick={() => take(kept)}>
            {t('Prices of your house ({n})', { n: kept.length })}
          </Button>
        )}
        <FileButton
          size="small"
          words={t('Read prices')}
          label={t('A table of prices')}
          accept={CSV_FILE}
          onFile={(file) => void read(file)}
        />
        <Button
          look="quiet"
          size="small"
          onClick={() =>
            saveFile('prices.csv', writePrices(bookOf(plan, lines), planLarder(plan)), 'text/csv')
          }
        >
          {t('Save prices')}
        </Button>
        {paid.length > 0 && (
          <Button look="quiet" size="small" onClick={keep}>
            {t('Keep what was paid')}
          </Button>
        )}
      </div>
      <RowProblems problems={problems} />
    </>
  );
}

const MOST_AT_ONCE = 200;

/** A pack that was weighed, or taken several times, is noted as it was paid. */
const paidPrices = ({ day, currency, occasion }: Plan): Price[] =>
  day.bought.flatMap(({ id, packs }) =>
    packs && packs.length > 0
      ? [
          {
            componentId: id as Price['componentId'],
            currency,
            packs: packs.map(({ massG, priceMinor, shop }) => ({
              massG,
              priceMinor,
              ...(shop === undefined ? {} : { shop }),
            })),
            on: occasion.start.slice(0, 10),
          },
        ]
      : [],
  );

/** Own prices, and the packs of all that is on the list: a table to be filled in. */
function bookOf(plan: Plan, lines: readonly ShopLine[]): Price[] {
  const own = plan.prices.filter(({ currency }) => currency === plan.currency);
  const others = lines.filter(
    ({ id, packs }) => packs.length > 0 && !own.some(({ componentId }) => (componentId as string) === id),
  );
  return [
    ...own,
    ...others.map(({ id, packs, shop }) => ({
      componentId: id as Price['componentId'],
      currency: plan.currency,
      packs: packs.map(({ massG, priceMinor }) => ({
        massG,
        priceMinor,
        ...(shop === null ? {} : { shop }),
      })),
    })),
  ];
}
