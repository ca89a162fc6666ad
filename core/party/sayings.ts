/** How people begin to say what they leave out, hate or like, and the words between that say nothing. */

export type Opening = 'avoid' | 'allergy' | 'dislike' | 'strict' | 'like';
const OPENINGS: Readonly<Record<Opening, string>> = {
  avoid:
    'without|without any|no|not any|can not have|can not have any|can not eat|can not take|can not tolerate|can not do|can have no|may not have|may not eat|must not have|must not eat|must avoid|has to avoid|have to avoid|should avoid|should not have|should not eat|does not eat|does not have|does not take|does not drink|does not do|do not eat|do not have|do not take|do not drink|do not do|will not eat|never eats|never eat|eats no|eat no|avoids|avoid|avoiding|off|is off|are off|free from|free of|keeps off|keep off|stays off|stay off|leaves out|leave out|nothing with|not allowed|cuts out|reacts to|reacts badly to|steers clear of|sans|but no|not eating|not having|zero|gets ill from|gets sick from|intolerant to|intolerant of|intolerance to|intolerance of|sensitive to|sensitivity to|can t have|anything without|nothing containing|not to have|not have|minus|except|except for|everything but|anything but',
  allergy:
    'allergic to|allergy to|allergies to|allergies|anaphylactic to|anaphylaxis to|anaphylaxis from|severe allergy to|severely allergic to|carries a pen for|carries an epipen for|epipen for|anaphylactic reaction to|anaphylactic reactions to|anaphylactic shock from|anaphylactic with|anaphylactic for',
  dislike:
    'hates|hate|hating|dislikes|dislike|does not like|do not like|not keen on|not fond of|does not care for|do not care for|not a fan of|no fan of|not fans of|can not stand|does not want|do not want|not into|does not enjoy|do not enjoy|picky about|prefers no|prefer no|prefers without|would rather not have|does not fancy|loathes|detests',
  like: 'love|loves|like|likes|enjoy|enjoys|adore|adores|fond of|keen on|into|partial to|crazy about|mad about|fan of|fans of|lover of|lovers of',
  strict:
    'strict about|strict on|strict with|particular about|careful about|careful with|strictly no|very strict about',
};
export const OPENINGS_BY_LENGTH = (Object.entries(OPENINGS) as [Opening, string][])
  .flatMap(([opening, list]) => list.split('|').map((p) => ({ opening, words: p.split(' ') })))
  .sort((a, b) => b.words.length - a.words.length);

/** "Keep apart" is how near is too near, of all needs that were named before. */
export const APART =
  'keep apart|kept apart|to be kept apart|set apart|apart|keep separate|kept separate|keep separately|separately|separate|own board|own plate|own tray|separate board|separate plate|separate tray|no cross-contact|no cross contact|no cross-contamination|no cross contamination|no contamination|no contact|cross-contact|cross-contamination'
    .split('|')
    .map((phrase) => phrase.split(' '))
    .sort((a, b) => b.length - a.length);

export const JOINT = /^(?:and|or|nor|&|\+|\/|,|plus)$/;
export const SUFFIX =
  /^(?:allergy|allergies|allergic|intolerance|intolerances|intolerant|sensitivity|sensitive|free|anaphylaxis|anaphylactic)$/;
export const AFTER = /^(?:at|all|please|in|any|form|products|product|whatsoever|either|ever|of|kind|sort)$/;
/** Who somebody is, by what they are called; or that they eat everything. */
const BY_CALLING =
  'guests?|people|persons?|adults?|grown|ups?|others?|rest|everything|anything|ladies|lady|gentlem[ae]n|men|women|woman|man|boys?|girls?|us|parents?|grandparents?|mothers?|fathers?|mums?|dads?|seniors?|grann(?:y|ies)|grandmas?|grandpas?|grandads?|brides?|grooms?|elderly|colleagues?|neighbou?rs?|relatives?|teens?|teenagers?|students?|grown-ups?|sons?|daughters?|nephews?|nieces?|cousins?|brothers?|sisters?|siblings?|partners?|spouses?|wives|husbands?|eater|normal|regular|ordinary|helpers?|carers?|hungry|friends?|child|children|kids?|toddlers?|bab(?:y|ies)|infants?';
export const SOMEBODY = new RegExp(`^(?:${BY_CALLING})$`);
/** Words that say nothing of what anybody leaves out. */
export const FILLER = new RegExp(
  `^(?:${BY_CALLING}|a|an|one|my|our|their|by|if|possible|preference|prefers?|mostly|rather|flexible|strictly|strict|always|has|have|some|allerg(?:y|ies|ic)|to|with|and|who|are|is|be|eats?|of|the|diet|diets|free|in|aged?|years?|old|also|both|each|them|they|he|she|i|we|am|his|her|but|very|severe|severely|mild|mildly|slight|slightly|needs?|now|drinks?|following|follows?|only|from|on|or|intolerant|intolerance|sensitive|pure|total|for|all|please|food|foods|eaters|lunch|dinner|supper|brunch|buffet|picnic|birthday|party|meal|whom|which|those|these|definitely|certainly|really|actually|fully|completely|totally|x|&|\\+|/|,)$`,
);
/** "Cheese lovers" would not do without it: the word before is what they like, not what they leave out. */
export const LOVERS =
  /^(?:lovers?|fans?|enthusiasts?|buffs?|connoisseurs?|aficionados?|devotees?|fanatics?|addicts?)$/;
/** Words before it, at most. */
export const MOST_LOVED = 5;
/** Who eats everything, and says so. */
export const EATS_ALL = /^(?:omnivores?|flexitarians?|carnivores?|foodies?|gourmets?|gourmands?)$/;
export const EATERS = /^(?:meat|big|good|great|hearty|keen|adventurous) eaters?$/;
export const EATS = /^(?:eats?|eating|drinks?|drinking)$/;
/** "Can have dairy", "do drink wine". */
export const MAY = /^(?:can|may|do|does)$/;
export const ONLY = /^(?:only|just|exclusively|solely)$/;
export const NO_LIKING = /^(?:no|not|non|never|hardly|neither)\b|free\b|allerg|intoler/;
/** No food's name begins or ends with one of these, whatever it is served with. */
export const BEFORE_FOOD = /^(?:with|without|to|of|for|from|in|on|by|at|near|against|towards?)$/;
export const ARTICLE = /^(?:an?|the|some|any)$/;
export const TASTE = /^(?:hot|spicy|salty|sweet|sour|bitter|smoky|strong|rich)$/;
/** An allergen with one of these behind it is the allergen: who is allergic to sesame seeds is to tahini, too. */
export const FORM_OF_ALLERGEN =
  /^(?:seeds?|beans?|kernels?|nuts?|flours?|meal|germ|bran|gluten|starch|malt|bread|crackers?|crispbreads?|toasts?|rolls?|pasta|noodles?|biscuits?|cereals?|pastry|dough|oils?|powders?|proteins?|solids|extracts?|pastes?|spreads?|whites?|yolks?|sauces?|salt|meat|sticks?|shells?|butters?|products?)$/;
/** But butter beans are no butter, and cream crackers no cream. */
export const NO_ALLERGEN_WITH_MORE = /^(?:butter|cream|oysters?)$/;
/** "Mixed nuts", "roasted peanuts", "king prawns" are nuts, peanuts, prawns. */
export const OF_ANY_SORT =
  /^(?:mixed|roasted|salted|unsalted|whole|ground|chopped|toasted|shelled|flaked|crushed|king|tiger|monkey|cooked)$/;
