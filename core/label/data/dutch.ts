import type { Language } from '../language.js';

export const dutch: Language = {
  id: 'nl',
  name: 'Dutch',
  endings: ['s', 'en', 'e', 'n', 'je', 'jes'],
  compounds: true,
  links: ['s', 'en', 'n', 'e', 'er'],
  terms: {
    'nut-cream': 'notenpasta|notencrème',
    'hazelnut-cream': 'hazelnootpasta|hazelnootcrème',
    'pistachio-cream': 'pistachepasta|pistachecrème',
    'almond-cream': 'amandelcrème',
    'made-part': 'vulling|omhulling|gerecht|assortiment',
    cornflakes: 'cornflakes|corn flakes',
    chutney: 'chutney|chutneys|relish',
    'made-up':
      'reep|repen|hapje|hapjes|balletje|balletjes|smeerbaar|spread|spreads|snack|snacks|borrelhapje|rolletje|rolletjes|spies|spiesjes|nuggets|toetje|toetjes|broodje|broodjes|dessert|desserts|crème|tussendoortje|borrelhapjes',
    'animal-cut': 'borst|dij|schouder|filet|filets|schnitzel|spareribs|haasje',
    preserved:
      'rozijn|rozijnen|krenten|sultanas|gedroogde pruimen|gedroogde abrikozen|abrikozen gedroogd|gedroogd fruit|gedroogde vruchten|zuidvruchten|gedroogde vijgen|gedroogde mango|gedroogde appel|appelringen|gedroogde peer|gedroogde ananas|gedroogde banaan|bananenchips|gedroogde cranberry s|gedroogde cranberries|gedroogde kersen|sukade|gekonfijt|gekonfijte|gekonfijte vruchten|gekonfijte schil|gekonfijte sinaasappelschil|oranjesnippers|bigarreaux|cocktailkersen|aardappelvlokken|gedroogde aardappel|gedroogde aardappelen|zuurkool|zongedroogde tomaten|artisjokharten|kapper|kappertjes|kapperappels|citroensapconcentraat|citroensap uit concentraat|melasse|appelazijn|ciderazijn|knoflookpuree|gojibessen',
    'preserved-root': 'mierikswortel|mierikswortelpasta|gekonfijte gember|gember op siroop|ingelegde gember',
    'dried-coconut': 'kokosrasp|geraspte kokos|kokosvlokken|kokoschips|kokossnippers',
    prawn: 'garnaal|garnalen|langoustine|langoustines|scampi|gamba|gamba s|garnalenvlees',
    'stuffed-vegetables': 'gevulde paprika|gevulde wijnbladeren|gevulde champignons|gevulde tomaten',
    jerky: 'beef jerky|biltong',
    'pressed-poultry': 'kalkoenham|kipfilet vleeswaren|kiprollade',
    liquorice: 'zoethoutdrop',
    batter: 'uienringen',
    bread:
      'paneermeel|brood|beschuit|toast|toastjes|knäckebröd|knackebrod|roggebrood|stokbrood|croutons|crostini|soepstengels|melba toast|pita|gepaneerd',
    cake: 'koek|koeken|koekje|koekjes|biscuit|biscuits|cake|gebak|taart|gevulde koek',
    'rice-cracker': 'rijstcracker|rijstcrackers|rijstzoutjes',
    crisps: 'chips|aardappelchips|tortillachips|nachos',
    'cured-sausage': 'salami|chorizo|cervelaat|droge worst|fuet|cervelaatworst|boerenmetworst|metworst|nduja',
    'roast-pork': 'fricandeau|casselerrib',
    'stuffed-olives': 'gevulde olijven',
    'truffle-sweet': 'truffels|chocoladetruffels',
    'chocolate-spread': 'chocopasta|chocoladepasta',
    halva: 'halva',
    'lysozyme-cheese': 'grana padano',
    'prepared-mustard': 'dijonmosterd',
    seitan: 'seitan',
    cider: 'cider',
    wasabi: 'wasabi|wasabipasta',
    mousse: 'mousse',
    seafood: 'zeevruchten',
    sushi: 'sushi',
    mortadella: 'mortadella',
    'cheese-dish': 'kaasfondue',
    croquette: 'bitterballen|kroketten|kroket',
    noodles: 'noedels',
    sauce: 'soep|saus|sauzen|dressing|marinade',
    nuggets: 'kipnuggets',
    'blood-pudding': 'bloedworst',
    pate: 'pâté|paté|leverpastei|leverworst',
    'meat-dish': 'gehaktballen|gehaktbal|frikandel|frikandellen|hamburger',
    'butter-sauce': 'hollandaisesaus|bearnaisesaus',
    'white-sauce': 'bechamelsaus|béchamelsaus',
    'egg-tart': 'quiche',
    omelette: 'omelet',
    praline: 'praliné|pralines',
    'soft-flatbread': 'naan|naanbrood',
    gnocchi: 'gnocchi',
    'filled-pasta': 'loempia|loempia s|ravioli|tortellini|tortelloni',
    'peanut-sauce': 'satésaus|satesaus|pindasaus',
    'oyster-sauce': 'oestersaus',
    frangipane: 'frangipane',
    tortilla: 'tortilla|tortilla s',
    tapenade: 'tapenade|olijventapenade',
    'coated-peanuts': 'borrelnoten|borrelnootjes',
    'pickled-cucumber': 'augurk|augurken',
    'soup-greens': 'soepgroenten',
    'spiced-biscuit': 'speculaas|gevulde speculaas|amandelspeculaas|taaitaai|pepernoten|ontbijtkoek',
    'almond-biscuit': 'amaretti|bitterkoekjes|kokosmakronen',
    'egg-liqueur': 'advocaat',
    'egg-pasta': 'eiernoedels|eierpasta|mihoen met ei',
    'egg-custard': 'banketbakkersroom|crème brûlée',
    gluten:
      'biergist|tarwe|tarwebloem|tarwemeel|volkorentarwe|harde tarwe|durumtarwe|durum|griesmeel|tarwegriesmeel|spelt|speltmeel|rogge|roggemeel|roggebloem|gerst|gort|parelgort|gluten|tarwegluten|kamut|khorasan|emmer|eenkoorn|triticale|bulgur|couscous|tarwezetmeel|tarwezemelen|tarwekiemen|tarwe eiwit|tarweëiwit|tarwevezel|zuurdesem|tarwezuurdesem|glutenbevattende granen|volkorenmeel|volkoren meel|desem|patentbloem|freekeh|matze|matzes',
    malt: 'mout|moutextract|gerstemout|gerstemoutextract|moutmeel|moutazijn|moutstroop|gemoute gerst|tarwemout|gerstemoutmeel',
    pasta: 'pasta|deegwaren|spaghetti|macaroni|vermicelli|mie|penne',
    muesli: 'granola|muesli|mueslireep|mueslirepen|granenreep|eiwitreep',
    pastry:
      'wafel|wafels|bladerdeeg|kruimeldeeg|croissant|brioche|stroopwafel|stroopwafels|lange vingers|pannenkoek|pannenkoeken|krakeling|zoute krakelingen|poffertjes|zandkoekjes|cracottes|deeg|pizza|eierkoek|beslag|tompouce',
    flour: 'bloem|meel|granen|graan|zemelen|graanproducten|meergranen|volkoren granen|gepofte granen',
    cracker: 'cracker|crackers|wafeltjes|toastje',
    'wheat-syrup':
      'glucosestroop (tarwe)|glucosestroop van tarwe|tarweglucosestroop|glucosestroop (uit tarwe)|dextrose (tarwe)|tarwedextrose|maltodextrine (tarwe)|tarwemaltodextrine|glucose fructosestroop (tarwe)',
    oats: 'haver|havervlokken|havermout|havermeel|haverzemelen|havervezel',
    'soy-sauce': 'sojasaus|ketjap|ketjap manis|shoyu|tamari',
    miso: 'miso|misopasta',
    milk: 'melk|volle melk|magere melk|halfvolle melk|melkpoeder|magere melkpoeder|vollemelkpoeder|mageremelkpoeder|volle melkpoeder|gecondenseerde melk|zuivel|zuivelproducten|melkproducten|melkbestanddelen|droge melkbestanddelen|koemelk|schapenmelk|geitenmelk|buffelmelk|melkderivaten|melkdroogrest|koffiemelk|zuivelingrediënten',
    'milk-part':
      'lactose|melksuiker|wei|weipoeder|melkvet|botervet|watervrij melkvet|karnemelk|karnemelkpoeder|kefir|boterolie|geklaarde boter|melkchocolade|witte chocolade|vla|zure room|weipermeaat|melkmineralen|hangop|wrongel|biest|zoete wei|roomboterconcentraat|halfvolle kwark',
    'milk-protein':
      'melkeiwit|melkeiwitten|melkproteïne|weieiwit|weiproteïne|wei eiwit|caseïne|caseïnaat|natriumcaseïnaat|calciumcaseïnaat|caseïnaten|lactalbumine|wei eiwitten|weieiwitconcentraat|melkeiwitconcentraat',
    cream: 'room|slagroom|crème fraîche|roompoeder|kookroom|verse room',
    butter: 'boter|roomboter|kruidenboter|boterconcentraat|grasboter',
    yoghurt: 'yoghurt|yoghurtpoeder|griekse yoghurt|magere yoghurt|tzatziki|volle yoghurt',
    'raw-milk':
      'rauwe melk|rauwmelkse|rauwmelks|rauwe koemelk|rauwe geitenmelk|rauwe schapenmelk|ongepasteuriseerd|ongepasteuriseerde melk|boerenkaas van rauwe melk|niet gepasteuriseerd|rauwmelkse kaas|niet gepasteuriseerde melk|rauwe room',
    'pasteurised-milk':
      'gepasteuriseerde melk|gepasteuriseerde koemelk|gepasteuriseerde geitenmelk|gepasteuriseerde schapenmelk|gepasteuriseerde room',
    cheese:
      'kaas|kaaspoeder|geitenkaas|schapenkaas|smeltkaas|geraspte kaas|zachte kaas|kazen|boerenkaas|komijnekaas|zachte geitenkaas',
    'fresh-cheese':
      'kwark|skyr|mozzarella|feta|ricotta|mascarpone|halloumi|roomkaas|hüttenkäse|verse kaas|paneer|burrata|smeerkaas|verse geitenkaas',
    'hard-cheese':
      'cheddar|gouda|edam|edammer|emmentaler|goudse kaas|oude kaas|belegen kaas|jonge kaas|leidse kaas|maasdammer|harde kaas|manchego|provolone|raclette',
    'ripe-cheese':
      'brie|camembert|taleggio|munster|limburger|rommedou|witschimmelkaas|roodschimmelkaas|reblochon|roodbacteriekaas|époisses',
    'soft-blue':
      'gorgonzola|roquefort|blauwe kaas|blauwschimmelkaas|blauwader|blauwaderkaas|danish blue|cambozola',
    'hard-blue': 'stilton',
    'calf-rennet-cheese':
      'parmezaan|parmezaanse kaas|parmigiano|parmigiano reggiano|pecorino|pecorino romano|gruyère|comté',
    custard: 'custard|custardpoeder|pudding|puddingpoeder|vanillevla|banketroom',
    'fruit-curd': 'lemon curd|citroencrème',
    'ice-cream': 'roomijs|consumptie ijs|schepijs',
    creamer: 'koffiecreamer|creamer|koffiewitmaker',
    chocolate:
      'chocolade|pure chocolade|chocoladestukjes|couverture|chocoladecouverture|chocola|cacaofantasie|chocoladeschaafsel|hagelslag|bonbons',
    nougat:
      'nougat|karamel|toffee|fudge|borstplaat|snoep|snoepjes|zuurtjes|ganache|stroopwafelvulling|caramel|noga|caramelstukjes',
    pesto: 'pesto',
    'animal-rennet': 'dierlijk stremsel|kalfsstremsel|stremsel (dierlijk)|lebstremsel|pepsine|dierlijk leb',
    'microbial-rennet':
      'microbieel stremsel|vegetarisch stremsel|stremsel (microbieel)|microbiële stremsel|microbiële enzymen|microbieel stremsel enzym',
    'plant-rennet': 'plantaardig stremsel|stremsel (plantaardig)|distelstremsel',
    rennet: 'stollingsmiddel|stremsel|leb|enzym|enzymen|stollingsenzym|chymosine|stremmiddel',
    egg: 'ei|eieren|eiwit van ei|eiwitpoeder van ei|kippenei|kippeneiwit|eigeel|eigeelpoeder|eierdooier|eidooier|dooier|heel ei|volei|heel eipoeder|eipoeder|kippeneiwitpoeder|scharrelei|scharreleieren|vrije uitloopeieren|vrije uitloop eieren|albumine|ovalbumine|meringue|schuimgebak|lysozym|lysozyme|eiproduct|kippenei eiwit|ei eiwit|ei eigeel|eiwit (ei)|scharreleigeel|scharreleiwit|vloeibaar ei|eierstruif|kippeneieren|eiersalade',
    'raw-egg': 'rauw ei|rauwe eieren|rauwe dooier',
    mayonnaise: 'mayonaise|mayonnaise|fritessaus|aioli|remouladesaus|ravigotesaus|tartaarsaus',
    soy: 'soja|sojaboon|sojabonen|sojameel|sojaolie|soja eiwit|sojaeiwit|soja eiwitten|sojalecithine|tofu|tempé|tempeh|tahoe|edamame|sojamelk|sojadrink|natto|sojaproteïne',
    lecithin: 'lecithine|lecithinen|lecithines',
    'vegetable-protein':
      'plantaardig eiwit|plantaardige eiwitten|gehydrolyseerd plantaardig eiwit|plantaardig eiwithydrolysaat|getextureerd plantaardig eiwit|eiwithydrolysaat',
    protein: 'eiwit|eiwitten|proteïne|eiwitpoeder|eiwitisolaat|eiwitconcentraat|eiwitmix',
    lupin: 'lupine|lupinemeel|lupinebonen|lupinezaad|lupine eiwit',
    almond:
      'amandel|amandelen|amandelmeel|amandelspijs|amandelpasta|amandelschaafsel|amandelboter|amandelstukjes|spijs',
    marzipan: 'marsepein|persipan|banketspijs',
    hazelnut: 'hazelnoot|hazelnoten|gianduja|hazelnootstukjes',
    walnut: 'walnoot|walnoten|okkernoot|okkernoten',
    cashew: 'cashewnoot|cashewnoten|cashew|cashewpasta|cashews',
    pecan: 'pecannoot|pecannoten|pecan|pecans',
    brazil: 'paranoot|paranoten|paranoten',
    pistachio: 'pistache|pistachenoot|pistachenoten|pistaches',
    macadamia: 'macadamia|macadamianoot|macadamianoten|queenslandnoten|queenslandnoot',
    nuts: 'noot|noten|notenmix|gemengde noten|notenolie|studentenhaver|notenmengsel|notensoorten',
    'tree-nuts': 'schaalvruchten|boomnoten|nougatine|dopvruchten|noten met schaal',
    coconut:
      'kokos|kokosvlees|kokosnoot|kokosmelk|kokosolie|kokosvet|kokosmeel|kokosbloesemsuiker|kokosroom|kokoswater|kokoscrème',
    'pine-nut': 'pijnboompit|pijnboompitten|pijnboompitjes',
    peanut:
      'pinda|pinda s|pindas|pindakaas|pindaolie|aardnoot|aardnoten|arachideolie|pindapasta|arachide|apennootjes|pindameel|grondnoten',
    sesame:
      'sesam|sesamzaad|sesamolie|sesampasta|tahin|tahini|tahina|sesamzaadjes|hummus|houmous|gomasio|hoemoes|sesamzaden',
    seed: 'zonnebloempitten|zonnebloempit|pompoenpitten|pompoenpit|lijnzaad|maanzaad|chiazaad|hennepzaad|venkelzaad|komijnzaad|karwijzaad|korianderzaad|chia|zonnebloemzaad|nigellazaad|gebroken lijnzaad|pompoenzaad|psylliumzaad|blauwmaanzaad|pitten van zonnebloem',
    seeds: 'zaden|zaad|zadenmix|pitten|pitten en zaden|gemengde zaden|zaadjes|pittenmix',
    celery:
      'selderij|selderie|selderijzaad|selderijzout|bleekselderij|selderijpoeder|snijselderij|selderijextract|selderijblad|bladselderij|groene selderij',
    celeriac: 'knolselderij|selderijknol|knolselder',
    mustard:
      'mosterd|mosterdzaad|mosterdmeel|mosterdpoeder|mosterdzaadjes|mosterdzaden|piccalilly|mosterdbloem|vinaigrette',
    sulphites:
      'sulfiet|sulfieten|zwaveldioxide|gezwaveld|natriummetabisulfiet|kaliummetabisulfiet|metabisulfiet|natriumbisulfiet|natriumsulfiet|bisulfiet|natriumdisulfiet|kaliumdisulfiet',
    allergens: 'allergeen|allergenen|overige allergenen',
    shellfish: 'schaal en schelpdieren|schaaldieren en weekdieren|zeebanket',
    crustacean:
      'schaaldier|schaaldieren|krab|krabben|kreeft|kreeften|rivierkreeft|rivierkreeftjes|krill|garnalenpasta|trassi|kroepoek|garnalenkroepoek|trassie|krabvlees|kreeftenvlees',
    mollusc:
      'weekdier|weekdieren|mossel|mosselen|oester|oesters|inktvis|inktvissen|pijlinktvis|octopus|coquille|coquilles|sint jakobsschelpen|kokkels|slak|slakken|wulken|schelpdieren|sepia|inktvisinkt|calamares|calamari|venusschelpen|alikruiken',
    'scaled-fish':
      'ansjovis|zalm|forel|haring|makreel|kabeljauw|schelvis|koolvis|alaska koolvis|sprot|schol|heilbot|zeebaars|dorade|karper|baars|snoekbaars|heek|wijting|tilapia|ansjovisfilet|ansjovispasta|maatjes|roodbaars|lekkerbekje|kibbeling|zalmfilet|pollak|griet|tarbot',
    'tinned-fish': 'tonijn|sardine|sardines|sardientjes|tonijnsalade|warmgerookte zalm',
    'smoked-fish': 'gerookte zalm|gravad lax|gerookte forel|koudgerookte zalm|graved lachs|gravlax',
    'raw-fish': 'rauwe vis|ceviche|rolmops|rolmopsen|hollandse nieuwe|zure haring|maatjesharing|sashimi',
    'unscaled-fish':
      'paling|gerookte paling|aal|zeeduivel|meerval|zwaardvis|haai|steur|kaviaar|lompviskuit|rog|kaviaar van lompvis',
    fish: 'vis|vissen|visfilet|kuit|viskuit|witvis|zeevis|visvlees',
    'fish-part':
      'visolie|vissaus|visbouillon|visextract|bonito|dashi|visfond|vislijm|levertraan|vispoeder|nam pla',
    worcester: 'worcestersaus|worcestershiresaus|worcester|worcestershire saus|worcestershire',
    surimi: 'surimi|krabsticks|surimisticks|krabstick',
    pork: 'varken|varkensvlees|varkenslever|varkensschouder|varkensbuik|varkensnek|varkenshaas|speklap|speklappen|varkenswang|varkensham|varkensbuikspek|varkensgehakt|zwijn|varkenskop',
    lard: 'reuzel|varkensvet|zwoerd|varkenszwoerd|rugspek|kaantjes|varkensbloed|varkenseiwit|zwoerdpoeder|varkensvleesextract',
    'cured-pork':
      'pancetta|rauwe ham|ardennerham|serranoham|parmaham|prosciutto|coppa|spek|spekjes|katenspek|ontbijtspek|bacon|guanciale|coburger ham|zeeuws spek|lomo|speck',
    'cooked-pork':
      'ham|gekookte ham|achterham|schouderham|beenham|boterhamworst|berliner|gekookte worst|boerenham',
    boar: 'wild zwijn|everzwijn',
    beef: 'rund|rundvlees|kalf|kalfsvlees|rundergehakt|biefstuk|runderlap|ossenstaart|os|tartaar|filet americain|kalfsgehakt|pens|ossentong|rundertong|carpaccio|ossenworst',
    'beef-part':
      'rundvet|rundervet|runderbouillon|rundvleesextract|ossewit|rundercollageen|kalfsfond|talg|rundereiwit|ossenvet|rundvleesbouillon',
    'cured-beef': 'bresaola|rookvlees|runderrookvlees|cecina|nagelhout|paardenrookvlees',
    'cooked-beef': 'pastrami|rosbief|gebraden rosbief|corned beef|pekelvlees',
    lamb: 'lam|lamsvlees|schapenvlees|geitenvlees|lamsgehakt|merguez',
    poultry:
      'kip|kippenvlees|kalkoen|kalkoenvlees|eend|eendenborst|gans|gevogelte|kipfilet|kalkoenfilet|pluimvee|kwartel|parelhoen|kippendijvlees|kippendij|kippengehakt|eendenvlees|pluimveevlees',
    'poultry-part':
      'kippenbouillon|kippenvet|eendenvet|ganzenvet|kippenextract|kipbouillon|kippenvel|kippenpoeder|kippensoep',
    'cooked-poultry':
      'gekookte kip|gebraden kip|gebraden kipfilet|gerookte kip|gerookte kipfilet|gerookte kalkoen',
    game: 'wild vlees|hert|ree|konijn|haas|fazant|patrijs|duif|paard|paardenvlees|hertenvlees|hertenbiefstuk|wildvlees',
    'animal-fat':
      'dierlijk vet|dierlijke vetten|bloed|bloedplasma|plasma|botten|bot|merg|dierlijk eiwit|dierlijke eiwitten|dierlijk|dierlijke|dierlijke oorsprong|orgaanvlees|hemoglobine|slachtafval|dieren',
    meat: 'vlees|vleesextract|gehakt|nier|niertjes|hart|vleeswaren|kebab|bolognesesaus|vleesbouillon|separatorvlees|gehaktballetjes|shoarma|ragout|stoofvlees|balkenbrij',
    liver:
      'lever|foie gras|terrine|kippenlever|kippenlevertjes|hausmacher|ganzenlever|eendenlever|boerenpaté|rillettes|hoofdkaas|zult',
    sausage:
      'worst|worstje|worstjes|rookworst|knakworst|knakworsten|braadworst|frankfurter|saucijs|saucijzen|hotdog|cocktailworstjes|saucijzenbroodje|verse worst|bratwurst',
    casing:
      'darm|worstvel|runderdarm|varkensdarm|collageendarm|natuurdarm|darmen|schapendarm|omhulsel|worstomhulsel',
    'pork-gelatine': 'varkensgelatine|gelatine (varken)|gelatine van varken|gelatine (varkens)',
    'beef-gelatine': 'rundergelatine|rundgelatine|gelatine (rund)|gelatine van rund|gelatine (runder)',
    'fish-gelatine': 'visgelatine|gelatine (vis)|gelatine van vis',
    gelatine: 'gelatine|eetbare gelatine|collageen|aspic|vleesgelei|gehydrolyseerd collageen|collageeneiwit',
    marshmallow: 'gelei|marshmallow|marshmallows|spekkies|winegums|winegum|gombeertjes|gumsnoep|drop|dropjes',
    honey: 'honing|koninginnegelei|propolis|stuifmeel|bijenpollen|mede|honingpoeder|bijenproducten',
    beeswax: 'bijenwas',
    insects:
      'karmijn|cochenille|karmijnzuur|schellak|insecten|insect|krekel|krekels|krekelmeel|meelworm|meelwormen|karmijnrood|shellac|sprinkhanen',
    glaze: 'glansmiddel|glansmiddelen|glazuur|wassen|was|coating van was',
    colour:
      'kleurstof|kleurstoffen|natuurlijke kleurstof|natuurlijke kleurstoffen|antiklontermiddel|antiklontermiddelen|technische hulpstof|technische hulpstoffen|rode kleurstof|voedingskleurstof',
    onion:
      'ui|uien|uienpoeder|rode ui|sjalot|sjalotten|prei|bieslook|lente ui|lenteui|bosui|gebakken uien|gebakken uitjes|uitjes|zilveruitjes|zilverui|gefrituurde ui|uipoeder|lente uitjes|sjalotjes',
    garlic: 'knoflook|knoflookpoeder|daslook|zwarte knoflook|knoflookextract|look',
    root: 'wortel|wortelen|wortels|winterpeen|peen|aardappel|aardappelen|aardappelzetmeel|aardappelmeel|zoete aardappel|zoete aardappelen|rode biet|rode bieten|biet|bieten|bietenrood|bietensap|radijs|radijzen|rammenas|raap|rapen|knolraap|pastinaak|gember|kurkuma|curcumine|mierik|cassave|tapioca|tapiocazetmeel|aardpeer|schorseneer|schorseneren|cichorei|cichoreiwortel|zoethout|zoethoutwortel|konjac|arrowroot|aardamandel|friet|patat|frites|zwarte wortel|wortelconcentraat|gemodificeerd aardappelzetmeel|bietwortel|koolraap|galanga|laos',
    mushroom:
      'champignon|champignons|paddenstoel|paddenstoelen|truffel|cantharel|cantharellen|eekhoorntjesbrood|shiitake|oesterzwam|oesterzwammen|zwammen|morieljes|porcini|truffelolie|paddestoelen|zwarte truffels',
    spices:
      'specerij|specerijen|specerijenmix|specerijenmengsel|specerijextract|specerijenextract|kerrie|kerriepoeder|garam masala|ras el hanout|harissa|kruidenmix|kruidenmengsel|kruiden en specerijen|sambal|ketchup|tomatensaus|chilisaus|barbecuesaus|curry|koekkruiden|speculaaskruiden|tomatenketchup|currypasta|boemboe|specerijenextracten',
    seasoning: 'smaakmaker|smaakmakers|kruiderij|dip|dipsaus|jus',
    vegetables:
      'groente|groenten|gemengde groenten|gedroogde groenten|groentesap|groentemix|groentepoeder|groenteconcentraat|wortelgroenten|groente extract|groentenextract|groentemengsel|roerbakgroenten',
    wine: 'wijn|rode wijn|witte wijn|port|portwijn|sherry|madeira|marsala|champagne|cognac|brandy|armagnac|rijstwijn|vermout|prosecco|cava|grappa|rosé|glühwein|rosewijn|mousserende wijn',
    beer: 'bier|bieren|pils|abdijbier|bokbier|trappist|tripel|witbier|lager|stout',
    'ginger-beer': 'gemberbier|ginger ale|ginger beer',
    'nut-liqueur': 'amaretto|nocino',
    chestnut: 'kastanje|kastanjes|kastanjemeel|kastanjepuree|tamme kastanje|tamme kastanjes',
    alcohol:
      'alcohol|ethanol|rum|whisky|wodka|gin|jenever|tequila|likeur|kirsch|calvados|brandewijn|sake|mirin|ethylalcohol|bourbon|limoncello|gedistilleerd|kirsch likeur|boerenjongens|kruidenbitter',
    'wine-vinegar':
      'wijnazijn|rode wijnazijn|witte wijnazijn|sherryazijn|balsamicoazijn|balsamico|balsamicoazijn van modena|aceto balsamico|balsamicocrème|champagneazijn|balsamico azijn|aceto balsamico di modena',
    vinegar: 'azijn',
    grape:
      'druivensap|druivenmost|druivensapconcentraat|geconcentreerd druivensap|druivenpitextract|geconcentreerde druivenmost|druivenstroop|gekookte druivenmost|druivenconcentraat',
    'vanilla-extract': 'vanille extract|vanille essence|natuurlijk vanille extract|vanilleextract',
    flavour:
      'aroma|aroma s|aromas|natuurlijk aroma|natuurlijke aroma s|natuurlijke aromas|rookaroma|smaakstof|smaakstoffen|vanille aroma|natuurlijk vanille aroma|aromastoffen|vanillearoma|natuurlijke aromastoffen|natuurlijk vanillearoma',
    'fatty-additive':
      'mono en diglyceriden|mono en diglyceriden van vetzuren|monoglyceriden|diglyceriden|vetzuren|esters van vetzuren|stearinezuur|stearaat|magnesiumstearaat|calciumstearaat|glycerine|glycerol|polysorbaat|polysorbaten|polyglycerolpolyricinoleaat|natriumstearoyllactylaat|natriumstearoyl 2 lactylaat|stearoyllactylaat|sucrose esters|polyglycerolesters|polyglycerolesters van vetzuren|vetzuuresters|sucroseesters',
    emulsifier: 'emulgator|emulgatoren',
    nucleotides:
      'dinatriuminosinaat|dinatriumguanylaat|inosinaat|guanylaat|ribonucleotiden|dinatriumribonucleotiden|natriuminosinaat|natriumguanylaat|dinatrium 5 ribonucleotiden',
    enhancer: 'smaakversterker|smaakversterkers',
    cysteine:
      'cysteïne|l cysteïne|glycine|taurine|meelverbetermiddel|meelverbeteraar|meelverbeteraars|chitosan|glucosamine|keratine|broodverbetermiddel',
    lanolin: 'vitamine d|vitamine d3|vitaminen|vitamines|cholecalciferol|omega 3|dha|epa|lanoline',
    fat: 'vet|vetten|margarine|frituurvet|bakvet|halvarine|spijsvet',
    stock: 'bouillon|bouillonblokje|bouillonpoeder|fond|consommé',
    'vegetable-stock': 'groentebouillon|groentebouillonpoeder|groentefond|plantaardige bouillon|mirepoix',
    gravy: 'vleesjus|roux|witte saus',
    sprouts: 'alfalfa|taugé|alfalfakiemen|kiemgroenten|bonenspruiten|gekiemde zaden|tauge|radijskiemen',
  },
  sources:
    'rijst|zilvervliesrijst|maïs|mais|erwt|erwten|kikkererwt|kikkererwten|linze|linzen|boon|bonen|veldboon|veldbonen|tuinbonen|boekweit|quinoa|gierst|sorghum|teff|amarant|zonnebloem|koolzaad|raapzaad|palm|palmpit|olijf|soja|amandel|hazelnoot|kokos|plantaardig|plantaardige|plantaardige oorsprong|lijnzaad|hennep|pompoen|banaan|aardappel|tapioca|cassave|saffloer|katoen|karité|shea|cacao|lupine|johannesbrood|agave|cellulose|alginaat|rijstzemelen|planten|plant|mungboon|splitterwten|druivenpit|spliterwten|koolraap',
  foods:
    'basmatirijst|basmati|pandanrijst|jasmijnrijst|risottorijst|wilde rijst|rijstvlokken|rijstwafel|boekweitmeel|linzenmeel|teffmeel|gierstvlokken|bloemkoolroosjes|romanesco|spruitjes|spruiten|savooiekool|spitskool|chinese kool|paksoi|snijbiet|ijsbergsla|botersla|eikenbladsla|babyspinazie|babyleaf|postelein|raapsteeltjes|radicchio|okra|maïskolf|babymaïs|peultjes|sugarsnaps|kapucijners|tuinbonen|zwarte bonen|kievitsbonen|limabonen|rode linzen|groene linzen|belugalinzen|pompoen|flespompoen|patisson|trostomaten|cherrytomaten|kerstomaten|gepelde tomaten|puntpaprika|rode paprika|gele paprika|rode peper|groene peper|madame jeanette|pepertjes|jalapeno|bosvruchten|kruisbessen|morel|zure kersen|morellen|kroosjes|mirabellen|granaatappelpitjes|gedroogde dadels|sultanarozijnen|sultana s|sinaasappelschil|citroenschil|appelstukjes|rietsuikermelasse|vanillesuiker|oersuiker|kandijsuiker|kandijsiroop|rijstsiroop|maïsstroop|glucose fructose stroop|roze peper|szechuanpeper|kruizemunt|citroenmelisse|lavas|maggiplant|bonenkruid|koriander blad|korianderblad|limoenblad|kerrieblad|saffloer|spirulina extract|vlierbesconcentraat|appelvezel|bamboevezel|maïsvezel|veldboneneiwit|tuinbooneiwit|zonnebloemeiwit|erwteneiwitisolaat|calciumfosfaat|kaliumfosfaat|magnesiumchloride|magnesiumcarbonaat|natriumdifosfaat|kaliumtartraat|natriumisoascorbaat|rozemarijnextract|acerola|groene thee extract|groene thee|kaliumnitraat|natriumchloride|calciumlactaat|ammoniumbicarbonaat|wijnsteenbakpoeder|water|zout|zeezout|gejodeerd zout|keukenzout|jodiumhoudend zout|gejodeerd keukenzout|suiker|suikers|rietsuiker|basterdsuiker|bruine suiker|poedersuiker|rietsuikerstroop|invertsuiker|invertsuikerstroop|stroop|siroop|keukenstroop|schenkstroop|suikerstroop|glucosestroop|glucose fructosestroop|fructosestroop|fructose glucosestroop|agavesiroop|ahornsiroop|rijststroop|dadelstroop|dadelsiroop|appelstroop|gekarameliseerde suikerstroop|glucose|fructose|dextrose|maltodextrine|maltodextrines|sacharose|zoetstof|zoetstoffen|stevia|steviolglycosiden|erythritol|xylitol|sorbitol|maltitol|mannitol|isomalt|sucralose|aspartaam|acesulfaam|acesulfaam k|sacharine|olie|oliën|zonnebloemolie|raapzaadolie|koolzaadolie|olijfolie|extra vierge olijfolie|vierge|palmolie|palmpitolie|maïsolie|plantaardige olie|plantaardige oliën|plantaardige vetten|plantaardig vet|palmvet|palmpitvet|cacaoboter|sheaboter|plantaardige margarine|zetmeel|gemodificeerd zetmeel|gemodificeerd maïszetmeel|maïszetmeel|rijstzetmeel|erwtenzetmeel|maizena|polenta|maïsmeel|maïsgries|maïsgriesmeel|rijstemeel|rijstmeel|rijstebloem|rijstbloem|boekweitmeel|kikkererwtenmeel|erwtenmeel|vezel|vezels|voedingsvezel|voedingsvezels|erwtenvezel|citrusvezel|inuline|oligofructose|pectine|pectines|agar agar|agar|guargom|guarpitmeel|xanthaangom|xanthaan|johannesbroodpitmeel|arabische gom|acaciagom|gellangom|gellan|carrageen|carragenen|natriumalginaat|alginaten|methylcellulose|hydroxypropylmethylcellulose|cellulosegom|taragom|gom|gist|gisten|gistextract|edelgist|gistvlokken|rijsmiddel|rijsmiddelen|bakpoeder|zuiveringszout|natriumbicarbonaat|natriumwaterstofcarbonaat|natriumcarbonaat|natriumcarbonaten|ammoniumcarbonaat|ammoniumcarbonaten|ammoniumwaterstofcarbonaat|calciumcarbonaat|kaliumcarbonaat|carbonaat|difosfaat|difosfaten|trifosfaat|trifosfaten|polyfosfaten|fosfaat|fosfaten|natriumfosfaat|calciumfosfaat|dinatriumdifosfaat|natrium|kalium|calcium|magnesium|ammonium|dinatrium|trinatrium|calciumchloride|kaliumchloride|chloride|calciumsulfaat|sulfaat|citraat|citraten|natriumcitraat|natriumcitraten|kaliumcitraat|lactaat|natriumlactaat|calciumlactaat|kaliumlactaat|acetaat|natriumacetaat|natriumacetaten|natriumdiacetaat|ascorbaat|natriumascorbaat|natriumerythorbaat|natriumisoascorbaat|sorbaat|kaliumsorbaat|benzoaat|natriumbenzoaat|propionaat|calciumpropionaat|nitriet|natriumnitriet|nitriten|nitraat|kaliumnitraat|natriumnitraat|gluconaat|ijzergluconaat|tartraat|wijnsteen|wijnsteenzuur|malaat|zuur|zuren|citroenzuur|melkzuur|ascorbinezuur|appelzuur|azijnzuur|sorbinezuur|foliumzuur|fosforzuur|voedingszuur|voedingszuren|zuurteregelaar|zuurteregelaars|conserveermiddel|conserveermiddelen|antioxidant|antioxidanten|stabilisator|stabilisatoren|verdikkingsmiddel|verdikkingsmiddelen|geleermiddel|geleermiddelen|verstevigingsmiddel|bevochtigingsmiddel|vulstof|zuursel|zuursels|fermenten|culturen|melkzuurbacteriën|melkzuurculturen|bacteriecultuur|bacterieculturen|startcultuur|startculturen|schimmelcultuur|penicillium|bifidobacteriën|glutamaat|mononatriumglutamaat|natriumglutamaat|vitamine|vitamine a|vitamine b|vitamine b1|vitamine b2|vitamine b6|vitamine b12|vitamine c|vitamine e|vitamine k|niacine|thiamine|riboflavine|ijzer|zink|jodium|mineralen|tocoferol|tocoferolen|tocoferolrijk extract|alfa tocoferol|bètacaroteen|caroteen|carotenen|carotenoïden|annatto|norbixine|anthocyanen|anthocyaan|chlorofyl|chlorofylen|karamel kleurstof|gewone karamel|plantaardige koolstof|paprika extract|paprika|paprikapoeder|paprikaextract|spirulina|alg|algen|zeewier|nori|wakame|carnaubawas|siliciumdioxide|titaandioxide|koolzuur|koolstofdioxide|stikstof|nigari|gips|tomaat|tomaten|tomatenpuree|tomatenconcentraat|tomatenpulp|tomatenpoeder|tomatensap|tomatenblokjes|pulp|peper|zwarte peper|witte peper|pepers|spaanse peper|chilipeper|chili|cayennepeper|jalapeño|komkommer|komkommers|courgette|courgettes|aubergine|aubergines|spinazie|kool|rode kool|witte kool|bloemkool|broccoli|sla|veldsla|rucola|venkel|artisjok|artisjokken|asperge|asperges|olijven|groene olijven|zwarte olijven|kappertje|sperziebonen|doperwten|witte bonen|bruine bonen|kidneybonen|mungbonen|zoete maïs|popcorn|boerenkool|andijvie|witlof|pompoenpuree|kruid|kruiden|tuinkruiden|basilicum|oregano|tijm|rozemarijn|salie|munt|pepermunt|dille|peterselie|koriander|dragon|marjolein|laurier|laurierblad|kervel|komijn|karwij|anijs|steranijs|kaneel|kruidnagel|kruidnagels|kardemom|nootmuskaat|foelie|saffraan|sumak|fenegriek|jeneverbes|jeneverbessen|bonenkruid|citroengras|piment|vanille|vanillestokje|vanillestokjes|vanillepeul|vanillepoeder|vanillezaadjes|vanilline|ethylvanilline|cacaomassa|cacaopoeder|magere cacaopoeder|cacaobonen|cacaonibs|cacaobestanddelen|koffie|thee|citroen|citroenen|citroensap|limoen|limoensap|sinaasappel|sinaasappels|sinaasappelsap|sinaasappelschil|grapefruit|mandarijn|mandarijnen|citrus|citrusvruchten|appel|appels|appelsap|appelmoes|peer|peren|pruim|pruimen|perzik|perziken|nectarine|abrikoos|abrikozen|kers|kersen|druif|druiven|vijg|vijgen|dadel|dadels|dadelpasta|mango|ananas|papaja|passievrucht|kiwi|meloen|watermeloen|granaatappel|kweepeer|guave|lychee|aardbei|aardbeien|framboos|frambozen|blauwe bes|blauwe bessen|bosbes|bosbessen|braam|bramen|cranberry|cranberry s|cranberries|veenbessen|zwarte bes|zwarte bessen|aalbes|aalbessen|rode bessen|vlierbes|vlierbessen|vlierbloesem|rabarber|bes|bessen|fruit|vruchten|vrucht|bosvruchten|avocado|schil|rasp|citroenrasp|sap|sappen|vruchtensap|puree|concentraat|jam|marmelade|compote|vruchtenpasta|gelei van fruit|natuurazijn|alcoholazijn|rijstazijn|kruidenazijn|waterkers|tuinkers|brandnetel|zuring|lavendel|roos|rozenwater|bloem van vlier|bloemen|oranjebloesem|hibiscus|bamboescheuten|jackfruit|tamarinde|wijnbladeren|druivenbladeren|palmharten|extract|extracten|erwteneiwit|erwtenproteïne|rijsteiwit|plantaardige glycerine|plantaardige gelatine|melkzuurbacterie|waterkastanjes|rook|beukenhoutrook|beukenrook|rookzout|boterbonen|eierplant|vleestomaat|vleestomaten|guacamole|maïstortilla|stevia extract|rooibos|kamille|granaatappelpitten|erwtjes|boekweitbloem|kokossuiker|kokosbloesem|vruchtensapconcentraat|plantenextract|plantenextracten|kleurend voedingsmiddel|kleurende voedingsmiddelen|saffloerconcentraat|spirulinaconcentraat|appelconcentraat|johannesbroodmeel|druivenpitolie',
  manner:
    'verhitten|verhit|minuut lang|einde|bodem|etiket|vermeld|gedrukt|plaatsen|mengen|serveer|bewaar|schud|verwijderen van|giet|voeg|voorverwarmen|voorverwarmde|rusten|bakje|afgesloten|luchtdicht|producten|gevangen in|netten|haken|vangstgebied|fao|stille|noordoost|noordzee|waddenzee|geselecteerde|geoogst|met de hand|hand|handgeplukt|geplukt|in plakken|in blokjes|in reepjes|partjes|kwarten|helften|geplet|geplette|gepoft|gekiemd|gekiemde|biologisch dynamisch|steengemalen|molen|buiten|weide|weidegang|ras|rassen|gevoerd|zonder gmo|boer|boeren|producent|producenten|streekproduct|bergen|kust|eiland|drenthe|friesland|gelderland|zeeland|brabant|limburg|noord holland|ardennen|provence|toscane|sicilië|bv|nv|straat|weg|postbus|klantenservice|consument|consumenten|contact|website|verpakkingen|plastic verpakking|restafval|papierbak|inhoud|netto inhoud|nettogewicht|per portie|voorgerecht|bijgerecht|hoofdgerecht|ontbijt|lunch|feest|gasten|specialiteit|recepten|meester|sinds|familie|traditie|ouderwets|ouderwetse|naar|oma|zonovergoten|zongerijpt|zongerijpte|smaken|vol van smaak|boordevol|rijke|volle smaak|verstandig|gevarieerd|dieet|meng|laat|kook|bak|beukenhout|hout|noorwegen|schotland|ierland|ijsland|polen|portugal|denemarken|turkije|marokko|tunesië|chili land|peru|india|china|thailand|mexico|canada|oceaan|warm|warme|koud|koude|afscheiding|jaar|jaren|verstikkingsgevaar|gevaar|toezicht|sluiten|goed sluiten|vermijden|blootstelling|zon|zonlicht|direct|koken|laten|toevoegen|pan en|water koken|vuur|onder vijf|jonger|kunnen achterblijven|achterblijven|en|of|met|zonder|van|de|het|een|der|den|in|uit|op|aan|bij|te|ter|ten|voor|om|door|naar|tot|als|dat|die|dit|deze|wordt|worden|is|zijn|kan|kunnen|mogelijk|eventueel|bevat|bevatten|bevattende|sporen|spoor|aanwezig|aanwezigheid|ook|andere|ander|gemaakt|geproduceerd|verwerkt|verpakt|bereid|bedrijf|fabriek|productielijn|lijn|lijnen|waar|waarin|wij|we|onze|ons|u|uw|je|niet|geen|nooit|meer|minder|minstens|zeer|alle|elk|elke|maar|na|vóór|tijdens|tussen|over|onder|ongeveer|ca|circa|per|s|t|ingrediënt|ingrediënten|ingredienten|ingredientendeclaratie|samenstelling|lijst|biologisch|biologische|landbouw|natuurlijk|natuurlijke|vers|verse|droog|droge|gedroogd|gedroogde|gevriesdroogd|gevriesdroogde|gemalen|gebroken|gehakte|gesneden|plakken|plakjes|plak|geraspt|geraspte|geroosterd|geroosterde|gebrand|gebrande|gebakken|gefrituurd|gefrituurde|gekookt|gekookte|gestoomd|gestoomde|gegaard|gegaarde|gegrild|gegrilde|rauw|rauwe|rijp|rijpe|gerijpt|gerijpte|ontpit|ontpitte|gepeld|gepelde|geschild|geschilde|gedopt|heel|hele|volkoren|gedeeltelijk|deels|gezouten|ongezouten|zoet|zoete|gezoet|gesuikerd|gerookt|gerookte|geperst|koudgeperst|koudgeperste|geraffineerd|geraffineerde|gehard|geharde|ongehard|volledig|extra|fijn|fijne|grof|grove|licht|lichte|laag|hoog|verlaagd|gehalte|vetgehalte|rijk|bron|geconcentreerd|geconcentreerde|gereconstitueerd|poeder|vlokken|stukjes|stuk|stukken|korrels|granulaat|reepjes|blokjes|schijfjes|ringen|staafjes|soort|type|stijl|kwaliteit|geselecteerd|traditioneel|traditionele|ambachtelijk|ambachtelijke|huisgemaakt|huisgemaakte|gefermenteerd|gefermenteerde|gemarineerd|gemarineerde|aangezuurd|behandeld|verrijkt|minimaal|maximaal|min|max|totaal|totale|wisselende|verhouding|verhoudingen|gewicht|netto|uitlekgewicht|basis|op basis|mengsel|mix|gemengd|gemengde|gevuld|gevulde|omhuld|omhulde|laagje|toplaag|gecertificeerd|gecertificeerde|duurzaam|duurzame|fairtrade|eu|niet eu|nederland|nederlands|nederlandse|belgië|belgisch|belgische|italië|italiaans|italiaanse|spanje|spaans|spaanse|frankrijk|frans|franse|griekenland|grieks|griekse|duitsland|duits|duitse|europa|europese|land|herkomst|oorsprong|streek|lokaal|ingevoerd|gevangen|gekweekt|geteeld|kweek|teelt|zee|middellandse|noord|zuid|oost|west|atlantische|bewaren|bewaar|koel|koele|koel en droog|plaats|donker|donkere|licht en|warmte|temperatuur|kamertemperatuur|koelkast|gekoeld|bevroren|diepvries|diepgevroren|invriezen|ontdooien|ontdooid|opnieuw|na openen|openen|opening|geopend|gesloten|verpakking|consumeren|consumptie|gebruiken|gebruik|binnen|dagen|dag|weken|maanden|uur|minuten|minuut|ten minste houdbaar tot|houdbaar|houdbaarheid|datum|zie|deksel|achterkant|pot|potje|blik|fles|zak|zakje|doos|bakje|beschermende atmosfeer|beschermende|atmosfeer|serveren|genieten|serveersuggestie|serveertip|ideaal|heerlijk|heerlijke|lekker|lekkere|perfect|recept|portie|porties|schudden|schud|roeren|spoelen|gewassen|goed|klaar|eten|opwarmen|verwarmen|verwarm|oven|pan|magnetron|geschikt|ongeschikt|mensen|personen|allergie|allergieën|allergisch|allergische|allergie informatie|allergenen vetgedrukt|intolerantie|intoleranties|informatie|waarschuwing|let op|vetgedrukt|voedingswaarde|voedingswaarden|voedingswaardevermelding|gemiddelde|waarden|energie|kcal|kj|waarvan|verzadigde|verzadigd|koolhydraten|referentie|inname|dagelijkse|volwassene|partij|nummer|code|g|kg|mg|ml|cl|cm|mm|klasse|maat|groot|grote|klein|kleine|nieuw|nieuwe|origineel|originele|klassiek|klassieke|puur|zuiver|zuivere|echt|echte|karton|plastic|recyclebaar|kinderen|pit|schaal|graten|graatjes|resten|ondanks|zorg|verwijderen|verwijder|vel|huid|zonder vel|zonder huid|uitgebeend|koe|geit|schaap|schapen|geiten|buffel|mager|magere|vol|volle|halfvol|halfvolle|genetisch|gmo|kunstmatig|kunstmatige|toegevoegd|toegevoegde|toevoeging|toevoegingen|gepasteuriseerd|gepasteuriseerde|gesteriliseerd|gehomogeniseerd|uht|gehydrolyseerd|gehydrolyseerde|getextureerd|getextureerde|verkregen|extractie|knapperig|knapperige|krokant|krokante|zacht|zachte|romig|romige|mals|malse|smaakvol|hartig|hartige|pikant|pikante|pittig|pittige|kruidig|kruidige|borrel|lang|rond|ronde|jong|jonge|oud|oude|zwart|zwarte|wit|witte|rood|rode|groen|groene|geel|gele|bruin|bruine|goud|gouden|cherrytomaatjes|tros|methode|kruisbesmetting|kruiscontaminatie|garanderen|gegarandeerd|garantie|afwezigheid|uitsluiten|uitgesloten|vrij|vrije|voeding|voedsel|voedingsmiddel|drank|drink|smaak|geur|b|c|k|n|g|ph|vegan|vegetarisch|veganisten|vegetariërs|coeliakie|keuken|gebruikte|gebruikt|gebruiken van|apparatuur|omgeving|dezelfde|afkomstig|ingelegd|ingelegde|zoetzuur|hoeveelheid|eetbaar|niet eetbaar|eetbare|scharrel|uitloop|boeren|hollands|hollandse|zaans|limburgs|vlaams|vlaamse|trots|smeuïg|smeuïge|vloeibaar|vloeibare|ongebrand|ongebrande|ongebrande noten|zongedroogd|zongedroogde|gezwollen|gepoft|gepofte|geëxtrudeerd',
  handling:
    'bewaren|bewaar|koelkast|openen|opening|geopend|consumeren|gebruiken|houdbaar|houdbaarheid|serveren|serveer|schudden|schud|spoelen|wassen|verwarmen|verhitten|koken|bakken|oven|magnetron|invriezen|ontdooien|verpakking|voedingswaarde|herkomst|temperatuur|geschikt|bereiding|uitlekgewicht|verstikkingsgevaar|toezicht|genieten|gewicht',
  plantMilk:
    'haver|soja|kokos|kokosnoot|cashew|amandel|rijst|erwten|hennep|hazelnoot|macadamia|noten|walnoot|spelt|plantaardig|plantaardige|lupine|quinoa|aardamandel',
  plantButter:
    'cacao|shea|karité|pinda|amandel|cashew|hazelnoot|noten|kokos|pistache|sesam|appel|zonnebloempit|pompoenpit|plantaardig|plantaardige',
  plantAfter: false,
  joints: 'van|uit|op basis van',
  plantMade: 'vegan|veganistisch|veganistische|plantaardig|plantaardige',
  freeAfter: 'vrij|vrije|loos|loze',
  freeEndings: ['vrij', 'vrije', 'loos', 'loze'],
  heading: 'ingredienten|ingredientendeclaratie|ingredientenlijst|samenstelling',
  may: '\\b(?:kan|kunnen)(?= [^.;]{0,120}bevatten\\b)|\\bkan (?:ook |mogelijk )?sporen|\\b(?:mogelijke?|eventuele?) (?:sporen|aanwezigheid)|\\b(?:bevat )?(?:mogelijk|eventueel) (?:ook )?(?:sporen)?|\\bsporen van\\b|\\b(?:gemaakt|geproduceerd|verpakt|verwerkt|bereid|vervaardigd) in (?:een|ons|onze|dezelfde|de)|\\bin (?:een|ons|onze|dezelfde) (?:bedrijf|fabriek|productieruimte|keuken|omgeving|bakkerij|productielijn|lijn)|\\b(?:kruisbesmetting|kruiscontaminatie)|\\b(?:niet|kunnen) (?:\\w+ ){0,3}(?:garanderen|uitsluiten|uitgesloten)|\\bniet geschikt voor (?:mensen|personen)(?= [^.;]{0,80}(?:allerg|intoler))',
  freeFrom: '\\b(?:zonder(?: toegevoegde?| toevoeging van)?|vrij van|bevat geen|bevatten geen)\\b',
  contains:
    '\\bbevat(?:ten)?\\b(?! (?:geen|mogelijk|sporen|eventueel))|\\b(?:gemaakt met|bereid met|gevuld met|omhuld met|bedekt met|bestrooid met|gebakken in|gefrituurd in|geserveerd met)\\b|\\ballergenen\\s*:|\\ballergie ?informatie\\s*:',
  denial: 'niet|geen|nooit|noch',
  vegan: 'vegan|veganistisch|veganistische|veganisten',
  vegetarian: 'vegetarisch|vegetarische|vegetariërs',
  nutrition:
    'energie|vet|vetten|verzadigde vetzuren|waarvan verzadigde vetzuren|verzadigd|vetzuren|waarvan verzadigd|koolhydraten|suikers|waarvan suikers|vezels|voedingsvezel|voedingsvezels|eiwit|eiwitten|zout|natrium|polyolen|erythritol|zetmeel|vitamine d|alcohol',
  unsuitable: 'niet geschikt voor|ongeschikt voor',
};
