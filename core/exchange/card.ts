import type { PlacedFood } from '../board/index.js';
import type { Checked, Standing } from '../check/index.js';
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
  /** Of these a small helping: a good one takes much of what they count on the whole plate. */
  little: string[];
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
  const foods = context.placed.filter((placed) => placed.component.job !== 'none');
  const standing = (placed: PlacedFood) => standingOf(context, placed, group);
  const promise = certificateOf(context, care).groups.find((promise) => promise.group.id === group.id);
  const fine = foods.filter((placed) => standing(placed) === 'fine');
  const mayEat = plan.surfaces.flatMap((surface) => {
    const here = fine.filter((placed) => placed.surface.id === surface.id);
    return here.length === 0
      ? []
      : [{ surface: surface.name, foods: unique(here.map((placed) => placed.component.name)) }];
  });
  const fineNames = new Set(mayEat.flatMap((m) => m.foods));
  const standsAs = (wanted: Standing, but: readonly string[] = []): string[] =>
    unique(
      foods.filter((placed) => standing(placed) === wanted).map((placed) => placed.component.name),
    ).filter((name) => !fineNames.has(name) && !but.includes(name));
  const little = standsAs('little');
  const ask = standsAs('ask', little);
  const rest = unique(foods.map((placed) => placed.component.name)).filter(
    (name) => !fineNames.has(name) && !little.includes(name) && !ask.includes(name),
  );
  return {
    occasion: plan.occasion.name,
    who: `${group.name}, ${group.count} ${group.count === 1 ? 'guest' : 'guests'}`,
    promise: promise ? speak(promise.said, speech) : '',
    mayEat,
    little,
    ask,
    notForYou: rest,
    // no bite is built on what they should have little of
    bites: bitesFor(context, group)
      .map((bite) => bite.foods.map((component) => component.name))
      .filter((names) => !names.some((name) => little.includes(name)))
      .map((names) => names.join(' + ')),
    overruled: plan.overrulings
      .filter((overruling) => overruling.groupId === group.id)
      .map(
        (overruling) =>
          `${context.larder.get(overruling.componentId)?.name ?? overruling.componentId}: ${overruling.why} (${overruling.who})`,
      ),
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
    : `<h2>${escaped(title)}</h2><ul>${items.map((item) => `<li>${escaped(item)}</li>`).join('')}</ul>`;

/** The card as one file that any browser opens and prints; names are text, never markup. */
export const guestCardHtml = (card: GuestCard): string =>
  `<!doctype html><html lang="en"><meta charset="utf-8"><title>${escaped(card.occasion)}: ${escaped(card.who)}</title>` +
  '<style>body{font:16px/1.35 Georgia,serif;max-width:34em;margin:2em auto;color:#1a2040}h1{margin:0}h2{font-size:1.05em;margin:1em 0 .2em}ul{margin:0;padding-left:1.2em}</style>' +
  `<h1>${escaped(card.occasion)}</h1><p><b>${escaped(card.who)}</b></p><p>${escaped(card.promise)}</p>` +
  card.mayEat.map((m) => list(`You may eat, on ${m.surface}`, m.foods)).join('') +
  list('Bites for you', card.bites) +
  list('A little of it', card.little) +
  list('Ask first', card.ask) +
  list('Not for you', card.notForYou) +
  list('Overruled by a person', card.overruled) +
  `<p><i>${escaped(card.caution)}</i></p></html>\n`;
