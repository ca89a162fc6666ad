import { certificateOf, type Checked } from '../check/index.js';
import { offerOf } from '../make/index.js';
import { formatMoney, speakTime } from '../measure/index.js';
import { guestsIn } from '../party/index.js';
import type { Plan } from '../plan/index.js';
import { speak, type Speech } from '../words/index.js';
import { menuText } from './menu.js';

/** The offer as text, to send: whom it is for, the menu, how the guests are looked after, the price. */
export function offerText(plan: Plan, checked: Checked, speech: Speech): string {
  const sum = offerOf(plan);
  const money = (minor: number): string => formatMoney(minor, plan.currency);
  const { letterhead, words } = plan.offer;
  const guests = guestsIn(plan.party);
  const say = (message: Parameters<typeof speak>[0]): string => speak(message, speech);
  const paragraphs = [
    letterhead,
    [plan.occasion.name, speakTime(plan.occasion.start, { locale: speech.locale }), plan.occasion.place]
      .filter(Boolean)
      .join('\n'),
    words,
    menuText(plan, speech).trimEnd(),
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
  ];
  return `${paragraphs.filter((text) => text.trim() !== '').join('\n\n')}\n`;
}
