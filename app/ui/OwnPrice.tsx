import { Trash2 } from 'lucide-react';
import { useState } from 'react';
import { formatMass, formatMoney } from '../../core/measure/index.js';
import { ownPriceOf } from '../../core/portion/index.js';
import type { Plan, Price, ShopPack, SingleCommand } from '../../core/plan/index.js';
import { keepInHouse, useHouseOf } from '../store/house.js';
import { useSettings } from '../store/settings.js';
import { t } from '../words/index.js';
import { NumberInput, TextInput } from './Fields.js';
import { Button } from './kit/Button.js';
import { toast } from './toast.js';

const MINOR = 100;
const MOST_PACKS = 12;

interface Props {
  plan: Plan;
  /** A food, a staple or a good of the kitchen, with the packs that are reckoned with now. */
  ware: { id: string; name: string; packs: readonly ShopPack[] };
  run: (command: SingleCommand) => void;
}

/** A price as it is said: "€ 3.90 for 250 g, market hall". */
export function usePriceWords(currency: Plan['currency']): (pack: ShopPack) => string {
  const units = useSettings((settings) => settings.units);
  return ({ priceMinor, massG, shop }) =>
    t('{price} for {mass}{shop}', {
      price: formatMoney(priceMinor, currency),
      mass: formatMass(massG, units),
      shop: shop === undefined ? '' : `, ${shop}`,
    });
}

/** What the packs of a thing cost where the stylist buys: for this plan, and kept in the house for the next. */
export function OwnPrice({ plan, ware, run }: Props) {
  const own = ownPriceOf(plan, ware.id);
  const [packs, setPacks] = useState<readonly ShopPack[]>(own?.packs ?? ware.packs);
  const take = (taken: readonly ShopPack[] | null): void => {
    run({ name: 'set-price', componentId: ware.id as Price['componentId'], packs: taken && [...taken] });
    if (taken) setPacks(taken);
  };
  const canBe = packs.every(({ massG, priceMinor }) => massG > 0 && priceMinor >= 0);
  return (
    <>
      {packs.map((pack, i) => (
        <PackFields
          key={i}
          pack={pack}
          number={packs.length > 1 ? i + 1 : null}
          currency={plan.currency}
          onChange={(changed) => setPacks(packs.map((other, j) => (j === i ? changed : other)))}
          onRemove={packs.length > 1 ? () => setPacks(packs.filter((_, j) => j !== i)) : undefined}
        />
      ))}
      <div className="mt-1.5 flex flex-wrap gap-2.5">
        <Button size="small" disabled={!canBe} onClick={() => take(packs)}>
          {t('Reckon with it')}
        </Button>
        <Button
          look="quiet"
          size="small"
          disabled={packs.length >= MOST_PACKS}
          onClick={() => setPacks([...packs, packs.at(-1)!])}
        >
          {t('Another pack or shop')}
        </Button>
        <HousePrice plan={plan} ware={ware} own={own} onTake={take} />
      </div>
    </>
  );
}

/** The price that the house knows, and the one of this plan kept there. */
function HousePrice({
  plan,
  ware,
  own,
  onTake,
}: Pick<Props, 'plan' | 'ware'> & {
  own: Price | undefined;
  onTake: (packs: readonly ShopPack[] | null) => void;
}) {
  const words = usePriceWords(plan.currency);
  const kept = useHouseOf('prices').find(
    (price) => price.componentId === ware.id && price.currency === plan.currency,
  );
  const keep = (price: Price): void =>
    void keepInHouse('prices', price).then(
      (done) => done && toast(t('The price of {name} is in your house.', { name: ware.name })),
    );
  return (
    <>
      {kept && (
        <Button look="quiet" size="small" onClick={() => onTake(kept.packs)}>
          {t('As in your house: {price}', { price: words(kept.packs[0]!) })}
        </Button>
      )}
      {own && (
        <>
          <Button look="quiet" size="small" onClick={() => keep(own)}>
            {t('Keep in your house')}
          </Button>
          <Button look="link" onClick={() => onTake(null)}>
            {t('The usual price again')}
          </Button>
        </>
      )}
    </>
  );
}

function PackFields({
  pack,
  number,
  currency,
  onChange,
  onRemove,
}: {
  pack: ShopPack;
  /** Of several, which. */
  number: number | null;
  currency: string;
  onChange: (pack: ShopPack) => void;
  onRemove: (() => void) | undefined;
}) {
  const n = number === null ? '' : ` ${number}`;
  const withShop = (shop: string): ShopPack => {
    const { massG, priceMinor } = pack;
    return shop === '' ? { massG, priceMinor } : { massG, priceMinor, shop };
  };
  return (
    <div className="flex flex-wrap items-end gap-2.5">
      <NumberInput
        label={t('A pack{n} costs, {currency}', { n, currency })}
        value={pack.priceMinor / MINOR}
        min={0}
        max={9999}
        step={0.01}
        width={150}
        onChange={(price) => onChange({ ...pack, priceMinor: Math.round(price * MINOR) })}
      />
      <NumberInput
        label={t('and holds, grams{n}', { n })}
        value={pack.massG}
        min={1}
        max={50_000}
        onChange={(massG) => onChange({ ...pack, massG })}
      />
      <div className="w-40">
        <TextInput
          label={t('in the shop{n}', { n })}
          value={pack.shop ?? ''}
          max={40}
          onChange={(shop) => onChange(withShop(shop))}
        />
      </div>
      {onRemove && (
        <Button look="icon" className="mb-2" aria-label={t('Without pack{n}', { n })} onClick={onRemove}>
          <Trash2 size={16} />
        </Button>
      )}
    </div>
  );
}
