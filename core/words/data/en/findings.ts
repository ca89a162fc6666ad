/** What each finding says: the sentence on the slip, and why in small. `{group}` is a guest group's name. */
export const FINDINGS = {
  'finding.choking-shape.text': '{food}, {form}, within reach of small children.',
  'finding.choking-shape.why': 'On {surfaceLow}: {reason}. Stay with children while they eat.',
  'finding.not-for-small-children.text': '{food} is not for small children.',
  'finding.not-for-small-children.why': 'On {surfaceLow}: {reason}. Stay with children while they eat.',
  'finding.same-surface.text': '{foods} on one surface with the food of “{group}”.',
  'finding.same-surface.why':
    '{whatCap} may reach everything on {surfaceLow}; nothing there counts for them.',
  'finding.same-surface-open.text': '{whatCap} on {surfaceLow}?',
  'finding.same-surface-open.why':
    'No label says it yet of {foodsLow}; until then nothing there counts for “{group}”.',
  'finding.keep-away.text': '{surface} is not for {groupsLow} guests.',
  'finding.keep-away.why': 'On it: {what}. They have enough elsewhere: say so on the label.',
  'finding.neighbours.text': '{foods} {n, plural, one {touches} other {touch}} the food of “{group}”.',
  'finding.neighbours.why': '{way} reach {theirsLow}: keep {gap} between.',
  'finding.shared-tool.text': 'A spoon of its own for {foodsLow}.',
  'finding.shared-tool.why':
    'It stands in a bowl; a spoon or tongs that go around would bring it to “{group}”.',
  'finding.same-kitchen.text': '{whatCap} in one kitchen with the food of “{group}”.',
  'finding.same-kitchen.why': '{how}',
  'finding.same-cutter.text': 'One {cutterLow} for {foodLow} and {othersLow}.',
  'finding.same-cutter.why':
    '{whatCap} on it would reach “{group}”: make {foodLow} first, or with tools of its own.',
  'finding.cut-unfit.text': '{food} is not cut with cutters.',
  'finding.cut-unfit.why':
    'It crumbles or smears, or nobody has tried it: cut one slice before you count on it.',
  'finding.cut-breaks.text': 'The {cutterLow} breaks in {foodLow}.',
  'finding.cut-breaks.why': '{neck} at its narrowest, and this food holds from {needs}.',
  'finding.cut-frail.text': 'Frail tips: the {cutterLow} in {foodLow}.',
  'finding.cut-frail.why':
    '{tip} wide just before the end, a tip may stay in the cutter. Chill the slices, push the piece out with a stick.',
  'finding.kitchen-order.text': 'Make the food of “{group}” first.',
  'finding.kitchen-order.why': '{how}',
  'finding.not-together.text': '{whatCap} on {surfaceLow}.',
  'finding.not-together.why':
    '“{group}” keeps them from one surface and from one bite: {oneLow} and {otherLow}.',
  'finding.promise-broken.text': '{surface} promises no {free}.',
  'finding.promise-broken.why': '{foods} would break that.',
  'finding.promise-open.text': '{surface} promises no {free}.',
  'finding.promise-open.why': '{foods} may or may not: the label says.',
  'finding.not-for-them.text': '{food} is not for {groupLow} guests.',
  'finding.not-for-them.why': 'On {surfaceLow}: {reason}.',
  'finding.looked-after.text': 'Everyone is looked after.',
  'finding.looked-after.why': '{certificate}',
  'finding.not-looked-after.text': '{group}: not looked after yet.',
  'finding.not-looked-after.why': '{missingCap}.',
  'finding.plate-over-limit.text': '{group}: {sum, number} of {limit, number} {unit} of {what} on a plate.',
  'finding.plate-over-limit.why': 'Most of it is in {foodsLow}. Ask the guest for the limit.',
  'finding.plate-not-known.text': '{whatCap} on the plate of “{group}”?',
  'finding.plate-not-known.why':
    'Nobody has said how much is in {foodsLow}: between {low, number} and {high, number} of {limit, number} {unit}.',
  'finding.no-own-plate.text': 'No plate of their own for “{group}” yet.',
  'finding.no-own-plate.why':
    'You chose a plate of its own for each group with a need{can, select, no {, and nothing on the boards is theirs yet} other {}}.',
  'finding.too-few-portions.text':
    '“{surface}”: {n, number} for {guests, plural, one {# guest} other {# guests}}.',
  'finding.too-few-portions.why': 'A single portion is for one guest: somebody would go without.',
  'finding.out-of-small-hands.text': 'Keep {surfaces} out of small hands.',
  'finding.out-of-small-hands.why':
    '{foods} {n, plural, one {is} other {are}} not for {groups}, who have a plate of their own: what is round, hard or sticky chokes a small child. A grown person sits with them while they eat.',
  'finding.binds-others.text':
    'For “{group}” {what, select, bread {all bread stands in bowls or stays away} cheese {all cheese stands in bowls or stays away} courses {there is no meat beside cheese} other {everything is cut small}}.',
  'finding.binds-others.why':
    'They are few among many: a tray of their own sets the others free, and is safer for them.',
  'finding.too-long.text': '{foods} would stand too long.',
  'finding.too-long.why':
    '{minutes, number} minutes out of the cold, road and building included; {limit, number} are the limit{hot, select, yes { in this heat} other {}}. Local rules decide.',
  'finding.warm-at-opening.text': '{foods} are past their time before the table opens.',
  'finding.warm-at-opening.why':
    '{minutes, number} minutes out of the cold, road and building included; {limit, number} are the limit{hot, select, yes { in this heat} other {}}. Local rules decide.',
  'finding.unknown-component.text': 'Nobody knows “{food}”.',
  'finding.unknown-component.why': 'The plan names a food that is in no larder. It counts for nobody.',
  'finding.how-old.text': 'How old?',
  'finding.how-old.why':
    '“{group}”: {n, number} of {count, number} ages are not said, so all are judged like the smallest.',
  'finding.not-understood.text': '{need}',
  'finding.not-understood.why':
    'Nobody here knows what it means for {n, plural, one {this guest} other {these # guests}}. Until you have asked, no food counts for them; the board is made for the others.',
  'finding.too-few-known-foods.text':
    '{group}: {n, plural, =0 {nothing} other {only one food}} that they know.',
  'finding.too-few-known-foods.why':
    'They know {known}. Two known foods for each new one, in small portions.',
  'finding.label-to-read.text':
    '{n, plural, one {Which {foodsLow}?} other {# labels to read for “{group}”.}}',
  'finding.label-to-read.why':
    '{foods}: the label must say about {facts}. {made, plural, =0 {} other {Of what is made at home, read the packs that go in. }}Until then {n, plural, one {it does} other {they do}} not count.',
  'finding.never-food.text': '{food} must not touch food.',
  'finding.never-food.why':
    'Not to be eaten nor laid beside food: {why}. Is it another thing? Give it its own name.',
  'finding.too-small.text': 'It will not all fit on {surfaceLow}.',
  'finding.too-small.why': 'What is laid at opening takes {ground}; inside the rim are {area}.',
  'finding.too-large.text': '{surfaceCap} will look sparse.',
  'finding.too-large.why': 'What is laid at opening takes {ground}; inside the rim are {area}.',
  'finding.more-than-taken.text': '{mass} of {foodLow} is more than they eat.',
  'finding.more-than-taken.why':
    'Those who may eat it take about {most} at most. Pin it if it is to be there all the same.',
  'finding.not-for-occasion.text': '{food} has no place here.',
  'finding.not-for-occasion.why':
    'It is not laid on {surfaceLow} for such an occasion. Say in Brief what the board is for, or pin it.',
  'finding.nothing-beside-it.text':
    '{dip, select, yes {Nothing to dip into {foodLow}.} other {{food} stands alone.}}',
  'finding.nothing-beside-it.why':
    '{dip, select, yes {Two foods to dip lie beside a dip, on the same surface.} other {It goes with something that is not on {surfaceLow}.}}',
  'finding.little-to-spread.text': 'Little to spread on {foodLow}.',
  'finding.little-to-spread.why':
    'They are dry by themselves: {need} of jam, cream or butter go with them, {mass} lie beside them.',
  'finding.out-of-reach.text':
    '{crowd, select, yes {{guests, number} guests at {surfaceLow}: not all come near.} other {{surface} is {longest} long: too far for a hand.}}',
  'finding.out-of-reach.why':
    '{crowd, select, yes {Around one dense board only the near side is reached.} other {A hand reaches {reach}: who is at one end does not come to the other.}} In {n, number} parts, each with every kind, everybody comes to everything.',
  'finding.heavy-board.text': '{surfaceCap} weighs {load} laid: it takes two to carry it.',
  'finding.heavy-board.why':
    'Over {one}, board and bowls counted, it is carried by two or built where it is served. Weigh the empty board for a truer figure.',
  'finding.does-not-pass.text':
    '{what, select, car {{surfaceCap} does not lie flat in a usual car.} other {{surfaceCap} does not pass a usual door as it is carried.}}',
  'finding.does-not-pass.why':
    '{what, select, car {It is {length} by {width}; a middle car takes about {boot} by {deep}. Measure yours.} other {It is {width} across, and with hands at both ends about {door} go through. Measure yours.}}',
  'finding.too-deep.text':
    '{sides, select, front {The back of {surfaceLow} is too far for a hand.} other {The middle of {surfaceLow} is too far for a hand.}}',
  'finding.too-deep.why':
    'It is {depth} deep, and guests stand {sides, select, front {in front of it only} other {in front and behind}}: a hand reaches {reach}.',
  'finding.wants-liner.text': '{surfaceCap}: food on bare metal.',
  'finding.wants-liner.why':
    'Sheet metal that does not say it is made for food is lined, and sharp or sour food is kept off it.',
  'finding.place-not-open.text':
    '{foods} {n, plural, one {lies} other {lie}} where {surfaceLow} is to stay open.',
  'finding.place-not-open.why':
    'That place was marked to be left free. Lay the board again, move what lies there, or take the mark away.',
  'finding.place-not-kept.text': 'No {whatLow} where you wanted it on {surfaceLow}.',
  'finding.place-not-kept.why':
    'Lay the board again, drag some of it there, or take the mark away. There may be none of it on this surface.',
  'finding.too-many-kinds.text': '{n, number} kinds are many for {surfaceLow}.',
  'finding.too-many-kinds.why':
    'It takes about {most, number}. Fewer, larger kinds look calmer and leave fewer open packs.',
  'finding.not-all-laid.text':
    'Not all of {foodsLow} {n, plural, one {is} other {are}} laid on {surfaceLow}.',
  'finding.not-all-laid.why':
    'The layout found no room for the rest, or the amounts have changed since. Lay it again, on a larger surface or with less.',
  'finding.over-the-rim.text': 'Over the rim of {surfaceLow}: {foods}.',
  'finding.over-the-rim.why':
    'What lies beyond the rim falls or is not reached. Move it in, or lay the board again.',
  'finding.bowls-laid-otherwise.text': '{foods}: laid in other bowls than there are.',
  'finding.bowls-laid-otherwise.why':
    'The bowls at hand, or what stands in them, have changed since the board was laid. Lay it again.',
  'finding.one-patch.text':
    '{food} and {otherLow} touch: one colour.{rest, plural, =0 {} one { One pair more.} other { # pairs more.}}',
  'finding.one-patch.why': 'Two of a colour side by side read as one patch on {surfaceLow}.',
  'finding.juice-in-crackers.text':
    '{food}: the juice runs into {otherLow}.{rest, plural, =0 {} one { One pair more.} other { # pairs more.}}',
  'finding.juice-in-crackers.why':
    'What is crisp goes soft beside what is wet. Drain it, set it in a bowl, or lay it elsewhere on {surfaceLow}.',
  'finding.strong-by-mild.text':
    '{food} lies against {otherLow}.{rest, plural, =0 {} one { One pair more.} other { # pairs more.}}',
  'finding.strong-by-mild.why': 'A strong cheese gives its taste to a mild one that it touches.',
  'finding.dip-alone.text':
    '{food}: {gap} to the nearest that is dipped.{rest, plural, =0 {} one { One pair more.} other { # pairs more.}}',
  'finding.dip-alone.why': 'A dip wants {otherLow}, or another dipper, beside it on {surfaceLow}.',
  'finding.no-knife-room.text':
    'No room for a knife between {foodLow} and {otherLow}.{rest, plural, =0 {} one { One pair more.} other { # pairs more.}}',
  'finding.no-knife-room.why': 'They stand {gap} apart on {surfaceLow}; a hand with a knife needs more.',
  'finding.star-hidden.text': '{food} is the star and is not seen first.',
  'finding.star-hidden.why': 'It stands at the edge of {surfaceLow}, or under other food.',
  'finding.far-side.text': 'Out of reach of one side: {foodsLow}.',
  'finding.far-side.why':
    'Who stands there at {surfaceLow} would reach {gap} over the food. Lay it in two places.',
  'finding.bare-patch.text': '{n, plural, one {A bare patch} other {# bare patches}} on {surfaceLow}.',
  'finding.bare-patch.why': 'The board shows through, {width} wide. Move food in, or lay a leaf there.',
  'finding.one-sided.text': '{surface} leans to one side.',
  'finding.one-sided.why': 'Most of the food lies on one side: the other looks empty.',
  'finding.mirrored.text': '{surface} looks set out by a ruler.',
  'finding.mirrored.why': 'Each large thing stands opposite another. Move one of them out of the row.',
  'finding.too-little.text': 'Little {family}.',
  'finding.too-little.why': '{mass} stand against {target} of the school “{school}”.',
  'finding.too-much.text': 'Much {family}.',
  'finding.too-much.why': '{mass} stand against {target} of the school “{school}”.',
  'finding.nothing-sharp.text': 'Nothing sharp yet.',
  'finding.nothing-sharp.why': 'Rich food wants something sour or pickled within reach.',
  'finding.all-soft.text': 'Every cheese is soft.',
  'finding.all-soft.why': 'A firm one gives the knife and the eye something to do.',
  'finding.no-crunch.text': 'Nothing crunches.',
  'finding.no-crunch.why': 'Chewy and crunchy must both be there.',
  'finding.nothing-sweet.text': 'Nothing sweet yet.',
  'finding.nothing-sweet.why': 'Salty cheese asks for honey, jam or fruit.',
  'finding.nothing-hot.text': 'Nothing hot yet.',
  'finding.nothing-hot.why': 'One small bowl is enough.',
  'finding.no-smoke.text': 'Nothing smoked.',
  'finding.no-smoke.why': 'Smoke is one of the tastes that a board is missed for.',
  'finding.one-milk.text': 'All cheese is from one milk.',
  'finding.one-milk.why': 'Goat, sheep or plant tastes of something else.',
  'finding.all-brown.text': 'Brown and pale all over.',
  'finding.all-brown.why': 'Meat, bread and cheese have little colour: fruit and vegetables bring it.',
  'finding.rich-without-relief.text': 'Rich without relief on {surfaceLow}.',
  'finding.rich-without-relief.why': '{foods} want something sharp or juicy within reach.',
  'finding.cheese-without-vehicle.text': 'Nothing to lay the cheese on, on {surfaceLow}.',
  'finding.cheese-without-vehicle.why': 'Bread or crackers must be within reach of every cheese.',
  'finding.star-missing.text': 'The star is not on the board: {foodLow}.',
  'finding.star-missing.why': 'You chose it as the piece that is looked at first.',
  'finding.star-without-support.text': '{food} stands alone.',
  'finding.star-without-support.why':
    'A star wants companions of its kind that everyone likes, or nobody dares to cut it.',
  'finding.no-board.text': '{surface} lacks {what}.',
  'finding.no-board.why': 'Who stands there finds no board by itself: the other surfaces are out of reach.',
  'finding.two-alike.text': '{foods} are alike.',
  'finding.two-alike.why': 'Two that agree in every way bring one taste for two packs.',
  'finding.disliked.text': 'Most of the party dislikes {foodLow}.',
  'finding.disliked.why': 'It would come back whole.',
  'finding.too-heavy.text': 'Heavy before a meal.',
  'finding.too-heavy.why': '{kj, number} kJ for each portion; {most, number} leave room for what follows.',
  'finding.left-in-packs.text': 'Much stays in the packs: {foodsLow}.',
  'finding.left-in-packs.why':
    '{n, plural, one {One pack stays} other {# packs stay}} more than half full. Lay more of them, or use them for another board.',
  'finding.too-much-work.text': '{needs, number} minutes of work for {have, number}.',
  'finding.too-much-work.why': 'Washing, cutting, folding and mixing, before anything is laid.',
  'finding.too-few-bowls.text': '{n, plural, one {# bowl is} other {# bowls are}} missing: {sizes}.',
  'finding.too-few-bowls.why': '{wanted, number} bowls are wanted; {have, number} are at hand.',
  'finding.bowls-too-small.text': '{n, plural, one {# bowl is} other {# bowls are}} too small.',
  'finding.bowls-too-small.why':
    'What is heaped over the brim runs over. The larger bowls at hand are taken by what is fuller still.',
  'finding.too-few-tongs.text': 'A tool of its own was promised, and is not there.',
  'finding.too-few-tongs.why':
    '{n, plural, one {# food is} other {# foods are}} kept apart by tongs of its own; {have, plural, =0 {none are} one {one is} other {# are}} at hand. One that goes around carries crumbs.',
  'finding.too-few-knives.text': 'A knife for each cheese.',
  'finding.too-few-knives.why':
    '{n, number} cheeses are cut at the table; {have, number} knives are at hand.',
  'finding.over-budget.text': '{over} over the budget.',
  'finding.over-budget.why': 'Packs bought come to {cost}; the budget is {budget}.',
  'finding.cold-air.text': 'At {air} cheese stays shut.',
  'finding.cold-air.why':
    'Cold dulls its taste and stiffens it. Temper it indoors and carry it out last; the time still counts.',
  'finding.out-of-season.text': 'Out of season: {foodsLow}.',
  'finding.out-of-season.why': 'It comes from far or from a greenhouse: look at it before you buy.',
  // how things travel
  'way.sheds': '{whatCap} may',
  'way.juice': 'Its juice may',
  'way.drops': 'Its drops may',
  'kitchen.promised':
    'It is made first, with fresh gloves and a clean board. Whether that is enough only the guest can say.',
  'kitchen.over': '{whatCap} would come over {ways}.',
  'kitchen.board': 'the cutting board',
  'kitchen.gloves': 'the gloves',
  'bowls.of': '{n, number} of {size}',
  'surface.singles': '{n, number} × {surface}',
  'surface.modules': '{surface} and {n, number} like it',
} as const;
