import type { Language } from '../language.js';

export const english: Language = {
  id: 'en',
  name: 'English',
  endings: ['s', 'es'],
  compounds: false,
  terms: {
    'nut-cream': 'nut spread|nut cream',
    'hazelnut-cream': 'hazelnut spread|hazelnut cream|hazelnut creme',
    'pistachio-cream': 'pistachio spread|pistachio cream',
    'almond-cream': 'almond spread',
    'made-part': 'topping|toppings|filling|fillings|coating|coatings|dish|dishes|selection|assortment|cups',
    cornflakes: 'cornflakes|corn flakes',
    chutney: 'chutney|chutneys|mango chutney|relish|relishes',
    'made-up':
      'roll|rolls|loaf|loaves|bun|buns|crumble|crumbles|crust|crusts|twist|twists|nest|nests|bar|bars|bite|bites|ball|balls|thin|thins|snack|snacks|spread|swirl|swirls|ripple|puff|puffs|square|squares|cluster|clusters|straws|slider|sliders|skewer|skewers|nuggets|goujons|pocket|pockets|fritter|fritters|turnover|turnovers|parcel|parcels',
    'animal-cut':
      'breast|breasts|thigh|thighs|leg|legs|loin|loins|fillet|fillets|shoulder|belly|ribs|chops|cutlet|cutlets|escalope|escalopes|drumsticks',
    preserved:
      'dried apricots|dried apricot|apricots dried|dried fruit|dried fruits|mixed dried fruit|dried mixed fruit|vine fruit|vine fruits|raisin|raisins|golden raisins|muscat raisins|sultana|sultanas|currant|currants|prune|prunes|dried plums|dried mango|dried mangoes|dried apple|dried apples|apple rings|dried pear|dried pears|dried peach|dried peaches|dried pineapple|dried papaya|dried banana|dried bananas|banana chips|dried fig|dried figs|dried cherries|dried sour cherries|dried cranberries|dried cranberry|dried blueberries|dried berries|dried strawberries|dried tropical fruit|candied peel|mixed peel|candied|candied fruit|candied fruits|candied orange peel|candied lemon peel|candied citrus peel|glace cherries|glace cherry|maraschino cherries|maraschino cherries in syrup|cocktail cherries|glace fruit|dried potato|dried potatoes|potato flakes|potato granules|dehydrated potato|dehydrated potatoes|instant mash|sauerkraut|sun dried tomatoes|sundried tomato|sundried tomatoes|semi dried tomatoes|artichoke hearts|caper|capers|caper berries|caperberry|caperberries|lemon juice concentrate|lemon juice from concentrate|concentrated lemon juice|bottled lemon juice|lime juice from concentrate|molasses|cane molasses|blackstrap|blackstrap molasses|treacle|black treacle|cider vinegar|apple cider vinegar|garlic puree|dried mushrooms|dried vegetables|goji|goji berries',
    'preserved-root':
      'horseradish|grated horseradish|candied ginger|crystallised ginger|crystallized ginger|stem ginger|pickled ginger|ginger puree',
    'dried-coconut':
      'desiccated coconut|coconut flakes|coconut chips|shredded coconut|dried coconut|toasted coconut',
    prawn: 'prawn|prawns|shrimp|shrimps|prawn meat|shrimp meat|langoustine|langoustines',
    'stuffed-vegetables':
      'stuffed vine leaves|stuffed peppers|stuffed tomatoes|stuffed mushrooms|stuffed aubergines|dolmas|dolmades|stuffed dates|stuffed cabbage',
    liquorice: 'liquorice|licorice|liquorice sweets|liquorice allsorts',
    jerky: 'jerky|beef jerky|biltong',
    'pressed-poultry':
      'turkey ham|chicken ham|chicken roll|turkey roll|chicken loaf|chicken slices|turkey slices',
    bread:
      'bread|breads|sourdough|pita|pitta|wrap|wraps|bagel|bagels|baguette|ciabatta|focaccia|crispbread|crispbreads|toast|toasts|crostini|flatbread|breadsticks|grissini|breadcrumbs|bread crumbs|breadcrumb|crumb coating|panko|rusk|rusks|burger bun|burger buns|hot dog bun|hot dog buns|bread roll|bread rolls|sandwich bread|rye bread|pumpernickel',
    cake: 'biscuit|biscuits|cookie|cookies|wafer|wafers|cake|cakes|shortbread|brownie|brownies|doughnut|doughnuts|donut|muffin|panettone|pudding|digestive|danish pastry|danish pastries|madeleine',
    'rice-cracker': 'rice cracker|rice crackers|senbei',
    crisps: 'crisps|potato crisps|potato chips|tortilla chips|corn chips|nachos|vegetable crisps',
    'cured-sausage': 'salami|chorizo|nduja|pepperoni|saucisson|soppressata|salame|finocchiona',
    'roast-pork': 'roast pork|roasted pork',
    'stuffed-olives': 'stuffed olives|stuffed green olives',
    'truffle-sweet': 'truffles|chocolate truffle|chocolate truffles|cocoa truffles',
    'chocolate-spread': 'chocolate spread|chocolate hazelnut spread|cocoa spread',
    halva: 'halva|halwa|halvah',
    'lysozyme-cheese': 'grana padano',
    'prepared-mustard': 'dijon|dijon mustard|wholegrain mustard|english mustard|french mustard|mustard sauce',
    seitan: 'seitan',
    cider: 'cider|hard cider',
    wasabi: 'wasabi|wasabi paste',
    sauce:
      'stir fry|vegetable curry|chickpea curry|lentil curry|chicken curry|thai curry|thai green curry|potato curry|spinach curry|cauliflower curry|bean curry|sauce|sauces|marinade|dip|dips|dressing|soup|soup powder|filling mix|horseradish sauce|bread sauce|cheese sauce|coleslaw|potato salad|stuffing|rice paper rolls',
    'meat-dish':
      'meatball|meatballs|burger|burgers|hamburger|kebab|gyros|ragu|bolognese|chili con carne|scrapple|meat loaf|meatloaf|scotch egg|schnitzel',
    pate: 'pate|parfait|rillettes|terrine|liverwurst|chicken liver pate|faggots',
    'blood-pudding': 'black pudding|blood pudding|white pudding',
    haggis: 'haggis',
    nuggets: 'chicken nuggets|breaded chicken|chicken goujons',
    breaded: 'breaded|croutons|crouton',
    noodles: 'noodle|noodles',
    'filled-pasta':
      'ravioli|tortellini|tortelloni|agnolotti|cappelletti|filled pasta|dumpling|dumplings|gyoza|wontons',
    'cheese-dish': 'rarebit|fondue|cheese fondue|mozzarella sticks',
    'mustard-pickle': 'piccalilli',
    'roe-dip': 'taramasalata',
    sushi: 'sushi|poke',
    seafood: 'seafood|sea food|fruits de mer',
    'fish-soup': 'bouillabaisse|chowder|bisque|lobster bisque',
    scampi: 'scampi|prawn crackers',
    baklava: 'baklava|baclava',
    'trail-mix': 'trail mix',
    mousse: 'mousse',
    mortadella: 'mortadella',
    praline: 'praline|pralines|gianduja|gianduia',
    'butter-sauce':
      'hollandaise|hollandaise sauce|bearnaise|bearnaise sauce|béarnaise|béarnaise sauce|sauce mousseline',
    'white-sauce': 'bechamel|béchamel|bechamel sauce|béchamel sauce|white sauce|mornay|mornay sauce',
    'cream-sauce': 'alfredo|alfredo sauce',
    'cream-dressing': 'ranch|ranch dressing',
    'brown-sauce': 'brown sauce|steak sauce|barbecue sauce|bbq sauce|tonkatsu sauce',
    'bean-sauce': 'black bean sauce|hoisin|hoisin sauce|yellow bean sauce|char siu sauce',
    'oyster-sauce': 'oyster sauce',
    'peanut-sauce': 'satay|satay sauce',
    'egg-tart': 'quiche|quiche lorraine',
    omelette: 'omelette|omelet|frittata',
    'choux-pastry': 'choux|choux pastry|choux buns|profiteroles|éclair|éclairs|eclair|eclairs',
    frangipane: 'frangipane|frangipani paste',
    'soft-flatbread': 'naan|naan bread|nan bread',
    gnocchi: 'gnocchi',
    batter: 'tempura|tempura batter|batter|onion rings',
    stollen: 'stollen|christstollen',
    eggnog: 'eggnog|egg nog',
    tortilla: 'tortilla|tortillas|tortilla wrap|tortilla wraps',
    'almond-sauce': 'romesco|romesco sauce|ajo blanco',
    tapenade: 'tapenade|olive tapenade',
    'pickled-cucumber':
      'gherkin|gherkins|cornichon|cornichons|pickled cucumber|pickled cucumbers|dill pickle|dill pickles',
    'soup-greens': 'mirepoix|soup vegetables|caponata',
    'spiced-biscuit':
      'florentines|lebkuchen|panforte|linzer biscuits|gingerbread|gingerbread biscuits|speculoos',
    'almond-biscuit': 'amaretti|amaretti biscuits|amaretto biscuits|macaroon|macaroons|macaron|macarons',
    'egg-liqueur': 'advocaat|advocaat liqueur|egg liqueur',
    'egg-pasta': 'egg noodle|egg noodles|egg pasta|spaetzle',
    'egg-custard': 'creme anglaise|creme patissiere|pastry cream|egg custard|creme brulee|zabaglione cream',
    gluten:
      'wheat|whole wheat|wholewheat|wheatgerm|wheat starch|wheat gluten|wheat protein|hydrolysed wheat protein|hydrolyzed wheat protein|wheat bran|wheat fibre|durum|semolina|spelt|kamut|khorasan|farro|einkorn|emmer|triticale|freekeh|bulgur|bulghur|couscous|rye|barley|gluten|farina|graham flour|wholemeal|wholemeal flour|plain flour|plain white flour|white flour|self raising flour|bread flour|sooji|suji|maida|atta|dinkel|vital gluten|udon|matzo|matzah|matza|lavash',
    malt: 'malt|malted|malt extract|malt vinegar|malt flour|malt syrup|malts',
    'malted-milk': 'malted milk|malted milk powder|malted milk extract',
    pasta: 'pasta|spaghetti|macaroni|vermicelli|penne|fusilli',
    muesli:
      'granola|muesli|cereal bar|cereal bars|granola bar|granola bars|protein bar|protein bars|muesli bar|energy bar|energy bars|flapjack|flapjacks',
    pastry:
      'pastry|puff pastry|filo|phyllo|brioche|croissant|sponge|shortcrust|shortcrust pastry|waffle|waffles|pancake|pancakes|scone|pretzel|pretzels|ladyfingers|pie crust',
    flour:
      'flour|cereal|cereals|cereal starch|starch from cereals|bran|flakes of cereal|semolina of cereal|dough|grain flour|multigrain|mixed grains|crispies|crisped cereal',
    cracker: 'cracker|crackers',
    'wheat-syrup':
      'wheat glucose syrup|glucose syrup (wheat)|glucose syrup (from wheat)|glucose syrup from wheat|wheat dextrose|dextrose (wheat)|dextrose (from wheat)|maltodextrin (wheat)|maltodextrin (from wheat)|wheat maltodextrin|wheat maltodextrins|glucose fructose syrup (wheat)',
    oats: 'oat|oats|oatmeal|oat flakes|oat bran|oat flour|rolled oats|porridge|oat fibre|porridge oats',
    'soy-sauce':
      'tamari soya sauce|tamari soy sauce|soy sauce|soya sauce|shoyu|tamari|soy sauce powder|marinated tofu',
    'soy-glaze': 'teriyaki|teriyaki sauce',
    'caesar-dressing':
      'caesar dressing|caesar salad dressing|caesar sauce|remoulade|remoulade sauce|tartare sauce|tartar sauce',
    mycoprotein: 'mycoprotein|mycoprotein pieces|mycoprotein mince',
    dukkah: 'dukkah|duqqa|dukka',
    'curry-paste':
      'curry paste|red curry paste|green curry paste|yellow curry paste|thai curry paste|laksa paste|sambal|nam prik',
    'shell-part': 'glucosamine|chitosan|chitin',
    'omega-3': 'omega 3|omega 3 fatty acids|omega 3 oil',
    miso: 'miso|miso paste',
    milk: 'milk|milk powder|whole milk|skim milk|skimmed milk|milk solids|skimmed milk powder|condensed milk|evaporated milk|dried milk|dry milk|dairy|dairies|milks|milk drink',
    'milk-part':
      'milk fat|milkfat|milk sugar|buttermilk|buttermilk powder|whey|whey powder|lactose|curd|curds|kefir|fromage frais|dulce de leche|butterfat|butter fat|butter oil|ghee|clarified butter|anhydrous milk fat|milk chocolate|white chocolate|crema|clotted cream|half and half|labneh|rennet whey',
    'milk-protein':
      'milk protein|milk proteins|casein|caseins|caseinate|caseinates|sodium caseinate|calcium caseinate|lactalbumin|lactoglobulin|whey protein|milk protein isolate|whey protein isolate|whey protein concentrate|whey proteins|lactoferrin|recaldent',
    cream:
      'cream|double cream|single cream|sour cream|soured cream|creme fraiche|whipping cream|whipped cream|cream powder',
    butter: 'butter|butters|salted butter|unsalted butter|concentrated butter',
    yoghurt: 'yoghurt|yogurt|yogurt powder|greek yogurt|yoghurts|tzatziki|raita|lassi',
    'raw-milk':
      'raw milk|unpasteurised milk|unpasteurized milk|unpasteurised|unpasteurized|raw cow milk|raw cows milk|raw cow s milk|raw goat milk|raw goats milk|raw goat s milk|raw sheep milk|raw sheep s milk|raw ewe s milk|raw ewes milk|raw cream|raw milk cheese|raw milk butter',
    'pasteurised-milk':
      'pasteurised milk|pasteurized milk|pasteurised cow s milk|pasteurized cow s milk|pasteurised cows milk|pasteurised goat s milk|pasteurised goats milk|pasteurised sheep s milk|pasteurised sheeps milk|pasteurised ewe s milk|pasteurised buffalo milk|pasteurised cream|pasteurized cream',
    cheese: 'cheese|cheeses|cheese powder|goat cheese|goats cheese|goat s cheese|soft cheese|sheep cheese',
    'fresh-cheese':
      'quark|curd cheese|skyr|mozzarella|feta|ricotta|mascarpone|halloumi|cream cheese|paneer|cottage cheese|bocconcini|burrata|stracciatella',
    'hard-cheese':
      'cheddar|gouda|edam|emmental|emmenthal|manchego|hard cheese|provolone|havarti|monterey jack|leicester|red leicester|wensleydale|maasdam|swiss cheese|raclette|jarlsberg|appenzeller',
    'ripe-cheese':
      'brie|camembert|taleggio|munster|reblochon|chaource|mould ripened cheese|mold ripened cheese|washed rind cheese|epoisses|limburger',
    'soft-blue': 'gorgonzola|roquefort|danish blue|blue cheese|cambozola|dolcelatte',
    'hard-blue': 'stilton',
    'calf-rennet-cheese':
      'parmesan|parmigiano|parmigiano reggiano|pecorino|pecorino romano|gruyere|comte|manchego (animal rennet)',
    custard: 'custard|custard powder|rice pudding|rice puddings|milk pudding',
    'fruit-curd': 'lemon curd|lime curd|orange curd|passion fruit curd|fruit curd',
    'ice-cream': 'ice cream|gelato',
    creamer: 'creamer|non dairy creamer|coffee creamer|coffee whitener|whitener',
    chocolate:
      'chocolate|dark chocolate|bitter chocolate|bittersweet chocolate|plain chocolate|chocolate chips|couverture|chocolate chunks|cocoa coating|compound chocolate',
    nougat:
      'nougat|caramel|caramels|toffee|fudge|butterscotch|praline paste filling|turron|turrón|candies|candy|sweets|sprinkles|ganache',
    pesto: 'pesto',
    'animal-rennet':
      'calf rennet|animal rennet|lamb rennet|traditional rennet|rennet (animal)|rennet (calf)|rennet of animal origin|bovine rennet|kid rennet|pepsin|animal enzymes',
    'microbial-rennet':
      'microbial rennet|vegetarian rennet|non animal rennet|fermentation produced rennet|microbial coagulant|vegetarian coagulant|microbial enzyme|microbial enzymes|microbial enzyme coagulant|non animal coagulant|fermentation produced chymosin|rennet (microbial)|rennet (vegetarian)|rennet (non animal)|coagulant (microbial)|vegetarian enzymes|non animal enzymes',
    'plant-rennet':
      'vegetable rennet|plant rennet|thistle rennet|cardoon|vegetable coagulant|plant coagulant|rennet (vegetable)|rennet (plant)',
    rennet: 'rennet|rennets|coagulant|coagulants|enzyme|enzymes|chymosin|coagulating enzyme',
    egg: 'egg|eggs|egg white|egg yolk|egg powder|whole egg|dried egg|egg albumen|albumen|albumin|ovalbumin|ovomucoid|yolk|yolks|meringue|meringues|lysozyme|free range egg|free range eggs|pasteurised egg|pasteurised egg yolk|pasteurised free range egg|egg wash|liquid egg|livetin|vitellin|globulin',
    'raw-egg':
      'raw egg|raw eggs|unpasteurised egg|unpasteurized egg|raw egg yolk|raw egg white|aioli made with raw egg',
    mayonnaise: 'mayonnaise|mayo|aioli',
    soy: 'soy|soya|soy bean|soya bean|soybean|soyabean|soybean oil|soya oil|soya flour|soy flour|soy protein|soya protein|soy protein isolate|tofu|tempeh|edamame|natto|bean curd|beancurd|soya lecithin|soy lecithin|soya lecithins|soy lecithins|okara|yuba|textured soy protein|soy milk|tofu curd|kinako|soya curd|soy curd|soya curls',
    lecithin: 'lecithin|lecithins|lecithin powder',
    'vegetable-protein':
      'vegetable protein|hydrolysed vegetable protein|hydrolyzed vegetable protein|textured vegetable protein|textured protein|plant protein|tvp|hvp|vegetable proteins|plant proteins|meat substitute|hydrolysed plant protein|hydrolyzed plant protein',
    protein:
      'protein|proteins|protein blend|protein isolate|protein concentrate|hydrolysed protein|hydrolyzed protein|protein hydrolysate|protein crisps|amino acids',
    lupin: 'lupin|lupins|lupine|lupine flour|lupini|lupin flour|lupini beans|lupin beans',
    almond:
      'almond|almonds|almond flour|bitter almond|bitter almonds|almond extract|ground almond|almond paste|flaked almonds|orgeat|amygdalin',
    marzipan: 'marzipan|marchpane|persipan',
    hazelnut: 'hazelnut|hazelnuts|filbert|filberts|cobnut|cobnuts|hazel nut|hazel nuts',
    walnut: 'walnut|walnuts|wal nut|walnut meat|walnut meats',
    cashew: 'cashew|cashews|cashew nut|cashew nuts',
    pecan: 'pecan|pecans|pecan meat|pecan meats|pecan nut|pecan nuts',
    brazil: 'brazil nut|brazil nuts|brazils',
    pistachio: 'pistachio|pistachios|pistachio nut|pistachio nuts',
    macadamia: 'macadamia|macadamias|macadamia nut|macadamia nuts|queensland nut|queensland nuts',
    nuts: 'nut|nuts|mixed nuts|mixed nut|nut oil|nut paste|nut mix|nut pieces|nut butter|nut flour|nut kernels|nut meat|nut meats|nutmeat|nutmeats',
    'tree-nuts': 'tree nut|tree nuts|treenut|treenuts|shelled tree nuts|hickory nuts|beech nuts|hickory nut',
    coconut:
      'coconut|coconuts|coconut meat|coconut flour|coconut oil|coconut sugar|coconut water|coconut milk|coconut cream|coconut fat|coconut milk powder|copra|coconut aminos',
    'pine-nut': 'pine nut|pine nuts|pinenut|pinenuts|pine kernel|pine kernels|pignoli|pignolia|pinon',
    peanut:
      'peanut|peanuts|ground nut|ground nuts|groundnut|groundnuts|arachis oil|arachis|monkey nut|monkey nuts|peanut oil|peanut butter|earth nuts|earthnut|goober|goobers|beer nuts|mandelonas',
    sesame:
      'sesame|sesame seed|sesame oil|tahini|tahina|gomasio|benne|benne seeds|sesame paste|gingelly|gingelly oil|til|hummus|houmous|humus|zaatar|za atar|sim sim|simsim',
    seed: 'sunflower seed|sunflower seeds|pumpkin seed|pumpkin seeds|poppy seed|poppy seeds|flax seed|flax seeds|flaxseed|chia seed|chia seeds|chia|hemp seed|hemp seeds|fennel seed|fennel seeds|cumin seed|cumin seeds|caraway seed|caraway seeds|linseed|linseeds|golden linseed|brown linseed|nigella seed|nigella seeds|nigella|coriander seed|coriander seeds|psyllium seed husk|sunflower kernels|pumpkin kernels|poppyseed',
    seeds: 'seed|seeds|mixed seeds|seed mix|seeded',
    celery:
      'celery|celery seed|celery seeds|celery salt|celery powder|celery leaf|celery juice|celery extract',
    celeriac: 'celeriac|celery root',
    mustard:
      'mustard|mustard seed|mustard seeds|mustard flour|mustard powder|mustard oil|mustard bran|mustard greens|vinaigrette|honey mustard',
    sulphites:
      'sulphite|sulphites|sulfite|sulfites|sulphur dioxide|sulfur dioxide|so2|sodium metabisulphite|sodium metabisulfite|potassium metabisulphite|potassium metabisulfite|metabisulphite|metabisulphites|metabisulfite|metabisulfites|sodium bisulphite|sodium bisulfite|bisulphite|bisulfite|sodium sulphite|sodium sulfite|potassium bisulphite|potassium bisulfite|calcium sulphite|sulphited|sulphurous|sulfured|sulphured|sulphuring agents|sulfiting agents',
    allergens: 'allergen|allergens|other allergens|all allergens',
    shellfish: 'shellfish|shell fish',
    crustacean:
      'crustacean|crustaceans|crustacea|crab|crabs|lobster|lobsters|crayfish|crawfish|krill|shrimp paste|belacan|crab meat|crabmeat|lobster meat|crayfish meat|langoustine meat|crab claws',
    mollusc:
      'mollusc|molluscs|mollusk|mollusks|mussel|mussels|oyster|oysters|squid|calamari|octopus|clam|clams|scallop|scallops|snail|snails|whelk|whelks|cockle|cockles|cuttlefish|abalone|winkles|escargot|squid ink|cuttlefish ink|mussel meat|clam meat|scallop meat|oyster meat|squid meat|octopus meat|whelk meat',
    'scaled-fish':
      'anchovy|anchovies|salmon|trout|herring|herrings|mackerel|cod|haddock|pollock|pollack|sprat|sprats|pilchard|pilchards|sea bass|seabass|sea bream|halibut|plaice|tilapia|hake|whitebait|basa|carp|perch|pike|snapper|sole|turbot|kipper|barramundi|whiting|coley|mullet',
    'tinned-fish': 'tuna|sardine|sardines|tinned fish|canned fish',
    'hot-smoked-fish':
      'hot smoked salmon|hot smoked trout|hot smoked mackerel|smoked mackerel|smoked haddock|kippers',
    'smoked-fish': 'smoked salmon|cold smoked salmon|gravadlax|gravlax|lox|smoked trout|cold smoked trout',
    'raw-fish': 'raw fish|ceviche|boquerones|rollmop|rollmops|sashimi',
    'unscaled-fish':
      'eel|eels|monkfish|catfish|swordfish|shark|sturgeon|caviar|lumpfish|lumpfish roe|skate|ray wings',
    fish: 'fish|fishes|roe|fish roe|white fish|fish paste|fish protein',
    'fish-part':
      'fish oil|fish sauce|fish stock|fish extract|isinglass|bonito|bonito flakes|dashi|nam pla|garum|anchovy extract|anchovy paste|cod liver oil|omega 3 fish oil|nuoc mam',
    worcester: 'worcester sauce|worcestershire sauce|worcestershire|worcester|caesar',
    surimi: 'surimi|crab stick|crab sticks|crabstick|seafood stick|seafood sticks|seafood extender',
    pork: 'pork|pork meat|pork liver|pork shoulder|pork belly|swine|pig|pigs|hog|pork loin|crackling|chitterlings|pulled pork|pork fillet',
    lard: 'lard|pork fat|pork rind|pork rinds|lardon|lardons|back fat|leaf lard|pork stock|pork scratchings|manteca|pork protein|pork collagen|pork extract',
    'cured-pork':
      'prosciutto|prosciutto crudo|pancetta|speck|coppa|guanciale|serrano ham|parma ham|iberico ham|iberian ham|cured ham|dry cured ham|lonza|lomo|jamon|capicola|bacon|gammon|air dried ham|capocollo|bayonne ham|black forest ham|dry cured bacon',
    'cooked-pork': 'cooked ham|frankfurter|frankfurters|boiled ham|luncheon meat|bologna',
    boar: 'wild boar|boar',
    beef: 'beef|veal|ox|ox tongue|oxtail|calf|bison|mince|steak|brisket|corned beef|tongue|tripe',
    'beef-part':
      'beef extract|beef stock|beef fat|tallow|suet|beef dripping|beef collagen|beef protein|beef broth|beef powder|bovine|beef bouillon|oleo stock|bovine collagen',
    'cured-beef': 'bresaola|cecina|bündnerfleisch',
    'cooked-beef': 'pastrami|roast beef|cooked beef|salt beef',
    lamb: 'lamb|mutton|lamb meat|goat meat|lamb fat|merguez|hogget|sheep meat',
    poultry:
      'chicken|turkey|duck|goose|poultry|chicken breast|chicken meat|quail|guinea fowl|hen|ostrich|chicken thigh|fowl',
    'poultry-part':
      'chicken stock|chicken fat|chicken extract|chicken powder|duck fat|goose fat|chicken broth|chicken bouillon|schmaltz|chicken skin|chicken protein',
    'cooked-poultry':
      'cooked chicken|roast chicken|roasted chicken|cooked turkey|roast turkey|roasted turkey',
    game: 'venison|rabbit|game|hare|pheasant|deer|partridge|grouse|pigeon|elk|reindeer|kangaroo|horse|horse meat',
    'animal-fat':
      'animal fat|animal fats|dripping|drippings|animal shortening|bone phosphate|edible bone phosphate|blood|plasma|bone|bone broth|bone char|marrow|animal protein|animal derivatives|animal products|animal|insect protein|offal|rendered fat|animal oil|blood plasma|haemoglobin|hemoglobin',
    meat: 'meat|meats|meat extract|meat stock|kidney|kidneys|heart|mincemeat|meat broth|minced meat|cured meat|charcuterie|brawn|cold cuts',
    liver: 'liver|livers|foie gras|chicken liver|duck liver',
    sausage:
      'sausage|sausages|sausage meat|hot dog|hot dogs|bratwurst|wurst|boerewors|chipolata|chipolatas|banger|bangers|saveloy|andouille|boudin|sausagemeat|cocktail sausages|cabanossi|kabanos|mettwurst',
    casing:
      'casing|casings|collagen casing|natural casing|natural casings|sausage casing|sausage casings|sheep casing|hog casing|hog casings',
    'pork-gelatine':
      'pork gelatine|pork gelatin|porcine gelatine|porcine gelatin|gelatine (pork)|gelatin (pork)|gelatine (porcine)|gelatin (porcine)|pig gelatine|gelatine from pork',
    'beef-gelatine':
      'beef gelatine|beef gelatin|bovine gelatine|bovine gelatin|gelatine (beef)|gelatin (beef)|gelatine (bovine)|gelatin (bovine)|gelatine from beef',
    'fish-gelatine': 'fish gelatine|fish gelatin|gelatine (fish)|gelatin (fish)|gelatine from fish',
    gelatine:
      'gelatine|gelatin|gelatines|collagen|aspic|hydrolysed collagen|collagen peptides|jello|hydrolyzed collagen|edible gelatine|gelatine powder|leaf gelatine',
    marshmallow:
      'jelly|jellies|marshmallow|marshmallows|mallow|jelly babies|jelly beans|gummies|gummy|gummy bears|gums|wine gums|fruit gums',
    honey: 'honey|honey powder|royal jelly|propolis|bee pollen|honeycomb|bee products|honeys|manuka',
    beeswax: 'beeswax|bees wax|bee wax',
    insects:
      'carmine|carmines|cochineal|carminic acid|shellac|confectioner s glaze|confectioners glaze|natural red 4|crimson lake|lac|cricket flour|cricket|crickets|mealworm|mealworms|insect|insects|cochineal extract|pharmaceutical glaze|lac resin|confectioner glaze',
    glaze:
      'glazing agent|glazing agents|glaze|polishing agent|shiny coating|wax|waxes|waxed|wax coating|coating agent',
    colour:
      'colour|colours|color|colors|colouring|coloring|colourings|colorings|natural colour|natural colours|natural color|natural colors|food colouring|food coloring|artificial colour|artificial colours|artificial color|artificial colors|added colour|colour added|color added|anti caking agent|anti caking agents|anticaking agent|processing aid|processing aids|pigment|pigments|red colour',
    onion:
      'onion|onions|onion powder|red onion|spring onion|green onion|shallot|shallots|leek|leeks|chive|chives|scallion|scallions|fried onion|onion granules|onion salt|spring onions|pearl onions|silverskin onions|onion extract|asafoetida',
    garlic:
      'garlic|garlic powder|garlic salt|garlic oil|garlic granules|wild garlic|black garlic|garlic extract|ramsons',
    root: 'carrot|carrots|potato|potatoes|potato starch|potato flour|sweet potato|sweet potatoes|beetroot|beetroots|beet|beets|radish|radishes|turnip|turnips|parsnip|parsnips|ginger|turmeric|curcumin|curcuma|cassava|tapioca|tapioca starch|tapioca flour|daikon|yam|taro|beetroot red|beet red|betanin|betanine|ginger root|tiger nut|tiger nuts|tigernut|tigernuts|galangal|swede|rutabaga|manioc|arrowroot|yuca|jerusalem artichoke|lotus root|mooli|salsify|black carrot|tapioca syrup|modified potato starch|modified tapioca starch|potato protein|potato fibre|fries|hash browns|konjac|sugar beet fibre|burdock|beet sugar|chicory root|chicory|liquorice root|licorice root|liquorice extract|licorice extract',
    mushroom:
      'mushroom|mushrooms|porcini|shiitake|champignon|champignons|truffle|chanterelle|chanterelles|oyster mushroom|oyster mushrooms|button mushrooms|chestnut mushroom|chestnut mushrooms|morel|morels|mushroom extract|fungi|mushroom powder|cep|ceps|portobello|enoki|truffle oil|black truffles|summer truffles|white truffles',
    spices:
      'spice|spices|mixed spice|mixed spices|spice blend|spice mix|spice extract|spice extracts|curry|curry powder|garam masala|ras el hanout|harissa|five spice|allspice mix|herbs and spices|masala|berbere|cajun|jerk|baharat|adobo|bouquet garni|chilli sauce|hot sauce|sriracha|ketchup|salsa|tomato sauce',
    seasoning: 'seasoning|seasonings|seasoning mix|seasoning blend|flavour mix|rub',
    vegetables:
      'vegetables|mixed vegetables|vegetable powder|vegetable powders|root vegetables|vegetable juice|vegetable concentrate|vegetable extract|roast vegetables|vegetable puree|roots|tubers|alliums',
    wine: 'wine|red wine|white wine|rice wine|cooking wine|rose wine|port|port wine|sherry|marsala|madeira|champagne|prosecco|cognac|brandy|armagnac|marc|grappa|vermouth|sparkling wine|cava|mulled wine|wine extract|wine powder|sangria|pinot|chardonnay|merlot|rioja|barolo|chianti|muscat|sauternes|shaoxing',
    beer: 'beer|ale|stout|lager|porter|pilsner|shandy|brewers beer|malt liquor',
    'ginger-beer': 'ginger beer|ginger ale|root beer',
    'nut-liqueur': 'amaretto|amaretto liqueur|nocino',
    chestnut:
      'chestnut|chestnuts|sweet chestnut|sweet chestnuts|chestnut puree|chestnut flour|chestnut paste',
    alcohol:
      'alcohol|ethanol|ethyl alcohol|rum|whisky|whiskey|whiskies|vodka|gin|tequila|liqueur|liqueurs|kirsch|calvados|sake|mirin|bourbon|spirit|spirits|absinthe|schnapps|limoncello|ouzo|raki|pastis|cointreau|eau de vie|mead|alcoholic|mezcal|aquavit|kahlua|sambuca|bitters',
    'wine-vinegar':
      'wine vinegar|red wine vinegar|white wine vinegar|sherry vinegar|champagne vinegar|balsamic vinegar|balsamic vinegar of modena|balsamic|balsamic glaze|port vinegar|rose vinegar|aceto balsamico',
    vinegar: 'vinegar|vinegars|pickling vinegar',
    grape:
      'grape juice|grape must|grape concentrate|grape juice concentrate|concentrated grape must|grape molasses|concentrated grape juice|grape syrup|cooked grape must|grape skin extract|grape seed extract|grape extract|saba|cream of tartar|tartaric acid from grapes',
    'vanilla-extract':
      'vanilla extract|vanilla essence|natural vanilla extract|bourbon vanilla extract|pure vanilla extract',
    flavour:
      'flavour|flavours|flavor|flavors|flavouring|flavourings|flavoring|flavorings|natural flavour|natural flavours|natural flavor|natural flavors|natural flavouring|natural flavourings|natural flavoring|natural flavorings|aroma|aromas|aromatic extract|aromatics|smoke flavouring|smoke flavour|smoke flavor|artificial flavour|artificial flavours|artificial flavor|artificial flavors|essence|natural essence|flavouring preparation|flavouring substances',
    'fatty-additive':
      'mono and diglycerides|mono & diglycerides|mono di glycerides|mono and diglycerides of fatty acids|mono and di glycerides|mono and di glycerides of fatty acids|monoglyceride|monoglycerides|diglyceride|diglycerides|mono and diacetyl tartaric acid esters|glyceride|glycerides|magnesium stearate|calcium stearate|stearic acid|stearate|stearates|palmitic acid|polysorbate|polysorbates|polysorbate 80|polysorbate 60|glycerin|glycerine|glycerines|glycerol|fatty acid|fatty acids|fatty acid esters|fatty acids esters|esters of fatty acids|mono and diglyceride|sucrose esters|sucrose esters of fatty acids|polyglycerol esters|polyglycerol esters of fatty acids|polyglycerol polyricinoleate|pgpr|propylene glycol esters|sodium stearoyl lactylate|sodium stearoyl 2 lactylate|stearoyl lactylate|calcium stearoyl lactylate|sorbitan monostearate|sorbitan tristearate|datem|diacetyl tartaric acid ester|diacetyl tartaric acid esters|oleic acid|triacetin|glyceryl|esters of mono and diglycerides',
    emulsifier: 'emulsifier|emulsifiers|emulsifying agent|emulsifying agents',
    nucleotides:
      'disodium inosinate|disodium guanylate|disodium 5 ribonucleotide|disodium 5 ribonucleotides|disodium ribonucleotides|disodium ribonucleotide|sodium inosinate|sodium guanylate|inosinate|guanylate|inosinic acid|guanylic acid|ribonucleotide|ribonucleotides',
    enhancer:
      'flavour enhancer|flavour enhancers|flavor enhancer|flavor enhancers|flavour potentiator|flavor potentiator',
    cysteine:
      'cysteine|l cysteine|glycine|taurine|flour treatment agent|flour treatment agents|dough conditioner|dough conditioners|flour improver|improver|carnitine|keratin|elastin',
    lanolin: 'vitamin d|vitamin d3|vitamin d 3|cholecalciferol|lanolin|omega3|dha|epa|squalene|vitamins',
    fat: 'fat|fats|shortening|shortenings|margarine|margarines|spreads|fat powder|frying fat|fat spread|hydrogenated fat|cooking fat|edible fat|edible fats',
    stock:
      'stock|broth|bouillon|stock cube|stock powder|stock concentrate|bouillon powder|demi glace|consomme|soup stock',
    'vegetable-stock':
      'vegetable stock|vegetable bouillon|vegetable broth|vegetable stock powder|vegetable stock cube|soffritto',
    gravy: 'gravy|gravies|gravy granules|gravy powder|roux',
    sprouts:
      'alfalfa|alfalfa sprouts|bean sprout|bean sprouts|beansprouts|sprouted seeds|sprouted seed|sprouts raw|radish sprouts|mung bean sprouts|raw sprouts',
  } as Language['terms'],
  sources:
    'basmati rice|jasmine rice|wild rice|basmati|jasmine|tapioca flour|black beans|butter bean|faba|faba bean|rice|brown rice|white rice|red rice|maize|corn|sweetcorn|yellow corn|chickpea|chickpeas|chick pea|chick peas|gram|besan|lentil|lentils|teff|millet|quinoa|sorghum|pea|peas|bean|beans|amaranth|banana|green banana|plantain|urad|buckwheat|potato|tapioca|cassava|manioc|arrowroot|sunflower|rapeseed|canola|coconut|palm|palm kernel|olive|soy|soya|almond|hazelnut|linseed|flax|vegetable|vegetable origin|plant origin|plant|plants|cotton|cottonseed|safflower|shea|cocoa|cacao|pumpkin|hemp|lupin|tiger nut|tigernut|sweet potato|carob|agave|cellulose|alginate|teff|black bean|mung bean|yellow pea|split pea|sago|fava bean|broad bean|navy bean|cauliflower|fonio|kale|seaweed|konjac|vegetable fat|vegetable fats|vegetable oil|vegetable oils|palm fat',
  foods:
    'basmati|jasmine|arborio|carnaroli|wild rice|glutinous|floret|florets|stem|stems|curry leaf|curry leaves|bay leaf|tendersweet|romaine|bitter orange|bitter oranges|bitter lemon|bitter melon|bitter gourd|bitter cherry|bitter cherries|bitter herbs|bitter orange peel|jackfruit meat|fruit meat|pumpkin meat|cos|iceberg|little gem|frisee|endive|chicory leaf|radicchio|mizuna|tatsoi|chard|collard|mustard cress|cavolo nero|savoy|pointed cabbage|sprouting broccoli|brussels sprouts|bok choy|samphire|piquillo|padron|poblano|serrano pepper|romano|bird s eye|scotch bonnet|gochugaru|aleppo|urfa|pul biber|togarashi|cherry tomato|cherry tomatoes|tomatillo|hass|gala|bramley|braeburn|conference|granny smith|medjool|deglet nour|satsuma|kumquat|blood orange|lychees|dragonfruit|rambutan|persimmon|sharon fruit|loganberry|boysenberry|mulberry|mulberries|cloudberry|lingonberry|lingonberries|sour cherry|sour cherries|morello|damson|greengage|sloe|rosehip|dates|nectar|beluga|puy|edible flower|pansy|viola|nasturtium|marigold|calendula|cornflower|borage|purslane|dandelion|wild thyme|pink peppercorn|pink peppercorns|szechuan|sichuan|long pepper|grains of paradise|ajwain|amchoor|mango powder|black salt|kala namak|epazote|herbes de provence|fines herbes|oregon|stoneground cornmeal|hominy grits|corn kernels|baby corn|maize meal|corn meal|corn grits|corn germ|pea starch|rice starch|rice flakes|rice cakes|rice paper|rice bran|puffed rice|puffed quinoa|puffed millet|buckwheat groats|groats|kasha|millet flakes|quinoa flakes|chickpea pasta|lentil pasta|black beans|adzuki|aduki|butter bean|cannellini beans|flageolet|mung|urad dal|chana dal|toor dal|dal|dhal|split peas|yellow peas|marrowfat|sunflower oil high oleic|avocado oil|rapeseed|cottonseed oil|grapeseed oil|safflower oil|palm olein|olein|stearin|palm stearin|interesterified|salt substitute|lo salt|himalayan salt|kosher salt|smoked salt|palm sugar|jaggery|panela|date syrup|date paste|date sugar|rice syrup|corn syrup|high fructose|brown rice syrup|tapioca dextrin|yacon|sweetened|corn dextrin|resistant|soluble|acacia fibre|acacia fiber|gellan|calcium phosphate|tricalcium phosphate|dicalcium phosphate|disodium phosphate|sodium phosphate|trisodium phosphate|ferrous sulphate|ferrous sulfate|ferric|electrolytic|reduced iron|zinc oxide|magnesium oxide|magnesium carbonate|potassium iodide|potassium iodate|sodium acetate|sodium diacetate|sodium citrate|sodium benzoate|potassium chloride|calcium propionate|sodium propionate|ascorbyl|rosemary extract|green tea extract|acerola|cherry extract|fruit and vegetable concentrates|fruit concentrates|safflower concentrate|spirulina concentrate|apple concentrate|blackcurrant concentrate|elderberry concentrate|pumpkin concentrate|hibiscus concentrate|plant extracts|plant extract|cultured dextrose|cultured sugar|natural sea salt|nori sheets|agar flakes|kelp powder|irish moss|hijiki|arame|mekabu|water|salt|sea salt|rock salt|table salt|cooking salt|iodised salt|sugar|sugars|cane|icing|caster|demerara|muscovado|syrup|glucose|fructose|dextrose|maltodextrin|maltodextrins|sucrose|invert|golden|agave|maple|date|stevia|steviol|glycosides|erythritol|xylitol|sorbitol|maltitol|isomalt|mannitol|isomaltulose|sucralose|aspartame|acesulfame|saccharin|sodium saccharin|acesulfame k|acesulfame potassium|sweetener|sweeteners|oil|oils|extra virgin|virgin|kernel|cornflour|cornstarch|cornmeal|polenta|grits|hominy|starch|starches|modified starch|modified maize starch|fibre|fiber|fibres|inulin|psyllium|husk|husks|wheatgrass|haricot|cannellini|black eyed|black|white|red|green|yellow|purple|orange|brown|dark|pink|golden|split|mung|navy|fava|broad|pinto|borlotti|butter bean|butter beans|butterbean|butterbeans|kidney bean|kidney beans|runner|tomato|tomatoes|paste|pastes|puree|concentrate|concentrates|juice|juices|pulp|pepper|peppers|bell|peppercorn|peppercorns|sweet|hot|chilli|chillies|chili|chilis|chile|cayenne|jalapeno|jalapenos|chipotle|ancho|habanero|paprika|pimento|pimiento|piri piri|smoked|smoke|cucumber|pickle|pickles|courgette|zucchini|aubergine|squash|butternut squash|butternut|spinach|cabbage|cauliflower|broccoli|lettuce|lamb s lettuce|lambs lettuce|rocket|arugula|fennel|artichoke|artichokes|asparagus|olives|vine|leaf|leaves|herb|herbs|basil|oregano|thyme|rosemary|sage|mint|peppermint|spearmint|dill|parsley|coriander|cilantro|tarragon|marjoram|bay|chervil|lovage|savory|cumin|caraway|anise|aniseed|cinnamon|clove|cloves|cardamom|allspice|mace|nutmeg|saffron|sumac|fenugreek|star anise|juniper|lemongrass|lime leaf|vanilla|vanilla bean|vanilla beans|vanilla pod|vanilla powder|vanilla seeds|pod|pods|vanillin|ethyl vanillin|cocoa butter|cocoa mass|cocoa powder|cocoa solids|cocoa liquor|cocoa nibs|nibs|cocoa beans|mass|solids|powder|powders|coffee|tea|green tea|matcha|guarana|maca|lemon|lemons|lime|limes|oranges|grapefruit|mandarin|mandarins|clementine|tangerine|bergamot|yuzu|citrus|apple|apples|pear|pears|plum|plums|peach|peaches|nectarine|apricot|apricots|cherry|cherries|grape|grapes|fig|figs|mango|pineapple|papaya|passion fruit|passionfruit|kiwi|melon|watermelon|pomegranate|quince|guava|lychee|strawberry|strawberries|raspberry|raspberries|blueberry|blueberries|bilberry|blackberry|blackberries|cranberry|cranberries|blackcurrant|blackcurrants|redcurrant|redcurrants|gooseberry|elderberry|elderflower|rhubarb|acai|aronia|sea buckthorn|berry|berries|fruit|fruits|mixed fruit|avocado|peel|zest|rind|pectin|pectins|agar|agar agar|carrageenan|gum|guar gum|guar|xanthan|xanthan gum|locust|locust bean gum|carob gum|gum arabic|acacia gum|acacia|arabic|gellan|gellan gum|tara gum|karaya|tragacanth|cellulose gum|methylcellulose|methyl cellulose|hydroxypropyl methylcellulose|hydroxypropyl|carboxymethyl|carboxymethylcellulose|microcrystalline|yeast|yeasts|nutritional yeast|yeast extract|extract|extracts|raising agent|raising agents|leavening|leavening agent|baking soda|baking powder|baking|soda|bicarbonate|sodium|potassium|calcium|magnesium|ammonium|aluminium|carbonate|carbonates|sodium bicarbonate|sodium hydrogen carbonate|hydrogen|phosphate|phosphates|pyrophosphate|diphosphate|diphosphates|triphosphate|triphosphates|polyphosphate|polyphosphates|orthophosphate|chloride|iron|zinc|iodine|iodate|iodide|niacin|niacinamide|nicotinamide|thiamin|thiamine|mononitrate|hydrochloride|riboflavin|folic|folic acid|folate|biotin|pantothenic|pantothenate|cobalamin|cyanocobalamin|pyridoxine|vitamin|vitamin a|vitamin b|vitamin b1|vitamin b2|vitamin b3|vitamin b6|vitamin b12|vitamin c|vitamin e|vitamin k|vitamin d2|ergocalciferol|vegan vitamin d|minerals|mineral|citric|citric acid|ascorbic|ascorbic acid|malic|malic acid|tartaric|tartaric acid|acetic|acetic acid|fumaric|phosphoric|acid|acids|lactic|lactic acid|lactate|calcium lactate|sodium lactate|potassium lactate|lactates|citrate|citrates|ascorbate|sorbate|sorbic|sorbic acid|benzoate|benzoic|propionate|natamycin|nisin|nitrate|nitrite|nitrates|nitrites|acetate|diacetate|malate|tartrate|tartrates|gluconate|gluconodeltalactone|glucono delta lactone|delta lactone|erythorbate|sulphate|sulfate|sulphates|sulfates|preservative|preservatives|antioxidant|antioxidants|acidity|regulator|regulators|acidulant|stabiliser|stabilisers|stabilizer|stabilizers|thickener|thickeners|thickening|gelling agent|gelling agents|firming agent|firming|bulking agent|bulking|carrier|nigari|marinated|edta|disodium|monosodium|trisodium|dicalcium|tricalcium|tripotassium|monocalcium|glutamate|monosodium glutamate|calcium disodium edta|ferrous|fumarate|dextrin|polydextrose|oligofructose|fructooligosaccharides|silicon|dioxide|carbon dioxide|nitrogen|silica|talc|bisglycinate|humectant|humectants|sequestrant|propellant|annatto|norbixin|bixin|carotene|carotenes|carotenoids|beta carotene|lutein|lycopene|anthocyanin|anthocyanins|chlorophyll|chlorophylls|chlorophyllin|plain caramel|caramel colour|caramel color|colour caramel|plain caramel colour|caramelised|caramelized|charcoal|ash|vegetable carbon|titanium dioxide|spirulina|algae|alga|seaweed|seaweeds|nori|kombu|wakame|kelp|dulse|laver|alginate|alginates|sodium alginate|carnauba|carnauba wax|candelilla|candelilla wax|rice bran wax|sunflower wax|mineral oil|culture|cultures|microbial culture|microbial cultures|lactic culture|lactic cultures|starter culture|starter cultures|vegetarian cultures|cheese culture|cheese cultures|bacterial cultures|live cultures|lactobacillus|bifidobacterium|mould|moulds|mold|ripening|penicillium|brine|pickling|tocopherol|tocopherols|alpha tocopherol|rosewater|rose|flower|flowers|water|blossom|hibiscus|soapwort|gypsum|popcorn|corn tortilla|corn tortillas|masa|nixtamal|hops|jackfruit|tamarind|bamboo|cress|watercress|nettle|sorrel|lavender|violet|petal|petals|chamomile|grapeseed|grape seed oil|rice bran|rice bran oil|corn oil|maize oil|hearts of palm|palm hearts|okra|pak choi|edible|sparkling|soda water|mineral water|stevia leaf|luo han guo|monk fruit|allulose|tagatose|trehalose|ice|peas|mangetout|sugar snap|beans|pulses|legumes|pulse|legume|plantains|spirit vinegar|distilled vinegar|white vinegar|distilled white vinegar|rice vinegar|white distilled vinegar|vinegar powder|alcohol vinegar|water chestnut|water chestnuts|doughnut peach|butternut pumpkin|milk thistle|cocoa butter|shea butter|cocoa fat|eggplant|egg plant|egg plants|eggplants|beef tomato|beef tomatoes|beefsteak tomato|oyster plant|goats beard|crab apple|crab apples|horse chestnut|fish mint|chicken of the woods|vegetable casing|cellulose casing|alginate casing|plant casing|plant based casing|vegetable suet|vegetable shortening|vegetable margarine|vegetable ghee|vegetable glycerine|vegetable glycerin|vegetable gelatine|vegetable wax|vegetable magnesium stearate|fruit leather|apple sauce|applesauce|jam|jams|marmalade|preserve|compote|fruit spread|quince paste|membrillo|guacamole|olive oil|fruit juice|fruit juice concentrate|fruit puree|nutritional|rice malt|pea protein|pea proteins|pea protein isolate|rice protein|hemp protein|chickpea protein|faba bean protein|fava bean protein|mung bean protein|sunflower protein|pumpkin protein|potato protein isolate|pea fibre|citrus fibre|apple fibre|bamboo fibre|corn fibre|soluble corn fibre|oligosaccharides|butter lettuce|buttercup squash|butterfly pea|butterfly pea flower|butterhead|gingko|ginkgo|ginseng|aloe vera|aloe|kudzu|bread fruit|breadfruit|passion|dragon fruit|physalis|star fruit|custard apple|plumcot|sweet corn|rooibos|elderflowers|coriander leaf|wood',
  manner:
    'transfer|transferred|non metallic|metallic|metal|pull|ring pull|take|edges|edge|sharp|warm|cool down|cold|hot serve|lukewarm|turn|turned|remove from|film lid|pierce|sleeve|outer|inner|all packaging|stand|rest|allow|allowed|leave|left|fully|golden brown|brown|golden|evenly|middle|shelf|centre|center|food is|should|must|will|would|ensure|not reheat|time|times|cooking|instructions|guidelines|guidance|appliances|individual|units|equals|contains approximately|approximate|responsibly|sourced|source of|rich source|natural source|high protein|protein source|counts|contributes|balanced|diet|lifestyle|healthy|part of|varied|wholesome|nutritious|goodness|flavoursome|mouthwatering|moreish|irresistible|authentic|award|winning|est|since|family run|our family|chef|chefs|expert|experts|crafted|hand|hand cooked|kettle|slow|slowly|gently|small batches|batches|batch cooked|bursting|full of|lots|plenty|hint|touch|generous|perfectly|simply the|just|nothing but|no nasties|nasties|vegetarian society|society|trademark|registered|copyright|rights reserved|website|visit|call|write|address|freepost|road|street|lane|park|house|estate|industrial|business|ltd|limited|plc|inc|llc|company|co|po box|box no|post|code|postcode|contents may settle|settled|in transit|transit|handling|care|carefully|fragile|squeeze|bottle|pouch|sachet|sachets|tub|tubs|punnet|wedge|wedges|florets|spear|spears|batons|sticks|shavings|shaved|nibbed|split|whole kernel|kernel|kernels|pips removed|seedless|stoneless|destoned|unpeeled|topped|trimmed|prewashed|hydroponic|glasshouse|greenhouse|sprouted|activated|soaked|stoneground|unbleached|bleached|alkalised|dutch process|dutched|raw cacao|single origin|bean to bar|conched|tempered|layered|swirled|rippled|crumb|glazing|shell pasta shape|ribbons|shells of|spirals|sheets|sheet|roll of|slab|log|truckle|wheel|block|barrel aged|barrel|oak aged|cave aged|cave|vintage|extra mature|months|ripening|natural rind|rindless|clothbound|washed|soft ripened|semi soft|semi hard|hard|firm|fresh cheese style|unripened|low moisture|part skim|skim|part skimmed|dry cured|air dried|slow cooked|hot smoked|cold smoked|beech smoked|oak smoked|kiln|kiln roasted|flame|flame grilled|char|chargrilled|char grilled|sous vide|seared|poached|braised|pulled|prime|cuts|cut|trimmings|formed|reformed|added water|with added water|not more than|no more than|at least|percentage|expressed|raw ingredients|finished product|of finished|per serving|each serving|provides|serves|approx|contains no|gm free|gmo free|without preservatives|mechanically|line caught|pole and line|msc|catch|fishing|gear|area|north east|north west|south east|trawl|trawls|nets|hooks|lines|rod|farmed|wild caught|bones|including cereals containing gluten|hazard|end|separation|bone free|small bones|worldwide|norway|iceland|ireland|chile|peru|india|china|thailand|vietnam|sri lanka|indonesia|kenya|ghana|ivory coast|ecuador|brazil grown|colombia|mexico|argentina|canada|australia|new zealand|netherlands|holland|belgium|denmark|sweden|poland|portugal|austria|switzerland|hungary|romania|bulgaria|japan|korea|egypt|tunisia|israel|iran|tamari style|settle|settling|crystallise|crystallisation|colour may vary|vary|varies|appearance|texture|taste|tastes|flavourful|once|thereafter|still|frying|basting|stirring|occasionally|piping|until|minced|liquid|kept upright|upright|microwaveable|dishwasher|cap tightly|tightly|closed|humid|humidity|moisture|dampness|odours|protect|protect from|exposure|drink|drinks|beverage|finished|finish|meal|meals|kitchen|kitchens|facility|facilities|factory|factories|site|equipment|machinery|handle|handles|handling|handled|processes|shares|shared|share|same|where|manufacturing|manufacture|manufacturer|method|methods|due|trace|traces|amounts|present|presence|contamination|possible|possibly|might|could|cannot|can|guarantee|guaranteed|unable|able|avoid|alongside|beside|near|environment|bakery|premises|unsuitable|label|labels|always|check|read|please|although|though|do|does|doesn|don|t|re|ve|ll|m|isn|aren|cross|contact|consist|consists|consisting|various|approved|tested|neither|nor|never|safe|unsafe|either|or else|however|contains one or more|more of|content|contents|composition|ingr|compound|coated in|rolled|dusted|topped|covered|filled|stuffed|glazed|flavoured|flavored|decorated|layered|infused|seasoned|spiced|scented|tinted|proudly|carefully|lovingly|inspired|perfected|house|farmhouse|country style|village|orchard|garden|kitchen garden|and|or|with|from|in|of|the|a|an|to|for|by|on|at|as|no|not|it|its|is|are|be|has|have|been|was|were|into|than|then|this|these|that|which|who|you|your|we|our|if|when|while|until|all|any|each|every|some|but|so|only|just|very|too|both|out|up|over|under|after|before|about|once|without|within|per|add|added|adding|addition|contain|contains|containing|ingredient|ingredients|list|made|make|makes|making|using|used|use|uses|product|products|food|foods|organic|organically|natural|naturally|fresh|freshly|dried|dry|sun|sun dried|semi|half|whole|wholegrain|grain|grains|ground|milled|stoneground|stone|cracked|crushed|chopped|sliced|diced|minced|grated|shredded|roasted|toasted|fried|baked|bake|cooked|cook|steamed|boiled|raw|ripe|ripened|unripe|pitted|stoned|peeled|hulled|shelled|dehulled|blanched|salted|unsalted|lightly|slightly|unsweetened|sweetened|filtered|refined|unrefined|cold|cold pressed|pressed|puffed|popped|extruded|hydrogenated|partially|fully|non|low|reduced|high|higher|range|free range|concentrated|reconstituted|rehydrated|freeze|freeze dried|spray|powdered|granulated|granules|flaked|flake|flakes|piece|pieces|bit|bits|chip|chips|chunk|chunks|strip|strips|halves|half|slice|slices|kernels|stick|sticks|ring|rings|cube|cubes|style|type|quality|extra|fine|finely|coarse|coarsely|light|medium|strong|mild|premium|selected|traditional|traditionally|artisan|handmade|fermented|aged|matured|mature|cured|acidified|treated|fortified|enriched|total|minimum|min|maximum|max|at least|approx|approximately|varying|variable|proportion|proportions|weight|drained|net|gross|weigh|may|also|other|others|based|blend|blended|blends|mix|mixed|mixture|coated|base|part|layer|less|more|following|processed|process|processing|agent|agents|one|two|three|four|five|six|ten|percent|certified|certification|sustainable|sustainably|segregated|fairtrade|fair trade|rainforest|alliance|origin|origins|country|eu|uk|usa|non eu|italian|french|spanish|greek|italy|france|spain|greece|germany|england|scotland|ireland|wales|turkey origin|europe|european|british|irish|local|imported|farm|farmed|farms|wild|caught|grown|produced|produce|producer|packed|packaged|packaging|package|packet|pack|packs|manufactured|distributed|imported by|prepared|bottled|selected by|store|stored|storage|keep|kept|place|cool|dark place|dry place|away|direct|sunlight|light|heat|heated|reheat|oven|microwave|minutes|mins|minute|hours|hour|preheat|preheated|gas mark|degrees|fan|pan|grill|hob|fridge|refrigerator|refrigerate|refrigerated|refrigeration|chilled|chill|freeze|freezer|freezing|frozen|do not|refreeze|defrost|thaw|thawed|thoroughly|opened|open|opening|unopened|consume|consumed|eat|eaten|eating|within|days|day|weeks|months|best|best before|use by|see|date|lid|cap|side|front|back|bottom|above|below|base of pack|room|temperature|room temperature|ambient|airtight|container|jar|bottle|tin|can|bag|box|tray|foil|resealable|reseal|sealed|protective atmosphere|protected|atmosphere|modified|serve|served|serving|servings|suggestion|suggestions|portion|portions|recipe|recipes|enjoy|delicious|tasty|great|perfect|ideal|good|love|shake|shake well|well|stir|drain|rinse|wash|washed|unwashed|ready|ready to eat|to eat|suitable|home|home freezing|vegans|warning|caution|advice|information|information on pack|allergy|allergies|allergic|allergen information|allergy advice|allergen advice|dietary|customers|consumers|people|persons|guests|sufferers|intolerance|including|bold|in bold|highlighted|capitals|underlined|shown|printed|listed|see ingredients in bold|nutrition|nutritional information|nutritional|typical|values|value|average|energy|kcal|kj|calories|calorie|of which|saturates|saturated|unsaturated|monounsaturates|polyunsaturates|trans|cholesterol|carbohydrate|carbohydrates|carbs|sugars|fibre|dietary fiber|dietary fibre|sodium|amount|daily|reference|intake|ri|rda|nrv|adult|contains naturally occurring sugars|naturally occurring|occurring|batch|lot|number|code|no|net weight|e|g|kg|mg|ml|l|cl|oz|lb|mm|cm|c|f|approx|s|t|b|i|ii|iii|iv|v|class|grade|size|large|small|family|new|original|classic|simply|simple|pure|real|100|recyclable|recycle|recycled|carton|plastic|film|card|stones|stone fragments|pips|shell|shells|fragments|remain|occasional|occasionally|despite|care|every care|taken|remove|removed|risk|choking|children|young|supervision|under|years|old|not edible|inedible|edible|string|wrapper|peel before eating|skin|skin on|skinless|boneless|cow|cows|goat|goats|ewe|ewes|sheep|buffalo|animal welfare|welfare|herd|herds|pasture|fed|grass|grass fed|outdoor|reared|bred|born|slaughtered|skimmed|semi skimmed|full|full fat|fat reduced|low fat|reduced fat|fat free|sugar free|salt free|gm|gmo|genetically|engineered|artificial|anything|nothing|else|live|active|probiotic|pasteurised|pasteurized|homogenised|homogenized|uht|heat treated|smoked over|oak|beech|beechwood|hickory|applewood|wood smoked|woodsmoke|hydrolysed|hydrolyzed|enhanced|derived|obtained|source|sources|high in|rich|rich in|good source|crunchy|crispy|crisp|soft|smooth|creamy|tender|tangy|zesty|spicy|savoury|savory|cup|assorted|variety|plain|milled|long|short|grain rice|baby|cherry|plum|vine ripened|on the vine|heritage|heirloom|mediterranean|asian|thai|indian|mexican|japanese|korean|chinese|moroccan|cornish|welsh|scottish|kentish|bulgarian|turkish|danish|german|dutch|belgian|swiss|polish|american|canadian|californian|hungarian|portuguese|sicilian|calabrian|tuscan|aegean|kalamata|modena|himalayan|atlantic|pacific|mediterranean sea|north|south|east|west|sea|fao|area|line|pole',
  handling:
    'store|stored|storage|keep|kept|refrigerate|refrigerated|opened|opening|unopened|consume|consumed|best before|use by|wash|drain|shake|stir|serve|serving|serves|heat|reheat|preheat|cook|cooking|microwave|oven|freeze|freezing|defrost|recycle|packaging|packaged|nutrition|nutritional|typical|origin|produce of|supervision|choking|caution|temperature|lid|net|drained|visit|careline|enjoy|boil|simmer|bake|grill|fry|suitable|batch|storage',
  plantMilk:
    'oat|soy|soya|coconut|cashew|almond|rice|pea|hemp|hazelnut|tiger nut|macadamia|nut|walnut|pistachio|spelt|quinoa|flax|plant|lupin|tofu',
  plantButter:
    'cocoa|cacao|shea|peanut|almond|cashew|hazelnut|nut|coconut|pistachio|walnut|pecan|macadamia|sunflower seed|sunflower|pumpkin seed|pumpkin|seed|sesame|soya|soy|tahini|apple|pear|plum|date|fig|apricot|peach|cherry|mango|cranberry|berry|fruit|cookie|mango kernel|plant|vegetable|rice|oat',
  plantAfter: false,
  joints: 'of|from',
  plantMade: 'vegan|plant based|plantbased|plant|non dairy|dairyless',
  freeAfter: 'free|less',
  freeEndings: ['less'],
  heading: 'ingredients?(?: list)?|contents|composition|ingr\\.?',
  may: "\\b(?:may (?:also )?(?:contain|be present|have|include)|might contain|can contain|could contain|possible (?:presence|contamination)|(?:possible |contains? )?traces?(?: amounts?)?(?: of)?|(?:made|produced|packed|packaged|prepared|manufactured|processed|baked|roasted|handled)(?: \\w+){0,3} (?:in|on|at|by|with)(?: an?| the| our| shared| same)?(?: \\w+){0,3} (?:that|which|where|handling|handles|processing|processes|using|uses|with|as)|(?:factory|facility|kitchen|bakery|site|equipment|line)s? (?:that |which |also )*(?:handles?|uses?|process(?:es)?)|(?:made|packed|produced|processed) (?:alongside|beside|near)|shares? (?:a |its |the same )?(?:line|equipment|kitchen|factory)s?|shared (?:equipment|lines?|facility|facilities)|(?:cannot|can't|can not|unable to|not able to) (?:be )?guarantee|cross[- ]?(?:contact|contamination)|not suitable for (?:(?:people|those|customers|anyone|consumers|persons) (?:with|who have) |sufferers of )?(?:an? )?[\\w ,/&-]{0,60}(?:allerg|intoleran))",
  freeFrom:
    "\\b(?:free (?:from|of)|do(?:es)? not contain|do(?:es)?n't contain|contains? no|contains? neither|without(?: any)?|no (?:added )?(?!\\.|\\d))",
  contains:
    '\\b(?:contains?(?! (?:no|neither|traces?)\\b)|containing|made with|made from|made using|made of|prepared with|packed with|filled with|coated (?:with|in)|topped with|covered (?:with|in)|rolled in|dusted with|fried in|cooked in|roasted in|glazed with|with added|enriched with|flavou?red with|sweetened with|thickened with|allergens?\\s*:|allergen (?:information|advice)\\s*:|allergy advice\\s*:|warning\\s*:|includes)',
  denial: "not|non|un|never|isn't|isnt|aren't|no longer|cannot|neither",
  vegan: 'vegan|vegans',
  vegetarian: 'vegetarian|vegetarians|veggie|meatless',
  nutrition:
    'energy|fat|fats|total fat|saturates|saturated fat|saturated|saturated fatty acids|fatty acids|trans fat|monounsaturates|polyunsaturates|carbohydrate|carbohydrates|total carbohydrate|sugars|total sugars|added sugars|starch|fibre|fiber|dietary fibre|dietary fiber|protein|proteins|salt|sodium|polyols|erythritol|cholesterol|vitamin d|vitamin c|calcium|iron|potassium|calories|alcohol',
  unsuitable: 'not suitable for|unsuitable for|not safe for|unsafe for',
};
