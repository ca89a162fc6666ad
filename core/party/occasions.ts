/** Words that say where and what for somebody comes, and nothing of what they eat. */

import { setOf } from './callings.js';

/** What may stand before who they are. */
export const WHICH = setOf(
  `hungry local office school church village football rugby tennis hockey cricket choir theatre ballet yoga garden
  bell stamp coin dog bird brass jazz folk bus train taxi lorry farm market street city ice speed night quilt
  fellow lovely rowdy lively happy noisy cheerful merry jolly mixed close large huge growing young busy thirsty friendly quiet
  tired new retired trainee student amateur professional visiting good old university work business wedding birthday`,
);

/** What they come for, and what may be said of it. */
export const OCCASIONS = setOf(
  `dinner lunch brunch breakfast supper tea coffee drinks cocktails aperitif picnic barbecue buffet snack snacks meal
  party parties do wedding engagement birthday anniversary retirement farewell leaving goodbye graduation christening
  baptism funeral wake reunion housewarming hen stag shower bridal opening launch exhibition gallery screening
  premiere concert rehearsal performance show play film movie match game games quiz cards book club reading meeting
  conference workshop training seminar course class lecture service ceremony reception celebration celebrations feast
  holiday holidays christmas easter thanksgiving carnival halloween new year’s year years eve day days night evening
  afternoon morning weekend noon midday midnight shift work working office garden terrace beach park boat river lake harbour field
  home house hall barn corporate recep ruby golden silver diamond pearl tent theatre match matches working charity school church village town tournament race run walk hike ride tour trip outing
  harvest vintage gale storm climb dive sail swim flight voyage crossing survey dig excavation audit sprint deadline
  practice drill parade rounds regatta sailing golf tennis football rugby tasting wine board company team staff summer winter spring autumn friday
  saturday sunday monday tuesday wednesday thursday seaside kite moving end first second big small little long late
  early annual monthly weekly today tonight tomorrow dessert desserts pudding puddings naming communion confirmation 
  works staffroom room canteen fete fair gala fundraiser auction hackathon kickoff assembly vernissage soiree jubilee
  networking orientation induction family memorial burial recital derby final bonfire fireworks poker bingo knitting sewing
  craft proms ball interval intermission break half-time halftime foyer lobby pool agm leavers sendoff send-off mystery murder apero event function order booking retreat nursery kindergarten preschool playgroup daycare creche sleepover
  tapas inauguration unveiling product library museum courtyard balcony rooftop patio orchard vineyard marina mountains forest woods awards prizegiving burns night nye bastille`,
);

/** More of what a place may be called: nobody eats by it. */
const OF_PLACES = setOf(
  `fish seafood steak pizza burger oyster private rented nearby beautiful favourite main back front upstairs downstairs parents parents’ grandparents sister brother lakeside riverside country mountain modern historic
  parish scout sports science natural history art concert opera primary secondary boarding nursing care retirement community
  civic county national friends`,
);
/** What may stand before a place or an event; "vegan" and "halal" may not, and are read. */
export const BEFORE_PLACE: ReadonlySet<string> = new Set([...WHICH, ...OCCASIONS, ...OF_PLACES]);

/** Where they come to, as an alternative of a pattern. */
export const PLACES =
  'wedding|party|office|house|home|place|christening|reception|event|celebration|museum|church|hall|pub|school|gallery|barn|venue|library|club|centre|center|garden|park|beach|hotel|restaurant|studio|theatre|university|college|farm|castle|boat|marquee|tent|caf[eé]|showroom|shop|interval|intermission|break|foyer|lobby|mountains|woods|forest|table';
