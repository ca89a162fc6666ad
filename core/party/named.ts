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
const DOES = `${NOT}\\s+(?:eats?|have|has|take|drink|tolerate)|eats?|hates?|avoids?|ha(?:s|ve)\\s+(?:an?\\s+)?[^,;.\\n]*?\\b(?:allergy|allergies|intolerance)|(?:is|are)\\s+(?:also\\s+|both\\s+|all\\s+|severely\\s+|very\\s+|an?\\s+)*(?<is>\\S+?)`;
/** "Can't", "only", "never" are said of one and of many. */
const SAYS_NO_NUMBER = /^(?:ca|wo|only|never|will)/;
const NAME = '\\p{Lu}\\p{Ll}+';
/** "Anna is vegan", "Tom doesn't eat fish", "Ida, Sarah and Tim are vegan". */
const BY_NAME = new RegExp(
  `(?<before>^|[,;:.\\n]\\s*|\\band\\s+)(?<names>(?:(?:${NAME}\\s*,\\s*)*${NAME},?\\s*(?:and|&)\\s+)?${NAME})(?=\\s+(?<does>${DOES})(?=[\\s,;.]|$))`,
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
  line.replace(BY_NAME, (all: string, ...found: unknown[]) => {
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
