type Rows = readonly (readonly [string, string])[];

/**
 * Words of labels that a need forbids, written from public lists of allergens and of foods, apart from the reader's own
 * words: language, then need and words.
 */
export const DANGERS: Readonly<Record<string, Rows>> = {
  en: [
    [
      'gluten-free',
      'wheat flour|barley|rye bread|spelt|durum semolina|couscous|bulgur|breadcrumbs|malted barley|seitan|kamut|wheat gluten|rusk|naan bread|farro|barley malt extract|panko',
    ],
    [
      'dairy-free',
      'milk|butter|cream|whey powder|skimmed milk powder|casein|ghee|buttermilk|yoghurt|cheddar cheese|lactose|cream cheese|mozzarella|parmesan|milk chocolate|sodium caseinate|sour cream|lemon curd|milk solids|evaporated milk|clarified butter|quark|raw cream|goat milk|crème fraîche|milk protein concentrate',
    ],
    [
      'egg-free',
      'egg|egg white|whole egg powder|mayonnaise|egg yolk|albumen|meringue|lemon curd|dried egg|egg lysozyme|aioli',
    ],
    [
      'tree-nut-free',
      'almonds|hazelnuts|walnuts|cashew nuts|pecans|brazil nuts|pistachios|macadamia nuts|mixed nuts|marzipan|praline|nut oil|ground almonds|frangipane|gianduja',
    ],
    ['peanut-free', 'peanuts|peanut butter|groundnut oil|arachis oil|monkey nuts|satay sauce'],
    [
      'soy-free',
      'soya beans|soy sauce|tofu|tempeh|soya lecithin|edamame|miso|soy protein isolate|bean curd|soybean oil|soya flour',
    ],
    ['sesame-free', 'sesame seeds|tahini|sesame oil|halva|gomasio|hummus'],
    [
      'fish-free',
      'anchovies|salmon|tuna|cod|fish sauce|herring|mackerel|fish oil|caviar|sardines|haddock|fish gelatine|bonito flakes',
    ],
    ['crustacean-free', 'prawns|shrimp paste|crab|lobster|crayfish|krill oil|langoustine|shellfish'],
    ['mollusc-free', 'mussels|oysters|squid|oyster sauce|clams|scallops|octopus|snails'],
    ['celery-free', 'celery|celery salt|celeriac|celery seed|celery root'],
    ['mustard-free', 'mustard|mustard seed|mustard flour|Dijon mustard'],
    ['lupin-free', 'lupin flour|lupin|lupin beans'],
    ['sulphite-free', 'sulphur dioxide|sodium metabisulphite|E220|E 223|potassium metabisulphite|sulphites'],
    [
      'vegan',
      'honey|gelatine|pork|lard|beef fat|carmine|shellac|beeswax|E120|E 904|chicken stock|duck fat|suet|isinglass|anchovies|egg|milk|cochineal|E901|bacon|ham|E-120|E.120|E(120)|INS 120',
    ],
    [
      'vegetarian',
      'gelatine|pork fat|chicken|tuna|lard|animal rennet|carmine|E120|beef extract|bacon|fish sauce|prosciutto|oysters',
    ],
    ['halal', 'pork|lard|bacon|red wine|rum|ham|pork gelatine|brandy|beer|chorizo'],
    ['jain', 'onion|garlic|potatoes|carrot|beetroot|ginger|radish|celeriac|turmeric|honey'],
  ],
  de: [
    [
      'gluten-free',
      'Weizenmehl|Gerstenmalz|Roggen|Dinkelmehl|Hartweizengrieß|Bulgur|Paniermehl|Weizenstärke|Semmelbrösel|Grünkern|Weizenkleber|Gerstengraupen',
    ],
    [
      'dairy-free',
      'Milch|Butter|Sahne|Molkenpulver|Magermilchpulver|Vollmilchpulver|Butterreinfett|Joghurt|Käse|Quark|Milchzucker|Süßmolkenpulver|Frischkäse|Kondensmilch|Milcheiweiß|Natriumcaseinat|Buttermilch|Schmand|Rahm|Sahnepulver|Schokolade mit Milch',
    ],
    [
      'egg-free',
      'Hühnerei|Vollei|Eigelb|Eiklarpulver|Hühnereiweiß|Mayonnaise|Eier|Volleipulver|Eiweißpulver vom Huhn',
    ],
    [
      'tree-nut-free',
      'Mandeln|Haselnüsse|Walnüsse|Cashewkerne|Pekannüsse|Paranüsse|Pistazien|Macadamianüsse|Marzipanrohmasse|Haselnussmark|Mandelmus|Schalenfrüchte|Krokant',
    ],
    ['peanut-free', 'Erdnüsse|Erdnussbutter|Erdnussöl|Erdnusskerne'],
    ['soy-free', 'Soja|Sojabohnen|Sojalecithin|Tofu|Sojasauce|Sojaeiweiß|Sojamehl|Sojaprotein'],
    ['sesame-free', 'Sesam|Sesamöl|Tahin|Sesampaste|Sesamsaat'],
    ['fish-free', 'Lachs|Sardellen|Thunfisch|Fisch|Hering|Makrele|Fischöl|Räucherlachs|Fischsauce'],
    ['crustacean-free', 'Garnelen|Krebstiere|Krabben|Hummer|Krebsfleisch|Shrimps'],
    ['mollusc-free', 'Muscheln|Tintenfisch|Austern|Weichtiere|Miesmuscheln|Austernsauce'],
    ['celery-free', 'Sellerie|Knollensellerie|Selleriesalz|Staudensellerie|Selleriesaat'],
    ['mustard-free', 'Senf|Senfsaat|Senfkörner|Senfmehl'],
    ['lupin-free', 'Lupinenmehl|Süßlupinen|Lupineneiweiß'],
    ['sulphite-free', 'Schwefeldioxid|Sulfite|E 220|Natriummetabisulfit'],
    [
      'vegan',
      'Honig|Gelatine|Schweinefleisch|Rindfleisch|Speck|Schmalz|Karmin|Bienenwachs|Schellack|Hühnerbrühe|Milchpulver|Speisegelatine|Rindergelatine',
    ],
    ['halal', 'Schweinefleisch|Speck|Rotwein|Rum|Schweineschmalz|Schinken|Weinbrand|Bier'],
  ],
  fr: [
    [
      'gluten-free',
      'farine de blé|orge malté|seigle|épeautre|semoule de blé dur|chapelure|boulgour|amidon de blé|malt d’orge|gluten de blé',
    ],
    [
      'dairy-free',
      'lait|beurre|crème|lactosérum|lait écrémé en poudre|fromage|poudre de lait|lactose|babeurre|yaourt|protéines de lait|caséinate de sodium|emmental|crème fraîche|beurre concentré',
    ],
    ['egg-free', 'œufs|oeufs|jaune d’œuf|blanc d’œuf en poudre|mayonnaise|œufs entiers'],
    [
      'tree-nut-free',
      'amandes|noisettes|noix|noix de cajou|pistaches|noix de pécan|pâte d’amande|fruits à coque|praliné|noix du Brésil',
    ],
    ['peanut-free', 'arachides|cacahuètes|huile d’arachide|beurre de cacahuète'],
    ['soy-free', 'soja|lécithine de soja|tofu|sauce soja|protéines de soja'],
    ['sesame-free', 'sésame|graines de sésame|tahini|huile de sésame'],
    ['fish-free', 'anchois|saumon|thon|poisson|cabillaud|sardines|maquereau'],
    ['crustacean-free', 'crevettes|crabe|homard|crustacés|langoustines'],
    ['mollusc-free', 'moules|huîtres|calamars|escargots|mollusques'],
    ['celery-free', 'céleri|céleri-rave|sel de céleri'],
    ['mustard-free', 'moutarde|graines de moutarde|moutarde de Dijon'],
    ['lupin-free', 'farine de lupin|lupin'],
    ['sulphite-free', 'anhydride sulfureux|sulfites|métabisulfite de potassium'],
    [
      'vegan',
      'miel|gélatine|porc|lard|saindoux|graisse de canard|cire d’abeille|carmin|jambon|volaille|bœuf|gélatine de porc',
    ],
    ['halal', 'porc|lardons|vin rouge|jambon|rhum|saindoux|cognac'],
  ],
  it: [
    [
      'gluten-free',
      'farina di frumento|grano tenero|orzo|segale|farro|semola di grano duro|pangrattato|malto d’orzo|amido di frumento',
    ],
    [
      'dairy-free',
      'latte|burro|panna|siero di latte in polvere|latte scremato in polvere|formaggio|lattosio|yogurt|proteine del latte|ricotta|mozzarella|burro anidro|caseinato di sodio',
    ],
    ['egg-free', 'uova|tuorlo d’uovo|albume|maionese|albume d’uovo in polvere'],
    [
      'tree-nut-free',
      'mandorle|nocciole|noci|anacardi|pistacchi|noci pecan|frutta a guscio|marzapane|noci del Brasile',
    ],
    ['peanut-free', 'arachidi|burro di arachidi|olio di arachide'],
    ['soy-free', 'soia|lecitina di soia|tofu|salsa di soia|proteine di soia'],
    ['sesame-free', 'sesamo|semi di sesamo|tahina|olio di sesamo'],
    ['fish-free', 'acciughe|alici|tonno|salmone|pesce|merluzzo|colatura di alici'],
    ['crustacean-free', 'gamberi|gamberetti|granchio|crostacei|scampi'],
    ['mollusc-free', 'cozze|vongole|calamari|seppie|molluschi|polpo'],
    ['celery-free', 'sedano|sedano rapa'],
    ['mustard-free', 'senape|semi di senape'],
    ['lupin-free', 'lupini|farina di lupini'],
    ['sulphite-free', 'anidride solforosa|solfiti|metabisolfito di potassio'],
    [
      'vegan',
      'miele|gelatina alimentare|suino|strutto|lardo|prosciutto crudo|pancetta|carne bovina|cera d’api|gelatina suina',
    ],
    ['halal', 'carne di suino|strutto|vino rosso|prosciutto|marsala|rum|guanciale'],
  ],
  es: [
    [
      'gluten-free',
      'harina de trigo|cebada|centeno|espelta|sémola de trigo|pan rallado|extracto de malta de cebada|almidón de trigo',
    ],
    [
      'dairy-free',
      'leche|mantequilla|nata|suero de leche|leche desnatada en polvo|queso|lactosa|yogur|proteínas de la leche|caseinato sódico|suero lácteo en polvo',
    ],
    ['egg-free', 'huevo|clara de huevo|yema de huevo|mayonesa|huevo en polvo'],
    [
      'tree-nut-free',
      'almendras|avellanas|nueces|anacardos|pistachos|nueces pecanas|frutos de cáscara|mazapán',
    ],
    ['peanut-free', 'cacahuetes|maní|aceite de cacahuete|crema de cacahuete'],
    ['soy-free', 'soja|lecitina de soja|tofu|salsa de soja|proteína de soja'],
    ['sesame-free', 'sésamo|ajonjolí|tahini|semillas de sésamo'],
    ['fish-free', 'anchoas|atún|salmón|pescado|merluza|bacalao|boquerones'],
    ['crustacean-free', 'gambas|langostinos|cangrejo|crustáceos|camarones'],
    ['mollusc-free', 'mejillones|calamares|pulpo|almejas|moluscos|sepia'],
    ['celery-free', 'apio|apionabo|sal de apio'],
    ['mustard-free', 'mostaza|semillas de mostaza'],
    ['lupin-free', 'altramuces|harina de altramuz'],
    ['sulphite-free', 'dióxido de azufre|sulfitos|metabisulfito sódico|anhídrido sulfuroso'],
    [
      'vegan',
      'miel|gelatina|cerdo|jamón|tocino|manteca de cerdo|chorizo|ternera|cera de abejas|cochinilla|gelatina de cerdo',
    ],
    ['halal', 'carne de cerdo|tocino|vino tinto|jamón ibérico|brandy|manteca de cerdo|ron'],
  ],
  nl: [
    [
      'gluten-free',
      'tarwebloem|gerst|rogge|spelt|paneermeel|gerstemoutextract|tarwezetmeel|griesmeel|volkorentarwemeel',
    ],
    [
      'dairy-free',
      'melk|boter|room|weipoeder|magere melkpoeder|kaas|lactose|yoghurt|melkeiwit|slagroom|karnemelkpoeder|roomkaas',
    ],
    ['egg-free', 'kippenei|eigeel|kippeneiwit|mayonaise|scharreleieren|eieren|heel ei'],
    [
      'tree-nut-free',
      'amandelen|hazelnoten|walnoten|cashewnoten|pistachenoten|pecannoten|amandelspijs|noten|marsepein',
    ],
    ['peanut-free', 'pinda’s|pindakaas|pindaolie|aardnoten'],
    ['soy-free', 'soja|sojalecithine|tofu|sojasaus|sojabonen|soja-eiwit'],
    ['sesame-free', 'sesamzaad|sesampasta|tahin|sesamolie'],
    ['fish-free', 'ansjovis|zalm|tonijn|vis|haring|makreel|kabeljauw'],
    ['crustacean-free', 'garnalen|krab|kreeft|schaaldieren|trassi'],
    ['mollusc-free', 'mosselen|oesters|inktvis|weekdieren'],
    ['celery-free', 'selderij|knolselderij|selderijzout|bleekselderij'],
    ['mustard-free', 'mosterd|mosterdzaad|mosterdmeel'],
    ['lupin-free', 'lupinemeel|lupine'],
    ['sulphite-free', 'zwaveldioxide|sulfiet|natriummetabisulfiet'],
    [
      'vegan',
      'honing|gelatine|varkensvlees|spek|rundvlees|kippenbouillon|bijenwas|karmijn|rundergelatine|reuzel',
    ],
    ['halal', 'varkensvlees|spek|rode wijn|ham|rum|reuzel|bier'],
  ],
  pl: [
    [
      'gluten-free',
      'mąka pszenna|jęczmień|żyto|mąka żytnia|orkisz|kasza manna|bułka tarta|słód jęczmienny|skrobia pszenna',
    ],
    [
      'dairy-free',
      'mleko|masło|śmietana|serwatka w proszku|mleko w proszku odtłuszczone|ser|laktoza|jogurt|białka mleka|maślanka|twaróg|śmietanka',
    ],
    ['egg-free', 'jaja|jajka|żółtko jaja|białko jaja kurzego|majonez|masa jajowa'],
    ['tree-nut-free', 'migdały|orzechy laskowe|orzechy włoskie|orzechy nerkowca|pistacje|orzechy|marcepan'],
    ['peanut-free', 'orzeszki ziemne|masło orzechowe|orzechy arachidowe'],
    ['soy-free', 'soja|lecytyna sojowa|tofu|sos sojowy|białko sojowe|soję'],
    ['sesame-free', 'sezam|nasiona sezamu|pasta sezamowa|olej sezamowy'],
    ['fish-free', 'łosoś|tuńczyk|ryba|śledź|makrela|anchois|dorsz|ryby'],
    ['crustacean-free', 'krewetki|krab|homar|skorupiaki'],
    ['mollusc-free', 'małże|kalmary|ośmiornica|mięczaki|ostrygi'],
    ['celery-free', 'seler|seler korzeniowy|selera'],
    ['mustard-free', 'gorczyca|musztarda|gorczycę'],
    ['lupin-free', 'łubin|mąka z łubinu'],
    ['sulphite-free', 'dwutlenek siarki|pirosiarczyn sodu|siarczyny'],
    [
      'vegan',
      'miód|żelatyna|wieprzowina|boczek|smalec|szynka|wołowina|wosk pszczeli|koszenila|żelatyna wieprzowa|mięso wieprzowe',
    ],
    ['halal', 'wieprzowina|boczek|wino czerwone|szynka|rum|smalec|piwo'],
  ],
  pt: [
    [
      'gluten-free',
      'farinha de trigo|cevada|centeio|espelta|pão ralado|extrato de malte de cevada|sêmola de trigo|amido de trigo',
    ],
    [
      'dairy-free',
      'leite|manteiga|natas|soro de leite em pó|leite em pó desnatado|queijo|lactose|iogurte|proteínas do leite|nata',
    ],
    ['egg-free', 'ovos|clara de ovo|gema de ovo|maionese|ovo em pó'],
    ['tree-nut-free', 'amêndoas|avelãs|nozes|caju|pistácios|frutos de casca rija|castanha do Brasil'],
    ['peanut-free', 'amendoins|manteiga de amendoim|óleo de amendoim|amendoim'],
    ['soy-free', 'soja|lecitina de soja|tofu|molho de soja'],
    ['sesame-free', 'sésamo|gergelim|sementes de sésamo|tahini'],
    ['fish-free', 'atum|sardinhas|bacalhau|salmão|peixe|anchovas'],
    ['crustacean-free', 'camarão|caranguejo|lagosta|crustáceos'],
    ['mollusc-free', 'mexilhões|lulas|polvo|amêijoas|moluscos'],
    ['celery-free', 'aipo|aipo-rábano'],
    ['mustard-free', 'mostarda|sementes de mostarda'],
    ['lupin-free', 'tremoços|farinha de tremoço'],
    ['sulphite-free', 'dióxido de enxofre|sulfitos|metabissulfito de potássio'],
    ['vegan', 'mel|gelatina|porco|banha|chouriço|presunto|carne de vaca|cera de abelha|cochonilha|toucinho'],
    ['halal', 'carne de porco|toucinho|vinho tinto|presunto|banha de porco|rum|aguardente'],
  ],
};

/** Foods that none of these needs minds, to put a word among. */
export const PLAIN: Readonly<Record<string, string>> = {
  en: 'rice|water|salt|sugar|sunflower oil|tomatoes|maize starch',
  de: 'Reis|Wasser|Salz|Zucker|Sonnenblumenöl|Tomaten|Maisstärke',
  fr: 'riz|eau|sel|sucre|huile de tournesol|tomates',
  it: 'riso|acqua|sale|zucchero|olio di semi di girasole|pomodoro',
  es: 'arroz|agua|sal|azúcar|aceite de girasol|tomate',
  nl: 'rijst|water|zout|suiker|zonnebloemolie|tomaten',
  pl: 'ryż|woda|sól|cukier|olej słonecznikowy|pomidory',
  pt: 'arroz|água|sal|açúcar|óleo de girassol|tomate',
};

/** The heading of a list and a warning about traces, with the place for the word. */
export const FRAMES: Readonly<Record<string, readonly [string, string]>> = {
  en: ['Ingredients: ', 'May contain traces of %.'],
  de: ['Zutaten: ', 'Kann Spuren von % enthalten.'],
  fr: ['Ingrédients : ', 'Peut contenir des traces de %.'],
  it: ['Ingredienti: ', 'Può contenere tracce di %.'],
  es: ['Ingredientes: ', 'Puede contener trazas de %.'],
  nl: ['Ingrediënten: ', 'Kan sporen van % bevatten.'],
  pl: ['Składniki: ', 'Może zawierać %.'],
  pt: ['Ingredientes: ', 'Pode conter vestígios de %.'],
};
