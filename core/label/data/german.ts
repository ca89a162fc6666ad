import type { Language } from '../language.js';

export const german: Language = {
  id: 'de',
  name: 'German',
  letters: 'äöüß',
  endings: ['n', 'en', 'e', 'er', 's', 'es', 'em', 'ern'],
  compounds: true,
  links: ['s', 'n', 'en', 'es', 'er', 'e'],
  terms: {
    'nut-cream': 'nusscreme|nussaufstrich',
    'hazelnut-cream': 'haselnusscreme|haselnussaufstrich',
    'pistachio-cream': 'pistaziencreme',
    'almond-cream': 'mandelcreme',
    'made-part': 'füllung|überzug|belag',
    cornflakes: 'cornflakes',
    chutney: 'chutney|chutneys|relish',
    'made-up':
      'riegel|snack|snacks|bällchen|happen|ringel|creme|cremes|taler|taschen|tasche|spieße|spieß|kugeln|aufstrich|brotaufstrich|nuggets|röllchen|rolle|rollen|pausensnack|sandwich|sandwiches|dessert|desserts|nachtisch',
    'animal-cut': 'brust|keule|filet|filets|schulter|bauch|schnitzel|rippchen',
    preserved:
      'rosinen|rosine|sultaninen|sultanine|korinthen|backpflaumen|trockenpflaumen|trockenobst|trockenfrüchte|trockenfrucht|dörrobst|dörrpflaumen|getrocknete aprikosen|getrocknete früchte|getrocknete feigen|getrocknete mango|getrocknete äpfel|getrocknete apfelringe|apfelringe|getrocknete birnen|getrocknete ananas|getrocknete bananen|bananenchips|getrocknete cranberries|getrocknete kirschen|getrocknete pflaumen|getrocknete pfirsiche|aprikosen getrocknet|trockenaprikosen|softaprikosen|zitronat|orangeat|kandierte|kandierte früchte|kandierte kirschen|belegkirschen|cocktailkirschen|kartoffelflocken|kartoffelpüree|kartoffelpüreepulver|trockenkartoffeln|sauerkraut|getrocknete tomaten|artischockenherzen|kapern|kapernäpfel|zitronensaftkonzentrat|zitronensaft aus zitronensaftkonzentrat|melasse|zuckerrübensirup aus melasse|apfelessig|knoblauchpaste|gojibeeren',
    'preserved-root': 'meerrettich|kandierter ingwer|eingelegter ingwer|sahnemeerrettich aus meerrettich',
    'dried-coconut': 'kokosraspel|kokosraspeln|kokosflocken|kokosnussraspeln|kokoschips',
    prawn: 'garnele|garnelen|shrimps|krabbe|krabben|scampi|krevetten|kaisergranat|nordseekrabben',
    'stuffed-vegetables':
      'gefüllte paprika|gefüllte weinblätter|gefüllte champignons|gefüllte tomaten|dolmas',
    liquorice: 'lakritz|lakritze|lakritzschnecken',
    jerky: 'beef jerky|biltong',
    'pressed-poultry': 'putenschinken|hähnchenwurst|geflügelwurst',
    batter: 'zwiebelringe',
    bread:
      'paniermehl|semmelbrösel|brösel|panade|brot|brötchen|toast|toastbrot|knäckebrot|zwieback|fladenbrot|laugengebäck|semmel|baguette|ciabatta|pumpernickel|pita|grissini',
    cake: 'keks|kekse|gebäck|kuchen|torte|plätzchen|strudel',
    'rice-cracker': 'reiscracker|reiskräcker',
    crisps: 'chips|kartoffelchips|tortillachips|nachos',
    'cured-sausage':
      'salami|chorizo|landjäger|rohwurst|cervelatwurst|mettwurst|teewurst|kabanossi|pfefferbeißer|nduja',
    'roast-pork': 'kasseler|schweinebraten',
    'stuffed-olives': 'gefüllte oliven',
    'truffle-sweet': 'trüffeln|schokoladentrüffel|schokotrüffel|trüffelpralinen',
    'chocolate-spread': 'schokoaufstrich|schokoladenaufstrich|schokocreme|schokoladencreme',
    halva: 'halva',
    'lysozyme-cheese': 'grana padano',
    'prepared-mustard': 'dijonsenf|mostrich',
    seitan: 'seitan',
    cider: 'apfelwein|cidre|cider',
    wasabi: 'wasabi|wasabipaste',
    'curry-paste': 'currypaste|rote currypaste|grüne currypaste|gelbe currypaste',
    'caesar-dressing': 'remoulade|tartarsauce',
    'peanut-sauce': 'erdnusssauce|erdnusssoße|erdnuss sauce',
    'oyster-sauce': 'austernsauce|austernsoße',
    croquette: 'kroketten|krokette',
    mortadella: 'mortadella',
    'cheese-dish': 'fondue|käsefondue',
    mousse: 'mousse',
    seafood: 'meeresfrüchte|meeresfrüchten',
    sushi: 'sushi',
    breaded: 'croutons|paniert|panierte',
    noodles: 'nudeln',
    sauce:
      'suppe|suppen|soße|soßen|sauce|saucen|dressing|marinade|dip|dips|salatdressing|salatsoße|senfsauce|kapernsauce',
    nuggets: 'chicken nuggets|hähnchennuggets',
    'blood-pudding': 'blutwurst',
    pate: 'leberwurst|pastete|leberpastete|terrine|pâté',
    'meat-dish':
      'frikadelle|frikadellen|hackbällchen|bulette|buletten|fleischpflanzerl|hackbraten|burger|hamburger|bolognese',
    'butter-sauce': 'sauce hollandaise|hollandaise|sauce béarnaise|sauce bearnaise',
    'white-sauce': 'bechamel|béchamel|bechamelsauce|béchamelsauce|bechamelsoße',
    'choux-pastry': 'brandteig|windbeutel|profiteroles',
    'egg-tart': 'quiche|quiche lorraine',
    omelette: 'omelett|omelette|frittata',
    praline: 'praliné|pralinen',
    gnocchi: 'gnocchi',
    'filled-pasta': 'maultaschen|ravioli|tortellini|tortelloni',
    stollen: 'stollen|christstollen',
    frangipane: 'frangipane',
    tortilla: 'tortilla|tortillas|wraps',
    tapenade: 'tapenade|olivenpaste',
    'pickled-cucumber': 'gewürzgurke|gewürzgurken|essiggurken|cornichons|senfgurken|gurken in essig',
    'soup-greens': 'suppengrün|suppengemüse|wurzelwerk',
    'spiced-biscuit': 'lebkuchen|spekulatius|printen|florentiner|elisenlebkuchen|pfefferkuchen|gewürzkuchen',
    'almond-biscuit': 'amaretti|makronen|macarons',
    'egg-liqueur': 'eierlikör|eierlikörfüllung',
    'egg-pasta': 'spätzle|eiernudeln|eierteigwaren|eierspätzle|frischeiteigwaren',
    'egg-custard': 'konditorcreme|vanillecreme|englische creme|bayerische creme',
    gluten:
      'weizen|hartweizen|weichweizen|weizenmehl|weizengriess|dinkel|roggen|gerste|gersten|emmer|einkorn|kamut|khorasan|grünkern|triticale|bulgur|couscous|gluten|griess|hartweizengriess|graupen|perlgraupen|glutenhaltige getreide|glutenhaltiges getreide|weizeneiweiß|weizenprotein|weizenkleie|vollkornmehl|semola|urkorn|durum|weizenstärke|grieß',
    malt: 'malz|malzextrakt|malzmehl|malzessig|gerstenmalz|gerstenmalzextrakt|malzsirup|weizenmalz|röstmalz',
    pasta: 'nudel|teigware|teigwaren|spaghetti|makkaroni|sauerteig|roggensauerteig|weizensauerteig',
    muesli: 'müsli|müsliriegel|proteinriegel|getreideriegel|energieriegel',
    pastry:
      'waffel|waffeln|blätterteig|mürbeteig|croissant|brioche|biskuit|teig|brezel|brezeln|pfannkuchen|butterkeks|löffelbiskuit|oblaten|knödel',
    flour:
      'mehl|getreide|getreidemehl|kleie|getreideerzeugnisse|mehrkorn|vollkorngetreide|cerealien|flocken aus getreide|schrot|crispies',
    cracker: 'cracker|kräcker',
    'wheat-syrup':
      'glukosesirup (weizen)|glukosesirup (aus weizen)|glukosesirup aus weizen|weizenglukosesirup|dextrose (weizen)|dextrose (aus weizen)|maltodextrin (weizen)|maltodextrin (aus weizen)|glucosesirup (weizen)|glucosesirup (aus weizen)|glucosesirup aus weizen|weizendextrose',
    oats: 'hafer|haferflocken|hafermehl|haferkleie|vollkornhafer|haferfaser',
    'soy-sauce': 'sojasauce|sojasoße|shoyu|tamari|sojasosse',
    miso: 'miso|misopaste',
    milk: 'milch|vollmilch|magermilch|milchpulver|vollmilchpulver|magermilchpulver|trockenmilch|kondensmilch|milcherzeugnis|milcherzeugnisse|milchbestandteile|milchtrockenmasse|kuhmilch|schafmilch|ziegenmilch|büffelmilch|milchprodukte|molkereiprodukte|heumilch|milchanteil',
    'milk-part':
      'molke|molken|molkenpulver|süßmolke|süßmolkenpulver|molkenerzeugnis|molkenerzeugnisse|laktose|lactose|milchzucker|milchfett|buttermilch|buttermilchpulver|butterreinfett|butterfett|butterschmalz|topfen|kefir|sauermilch|dickmilch|vollmilchschokolade|milchschokolade|weiße schokolade|molkenpermeat|molkepulver|molkenmineralien|ayran|butterfettanteil|süssmolkepulver|süßmolkepulver',
    'milk-protein':
      'milcheiweiß|milchprotein|molkeneiweiß|molkenprotein|kasein|casein|kaseinat|caseinat|natriumcaseinat|natriumkaseinat|calciumcaseinat|molkenproteinkonzentrat|molkenproteinisolat|laktalbumin|milcheiweisserzeugnis|molkenproteine|lactalbumin',
    cream:
      'sahne|rahm|sauerrahm|schmand|crème fraîche|schlagsahne|sahnepulver|schlagobers|obers|süßrahm|creme double|kaffeesahne|saure sahne|rahmpulver',
    butter: 'butter|butterzubereitung|süßrahmbutter|sauerrahmbutter|kräuterbutter',
    yoghurt: 'joghurt|jogurt|joghurtpulver|magermilchjoghurt|tzatziki|zaziki',
    'raw-milk':
      'rohmilch|rohmilchkäse|nicht pasteurisiert|nicht pasteurisierte milch|unpasteurisiert|rohe milch|kuhrohmilch|schafrohmilch|rohrahm',
    'pasteurised-milk':
      'pasteurisierte milch|pasteurisierter milch|pasteurisierte kuhmilch|pasteurisierter kuhmilch|pasteurisierte schafmilch|pasteurisierte ziegenmilch|pasteurisierter ziegenmilch|pasteurisierter schafmilch|milch pasteurisiert',
    cheese:
      'käse|käsepulver|ziegenkäse|schafskäse|schafkäse|weichkäse|schnittkäse|schmelzkäse|reibekäse|käsezubereitung|streukäse|raclettekäse',
    'fresh-cheese':
      'quark|skyr|speisequark|mozzarella|feta|ricotta|mascarpone|halloumi|frischkäse|hüttenkäse|paneer|hirtenkäse|burrata|frischkäsezubereitung|salzlakenkäse',
    'hard-cheese':
      'cheddar|gouda|edamer|emmentaler|hartkäse|bergkäse|tilsiter|butterkäse|maasdamer|manchego|provolone|raclette|appenzeller|allgäuer',
    'ripe-cheese':
      'brie|camembert|taleggio|munster|limburger|romadur|rotschmierkäse|weißschimmelkäse|reblochon|weissschimmelkäse|harzer',
    'soft-blue': 'gorgonzola|roquefort|blauschimmelkäse|edelpilzkäse|cambozola|blauschimmel',
    'calf-rennet-cheese':
      'parmesan|parmigiano|parmigiano reggiano|pecorino|pecorino romano|gruyère|greyerzer|comté',
    custard: 'vanillepudding|puddingpulver|pudding|vanillesauce|vanillesoße|eiercreme|cremepulver',
    'ice-cream': 'eiscreme|speiseeis|sahneeis|milcheis|eiskrem',
    creamer: 'kaffeeweißer|kaffeeweisser',
    chocolate:
      'schokolade|zartbitterschokolade|kuvertüre|bitterschokolade|schokoladenstückchen|edelbitterschokolade|schokoladen|kakaohaltige fettglasur|fettglasur|schoko|schokostückchen',
    nougat:
      'nougat|karamell|toffee|nugat|karamellsirup|bonbon|bonbons|karamellbonbon|süßwaren|zuckerstreusel|nuss nougat creme|haselnussnougat',
    pesto: 'pesto',
    'animal-rennet':
      'kälberlab|tierisches lab|naturlab|labferment tierisch|lab (tierisch)|kalbslab|tierischem lab|lämmerlab|pepsin',
    'microbial-rennet':
      'mikrobielles lab|mikrobieller labaustauschstoff|mikrobieller labaustausch|labaustauschstoff|labaustauscher|vegetarisches lab|lab (mikrobiell)|mikrobiellem lab|mikrobielle lab|mikrobielles labaustauschstoff',
    'plant-rennet': 'pflanzliches lab|pflanzlichem lab|distellab|lab (pflanzlich)',
    rennet:
      'lab|labextrakt|enzym|enzyme|gerinnungsenzym|labenzym|chymosin|lab pulver|labpulver|gerinnungsmittel',
    egg: 'ei|eier|eiern|eies|hühnerei|hühnereier|vollei|volleipulver|eigelb|eigelbpulver|eiweiß|eiweißpulver|hühnereiweiß|hühnereiweißpulver|hühnereigelb|hühnervollei|eiklar|eiklarpulver|trockenei|eipulver|eidotter|dotter|baiser|meringue|albumin|lysozym|freilandei|freilandeier|bodenhaltungseier|flüssigei|hühnertrockeneiweiß|eischnee|trockeneigelb|trockeneiweiß|vollei pulver|ovalbumin',
    'raw-egg': 'rohes ei|rohe eier|rohei',
    mayonnaise: 'mayonnaise|majonäse|salatmayonnaise|aioli|salatcreme',
    soy: 'soja|sojabohne|sojabohnen|sojamehl|sojaöl|sojaeiweiß|sojaprotein|sojalecithin|sojalecithine|tofu|tempeh|edamame|sojamilch|sojadrink|sojaflocken|sojaisolat|natto|räuchertofu|sojaeiweißisolat',
    lecithin: 'lecithin|lecithine|lezithin|lezithine',
    'vegetable-protein':
      'pflanzeneiweiß|pflanzenprotein|pflanzliches eiweiß|pflanzliches protein|pflanzliche eiweiß|hydrolysiertes pflanzeneiweiß|eiweißhydrolysat|pflanzliche proteine|pflanzliches eiweißhydrolysat|würzeiweiss',
    protein: 'protein|proteine|proteinpulver|proteinmischung|proteinisolat|proteinhydrolysat',
    lupin: 'lupine|lupinen|lupinenmehl|lupineneiweiß|süßlupine|süßlupinen|süßlupinenmehl',
    almond: 'mandel|mandeln|mandelmehl|mandelmus|mandelkerne|mandelblättchen|mandelstifte|mandelpaste',
    marzipan: 'marzipan|marzipanrohmasse|persipan|edelmarzipan',
    hazelnut:
      'haselnuss|haselnüsse|haselnusskerne|haselnussmark|haselnusspaste|gianduja|haselnussmasse|haselnuß|haselnüssen',
    walnut: 'walnuss|walnüsse|walnusskerne|baumnüsse|baumnuss|walnuß|walnüssen',
    cashew:
      'cashew|cashewkerne|cashewkern|cashewnuss|cashewnüsse|kaschunuss|kaschunüsse|cashewmus|cashewnüssen',
    pecan: 'pekannuss|pekannüsse|pecannuss|pecannüsse|pekan',
    brazil: 'paranuss|paranüsse|paranüssen',
    pistachio: 'pistazie|pistazien|pistazienkerne|pistazienmark',
    macadamia: 'macadamia|macadamianuss|macadamianüsse|queenslandnuss|queenslandnüsse|macadamianüssen',
    nuts: 'nuss|nüsse|nüssen|nussmischung|nussmus|nussöl|nusskerne|nuss mischung|nussstücke|nußkerne|nuß|nussanteile|studentenfutter|nussmark',
    'tree-nuts': 'schalenfrüchte|schalenfrüchten|schalenfrucht|krokant|hartschalenobst',
    coconut:
      'kokos|kokosnuss|kokosnüsse|kokosmilch|kokosöl|kokosfett|kokosblütenzucker|kokosmehl|kokosnussfleisch|kokosnussmilch|kokoswasser|kokosnussöl|kokosextrakt|kokosnussextrakt|kokosmark|kokosfleisch',
    'pine-nut': 'pinienkern|pinienkerne|pinienkernen|pinien|pinienkernöl',
    peanut:
      'erdnuss|erdnüsse|erdnüssen|erdnusskerne|erdnussöl|erdnussbutter|erdnussmus|erdnussmehl|erdnuß|erdnußkerne|arachidöl|erdnussmark|erdnussflips',
    sesame:
      'sesam|sesamsamen|sesamöl|sesampaste|tahin|tahini|tahina|sesammus|sesamsaat|sesammark|hummus|gomasio|sesamkörner',
    seed: 'sonnenblumenkerne|sonnenblumenkern|kürbiskerne|kürbiskern|leinsamen|leinsaat|chiasamen|chia|mohn|mohnsamen|hanfsamen|kümmelsamen|schwarzkümmel|hanfsaat|sonnenblumensamen|kürbissamen|flohsamen',
    seeds: 'saaten|samen|körner|kernmischung|ölsaaten|saatenmischung|saat|körnermischung',
    celery:
      'sellerie|selleriesaat|selleriesalz|staudensellerie|selleriepulver|selleriesamen|bleichsellerie|stangensellerie|selleriesaft|sellerieblätter|sellerieextrakt',
    celeriac: 'knollensellerie|sellerieknolle',
    mustard: 'senf|senfsaat|senfkörner|senfmehl|senfsamen|senfpulver|senföl|branntweinsenf|senfsaaten',
    sulphites:
      'sulfit|sulfite|sulfiten|schwefeldioxid|geschwefelt|natriummetabisulfit|kaliummetabisulfit|natriumdisulfit|kaliumdisulfit|natriumsulfit|metabisulfit|schwefeldioxyd|natriumbisulfit|schweflige säure|natriumhydrogensulfit|bisulfit|disulfit',
    allergens: 'allergen|allergene|allergenen',
    shellfish: 'schalentiere|schalentieren|meerestiere',
    crustacean:
      'krebstier|krebstiere|krebstieren|krebs|krebse|hummer|languste|langusten|flusskrebs|krill|garnelenpaste|krustentiere|krebsfleisch|krabbenfleisch|krustentier',
    mollusc:
      'weichtier|weichtiere|weichtieren|muschel|muscheln|miesmuscheln|auster|austern|tintenfisch|tintenfische|kalmar|calamari|oktopus|krake|jakobsmuschel|jakobsmuscheln|venusmuscheln|schnecke|schnecken|sepia|tintenfischtinte|pulpo',
    'scaled-fish':
      'sardelle|sardellen|anchovis|lachs|forelle|hering|heringe|matjes|makrele|makrelen|kabeljau|dorsch|schellfisch|seelachs|alaska seelachs|sprotte|sprotten|barsch|zander|karpfen|scholle|heilbutt|lachsfilet|forellenfilet|rotbarsch|seehecht|dorade|wolfsbarsch|sardellenpaste|sardellenfilets|anchosen|saibling',
    'tinned-fish': 'thunfisch|sardine|sardinen|thunfischfilet',
    'smoked-fish':
      'räucherlachs|graved lachs|geräucherter lachs|räucherforelle|graved|kaltgeräucherter lachs',
    'raw-fish': 'roher fisch|rollmops|bismarckhering|ceviche',
    'unscaled-fish': 'aal|räucheraal|seeteufel|wels|schwertfisch|hai|stör|kaviar|seehasenrogen',
    fish: 'fisch|fische|fischen|fischfilet|fischrogen|rogen|weißfisch|fischerzeugnis|fischerzeugnisse|seefisch',
    'fish-part':
      'fischöl|fischsauce|fischsoße|fischgelatine sud|fischextrakt|fischfond|hausenblase|bonito|dashi|fischpulver|lebertran',
    worcester:
      'worcestersauce|worcestershiresauce|worcester|worcestersoße|worcestershire sauce|worcester sauce',
    surimi: 'surimi',
    pork: 'schwein|schweine|schweinefleisch|schweineleber|schweinebauch|schweineschulter|schweineherz|schweinenacken|ferkel|schweinebacke|schweinelende|schweinekamm|schweinemagen',
    lard: 'schmalz|schweineschmalz|schweinefett|schweineschwarte|schwarte|speck|rückenspeck|schweinespeck|griebenschmalz|grieben|schwarten|schweinebraten fond|schweineblut|schwartenpulver|schweineeiweiß',
    'cured-pork':
      'pancetta|rohschinken|schwarzwälder schinken|prosciutto|coppa|serranoschinken|parmaschinken|bacon|schinkenspeck|lachsschinken|katenschinken|nussschinken|südtiroler speck|schinkenwürfel',
    'cooked-pork':
      'schinken|kochschinken|hinterschinken|vorderschinken|leberkäse|fleischkäse|lyoner|bierschinken|fleischwurst|wiener|wiener würstchen|frankfurter|kochpökelware',
    boar: 'wildschwein|wildschweinfleisch',
    beef: 'rind|rinder|rindfleisch|kalb|kalbfleisch|ochse|rinderhack|kalbsleber|rinderleber|ochsenfleisch|hackfleisch|rinderbrust|kalbs|rinds',
    'beef-part':
      'rindertalg|talg|rinderfett|rinderfond|rinderbrühe|rinderextrakt|rindfleischextrakt|rinderkollagen|rinderfettgewebe|rindernierenfett|kalbsfond',
    'cured-beef': 'bresaola|bündnerfleisch|rinderschinken|rindersalami',
    'cooked-beef': 'pastrami|roastbeef|corned beef',
    lamb: 'lamm|lammfleisch|hammel|hammelfleisch|schaffleisch|ziegenfleisch|merguez',
    poultry:
      'huhn|hühner|hühnerfleisch|hähnchen|hähnchenfleisch|hähnchenbrust|pute|puten|putenfleisch|truthahn|truthahnfleisch|ente|enten|entenfleisch|gans|gänse|gänsefleisch|geflügel|geflügelfleisch|putenbrust|wachtel|geflügelleber|hähnchenbrustfilet|entenbrust|poulet',
    'poultry-part':
      'hühnerfett|hühnerbrühe|gänseschmalz|entenfett|geflügelfond|hühnerextrakt|geflügelfett|hühnerfleischpulver|hühnerfond|hühnerbouillon',
    'cooked-poultry': 'gekochtes hähnchen|gebratenes hähnchen|putenaufschnitt',
    game: 'wild|wildfleisch|hirsch|hirschfleisch|reh|rehfleisch|kaninchen|hase|hasen|fasan|rentier|pferd|pferdefleisch|wildbret|strauß|straussenfleisch|taube|elch',
    'animal-fat':
      'tierisches fett|tierische fette|tierfett|tierischen ursprungs|knochenphosphat|blutplasma|blut|knochen|tierisch|tierische|tierisches|tierischen|tierischer|tierischem|knochenmark|innereien|knochenbrühe',
    meat: 'fleisch|fleischextrakt|fleischbrühe|niere|nieren|herz|fleischbällchen|fleischerzeugnis|aufschnitt|fleischsaft|fleischpulver|speisefettgewebe|fleischfond|sülze',
    liver: 'leber|rillettes|parfait|gänseleber|entenleber|foie gras|hühnerleber',
    sausage:
      'wurst|würstchen|bratwurst|brühwurst|wurstwaren|bockwurst|kochwurst|knackwurst|weißwurst|wurstbrät|brät|thüringer',
    casing:
      'naturdarm|darm|wursthülle|kollagenhülle|schafsaitling|saitling|eigenhaut|hautfaserdarm|schweinedarm|schafdarm',
    'pork-gelatine':
      'schweinegelatine|speisegelatine (schwein)|gelatine (schwein)|gelatine vom schwein|gelatine aus schwein',
    'beef-gelatine': 'rindergelatine|gelatine (rind)|speisegelatine (rind)|gelatine vom rind',
    'fish-gelatine': 'fischgelatine|gelatine (fisch)',
    gelatine:
      'gelatine|speisegelatine|kollagen|aspik|gelatinepulver|kollagenhydrolysat|gelatineblätter|gelierpulver aus gelatine',
    marshmallow:
      'marshmallow|marshmallows|schaumzucker|mäusespeck|fruchtgummi|gummibärchen|schaumküsse|weingummi',
    honey:
      'honig|bienenhonig|honigpulver|gelée royale|propolis|blütenhonig|waldhonig|akazienhonig|blütenpollen|met',
    beeswax: 'bienenwachs',
    insects:
      'karmin|echtes karmin|cochenille|karminsäure|schellack|insekten|mehlwürmer|grillen|koschenille|insekt',
    glaze: 'überzugsmittel|glasur|trennmittel|gewachst|wachs|wachse',
    colour:
      'farbstoff|farbstoffe|farbstoffen|lebensmittelfarbe|rieselhilfe|färbemittel|rieselhilfsmittel|natürliche farbstoffe|natürlicher farbstoff',
    onion:
      'zwiebel|zwiebeln|zwiebelpulver|röstzwiebeln|frühlingszwiebeln|lauchzwiebeln|lauch|porree|schalotte|schalotten|schnittlauch|zwiebelgranulat|zwiebelextrakt|zwiebelsaft|silberzwiebeln',
    garlic: 'knoblauch|knoblauchpulver|bärlauch|knoblauchgranulat|knoblauchextrakt|knoblauchöl',
    root: 'karotte|karotten|möhre|möhren|mohrrüben|kartoffel|kartoffeln|kartoffelstärke|kartoffelmehl|süßkartoffel|süßkartoffeln|rote bete|rote beete|rotebete|rotebetesaft|rote rüben|rüben|randen|radieschen|rettich|pastinake|pastinaken|ingwer|kurkuma|kurkumin|curcumin|kren|maniok|tapioka|tapiokastärke|tapioca|kohlrübe|steckrübe|topinambur|yams|betanin|beetenrot|schwarzwurzeln|petersilienwurzel|wurzelgemüse|süßholz|zichorienwurzel|kartoffelprotein|kartoffeleiweiß|karottenkonzentrat|kartoffelfaser|kurkumaextrakt|zichorie|chicorée wurzel|rote beete saft|rote bete saft|rote bete pulver|pfeilwurz|süßholzwurzel',
    mushroom:
      'pilz|pilze|champignon|champignons|steinpilz|steinpilze|shiitake|pfifferling|pfifferlinge|trüffel|austernpilz|austernpilze|speisepilze|morcheln|kräuterseitling|austernseitling|trüffelöl',
    spices:
      'gewürz|gewürze|gewürzen|gewürzmischung|gewürzextrakt|gewürzextrakte|curry|currypulver|gewürzzubereitung|harissa|ketchup|tomatensauce|salsa|ajvar',
    seasoning: 'würze|würzmittel|würzmischung|würzsoße|suppenpulver|füllung fertig|gewürzsoße|saucenpulver',
    vegetables:
      'gemüse|gemüsemischung|gemüsepulver|gemüsesaft|gemüsekonzentrat|wurzeln|gemüseextrakt|gemüsemark',
    wine: 'wein|rotwein|weißwein|portwein|sherry|marsala|madeira|sekt|champagner|weinbrand|cognac|brandy|prosecco|glühwein|wermut|reiswein|grappa|winzersekt|kochwein|dessertwein',
    beer: 'bier|weizenbier|pils|malzbier|schwarzbier|bierhefeextrakt mit bier|hefeweizen',
    'ginger-beer': 'ingwerbier',
    'nut-liqueur': 'amaretto|nocino',
    chestnut: 'kastanie|kastanien|esskastanien|esskastanie|maronen|marone|maroni|kastanienmehl|maronenpüree',
    alcohol:
      'alkohol|ethanol|ethylalkohol|rum|whisky|whiskey|wodka|gin|likör|kirschwasser|obstbrand|schnaps|korn brand|calvados|obstler|kirsch brand|branntwein|spirituose|spirituosen|tequila|trinkalkohol|jamaikarum|strohrum|weingeist|sake|mirin',
    'wine-vinegar':
      'weinessig|rotweinessig|weißweinessig|balsamico|balsamessig|balsamicoessig|aceto balsamico|aceto balsamico di modena|sherryessig|aceto balsamico di modena igp|champagneressig|condimento balsamico|crema di balsamico',
    vinegar: 'essig|kräuteressig|essigzubereitung|aufguss essig',
    grape:
      'traubensaft|traubenmost|traubenmostkonzentrat|traubensaftkonzentrat|traubenkernextrakt|traubensüße|traubenschalenextrakt|konzentrierter traubenmost',
    'vanilla-extract': 'vanilleextrakt|bourbon vanilleextrakt|natürlicher vanilleextrakt|vanille extrakt',
    flavour:
      'aroma|aromen|natürliches aroma|natürliche aromen|vanillearoma|raucharoma|aromastoffe|aromastoff|aromaextrakt|natürliches vanillearoma|butteraroma|rumaroma|aromenextrakt|natürlichen aromen',
    'fatty-additive':
      'mono und diglyceride|mono und diglyceride von speisefettsäuren|mono und diglyceriden|mono- und diglyceride|speisefettsäuren|speisefettsäure|monoglyceride|diglyceride|glycerin|glycerol|magnesiumstearat|stearinsäure|polysorbat|calciumstearat|fettsäuren|fettsäure|zuckerester|zuckerester von speisefettsäuren|polyglycerinester von speisefettsäuren|polyglycerin polyricinoleat|natriumstearoyl 2 lactylat|natriumstearoyllactylat|magnesiumsalze der speisefettsäuren|diacetylweinsäureester|mono und diacetylweinsäureester|triacetin|polyglycerinester|stearate|glyceride|citronensäureester|essigsäureester',
    emulsifier: 'emulgator|emulgatoren',
    nucleotides:
      'dinatriuminosinat|dinatriumguanylat|dinatrium 5 ribonukleotide|dinatrium 5 ribonucleotide|inosinat|guanylat|natriuminosinat|natriumguanylat|inosinsäure|guanylsäure|ribonukleotide|ribonucleotide|dinatriumribonucleotide',
    enhancer: 'geschmacksverstärker',
    cysteine:
      'cystein|l cystein|glycin|taurin|mehlbehandlungsmittel|l cysteinhydrochlorid|keratin|chitosan|carnitin',
    lanolin: 'vitamin d|vitamin d3|lanolin|omega 3|omega 3 fettsäuren|cholecalciferol|dha|epa|vitamine',
    fat: 'fett|fette|margarine|backfett|speisefett|frittierfett|siedefett|ziehmargarine|fettpulver|backmargarine|speisefette|streichfett|halbfettmargarine',
    stock: 'brühe|fond|bouillon|brühwürfel|brühpulver|bratensaft fond|sud',
    'vegetable-stock': 'gemüsebrühe|gemüsebrühpulver|gemüsefond|gemüsebouillon|gemüsebrühe pulver',
    gravy: 'bratensoße|bratensauce|bratensaft|mehlschwitze',
    sprouts: 'sprossen|alfalfa|keimlinge|mungbohnensprossen|sojasprossen|bohnenkeime|mungbohnenkeimlinge',
  },
  sources:
    'reis|mais|zuckermais|kichererbse|kichererbsen|linse|linsen|teff|hirse|quinoa|sorghum|erbse|erbsen|bohne|bohnen|amaranth|banane|bananen|kochbanane|buchweizen|kartoffel|tapioka|maniok|sonnenblume|sonnenblumen|raps|kokos|palm|palmkern|olive|oliven|soja|mandel|lein|pflanzlich|pflanzliche|pflanzlicher|pflanzliches|pflanzlichen|pflanzlichem|pflanzen|baumwollsaat|distel|shea|sheanuss|kakao|kürbis|hanf|lupine|erdmandel|johannisbrotkern|cellulose|zellulose|alginat|ackerbohne|ackerbohnen|mungbohne|traubenkern|naturreis|vollkornreis|klebreis|süßkartoffel|guarkern|pflanzenfett|pflanzenfette|pflanzenöl|palmöl|palmfett|palmkernfett|pflanzliche fette|pflanzliche öle|sheafett|sheabutter|kakaobutter',
  foods:
    'gelee|naturreis|basmatireis|basmati|jasminreis|langkornreis|rundkornreis|risottoreis|wildreis|reismehl|reisstärke|reiswaffeln|reisflocken|säuerungskulturen|reifekulturen|reifungskulturen|joghurtkulturen pflanzlich|blumenkohl|romanesco|wirsing|rosenkohl|grünkohl|rotkohl|weißkohl|chinakohl|pak choi|kohl|mangold|feldsalat|eisbergsalat|kopfsalat|romana|endivie|radicchio|chicoree|kresse|portulak|löwenzahn|okra|maiskolben|zuckermais|zuckererbsen|zuckerschoten|kidneybohnen|weiße bohnen|schwarze bohnen|rote linsen|grüne linsen|belugalinsen|berglinsen|kichererbsenmehl|linsenmehl|erbsenmehl|maismehl|maisgrieß|maisstärke|buchweizenmehl|hirseflocken|hirse|quinoamehl|amarant|amaranth|johannisbeere|johannisbeeren|schwarze johannisbeeren|stachelbeere|stachelbeeren|heidelbeere|heidelbeeren|himbeere|himbeeren|brombeere|brombeeren|preiselbeere|preiselbeeren|holunder|holunderbeeren|holunderblüten|sanddorn|hagebutte|hagebutten|sauerkirsche|sauerkirschen|süßkirschen|mirabelle|mirabellen|zwetschge|zwetschgen|pflaume|pflaumen|aprikose|aprikosen|nektarine|quitte|quitten|rhabarber|maracuja|passionsfrucht|granatapfel|mandarine|mandarinen|clementinen|pampelmuse|grapefruit|zitronenschale|orangenschale|orangensaft|zitronensaft|limettensaft|apfelsaft|apfelsaftkonzentrat|traubenkernöl|kernöl|erdbeermark|himbeermark|fruchtmark|fruchtsaftkonzentrat|fruchtzubereitung|fruchtpulver|fruchtaufstrich|konfitüre|marmelade|datteln|dattelpaste|dattelsirup|agavendicksaft|ahornsirup|reissirup|zuckerrübensirup|zuckersirup|karamellzuckersirup|invertzuckersirup|rohrzucker|rohrohrzucker|vollrohrzucker|puderzucker|traubenzucker|fruchtzucker|fruktose|glukose|glucosesirup|glukosesirup|glucose fructose sirup|maltit|sorbit|xylit|isomalt|süßungsmittel|süßstoff|steviolglycoside|kräuter der provence|kräuter|kräutermischung|italienische kräuter|bohnenkraut|liebstöckel|kerbel|estragon|majoran|thymian|rosmarin|salbei|oregano|basilikum|minze|pfefferminze|zitronenmelisse|lorbeer|lorbeerblätter|wacholder|wacholderbeeren|piment|nelken|muskatnuss|muskat|macis|sternanis|anis|fenchel|fenchelsamen|koriandersamen|kreuzkümmel|kümmel|kardamom|zimt|safran|sumach|bockshornklee|rosa beeren|cayennepfeffer|chiliflocken|chili|peperoni|jalapeños|paprikaextrakt|tomatenflocken|tomatenpulver|tomatensaft|kirschtomaten|passierte tomaten|carnaubawachs|flohsamenschalen|apfelfaser|zitrusfaser|citrusfaser|erbsenfaser|bambusfaser|ballaststoff|akazienfaser|erbsenprotein|erbseneiweiß|erbsenproteinisolat|ackerbohnenprotein|ackerbohne|ackerbohnen|favabohnen|sonnenblumenprotein|reisprotein|hanfprotein|rapsprotein|färbende lebensmittel|färbendes lebensmittel|färbend|saflor|saflorkonzentrat|spirulinakonzentrat|apfelkonzentrat|rotkohlkonzentrat|holunderkonzentrat|pflanzenkohle|eisen|jod|zink|folsäure|mineralstoffe|calciumcarbonat|calciumphosphat|natriumphosphat|kaliumchlorid|magnesiumchlorid|trinatriumcitrat|natriumcitrat|calciumcitrat|natriumacetat|natriumlactat|kaliumlactat|natriumhydrogencarbonat|kaliumtartrat|weinsteinbackpulver|weinstein|hirschhornsalz|backtriebmittel|reifeessig|kräuteressig|reisessig|obstessig|gelierzucker|öl|wasser|trinkwasser|salz|meersalz|steinsalz|speisesalz|jodsalz|tafelsalz|jodiertes|kochsalz|zucker|rohrzucker|rohrohrzucker|puderzucker|invertzucker|invertzuckersirup|traubenzucker|fruchtzucker|rübenzucker|vollrohrzucker|kandis|sirup|glukose|glukosesirup|glucose|glucosesirup|fruktose|fructose|glukose fruktose sirup|dextrose|maltodextrin|saccharose|agave|agavendicksaft|agavensirup|ahorn|ahornsirup|dattel|datteln|stevia|steviolglycoside|erythrit|xylit|birkenzucker|sorbit|maltit|isomalt|mannit|sucralose|aspartam|acesulfam|saccharin|cyclamat|süßungsmittel|süßstoff|öl|öle|ölen|pflanzenöle|sonnenblumenöl|rapsöl|olivenöl|maiskeimöl|leinöl|traubenkernöl|distelöl|kürbiskernöl|high oleic|nativ|natives|nativem|extra|speiseöl|pflanzenmargarine|pflanzliche margarine|stärke|modifizierte stärke|modifizierte|modifizierter|maisstärke|reisstärke|erbsenstärke|faser|fasern|ballaststoff|ballaststoffe|inulin|flohsamenschalen|schalen|schale|kidneybohnen|kidneybohne|weiße|weisse|schwarze|schwarzer|rote|roter|rotes|grüne|grüner|gelbe|dunkle|helle|tomate|tomaten|tomatenmark|tomatenpüree|mark|paste|püree|konzentrat|konzentrate|tomatenkonzentrat|saft|säfte|saftkonzentrat|fruchtsaftkonzentrat|fruchtsaft|fruchtmark|fruchtfleisch|pfeffer|pfefferkörner|paprika|paprikapulver|chili|chilis|chilipulver|cayennepfeffer|cayenne|jalapeño|jalapenos|peperoni|peperoncini|gurke|gurken|salatgurke|zucchini|aubergine|auberginen|kürbis|butternusskürbis|butternuss|spinat|kohl|weißkohl|rotkohl|blumenkohl|brokkoli|broccoli|salat|feldsalat|kopfsalat|buttersalat|rucola|fenchel|artischocke|artischocken|spargel|weinblätter|kraut|kräuter|kräutern|basilikum|oregano|thymian|rosmarin|salbei|minze|pfefferminze|dill|petersilie|koriander|estragon|majoran|lorbeer|lorbeerblätter|kerbel|liebstöckel|bohnenkraut|kresse|brunnenkresse|kümmel|kreuzkümmel|anis|sternanis|zimt|nelke|nelken|gewürznelken|kardamom|piment|muskat|muskatnuss|muskatblüte|macis|safran|sumach|bockshornklee|bockshornkleesamen|wacholder|wacholderbeeren|vanille|vanilleschote|vanilleschoten|bourbonvanille|bourbon vanille|vanillin|kakao|kakaobutter|kakaomasse|kakaopulver|kakaonibs|kakaobohnen|fettarmer kakao|sheabutter|kaffee|tee|grüntee|matcha|zitrone|zitronen|zitronensaft|zitronensäure|limette|limetten|limettensaft|orange|orangen|orangenschale|zitronenschale|grapefruit|mandarine|mandarinen|bergamotte|zitrus|zitrusfaser|zitrusfasern|apfel|äpfel|apfelsaft|apfelsaftkonzentrat|apfelpektin|apfelmus|birne|birnen|pflaume|pflaumen|zwetschge|zwetschgen|pfirsich|pfirsiche|aprikose|aprikosen|marille|marillen|kirsche|kirschen|sauerkirsche|sauerkirschen|traube|trauben|weintrauben|feige|feigen|mango|ananas|papaya|passionsfrucht|maracuja|kiwi|melone|wassermelone|granatapfel|quitte|quitten|erdbeere|erdbeeren|himbeere|himbeeren|heidelbeere|heidelbeeren|blaubeeren|brombeere|brombeeren|preiselbeere|preiselbeeren|cranberry|cranberries|johannisbeere|johannisbeeren|holunder|holunderbeeren|holunderbeersaft|holunderblüten|rhabarber|goji|acerola|aronia|sanddorn|beere|beeren|frucht|früchte|fruchtzubereitung|obst|avocado|schalenabrieb|kandierter|pektin|pektine|agar|agar agar|carrageen|gummi|guarkernmehl|guar|xanthan|johannisbrotkernmehl|gummi arabicum|gummiarabicum|gellan|tarakernmehl|methylcellulose|hydroxypropylmethylcellulose|carboxymethylcellulose|hefe|backhefe|nährhefe|hefeextrakt|extrakt|extrakte|backtriebmittel|backpulver|natron|natriumcarbonat|natriumcarbonate|natriumhydrogencarbonat|natriumbicarbonat|kaliumcarbonat|kaliumcarbonate|ammoniumcarbonat|ammoniumcarbonate|ammoniumhydrogencarbonat|calciumcarbonat|magnesiumcarbonat|natrium|kalium|calcium|kalzium|magnesium|carbonate|carbonat|diphosphat|diphosphate|triphosphate|polyphosphate|phosphate|phosphat|natriumphosphat|natriumphosphate|calciumphosphat|natriumdiphosphat|calciumchlorid|magnesiumchlorid|kaliumchlorid|eisen|zink|jod|jodat|kaliumjodid|niacin|thiamin|riboflavin|folsäure|biotin|pantothensäure|vitamin|vitamin a|vitamin b1|vitamin b2|vitamin b6|vitamin b12|vitamin c|vitamin e|vitamin k|vitamin d2|mineralstoffe|citronensäure|ascorbinsäure|äpfelsäure|apfelsäure|weinsäure|weinstein|weinsteinbackpulver|essigsäure|milchsäure|milchsäurebakterien|phosphorsäure|fumarsäure|säure|natriumlactat|calciumlactat|kaliumlactat|natriumcitrat|natriumcitrate|kaliumcitrat|calciumcitrat|natriumascorbat|natriumisoascorbat|ascorbylpalmitat|kaliumsorbat|sorbinsäure|natriumbenzoat|natriumnitrit|natriumnitrat|kaliumnitrat|nitritpökelsalz|pökelsalz|natriumacetat|natriumacetate|natriumdiacetat|calciumsulfat|konservierungsstoff|konservierungsstoffe|konservierungsmittel|antioxidationsmittel|säuerungsmittel|säureregulator|säureregulatoren|stabilisator|stabilisatoren|verdickungsmittel|geliermittel|festigungsmittel|füllstoff|feuchthaltemittel|backtrieb|schmelzsalz|schmelzsalze|trägerstoff|nigari|edta|calciumdinatriumedta|calcium dinatrium edta|natriumglutamat|mononatriumglutamat|glutamat|dextrin|polydextrose|oligofruktose|siliciumdioxid|kohlensäure|kohlendioxid|stickstoff|schutzatmosphäre|treibgas|annatto|bixin|norbixin|carotin|carotine|beta carotin|lutein|lycopin|anthocyan|anthocyane|chlorophyll|chlorophylline|zuckerkulör|zuckerculeur|ammonsulfit zuckerkulör|einfache zuckerkulör|paprikaextrakt|karamellisiert|karamellisierter zucker|pflanzenkohle|aktivkohle|asche|titandioxid|spirulina|spirulinakonzentrat|spirulina konzentrat|saflor|färbedistel|saflorkonzentrat|alge|algen|nori|kombu|wakame|seetang|natriumalginat|carnaubawachs|candelillawachs|kultur|kulturen|käsekulturen|starterkultur|starterkulturen|reifekulturen|joghurtkulturen|milchsäurekulturen|schimmelkulturen|edelschimmel|lake|salzlake|tocopherol|tocopherole|tocopherolhaltige|tocopherolhaltige extrakte|rosenwasser|rose|blüte|blüten|blütenblätter|hibiskus|lavendel|popcorn|hopfen|jackfrucht|tamarinde|bambussprossen|brennnessel|sauerampfer|kamille|rotbuschtee|kohlrabi|mangold|okra|zuckerschoten|hülsenfrüchte|branntweinessig|reisessig|tafelessig|kräuteressigextrakt|alkoholessig|obstessig|wasserkastanie|wasserkastanien|fleischtomate|fleischtomaten|lammkraut|marmelade|konfitüre|fruchtaufstrich|apfelkraut|rübensirup|zuckerrübensirup|pflaumenmus|erbsenprotein|erbseneiweiß|erbsenfaser|reisprotein|hanfprotein|ackerbohnenprotein|kichererbsenmehl|bambusfaser|apfelfaser|guacamole|reismalz|maismalz|maisgrieß|maisgriess|polenta|grütze von buchweizen|buchweizengrütze|reiswaffeln|reiswaffel|maiswaffeln|maiswaffel|reisnudeln|glasnudeln|reispapier|cellulosehülle|pflanzliche hülle|eisbergsalat|eisberg|pottasche|hirschhornsalz|kaolin|puffmais|cornflakes aus mais|erdmandeln|erdmandel|pflanzenwachs|johannisbrot|carob|granatapfelkerne|wildkräuter|wildpreiselbeeren|wildheidelbeeren',
  manner:
    'aufbrauchen|rasch|zügig|ende|bodenprägung|prägung|aufdruck|einmal|angebrochen|angebrochene|innerhalb weniger|wenige|weniger|sofort|alsbald|umfüllen|behälter|gefäß|verschließen|wieder|wiederverschließbar|lauwarm|warm|heiß|kalt|gut gekühlt|kühl stellen|stellen|ruhen|ziehen lassen|lassen|geben|gegeben|hinzufügen|mischen|vermischen|genießbar|zum|zur|beim|vom|ins|ans|im|am|des|dem|den|der|die|das|ein|eine|einer|eines|einem|einen|unser|unsere|unserem|unserer|ihre|ihr|sie|wir|es|man|diese|dieser|dieses|diesem|diesen|jeder|jede|jedes|so|aber|denn|weil|daher|ganz|ganze|ganzer|ganzes|halb|halbe|viertel|geviertelt|gehälftet|halbiert|geschnitten|gewürfelt|gehobelt|gestiftelt|gehackt|gerieben|gemahlen|geschrotet|gekeimt|gequollen|getrocknet|getrocknete|getrockneter|getrocknetes|vorgegart|vorgekocht|tiefgefroren|schonend|handverlesen|sonnengereift|sonnengetrocknet|aromatisch|aromatische|fruchtig|fruchtige|nussig|saftig|saftige|kernlos|steinlos|kontrolliert|kontrolliertem|kontrollierter|anbau|ökologisch|ökologischer|biologisch|biologischer|biologischem|landwirtschaft|demeter|naturland|bioland|sorte|sorten|spitzenqualität|güte|handelsklasse|kaliber|stückzahl|ungefähr|circa|etwa|entspricht|davon|insgesamt|nicht aus|ohne deklaration|freilandhaltung|bodenhaltung|weidehaltung|weide|heu|alpen|bergland|bayern|allgäuer alpen|sächsisch|norddeutsch|nordsee|ostsee|atlantik|nordostatlantik|pazifik|mittelmeer|fanggebiet|gefangen im|angel|leinen|netze|schleppnetze|umschließungsnetze|in salzlake|salzlake|lake|lauge|aufguss|aufgussflüssigkeit|flüssigkeit|öllagerung|in öl|eingekocht|eingedickt|konzentrat|konzentrate|extrakt|extrakte|auszug|püree|paste|mark|saft|mus|fein|feine|feiner|feines|grob|grobe|grober|körnig|körnige|blanchierte|unbehandelt|unbehandelte|ungespritzt|naturtrüb|naturbelassen|naturbelassene|klar|klare|trüb|steinofen|holzofen|ofen|knuspern|grillen|gegrillt|gegrillte|geröstet|geröstete|gerösteter|frittiert|frittierte|dampfgegart|rauchig|mild geräuchert|handwerklich|hausgemacht|nach art|art des hauses|original italienisch|typisch|rezeptur|spezialität|region|tradition|familienbetrieb|manufaktur|hof|mühle|gmbh|kg|ag|ohg|str|straße|postfach|service|kontakt|fragen|info|internet|verbraucherservice|recycling|entsorgung|gelber sack|pfand|packungsinhalt|inhalt|beilage|vorspeise|salat|tapas|antipasti|zwischendurch|gäste|party|buffet|platte|ölabsetzung|schützen|schützt|möglich|absetzung|jahr|jahre|jahren|erstickungsgefahr|gut|vorsicht|achtung|norwegen|schottland|island|polen|niederlande|dänemark|griechenland|türkei|marokko|chile|peru|indien|china|thailand|vietnam|mexiko|ungarn|rumänien|belgien|schweden|finnland|kanada|israel|ägypten|tunesien|portugal|irland|großbritannien|england|tag|zubereitung|anschließend|danach|langsam|unter rühren|rühren|topf|pfanne|herd|stufe|garen|kochen|braten|schmecken|schmeckt|genuss|ausflocken|ausflockung|kristallisieren|kristallisation|farbabweichungen|schwankungen|naturprodukt|naturbedingt|deshalb|deswegen|dabei|sein|seine|werden|wird|wurde|hat|haben|durch|wie|auch|noch|schon|immer|sehr|viel|weniger|mehr|alle|alles|hergestellte|enthält keine|sorgfältig|sorgfalt|trotz|steine|kernen|schalenreste|entfernt|entfernen|abgelaufen|verschlossen|original verschlossen|ungeöffnet|und|oder|mit|aus|von|vom|in|im|der|die|das|den|dem|des|ein|eine|einer|eines|einem|einen|zu|zum|zur|für|auf|an|am|als|bei|nach|vor|ist|sind|wird|werden|wurde|kann|können|nicht|kein|keine|ohne|auch|sowie|bzw|je|pro|per|ca|etwa|mindestens|höchstens|max|min|davon|enthalten|enthält|zutat|zutaten|zutatenverzeichnis|hergestellt|verwendet|unter|verwendung|zugesetzt|zusatz|zugabe|zubereitung|zubereitet|produkt|produkte|lebensmittel|bio|biologisch|biologischer|biologischem|kontrolliert|kontrolliertem|ökologisch|ökologischer|ökologischem|landwirtschaft|anbau|natürlich|natürliche|natürlicher|natürliches|natürlichen|frisch|frische|frischer|getrocknet|getrocknete|getrockneter|getrocknetes|trocken|sonnengetrocknet|halb|ganz|ganze|voll|vollkorn|mager|fein|feine|feiner|grob|gemahlen|gemahlene|gemahlener|zerkleinert|gehackt|gehackte|geschnitten|gewürfelt|gerieben|geriebener|gehobelt|geröstet|geröstete|gerösteter|gebacken|frittiert|gekocht|gekochte|gedämpft|gegart|gebraten|roh|rohe|roher|reif|gereift|gereifter|entsteint|entsteinte|geschält|geschälte|geschälter|blanchiert|gesalzen|gesalzene|ungesalzen|ungesüßt|gesüßt|gezuckert|raffiniert|kaltgepresst|kaltgepresstes|gepresst|gepufft|gepuffter|extrudiert|gehärtet|gehärtete|gehärtetes|ungehärtet|ganz gehärtet|teilweise|fettarm|fettarmes|entölt|stark entölt|schwach|reduziert|konzentriert|konzentrierter|konzentriertes|rekonstituiert|gefriergetrocknet|gefriergetrocknete|sprühgetrocknet|pulver|pulverform|granulat|flocken|stück|stücke|stückchen|streifen|hälften|scheiben|kerne|stifte|ringe|würfel|art|qualität|extra|leicht|mild|kräftig|premium|ausgewählt|traditionell|fermentiert|fermentierter|gesäuert|behandelt|angereichert|gesamt|gesamtgehalt|fettgehalt|fett i tr|i tr|mindest|in veränderlichen gewichtsanteilen|veränderlichen|gewichtsanteilen|gewichtsanteil|anteil|anteilen|variabler|abtropfgewicht|nettogewicht|füllmenge|nettofüllmenge|basis|auf basis|mischung|gemischt|umhüllung|zertifiziert|zertifizierter|nachhaltig|fairtrade|rainforest|alliance|herkunft|ursprung|ursprungsland|land|eu|nicht eu|italienisch|italienische|französisch|spanisch|griechisch|deutschland|italien|spanien|frankreich|österreich|schweiz|deutsch|deutsche|europa|regional|wild|wildgesammelt|wildfang|gefangen|gezüchtet|aquakultur|produziert|hersteller|verpackt|abgefüllt|schutzatmosphäre verpackt|vertrieb|kühl|lagern|lagerung|aufbewahren|aufbewahrung|trocken lagern|lichtgeschützt|licht|wärme|wärmegeschützt|vor|geschützt|kühlschrank|gekühlt|tiefgekühlt|einfrieren|auftauen|aufgetaut|nach dem öffnen|öffnen|öffnung|geöffnet|verbrauchen|innerhalb|tagen|tage|wochen|haltbar|mindestens haltbar bis|bis|siehe|deckel|aufdruck|datum|verpackung|packung|glas|dose|beutel|raumtemperatur|temperatur|servieren|genießen|portion|portionen|rezept|guten appetit|lecker|köstlich|ideal|perfekt|schütteln|umrühren|vor gebrauch|gebrauch|abtropfen|abspülen|waschen|gewaschen|verzehrfertig|verzehr|erwärmen|erhitzen|durcherhitzen|backofen|mikrowelle|minuten|geeignet|veganer|vegetarier|hinweis|allergiehinweis|allergikerhinweis|allergiker|allergie|personen|information|informationen|nährwerte|nährwertangaben|durchschnittliche|nährwert|brennwert|energie|kcal|kj|davon|gesättigte|fettsäuren gesättigt|kohlenhydrate|zucker|salz|natrium|referenzmenge|tagesbedarf|erwachsener|los|charge|nummer|g|kg|mg|ml|l|cl|cm|mm|klasse|größe|groß|klein|familie|neu|original|klassisch|einfach|rein|reine|reiner|rein pflanzlich|echt|recycelbar|papier|plastik|kinder|aufsicht|verschlucken|nicht essbar|essbar|verzehr nicht geeignet|nicht zum verzehr geeignet|hülle|haut|ohne haut|knochenlos|fettarme|entrahmt|entrahmte|teilentrahmt|gentechnik|zuckerzusatz|künstlich|künstliche|künstlichen|lebende|aktive|probiotische|probiotisch|pasteurisiert|pasteurisierte|pasteurisierter|homogenisiert|ultrahocherhitzt|geräuchert|geräucherter|buchenholzrauch|buchenholz|rauch|hydrolysiert|gewonnen|quelle|reich|ballaststoffreich|knusprig|knuspriger|weich|cremig|zart|würzig|pikant|scharf|süß|süße|süßer|sauer|herzhaft|herb|mix|natur|klassik|feinste|feinster|mediterran|asiatisch|indisch|mexikanisch|bayerisch|allgäu|himalaya|kalamata|modena|süd|nord|enthaltene|enthaltenen|kleine|große|spuren|enthaltend|teil|schicht|kultur|technisch|gesetzlich|allergene siehe|hervorgehoben|fett|fettgedruckt|gedruckt|gekennzeichnet|markiert|braun|brauner|weiß|weißer|dunkel|hell|lang|langkorn|rundkorn|jung|baby|kirsch|strauch|cherry|bittere|zartbitter|edel|e|nr|aus nicht|wasserdampf|passiert|passierte|stückig|stückige|eingelegt|eingelegte|mariniert|marinierte|gefüllt|gefüllte|sterilisiert',
  handling:
    'lagern|lagerung|aufbewahren|aufbewahrung|kühlschrank|öffnen|öffnung|geöffnet|verbrauchen|verzehren|verzehr|haltbar|haltbarkeit|servieren|genießen|schütteln|umrühren|abspülen|waschen|abtropfen|erwärmen|erhitzen|durcherhitzen|backofen|mikrowelle|kochen|garen|braten|backen|einfrieren|auftauen|zubereitung|nährwerte|nährwert|brennwert|ursprungsland|herkunft|verpackung|abtropfgewicht|füllmenge|mindestens|temperatur|geeignet|schützen|vorsicht|achtung',
  plantMilk:
    'hafer|soja|kokos|kokosnuss|cashew|mandel|reis|erbse|erbsen|hanf|haselnuss|erdmandel|macadamia|nuss|walnuss|dinkel|kartoffel|pflanzen|pflanzlich|pflanzliche|pflanzliches|lupinen|lupine',
  plantButter:
    'kakao|shea|erdnuss|mandel|cashew|haselnuss|nuss|kokos|pistazien|walnuss|macadamia|sonnenblumenkern|kürbiskern|apfel|sesam|frucht|sheanuss',
  plantAfter: false,
  joints: 'aus|von|vom',
  plantMade: 'vegan|vegane|veganer|veganes|veganem|veganen|pflanzlich|pflanzliche|pflanzlicher|pflanzliches',
  freeAfter: 'frei|freie|freier|freies|freien|freiem|los|lose',
  heading: 'zutaten|zutatenliste|zutatenverzeichnis|zutaten (?:bio|enthalten)',
  may: '\\b(?:kann|konnen|konnte)(?= [^.;]{0,120}enthalten\\b)|\\b(?:kann|konnen) (?:auch )?spuren|\\bspuren(?: von)?\\b|\\b(?:hergestellt|verpackt|produziert|verarbeitet|abgefullt) in (?:einem|einer|unserem|unserer)|\\bin (?:einem|unserem|einer|diesem) (?:betrieb|werk|unternehmen|kuche|anlage|backerei)|\\bin (?:dem|der) auch|\\bim (?:betrieb|werk|gleichen)|\\b(?:kreuzkontamination|kreuzkontakt)|\\bnicht ausgeschlossen|\\bnicht geeignet fur (?:personen|menschen|allergiker)(?= [^.;]{0,80}(?:allerg|unvertrag))|\\bfur (?:personen|menschen|allergiker)? ?mit(?= [^.;]{0,60}(?:allerg|unvertrag)[^.;]{0,40}nicht geeignet)',
  freeFrom: '\\b(?:frei von|ohne(?: zusatz von)?|enthalt (?:kein|keine|keinen|weder))\\b',
  contains:
    '\\benthalt\\b(?! (?:kein|weder|keine|keinen))|\\b(?:hergestellt mit|zubereitet mit|verfeinert mit|gefullt mit|uberzogen mit|umhullt mit|mit zusatz von|gebacken in|frittiert in|gebraten in|bestaubt mit)\\b|\\ballergene\\s*:|\\ballergiehinweis\\s*:',
  denial: 'nicht|kein|keine|weder|niemals|un',
  vegan: 'vegan|vegane|veganer|veganes',
  vegetarian: 'vegetarisch|vegetarische|vegetarier|vegetarisches',
  nutrition:
    'energie|brennwert|fett|gesättigte|gesättigte fettsäuren|davon gesättigte fettsäuren|fettsäuren|kohlenhydrate|zucker|ballaststoffe|eiweiß|protein|salz|natrium|stärke|mehrwertige alkohole|erythrit|vitamin d',
  unsuitable: 'nicht geeignet für|ungeeignet für',
};
