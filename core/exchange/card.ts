import type { PlacedFood } from '../board/index.js';
import type { Checked } from '../check/index.js';
import { bitesFor, certificateOf, standingOf } from '../check/index.js';
import type { Group } from '../party/index.js';
import type { Plan } from '../plan/index.js';
import { speak, type Speech } from '../words/index.js';

/** What a guest is handed: the board as they may eat it, their bites, what they can count on, and on which condition. */
export interface GuestCard {
  occasion: string;
  who: string;
  promise: string;
  /** By surface: what they may eat there. */
  mayEat: { surface: string; foods: string[] }[];
  ask: string[];
  notForYou: string[];
  /** Whole bites, each of bread, body and contrast. */
  bites: string[];
  overruled: string[];
  caution: string;
}

const unique = (list: readonly string[]) => [...new Set(list)];

export function guestCard(plan: Plan, checked: Checked, group: Group, speech: Speech): GuestCard {
  const { context, care } = checked;
  const foods = context.placed.filter((l) => l.component.job !== 'none');
  const standing = (l: PlacedFood) => standingOf(context, l, group);
  const promise = certificateOf(context, care).groups.find((g) => g.group.id === group.id);
  const fine = foods.filter((l) => standing(l) === 'fine');
  const mayEat = plan.surfaces.flatMap((s) => {
    const here = fine.filter((l) => l.surface.id === s.id);
    return here.length === 0 ? [] : [{ surface: s.name, foods: unique(here.map((l) => l.component.name)) }];
  });
  const fineNames = new Set(mayEat.flatMap((m) => m.foods));
  const ask = unique(foods.filter((l) => standing(l) === 'ask').map((l) => l.component.name)).filter(
    (n) => !fineNames.has(n),
  );
  const rest = unique(foods.map((l) => l.component.name)).filter(
    (n) => !fineNames.has(n) && !ask.includes(n),
  );
  return {
    occasion: plan.occasion.name,
    who: `${group.name}, ${group.count} ${group.count === 1 ? 'guest' : 'guests'}`,
    promise: promise ? speak(promise.said, speech) : '',
    mayEat,
    ask,
    notForYou: rest,
    bites: bitesFor(context, group).map((b) => b.foods.map((f) => f.name).join(' + ')),
    overruled: plan.overrulings
      .filter((o) => o.groupId === group.id)
      .map((o) => `${context.larder.get(o.componentId)?.name ?? o.componentId}: ${o.why} (${o.who})`),
    caution:
      'This card helps to plan. Read the label, ask the kitchen, and follow medical or religious advice.',
  };
}

const escaped = (text: string) =>
  text.replace(
    /[&<>"']/g,
    (ch) => ({ '&': '&amp;', '<': '&lt;', '>': '&gt;', '"': '&quot;', "'": '&#39;' })[ch]!,
  );

const list = (title: string, items: readonly string[]) =>
  items.length === 0
    ? ''
    : `<h2>${escaped(title)}</h2><ul>${items.map((i) => `<li>${escaped(i)}</li>`).join('')}</ul>`;

/** The card as one file that any browser opens and prints; names are text, never markup. */
export const guestCardHtml = (card: GuestCard): string =>
  `<!doctype html><html lang="en"><meta charset="utf-8"><title>${escaped(card.occasion)}: ${escaped(card.who)}</title>` +
  '<style>body{font:16px/1.35 Georgia,serif;max-width:34em;margin:2em auto;color:#1a2040}h1{margin:0}h2{font-size:1.05em;margin:1em 0 .2em}ul{margin:0;padding-left:1.2em}</style>' +
  `<h1>${escaped(card.occasion)}</h1><p><b>${escaped(card.who)}</b></p><p>${escaped(card.promise)}</p>` +
  card.mayEat.map((m) => list(`You may eat, on ${m.surface}`, m.foods)).join('') +
  list('Bites for you', card.bites) +
  list('Ask first', card.ask) +
  list('Not for you', card.notForYou) +
  list('Overruled by a person', card.overruled) +
  `<p><i>${escaped(card.caution)}</i></p></html>\n`;
