import type { Language } from '../language.js';

export const french: Language = {
  id: 'fr',
  name: 'French',
  letters: 'œêîûë',
  endings: ['s', 'x', 'e', 'es'],
  compounds: false,
  terms: {
    'nut-cream': 'crème de noix|pâte à tartiner aux noisettes',
    'hazelnut-cream': 'crème de noisettes|crème de noisette',
    'pistachio-cream': 'crème de pistache|crème de pistaches',
    'almond-cream': 'crème d amandes|crème d amande',
    'made-part': 'garniture|fourrage|enrobage|nappage|plat|assortiment',
    cornflakes: 'cornflakes|corn flakes|pétales de maïs',
    chutney: 'chutney|chutneys|relish',
    'made-up':
      'barre|barres|sandwich|sandwichs|bouchée|bouchées|boules|boule|snack|snacks|tartinable|crème tartinable|crèmes tartinables|tartinables|tartine|tartines|roulé|roulés|torsade|torsades|brochette|brochettes|nuggets|dessert|desserts|crumble|pâte à tartiner',
    'animal-cut':
      'poitrine|cuisse|cuisses|épaule|filet|filets|escalope|escalopes|magret|magrets|échine|côtelettes|travers',
    preserved:
      'raisins secs|raisin sec|raisins de corinthe|raisins blonds|pruneau|pruneaux|abricots secs|abricot sec|abricots séchés|fruits séchés|figues sèches|figues séchées|mangue séchée|pommes séchées|poires séchées|ananas séché|bananes séchées|chips de banane|cranberries séchées|canneberges séchées|cerises séchées|fruits confits|fruit confit|cerises confites|bigarreaux confits|écorces confites|écorces d orange confites|écorces d oranges confites|écorces de citron confites|flocons de pommes de terre|flocons de pomme de terre|pommes de terre déshydratées|choucroute|tomates séchées|tomates confites|cœurs d artichaut|coeurs d artichaut|câpre|câpres|jus de citron concentré|jus de citron à base de concentré|concentré de jus de citron|mélasse|vinaigre de cidre|purée d ail|baies de goji',
    'preserved-root': 'raifort|gingembre confit|gingembre mariné',
    'dried-coconut': 'noix de coco râpée|coco râpée|copeaux de coco|chips de coco|noix de coco séchée',
    prawn: 'crevette|crevettes|gambas|langoustine|langoustines|chair de crevettes|crevettes grises',
    'stuffed-vegetables':
      'feuilles de vigne farcies|poivrons farcis|tomates farcies|champignons farcis|dolmas',
    liquorice: 'réglisse|bonbons à la réglisse',
    jerky: 'beef jerky|biltong',
    'pressed-poultry': 'jambon de dinde|jambon de poulet|blanc de dinde cuit',
    bread:
      'chapelure|pain|pains|pain de mie|baguette|biscotte|biscottes|panure|toast|toasts|pain grillé|gressins',
    cake: 'biscuit|biscuits|gâteau|gâteaux|cookie|cookies|pâtisserie|pâtisseries|viennoiserie|cake|muffin|gaufrettes|gaufrette|madeleine|madeleines',
    'rice-cracker': 'crackers de riz|craquelins de riz',
    crisps: 'chips|chips de pommes de terre|nachos',
    'cured-sausage': 'salami|chorizo|saucisson|saucisson sec|rosette|nduja|figatellu',
    'roast-pork': 'rôti de porc',
    'stuffed-olives': 'olives farcies',
    'truffle-sweet': 'truffes|truffe au chocolat|truffes au chocolat',
    'chocolate-spread': 'pâte à tartiner au chocolat',
    halva: 'halva',
    'lysozyme-cheese': 'grana padano',
    'prepared-mustard': 'moutarde de dijon|moutarde à l ancienne',
    seitan: 'seitan',
    cider: 'cidre',
    wasabi: 'wasabi|pâte de wasabi',
    croquette: 'croquettes|croquette',
    'oyster-sauce': 'sauce huître|sauce d huître|sauce aux huîtres',
    mousse: 'mousse',
    'fish-soup': 'bouillabaisse|soupe de poisson|bisque',
    seafood: 'fruits de mer',
    sushi: 'sushi|sushis',
    mortadella: 'mortadelle',
    'roe-dip': 'tarama',
    'cheese-dish': 'fondue|fondue savoyarde',
    breaded: 'croûtons|croûton|pané|panés|panée|panées',
    noodles: 'nouilles',
    sauce: 'sauce|sauces|soupe|soupes|marinade|dip',
    nuggets: 'nuggets de poulet',
    'blood-pudding': 'boudin noir',
    pate: 'pâté de campagne|pâté de foie|pâté en croûte|terrine|rillettes|foie gras',
    'meat-dish': 'boulettes|boulettes de viande|cassoulet|burger|bolognaise|kebab',
    'butter-sauce': 'sauce hollandaise|hollandaise|béarnaise|sauce béarnaise|sauce mousseline',
    'white-sauce': 'béchamel|sauce béchamel|sauce mornay',
    'choux-pastry': 'pâte à choux|profiteroles|éclair|éclairs',
    'egg-tart': 'quiche|quiche lorraine',
    omelette: 'omelette',
    praline: 'praliné|pralin|pralines|praline',
    gnocchi: 'gnocchi',
    'filled-pasta': 'ravioli|raviolis|tortellini|ravioles',
    frangipane: 'frangipane',
    'paste-or-pate': 'pâte',
    tortilla: 'tortilla|tortillas',
    tapenade: 'tapenade',
    'pickled-cucumber': 'cornichon|cornichons|cornichons au vinaigre',
    'soup-greens': 'mirepoix',
    'spiced-biscuit': 'pain d épices aux noix|florentins|pain d épices|speculoos',
    'almond-biscuit': 'macaron|macarons|amaretti',
    'egg-liqueur': 'sabayon|liqueur aux œufs',
    'egg-pasta': 'pâtes aux œufs|pâtes fraîches aux œufs|nouilles aux œufs',
    'egg-custard': 'crème anglaise|crème pâtissière|crème brûlée|flan pâtissier',
    gluten:
      'blé|ble tendre|blé dur|froment|farine de blé|farine de froment|semoule|semoule de blé|épeautre|seigle|orge|orge perlé|gluten|gluten de blé|kamut|khorasan|engrain|triticale|boulgour|boulghour|couscous|amidon de blé|son de blé|germe de blé|protéine de blé|protéines de blé|céréales contenant du gluten|levain|levain de seigle|levain de blé|pain azyme|fibres de blé|farine complète de blé|petit épeautre|farine d épeautre|farine de seigle|farine d orge',
    malt: 'malt|malte|extrait de malt|extrait de malt d orge|malt d orge|orge malté|farine de malt|vinaigre de malt|sirop de malt',
    'pasta-or-pate': 'pâtes|pâtés',
    'curd-or-quail': 'caillé|caille|cailles',
    pasta: 'pâtes alimentaires|spaghetti|macaroni|vermicelles|coquillettes|tagliatelles',
    muesli: 'granola|muesli|barre de céréales|barres de céréales|barre protéinée',
    pastry:
      'gaufre|brioche|croissant|pâte feuilletée|feuilleté|pâte brisée|pâte sablée|sablé|sablés|génoise|crêpe|crêpes|beignet|beignets|quenelle|quenelles|blinis|boudoirs|feuille de brick',
    flour:
      'farine|farines|céréales|céréale|farine de céréales|flocons de céréales|son|fécule de céréales|pâte à pain|pâte à pizza|céréales soufflées',
    cracker: 'cracker|crackers|craquelin|craquelins',
    'wheat-syrup':
      'sirop de glucose (blé)|sirop de glucose de blé|sirop de glucose (de blé)|dextrose de blé|dextrose (blé)|maltodextrine de blé|maltodextrine (blé)|sirop de glucose fructose (blé)|sirop de glucose à base de blé|sirops de glucose à base de blé',
    oats: 'avoine|flocons d avoine|farine d avoine|son d avoine|fibres d avoine',
    'soy-sauce': 'sauce soja|sauce de soja|shoyu|tamari',
    miso: 'miso|pâte de miso',
    milk: 'lait|laits|lait entier|lait écrémé|lait demi écrémé|poudre de lait|lait en poudre|lait écrémé en poudre|lait entier en poudre|poudre de lait écrémé|poudre de lait entier|lait concentré|lait concentré sucré|produit laitier|produits laitiers|laitier|laitière|solides du lait|matière sèche de lait|lait de vache|lait de brebis|lait de chèvre|lait de bufflonne|lait fermenté|ingrédients laitiers',
    'milk-part':
      'matière grasse laitière|matière grasse du lait|matière grasse de lait|matières grasses laitières|matières grasses du lait|lactose|sucre de lait|sucre du lait|babeurre|lactosérum|lactosérum en poudre|petit lait|poudre de lactosérum|beurre concentré|beurre clarifié|beurre pâtissier|fromage blanc|kéfir|chocolat au lait|chocolat blanc|confiture de lait|chantilly|faisselle|permeat de lactosérum|minéraux du lait|minéraux de lait|crème dessert|crème chantilly',
    'milk-protein':
      'protéine de lait|protéines de lait|protéines du lait|protéines laitières|caséine|caséines|caséinate|caséinate de sodium|caséinate de calcium|caséinates|protéine de lactosérum|protéines de lactosérum|protéines lactosériques|lactalbumine|protéines sériques',
    cream:
      'crème|crème fraîche|crème fraiche épaisse|crème liquide|crème légère|crème de lait|crème en poudre|crème entière',
    butter: 'beurre noisette|beurre noir|beurre|beurre doux|beurre salé|beurre demi sel|beurre de baratte',
    yoghurt: 'yaourt|yogourt|yoghourt|yaourts|yaourt en poudre|tzatziki',
    'raw-milk':
      'lait cru|lait cru de vache|lait cru de brebis|lait cru de chèvre|au lait cru|non pasteurisé|lait non pasteurisé|crème crue|lait de vache cru|lait de chèvre cru|lait de brebis cru',
    'pasteurised-milk':
      'lait pasteurisé|lait de vache pasteurisé|lait de chèvre pasteurisé|lait de brebis pasteurisé|lait pasteurisé de vache|lait pasteurisé de chèvre|lait pasteurisé de brebis|crème pasteurisée|lait entier pasteurisé',
    cheese:
      'fromage|fromages|fromage de chèvre|fromage de brebis|fromage fondu|fromage râpé|fromage en poudre|chèvre frais|bûche de chèvre|tomme',
    'fresh-cheese':
      'skyr|mozzarella|feta|ricotta|mascarpone|halloumi|fromage frais|petit suisse|burrata|brousse|cancoillotte',
    'hard-cheese':
      'cheddar|gouda|edam|emmental|mimolette|manchego|raclette|cantal|beaufort|abondance|fromage à pâte dure|fromage à pâte pressée|maasdam|morbier',
    'ripe-cheese':
      'brie|camembert|taleggio|munster|reblochon|époisses|chaource|coulommiers|livarot|pont l évêque|maroilles|neufchâtel|vacherin',
    'soft-blue': 'gorgonzola|roquefort|bleu|fromage bleu|bleu d auvergne|fourme d ambert|bleu danois',
    'hard-blue': 'stilton',
    'calf-rennet-cheese': 'parmesan|parmigiano reggiano|parmigiano|pecorino|pecorino romano|gruyère|comté',
    custard: 'flan|crème aux œufs|préparation pour flan|entremets',
    'fruit-curd': 'lemon curd|crème de citron',
    'ice-cream': 'crème glacée|glace|glaces',
    chocolate:
      'chocolat|chocolat noir|pépites de chocolat|couverture de chocolat|copeaux de chocolat|chocolat de couverture|enrobage cacao',
    nougat:
      'nougat|caramel|caramels|toffee|caramel beurre|bonbon|bonbons|ganache|confiserie|confiseries|vermicelles de sucre',
    pesto: 'pesto',
    'animal-rennet':
      'présure animale|présure de veau|présure traditionnelle|présure (animale)|présure d origine animale|pepsine',
    'microbial-rennet':
      'présure microbienne|coagulant microbien|coagulant d origine microbienne|enzyme microbienne|enzymes microbiennes|coagulant non animal|présure (microbienne)|enzymes coagulantes microbiennes|coagulant (microbien)|présure d origine microbienne',
    'plant-rennet': 'présure végétale|coagulant végétal|présure (végétale)|présure de chardon|cardon',
    rennet: 'présure|coagulant|coagulants|enzyme|enzymes|enzyme coagulante|enzymes coagulantes|chymosine',
    egg: 'œuf|œufs|oeuf entier|blanc d œuf|blancs d œufs|blanc d œufs|jaune d œuf|jaunes d œufs|jaune d œufs|poudre d œuf|poudre d œufs|œuf entier|œufs entiers|œufs entiers en poudre|blanc d œuf en poudre|jaune d œuf en poudre|albumine|ovalbumine|meringue|meringues|lysozyme|œufs de poules|œufs de plein air|ovoproduits|ovoproduit|lait de poule',
    'raw-egg': 'œuf cru|œufs crus|jaune d œuf cru',
    mayonnaise: 'mayonnaise|aïoli|rémoulade|sauce tartare',
    soy: 'soja|graine de soja|graines de soja|fèves de soja|farine de soja|huile de soja|protéine de soja|protéines de soja|lécithine de soja|lécithines de soja|tofu|tempeh|edamame|natto|tonyu',
    lecithin: 'lécithine|lécithines',
    'vegetable-protein':
      'protéine végétale|protéines végétales|protéines végétales hydrolysées|protéines végétales texturées|hydrolysat de protéines végétales|protéine végétale hydrolysée',
    protein: 'protéine|protéines|hydrolysat de protéines|isolat de protéines|acides aminés',
    lupin: 'lupin|lupins|farine de lupin|graines de lupin',
    almond:
      'amande|amandes|poudre d amandes|poudre d amande|purée d amandes|pâte d amande|pâte d amandes|amandes effilées|calisson|calissons|orgeat',
    marzipan: 'massepain|persipan',
    hazelnut: 'noisette|noisettes|pâte de noisettes|purée de noisettes|gianduja',
    walnut: 'noix de grenoble|cerneaux de noix|cerneau de noix|noix du périgord|huile de noix',
    cashew: 'noix de cajou|cajou|cajous|anacarde|anacardes',
    pecan: 'noix de pécan|pécan|pécans|pacane|pacanes|noix de pecan',
    brazil: 'noix du brésil',
    pistachio: 'pistache|pistaches',
    macadamia: 'macadamia|noix de macadamia|noix du queensland',
    nuts: 'fruits secs|mélange de fruits secs|mélange apéritif|noix|mélange de noix',
    'tree-nuts':
      'fruits à coque|fruit à coque|fruits à coques|fruit à coques|fruits secs à coque|fruits à coque dure|nougatine|noix variées',
    coconut:
      'noix de coco|chair de noix de coco|chair de coco|coco|lait de coco|crème de coco|huile de coco|eau de coco|sucre de coco|sucre de fleur de coco|copra|graisse de coco|huile de coprah|coprah',
    'pine-nut': 'pignon|pignons|pignons de pin|pignon de pin',
    peanut:
      'arachide|arachides|cacahuète|cacahuètes|cacahouète|cacahouètes|beurre de cacahuète|beurre de cacahuètes|huile d arachide|pâte d arachide|beurre d arachide',
    sesame:
      'sésame|graines de sésame|graine de sésame|huile de sésame|tahin|tahini|tahina|purée de sésame|crème de sésame|houmous|hoummous|gomasio|zaatar',
    seed: 'graines de tournesol|graines de courge|graines de pavot|graines de lin|graines de chia|chia|graines de chanvre|graines de fenouil|graines de cumin|graines de carvi|pavot|graines de coriandre|graines de nigelle|lin|lin brun|lin doré|graines de lin brun|psyllium',
    seeds: 'graine|graines|mélange de graines|graines oléagineuses',
    celery:
      'céleri|céleri branche|céleri en branches|sel de céleri|graines de céleri|poudre de céleri|extrait de céleri|jus de céleri|feuilles de céleri',
    celeriac: 'céleri rave|célerirave',
    mustard:
      'moutarde|graines de moutarde|graine de moutarde|farine de moutarde|téguments de moutarde|poudre de moutarde|vinaigrette',
    sulphites:
      'sulfite|sulfites|anhydride sulfureux|dioxyde de soufre|métabisulfite|métabisulfite de sodium|métabisulfite de potassium|disulfite|disulfite de sodium|disulfite de potassium|bisulfite|bisulfite de sodium|sulfite de sodium|sulfureux|soufré|soufrés',
    allergens: 'allergène|allergènes|autres allergènes',
    shellfish: 'coquillages et crustacés',
    crustacean:
      'crustacé|crustacés|crabe|crabes|homard|langouste|langoustes|écrevisse|écrevisses|krill|tourteau|pâte de crevettes|chair de crabe|chair de tourteau|chair de homard',
    mollusc:
      'mollusque|mollusques|moule|moules|huître|huîtres|calmar|calmars|encornet|encornets|poulpe|seiche|saint jacques|noix de saint jacques|noix de st jacques|palourde|palourdes|coquillage|coquillages|escargot|escargots|bulots|bulot|encre de seiche|coques|bigorneaux',
    'scaled-fish':
      'anchois|saumon|truite|hareng|harengs|maquereau|maquereaux|cabillaud|morue|églefin|colin|colin d alaska|lieu|lieu noir|sprat|sprats|bar|dorade|daurade|merlu|merlan|sole|carpe|perche|turbot|flétan|brandade',
    'tinned-fish': 'thon|sardine|sardines|saumon fumé à chaud',
    'smoked-fish': 'saumon fumé|truite fumée|gravlax|haddock fumé',
    'raw-fish': 'poisson cru|ceviche|tartare de saumon|rollmops|sashimi',
    'unscaled-fish':
      'anguille|anguilles|lotte|baudroie|espadon|requin|roussette|esturgeon|caviar|œufs de lump|raie|silure',
    fish: 'poisson|poissons|œufs de poisson|œufs de poissons|poisson blanc|rillettes de poisson|chair de poisson',
    'fish-part':
      'huile de poisson|sauce de poisson|sauce poisson|nuoc mam|fumet de poisson|extrait de poisson|bonite|dashi|colle de poisson|huile de foie de morue|arôme de poisson',
    worcester: 'sauce worcester|sauce worcestershire|worcester|worcestershire',
    surimi: 'surimi|bâtonnets de crabe|bâtonnet de surimi',
    pork: 'porc|viande de porc|foie de porc|épaule de porc|poitrine de porc|cochon|maigre de porc|andouille|andouillette|jarret de porc|porcin|travers de porc|longe de porc|gorge de porc|noix de porc|filet de porc',
    lard: 'saindoux|graisse de porc|gras de porc|couenne|couenne de porc|couennes|bardière|gras dur|lard gras|sang de porc|protéines de porc|collagène de porc',
    'cured-pork':
      'jambon cru|jambon sec|jambon de bayonne|jambon serrano|jambon de parme|prosciutto|pancetta|coppa|speck|guanciale|lonzo|lard|lardon|lardons|bacon|jambon fumé|poitrine fumée|ventrèche|poitrine séchée|allumettes de porc',
    'cooked-pork': 'jambon|jambon cuit|jambon blanc|jambon de paris|pâté de jambon|jambonneau|épaule cuite',
    boar: 'sanglier',
    beef: 'bœuf|viande de bœuf|veau|viande de veau|viande bovine|bovin|bovine|génisse|langue de bœuf|tripes|steak|steak haché|viande hachée',
    'beef-part':
      'extrait de bœuf|bouillon de bœuf|graisse de bœuf|suif|collagène de bœuf|fond de veau|gras de bœuf|jus de bœuf|fond brun',
    'cured-beef': 'bresaola|viande des grisons|cecina|viande séchée',
    'cooked-beef': 'pastrami|rôti de bœuf|rosbif',
    lamb: 'agneau|mouton|viande d agneau|merguez|chevreau',
    poultry:
      'poulet|dinde|canard|oie|volaille|volailles|viande de poulet|viande de dinde|filet de poulet|magret de canard|poule|pintade|chapon|gésier|gésiers',
    'poultry-part':
      'bouillon de poulet|bouillon de volaille|graisse de poulet|graisse de canard|graisse d oie|extrait de poulet|bouillon de poule|peau de poulet|peau de volaille|fond de volaille|poudre de poulet',
    'cooked-poultry':
      'poulet cuit|poulet rôti|dinde cuite|blanc de poulet cuit|blanc de dinde|jambon de volaille',
    game: 'gibier|chevreuil|cerf|lapin|lièvre|faisan|perdrix|pigeon|cheval|viande de cheval|biche',
    'animal-fat':
      'graisse animale|graisses animales|matière grasse animale|matières grasses animales|sang|plasma|os|moelle|protéine animale|protéines animales|animale|animal|animaux|origine animale|abats|hémoglobine|phosphate d os|blanc de bœuf',
    meat: 'viande|viandes|extrait de viande|boulette|rognons|cœur|charcuterie|charcuteries|chair|bouillon de viande|hachis',
    liver:
      'foie|foies|terrines|mousse de foie|foie de volaille|foies de volaille|foie de canard|fromage de tête|galantine|mousse de canard',
    sausage:
      'saucisse|saucisses|chair à saucisse|knacks|knack|boudin|boudin blanc|chipolata|chipolatas|cervelas|saucisse de strasbourg|saucisse de toulouse|francfort|diots',
    casing: 'boyau|boyaux|boyau naturel|boyau de collagène|enveloppe|boyau collagène',
    'pork-gelatine':
      'gélatine de porc|gélatine (porc)|gélatine porcine|gélatine d origine porcine|gélatine alimentaire de porc|gélatine (de porc)',
    'beef-gelatine':
      'gélatine de bœuf|gélatine bovine|gélatine (bœuf)|gélatine d origine bovine|gélatine (bovine)|gélatine (de bœuf)',
    'fish-gelatine': 'gélatine de poisson|gélatine (poisson)|gélatine (de poisson)',
    gelatine:
      'gélatine|gélatines|gélatine alimentaire|collagène|aspic|gelée de viande|collagène hydrolysé|protéines de collagène',
    marshmallow: 'gelée|guimauve|guimauves|marshmallow|marshmallows|chamallow|bonbons gélifiés|gommes',
    honey: 'miel|miels|gelée royale|propolis|pollen|hydromel|poudre de miel|pain d abeille',
    beeswax: 'cire d abeille|cire d abeilles',
    insects:
      'carmin|carmins|cochenille|acide carminique|gomme laque|shellac|insecte|insectes|grillon|grillons|rouge cochenille|poudre de grillon|vers de farine|extrait de cochenille',
    glaze: 'agent d enrobage|agents d enrobage|agent de glaçage|cire|cires|glaçage',
    colour:
      'colorant|colorants|colorant naturel|colorants naturels|colorant alimentaire|antiagglomérant|anti agglomérant|antiagglomérants|auxiliaire technologique|auxiliaires technologiques|colorant rouge',
    onion:
      'oignon|oignons|oignon en poudre|poudre d oignon|échalote|échalotes|poireau|poireaux|ciboulette|oignon rouge|cébette|ciboule|oignons frits|oignons grelots',
    garlic: 'ail|ails|poudre d ail|ail en poudre|ail des ours|semoule d ail',
    root: 'carotte|carottes|pomme de terre|pommes de terre|fécule|fécule de pomme de terre|fécule de pommes de terre|amidon de pomme de terre|patate douce|patates douces|betterave|betteraves|radis|navet|navets|panais|gingembre|curcuma|curcumine|manioc|tapioca|amidon de tapioca|topinambour|salsifis|chicorée|arrow root|souchet|rouge de betterave|jus de betterave|carotte noire|concentré de carotte|konjac|frites|racine de chicorée|igname|rutabaga|racine de réglisse|extrait de réglisse',
    mushroom:
      'champignon|champignons|champignons de paris|cèpe|cèpes|truffe|girolles|girolle|morilles|morille|pleurotes|shiitake|bolets|bolet|jus de truffe|chanterelles|truffes noires|truffe noire|truffe d été',
    spices:
      'épice|épices|mélange d épices|extraits d épices|extrait d épices|curry|garam masala|ras el hanout|harissa|quatre épices|cinq épices|bouquet garni|herbes et épices|ketchup|sauce tomate|sauce barbecue|tabasco|sambal|plantes aromatiques et épices',
    seasoning:
      'assaisonnement|assaisonnements|condiment|condiments|préparation aromatisante|préparations aromatisantes|farce|court bouillon',
    vegetables:
      'légumes|légume|légumes variés|légumes déshydratés|mélange de légumes|jus de légumes|concentré de légumes|poudre de légumes|légumes racines|extrait végétal|extraits végétaux|ratatouille|julienne de légumes',
    wine: 'vin|vins|vin rouge|vin blanc|porto|xérès|madère|marsala|champagne|cognac|armagnac|marc|vermouth|vin de riz|vin cuit|sauternes|pineau|prosecco|muscat|vin jaune|crémant|banyuls|vin rosé',
    beer: 'bière|bières|bière blonde|bière brune|panaché',
    'ginger-beer': 'bière de gingembre|ginger ale|ginger beer',
    'nut-liqueur': 'amaretto|nocino',
    chestnut:
      'châtaigne|châtaignes|farine de châtaigne|farine de châtaignes|marrons|crème de marrons|purée de marrons|marrons glacés',
    alcohol:
      'alcool|éthanol|rhum|whisky|vodka|gin|tequila|liqueur|liqueurs|kirsch|calvados|eau de vie|eaux de vie|saké|mirin|pastis|bourbon|absinthe|poiré|alcool éthylique|spiritueux|grand marnier|genièvre|crème de cassis',
    'wine-vinegar':
      'vinaigre de vin|vinaigre de vin rouge|vinaigre de vin blanc|vinaigre de xérès|vinaigre de champagne|vinaigre balsamique|vinaigre balsamique de modène|balsamique|crème de vinaigre balsamique|crème de balsamique',
    vinegar: 'vinaigre|vinaigres',
    grape:
      'jus de raisin|moût de raisin|moût de raisins|jus de raisin concentré|moût de raisin concentré|moût de raisin cuit|extrait de pépins de raisin|jus concentré de raisin|sirop de raisin|verjus',
    'vanilla-extract': 'extrait de vanille|extrait naturel de vanille|essence de vanille',
    flavour:
      'arôme|arômes|arôme naturel|arômes naturels|arôme de fumée|aromatisant|aromatisants|arôme naturel de vanille|arôme vanille|arôme artificiel|arômes artificiels|essence|substances aromatisantes',
    'fatty-additive':
      'mono et diglycérides|mono et diglycérides d acides gras|monoglycérides|diglycérides|esters d acides gras|acides gras|acide gras|acide stéarique|stéarate|stéarate de magnésium|stéarate de calcium|glycérine|glycérol|polysorbate|polysorbates|polyricinoléate de polyglycérol|stéaroyl lactylate|stéaroyl lactylate de sodium|stéaroyl 2 lactylate de sodium|sucroesters|esters polyglycériques|esters mono et diacétyltartriques|sels de magnésium d acides gras|monostéarate',
    emulsifier: 'émulsifiant|émulsifiants|émulsionnant|émulsionnants',
    nucleotides:
      'inosinate|inosinate disodique|guanylate|guanylate disodique|ribonucléotides|ribonucléotide disodique|5 ribonucléotides disodiques|ribonucléotides disodiques',
    enhancer: 'exhausteur de goût|exhausteurs de goût|exhausteur|exhausteurs',
    cysteine:
      'cystéine|l cystéine|glycine|taurine|agent de traitement de la farine|agents de traitement de la farine|agent de traitement des farines|chitosane|glucosamine|kératine',
    lanolin: 'vitamine d|vitamine d3|vitamines|cholécalciférol|oméga 3|omega 3|dha|epa|lanoline',
    fat: 'matière grasse|matières grasses|graisse|graisses|margarine|margarines|gras|huile de friture|graisse alimentaire',
    stock:
      'bouillon|fond|bouillons|bouillon cube|fumet|consommé|bouillon en poudre|jus de cuisson|demi glace',
    'vegetable-stock': 'bouillon de légumes|bouillon végétal|fond de légumes',
    gravy: 'jus de viande|jus de rôti|roux|sauce blanche',
    sprouts:
      'germes de luzerne|luzerne|germes de soja|graines germées|pousses de haricot mungo|alfalfa|germes|pousses de soja',
  },
  sources:
    'riz|maïs|pois|pois chiche|pois chiches|lentille|lentilles|fève|fèves|haricot|haricots|sarrasin|blé noir|quinoa|millet|sorgho|teff|amarante|tournesol|colza|palme|palmiste|olive|soja|amande|noisette|coco|noix de coco|végétal|végétale|végétales|végétaux|origine végétale|lin|chanvre|courge|banane|pomme de terre|tapioca|manioc|carthame|coton|karité|cacao|lupin|caroube|agave|cellulose|alginate|pois jaune|haricot mungo|canola|raisin|pépins de raisin|fonio|igname|patate douce|plante|plantes',
  foods:
    'riz basmati|basmati|riz jasmin|riz complet|riz sauvage|riz rond|farine de riz|farine de maïs|farine de sarrasin|farine de pois chiche|farine de pois chiches|farine de lentilles|roquette|mâche|pousses|pousse|pousses d épinard|jeunes pousses|salade|salades|scarole|frisée|endive|endives|batavia|sucrine|trévise|cresson|chou rouge|chou blanc|chou kale|chou frisé|kale|chou rave|choux de bruxelles|pak choï|bette|bettes|blette|blettes|pâtisson|courge butternut|maïs doux|épis de maïs|mini maïs|pois gourmands|haricots noirs|haricots rouges|haricots plats|fèves|lentilles corail|lentilles vertes du puy|pois cassés|olives noires|olives de kalamata|olives de nyons|cornichons fins|tomates pelées|tomates concassées|tomate cerise|pulpe de tomate|jus de tomate|poudre de tomate|poivrons grillés|piments doux|piment jalapeño|myrtilles sauvages|airelles|airelle|griotte|griottes|mirabelle|mirabelles|quetsche|reine claude|brugnon|clémentines|kumquat|citron confit|cédrat|dattes dénoyautées|raisins golden|pâte de dattes|sirop de fleur d oranger|sucre inverti|sucre vanillé|sucre perlé|sucre de fleur|sucre complet|vergeoise|sucre muscovado|sirop de canne|sirop de datte|jus de citron jaune|jus de pomme|jus de pomme concentré|jus d orange|jus de fruits à base de concentré|purée de fruits|purée de pomme|purée de framboise|purée de poire|purée de mangue|purée de datte|poudre de fruits|fines herbes|livèche|mélisse|verveine|hysope|bourrache|serpolet|sarrasin grillé|poivre de sichuan|poivre de cayenne|poivre rose|cinq baies|mélange de poivres|baies de timut|cumin noir|cardamome verte|macis moulu|aliment colorant|aliments colorants|denrées colorantes|concentré de carthame|concentré de spiruline|concentré de sureau|concentré de pomme|concentré de cassis|fibres de pomme|fibres de bambou|protéine de pois|isolat de protéines de pois|protéines de féverole|féverole|protéines de colza|farine de féverole|fer|calcium|phosphate de calcium|carbonate de calcium|lactate de calcium|chlorure de calcium|chlorure de magnésium|citrate de sodium|citrate de potassium|citrates de sodium|acétate de sodium|lactate de sodium|lactate de potassium|diphosphate disodique|bitartrate de potassium|isoascorbate|extrait de romarin|extrait d acérola|acérola|extrait de thé vert|eau|sel|sel marin|sel de mer|fleur de sel|sel de guérande|sel iodé|sucre|sucres|sucre de canne|sucre roux|sucre glace|cassonade|sirop|sirop de glucose|sirop d agave|sirop d érable|sirop de riz|sirop de dattes|sirop de sucre inverti|glucose|fructose|dextrose|maltodextrine|maltodextrines|saccharose|inverti|édulcorant|édulcorants|stévia|stéviol|glycosides de stéviol|glycosides|érythritol|xylitol|sorbitol|maltitol|mannitol|isomalt|sucralose|aspartame|acésulfame|acésulfame k|saccharine|huile|huiles|huile de tournesol|huile de colza|huile d olive|huile d olive vierge extra|huile de palme|huile végétale|huiles végétales|huile de pépins de raisin|huile de riz|huile de maïs|vierge|graisse végétale|graisses végétales|matière grasse végétale|matières grasses végétales|margarine végétale|graisse de palme|beurre de cacao|beurre de karité|amidon|amidons|amidon modifié|amidon transformé|amidon modifié de maïs|amidon de maïs|amidon de riz|amidon de pois|fécule de maïs|maïzena|polenta|semoule de maïs|fibre|fibres|fibres alimentaires|fibre de pois|fibres de pois|fibres d agrumes|inuline|oligofructose|pectine|pectines|agar agar|agar|gomme|gommes|gomme guar|guar|gomme xanthane|xanthane|gomme de caroube|farine de graines de caroube|farine de guar|gomme arabique|gomme d acacia|acacia|gellane|gomme gellane|carraghénane|carraghénanes|alginate de sodium|alginates|cellulose|méthylcellulose|hydroxypropyl|hydroxypropylméthylcellulose|gomme de cellulose|tara|gomme tara|levure|levures|levure chimique|extrait de levure|levure nutritionnelle|poudre à lever|poudres à lever|poudre levante|bicarbonate|bicarbonate de sodium|carbonate|carbonates|carbonate acide de sodium|carbonate d ammonium|diphosphate|diphosphates|triphosphates|polyphosphates|phosphate|phosphates|sodium|potassium|calcium|magnésium|ammonium|disodique|trisodique|chlorure|sulfate|sulfates|citrate|citrates|lactate|lactates|acétate|acétates|ascorbate|ascorbate de sodium|érythorbate|sorbate|sorbate de potassium|benzoate|benzoate de sodium|propionate|nitrite|nitrite de sodium|nitrites|nitrate|nitrates|gluconate|tartrate|tartrates|tartrate de potassium|crème de tartre|malate|acide|acides|acide citrique|acide lactique|acide ascorbique|acide malique|acide tartrique|acide acétique|acide sorbique|acide folique|acidifiant|acidifiants|correcteur d acidité|correcteurs d acidité|régulateur d acidité|conservateur|conservateurs|antioxydant|antioxydants|antioxygène|stabilisant|stabilisants|épaississant|épaississants|gélifiant|gélifiants|affermissant|affermissants|humectant|humectants|agent de texture|ferment|ferments|ferments lactiques|ferment lactique|ferments d affinage|culture|cultures|bifidus|lactobacillus|probiotiques|penicillium|moisissures|glutamate|glutamate monosodique|glutamate de sodium|vitamine|vitamine a|vitamine b|vitamine b1|vitamine b2|vitamine b6|vitamine b12|vitamine c|vitamine e|vitamine k|niacine|thiamine|riboflavine|fer|zinc|iode|iodate|minéraux|minéral|tocophérol|tocophérols|alpha tocophérol|bêta carotène|carotène|caroténoïdes|rocou|annatto|norbixine|anthocyanes|anthocyanines|chlorophylle|chlorophylles|caramel ordinaire|caramel colorant|charbon végétal|paprika|extrait de paprika|spiruline|algue|algues|nori|wakame|kombu|cire de carnauba|carnauba|dioxyde de silicium|dioxyde de titane|dioxyde de carbone|azote|nigari|gypse|tomate|tomates|concentré de tomate|concentré de tomates|double concentré|purée de tomate|purée de tomates|coulis|pulpe|poivron|poivrons|piment|piments|piment d espelette|piment de cayenne|cayenne|poivre|poivre noir|poivre blanc|baies roses|baie|baies|baies de genièvre|genièvre baies|concombre|concombres|courgette|courgettes|aubergine|aubergines|épinard|épinards|chou|choux|chou fleur|brocoli|brocolis|laitue|mâche|roquette|fenouil|artichaut|artichauts|asperge|asperges|olives|petits pois|haricots verts|haricots blancs|haricots rouges|flageolets|maïs doux|pop corn|citrouille|potiron|potimarron|butternut|courges|herbe|herbes|herbes de provence|aromates|plantes aromatiques|basilic|origan|thym|romarin|sauge|menthe|aneth|persil|coriandre|estragon|marjolaine|laurier|cerfeuil|cumin|carvi|anis|anis étoilé|badiane|cannelle|girofle|clou de girofle|clous de girofle|cardamome|muscade|noix de muscade|macis|safran|sumac|fenugrec|sarriette|citronnelle|vanille|gousse de vanille|gousses de vanille|vanille en poudre|grains de vanille|vanilline|éthylvanilline|cacao|pâte de cacao|poudre de cacao|cacao en poudre|masse de cacao|cacao maigre|fèves de cacao|éclats de fèves de cacao|café|thé|citron|citrons|jus de citron|citron vert|lime|orange|oranges|pamplemousse|mandarine|clémentine|agrumes|bergamote|yuzu|pomme|pommes|poire|poires|prune|prunes|pêche|pêches|nectarine|abricot|abricots|cerise|cerises|raisins|figue|figues|datte|dattes|mangue|ananas|papaye|fruit de la passion|kiwi|melon|pastèque|grenade|coing|goyave|litchi|fraise|fraises|framboise|framboises|myrtille|myrtilles|mûre|mûres|canneberge|canneberges|cranberry|cassis|groseille|groseilles|sureau|rhubarbe|goji|fruit|fruits|fruits rouges|avocat|zeste|zestes|écorce|écorces|écorces d orange|confit|confits|jus|jus de fruits|purée|concentré|concentrés|confiture|marmelade|compote|pâte de fruits|pâte de coing|vinaigre d alcool|vinaigre de riz|vinaigre d alcool blanc|marron|châtaignes d eau|pourpier|cresson|ortie|oseille|lavande|rose|eau de rose|violette|fleur|fleurs|eau de fleur d oranger|fleur d oranger|hibiscus|bambou|pousses de bambou|jacquier|tamarin|vigne|feuilles de vigne|cœurs de palmier|extrait|extraits|protéine de pois|protéines de pois|protéines de riz|protéine de fève|protéines de tournesol|semoule de riz|glycérine végétale|gélatine végétale|pois cassés|souci|carthame jaune|pâtes de fruits|lactique|citrique|ascorbique|fumée|fumée de hêtre|guacamole|cacao dégraissé|grué de cacao|caramel de sucre|tomates cerises|graine de caroube|caramélisé',
  manner:
    'mi|mi cuit|mi séchées|mi salé|demi sel|dentelle|lavée|lavé|lavés|lavées|prête|prêts|prêtes|rapide|délai|rapide ment|transvaser|récipient|hermétique|hermétiquement|mettre|placer|mélanger bien|chauffez|servez|dégustez|conservez|agitez|retirez|ouvrez|versez|ajoutez|faites|cuisez|préchauffez|enfournez|laissez|reposer|température ambiante|fond|capot|étiquette|opercule|bouchon|col|indiquée|indiqué|figurant|produits de|mer du|pêché en|pêchés|chalut|chaluts|filets tournants|hameçons|lignes|zone fao|océan|pacifique|indien|nord est|élaborés|sélectionnés|récoltés|cueilli|cueillis|cueillies|main|à la main|cuisinées|cuisinée au|poêlé|poêlés|poêlées|braisé|rissolé|snacké|mijoté|confite|confites|marinées|assaisonné|assaisonnée|égrainé|épépiné|épépinés|équeuté|effilochée|émiettée|émiettés|déveiné|taillé|taillés|émincées|ciselé|ciselée|mouliné|mixé|liquide|liquides|poudres|granulés|concassées|soufflé|soufflés|soufflées|extrudé|extrudés|germé|germés|torréfiée|nature brute|brut|brute|bruts|semi|semi complet|complets|bio équitable|cultivées|élevées|plein air|liberté|sol|label rouge|rouge label|fermiers|race|races|alimentés|nourris|sans ogm|garantis|origine garantie|agriculteurs|producteurs|producteur|terroir|campagne|montagne|alpes|pyrénées|corse|alsace|vendée|landes|périgord|sud ouest|italie origine|la grèce|maroc|sarl|sas|sa|bp|cedex|rue|route|zone artisanale|service consommateurs|consommateurs|contact|site internet|emballages|emballage recyclable|jeter|trier|bac|pensez|geste|contenance|quantité nette|environ|soit|pour 1|par portion|apports de|repères|apéro|entrée|plat principal|goûter|petit déjeuner|collation|salade composée|buffet|invités|spécialité|spécialités|recettes|savoir faire|artisan|maître|depuis|famille|tradition|ancienne|à l ancienne|à l italienne|à la provençale|provençale|façon|orientale|espagnole|basquaise|grecque au|du soleil|soleil du|bois|hêtre|chêne|norvège|ecosse|irlande|islande|pologne|portugal|pays bas|danemark|turquie|maroc|tunisie|chili|pérou|inde|chine|thaïlande|vietnam|mexique|canada|israël|égypte|chaud|chaude|tiède|séparation|normale|dépôt|naturellement présent|précaution|précautions|étouffement|ans|an|surveillance|garder|refermer|refermé|bien refermer|sèchement|stocker|tenir|éviter|exposition|soleil|directe|direct|cuire|poêler|laisser|mijoter|ajouter|eau bouillante|bouillante|casserole|feu|doux feu|et|ou|ni|avec|sans|de|du|des|d|l|la|le|les|un|une|en|à|a|au|aux|dans|sur|pour|par|ce|cet|cette|ces|qui|que|qu|dont|est|sont|été|être|il|elle|ils|elles|se|s|n|ne|pas|plus|moins|très|tout|tous|toute|toutes|y|son|sa|ses|leur|notre|nos|votre|vos|nous|vous|mais|donc|car|ainsi|aussi|également|puis|après|avant|pendant|entre|vers|sous|chez|selon|environ|peut|peuvent|pourrait|contenir|contient|contiennent|contenant|présence|éventuelle|éventuellement|possible|trace|traces|fabriqué|fabriquée|fabriqués|élaboré|élaborée|préparé|préparée|produit|produits|produite|conditionné|conditionnée|emballé|emballée|atelier|usine|site|ligne|lignes|utilise|utilisant|utilisé|utilisés|manipule|manipulant|traite|transforme|transformant|même|autre|autres|ingrédient|ingrédients|liste|composition|origine|agriculture|biologique|biologiques|issus|issu|issue|naturel|naturelle|naturels|naturelles|naturellement|frais|fraîche|fraîches|sec|sèche|secs|séché|séchés|séchée|séchées|déshydraté|déshydratée|déshydratés|déshydratées|lyophilisé|lyophilisée|lyophilisées|moulu|moulue|moulus|concassé|concassée|broyé|broyés|haché|hachée|hachés|émincé|émincés|tranché|tranches|tranche|coupé|coupés|coupées|râpé|râpée|grillé|grillée|grillés|grillées|torréfié|torréfiés|torréfiées|rôti|rôtie|rôtis|frit|frits|cuit|cuite|cuits|cuites|cuisson|bouilli|cru|crue|crus|vapeur|mûr|mûrs|dénoyauté|dénoyautés|dénoyautées|pelé|pelées|pelés|décortiqué|décortiquées|entier|entiers|entière|entières|complet|complète|complètes|demi|moitié|salé|salée|salés|salées|doux|douce|sucré|sucrée|fumé|fumée|fumés|pressé|première pression à froid|froid|froide|raffiné|raffinée|non raffiné|non|hydrogéné|hydrogénée|hydrogénées|partiellement|totalement|extra|fin|fine|fines|gros|grosse|moyen|léger|légère|allégé|réduit|réduite|teneur|riche|source|concentré de|reconstitué|réhydraté|poudre|en poudre|flocons|flocon|morceaux|morceau|brisures|éclats|lamelles|lanières|dés|rondelles|bâtonnets|billes|grains|grain|cristaux|type|style|qualité|supérieur|supérieure|sélectionné|traditionnel|traditionnelle|artisanal|artisanale|artisanalement|maison|fermier|fermière|fermenté|fermentée|fermentées|affiné|affinée|affinage|maturé|saumuré|saumure|acidifié|traité|enrichi|enrichie|minimum|maximum|min|max|moins de|au moins|total|totale|proportion|proportions|proportions variables|variable|variables|poids|net|égoutté|base|mélange|mélangé|fourré|enrobé|couche|partie|ferme|label|certifié|durable|équitable|commerce équitable|ue|non ue|union européenne|france|français|française|italie|italien|espagne|espagnol|grèce|grec|grecque|allemagne|suisse|belgique|belge|europe|européen|pays|région|provence|local|importé|pêché|pêche à la ligne|élevé|élevage|cultivé|récolté|récolte|zone|mer|atlantique|nord|sud|est|ouest|méditerranée|à conserver|conserver|conservation|au frais|endroit|lieu sec|sec et|abri|lumière|chaleur|humidité|température|ambiante|réfrigérateur|réfrigéré|réfrigérée|congelé|congélateur|congeler|surgelé|surgelés|recongeler|décongeler|décongelé|ouverture|ouvert|ouvrir|consommer|consommation|rapidement|jours|jour|semaines|mois|heures|heure|minutes|minute|préférence|de préférence avant|date|voir|couvercle|dos|face|emballage|paquet|sachet|pot|bocal|boîte|bouteille|barquette|étui|atmosphère protectrice|atmosphère|protectrice|servir|déguster|dégustation|suggestion|présentation|accompagner|accompagnement|idéal|délicieux|parfait|savourer|recette|portion|portions|agiter|remuer|rincer|laver|bien|prêt|prêt à|emploi|manger|réchauffer|chauffer|four|poêle|micro|ondes|micro ondes|convient|convenir|recommandé|personnes|personne|végétariens|végétaliens|végans|végétaliennes|allergie|allergies|allergique|allergiques|intolérance|intolérances|intolérantes|information|informations|attention|avertissement|gras indiqué|caractères gras|indiqués|nutrition|nutritionnelle|nutritionnelles|valeur|valeurs|moyenne|moyennes|énergie|énergétique|kcal|kj|dont|acides gras saturés|saturés|glucides|lipides|apport|apports|référence|quotidien|adulte|lot|numéro|code|g|kg|mg|ml|cl|cm|mm|catégorie|calibre|taille|grand|petite|petit|petits|nouveau|nouvelle|original|originale|classique|simple|pur|pure|pur jus|véritable|carton|plastique|recyclable|tri|enfants|enfant|noyaux|noyau|arêtes|arête|coquille|fragments|malgré|soin|présents|retirer|peau|sans peau|désossé|vache|chèvre|brebis|bufflonne|écrémé|écrémée|demi écrémé|allégée|génétiquement|ogm|artificiel|artificiels|artificielle|ajouté|ajoutés|ajoutée|ajoutées|addition|pasteurisé|pasteurisée|pasteurisés|stérilisé|uht|homogénéisé|hydrolysé|hydrolysée|hydrolysées|texturé|texturées|obtenu|obtenue|extraction|croustillant|croustillante|croquant|moelleux|fondant|crémeux|tendre|savoureux|gourmand|épicé|épicée|apéritif|bille|assortis|nature|long|rond|jeune|jeunes|noir|noire|noires|blanc|blanche|blancs|blanches|rouge|rouges|vert|verte|vertes|verts|jaune|jaunes|brun|brune|doré|dorée|rose pâle|mariné|marinée|marinés|farci|farcis|cerise tomate|provenance|transformé|transformée|fabrication|méthodes|procédés|croisée|contamination|contamination croisée|garantir|garantie|absence|exempt|exempte|libre|dépourvu|usage|alimentaire|alimentaires|boisson|boissons|préparation|goût|saveur|parfum|texture|eau ajoutée|b|c|e|i|t|k|g|ph|vegan|végétarien|conserve|sans noyau|sélection|qualité supérieure|aoc|aop|igp|certification|ab|fr bio|rigoureusement|cuisinée|cuisiné|cuisinés|pays basque|normandie|bretagne|savoie|bourgogne|marin|marine|comestible|comestibles|végétales comestibles|riches|doses|dose|quantité|suffisante|équivalent|équivalents',
  handling:
    'conserver|conservation|conservez|réfrigérateur|ouverture|ouvert|consommer|consommez|servir|servez|déguster|agiter|agitez|rincer|laver|égoutter|égoutté|réchauffer|chauffer|cuire|cuisson|four|micro ondes|congeler|décongeler|recongeler|emballage|emballages|nutritionnelles|valeurs|origine|préférence|température|abri|convient|préparation|tri|recyclage|étouffement|surveillance|poids',
  plantMilk:
    'soja|soya|coco|noix de coco|avoine|amande|amandes|riz|noisette|noisettes|cajou|noix de cajou|pois|chanvre|épeautre|macadamia|souchet|végétal|végétale|végétaux|végétales|lupin|quinoa|tofu|noix',
  plantButter:
    'cacao|karité|cacahuète|cacahuètes|cacahouète|arachide|amande|amandes|cajou|noix de cajou|noisette|noisettes|coco|pistache|sésame|pomme|pommes|poire|végétal|mangue|tournesol',
  plantAfter: true,
  joints: 'de|d|du|des|à|a|au|aux|la|l|base|en|poudre|à base de|de la|issu|issue',
  plantMade: 'végan|vegan|végétal|végétale|végétalien|végétalienne|végétaux|végétales',
  freeAfter: 'free',
  heading: 'ingredients?|liste des ingredients|composition',
  may: '\\b(?:peu(?:t|vent) (?:egalement |aussi |eventuellement )?(?:contenir|renfermer|presenter)|pourrai(?:t|ent) contenir|(?:presence|traces?) (?:possible|eventuelle)s?|(?:possible |eventuelles? )traces?|susceptibles? de contenir|peut contenir|traces?(?: eventuelles?)? d|contient des traces|(?:fabrique|produit|elabore|prepare|conditionne|emballe)e?s? (?:dans|sur) (?:un|une|le|la|notre|des|nos|les)|(?:atelier|usine|site|ligne)s? (?:qui|utilisant|manipulant|traitant|ou)|contamination croisee|(?:ne |ne pas )?(?:pouvons|peut) (?:pas )?garantir|ne convient pas aux (?:personnes )?allergi\\w+)',
  freeFrom:
    '\\b(?:sans(?: ajout d| ajout de)?|exempte? d|libre d|ne contient (?:pas|ni|aucun)|depourvue? d|0 ?% d|garanti sans)',
  contains:
    '\\b(?:contien(?:t|nent)(?! (?:pas|ni|aucun|des traces))|prepare(?:e|s)? avec|elabore(?:e|s)? avec|fabrique(?:e|s)? avec|fourree?s? (?:au|a la|aux|de)|enrobee?s? d|garnie?s? d|accompagnee?s? d|allergenes?\\s*:)',
  denial: 'non|pas|ne|n|jamais|ni|aucun|aucune',
  vegan: 'vegan|végan|végane|végétalien|végétalienne|végétaliens|végans',
  vegetarian: 'végétarien|végétarienne|végétariens|végétariennes',
  nutrition:
    'énergie|matières grasses|lipides|graisses|acides gras saturés|dont acides gras saturés|acides gras|glucides|sucres|dont sucres|fibres|fibres alimentaires|protéines|sel|sodium|polyols|érythritol|amidon|vitamine d|alcool',
  unsuitable: 'ne convient pas|ne conviennent pas|non adapte|pas adapte|deconseille',
};
