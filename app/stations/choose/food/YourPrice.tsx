import { useState } from 'react';
import { formatMass, formatMoney } from '../../../../core/measure/index.js';
import type { Price } from '../../../../core/plan/index.js';
import { keepInHouse, useHouseOf } from '../../../store/house.js';
import { useSettings } from '../../../store/settings.js';
import { NumberInput } from '../../../ui/Fields.js';
import { Button } from '../../../ui/kit/Button.js';
import { Collapsible } from '../../../ui/kit/Collapsible.js';
import { t } from '../../../words/index.js';
import type { FoodPart } from './Lies.js';
import { toast } from '../../../ui/toast.js';

const MINOR = 100;

/** What the food costs where the stylist buys: for this plan, and kept in the house for the next. */
export function YourPrice({ plan, component, run }: FoodPart) {
  const units = useSettings((settings) => settings.units);
  const isThis = (price: Price): boolean =>
    price.componentId === component.id && price.currency === plan.currency;
  const own = plan.prices.find(isThis);
  const [pack, setPack] = useState(component.packs[0]!);
  const kept = useHouseOf('prices').find(isThis);
  const words = ({ priceMinor, massG }: typeof pack) =>
    t('{price} for {mass}', {
      price: formatMoney(priceMinor, plan.currency),
      mass: formatMass(massG, units),
    });
  const take = (packs: (typeof pack)[] | null): void => {
    run({ name: 'set-price', componentId: component.id, packs });
    if (packs) setPack(packs[0]!);
  };
  const keep = (): void => {
    if (!own) return;
    void keepInHouse('prices', own).then(
      (done) => done && toast(t('The price of {name} is in your house.', { name: component.name })),
    );
  };
  return (
    <Collapsible title={own ? t('Your price: {price}', { price: words(own.packs[0]!) }) : t('Your price')}>
      <PackFields pack={pack} currency={plan.currency} onChange={setPack} onTake={() => take([pack])} />
      <div className="mt-1.5 flex flex-wrap gap-2.5">
        {kept && (
          <Button look="quiet" size="small" onClick={() => take([...kept.packs])}>
            {t('As in your house: {price}', { price: words(kept.packs[0]!) })}
          </Button>
        )}
        {own && (
          <>
            <Button look="quiet" size="small" onClick={keep}>
              {t('Keep in your house')}
            </Button>
            <Button look="link" onClick={() => take(null)}>
              {t('The usual price again')}
            </Button>
          </>
        )}
      </div>
    </Collapsible>
  );
}

function PackFields({
  pack,
  currency,
  onChange,
  onTake,
}: {
  pack: Price['packs'][number];
  currency: string;
  onChange: (pack: Price['packs'][number]) => void;
  onTake: () => void;
}) {
  const canBe = pack.massG > 0 && pack.priceMinor >= 0;
  return (
    <div className="flex flex-wrap items-end gap-2.5">
      <NumberInput
        label={t('A pack costs, {currency}', { currency: currency })}
        value={pack.priceMinor / MINOR}
        min={0}
        max={9999}
        step={0.01}
        onChange={(price) => onChange({ ...pack, priceMinor: Math.round(price * MINOR) })}
      />
      <NumberInput
        label={t('and holds, grams')}
        value={pack.massG}
        min={1}
        max={50_000}
        onChange={(massG) => onChange({ ...pack, massG })}
      />
      <Button size="small" disabled={!canBe} onClick={onTake}>
        {t('Reckon with it')}
      </Button>
    </div>
  );
}
