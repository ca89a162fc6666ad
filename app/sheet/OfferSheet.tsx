import { certificateOf, type Checked } from '../../core/check/index.js';
import { menuOf } from '../../core/exchange/index.js';
import { offerOf } from '../../core/make/index.js';
import { formatMoney, speakTime } from '../../core/measure/index.js';
import { guestsIn } from '../../core/party/index.js';
import type { Offer, Plan } from '../../core/plan/index.js';
import { FAMILY_WORDS } from '../../core/portion/index.js';
import { capital, speak } from '../../core/words/index.js';
import { BoardThumb } from '../plate/BoardThumb.js';
import { saveAs } from '../exports/save.js';
import { useSession } from '../store/session.js';
import { useSpeech } from '../store/useSpeech.js';
import { NumberInput } from '../ui/Fields.js';
import { Button } from '../ui/kit/Button.js';
import { t, word } from '../words/index.js';
import { PrintBar } from './PrintBar.js';
import { PrintPage } from './PrintPage.js';

/** What is sent to a client: picture, menu, guests and how they are looked after, the price and what it is made of. */
export function OfferSheet({ plan, checked }: { plan: Plan; checked: Checked }) {
  const speech = useSpeech();
  const guests = guestsIn(plan.party);
  return (
    <PrintPage>
      <PrintBar back={`/plan/${plan.id}/make`} words={t('Back')}>
        <Button look="quiet" onClick={() => void saveAs('offer-pdf', plan)}>
          {t('Save it (PDF)')}
        </Button>
        <Button look="quiet" onClick={() => void saveAs('offer', plan)}>
          {t('Save it as text')}
        </Button>
      </PrintBar>
      <OfferFields plan={plan} />
      {plan.offer.letterhead && <p className="text-right whitespace-pre-line">{plan.offer.letterhead}</p>}
      <h1>{plan.occasion.name}</h1>
      <p>
        {[
          speakTime(plan.occasion.start),
          plan.occasion.place,
          t('{guests, plural, one {# guest} other {# guests}}', { guests }),
        ]
          .filter(Boolean)
          .join(', ')}
      </p>
      {plan.offer.words && <p className="whitespace-pre-line">{plan.offer.words}</p>}
      {plan.surfaces.length > 0 && (
        <div className="mx-auto size-80">
          <BoardThumb plan={plan} label={t('The board')} size={320} />
        </div>
      )}
      <Menu plan={plan} />
      {guests > 0 && (
        <section>
          <h2>{t('Your guests')}</h2>
          <p>{speak(certificateOf(checked.context, checked.care).said, speech)}</p>
        </section>
      )}
      <Price plan={plan} />
      <p>{speak({ say: 'offer.caution' }, speech)}</p>
    </PrintPage>
  );
}

function Menu({ plan }: { plan: Plan }) {
  return menuOf(plan)
    .filter(({ families }) => families.length > 0)
    .map(({ surface, families }) => (
      <section key={surface}>
        <h2>{surface}</h2>
        {families.map(({ family, foods }) => (
          <p key={family} className="my-0.5">
            <b>{capital(word(FAMILY_WORDS[family]))}: </b>
            {foods.map(({ component }) => component.name).join(', ')}
          </p>
        ))}
      </section>
    ));
}

function Price({ plan }: { plan: Plan }) {
  const sum = offerOf(plan);
  const money = (minor: number): string => formatMoney(minor, plan.currency);
  return (
    <section>
      <h2>{t('Price')}</h2>
      <p className="text-lg">
        <b>{money(sum.priceMinor)}</b>
        {sum.perGuestMinor !== undefined &&
          t(', {price} for each guest', { price: money(sum.perGuestMinor) })}
      </p>
      {sum.depositMinor > 0 && (
        <p>{t('{price} are paid when it is agreed.', { price: money(sum.depositMinor) })}</p>
      )}
    </section>
  );
}

/** What the price is made of, and what stands on top: on the screen only, never on the client's paper. */
function OfferFields({ plan }: { plan: Plan }) {
  const edit = useSession((session) => session.edit);
  const change = (patch: Partial<Offer>): void => edit({ name: 'set-offer', patch });
  return (
    <div className="on-paper mb-4 bg-card p-4 shadow-paper print:hidden">
      <p className="m-0 font-bold">{t('Only you see this part; it is not printed.')}</p>
      <OfferFigures plan={plan} change={change} />
      <div className="grid gap-3 sm:grid-cols-2">
        <OfferText
          label={t('Letterhead')}
          max={400}
          value={plan.offer.letterhead}
          onChange={(letterhead) => change({ letterhead })}
        />
        <OfferText
          label={t('A few words to the client')}
          max={2000}
          value={plan.offer.words}
          onChange={(words) => change({ words })}
        />
      </div>
      <MadeOf plan={plan} />
    </div>
  );
}

const MINOR = 100;

function OfferFigures({ plan, change }: { plan: Plan; change: (patch: Partial<Offer>) => void }) {
  const amount = (label: string, key: 'hourMinor' | 'hireMinor' | 'travelMinor') => (
    <NumberInput
      label={t('{label}, {currency}', { label, currency: plan.currency })}
      value={plan.offer[key] / MINOR}
      min={0}
      max={1_000_000}
      step={0.5}
      onChange={(value) => change({ [key]: Math.max(0, Math.round(value * MINOR)) })}
    />
  );
  const percent = (label: string, key: 'marginPercent' | 'depositPercent', most: number) => (
    <NumberInput
      label={label}
      value={plan.offer[key]}
      min={0}
      max={most}
      onChange={(value) => change({ [key]: Math.min(most, Math.max(0, value)) })}
    />
  );
  return (
    <div className="flex flex-wrap gap-3">
      {amount(t('An hour of work'), 'hourMinor')}
      {amount(t('Hire'), 'hireMinor')}
      {amount(t('Travel'), 'travelMinor')}
      {percent(t('Margin, %'), 'marginPercent', 500)}
      {percent(t('Deposit, %'), 'depositPercent', 100)}
    </div>
  );
}

function OfferText({
  label,
  max,
  value,
  onChange,
}: {
  label: string;
  max: number;
  value: string;
  onChange: (value: string) => void;
}) {
  return (
    <label className="grid gap-0.5 font-bold">
      {label}
      <textarea
        className="w-full rounded-paper border-[1.5px] border-line bg-white px-2 py-1 font-medium text-ink"
        rows={3}
        maxLength={max}
        value={value}
        onChange={(event) => onChange(event.target.value)}
      />
    </label>
  );
}

function MadeOf({ plan }: { plan: Plan }) {
  const sum = offerOf(plan);
  const money = (minor: number): string => formatMoney(minor, plan.currency);
  return (
    <p className="mt-2 mb-0">
      {t(
        'Food {food}, {min} minutes of work {labour}, hire {hire}, travel {travel}, margin {margin}: {price}',
        {
          food: money(sum.foodMinor),
          min: sum.labourMin,
          labour: money(sum.labourMinor),
          hire: money(sum.hireMinor),
          travel: money(sum.travelMinor),
          margin: money(sum.marginMinor),
          price: money(sum.priceMinor),
        },
      )}
    </p>
  );
}
