import { DOERS, PEOPLE, setOf } from './callings.js';
import { OCCASIONS, WHICH } from './occasions.js';
import { numberOf } from './parts.js';
import { isWayOfEating, type Vocabulary } from './vocabulary.js';

export const isNeedOrFood = (said: string, { words, isFood }: Vocabulary): boolean =>
  isFood(said) || words.some(({ word }) => word === said || `${word}s` === said);

export const isWay = (said: string, vocabulary: Vocabulary): boolean =>
  vocabulary.words.some(
    (need) =>
      isWayOfEating(need, vocabulary) &&
      need.word.split(' ').some((word) => word === said || `${word}s` === said),
  );

/** What only a person does, so that no food is taken for one. */
const NOT = "(?:do(?:es)?n['’]?t|do(?:es)? not|can['’]?t|cannot|can not|won['’]?t|will not|only|never)";
const DOES = `${NOT}\\s+(?:eats?|have|has|take|drink|tolerate)|eats?|hates?|avoids?|ha(?:s|ve)\\s+(?:an?\\s+)?[^,;.\\n]*?\\b(?:allergy|allergies|intolerance)|(?:is|are)\\s+(?:now\\s+|also\\s+|both\\s+|all\\s+|severely\\s+|very\\s+|an?\\s+)*(?<is>\\S+?)`;
/** "Can't", "only", "never" are said of one and of many. */
const SAYS_NO_NUMBER = /^(?:ca|wo|only|never|will)/;
const NAME = '\\p{Lu}\\p{Ll}+';
/** "Anna is vegan", "Tom doesn't eat fish", "Ida, Sarah and Tim are vegan". */
const BY_NAME = new RegExp(
  `(?<before>^|[,;:.\\n]\\s*|\\b(?:and|but)\\s+)(?<names>(?:(?:${NAME}\\s*,\\s*)*${NAME},?\\s*(?:and|&)\\s+)?${NAME})(?=\\s+(?<does>${DOES})(?=[\\s,;.]|$))`,
  'gu',
);
/** "Lucy's pregnant". */
const NAME_IS = new RegExp(
  `(?<![\\p{L}])(${NAME})['’]s\\s+(?=(?:now\\s+|also\\s+|an?\\s+)*(?:vegan|vegetarian|veggie|pescatarian|coeliac|celiac|diabetic|pregnant|allergic|intolerant|halal|kosher|keto|gluten|dairy|lactose)\\b)`,
  'gu',
);
const NO_NAMES: ReadonlySet<string> = new Set(
  'everyone everybody nobody noone someone somebody anyone anybody one each all none other another rest who he she it they this that there which half most some both'.split(
    ' ',
  ),
);
/** "Staff", "Kids and Adults", "Family": whoever they are, they are more than one, and perhaps everybody. */
const MANY =
  /^(?:adults?|grown-?ups?|people|folks?|guests?|persons?|children|child|kids?|toddlers?|bab(?:y|ies)|teen(?:ager)?s?|boys?|girls?|m[ae]n|wom[ae]n|ladies|gentlemen|males?|females?|youngsters?|seniors?|pensioners?|friends|famil(?:y|ies)|relatives|couples?|teams?|staff|crew|cast|club|class|group|office|committee|choir|band|board|colleagues|members?|students?|pupils?|teachers|volunteers?|neighbou?rs|locals|visitors?|hosts|parents|grand(?:parents|children|kids)|mums|moms|dads|mothers|fathers|sisters|brothers|siblings|cousins|aunts|uncles|husbands|wives|partners|muslims?|hindus?|jews?|sikhs?|jains?|christians?|buddhists?|catholics?)$/;

/** Who is called by a name is one; whoever that is, everybody, nobody and "one" are no names. */
export const personsCounted = (line: string, vocabulary: Vocabulary): string =>
  line.replace(NAME_IS, '$1 is ').replace(BY_NAME, (all: string, ...found: unknown[]) => {
    const said = found.at(-1) as { before: string; names: string; does: string; is: string | undefined };
    const isEater =
      said.is === undefined ||
      /^(?:allergic|intolerant|pregnant|diabetic)$/i.test(said.is) ||
      isWay(said.is.toLowerCase(), vocabulary);
    const names = said.names.toLowerCase().split(/\s*,\s*(?:and\s+|&\s*)?|\s+(?:and|&)\s+/);
    const isName = (name: string): boolean =>
      !NO_NAMES.has(name) &&
      !MANY.test(name) &&
      numberOf(name) === undefined &&
      !isNeedOrFood(name, vocabulary);
    // "Golfers are vegan": nobody alone "are", and of two nobody "is"
    const agrees =
      (names.length === 1) === /^(?:is|has|eats|hates|avoids|does)/.test(said.does) ||
      SAYS_NO_NUMBER.test(said.does);
    if (!isEater || !agrees || !names.every(isName)) return all;
    return `${said.before}${names.length} ${names.length === 1 ? 'adult' : 'adults'}`;
  });

const NAMES = `${NAME}(?:\\s*(?:,|&|\\+|/|\\band\\b|,\\s*and\\b)\\s*${NAME})*`;
/** Nobody more follows: "Vegan: Sam, Jo, one child" are three. */
const ENDS_NAMES = "(?=\\s*(?:$|[.;\\n)]|,\\s*(?:and\\s+)?\\p{L}[\\p{L}' -]{1,30}[:–(]))";
/** "Vegan: Sam, Jo", "GF - Ali", "Vegetarian (Sam and Jo)": so many of them, who are called by name. */
const NAMED_BEHIND = new RegExp(
  `(?<before>^|[,;:.\\n]\\s*|\\band\\s+)(?<how>\\p{L}[\\p{L}' -]{1,30}?)\\s*(?:[:–-]\\s*(?<names>${NAMES})|\\((?<inside>${NAMES})\\))${ENDS_NAMES}`,
  'gu',
);
/** What stands behind a need and is nobody. */
const NO_ANSWER = setOf(
  `yes no none please thanks sure strict strictly only always certified style kitchen friendly option options menu menus board
  boards food tbc tba unknown starter starters main mains side sides sweet sweets savoury nibble nibbles course courses buffet
  plate plates platter platters school venue office upstairs downstairs morning january february march april may june july
  august september october november december sandwich sandwiches wrap wraps roll rolls bagel bagels bread breads cracker
  crackers cake cakes pastry pastries scone scones pie pies tart tarts quiche quiches salad salads soup soups pasta rice pizza
  pizzas burger burgers sausage sausages bite bites dip dips sauce sauces crisps chips fruit vegetables meat meats fish
  chicken cheese cheeses nuts egg eggs milk biscuit biscuits cookie cookies chocolate chocolates canape canapes canapé canapés
  beer wine coffee juice water ingredients labels equipment cutlery packaging catering caterer chef service hall room floor
  area section zone row seat seats requirements requirement preferences preference priority essential important ideally
  mostly nothing anything label allergens`,
);

/** Who ends like many things and is one. */
const NAMES_IN_S = setOf(
  `james chris thomas lucas agnes iris nicholas marcus louis lewis charles hans klaus frances doris alexis elias tobias jonas
  silas niels anders les des gus dennis francis curtis travis ines carlos luis mathias matthias felix lars nils boris`,
);
/** May somebody be called so? "Pakoras" are things; a name that is taken for one is asked. */
export const isName = (said: string, vocabulary: Vocabulary): boolean =>
  (!/[^s]s$/.test(said) || NAMES_IN_S.has(said)) &&
  !NO_NAMES.has(said) &&
  !MANY.test(said) &&
  !NO_ANSWER.has(said) &&
  !OCCASIONS.has(said) &&
  numberOf(said) === undefined &&
  !isNeedOrFood(said, vocabulary);

/** What may be a way of eating, though nobody here knows which: it is not set aside. */
const PERHAPS_NEED =
  /\b(?:free|allerg\w*|intoleran\w*|no|not|without|only|diet\w*|fodmap|raw|paleo|carbs?|sugar|salt|sodium|detox|fast(?:ing)?|macrobiotic|lent(?:en)?|ramadan|iftar|eid|passover|friendly|safe|low|light)\b/;
/** Does it say what somebody leaves out? */
export const saysNeed = (said: string, { words }: Vocabulary): boolean => {
  const low = ` ${said.toLowerCase().replace(/[^\p{L}\d]+/gu, ' ')} `;
  return (
    PERHAPS_NEED.test(low) ||
    words.some(({ word, leftOut }) => !leftOut && low.includes(` ${word.replaceAll('-', ' ')} `))
  );
};

/** A list of needs with names behind them, counted; one name alone may be anything ("Halal: Strict") and is asked. */
export function namesCounted(text: string, vocabulary: Vocabulary): string {
  const namesOf = (said: string): string[] => said.split(/\s*(?:,\s*and\b|,|&|\+|\/|\band\b)\s*/);
  const isNames = (how: string, names: readonly string[]): boolean => {
    const way = how.trim().toLowerCase().replaceAll('-', ' ');
    const isNeed =
      /(?: free|(?:allergy|allergies|intolerance|intolerant)|^(?:gf|df|nf|vg|v))$|^no /.test(way) ||
      vocabulary.words.some(({ word }) => word === way || `${word}s` === way);
    return isNeed && names.every((name) => isName(name.toLowerCase(), vocabulary));
  };
  const found = [...text.matchAll(NAMED_BEHIND)].flatMap(({ groups }) => {
    const names = namesOf(groups!['names'] ?? groups!['inside']!);
    return isNames(groups!['how']!, names) ? [names] : [];
  });
  if (found.flat().length < 2) return text;
  return text.replace(NAMED_BEHIND, (all: string, ...rest: unknown[]) => {
    const { before, how, names, inside } = rest.at(-1) as Record<
      'before' | 'how' | 'names' | 'inside',
      string
    >;
    const list = namesOf(names ?? inside);
    return isNames(how, list) ? `${before}${list.length} ${how.trim()}` : all;
  });
}

/** Is it, by itself, a way of eating: "vegan", "nut-free"? */
export const isSaidWay = (said: string, vocabulary: Vocabulary): boolean => {
  const way = said.toLowerCase().replaceAll('-', ' ');
  return (
    way.endsWith(' free') ||
    (way.startsWith('no ') && isNeedOrFood(way.slice(3), vocabulary)) ||
    vocabulary.words.some((need) => need.word === way && isWayOfEating(need, vocabulary))
  );
};

/** What says only which of those: "retired", "local". */
export const saysWhich = (word: string, vocabulary: Vocabulary): boolean =>
  (WHICH.has(word) || OCCASIONS.has(word)) && !isNeedOrFood(word, vocabulary);

/** "Colleagues", "golfers": everybody who comes is called so, and no way of eating is. */
export const isPeople = (word: string, vocabulary: Vocabulary): boolean =>
  (PEOPLE.has(word) || DOERS.has(word)) && !isNeedOrFood(word, vocabulary);
