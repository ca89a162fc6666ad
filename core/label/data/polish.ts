import type { Language } from '../language.js';

/** Polish words bend much: `*` takes any ending. */
export const polish: Language = {
  id: 'pl',
  name: 'Polish',
  letters: 'ąćęłńśźż',
  endings: [
    'a',
    'ą',
    'e',
    'ę',
    'i',
    'o',
    'u',
    'y',
    'ami',
    'ach',
    'om',
    'ów',
    'em',
    'ego',
    'ej',
    'ych',
    'ich',
    'ym',
    'im',
    'ie',
    'iem',
    'mi',
  ],
  compounds: false,
  terms: {
    'nut-cream': 'krem orzechowy',
    'hazelnut-cream': 'krem z orzechów laskowych',
    'pistachio-cream': 'krem pistacjowy|krem z pistacji',
    'almond-cream': 'krem migdałowy',
    'made-part': 'nadzieni*|polew*|danie',
    cornflakes: 'płatki kukurydziane|cornflakes',
    chutney: 'chutney|relish',
    'made-up':
      'baton*|przekąsk*|kulki|kulk*|krem|kremu|kremem|deser*|kanapk*|roladk*|szaszłyk*|nuggets*|rogalik*|waflach',
    'animal-cut': 'pierś|piersi|udo|uda|łopatk*|filet*|schab*|żeberka|karków*',
    preserved:
      'rodzynk*|rodzynki|sułtank*|koryntk*|morele suszone|suszone morele|moreli suszonych|śliwki suszone|suszone śliwki|śliwki kalifornijskie|owoce suszone|suszone owoce|figi suszone|suszone figi|mango suszone|suszone mango|jabłka suszone|suszone jabłka|ananas suszony|banany suszone|chipsy bananowe|żurawina suszona|suszona żurawina|wiśnie suszone|owoce kandyzowane|kandyzowan*|skórka pomarańczowa kandyzowana|kandyzowana skórka pomarańczowa|wiśnie koktajlowe|płatki ziemniaczane|susz ziemniaczany|kapusta kiszona|kapusta kwaszona|pomidory suszone|suszone pomidory|serca karczochów|kapary|kapar*|zagęszczony sok cytrynowy|zagęszczony sok z cytryny|sok cytrynowy z zagęszczonego|melas*|ocet jabłkowy|jagody goji',
    'preserved-root': 'chrzan|chrzan*|imbir kandyzowany|imbir marynowany',
    'dried-coconut': 'wiórki kokosowe|wiórków kokosowych|chipsy kokosowe|płatki kokosowe',
    prawn: 'krewetk*|langustynk*|mięso krewetek',
    'stuffed-vegetables':
      'papryka faszerowana|faszerowana papryka|gołąbki|liście winogron nadziewane|pieczarki faszerowane',
    liquorice: 'lukrecj*',
    jerky: 'beef jerky|biltong',
    'pressed-poultry': 'szynka z indyka|szynka z kurczaka|szynka drobiowa|szynki z indyka',
    muesli: 'baton zbożowy|baton musli|baton proteinowy|batony zbożowe',
    bread:
      'bułka tarta|bułki tartej|bułka|bułki|chleb*|pieczyw*|grzank*|panierk*|panierowan*|tost*|bagietk*|suchar*|paluszki',
    cake: 'herbatnik*|ciast*|ciasteczk*|babka|babki|keks*|wafel|wafl*',
    'rice-cracker': 'krakersy ryżowe|krakersów ryżowych',
    crisps: 'chipsy|czipsy|chipsów|nachosy|nachos',
    'cured-sausage': 'salami|chorizo|kabanos*|kiełbasa sucha|kindziuk|kiełbasa surowa|metka|nduja',
    'roast-pork': 'pieczeń wieprzowa',
    'stuffed-olives': 'oliwki nadziewane|oliwki faszerowane',
    'truffle-sweet': 'trufle czekoladowe|trufli czekoladowych',
    'chocolate-spread': 'krem czekoladowy|krem kakaowy',
    halva: 'chałw*',
    'lysozyme-cheese': 'grana padano',
    'prepared-mustard': 'musztard*',
    seitan: 'seitan*',
    cider: 'cydr*',
    wasabi: 'wasabi|pasta wasabi',
    mousse: 'mus',
    seafood: 'owoce morza',
    sushi: 'sushi',
    mortadella: 'mortadela',
    croquette: 'krokiety',
    noodles: 'makaron*',
    sauce: 'zupa|sos|sosy|marynata',
    pate: 'pasztet*',
    'meat-dish': 'pulpety',
    'white-sauce': 'beszamel*|sos beszamelowy',
    frangipane: 'frangipane',
    'filled-pasta': 'pierogi|ravioli|tortellini',
    gnocchi: 'gnocchi',
    'butter-sauce': 'sos holenderski',
    tortilla: 'tortill*',
    tapenade: 'tapenada',
    'pickled-cucumber': 'ogórki konserwowe|ogórek konserwowy|korniszony|korniszon*',
    'soup-greens': 'włoszczyzna|włoszczyzny',
    'spiced-biscuit': 'piernik*',
    'almond-biscuit': 'makaroniki',
    'egg-liqueur': 'adwokat*|ajerkoniak',
    'egg-pasta': 'makaron jajeczny|kluski jajeczne',
    'egg-custard': 'krem budyniowy|krem angielski',
    gluten:
      'pszenic*|pszenn*|pszeniczn*|mąka pszenna|żyto|żyta|żytn*|jęczmi*|orkisz*|gluten|glutenu|glutenow*|durum|semolin*|kasza manna|kasza jęczmienna|bulgur|kuskus*|kamut|pszenżyt*|płaskurk*|samopsz*|zakwas*|grysik|krakers* pszenn*|otręby pszenne|maca|zboża zawierające gluten|zbóż zawierających gluten|mąka graham|pęczak|pęczaku',
    malt: 'słód*|słod|słodu|słodow*|ekstrakt słodowy|ekstrakt słodu|ekstrakt słodu jęczmiennego|słód jęczmienny|słodu jęczmiennego|ocet słodowy',
    pasta: 'kluski|spaghetti|lazani*|penne',
    pastry:
      'biszkopt*|drożdżówk*|rogal*|croissant*|pierogów|naleśnik*|placek|placki|pączk*|ciasto francuskie|musli|granol*|sernik*|kopytka|uszka|pyzy|pizza|krokiet*|brioszk*',
    flour:
      'mąka|mąki|mąkę|mąk|zboża|zbóż|zboże|zbożow*|otręby|otrąb|otrębów|płatki zbożowe|kasza|kaszy|mieszanka zbóż|wieloziarnist*|chrupki zbożowe|pałeczki zbożowe',
    cracker: 'krakers*|chrupk*',
    'wheat-syrup':
      'syrop glukozowy (pszenica)|syrop glukozowy z pszenicy|syrop glukozowy (z pszenicy)|glukoza z pszenicy|dekstroza z pszenicy|dekstroza (pszenica)|maltodekstryna z pszenicy|maltodekstryna pszenna|syrop glukozowy pszenny|syrop glukozowo fruktozowy z pszenicy',
    oats: 'owies|owsa|owsian*|płatki owsiane|mąka owsiana|otręby owsiane|owsem',
    'soy-sauce': 'sos sojowy|sosu sojowego|sos teriyaki|shoyu|tamari',
    miso: 'miso|pasta miso',
    milk: 'mleko|mleka|mlekiem|mleku|mleczn*|mleko w proszku|odtłuszczone mleko w proszku|pełne mleko w proszku|mleko odtłuszczone w proszku|mleko pełne w proszku|mleko zagęszczone|mleko skondensowane|nabiał*|produkty mleczne|mleko krowie|mleko owcze|mleko kozie|sucha masa mleczna|pochodne mleka|proszek mleczny|mleka krowiego|mleka owczego|mleka koziego|napój mleczny',
    'milk-part':
      'laktoz*|serwatk*|serwatka w proszku|tłuszcz mleczny|tłuszczu mlecznego|tłuszcz mlekowy|maślank*|masło klarowane|masła klarowanego|twaróg|twarog*|twaróżk*|kefir*|śmietana kwaśna|czekolada mleczna|czekolady mlecznej|biała czekolada|białej czekolady|bezwodny tłuszcz mleczny|permeat serwatkowy|jogurtow* proszek|krówk*|budyń mleczny|cukier mleczny|kajmak*|maślanka w proszku|tłuszcz maślany|zsiadłe mleko',
    'milk-protein':
      'białko mleka|białka mleka|białko mleczne|białka mleczne|białek mleka|kazein*|kazeinian*|kazeinian sodu|białko serwatki|białka serwatkowe|białko serwatkowe|białek serwatkowych|laktoalbumin*|białka serwatki|izolat białek serwatkowych|koncentrat białek serwatkowych',
    cream:
      'śmietana|śmietany|śmietanę|śmietanka|śmietanki|śmietank*|śmietanow*|krem śmietankowy|śmietanka w proszku',
    butter: 'masło|masła|masłem|maśle|maślan*',
    yoghurt: 'jogurt*|tzatziki|jogurt naturalny|jogurt grecki',
    'raw-milk':
      'mleko surowe|surowe mleko|surowego mleka|mleka surowego|mleko niepasteryzowane|niepasteryzowan*|z mleka surowego|surowe mleko krowie|surowe mleko owcze',
    'pasteurised-milk':
      'mleko pasteryzowane|mleka pasteryzowanego|pasteryzowane mleko|pasteryzowanego mleka|mleko krowie pasteryzowane|mleko owcze pasteryzowane|pasteryzowane mleko krowie|pasteryzowane mleko kozie|śmietanka pasteryzowana',
    cheese:
      'ser|sera|serem|serow*|sery|serów|ser kozi|ser owczy|ser topiony|serek|serka|serki|ser w proszku|ser podpuszczkowy|ser żółty|sera żółtego|fondue',
    'fresh-cheese':
      'skyr|mozzarell*|feta|fety|ricott*|mascarpone|halloumi|serek śmietankowy|ser twarogowy|bryndz*|burrat*|serek wiejski|serek kremowy',
    'hard-cheese':
      'cheddar*|gouda|goudy|edam*|ementaler*|emmental*|oscypek|ser dojrzewający|manchego|provolone|ser twardy|tylżyck*|radamer|maasdam*',
    'ripe-cheese':
      'brie|camembert|taleggio|ser pleśniowy|munster|sera pleśniowego|ser z białą pleśnią|limburger',
    'soft-blue':
      'gorgonzol*|roquefort*|ser z niebieską pleśnią|rokpol|lazur|ser niebieski|sera z niebieską pleśnią',
    'hard-blue': 'stilton',
    'calf-rennet-cheese':
      'parmezan*|parmigiano|parmigiano reggiano|pecorino|pecorino romano|gruyère|gruyere|comté',
    custard: 'budyń|budyni*|sos waniliowy|krem jajeczny',
    'fruit-curd': 'lemon curd|krem cytrynowy',
    'ice-cream': 'lody|lodów',
    creamer: 'zabielacz*',
    chocolate:
      'czekolad*|czekolada gorzka|czekolady gorzkiej|kuwertura|kawałki czekolady|polewa kakaowa|polewa czekoladowa|polewy kakaowej|praliny czekoladowe',
    nougat: 'nugat*|karmel*|toffi|toffee|cukierki|cukierków|pomadk*|musu|posypk*|słodycze|irys*',
    pesto: 'pesto',
    'animal-rennet':
      'podpuszczka zwierzęca|podpuszczka cielęca|podpuszczki zwierzęcej|podpuszczka pochodzenia zwierzęcego|podpuszczka naturalna|pepsyn*',
    'microbial-rennet':
      'podpuszczka mikrobiologiczna|podpuszczki mikrobiologicznej|podpuszczka mikrobialna|koagulant mikrobiologiczny|podpuszczka wegetariańska|enzym mikrobiologiczny|podpuszczka (mikrobiologiczna)|podpuszczka pochodzenia mikrobiologicznego|enzym koagulujący pochodzenia mikrobiologicznego',
    'plant-rennet': 'podpuszczka roślinna|koagulant roślinny|podpuszczki roślinnej',
    rennet: 'podpuszczk*|koagulant*|enzym*|chymozyn*',
    egg: 'jajo|jaja|jaj|jajko|jajka|jajek|jajeczn*|żółtko|żółtka|żółtek|białko jaja|białka jaja|białko jaja kurzego|białko jaj|jaja kurze|żółtko jaja|masa jajowa|masa jajeczna|masy jajowej|jajo kurze|proszek jajeczny|jaja w proszku|albumin*|beza|bezy|bezow*|lizozym*|żółtko jaja kurzego|żółtka jaj|białko jajeczne|pasteryzowane żółtko jaja|omlet*|białko jaja w proszku|białka jaj',
    'raw-egg': 'surowe jajo|surowe jaja|surowe żółtko|surowych jaj',
    mayonnaise: 'majonez*|sos tatarski|aioli|remulad*',
    soy: 'soja|soi|soję|sojow*|ziarno soi|olej sojowy|białko sojowe|białka sojowego|lecytyna sojowa|lecytyny sojowe|lecytyny sojowej|tofu|tempeh|edamame|mąka sojowa|natto|lecytyna z soi|soją',
    lecithin: 'lecytyn*',
    'vegetable-protein':
      'białko roślinne|białka roślinne|hydrolizowane białko roślinne|hydrolizat białka roślinnego|hydrolizat białek roślinnych|białka roślinnego|teksturowane białko roślinne|teksturat białka',
    protein: 'białko|białka|białek|białkow*|proteiny|hydrolizat białkowy|izolat białka|aminokwas*',
    lupin: 'łubin*|mąka z łubinu',
    almond: 'migdał*|mąka migdałowa|pasta migdałowa|amaretti|płatki migdałowe',
    marzipan: 'marcepan*|persipan*',
    hazelnut:
      'orzechy laskowe|orzech laskowy|orzechów laskowych|laskow*|orzechami laskowymi|gianduja|pasta z orzechów laskowych',
    walnut: 'orzechy włoskie|orzech włoski|orzechów włoskich|orzechami włoskimi',
    cashew: 'nerkowiec|nerkowc*|orzechy nerkowca|nanercz*|cashew',
    pecan: 'pekan*|orzechy pekan|orzech pekan|orzechy pekanowe',
    brazil: 'orzechy brazylijskie|orzech brazylijski|orzechów brazylijskich|brazylijskie orzechy',
    pistachio: 'pistacj*|pasta pistacjowa',
    macadamia: 'makadami*|macadamia|orzechy makadamia|orzechy macadamia|orzechy queensland',
    nuts: 'orzech|orzechy|orzechów|orzechami|orzechow*|mieszanka orzechów|bakali*|orzeszki|orzeszków|mieszanka studencka',
    'tree-nuts': 'orzechy drzewne|krokant*|pralin*|grylaż*|orzechów drzewnych',
    coconut:
      'kokos*|mleko kokosowe|olej kokosowy|mleczko kokosowe|mąka kokosowa|śmietanka kokosowa|woda kokosowa|cukier kokosowy|orzech kokosowy|krem kokosowy|tłuszcz kokosowy|mleka kokosowego|mleczka kokosowego',
    'pine-nut': 'orzeszki piniowe|pini*|orzeszki pinii|orzeszków piniowych|orzechy piniowe|orzeszki sosny',
    peanut:
      'orzeszki ziemne|orzeszków ziemnych|orzechy ziemne|orzechów ziemnych|orzeszkami ziemnymi|orzechami ziemnymi|orzech ziemny|arachid*|masło orzechowe|masła orzechowego|orzeszki arachidowe|fistaszk*|pasta orzechowa arachidowa|orzechy arachidowe|orzechów arachidowych|olej arachidowy',
    sesame:
      'sezam*|nasiona sezamu|olej sezamowy|tahini|tahina|pasta sezamowa|ziarna sezamu|hummus*|gomasio|humus*',
    seed: 'pestki dyni|pestek dyni|pestki słonecznika|nasiona słonecznika|ziarna słonecznika|siemię lniane|siemienia lnianego|mak|maku|nasiona chia|chia|nasiona lnu|nasiona konopi|nasiona kminku|czarnuszk*|słonecznik łuskany|nasiona dyni|nasiona kopru|nasiona kolendry|len|lnu|babka płesznik|babka jajowata',
    seeds: 'nasiona|nasion|ziarna|ziaren|mieszanka ziaren|mieszanka nasion|pestki|pestek',
    celery:
      'seler|selera|selerem|selerow*|seler naciowy|sól selerowa|nasiona selera|ziarno selera|selery|łodygi selera|liść selera',
    celeriac: 'seler korzeniowy|korzeń selera|selera korzeniowego',
    mustard: 'gorczyc*|nasiona gorczycy|mąka gorczyczna|gorczyczn*|gorczyca biała|ziarno gorczycy|winegret',
    sulphites:
      'siarczyn*|dwutlenek siarki|dwutlenku siarki|pirosiarczyn*|metabisiarczyn*|wodorosiarczyn*|siarkowan*|ditlenek siarki|siarczyny|pirosiarczyn sodu|pirosiarczyn potasu',
    allergens: 'alergen*|inne alergeny',
    shellfish: 'owoców morza|owocami morza',
    crustacean:
      'skorupiak*|krab|kraba|kraby|krabów|homar*|langust*|rak|raki|raków|kryl*|pasta krewetkowa|szyjki rakowe|krabow*|mięso kraba|mięso krabów|mięso z krabów|mięso homara',
    mollusc:
      'mięczak*|małż|małże|małży|omułk*|ostryg*|sos ostrygowy|kałamarnic*|ośmiornic*|kalmar*|przegrzebk*|ślimak*|mątw*|atrament kałamarnicy|sepia|sercówk*',
    'scaled-fish':
      'łosoś|łososi*|pstrąg*|śledź|śledzi*|makrel*|dorsz*|sardel*|anchois|anchovies|mintaj*|szprot*|plamiak*|karp|karpia|halibut*|sandacz*|okoń|okoni*|morszczuk*|dorad*|tilapi*|filety anchois|pasta anchois|czarniak*|flądr*|lin|sieja|sielaw*',
    'tinned-fish': 'tuńczyk*|sardynk*|łosoś wędzony na gorąco|paprykarz*',
    'smoked-fish':
      'łosoś wędzony|łososia wędzonego|wędzony łosoś|pstrąg wędzony|łosoś wędzony na zimno|gravlax',
    'raw-fish': 'surowa ryba|rolmops*|śledź marynowany|ceviche|matias*|matjas*|śledź w oleju',
    'unscaled-fish':
      'węgorz*|żabnic*|sum|suma|miecznik*|rekin*|jesiotr*|kawior*|płaszczk*|tasza|ikra taszy|zębacz*',
    fish: 'ryba|ryby|rybę|ryb|rybami|rybn*|ikra|ikry|mięso z ryb|białe ryby',
    'fish-part':
      'olej rybi|oleju rybiego|olej z ryb|sos rybny|sosu rybnego|bulion rybny|ekstrakt rybny|bonito|dashi|tran|karuk',
    worcester: 'sos worcester|worcester*|sos worcestershire',
    surimi: 'surimi|paluszki krabowe',
    pork: 'wieprzow*|mięso wieprzowe|mięsa wieprzowego|świni*|karkówk*|wątroba wieprzowa|podgardl*|boczek surowy|łopatka wieprzowa|kaszank*|kiszk* krwist*|golonk*|prosi*|szynka wieprzowa|świnia|wieprz*|mięso z szynki',
    lard: 'smalec|smalcu|słonin*|tłuszcz wieprzowy|tłuszczu wieprzowego|skórki wieprzowe|skwark*|sadło|skórka wieprzowa|krew wieprzowa|białko wieprzowe|białko kolagenowe wieprzowe|kolagen wieprzowy',
    'cured-pork':
      'szynka dojrzewająca|szynka surowa|szynka parmeńska|prosciutto|pancetta|boczek|boczku|boczkiem|polędwica surowa|coppa|speck|bekon*|szynka serrano|polędwica łososiowa|guanciale|boczek wędzony',
    'cooked-pork':
      'szynka|szynki|szynkę|szynkow*|szynka gotowana|mortadel*|baleron*|parówki wieprzowe|szynka konserwowa|polędwica sopocka|mielonka',
    boar: 'dzik|dzika|dziczyzna z dzika',
    beef: 'wołowin*|wołow*|cielęcin*|cielęc*|mięso wołowe|mięsa wołowego|flaki|flaków|hamburger*|krowa|stek|tatar|ozór wołowy|ozor*|bydł*',
    'beef-part':
      'bulion wołowy|ekstrakt wołowy|łój*|tłuszcz wołowy|łoju|tłuszczu wołowego|rosół wołowy|kolagen wołowy|białko wołowe',
    'cured-beef': 'bresaola|wołowina suszona|suszona wołowina',
    'cooked-beef': 'pastrami|rostbef*|pieczeń wołowa|wołowina gotowana',
    lamb: 'jagnięcin*|jagnięc*|baranin*|baran*|koźlęc*',
    poultry:
      'kurczak*|kurcząt|indyk*|indycz*|kaczk*|kacz*|gęś|gęsi*|drób|drobiu|drobiow*|mięso z kurczaka|filet z kurczaka|pierś z kurczaka|mięso drobiowe|kura|kury|przepiórk*|perliczk*|mięso z indyka',
    'poultry-part':
      'bulion drobiowy|tłuszcz drobiowy|tłuszcz z kurczaka|tłuszcz gęsi|ekstrakt z kurczaka|rosół z kury|rosół drobiowy|rosół z kurczaka|skórki z kurczaka|skórki drobiowe|smalec gęsi',
    'cooked-poultry':
      'kurczak gotowany|kurczak pieczony|filet z kurczaka pieczony|polędwica z kurczaka|polędwica drobiowa|indyk pieczony',
    game: 'dziczyzn*|jeleń|jelen*|sarn*|królik*|zając*|bażant*|gołęb*|konin*|koń|daniel*|kuropatw*',
    'animal-fat':
      'tłuszcz zwierzęcy|tłuszcze zwierzęce|tłuszczu zwierzęcego|krew|krwi|osocze|plazma krwi|kości|kość|szpik|białko zwierzęce|zwierzęc*|pochodzenia zwierzęcego|podroby|podrobów|hemoglobin*|białka zwierzęce',
    meat: 'mięso|mięsa|mięsn*|mięs|ekstrakt mięsny|klopsik*|pulpet*|nerki|serca|wędlin*|kebab*|mięso mielone|bulion mięsny|gulasz*|bigos*|mięso oddzielone mechanicznie|mom|bolońsk*|golonka|rosół|rosołu|kotlet*',
    liver: 'wątrob*|wątróbk*|foie gras|pasztetow*|terrin*|wątrobiank*|salceson*|rillettes',
    sausage:
      'kiełbas*|parówk*|frankfurterk*|kiełbask*|hot dog|wurst|serdelk*|kaszanka|krakowska|śląska|biała kiełbasa',
    casing:
      'osłonk*|jelito|jelita|jelit|osłonka kolagenowa|osłonka białkowa|jelito naturalne|osłonki kolagenowe|flak',
    'pork-gelatine': 'żelatyna wieprzowa|żelatyny wieprzowej|żelatyna (wieprzowa)|żelatyna z wieprzowiny',
    'beef-gelatine': 'żelatyna wołowa|żelatyny wołowej|żelatyna (wołowa)|żelatyna z wołowiny',
    'fish-gelatine': 'żelatyna rybna|żelatyny rybnej|żelatyna (rybna)|żelatyna z ryb',
    gelatine: 'żelatyn*|kolagen*|galaret* mięsn*|galaret*|auszpik|żelatyna spożywcza',
    marshmallow: 'pianki|pianek|ptasie mleczko|marshmallow*|żelki|żelków|galaretki owocowe|żelek',
    honey:
      'miód|miodu|miodow*|miodem|mleczko pszczele|propolis|pyłek pszczeli|miód pitny|miody|pierzga|miód w proszku',
    beeswax: 'wosk pszczeli|wosku pszczelego',
    insects:
      'karmin*|koszenil*|kwas karminowy|szelak*|owad*|świerszcz*|mącznik*|czerwień koszenilowa naturalna|mąka ze świerszczy',
    glaze:
      'substancja glazurująca|substancje glazurujące|substancji glazurujących|wosk|woski|glazura|lukier|środek nabłyszczający|nabłyszczając*',
    colour:
      'barwnik|barwniki|barwnika|barwników|barwnik naturalny|substancja przeciwzbrylająca|substancje przeciwzbrylające|substancja pomocnicza|barwnik spożywczy|barwniki naturalne|barwiąc*|przeciwzbrylając*',
    onion:
      'cebul*|szalotk*|por|pora|pory|porów|szczypior*|cebula w proszku|cebulka|dymka|cebula suszona|cebula smażona|porow*',
    garlic: 'czosn*|czosnek|czosnek w proszku|czosnek niedźwiedzi|czosnek suszony',
    root: 'marchew*|marchwi|ziemniak*|ziemniaczan*|skrobia ziemniaczana|batat*|burak*|buraczan*|sok z buraka|czerwień buraczana|rzodkiew*|rzepa|rzepy|pasternak*|imbir*|kurkum*|kurkumina|maniok*|tapiok*|cykori*|konjac|korzeń pietruszki|pietruszka korzeń|frytki|topinambur*|skrobia z tapioki|czarna marchew|koncentrat z buraka|brukiew|skorzoner*|korzeń cykorii|daikon|korzeń lukrecji',
    mushroom:
      'grzyb*|pieczark*|borowik*|trufl*|kurki|podgrzybk*|shiitake|boczniak*|pieczarki suszone|grzyby suszone',
    spices:
      'przyprawa|przyprawy|przypraw|mieszanka przypraw|mieszanki przypraw|ekstrakty przypraw|ekstrakt przypraw|curry|garam masala|ras el hanout|harissa|zioła i przyprawy|keczup*|ketchup*|sos pomidorowy|przyprawa korzenna|przyprawami|przyprawy korzenne|sos chili|sos barbecue|ajwar|przyprawa do piernika',
    seasoning:
      'sosu|marynat*|dressing|dip|mieszanka przyprawowa|przyprawa uniwersalna|farsz|nadzienie mięsne|dipy',
    vegetables:
      'warzywa|warzyw|warzywn*|mieszanka warzyw|warzywa suszone|koncentrat warzywny|warzywo|włoszczyzn*|ekstrakt warzywny|warzywami|susz warzywny',
    wine: 'wino|wina|winem|wino czerwone|wino białe|porto|sherry|madera|marsala|szampan*|koniak*|brandy|prosecco|wermut*|winiak*|wina białego|wina czerwonego|armaniak',
    beer: 'piwo|piwa|piwem|piwn*',
    'ginger-beer': 'piwo imbirowe|ginger ale|piwa imbirowego|ginger beer',
    'nut-liqueur': 'amaretto|nocino',
    chestnut: 'kasztan*|kasztanow*|kasztany jadalne|mąka kasztanowa',
    alcohol:
      'alkohol*|etanol*|spirytus*|rum|rumu|whisky|wódk*|gin|tequila|likier*|nalewk*|calvados|sake|mirin|śliwowic*|kirsch|bourbon|alkohol etylowy',
    'wine-vinegar':
      'ocet winny|octu winnego|ocet balsamiczny|octu balsamicznego|ocet z wina|ocet z czerwonego wina|ocet z białego wina|ocet winny czerwony|ocet winny biały|ocet balsamiczny z modeny|krem balsamiczny|ocet sherry|balsamiczn*|octem winnym|octem balsamicznym',
    vinegar: 'ocet|octu|octem',
    grape:
      'sok winogronowy|soku winogronowego|moszcz winogronowy|zagęszczony moszcz winogronowy|koncentrat soku winogronowego|ekstrakt z pestek winogron|zagęszczony sok winogronowy|sok z winogron|moszczu winogronowego|moszcz gronowy',
    'vanilla-extract':
      'ekstrakt waniliowy|ekstrakt z wanilii|esencja waniliowa|ekstraktu z wanilii|naturalny ekstrakt wanilii|ekstrakt wanilii',
    flavour:
      'aromat|aromaty|aromatu|aromatów|aromat naturalny|naturalny aromat|naturalne aromaty|aromat dymu|aromat dymu wędzarniczego|aromatyzowan*|substancje aromatyczne|naturalny aromat waniliowy|aromat waniliowy|naturalny aromat wanilii|aromat dymu wędzarniczego naturalny|aromaty naturalne|esencja|preparat aromatyczny|aromatem',
    'fatty-additive':
      'mono i diglicerydy|mono i diglicerydy kwasów tłuszczowych|mono i digliceryd* kwasów tłuszczowych|monogliceryd*|digliceryd*|kwasy tłuszczowe|kwasów tłuszczowych|kwas stearynowy|stearynian*|gliceryn*|glicerol*|polisorbat*|polirycynooleinian*|stearoilomleczan*|estry kwasów tłuszczowych|estry mono i diglicerydów|estry poliglicerolu|sole magnezowe kwasów tłuszczowych|sacharoestry|stearylomleczan*|stearynian magnezu',
    emulsifier: 'emulgator*|substancja emulgująca|sól emulgująca|sole emulgujące',
    nucleotides:
      'inozynian*|guanylan*|rybonukleotyd*|5 rybonukleotydy disodowe|inozynian disodowy|guanylan disodowy',
    enhancer: 'wzmacniacz smaku|wzmacniacze smaku|wzmacniacza smaku|wzmacniaczy smaku|wzmacniacz*',
    cysteine:
      'cystein*|l cysteina|glicyna|tauryn*|środek do przetwarzania mąki|polepszacz*|glukozamin*|chitozan*|substancja do przetwarzania mąki|środki do przetwarzania mąki',
    lanolin: 'witamina d|witamina d3|witaminy d|witaminy|cholekalcyferol*|omega 3|dha|epa|lanolin*',
    fat: 'tłuszcz|tłuszcze|tłuszczu|tłuszczów|margaryn*|tłuszczow*',
    stock: 'bulion*|rosołow*|kostka rosołowa|wywar*|kostki rosołowej',
    'vegetable-stock': 'bulion warzywny|bulionu warzywnego|wywar warzywny|wywaru warzywnego|rosół warzywny',
    gravy: 'sos pieczeniowy|zasmażk*|sos biały|sos mięsny',
    sprouts: 'kiełki|kiełków|lucern*|kiełki lucerny|kiełki fasoli mung|kiełki rzodkiewki|kiełki soi',
  },
  sources:
    'ryż|ryżu|ryżow*|kukurydz*|kukurydzian*|groch|grochu|grochow*|groszek|groszku|ciecierzyc*|soczewic*|bób|bobu|fasol*|gryka|gryki|gryczan*|komos*|quinoa|proso|prosa|jaglan*|sorgo|teff|amarantus*|słonecznik*|słonecznikow*|rzepak*|rzepakow*|palm*|palmow*|oliw*|soja|soi|sojow*|migdał*|laskow*|kokos*|roślin*|roślinn*|pochodzenia roślinnego|len|lnian*|konopi*|dyni*|banan*|ziemniak*|ziemniaczan*|tapiok*|maniok*|krokosz*|bawełn*|shea|kakao|kakaow*|łubin*|karob*|agaw*|celuloz*|alginian*|ciecierzycow*|gryczana|masłosz*|szarłat*',
  foods:
    'basmati|ryż basmati|ryż jaśminowy|mąka ryżowa|mąka kukurydziana|mąka gryczana|mąka z ciecierzycy|mąka jaglana|kasza gryczana|kasza jaglana|kaszy gryczanej|kaszy jaglanej|kasza kukurydziana|płatki jaglane|płatki ryżowe|wafle ryżowe|kalarep*|brukselk*|botwin*|burak liściowy|cykoria liściasta|endywi*|radicchio|sałata lodowa|mix sałat|natka|papryka czerwona|papryka konserwowa|papryczk*|jalapeno|pomidory koktajlowe|pomidory krojone|sok pomidorowy|groszek zielony|groszek konserwowy|fasola biała|fasola czerwona|fasola mung|soczewica czerwona|soczewica zielona|dynia|dyni*|patison*|kabaczek|borówka amerykańska|czarna porzeczka|czerwona porzeczka|morele|moreli|daktyle suszone|rodzynki sułtańskie|skórka z cytryny|skórka pomarańczy|cukier brązowy|cukier waniliowy|cukier muscovado|syrop kukurydziany|mieszanka pieprzu|pieprz różowy|pieprz syczuański|liść lubczyku|melis*|werben*|trybul*|hyzop*|rukwi*|koncentrat z krokosza|koncentrat ze spiruliny|koncentrat z aronii|koncentrat z czarnego bzu|koncentrat z jabłek|błonnik jabłkowy|białko słonecznikowe|białko z bobu|izolat białka grochu|żelazo|wapń|fosforan wapnia|węglan wapnia|węglan magnezu|chlorek magnezu|chlorek sodu|cytrynian potasu|cytrynian sodu|cytryniany sodu|octany|mleczan potasu|winian potasu|izoaskorbinian sodu|ekstrakt z rozmarynu|ekstrakt z aceroli|acerol*|ekstrakt zielonej herbaty|azotan potasu|woda|wody|wodą|sól|soli|solą|sól morska|sól jodowana|sól kuchenna|sól himalajska|cukier|cukru|cukry|cukrem|cukier trzcinowy|cukier puder|cukier inwertowany|cukier wanilinowy|syrop*|syrop glukozowy|syrop glukozowo fruktozowy|syrop z agawy|syrop klonowy|syrop daktylowy|syrop ryżowy|syrop cukru inwertowanego|glukoz*|fruktoz*|dekstroz*|maltodekstryn*|sacharoz*|substancja słodząca|substancje słodzące|substancji słodzących|słodzik*|stewi*|stevia|glikozydy stewiolowe|erytrytol*|ksylitol*|sorbitol*|maltitol*|mannitol*|izomalt*|sukraloz*|aspartam*|acesulfam*|acesulfam k|sacharyn*|olej*|oleje|olej rzepakowy|olej słonecznikowy|olej roślinny|oleje roślinne|oliwa z oliwek|oliwa|oliwy|oliwa z oliwek extra virgin|olej palmowy|olej kukurydziany|olej lniany|olej ryżowy|tłuszcz roślinny|tłuszcze roślinne|tłuszcz palmowy|tłuszcz kakaowy|tłuszczu kakaowego|masło kakaowe|tłuszcz shea|margaryna roślinna|olej z pestek winogron|masło shea|skrobi*|skrobia modyfikowana|skrobia kukurydziana|skrobia ryżowa|skrobia grochowa|błonnik*|błonnik cytrusowy|błonnik grochowy|błonnik roślinny|błonnik bambusowy|inulin*|oligofruktoz*|pektyn*|agar|agar agar|agarow*|guma|gumy|guma guar|guar|guma ksantanowa|ksantan*|mączka chleba świętojańskiego|chleb świętojański|mączka z nasion chleba świętojańskiego|guma arabska|guma akacjowa|guma gellan|gellan|karagen*|alginian sodu|metyloceluloza|hydroksypropylometyloceluloza|karboksymetyloceluloz*|guma celulozowa|guma tara|drożdże|drożdży|drożdżow*|ekstrakt drożdżowy|ekstrakt z drożdży|płatki drożdżowe|substancja spulchniająca|substancje spulchniające|proszek do pieczenia|soda|soda oczyszczona|spulchniając*|węglan*|węglany sodu|węglany amonu|wodorowęglan*|difosforan*|trifosforan*|polifosforan*|fosforan*|sód|sodu|potas*|wapń|wapni*|magnez*|amon*|disodow*|trisodow*|chlorek|chlorku|chlorek wapnia|chlorek potasu|siarczan*|cytrynian*|mleczan*|mleczan wapnia|mleczan sodu|octan*|octany sodu|askorbinian*|izoaskorbinian*|sorbinian*|benzoesan*|propionian*|azotyn*|azotyn sodu|azotan*|glukonian*|winian*|kamień winny|jabłczan*|kwas|kwasu|kwasy|kwas cytrynowy|kwas mlekowy|kwas askorbinowy|kwas jabłkowy|kwas winowy|kwas octowy|kwas sorbowy|kwas foliowy|kwas fosforowy|regulator kwasowości|regulatory kwasowości|regulatora kwasowości|substancja zakwaszająca|substancja konserwująca|substancje konserwujące|substancji konserwujących|konserwant*|przeciwutleniacz*|stabilizator*|substancja zagęszczająca|substancje zagęszczające|substancja żelująca|substancje żelujące|substancja wiążąca|substancja utrzymująca wilgoć|substancja wzbogacająca|zagęstnik*|kultury|kultur|kultury bakterii|żywe kultury bakterii|bakterie|bakterie fermentacji mlekowej|kultury starterowe|kultury bakterii mlekowych|żywe kultury bakterii mlekowych|bakterii mlekowych|zakwas bakteryjny|pleśń|pleśni|penicillium|glutaminian*|glutaminian monosodowy|witamina|witamina a|witamina b|witamina b1|witamina b2|witamina b6|witamina b12|witamina c|witamina e|witamina k|niacyn*|tiamin*|ryboflawin*|żelazo|żelaza|cynk*|jod*|minerał*|składniki mineralne|tokoferol*|beta karoten|karoten*|karotenoid*|annato|annatto|norbiksyn*|antocyjan*|chlorofil*|karmel cukrowy|karmel barwnik|cukier karmelizowany|węgiel roślinny|papryk*|ekstrakt z papryki|papryka słodka|papryka ostra|papryka wędzona|spirulin*|alga|algi|alg|wodorost*|nori|wakame|wosk carnauba|carnauba|dwutlenek krzemu|dwutlenek tytanu|dwutlenek węgla|azot|nigari|pomidor*|koncentrat pomidorowy|przecier pomidorowy|pulpa|pieprz*|pieprz czarny|pieprz cayenne|pieprz ziołowy|chili|ogórek|ogórk*|ogórki kiszone|cukini*|bakłażan*|szpinak*|kapust*|kalafior*|brokuł*|sałat*|roszponk*|rukol*|koper włoski|fenkuł*|karczoch*|szparag*|oliwki|oliwek|fasolka szparagowa|kukurydza cukrowa|popcorn|jarmuż*|zioła|ziół|ziołow*|ziołami|bazyli*|oregano|tymian*|rozmaryn*|szałwi*|mięt*|koper|koperek|kopru|koperk*|natka pietruszki|pietruszka|pietruszki|natk*|kolendr*|estragon*|majeran*|liść laurowy|liście laurowe|laurow*|kmin|kminek|kminku|kmin rzymski|anyż*|cynamon*|goździk*|kardamon*|kardamom*|gałka muszkatołowa|muszkatołow*|szafran*|kozieradk*|jałowiec|jałowca|jałowcow*|ziele angielskie|cząber|cząbru|lubczyk*|wanili*|laska wanilii|laski wanilii|wanilin*|etylowanilin*|kakao|kakaow*|miazga kakaowa|miazgi kakaowej|masa kakaowa|kakao w proszku|ziarna kakaowca|kakao o obniżonej zawartości tłuszczu|kaw*|kawa|herbat*|cytryn*|sok z cytryny|sok cytrynowy|limonk*|pomarańcz*|skórka pomarańczowa|grejpfrut*|mandaryn*|cytrus*|bergamot*|jabłk*|jabłkow*|gruszk*|śliwk*|brzoskwi*|nektaryn*|morel*|wiśni*|czereśni*|winogron*|figi|fig|figa|figow*|daktyl*|mango|ananas*|papaj*|marakuj*|kiwi|melon*|arbuz*|granat|granatu|pigw*|gujaw*|liczi|truskawk*|malin*|borówk*|jagod*|jeżyn*|żurawin*|porzeczk*|agrest*|czarny bez|bzu|rabarbar*|goji|aroni*|róż*|owoc|owoce|owoców|owocow*|owocami|awokado|skórka|skórki|skórk*|sok|soku|soki|sokiem|przecier*|koncentrat*|dżem*|powidł*|marmolad*|konfitur*|kompot*|octu jabłkowego|ocet spirytusowy|octu spirytusowego|ocet ryżowy|rzeżuch*|pokrzyw*|szczaw*|lawend*|kwiat*|woda różana|hibiskus*|bambus*|pędy bambusa|jackfruit|tamarynd*|liście winogron|liście|serca palmowe|ekstrakt*|wyciąg*|białko grochu|białko grochowe|białka grochu|białko ryżowe|białko ryżu|białko bobu|gliceryna roślinna|żelatyna roślinna|dym|dymem|dymu|kiszon*|kwaszon*|guacamole|tapenad*|kaki|kwas l askorbinowy|białko słonecznika|białko konopne|makuch*|masło roślinne|napój ryżowy|sok zagęszczony|soki zagęszczone',
  manner:
    'd2|koniec|końca|spód|spodzie|etykieta|nadrukowan*|umieścić|wymieszać|wymieszaj|podawaj|przechowuj|wstrząśnij|usuń|wlej|dodaj|rozgrzan*|nagrzan*|zostaw|pojemnik*|zamknięty|szczeln*|produkty|poławian*|sieci|haki|obszar|połow*|pacyfik*|bałtyk*|bałtyck*|wybrane|zbieran*|ręcznie|w plastrach|w kostkę|w paski|ćwiartk*|połówk*|połówki|zgniecion*|dmuchany|kiełkowan*|biodynamiczn*|kamienn*|młyn*|wolny wybieg|pastwisk*|ras*|karmion*|rolnik*|producent*|górsk*|gór*|wybrzeż*|wysp*|mazur*|podlask*|podhal*|małopolsk*|śląsk*|kaszub*|wielkopolsk*|sp|oo|ul|ulica|infolinia|konsument*|kontakt*|strona|odpad*|segregacj*|pojemność|zawartość netto|na porcję|przystawk*|dodatek do|śniadani*|obiad*|kolacj*|impreza|imprez*|gości|gość|specjalność|specjalności|mistrz*|od|rodzin*|tradycj*|dawn*|babuni|smakuj*|soczyst*|zrównoważona|dieta|diety|diet*|zróżnicowan*|drewn*|bukow*|dębow*|norweg*|szkoc*|irland*|island*|portugal*|holand*|dani*|turcj*|marok*|tunezj*|chile|peru|indi*|chin*|tajland*|meksyk*|kanad*|ocean*|gorąc*|rozwarstwieni*|lat|rok|roku|zadławieni*|ryzyko|nadzór|nadzor*|zamknąć|zamknięt*|unikać|słońc*|słoneczn*|bezpośredni*|gotować|dodać|wrząt*|garnek|ogień|poniżej|wielokwiatow*|wieczko|pozostał*|mogą pozostać|pozostać|i|oraz|lub|albo|z|ze|bez|w|we|na|do|od|o|u|po|pod|nad|przy|przez|dla|za|się|jest|są|być|to|ten|ta|te|tego|tej|nie|tak|jak|który|która|które|których|może|mogą|możliwa|możliwe|możliwość|zawierać|zawiera|zawierają|zawierając*|zawartość|zawartości|śladowe|śladow*|ślad*|ilości|ilość|obecność|wyprodukowano|wyprodukowan*|produkowan*|produkowany|pakowano|pakowan*|przetwarzan*|przetwarza|używa|używan*|zakład*|fabryk*|lini*|inne|inny|innych|również|także|też|oraz inne|składnik*|skład|składzie|lista|ekologiczn*|bio|rolnictw*|naturaln*|śwież*|such*|suszon*|liofilizowan*|mielon*|zmielon*|rozdrobnion*|siekan*|krojon*|plastr*|tart*|prażon*|pieczon*|smażon*|gotowan*|parzon*|surow*|dojrzał*|dojrzewając*|drylowan*|obran*|łuskan*|cał*|pełn*|pełnoziarnist*|razow*|częściowo|całkowicie|solon*|niesolon*|słodk*|słodzon*|słon*|wędzon*|tłoczon*|na zimno|zimno|rafinowan*|nierafinowan*|utwardzon*|nieutwardzon*|uwodornion*|extra|virgin|drobn*|grub*|lekk*|niski*|wysok*|obniżon*|zmniejszon*|bogat*|źródło|źródł*|zagęszczon*|odtworzon*|proszek|proszku|w proszku|płatki|płatk*|kawałk*|kawałek|granulat*|kostk*|paski|pałeczk*|słupki|rodzaj*|typ|styl*|jakości|jakość|wybran*|tradycyj*|rzemieślnicz*|domow*|fermentowan*|marynowan*|marynow*|zakwaszon*|wzbogacon*|minimum|maksimum|min|maks|max|co najmniej|nie mniej|łącznie|zmienn* proporcj*|proporcj*|zmiennych|masa|masy|netto|odsączeniu|odcieku|baza|bazie|mieszank*|mieszan*|nadziewan*|oblan*|warstw*|certyfikowan*|zrównoważon*|fairtrade|ue|spoza|unia|polsk*|polska|włoch*|włosk*|hiszpań*|hiszpani*|francusk*|francj*|greck*|grecj*|niemc*|niemieck*|europ*|kraj*|pochodzeni*|region*|lokaln*|importowan*|łowion*|złowion*|hodowlan*|hodowan*|upraw*|zbior*|morz*|morsk*|atlanty*|północn*|południow*|wschodni*|zachodni*|śródziemn*|przechowywać|przechowyw*|chłodn*|suchym|miejsc*|miejscu|światł*|ciepł*|temperatur*|pokojow*|lodówc*|chłodziark*|mroż*|mrożon*|zamrażać|rozmrażać|rozmrożon*|ponownie|otwarci*|po otwarciu|otwart*|spożyć|spożyci*|spożywać|ciągu|dni|dzień|tygodni*|miesi*|godzin*|minut*|najlepiej|przed|data|daty|dat|patrz|wieczk*|opakowani*|opakowaniu|słoik*|puszk*|butelk*|torebk*|pudełk*|atmosfer*|ochronn*|podawać|podani*|serwować|propozycj*|idealn*|pyszn*|doskonał*|smaczn*|przepis*|porcj*|wstrząsnąć|mieszać|umyć|myt*|gotow*|gotowy|jeść|podgrzać|podgrzew*|piekarnik*|patelni*|mikrofal*|kuchen*|odpowiedni*|nieodpowiedni*|osób|osoby|osobom|alergi*|alergik*|uczuleni*|uczulon*|nietolerancj*|informacj*|uwaga|ostrzeżeni*|pogrubion*|wyróżnion*|czcionk*|wartość|wartości|odżywcz*|średni*|energetyczn*|energi*|kcal|kj|tym|w tym|nasycone|nasycon*|węglowodany|węglowodan*|referencyjn*|dzienn*|spożycia|dorosł*|partia|numer*|kod|g|kg|mg|ml|cl|cm|mm|klas*|wielkoś*|duż*|mał*|now*|oryginaln*|klasyczn*|prost*|czyst*|prawdziw*|papier|plastik|recykling*|dzieci*|pestka|ości|ość|skorup*|fragment*|pomimo|mimo|usunąć|skóry|skóra|bez skóry|bez kości|krow*|krowi*|koz*|kozi*|owc*|owcz*|bawol*|odtłuszczon*|chud*|półtłust*|tłust*|genetyczn*|gmo|sztuczn*|dodan*|dodat*|dodatk*|dodatek|pasteryzowan*|sterylizowan*|uht|homogenizowan*|hydrolizowan*|teksturowan*|otrzyman*|ekstrakcj*|chrupiąc*|miękk*|kremow*|delikatn*|pikantn*|ostr*|łagodn*|wytrawn*|asort*|dług*|okrągł*|młod*|czarn*|biał*|czerwon*|zielon*|żółt*|brąz*|brązow*|złot*|różow*|koktajlow*|koktajlowe|metod*|krzyżow*|zanieczyszczeni*|kontaminacj*|zagwarantować|gwarant*|gwarancj*|wykluczyć|brak*|wolny|woln*|spożywcz*|żywność|żywnościow*|napój|napoj*|dani*|smak*|zapach*|b|c|k|d|a|e|wegański*|wegetariański*|wegan*|wegetarian*|celiaki*|produkt*|produktu|sklep*|stosowan*|stosuje|urządz*|gdzie|tym samym|sam*|ten sam|jadaln*|niejadaln*|zalew*|zalewa|zalewie|konserwow*|ilościach|przygotowan*|zrobion*|wykonan*|wytworzon*|użyt*|użyto|sporządzon*|stron*|etykiet*|kontrolowan*|certyfikat*|wyselekcjonowan*|łatwo|szybko|dobrze|przed użyciem|użyci*|ręczni*|górski*|wiejsk*|łusk*|łuski|miąższ*|pulpy|ekologia|wolnego wybiegu|wybieg*|ściółk*|chów|chowu|obróbc*|obróbka|termiczn*|ekstrudowan*|dmuchan*|preparowan*|mix|mikro|niepalon*|palon*|palona',
  handling:
    'przechowyw*|przechowywać|lodówc*|otwarciu|otwarci*|spożyć|spożyci*|spożywać|podawać|wstrząsnąć|umyć|podgrzać|gotować|piekarnik*|kuchen*|mroż*|zamrażać|rozmrażać|opakowani*|odżywcz*|pochodzeni*|najlepiej|temperatur*|odpowiedni*|przygotowan*|segregacj*|zadławieni*|nadzór|masa|odcieku|odsączeniu',
  plantMilk:
    'sojow*|sojowe|kokosow*|owsian*|migdałow*|ryżow*|grochow*|konopn*|orzechow*|laskow*|nerkowc*|roślinn*|wegańsk*|kokos*|soi|owsa|migdałów|ryżu|makadamia|gryczan*|orkiszow*|łubinow*|jaglan*',
  plantButter:
    'kakaow*|shea|orzechow*|migdałow*|kokosow*|roślinn*|sezamow*|wegańsk*|pistacjow*|dyniow*|słonecznikow*|arachidow*',
  plantAfter: true,
  joints: 'z|ze|na bazie|bazie',
  plantMade: 'wegańsk*|wegański|wegańskie|wegańska|roślinn*|roślinny|roślinne|roślinna|vegan',
  freeAfter: 'free',
  freeBeginnings: ['bez'],
  heading: 'skladniki|sklad|lista skladnikow',
  may: '\\b(?:moze|moga) (?:\\w+ ){0,3}(?:zawierac|zawierc|wystepowac)|\\b(?:mozliwa|mozliwe|ewentualna) (?:obecnosc|zawartosc|sladowe|slady)|\\bslad(?:owe|owych|y)?(?: ilosci)?\\b|\\bmozliwosc\\w*|\\b(?:wyprodukowan\\w*|produkowan\\w*|pakowan\\w*|przetwarzan\\w*|zapakowan\\w*) w (?:zakladzie|fabryce|tym|miejscu|piekarni|kuchni)|\\bw (?:zakladzie|fabryce|piekarni)|\\bkontaminacj\\w*|\\bzanieczyszczeni\\w* krzyzow|\\bnie (?:mozemy|mozna|jestesmy) (?:\\w+ )?(?:gwarant\\w*|zagwarantowac|wykluczyc)|\\bnieodpowiedn\\w* dla (?:osob )?(?:\\w+ ){0,2}(?:alerg|uczul)',
  freeFrom:
    '\\b(?:bez(?: dodatku| zawartosci| dodanego| dodatkow)?|wolny od|wolne od|nie zawiera(?:ja)?)(?![a-z])',
  contains:
    '(?<!nie )\\bzawiera(?:ja)?\\b(?! (?:slad|mozliw))|\\b(?:przygotowan\\w+ z|zrobion\\w+ z|wykonan\\w+ z|nadziewan\\w+(?= [a-z])|oblan\\w+|posypan\\w+|smazon\\w+ (?:w|na)|z dodatkiem)\\b|\\balergeny\\s*:',
  denial: 'nie|bez|nigdy|ani|żadnych',
  vegan: 'wegańsk*|wegański|wegańskie|weganie|wegan|weganom|vegan|wegańska',
  vegetarian: 'wegetariańsk*|wegetariański|wegetariańskie|wegetarianie|wegetarian|wegetarianom',
  nutrition:
    'energia|energetyczna|tłuszcz|tłuszcze|kwasy tłuszczowe nasycone|w tym kwasy tłuszczowe nasycone|kwasy tłuszczowe|nasycone|węglowodany|cukry|w tym cukry|błonnik|białko|białka|sól|sód|poliole|erytrytol|skrobia|witamina d|alkohol',
  unsuitable: 'nieodpowiedni\\w* dla|nie jest odpowiedni\\w*|nie nadaje sie',
};
