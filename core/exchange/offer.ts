import { certificateOf, type Checked } from '../check/index.js';
import { offerOf } from '../make/index.js';
import { formatMoney, speakTime } from '../measure/index.js';
import { guestsIn } from '../party/index.js';
import type { Plan } from '../plan/index.js';
import { FAMILY_WORDS } from '../portion/index.js';
import { capital, speak, speakArg, type Speech } from '../words/index.js';
import { menuOf } from './menu.js';

/** What the client reads of the menu: foods by family, board by board; grams and packs are the kitchen's. */
const menuFor = (plan: Plan, speech: Speech): string =>
  menuOf(plan)
    .filter(({ families }) => families.length > 0)
    .map(({ surface, copies, families }) =>
      [
        copies > 1 ? `${surface} (${copies})` : surface,
        ...families.map(
          ({ family, foods }) =>
            `  ${capital(speakArg({ word: FAMILY_WORDS[family] }, speech))}: ${foods.map(({ component }) => component.name).join('; ')}`,
        ),
      ].join('\n'),
    )
    .join('\n\n');

/** What an offer says, part by part: the occasion first, then words, menu, guests, price and caution. */
export function offerParts(plan: Plan, checked: Checked, speech: Speech): string[] {
  const sum = offerOf(plan);
  const money = (minor: number): string => formatMoney(minor, plan.currency);
  const guests = guestsIn(plan.party);
  const say = (message: Parameters<typeof speak>[0]): string => speak(message, speech);
  return [
    [plan.occasion.name, speakTime(plan.occasion.start, { locale: speech.locale }), plan.occasion.place]
      .filter(Boolean)
      .join('\n'),
    plan.offer.words,
    menuFor(plan, speech),
    guests > 0 ? say(certificateOf(checked.context, checked.care).said) : '',
    [
      say({ say: 'offer.price', with: { price: money(sum.priceMinor) } }),
      ...(sum.perGuestMinor === undefined
        ? []
        : [say({ say: 'offer.each', with: { price: money(sum.perGuestMinor) } })]),
      ...(sum.depositMinor > 0
        ? [say({ say: 'offer.deposit', with: { price: money(sum.depositMinor) } })]
        : []),
    ].join('\n'),
    say({ say: 'offer.caution' }),
  ].filter((text) => text.trim() !== '');
}

/** The offer as text, to send: whom it is for, the menu, how the guests are looked after, the price. */
export const offerText = (plan: Plan, checked: Checked, speech: Speech): string =>
  `${[plan.offer.letterhead, ...offerParts(plan, checked, speech)].filter((text) => text.trim() !== '').join('\n\n')}\n`;
