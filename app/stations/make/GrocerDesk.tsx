import { useState } from 'react';
import type { ComponentId } from '../../../core/catalogue/index.js';
import type { QuoteAnswer } from '../../../core/exchange/grocer.js';
import type { ShopLine } from '../../../core/make/index.js';
import { clockOf, formatMoney, speakTime } from '../../../core/measure/index.js';
import { type Plan } from '../../../core/plan/index.js';
import { useFrame } from '../../store/frame.js';
import { useGrocer } from '../../store/grocer.js';
import { Choice } from '../../ui/Fields.js';
import { Button } from '../../ui/kit/Button.js';
import { ShelfHeading } from '../../ui/kit/Heading.js';
import { t } from '../../words/index.js';

/** A made-up grocer, asked for prices and stock: what is sold out, what it offers instead, an order with its window. */
export function GrocerDesk({ plan, lines }: { plan: Plan; lines: readonly ShopLine[] }) {
  const { busy, about, quote, order, ask } = useGrocer();
  const mine = about === plan.id ? quote : null;
  return (
    <>
      <ShelfHeading>{t('A grocer (made up)')}</ShelfHeading>
      <Button look="quiet" size="small" disabled={busy} onClick={() => void ask(plan, lines)}>
        {mine ? t('Ask again') : t('Ask for prices and stock')}
      </Button>
      <div aria-live="polite">
        {mine && !order && <Quote plan={plan} lines={lines} quote={mine} />}
        {order && about === plan.id && (
          <p className="text-sm">
            {t(
              'Ordered for {time} to {till}: {money}, with the delivery. {n, plural, =0 {Nothing is missing.} one {One thing is missing: buy it elsewhere.} other {# things are missing: buy them elsewhere.}}',
              {
                time: speakTime(order.from, { year: false }),
                till: clockOf(order.till),
                money: formatMoney(order.totalMinor, plan.currency),
                n: order.missing.length,
              },
            )}
          </p>
        )}
      </div>
    </>
  );
}

function Quote({ plan, lines, quote }: { plan: Plan; lines: readonly ShopLine[]; quote: QuoteAnswer }) {
  const { busy, buy } = useGrocer();
  const [window, setWindow] = useState(quote.windows[0]?.id ?? '');
  const out = quote.lines.filter(({ state }) => state !== 'in-stock');
  const money = (minor: number): string => formatMoney(minor, plan.currency);
  return (
    <div className="text-sm">
      <p className="my-1">
        {t('{money} for {n} things', { money: money(quote.totalMinor), n: quote.lines.length - out.length })}
      </p>
      {out.map((line) => (
        <SoldOut key={line.id} plan={plan} line={line} money={money} />
      ))}
      {quote.windows.length > 0 && (
        <>
          <Choice
            label={t('Delivered')}
            value={window}
            options={quote.windows.map(
              ({ id, from, till, feeMinor }) =>
                [
                  id,
                  t('{from} to {till}, {fee}', {
                    from: speakTime(from, { year: false }),
                    till: clockOf(till),
                    fee: money(feeMinor),
                  }),
                ] as const,
            )}
            onPick={setWindow}
          />
          <Button size="small" disabled={busy} onClick={() => void buy(plan, lines, window)}>
            {t('Order what is there')}
          </Button>
        </>
      )}
    </div>
  );
}

/** What is offered instead is judged like any swap, for these guests, before it is taken. */
function SoldOut({
  plan,
  line,
  money,
}: {
  plan: Plan;
  line: QuoteAnswer['lines'][number];
  money: (minor: number) => string;
}) {
  const open = useFrame((frame) => frame.open);
  const lies = plan.placements.some(({ componentId }) => componentId === line.id);
  return (
    <p className="my-1 bg-question px-1.5 py-0.5 text-ink">
      <b>
        {line.state === 'unknown'
          ? t('{name}: not sold there', { name: line.name })
          : t('{name}: sold out', { name: line.name })}
      </b>
      {line.instead && (
        <span className="block">
          {t('They offer {name}, {money}: read its label before you take it.', {
            name: line.instead.name,
            money: money(line.instead.priceMinor),
          })}
        </span>
      )}
      {lies && (
        <Button look="link" onClick={() => open({ kind: 'swap', componentId: line.id as ComponentId })}>
          {t('Swap it for what suits your guests')}
        </Button>
      )}
    </p>
  );
}
