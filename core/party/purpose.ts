import type { Occasion } from '../catalogue/index.js';

/** Words that say what a board is for, where they end a phrase: "12 for brunch", "picnic, 8 guests", "supper for 6". */
const SAID: readonly (readonly [Occasion, string])[] = [
  ['iftar', 'iftars?|break(?:ing)? (?:the|their|our) fast'],
  ['children', "(?:kids?|child(?:ren)?)(?:['’]?s?|s['’])? (?:birthday |tea |summer |school )?part(?:y|ies)"],
  ['breakfast', 'breakfasts?|brunch(?:es)?'],
  ['picnic', 'picnics?'],
  ['film', '(?:film|movie|cinema) (?:nights?|evenings?)|(?:film|movie) screenings?'],
  ['walk', 'hikes?|walks?|day out'],
  ['afternoon', '(?:afternoon |high |cream )?tea|coffee'],
  ['sweet', 'desserts?|sweet course'],
  ['drinks', 'drinks|cocktails?|aperitifs?|drinks reception'],
  ['meal', 'lunch(?:eon)?|dinner|supper|meal|feast'],
];

/** What comes before or after something else is not for it; "no dinner" is none. */
const NOT = "(?<!(?<![a-z])(?:after|before|no|not|without|instead of|until|since)\\s+(?:(?:a|an|the|our|my|their)\\s+)?(?:[a-z]+\\s+)?)"; // prettier-ignore
const ENDS =
  "(?=\\s*(?:$|[,;:.()\\n!–-]|\\d|(?:part(?:y|ies)|nights?|evenings?|mornings?|reception|do|for|of|with|who|and|plus|at|on|in|to|tomorrow|tonight|today)(?![\\w'’])))";
const PHRASES = SAID.map(
  ([occasion, words]) => [occasion, new RegExp(`${NOT}(?<![\\w'’-])(?:${words})${ENDS}`, 'i')] as const,
);

/** What the lines of a party say that the board is for; undefined where they say nothing of it, or two things. */
export function purposeOf(text: string): Occasion | undefined {
  let rest = text;
  const found: Occasion[] = [];
  for (const [occasion, phrase] of PHRASES) {
    if (!phrase.test(rest)) continue;
    found.push(occasion);
    // "afternoon tea party for kids" is told by its first words alone
    rest = rest.replace(new RegExp(phrase.source, 'gi'), ' ');
  }
  return found.length === 1 ? found[0] : undefined;
}
