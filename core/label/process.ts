import type { Process } from '../catalogue/index.js';
import type { Statement } from './statements.js';

/** Words that tell how it was made, the gravest first. */
const SAID: readonly (readonly [Process, RegExp])[] = [
  ['raw-fish', /\b(?:raw fish|sushi|ceviche|boquerones|rollmops?|roe|caviar)\b/],
  ['pate', /\b(?:pate|pates|liver|foie gras|rillettes|terrine|parfait|liverwurst)\b/],
  [
    'mould-ripened',
    /\b(?:brie|camembert|mou?ld[- ]ripened|taleggio|munster|reblochon|chaource|washed[- ]rind)\b/,
  ],
  ['soft-blue', /\b(?:gorgonzola|roquefort|danish blue|blue cheese|cambozola)\b/],
  ['sprouts', /\b(?:alfalfa|bean sprouts|sprouted seeds)\b/],
  ['cold-smoked', /\b(?:smoked salmon|cold[- ]smoked|gravadlax|gravlax|lox)\b/],
  [
    'cured',
    /\b(?:prosciutto|salami|chorizo|pancetta|speck|bresaola|dry[- ]cured|air[- ]dried|coppa|guanciale|nduja)\b/,
  ],
  ['raw-egg', /\b(?:raw egg|unpasteuri[sz]ed egg)\b/],
  ['hard-blue', /\bstilton\b/],
  [
    'cooked-meat',
    /\b(?:cooked (?:ham|chicken|beef|turkey|meat)|roast(?:ed)? (?:chicken|beef|turkey|pork)|pastrami|frankfurters?)\b/,
  ],
  ['cooked-fish', /\b(?:hot[- ]smoked|canned|tinned|cooked prawns|sardines|tuna)\b/],
  [
    'hard-cheese',
    /\b(?:cheddar|parmesan|parmigiano|grana padano|pecorino|gouda|emmental|gruyere|comte|manchego|hard cheese|edam)\b/,
  ],
];

/** Of these nobody can say how they were made when nothing else does. */
const OF_WHICH_ONE_ASKS =
  /\b(?:cheese|ham|bacon|pork|beef|veal|lamb|chicken|turkey|duck|meat|salmon|trout|mackerel|herrings?|fish|cod|prawns?|shrimps?|crab|mussels|oysters?|squid|octopus|venison)\b/;
const PLAIN_CHEESE =
  /\b(?:mozzarella|ricotta|cream cheese|feta|mascarpone|cottage cheese|halloumi|paneer|cheese powder)\b/g;
const PLANT_CHEESE =
  /\b(?:vegan|plant|dairy[- ]free|oyster mushroom|cashew|soya?) ?(?:cheese|ham|bacon|chicken|meat)?\b/g;

/** How the food was made, as far as its list says. Only what the list holds is looked at. */
export function processOf(folded: string, statements: readonly Statement[]): Process {
  const lists = statements
    .filter((s) => s.kind === 'list' || s.kind === 'contains')
    .map((s) => folded.slice(s.start, s.end))
    .join(' . ')
    .replace(PLANT_CHEESE, ' ');
  const said = SAID.find(([, words]) => words.test(lists))?.[0];
  if (said) return said;
  const rest = lists
    .replace(PLAIN_CHEESE, ' ')
    .replace(/\b(?:fish (?:gelatine?|oil)|chicken stock|beef tomato)\b/g, ' ');
  return OF_WHICH_ONE_ASKS.test(rest) ? 'unknown' : 'plain';
}
