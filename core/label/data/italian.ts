import type { Language } from '../language.js';

export const italian: Language = {
  id: 'it',
  name: 'Italian',
  endings: ['o', 'a', 'i', 'e', 'he', 'hi'],
  compounds: false,
  terms: {
    'hazelnut-cream': 'crema di nocciole|crema di nocciola|crema alla nocciola',
    'pistachio-cream': 'crema di pistacchi|crema di pistacchio|crema al pistacchio',
    'almond-cream': 'crema di mandorle|crema di mandorla',
    'made-part': 'farcitura|copertura|rivestimento|piatto|assortimento',
    cornflakes: 'cornflakes|corn flakes',
    chutney: 'chutney',
    'made-up':
      'barretta|barrette|bocconcini|bocconcino|palline|spalmabile|snack|spiedini|spiedino|involtini|involtino|panino|panini|dessert|crema spalmabile|creme spalmabili|nuggets|crema|creme|tramezzino|tramezzini',
    'animal-cut': 'petto|coscia|cosce|spalla|filetto|filetti|lonza|costine|cotoletta|cotolette|scaloppine',
    preserved:
      'uvetta|uva passa|uva sultanina|sultanina|albicocche secche|albicocche disidratate|prugne secche|fichi secchi|frutta secca disidratata|frutta disidratata|frutta essiccata|mango disidratato|mango essiccato|ananas disidratato|mele essiccate|mele disidratate|pere essiccate|banane essiccate|chips di banana|mirtilli rossi disidratati|mirtilli rossi essiccati|canditi|candito|frutta candita|scorze candite|scorze di arancia candite|scorza di arancia candita|scorze d arancia candite|ciliegie candite|cedro candito|arancia candita|fiocchi di patate|fiocchi di patata|patate disidratate|crauti|pomodori secchi|pomodori semisecchi|cuori di carciofo|cappero|capperi|cucunci|succo di limone concentrato|succo di limone da concentrato|melassa|aceto di mele|aglio in pasta|bacche di goji',
    'preserved-root': 'rafano|cren|zenzero candito|zenzero marinato',
    'dried-coconut':
      'cocco rapè|cocco rapé|cocco grattugiato|cocco disidratato|scaglie di cocco|chips di cocco',
    prawn:
      'gambero|gamberi|gamberetto|gamberetti|scampo|scampi|mazzancolle|mazzancolla|gamberone|gamberoni|carne di gambero',
    'stuffed-vegetables':
      'peperoni ripieni|pomodori ripieni|foglie di vite ripiene|funghi ripieni|zucchine ripiene',
    liquorice: 'liquirizia|liquirizie',
    jerky: 'beef jerky|biltong',
    'pressed-poultry': 'prosciutto di tacchino|fesa di tacchino arrosto',
    bread:
      'pangrattato|pan grattato|pane|pani|grissini|grissino|crostino|fette biscottate|piadina|focaccia|taralli|friselle|bruschetta|bruschette|impanatura|panatura|cracotte',
    cake: 'biscotto|biscotti|torta|torte|wafer|panettone|pandoro|colomba|pasticceria|dolci|crostata|plumcake',
    'rice-cracker': 'cracker di riso|crackers di riso',
    crisps: 'patatine|nachos',
    'cured-sausage':
      'salame|salami|nduja|soppressata|finocchiona|chorizo|salsiccia stagionata|ventricina|spianata|cacciatorino',
    'roast-pork': 'arrosto di maiale|porchetta arrosto',
    'stuffed-olives': 'olive ripiene|olive farcite',
    'truffle-sweet': 'tartufi al cioccolato|tartufo al cioccolato',
    'chocolate-spread': 'crema al cioccolato',
    halva: 'halva',
    'lysozyme-cheese': 'grana padano|grana',
    'prepared-mustard': 'senape di digione',
    seitan: 'seitan',
    cider: 'sidro',
    wasabi: 'wasabi|pasta di wasabi',
    croquette: 'crocchette|arancini|supplì',
    breaded: 'crostini|impanato|impanati',
    mousse: 'mousse',
    seafood: 'frutti di mare',
    sushi: 'sushi',
    mortadella: 'mortadella',
    'cheese-dish': 'fonduta',
    noodles: 'noodles',
    sauce: 'salsa|salse|zuppa|condimento|condimenti|marinata',
    'blood-pudding': 'sanguinaccio',
    pate: 'pâté|paté|patè|paté di fegato|patè di fegato',
    'meat-dish': 'polpette|ragù|ragu|ragù alla bolognese',
    'white-sauce': 'besciamella',
    gnocchi: 'gnocchi',
    omelette: 'frittata',
    'filled-pasta': 'ravioli|tortellini|tortelloni|agnolotti|cappelletti',
    frangipane: 'crema frangipane|frangipane',
    'butter-sauce': 'salsa olandese',
    tortilla: 'tortilla|tortillas',
    tapenade: 'tapenade',
    'pickled-cucumber': 'cetriolini|cetriolini sott aceto',
    'soup-greens': 'soffritto|misto per soffritto|caponata',
    'spiced-biscuit': 'cantucci|cantuccini|panforte|pan di zenzero|pan pepato',
    'almond-biscuit': 'amaretti|macaron',
    'egg-liqueur': 'zabaione|zabaglione|liquore all uovo',
    'egg-pasta': 'pasta all uovo|pasta fresca all uovo|tagliatelle all uovo|lasagne all uovo',
    'egg-custard': 'crema pasticcera|crema inglese',
    gluten:
      'lievito naturale|frumento|grano|grano tenero|grano duro|farina di frumento|farina di grano|farina di grano tenero|semola|semola di grano duro|semolino|farro|segale|orzo|orzo perlato|glutine|glutine di frumento|glutine di grano|kamut|khorasan|triticale|bulgur|cous cous|couscous|amido di frumento|amido di grano|crusca di frumento|crusca di grano|germe di grano|germe di frumento|proteine del frumento|proteine di frumento|pane azzimo|crackers di frumento|cereali contenenti glutine|lievito madre|pasta madre|pasta acida|farina integrale|farina tipo 0|farina tipo 00|farina 00|farina manitoba|spelta',
    malt: 'malto|estratto di malto|malto d orzo|estratto di malto d orzo|farina di malto|farina d orzo maltato|orzo maltato|sciroppo di malto|aceto di malto',
    pasta:
      'pasta di semola|pasta alimentare|spaghetti|maccheroni|penne|fusilli|vermicelli|tagliatelle|pastina|lasagne',
    muesli: 'granola|muesli|barretta ai cereali|barrette ai cereali|barretta proteica',
    pastry:
      'cialda|cialde|brioche|croissant|cornetto|pasta sfoglia|sfoglia|pasta frolla|frolla|pan di spagna|savoiardi|frollini|crêpe|crepes|bignè|amaretti morbidi|pizza|pancake',
    flour:
      'farina|farine|cereali|cereale|fiocchi di cereali|crusca|farina di cereali|impasto|multicereali|cereali soffiati',
    cracker: 'cracker|crackers|gallette',
    'wheat-syrup':
      'sciroppo di glucosio (frumento)|sciroppo di glucosio di frumento|sciroppo di glucosio da frumento|sciroppo di glucosio (grano)|sciroppo di glucosio di grano|destrosio di frumento|destrosio (frumento)|maltodestrine di frumento|maltodestrina di frumento|sciroppo di glucosio (da frumento)',
    oats: 'avena|fiocchi d avena|fiocchi di avena|farina d avena|farina di avena|crusca d avena|crusca di avena|fibra d avena',
    'soy-sauce': 'salsa di soia|salsa soia|shoyu|tamari',
    miso: 'miso|pasta di miso',
    milk: 'latte|latte intero|latte scremato|latte parzialmente scremato|latte in polvere|polvere di latte|latte scremato in polvere|latte intero in polvere|latte condensato|latte evaporato|latticini|latticino|lattiero|latte vaccino|latte di vacca|latte di mucca|latte di pecora|latte di capra|latte di bufala|prodotti lattieri|prodotti lattiero caseari|derivati del latte|latte e derivati|solidi del latte|latte ovino|latte caprino|latte fermentato',
    'milk-part':
      'lattosio|zucchero del latte|zucchero di latte|siero di latte|siero di latte in polvere|siero|siero del latte|latticello|burro anidro|burro concentrato|burro chiarificato|grasso di latte|grassi del latte|grasso del latte|kefir|cagliata|dulce de leche|cioccolato al latte|cioccolato bianco|panna acida|permeato di siero|sieroinnesto|siero innesto|materia grassa del latte',
    'milk-protein':
      'proteine del latte|proteine di latte|proteina del latte|caseina|caseine|caseinato|caseinati|caseinato di sodio|caseinato di calcio|sieroproteine|proteine del siero di latte|proteine del siero|lattoalbumina|siero proteine',
    cream: 'panna|panna fresca|crema di latte|panna da cucina|panna in polvere|panna montata|crema di panna',
    butter: 'burro|burro salato|burro fresco|burro in polvere',
    yoghurt: 'yogurt|yoghurt|yogurt in polvere|yogurt greco|tzatziki',
    'raw-milk':
      'latte crudo|a latte crudo|non pastorizzato|latte non pastorizzato|latte crudo vaccino|latte di vacca crudo|latte crudo di pecora|latte crudo di capra|panna cruda|latte di pecora crudo',
    'pasteurised-milk':
      'latte pastorizzato|latte vaccino pastorizzato|latte di vacca pastorizzato|latte di pecora pastorizzato|latte di capra pastorizzato|latte pastorizzato di pecora|latte pastorizzato di capra|panna pastorizzata|latte di bufala pastorizzato|latte ovino pastorizzato|latte di mucca pastorizzato|crema di latte pastorizzata',
    cheese:
      'formaggio|formaggi|formaggio fuso|formaggio grattugiato|formaggio in polvere|formaggio di capra|caprino|formaggio a pasta molle|formaggio di pecora|formaggini|caciotta',
    'fresh-cheese':
      'quark|skyr|mozzarella|feta|ricotta|mascarpone|stracchino|crescenza|formaggio fresco|burrata|stracciatella|halloumi|formaggio spalmabile|scamorza|robiola|primo sale|fior di latte',
    'hard-cheese':
      'provolone|asiago|emmental|emmentaler|gouda|edam|cheddar|fontina|montasio|caciocavallo|formaggio a pasta dura|manchego|formaggio stagionato|raclette',
    'ripe-cheese': 'brie|camembert|taleggio|quartirolo|formaggio a crosta fiorita|reblochon|munster',
    'soft-blue': 'gorgonzola|roquefort|formaggio erborinato|erborinato|blu',
    'hard-blue': 'stilton',
    'calf-rennet-cheese':
      'parmigiano|parmigiano reggiano|pecorino|pecorino romano|pecorino sardo|pecorino toscano|gruviera|gruyere|comté',
    custard: 'budino|crema all uovo|preparato per budino|panna cotta|crème caramel',
    'fruit-curd': 'lemon curd|crema di limone',
    'ice-cream': 'gelato|gelati|semifreddo',
    chocolate:
      'cioccolato|cioccolata|cioccolato fondente|gocce di cioccolato|cioccolato extra fondente|copertura di cioccolato|scaglie di cioccolato|copertura al cacao|cioccolatini',
    nougat:
      'torrone|caramello|caramella|caramelle|mou|toffee|zuccherini|ganache|confetti|confettini|granella di torrone',
    pesto: 'pesto|pesto alla genovese|pesto genovese',
    'animal-rennet':
      'caglio animale|caglio di vitello|caglio di agnello|caglio (animale)|caglio di capretto|caglio di origine animale|pepsina|caglio bovino',
    'microbial-rennet':
      'caglio microbico|caglio vegetariano|coagulante microbico|caglio (microbico)|enzimi microbici|caglio di origine microbica|coagulante di origine microbica|caglio non animale|coagulante non animale',
    'plant-rennet': 'caglio vegetale|coagulante vegetale|caglio (vegetale)|caglio di cardo|cardo',
    rennet: 'caglio|coagulante|coagulanti|enzima|enzimi|chimosina|presame',
    egg: 'uovo|uova|uova intere|albume|albume d uovo|albumi|tuorlo|tuorlo d uovo|tuorli|rosso d uovo|bianco d uovo|uova in polvere|uovo in polvere|uova pastorizzate|uova fresche|uova di galline allevate a terra|uova di gallina|albumina|ovoalbumina|ovalbumina|meringa|meringhe|lisozima|lisozima da uovo|misto d uovo|ovoprodotti|ovoprodotto|albume in polvere|tuorlo pastorizzato',
    'raw-egg': 'uovo crudo|uova crude|tuorlo crudo',
    mayonnaise: 'maionese|salsa tartara|aioli',
    soy: 'soia|fagioli di soia|semi di soia|farina di soia|olio di soia|proteine di soia|proteine della soia|lecitina di soia|lecitine di soia|tofu|tempeh|edamame|natto',
    lecithin: 'lecitina|lecitine',
    'vegetable-protein':
      'proteine vegetali|proteina vegetale|proteine vegetali idrolizzate|proteine vegetali ristrutturate|idrolizzato di proteine vegetali',
    protein: 'proteine|proteina|proteine idrolizzate|amminoacidi|idrolizzato proteico|isolato proteico',
    lupin: 'lupino|lupini|farina di lupino|farina di lupini',
    almond:
      'mandorla|mandorle|farina di mandorle|pasta di mandorle|granella di mandorle|pasta di mandorla|orzata',
    marzipan: 'marzapane',
    hazelnut: 'nocciola|nocciole|pasta di nocciole|granella di nocciole|gianduia|gianduja|gianduiotto',
    walnut: 'noce|noci|gherigli di noce|gherigli|olio di noci',
    cashew: 'anacardo|anacardi|noci di acagiù|noce di acagiù',
    pecan: 'noci pecan|noce pecan|pecan',
    brazil: 'noci del brasile|noce del brasile',
    pistachio: 'pistacchio|pistacchi|pasta di pistacchio|granella di pistacchi|granella di pistacchio',
    macadamia: 'macadamia|noci macadamia|noci di macadamia|noci del queensland',
    nuts: 'frutta secca|noci miste|frutta in guscio mista|misto noci',
    'tree-nuts':
      'frutta a guscio|frutta in guscio|frutti a guscio|pralinato|pralinata|croccante|frutta secca a guscio|granella di frutta a guscio',
    coconut:
      'cocco|carne di cocco|polpa di cocco|noce di cocco|latte di cocco|olio di cocco|farina di cocco|crema di cocco|acqua di cocco|zucchero di cocco|grasso di cocco',
    'pine-nut': 'pinolo|pinoli',
    peanut:
      'arachide|arachidi|burro di arachidi|burro d arachidi|olio di arachidi|olio di arachide|noccioline|nocciolina|noccioline americane|pasta di arachidi',
    sesame:
      'sesamo|semi di sesamo|olio di sesamo|tahin|tahina|tahini|pasta di sesamo|crema di sesamo|hummus|gomasio',
    seed: 'semi di girasole|semi di zucca|semi di papavero|semi di lino|semi di chia|chia|semi di canapa|semi di finocchio|semi di cumino|papavero|lino|semi di coriandolo|semi di nigella|semi di carvi|psillio',
    seeds: 'semi|seme|semi misti|mix di semi|semi oleosi',
    celery:
      'sedano|sale di sedano|semi di sedano|sedano in polvere|estratto di sedano|foglie di sedano|succo di sedano',
    celeriac: 'sedano rapa',
    mustard: 'senape|semi di senape|farina di senape|mostarda|senape in polvere',
    sulphites:
      'solfito|solfiti|anidride solforosa|biossido di zolfo|metabisolfito|metabisolfito di sodio|metabisolfito di potassio|bisolfito|bisolfito di sodio|disolfito di potassio|solfito di sodio|solfitato|metabisolfiti',
    allergens: 'allergene|allergeni|altri allergeni',
    shellfish: 'misto mare',
    crustacean:
      'crostaceo|crostacei|granchio|granchi|aragosta|astice|krill|polpa di granchio|carne di granchio',
    mollusc:
      'mollusco|molluschi|cozza|cozze|ostrica|ostriche|salsa di ostriche|calamaro|calamari|totano|totani|polpo|polpi|seppia|seppie|nero di seppia|vongola|vongole|capesante|capasanta|lumaca|lumache|moscardini',
    'scaled-fish':
      'acciuga|acciughe|alice|alici|salmone|trota|aringa|aringhe|sgombro|sgombri|merluzzo|baccalà|stoccafisso|eglefino|pollack|spratto|branzino|spigola|orata|nasello|sogliola|carpa|persico|triglia|colatura di alici|pasta d acciughe|filetti di acciughe|platessa|halibut',
    'tinned-fish': 'tonno|sardina|sardine|filetti di tonno',
    'smoked-fish': 'salmone affumicato|trota affumicata|gravlax',
    'raw-fish': 'pesce crudo|ceviche|carpaccio di pesce|sashimi',
    'unscaled-fish':
      'anguilla|anguille|coda di rospo|rana pescatrice|pesce spada|squalo|palombo|storione|caviale|uova di lompo|razza|verdesca',
    fish: 'pesce|pesci|uova di pesce|bottarga|pesce bianco|polpa di pesce',
    'fish-part':
      'olio di pesce|salsa di pesce|brodo di pesce|fumetto di pesce|estratto di pesce|bonito|dashi|olio di fegato di merluzzo',
    worcester: 'salsa worcester|worcester|worcestershire|salsa worcestershire',
    surimi: 'surimi|bastoncini di granchio',
    pork: 'maiale|carne di maiale|suino|carne di suino|carne suina|suina|suini|fegato di suino|spalla di suino|pancetta fresca di suino|carni suine|zampone|cotechino|maialino|porchetta|stinco|coscia di suino|coscia suina|lonza di suino|guanciale fresco',
    lard: 'strutto|sugna|lardo|grasso di suino|grasso suino|cotenna|cotenne|cotiche|ciccioli|collagene suino',
    'cured-pork':
      'prosciutto crudo|prosciutto di parma|san daniele|pancetta|speck|coppa|guanciale|bresaola di suino|culatello|lonzino|capocollo|lonza stagionata|bacon|prosciutto',
    'cooked-pork': 'prosciutto cotto|spalla cotta|wurstel di suino|pancetta cotta',
    boar: 'cinghiale',
    beef: 'manzo|carne di manzo|vitello|carne di vitello|bovino|carne bovina|bovina|vitellone|carni bovine|trippa|bue|carne macinata|hamburger|tritato|lingua|scottona',
    'beef-part':
      'estratto di carne bovina|brodo di manzo|grasso bovino|grasso di manzo|sego|collagene bovino|brodo di carne bovina|fondo bruno',
    'cured-beef': 'bresaola|carne secca|carne salada|cecina',
    'cooked-beef': 'pastrami|roast beef|arrosto di manzo',
    lamb: 'agnello|montone|carne ovina|ovino|capretto|carne di agnello|abbacchio',
    poultry:
      'pollo|tacchino|anatra|oca|pollame|carne di pollo|carne di tacchino|petto di pollo|petto di tacchino|gallina|faraona|quaglia|cappone|galletto',
    'poultry-part':
      'brodo di pollo|grasso di pollo|grasso d oca|grasso d anatra|estratto di pollo|pelle di pollo|brodo di gallina',
    'cooked-poultry':
      'pollo cotto|pollo arrosto|tacchino cotto|fesa di tacchino|tacchino arrosto|arrosto di tacchino|arrosto di pollo',
    game: 'selvaggina|cervo|capriolo|coniglio|lepre|fagiano|pernice|piccione|cavallo|carne equina|carne di cavallo',
    'animal-fat':
      'grasso animale|grassi animali|sangue|plasma|ossa|midollo|proteine animali|animale|animali|origine animale|frattaglie|emoglobina|grassi di origine animale',
    meat: 'carne|carni|estratto di carne|polpetta|bolognese|rognone|cuore|salumi|salume|affettati|kebab|brodo di carne|carne separata meccanicamente|insaccati|carpaccio|brasato',
    liver: 'fegato|fegatini|foie gras|terrina|fegato grasso|crostino toscano',
    sausage: 'salsiccia|salsicce|wurstel|würstel|hot dog|luganega|salamella',
    casing: 'budello|budello naturale|budello di collagene|involucro|budelli|involucro di collagene',
    'pork-gelatine':
      'gelatina suina|gelatina di suino|gelatina di maiale|gelatina (suina)|gelatina alimentare suina|gelatina (suino)|gelatina (di suino)',
    'beef-gelatine':
      'gelatina bovina|gelatina di bovino|gelatina (bovina)|gelatina alimentare bovina|gelatina (di bovino)',
    'fish-gelatine': 'gelatina di pesce|gelatina (pesce)|gelatina (di pesce)',
    gelatine:
      'gelatina|gelatina alimentare|gelatina animale|collagene|aspic|colla di pesce|collagene idrolizzato',
    marshmallow: 'gelatina di frutta|marshmallow|toffolette|caramelle gommose|gommose|gelée',
    honey: 'miele|mieli|pappa reale|propoli|polline|idromele|miele in polvere',
    beeswax: 'cera d api|cera d ape',
    insects:
      'carminio|cocciniglia|acido carminico|gommalacca|gomma lacca|shellac|insetti|insetto|grillo|grilli|farina di grillo|estratto di cocciniglia|tarme della farina',
    glaze: 'agente di rivestimento|agenti di rivestimento|cera|cere|glassa|agente lucidante',
    colour:
      'colorante|coloranti|colorante naturale|coloranti naturali|antiagglomerante|antiagglomeranti|agente antiagglomerante|agenti antiagglomeranti|coadiuvante tecnologico|coadiuvanti tecnologici|colorante rosso',
    onion:
      'cipolla|cipolle|cipolla in polvere|scalogno|scalogni|porro|porri|erba cipollina|cipollotto|cipolline|cipollotti|cipolla fritta',
    garlic: 'aglio|aglio in polvere|aglio orsino|estratto di aglio',
    root: 'carota|carote|patata|patate|fecola|fecola di patate|amido di patata|amido di patate|patata dolce|patate dolci|barbabietola|barbabietole|barbabietola rossa|rosso di barbabietola|ravanello|ravanelli|rapa|rape|pastinaca|zenzero|curcuma|curcumina|manioca|tapioca|amido di tapioca|topinambur|cicoria radice|radice di cicoria|konjac|carota nera|estratto di carota|barbabietole rosse|scorzonera|daikon|radice di liquirizia|estratto di liquirizia',
    mushroom:
      'fungo|funghi|funghi porcini|porcini|champignon|tartufo|tartufi|finferli|pleurotus|shiitake|funghi secchi|tartufo nero|tartufo estivo',
    spices:
      'spezia|spezie|miscela di spezie|mix di spezie|estratti di spezie|estratto di spezie|curry|garam masala|ras el hanout|harissa|erbe e spezie|spezie ed erbe|ketchup|salsa di pomodoro|salsa barbecue|sugo|mazzetto',
    seasoning: 'preparato per brodo|insaporitore|ripieno|concia|salamoia aromatizzata',
    vegetables:
      'verdure|verdura|ortaggi|ortaggio|verdure miste|verdure disidratate|verdure in proporzione variabile|concentrato vegetale|estratto vegetale|estratti vegetali|minestrone|giardiniera|verdure grigliate|concentrato di verdure',
    wine: 'vino|vini|vino rosso|vino bianco|marsala|porto|sherry|madera|champagne|prosecco|cognac|brandy|grappa|vermut|vermouth|spumante|vin santo|passito|moscato|barolo|chianti|armagnac|lambrusco',
    beer: 'birra|birre|birra chiara|birra scura',
    'ginger-beer': 'ginger beer|ginger ale|birra di zenzero',
    'nut-liqueur': 'amaretto|amaretto liquore|nocino',
    chestnut: 'castagne|castagna|farina di castagne|marroni|crema di marroni',
    alcohol:
      'alcol|alcool|etanolo|alcol etilico|rum|whisky|vodka|gin|tequila|liquore|liquori|kirsch|calvados|acquavite|sake|mirin|limoncello|alchermes|sambuca|maraschino|bourbon|assenzio|distillato|idroalcolico',
    'wine-vinegar':
      'aceto di vino|aceto di vino rosso|aceto di vino bianco|aceto balsamico|aceto balsamico di modena|glassa di aceto balsamico|crema di aceto balsamico|balsamico|aceto di sherry|glassa balsamica|glassa all aceto balsamico di modena',
    vinegar: 'aceto|aceti',
    grape:
      'succo d uva|succo di uva|mosto d uva|mosto di uva|mosto cotto|mosto d uva concentrato|mosto d uva cotto|succo d uva concentrato|mosto|saba|estratto di semi d uva|sapa|vincotto|mosto concentrato',
    'vanilla-extract': 'estratto di vaniglia|estratto naturale di vaniglia|essenza di vaniglia',
    flavour:
      'aroma|aromi|aroma naturale|aromi naturali|aroma di fumo|aromatizzante|aromatizzanti|aroma di vaniglia|aroma naturale di vaniglia|aroma vaniglia|essenza|aromi artificiali|aroma di affumicatura|sostanze aromatizzanti',
    'fatty-additive':
      'mono e digliceridi|mono e digliceridi degli acidi grassi|mono e digliceridi di acidi grassi|monogliceridi|digliceridi|esteri degli acidi grassi|acidi grassi|acido grasso|acido stearico|stearato|stearato di magnesio|stearato di calcio|glicerina|glicerolo|polisorbato|polisorbati|poliricinoleato di poliglicerolo|stearoil lattilato|stearoil 2 lattilato di sodio|stearoil lattilato di sodio|sucroesteri|esteri mono e diacetiltartarici|esteri poliglicerici|sali di magnesio degli acidi grassi|monostearato',
    emulsifier: 'emulsionante|emulsionanti',
    nucleotides:
      'inosinato|inosinato disodico|guanilato|guanilato disodico|ribonucleotidi|5 ribonucleotidi|5 ribonucleotidi disodici|ribonucleotidi disodici',
    enhancer: 'esaltatore di sapidità|esaltatori di sapidità|esaltatore|esaltatori|esaltatore di sapore',
    cysteine:
      'cisteina|l cisteina|glicina|taurina|agente di trattamento della farina|agenti di trattamento della farina|chitosano|glucosamina|cheratina',
    lanolin: 'vitamina d|vitamina d3|vitamine|colecalciferolo|omega 3|dha|epa|lanolina',
    fat: 'grasso|grassi|margarina|margarine|materia grassa|materie grasse|sostanze grasse|grasso alimentare',
    stock: 'brodo|dado|brodo in polvere|dado da brodo|fondo di cottura|consommé|fondo',
    'vegetable-stock': 'brodo vegetale|dado vegetale|brodo di verdure',
    gravy: 'sugo d arrosto|sugo di carne|fondo di arrosto|salsa bianca',
    sprouts:
      'germogli di soia|germogli|erba medica|alfalfa|germogli di erba medica|semi germogliati|germogli di fagiolo',
  },
  sources:
    'riso|mais|granturco|granoturco|piselli|pisello|ceci|cece|lenticchie|lenticchia|fave|fava|fagioli|fagiolo|grano saraceno|saraceno|quinoa|miglio|sorgo|teff|amaranto|girasole|colza|palma|palmisto|oliva|soia|mandorle|mandorla|nocciole|cocco|vegetale|vegetali|origine vegetale|lino|canapa|zucca|banana|patata|patate|tapioca|manioca|cartamo|cotone|karité|cacao|lupino|carruba|carrube|agave|cellulosa|alginato|arachide|vinaccioli|fonio|pianta|piante|piselli gialli',
  foods:
    'riso basmati|basmati|riso venere|riso rosso|farina di riso|farina di mais|farina di ceci|farina di lenticchie|farina di grano saraceno|carciofini|carciofo romanesco|puntarelle|cicorino|scarola|indivia|catalogna|bietoline|spinacino|insalata|lattughino|iceberg|cavolo nero|cavolo cappuccio|cavolo rosso|verza|cavolini|broccoletti|friarielli|pak choi|zucca|fiori di zucchina|pannocchie|cannellini|borlotti|fagioli neri|fagioli rossi|fagioli cannellini|fagioli bianchi di spagna|lenticchie rosse|lenticchie decorticate|olive taggiasche|olive nere|olive verdi|olive leccino|olive di gaeta|capperi di pantelleria|pomodoro datterino|datterini|pomodorini ciliegino|pomodori pelati|pomodoro concentrato|succo di pomodoro|pomodoro in polvere|pomodoro disidratato|peperoni grigliati|friggitelli|mirtilli neri|ribes rosso|uva spina|more di rovo|visciole|datteri denocciolati|scorza di limone|mandarini cinesi|chinotto|melograno succo|pasta di datteri|sciroppo di datteri|zucchero grezzo|zucchero vanigliato|zucchero integrale|miscela di pepe|pepe di cayenna|pepe lungo|bacche rosa|finocchietto|finocchietto selvatico|semi di anice|timo limone|maggiorana secca|erba limone|melissa|verbena|issopo|borragine|nepitella|santoreggia|concentrato di cartamo|concentrato di spirulina|concentrato di sambuco|concentrato di mela|fibra di mela|fibra di bambù|fibra di agrumi|proteine di fava|proteine di girasole|proteine isolate di pisello|ferro|calcio|fosfato di calcio|carbonato di calcio|cloruro di magnesio|cloruro di potassio|citrato di potassio|citrati di sodio|acetati di sodio|lattato di potassio|tartrato monopotassico|bitartrato di potassio|isoascorbato di sodio|estratto di rosmarino|estratto di acerola|acerola|estratto di tè verde|acqua|sale|sale marino|sale iodato|sale marino iodato|zucchero|zuccheri|zucchero di canna|zucchero a velo|zucchero invertito|sciroppo|sciroppo di glucosio|sciroppo di glucosio fruttosio|sciroppo di agave|sciroppo d agave|sciroppo d acero|sciroppo di riso|sciroppo di zucchero invertito|sciroppo di mais|glucosio|fruttosio|destrosio|maltodestrina|maltodestrine|saccarosio|edulcorante|edulcoranti|dolcificante|stevia|glicosidi|glicosidi steviolici|eritritolo|xilitolo|sorbitolo|maltitolo|mannitolo|isomalto|sucralosio|aspartame|acesulfame|acesulfame k|saccarina|olio|oli|olio di semi di girasole|olio di girasole|olio di semi|olio d oliva|olio di oliva|olio extra vergine di oliva|olio extravergine di oliva|olio extravergine d oliva|extravergine|vergine|olio di palma|olio di colza|olio di mais|olio vegetale|oli vegetali|olio di riso|grasso vegetale|grassi vegetali|grassi vegetali non idrogenati|margarina vegetale|grasso di palma|burro di cacao|burro di karité|amido|amidi|amido modificato|amido di mais|amido di riso|amido di pisello|amido modificato di mais|maizena|polenta|fibra|fibre|fibre vegetali|fibra vegetale|fibra di piselli|fibra di agrumi|fibra di bambù|inulina|oligofruttosio|pectina|pectine|agar agar|agar|gomma|gomme|gomma di guar|guar|farina di semi di guar|gomma xantana|xantana|xantano|gomma di xantano|farina di semi di carrube|gomma arabica|gomma di acacia|acacia|gellano|gomma gellano|carragenina|carragenine|alginato di sodio|alginati|cellulosa|metilcellulosa|idrossipropil|idrossipropilmetilcellulosa|gomma di cellulosa|gomma di tara|lievito|lieviti|lievito di birra|lievito chimico|agente lievitante|agenti lievitanti|estratto di lievito|polvere lievitante|bicarbonato|bicarbonato di sodio|carbonato|carbonati|carbonato acido di sodio|carbonato acido d ammonio|carbonato di ammonio|carbonati di sodio|carbonati di ammonio|ammonio|difosfato|difosfati|difosfato disodico|trifosfati|polifosfati|fosfato|fosfati|sodio|potassio|calcio|magnesio|disodico|trisodico|tricalcico|monocalcico|cloruro|cloruro di calcio|cloruro di sodio|solfato|solfato di calcio|citrato|citrati|citrato di sodio|lattato|lattato di calcio|lattato di sodio|acetato|acetati|acetato di sodio|ascorbato|ascorbato di sodio|eritorbato|sorbato|sorbato di potassio|benzoato|benzoato di sodio|propionato|nitrito|nitrito di sodio|nitriti|nitrato|nitrati|nitrato di potassio|gluconato|tartrato|tartrati|cremor tartaro|malato|acido|acidi|acido citrico|acido lattico|acido ascorbico|acido l ascorbico|acido malico|acido tartarico|acido acetico|acido sorbico|acido folico|acidificante|acidificanti|correttore di acidità|correttori di acidità|regolatore di acidità|regolatori di acidità|conservante|conservanti|antiossidante|antiossidanti|stabilizzante|stabilizzanti|addensante|addensanti|gelificante|gelificanti|agente di resistenza|umidificante|umidificanti|agente umidificante|fermenti|fermenti lattici|fermento|fermenti lattici vivi|colture|coltura|colture starter|colture batteriche|innesto|penicillium|muffe|glutammato|glutammato monosodico|vitamina|vitamina a|vitamina b|vitamina b1|vitamina b2|vitamina b6|vitamina b12|vitamina c|vitamina e|vitamina k|niacina|tiamina|riboflavina|ferro|zinco|iodio|minerali|tocoferolo|tocoferoli|alfa tocoferolo|estratto ricco in tocoferolo|beta carotene|carotene|caroteni|carotenoidi|annatto|norbissina|antociani|antocianine|clorofilla|clorofilline|caramello semplice|zucchero caramellato|carbone vegetale|paprica|paprika|estratto di paprica|spirulina|alga|alghe|nori|wakame|cera di carnauba|carnauba|biossido di silicio|biossido di titanio|anidride carbonica|azoto|nigari|pomodoro|pomodori|pomodorini|concentrato di pomodoro|doppio concentrato di pomodoro|passata di pomodoro|passata|polpa di pomodoro|polpa|peperone|peperoni|peperoncino|peperoncini|pepe|pepe nero|pepe bianco|pepe rosa|cetriolo|cetrioli|zucchina|zucchine|melanzana|melanzane|spinaci|cavolo|cavoli|cavolfiore|broccoli|lattuga|songino|valeriana|rucola|rucola selvatica|finocchio|carciofo|carciofi|asparago|asparagi|olive|oliva verde|fagiolini|radicchio|cime di rapa foglie|bietola|bietole|erba|erbe|erbe aromatiche|erbe mediterranee|basilico|basilico genovese|origano|timo|rosmarino|salvia|menta|aneto|prezzemolo|coriandolo|dragoncello|maggiorana|alloro|cerfoglio|cumino|anice|anice stellato|cannella|chiodi di garofano|garofano|cardamomo|noce moscata|macis|zafferano|sommacco|fieno greco|ginepro|bacche di ginepro|bacche|santoreggia|mirto|vaniglia|bacca di vaniglia|bacche di vaniglia|semi di vaniglia|bacche di vaniglia esaurite|vanillina|etilvanillina|pasta di cacao|massa di cacao|cacao in polvere|cacao magro in polvere|cacao magro|cacao amaro|fave di cacao|granella di cacao|granella di fave di cacao|caffè|tè|limone|limoni|succo di limone|lime|arancia|arance|scorza d arancia|scorze d arancia|pompelmo|mandarino|mandarini|clementina|agrumi|bergamotto|cedro|mela|mele|pera|pere|prugna|prugne|susina|pesca|pesche|nettarina|albicocca|albicocche|ciliegia|ciliegie|amarena|amarene|uva|fico|fichi|dattero|datteri|mango|ananas|papaya|frutto della passione|kiwi|melone|anguria|melograno|melagrana|cotogna|cotogne|guava|fragola|fragole|lampone|lamponi|mirtillo|mirtilli|mirtilli rossi|mora|more|ribes|ribes nero|sambuco|rabarbaro|goji|frutta|frutto|frutti|frutti rossi|frutti di bosco|avocado|scorza|scorze|buccia|candita|scorze di agrumi|succo|succhi|succo concentrato|succo di frutta|purea|purè|concentrato|confettura|marmellata|composta|cotognata|aceto di alcol|aceto d alcol|aceto di alcool|aceto di riso|aceto di spirito|marrone|castagne d acqua|portulaca|crescione|ortica|lavanda|rosa|acqua di rose|fiore|fiori|fiori di zucca|acqua di fiori d arancio|ibisco|bambù|germogli di bambù|tamarindo|vite|foglie di vite|cuori di palma|estratto|estratti|proteine di pisello|proteine del pisello|proteine di piselli|proteine di riso|glicerina vegetale|gelatina vegetale|lattico|citrico|ascorbico|fumo|crema di cacao magra|cicerchie|pop corn|taccole|mais dolce|senza|caramellata|pasta di olive|paté di olive|patè di olive|crema di olive|peperoni dolci|caramello colorante|affumicatura',
  manner:
    'tappo|iran|marocco|tipo|da consumarsi|consumarsi preferibilmente|entro il|fine|fondo|etichetta|fascetta|timbro|indicata|riportata|mettere|mescolate|scaldate|servite|conservate|agitate|togliere|versare|aggiungete|preriscaldare|lasciate|riposare|temperatura ambiente|contenitore|recipiente|chiuso|richiudere|ermetico|prodotti|pescati|reti|ami|palangari|zona fao|oceano|pacifico|indiano|nord est|mare adriatico|adriatico|tirreno|selezionate|raccolte|raccolti a mano|mano|a mano|spezzettato|spezzettati|sbriciolato|sfilettati|sgocciolati|sminuzzati|tagliato|tagliati|tagliate|a cubetti|a rondelle|a spicchi|spicchi|a listarelle|listarelle|julienne|schiacciato|schiacciati|pressato|soffiato|soffiati|estruso|germogliato|tostatura|naturale al cento|grezzo|grezza|semi integrale|macinato a pietra|pietra|filiera|italiana al cento|allevato a terra|terra|aperto|pascolo|razza|razze|nutriti|senza ogm|garantiti|agricoltori|produttori|produttore|territorio|montagna|alpi|campagna|collina|costa|isola|campania|lazio|liguria|piemonte|veneto|emilia|romagna|trentino|alto adige|umbria|abruzzo|basilicata|molise|marche|lombardia|valle|srl|spa|snc|via|viale|numero verde|servizio consumatori|consumatori|contatti|sito|imballaggio|imballaggi|riciclo|raccolta|comune|verifica|disposizioni|carta raccolta|quantità netta|contenuto netto|porzione da|per porzione|antipasto|contorno|primo piatto|secondo|merenda|colazione|aperitivi|buffet|specialità|ricette|arte|maestro|dal|famiglia|tradizione|alla|antica ricetta|alla siciliana|mediterranea|sole|del sole|bontà|genuino|genuina|gustosi|gustose|sfizioso|sfiziosi|celiaci|oceano|millefiori|faggio|legno|norvegia|scozia|irlanda|islanda|polonia|portogallo|paesi bassi|danimarca|turchia|marocco|tunisia|cile|perù|india|cina|thailandia|messico|canada|caldo|calda|separazione|bambini piccoli|anni|soffocamento|rischio|sorveglianza|chiudere|bene|tenere|evitare|esposizione|sole|diretta|cuocere|lasciare|aggiungere|bollente|pentola|fuoco|dopo l apertura|millesimo|e|ed|o|od|né|con|senza|di|d|del|dello|della|dei|degli|delle|dell|il|lo|la|i|gli|le|l|un|uno|una|in|nel|nello|nella|nei|nelle|nell|a|ad|al|allo|alla|ai|agli|alle|all|da|dal|dallo|dalla|dai|dalle|dall|su|sul|sulla|per|tra|fra|che|cui|è|sono|essere|stato|non|più|meno|molto|tutto|tutti|tutta|ogni|suo|sua|nostro|nostra|questo|questa|questi|queste|ma|anche|poi|dopo|prima|entro|circa|può|possono|potrebbe|contenere|contiene|contengono|contenente|contenenti|presenza|eventuale|possibile|possibili|traccia|tracce|prodotto|prodotta|prodotti|preparato|preparata|confezionato|confezionata|lavorato|lavorata|lavorano|lavora|utilizza|utilizzano|utilizzato|si|viene|vengono|stabilimento|laboratorio|stabilimenti|linea|linee|stesso|stessa|altro|altri|altra|altre|dove|ingrediente|ingredienti|elenco|lista|origine|biologico|biologica|biologici|biologiche|agricoltura|provenienti|naturale|naturali|naturalmente|fresco|fresca|freschi|fresche|secco|secca|secchi|secche|essiccato|essiccata|essiccati|essiccate|disidratato|disidratata|disidratati|disidratate|liofilizzato|liofilizzati|liofilizzate|macinato|macinata|macinati|tritata|tritati|affettato|a fette|fetta|fette|grattugiato|tostato|tostata|tostati|tostate|arrostito|arrostite|arrosto|fritto|fritta|fritti|fritte|cotto|cotta|cotti|cotte|cottura|bollito|crudo|cruda|crude|crudi|vapore|maturo|maturi|denocciolato|denocciolate|pelato|pelati|pelate|sgusciato|sgusciate|intero|intera|interi|intere|integrale|integrali|parzialmente|salato|salata|salati|salate|dolce|dolci al gusto|zuccherato|affumicato|affumicata|affumicati|spremitura|a freddo|freddo|raffinato|raffinata|idrogenato|idrogenati|totalmente|extra|fine|fini|fino|leggero|ridotto|contenuto|ricco|ricca|fonte|ricostituito|polvere|in polvere|fiocchi|granella|granuli|pezzi|pezzo|pezzetti|scaglie|cubetti|strisce|rondelle|bastoncini|bastoncino|chicchi|tipo|stile|qualità|superiore|selezionato|selezionati|tradizionale|tradizionali|artigianale|artigianali|fatto|casa|fermentato|fermentata|stagionato|stagionata|stagionatura|maturato|marinato|marinati|marinate|trattato|trattata|arricchito|arricchita|minimo|massimo|min|max|almeno|totale|proporzione|proporzioni|variabile|variabili|peso|netto|sgocciolato|base|a base di|miscela|miscelato|misto|mista|misti|farcito|ripieno di|ricoperto|ricoperta|strato|certificato|certificata|sostenibile|ue|non ue|italia|italiano|italiana|italiane|italiani|francia|francese|spagna|spagnolo|grecia|greco|greca|germania|svizzera|europa|europeo|paese|paesi|regione|locale|importato|pescato|allevato|allevate|allevamento|coltivato|coltivazione|raccolto|raccolta|zona|mare|mediterraneo|atlantico|nord|sud|est|ovest|sicilia|siciliano|siciliani|siciliane|puglia|pugliese|ligure|toscano|toscana|calabrese|sardo|modena|genovese|conservare|conservazione|luogo|fresco e asciutto|asciutto|lontano|luce|calore|fonti di calore|temperatura|ambiente|frigorifero|frigo|refrigerato|congelato|congelare|congelatore|surgelato|surgelati|ricongelare|scongelare|scongelato|apertura|aperto|aprire|una volta|consumare|consumarsi|consumo|preferibilmente|giorni|giorno|settimane|mesi|ore|ora|minuti|minuto|data|vedi|vedere|coperchio|retro|confezione|vasetto|vaso|barattolo|bottiglia|busta|scatola|vaschetta|atmosfera protettiva|atmosfera|protettiva|servire|gustare|suggerimento|ideale|ottimo|ottima|perfetto|perfetta|delizioso|ricetta|porzione|porzioni|agitare|mescolare|sciacquare|lavare|lavato|lavata|pronto|pronti|uso|mangiare|scaldare|riscaldare|forno|padella|microonde|adatto|adatta|persone|soggetti|allergia|allergie|allergici|allergiche|intolleranti|intolleranza|intolleranze|informazione|informazioni|avvertenza|avvertenze|attenzione|grassetto|evidenziati|nutrizionale|nutrizionali|dichiarazione|valore|valori|medio|medi|energia|energetico|kcal|kj|cui zuccheri|acidi grassi saturi|saturi|carboidrati|assunzione|riferimento|giornaliera|adulto|lotto|numero|codice|g|kg|mg|ml|cl|cm|mm|categoria|calibro|grande|piccolo|piccoli|piccole|nuovo|originale|classico|classica|semplice|puro|pura|puri|vero|carta|plastica|riciclabile|raccolta differenziata|bambini|nocciolo|noccioli|lische|spine|frammenti|nonostante|cura|togliere|pelle|senza pelle|disossato|vaccino|vaccina|mucca|vacca|capra|bufala|scremato|magro|magra|ogm|geneticamente|artificiale|artificiali|aggiunto|aggiunta|aggiunti|aggiunte|pastorizzato|pastorizzata|pastorizzati|sterilizzato|uht|omogeneizzato|idrolizzato|idrolizzate|ottenuto|ottenuta|estrazione|croccanti|croccante al gusto|morbido|morbida|cremoso|cremosa|tenero|gustoso|saporito|piccante|piccanti|delicato|aperitivo|assortiti|lungo|tondo|giovane|nero|nera|nere|neri|bianco|bianca|bianchi|bianche|rosso|rossa|rossi|rosse|verde|verdi|giallo|gialla|gialli|rosa pallido|bruno|dorato|dorata|ciliegino|provenienza|trasformato|trasformata|lavorazione|lavorazioni|metodo|metodi|incrociata|contaminazione|garantire|garantita|garantito|assenza|privo|priva|esente|alimentare|alimentari|bevanda|bevande|preparazione|gusto|sapore|profumo|b|c|k|n|s|t|g|ph|vegano|vegetariano|vegani|vegetariani|antica|antico|nostra ricetta|cucina|cucinato|rosolato|grigliato|grigliata|grigliati|grigliate|sott olio|sottolio|sottaceto|sottaceti|sott aceto|al naturale|salamoia|commestibile|edibile|non edibile|conformità|pezzatura|quantità|equivalente|materia prima|materie prime|primo|prima scelta|scelta|scelti',
  handling:
    'conservare|conservazione|conservate|frigorifero|frigo|apertura|aperto|consumare|consumarsi|servire|gustare|agitare|sciacquare|lavare|scaldare|riscaldare|cuocere|forno|microonde|congelare|scongelare|ricongelare|confezione|imballaggio|imballaggi|nutrizionali|valori|origine|preferibilmente|temperatura|adatto|preparazione|raccolta|soffocamento|sorveglianza|peso|sgocciolato',
  plantMilk:
    'soia|cocco|avena|mandorla|mandorle|riso|nocciola|nocciole|anacardi|anacardo|pisello|piselli|canapa|farro|macadamia|vegetale|vegetali|vegano|lupino|quinoa|tofu|noci|miglio',
  plantButter:
    'cacao|karité|arachidi|arachide|mandorle|mandorla|anacardi|nocciole|nocciola|cocco|pistacchio|sesamo|mela|pera|vegetale|mango',
  plantAfter: true,
  joints: 'di|d|del|della|dei|delle|dell|da|al|alla|all|a|base|a base di',
  plantMade: 'vegano|vegana|vegani|vegane|vegan|vegetale|vegetali',
  freeAfter: 'free',
  heading: 'ingredienti|elenco (?:degli )?ingredienti|composizione',
  may: "\\b(?:pu[o']? (?:anche |eventualmente )?(?:contenere|presentare)|puo contenere|possono (?:contenere|essere presenti)|potrebbe(?:ro)? contenere|(?:possibili?|eventuali?) (?:tracce|traccia|presenza)|(?:contiene |puo )?tracce (?:di|d)|traccia di|prodott[oaie] (?:in|nello|su) (?:uno?|una|stabilimento|stabilimenti|un laboratorio|linee|stesso)|(?:confezionat|lavorat|preparat)[oaie] (?:in|nello|su) (?:uno?|una|stabilimento|laboratorio|linee|stesso)|(?:stabilimento|laboratorio|linea|linee) (?:che|dove|in cui)|in cui si (?:lavorano|utilizzano|producono|manipolano)|contaminazione|non (?:si )?(?:puo|possiamo) (?:garantire|escludere)|non adatto (?:a|alle) (?:persone|soggetti) (?:allergic|intollerant))",
  freeFrom:
    '\\b(?:senza(?: aggiunta di| aggiunt[aoie])?|priv[oa] di|esente da|non contiene|libero da|zero)\\b',
  contains:
    '\\b(?:(?<!non )conti?en(?:e|gono)(?! tracce)|preparat[oaie] con|prodott[oaie] con|fatt[oaie] con|farcit[oaie] con|ricopert[oaie] (?:di|con)|ripien[oaie] di|fritt[oaie] in|allergeni\\s*:)',
  denial: 'non|né|senza|mai|nessun|nessuna',
  vegan: 'vegan|vegano|vegana|vegani|vegane',
  vegetarian: 'vegetariano|vegetariana|vegetariani|vegetariane',
  nutrition:
    'energia|grassi|di cui acidi grassi saturi|acidi grassi saturi|acidi grassi|carboidrati|zuccheri|di cui zuccheri|fibre|fibre alimentari|fibra|proteine|sale|sodio|polioli|eritritolo|amido|vitamina d|alcol',
  unsuitable: 'non adatt[oa]|non idone[oa]|sconsigliat[oa]',
};
