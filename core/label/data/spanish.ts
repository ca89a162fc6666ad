import type { Language } from '../language.js';

export const spanish: Language = {
  id: 'es',
  name: 'Spanish',
  letters: 'ñ¿¡',
  endings: ['s', 'es', 'o', 'a', 'os', 'as'],
  compounds: false,
  terms: {
    'hazelnut-cream': 'crema de avellanas|crema de avellana',
    'pistachio-cream': 'crema de pistacho|crema de pistachos',
    'almond-cream': 'crema de almendras|crema de almendra',
    'made-part': 'relleno|cobertura|plato|surtido',
    cornflakes: 'cornflakes|corn flakes|copos de maíz tostado',
    chutney: 'chutney|chutneys',
    'made-up':
      'barrita|barritas|bocaditos|bocadito|bocado|bocados|bolitas|bolita|untable|untables|snack|snacks|tapa|tapas|rollito|rollitos|brocheta|brochetas|nuggets|postre|postres|crema|cremas|bocadillo|bocadillos|sándwich|sándwiches',
    'animal-cut':
      'pechuga|pechugas|muslo|muslos|paleta|lomo|lomos|filete|filetes|lomo embuchado|solomillo|solomillos|costillas|chuletas',
    preserved:
      'pasas|uvas pasas|pasas sultanas|pasas de corinto|orejones|orejón|ciruelas pasas|albaricoques secos|frutas desecadas|fruta desecada|fruta deshidratada|frutas deshidratadas|higos secos|mango deshidratado|piña deshidratada|manzana deshidratada|plátano deshidratado|chips de plátano|arándanos rojos desecados|arándanos desecados|frutas confitadas|fruta confitada|fruta escarchada|frutas escarchadas|guindas|cerezas confitadas|piel de naranja confitada|copos de patata|patata deshidratada|patatas deshidratadas|chucrut|tomates secos|tomate seco|corazones de alcachofa|alcaparra|alcaparras|alcaparrones|zumo de limón concentrado|zumo de limón a partir de concentrado|melaza|vinagre de manzana|vinagre de sidra|ajo en pasta|bayas de goji',
    'preserved-root': 'rábano picante|jengibre confitado|jengibre encurtido',
    'dried-coconut': 'coco rallado|virutas de coco|coco deshidratado|chips de coco',
    prawn:
      'gamba|gambas|langostino|langostinos|camarón|camarones|cigala|cigalas|carabinero|quisquillas|carne de gamba',
    'stuffed-vegetables':
      'pimientos rellenos|hojas de parra rellenas|tomates rellenos|champiñones rellenos|berenjenas rellenas',
    liquorice: 'regaliz|regalices',
    jerky: 'beef jerky|biltong',
    'pressed-poultry': 'jamón de pavo|fiambre de pavo|fiambre de pollo',
    bread:
      'pan|panes|pan rallado|pan tostado|tostadas|biscote|biscotes|picos|regañás|regañá|rosquilletas|picatostes|baguette|colines|empanado',
    cake: 'galleta|galletas|bizcocho|bizcochos|pastel|pasteles|tarta|magdalena|magdalenas|pastas de té|bollería',
    'rice-cracker': 'crackers de arroz',
    crisps: 'patatas fritas de bolsa|patatas chips|nachos',
    'cured-sausage': 'chorizo|salchichón|fuet|sobrasada|salami|longaniza|espetec|botifarra curada',
    'roast-pork': 'cerdo asado',
    'stuffed-olives': 'aceitunas rellenas|olivas rellenas',
    'truffle-sweet': 'trufas|trufas de chocolate',
    'chocolate-spread': 'crema de cacao|crema de chocolate',
    halva: 'halva',
    'lysozyme-cheese': 'grana padano',
    'prepared-mustard': 'mostaza de dijon|mostaza antigua',
    seitan: 'seitán|seitan',
    cider: 'sidra',
    wasabi: 'wasabi|pasta de wasabi',
    croquette: 'croquetas|croqueta',
    mousse: 'mousse',
    seafood: 'marisco|mariscos|paella',
    sushi: 'sushi',
    mortadella: 'mortadela',
    'cheese-dish': 'fondue',
    noodles: 'fideos',
    sauce: 'sopa|salsa|salsas|aliño|marinada',
    nuggets: 'nuggets de pollo',
    'blood-pudding': 'morcilla',
    pate: 'paté|patés|foie gras',
    'meat-dish': 'albóndigas|albóndiga|hamburguesa|hamburguesas',
    'white-sauce': 'bechamel|besamel|salsa bechamel',
    praline: 'praliné',
    'filled-pasta': 'empanadillas|empanada|ravioli|raviolis|tortellini',
    'butter-sauce': 'salsa holandesa',
    gnocchi: 'ñoquis',
    omelette: 'tortilla francesa',
    'almond-sauce': 'ajoblanco|romesco|salsa romesco',
    tapenade: 'tapenade',
    'pickled-cucumber': 'pepinillo|pepinillos',
    'spiced-biscuit': 'polvorones|polvorón|mantecados|pan de jengibre|galletas de jengibre',
    'almond-biscuit': 'amaretti|macarons',
    'egg-liqueur': 'licor de huevo',
    'egg-pasta': 'pasta al huevo|fideos al huevo',
    'egg-custard': 'natillas|crema pastelera|crema catalana|flan de huevo',
    gluten:
      'trigo|trigo duro|trigo blando|harina de trigo|harina de trigo integral|sémola|sémola de trigo|sémola de trigo duro|espelta|centeno|harina de centeno|cebada|gluten|gluten de trigo|kamut|khorasan|escanda|triticale|bulgur|cuscús|almidón de trigo|salvado de trigo|germen de trigo|proteína de trigo|proteínas de trigo|masa madre|masa madre de trigo|masa madre de centeno|rebozado|cereales que contienen gluten|cereales con gluten|pan ácimo|harina integral|harina panificable',
    malt: 'malta|extracto de malta|malta de cebada|extracto de malta de cebada|cebada malteada|harina de malta|vinagre de malta|jarabe de malta',
    pasta: 'pasta alimenticia|espaguetis|macarrones|tallarines|fideo',
    muesli: 'granola|muesli|barrita de cereales|barritas de cereales|barrita proteica',
    pastry:
      'barquillo|barquillos|oblea|obleas|brioche|croissant|cruasán|hojaldre|masa quebrada|churros|rosquillas|crepes|tortitas dulces|soletillas|buñuelos|pizza|pestiños',
    flour:
      'harina|harinas|cereal|cereales|salvado|copos de cereales|harina de cereales|masa|multicereales|cereales inflados',
    cracker: 'cracker|crackers|tortitas',
    'wheat-syrup':
      'jarabe de glucosa (trigo)|jarabe de glucosa de trigo|jarabe de glucosa (de trigo)|jarabe de glucosa a partir de trigo|dextrosa de trigo|dextrosa (trigo)|maltodextrina de trigo|maltodextrina (trigo)',
    oats: 'avena|copos de avena|harina de avena|salvado de avena|fibra de avena',
    'soy-sauce': 'salsa de soja|salsa de soya|shoyu|tamari',
    miso: 'miso|pasta de miso',
    milk: 'leche|leches|leche entera|leche desnatada|leche semidesnatada|leche en polvo|leche desnatada en polvo|leche entera en polvo|leche condensada|leche evaporada|lácteo|lácteos|producto lácteo|productos lácteos|leche de vaca|leche de oveja|leche de cabra|leche de búfala|sólidos lácteos|sólidos de leche|derivados lácteos|derivados de la leche|leche fermentada|extracto seco lácteo',
    'milk-part':
      'lactosa|azúcar de leche|suero de leche|suero lácteo|suero de leche en polvo|suero|lactosuero|suero lácteo en polvo|mazada|suero de mantequilla|mantequilla anhidra|mantequilla concentrada|mantequilla clarificada|grasa láctea|grasa de leche|grasa de la leche|materia grasa láctea|materia grasa de la leche|requesón|kéfir|cuajada|dulce de leche|chocolate con leche|chocolate blanco|queso quark|permeado de suero|minerales lácteos|arroz con leche|cajeta',
    'milk-protein':
      'proteína de leche|proteínas de leche|proteína de la leche|proteínas de la leche|proteínas lácteas|proteína láctea|caseína|caseínas|caseinato|caseinatos|caseinato sódico|caseinato cálcico|caseinato de sodio|proteína de suero|proteínas de suero|proteínas séricas|lactoalbúmina|proteínas del suero de leche|proteína de suero de leche',
    cream:
      'nata|crema de leche|nata líquida|nata montada|nata en polvo|nata para montar|crema agria|nata fresca|crema láctea',
    butter: 'mantequilla|mantequilla salada|mantequilla en polvo|manteca de vaca',
    yoghurt: 'yogur|yogurt|yogures|yogur en polvo|yogur griego|tzatziki',
    'raw-milk':
      'leche cruda|leche cruda de oveja|leche cruda de cabra|leche cruda de vaca|no pasteurizada|sin pasteurizar|leche sin pasteurizar|nata cruda|leche de oveja cruda|leche de cabra cruda|leche no pasteurizada',
    'pasteurised-milk':
      'leche pasteurizada|leche pasteurizada de vaca|leche pasteurizada de oveja|leche pasteurizada de cabra|leche de vaca pasteurizada|leche de oveja pasteurizada|leche de cabra pasteurizada|nata pasteurizada',
    cheese:
      'queso|quesos|queso fundido|queso rallado|queso en polvo|queso de cabra|queso de oveja|queso tierno|queso semicurado|queso de vaca|queso de mezcla|tetilla',
    'fresh-cheese':
      'skyr|mozzarella|feta|ricotta|mascarpone|queso fresco|queso crema|queso de untar|burrata|halloumi|mató|queso de burgos|queso batido',
    'hard-cheese':
      'cheddar|gouda|edam|emmental|queso manchego|manchego|queso curado|idiazábal|mahón|provolone|zamorano|roncal|maasdam|queso viejo|queso añejo|raclette|havarti|majorero',
    'ripe-cheese': 'brie|camembert|taleggio|munster|reblochon|torta del casar',
    'soft-blue': 'gorgonzola|roquefort|queso azul|cabrales|azul',
    'hard-blue': 'stilton',
    'calf-rennet-cheese':
      'parmesano|parmigiano reggiano|parmigiano|pecorino|pecorino romano|gruyere|gruyère|comté|queso parmesano',
    custard: 'flan|crema inglesa|preparado para flan|pudin|pudding|polvo para natillas',
    'fruit-curd': 'lemon curd|crema de limón',
    'ice-cream': 'helado|helados',
    creamer: 'blanqueador de café|crema para café no láctea|crema no láctea',
    chocolate:
      'chocolate|chocolate negro|chocolate puro|pepitas de chocolate|cobertura de chocolate|virutas de chocolate|cobertura de cacao|chocolate a la taza|bombones|bombón',
    nougat:
      'turrón|nougat|caramelo|caramelos|toffee|dulces|golosinas|confites|ganache|fideos de azúcar|crema de untar',
    pesto: 'pesto',
    'animal-rennet':
      'cuajo animal|cuajo de ternera|cuajo de cordero|cuajo (animal)|cuajo natural|cuajo de cabrito|cuajo de origen animal|pepsina',
    'microbial-rennet':
      'cuajo microbiano|cuajo vegetariano|coagulante microbiano|cuajo (microbiano)|enzimas microbianas|enzima coagulante microbiana|coagulante de origen microbiano|cuajo de origen microbiano',
    'plant-rennet': 'cuajo vegetal|coagulante vegetal|cuajo (vegetal)|cuajo de cardo|cardo',
    rennet:
      'cuajo|coagulante|coagulantes|enzima|enzimas|quimosina|enzima coagulante|enzimas coagulantes|fermento coagulante',
    egg: 'huevo|huevos|clara de huevo|claras de huevo|yema|yemas|yema de huevo|yemas de huevo|huevo en polvo|huevo entero|huevo líquido|huevo pasteurizado|clara|claras|albúmina|albúmina de huevo|ovoalbúmina|merengue|merengues|lisozima|tortilla de huevo|tortilla de patatas|ovoproductos|ovoproducto|clara de huevo en polvo|yema pasteurizada|huevina|huevo hilado|tortilla española|huevos camperos',
    'raw-egg': 'huevo crudo|huevos crudos|yema cruda',
    mayonnaise: 'mayonesa|alioli|salsa tártara|mahonesa|salsa rosa|ensaladilla',
    soy: 'soja|soya|habas de soja|semillas de soja|harina de soja|aceite de soja|proteína de soja|proteínas de soja|lecitina de soja|lecitinas de soja|tofu|tempeh|edamame|natto|lecitina de soya|granos de soja',
    lecithin: 'lecitina|lecitinas',
    'vegetable-protein':
      'proteína vegetal|proteínas vegetales|proteína vegetal hidrolizada|proteínas vegetales hidrolizadas|proteína vegetal texturizada|hidrolizado de proteína vegetal',
    protein:
      'proteína|proteínas|proteína hidrolizada|aislado de proteína|hidrolizado de proteína|aminoácidos',
    lupin: 'altramuz|altramuces|harina de altramuz|lupino|lupinos|harina de altramuces|chochos',
    almond:
      'almendra|almendras|harina de almendra|pasta de almendra|almendra molida|almendras marconas|almendra marcona|harina de almendras|almendra repelada',
    marzipan: 'mazapán|mazapanes',
    hazelnut: 'avellana|avellanas|pasta de avellanas|gianduja|pasta de avellana',
    walnut: 'nuez|nueces de nogal|nueces de california|nueces peladas|aceite de nuez',
    cashew: 'anacardo|anacardos|nuez de cajú|castañas de cajú|marañón|nueces de la india',
    pecan: 'nuez pecana|nueces pecanas|nueces pecán|pacana|pacanas|pecana|pecanas',
    brazil: 'nuez de brasil|nueces de brasil|nueces del brasil|castaña de pará|castañas de pará',
    pistachio: 'pistacho|pistachos|pasta de pistacho',
    macadamia: 'macadamia|macadamias|nuez de macadamia|nueces de macadamia|nueces de australia',
    nuts: 'nueces|frutos secos|mezcla de frutos secos|cóctel de frutos secos|fruto seco|frutos secos variados',
    'tree-nuts':
      'frutos de cáscara|fruto de cáscara|frutos con cáscara|frutas de cáscara|pralinés|frutos secos de cáscara|guirlache|crocante|crocanti',
    coconut:
      'coco|cocos|carne de coco|pulpa de coco|leche de coco|aceite de coco|harina de coco|crema de coco|agua de coco|azúcar de coco|grasa de coco',
    'pine-nut': 'piñón|piñones',
    peanut:
      'cacahuete|cacahuetes|cacahuate|cacahuates|crema de cacahuete|mantequilla de cacahuete|maní|manís|aceite de cacahuete|manteca de maní|mantequilla de maní|pasta de cacahuete|panchitos',
    sesame:
      'sésamo|semillas de sésamo|ajonjolí|aceite de sésamo|tahín|tahini|tahina|pasta de sésamo|crema de sésamo|hummus|gomasio|humus',
    seed: 'semillas de girasol|pipas de girasol|pipas de calabaza|semillas de calabaza|semillas de amapola|semillas de lino|semillas de chía|chía|semillas de cáñamo|semillas de hinojo|semillas de comino|amapola|lino|semillas de cilantro|alcaravea en grano|linaza|pipas|psyllium|lino dorado',
    seeds: 'semilla|semillas|mezcla de semillas|semillas variadas|semillas oleaginosas',
    celery: 'apio|sal de apio|semillas de apio|apio en polvo|extracto de apio|hojas de apio',
    celeriac: 'apionabo|apio nabo|raíz de apio',
    mustard:
      'mostaza|semillas de mostaza|harina de mostaza|granos de mostaza|mostaza en polvo|grano de mostaza|vinagreta',
    sulphites:
      'sulfito|sulfitos|dióxido de azufre|anhídrido sulfuroso|metabisulfito|metabisulfito sódico|metabisulfito potásico|metabisulfito de sodio|metabisulfito de potasio|bisulfito|bisulfito sódico|disulfito|sulfito sódico|sulfuroso|disulfito sódico',
    allergens: 'alérgeno|alérgenos|otros alérgenos|alergenos',
    shellfish: 'frutos de mar|frutos del mar',
    crustacean:
      'crustáceo|crustáceos|cangrejo|cangrejos|bogavante|langosta|krill|nécora|buey de mar|centollo|carne de cangrejo|carne de buey de mar|carne de langosta',
    mollusc:
      'molusco|moluscos|mejillón|mejillones|ostra|ostras|salsa de ostras|calamar|calamares|pulpo|sepia|tinta de calamar|tinta de sepia|almeja|almejas|vieira|vieiras|berberecho|berberechos|caracol|caracoles|navajas|zamburiñas|chipirones|chipirón|choco|pota',
    'scaled-fish':
      'anchoa|anchoas|boquerón|salmón|trucha|arenque|arenques|caballa|bacalao|merluza|eglefino|abadejo|espadín|lubina|dorada|lenguado|carpa|besugo|salmonete|jurel|melva|bonito del norte|filetes de anchoa|pasta de anchoa|perca|rodaballo|panga',
    'tinned-fish': 'atún|sardina|sardinas|atún claro|sardinillas|bonito del norte en aceite|ventresca',
    'smoked-fish': 'salmón ahumado|trucha ahumada|bacalao ahumado|gravlax|ahumados',
    'raw-fish': 'pescado crudo|ceviche|boquerones en vinagre|boquerones|tartar de salmón|sashimi',
    'unscaled-fish':
      'anguila|anguilas|rape|pez espada|tiburón|esturión|caviar|huevas de lumpo|raya|cazón|gulas de anguila|emperador|marrajo|tintorera',
    fish: 'pescado|pescados|pez|peces|huevas|huevas de pescado|pescado blanco|gulas|hueva',
    'fish-part':
      'aceite de pescado|salsa de pescado|caldo de pescado|extracto de pescado|dashi|fumet|aceite de hígado de bacalao|bonito|fumet de pescado',
    worcester: 'salsa worcester|worcester|salsa worcestershire|salsa perrins|salsa inglesa|worcestershire',
    surimi: 'surimi|palitos de cangrejo|palitos de mar|sucedáneo de cangrejo',
    pork: 'cerdo|carne de cerdo|hígado de cerdo|panceta fresca|magro de cerdo|lomo de cerdo|papada|porcino|carne de porcino|paleta de cerdo|cochinillo|lechón|presa ibérica|secreto|chicharrones|careta|panceta de cerdo|costilla de cerdo|cabeza de lomo|jamón de cerdo|cochino|carne de cerdo ibérico',
    lard: 'manteca de cerdo|manteca|tocino|grasa de cerdo|corteza de cerdo|cortezas|torreznos|grasa ibérica|torrezno|sangre de cerdo|proteína de cerdo|colágeno de cerdo|cortezas de cerdo',
    'cured-pork':
      'jamón serrano|jamón ibérico|jamón curado|jamón|panceta|panceta curada|bacon|beicon|prosciutto|paleta ibérica|lomo ibérico|caña de lomo|cecina de cerdo|guanciale|coppa|lacón curado|paleta curada',
    'cooked-pork':
      'jamón cocido|jamón york|jamón de york|fiambre de cerdo|lacón|paleta cocida|cabeza de cerdo|chopped',
    boar: 'jabalí',
    beef: 'ternera|carne de ternera|vacuno|carne de vacuno|buey|res|carne de res|bovino|carne bovina|añojo|callos|carne picada|lengua|bistec',
    'beef-part':
      'extracto de carne de vacuno|caldo de ternera|grasa de vacuno|sebo|grasa de buey|colágeno bovino|grasa de ternera|caldo de carne',
    'cured-beef': 'cecina|bresaola|cecina de vaca|carne seca',
    'cooked-beef': 'pastrami|rosbif',
    lamb: 'cordero|carne de cordero|ovino|carne de ovino|cabrito|lechazo',
    poultry:
      'pollo|pavo|pato|ganso|oca|ave|aves|carne de pollo|carne de pavo|pechuga de pollo|pechuga de pavo|gallina|codorniz|pintada|capón|jamón de pato',
    'poultry-part':
      'caldo de pollo|grasa de pollo|grasa de pato|extracto de pollo|piel de pollo|caldo de ave|caldo de gallina|grasa de oca',
    'cooked-poultry': 'pollo cocido|pollo asado|pavo cocido|pechuga de pavo cocida|pavo asado|pechuga cocida',
    game: 'caza|ciervo|venado|corzo|conejo|liebre|faisán|perdiz|paloma|caballo|carne de caballo|carne de caza',
    'animal-fat':
      'grasa animal|grasas animales|sangre|plasma|huesos|hueso|tuétano|proteína animal|proteínas animales|animal|animales|origen animal|vísceras|hemoglobina|despojos|casquería',
    meat: 'carne|carnes|extracto de carne|riñones|corazón|embutido|embutidos|fiambre|fiambres|kebab|boloñesa|carne separada mecánicamente|ragú|estofado|callos a la madrileña|cocido madrileño|fabada',
    liver: 'hígado|hígados|foie|terrina|hígado de pollo|hígado de pato|paté de campaña',
    sausage: 'salchicha|salchichas|butifarra|frankfurt|perrito caliente|chistorra|morcón|butifarra blanca',
    casing: 'tripa|tripas|tripa natural|tripa de colágeno|tripa artificial|envoltura|tripa sintética',
    'pork-gelatine':
      'gelatina de cerdo|gelatina porcina|gelatina (cerdo)|gelatina (porcina)|gelatina de origen porcino|gelatina (de cerdo)|gelatina de porcino',
    'beef-gelatine':
      'gelatina bovina|gelatina de vacuno|gelatina (bovina)|gelatina de origen bovino|gelatina (vacuno)|gelatina de bovino|gelatina (de vacuno)',
    'fish-gelatine': 'gelatina de pescado|gelatina (pescado)|gelatina (de pescado)',
    gelatine:
      'gelatina|gelatinas|gelatina alimentaria|colágeno|áspic|grenetina|cola de pescado|colágeno hidrolizado|gelatina en polvo',
    marshmallow:
      'malvavisco|malvaviscos|nube|nubes de azúcar|gominola|gominolas|marshmallow|marshmallows|chuches|gomitas|bombones de malvavisco',
    honey:
      'miel|mieles|miel de abeja|jalea real|propóleo|propóleos|própolis|polen|hidromiel|miel en polvo|miel de abejas',
    beeswax: 'cera de abeja|cera de abejas',
    insects:
      'carmín|carmines|cochinilla|ácido carmínico|goma laca|goma de laca|insectos|insecto|grillos|grillo|harina de grillo|shellac|extracto de cochinilla|gusano de la harina',
    glaze: 'agente de recubrimiento|agentes de recubrimiento|cera|ceras|abrillantador|glaseado',
    colour:
      'colorante|colorantes|colorante natural|colorantes naturales|antiaglomerante|antiaglomerantes|antiapelmazante|coadyuvante tecnológico|coadyuvantes tecnológicos|colorante rojo',
    onion:
      'cebolla|cebollas|cebolla en polvo|chalota|chalotas|puerro|puerros|cebollino|cebolleta|cebolletas|cebolla frita|cebollitas|cebolla caramelizada|escalonia',
    garlic: 'ajo|ajos|ajo en polvo|ajo negro|extracto de ajo|ajete|ajetes',
    root: 'zanahoria|zanahorias|patata|patatas|papa|papas|fécula|fécula de patata|almidón de patata|boniato|batata|remolacha|remolachas|rojo remolacha|rojo de remolacha|rábano|rábanos|nabo|nabos|chirivía|jengibre|cúrcuma|curcumina|mandioca|yuca|tapioca|almidón de tapioca|chufa|chufas|achicoria|konjac|zumo de remolacha|zanahoria negra|patatas fritas|tupinambo|ñame|daikon|raíz de achicoria|raíz de regaliz|extracto de regaliz',
    mushroom:
      'champiñón|champiñones|seta|setas|trufa|boletus|níscalos|shiitake|hongo|hongos|trufa negra|rebozuelos|setas de ostra|trufa de verano|trufas negras',
    spices:
      'especia|especias|mezcla de especias|extractos de especias|extracto de especias|curry|garam masala|ras el hanout|harissa|hierbas y especias|ketchup|salsa de tomate|tomate frito|salsa barbacoa|salsa brava|mojo|guindilla en salsa|sofrito|adobo|salsa picante',
    seasoning:
      'condimento|condimentos|aderezo|sazonador|sazonadores|aliños|relleno preparado|condimento preparado',
    vegetables:
      'verduras|verdura|hortalizas|verduras variadas|verduras deshidratadas|hortalizas deshidratadas|concentrado vegetal|extracto vegetal|extractos vegetales|menestra|pisto|vegetales variados|encurtidos variados',
    wine: 'vino|vinos|vino tinto|vino blanco|jerez|oporto|madeira|marsala|champán|champagne|cava|coñac|brandy|vermut|moscatel|vino de jerez|vino dulce|rioja|orujo|fino|pedro ximénez|amontillado|sangría',
    beer: 'cerveza|cervezas|cerveza rubia|cerveza negra',
    'ginger-beer': 'ginger ale|cerveza de jengibre|ginger beer',
    'nut-liqueur': 'amaretto|nocino',
    chestnut: 'castaña|castañas|harina de castaña|harina de castañas|puré de castañas',
    alcohol:
      'alcohol|etanol|alcohol etílico|ron|whisky|vodka|ginebra|tequila|licor|licores|kirsch|calvados|aguardiente|sake|mirin|pacharán|mezcal|bourbon|absenta|licor de anís|licor de café|espirituosos',
    'wine-vinegar':
      'vinagre de vino|vinagre de vino tinto|vinagre de vino blanco|vinagre de jerez|vinagre balsámico|vinagre balsámico de módena|vinagre de módena|crema de vinagre balsámico|crema balsámica|crema de módena|balsámico|aceto balsámico de módena',
    vinegar: 'vinagre|vinagres',
    grape:
      'zumo de uva|jugo de uva|mosto de uva|mosto|mosto concentrado|zumo de uva concentrado|extracto de semilla de uva|arrope|mosto de uva concentrado|extracto de pepita de uva',
    'vanilla-extract': 'extracto de vainilla|extracto natural de vainilla|esencia de vainilla',
    flavour:
      'aroma|aromas|aroma natural|aromas naturales|aroma de humo|aromatizante|aromatizantes|saborizante|saborizantes|aroma de vainilla|aroma natural de vainilla|aromas artificiales|esencia|aroma a humo|aroma a vainilla',
    'fatty-additive':
      'mono y diglicéridos|mono y diglicéridos de ácidos grasos|mono y diglicéridos de los ácidos grasos|monoglicéridos|diglicéridos|ésteres de ácidos grasos|ácidos grasos|ácido graso|ácido esteárico|estearato|estearato de magnesio|estearato magnésico|estearato de calcio|glicerina|glicerol|polisorbato|polisorbatos|polirricinoleato de poliglicerol|estearoil lactilato|estearoil lactilato sódico|estearoil 2 lactilato sódico|estearoil 2 lactilato de sodio|sucroésteres|ésteres poliglicéridos|ésteres monoacetil y diacetiltartárico|sales magnésicas de ácidos grasos|monoestearato',
    emulsifier: 'emulgente|emulgentes|emulsionante|emulsionantes|emulsificante|emulsificantes',
    nucleotides:
      'inosinato|inosinato disódico|guanilato|guanilato disódico|ribonucleótidos|5 ribonucleótidos|5 ribonucleótidos disódicos|ribonucleótidos disódicos|ribonucleótidos de sodio',
    enhancer:
      'potenciador del sabor|potenciadores del sabor|potenciador de sabor|potenciadores de sabor|potenciador|potenciadores',
    cysteine:
      'cisteína|l cisteína|glicina|taurina|agente de tratamiento de la harina|agentes de tratamiento de la harina|quitosano|glucosamina|queratina|agente de tratamiento de harina',
    lanolin: 'vitamina d|vitamina d3|vitaminas|colecalciferol|omega 3|dha|epa|lanolina',
    fat: 'grasa|grasas|margarina|margarinas|materia grasa|materias grasas|grasa alimentaria',
    stock: 'caldo|caldos|caldo en polvo|pastilla de caldo|fondo|consomé|cubito de caldo|concentrado de caldo',
    'vegetable-stock': 'caldo de verduras|caldo vegetal',
    gravy: 'salsa de carne|jugo de carne|salsa blanca',
    sprouts:
      'germinados|brotes de soja|alfalfa|brotes de alfalfa|semillas germinadas|germinados de alfalfa|brotes germinados',
  },
  sources:
    'arroz|maíz|guisante|guisantes|garbanzo|garbanzos|lenteja|lentejas|haba|habas|alubia|alubias|judía|judías|alforfón|trigo sarraceno|sarraceno|quinoa|quinua|mijo|sorgo|teff|amaranto|girasol|colza|palma|palmiste|oliva|soja|almendra|avellana|coco|vegetal|vegetales|origen vegetal|lino|cáñamo|calabaza|plátano|patata|tapioca|mandioca|yuca|cártamo|algodón|karité|cacao|altramuz|algarroba|agave|celulosa|alginato|canola|nabina|frijol|frijoles|planta|plantas|cacahuete|chufa|pepita de uva|boniato',
  foods:
    'arroz basmati|basmati|arroz bomba|arroz redondo|harina de arroz|harina de maíz|harina de garbanzo|harina de lentejas|harina de trigo sarraceno|escarola|endibia|endivias|lechuga romana|cogollos|brotes tiernos|brotes de espinaca|ensalada|col lombarda|lombarda|kale|col rizada|coles de bruselas|romanesco|pak choi|grelos|cardillo|calabaza|maíz|mazorca|alubias blancas|alubias rojas|judías pintas|frijoles negros|lentejas rojas|lenteja pardina|habitas|guisantes tiernos|aceitunas negras|aceitunas rellenas de pimiento|aceitunas arbequina|tomate cherry|tomates cherry|tomate pelado|tomate rosa|tomate de árbol|zumo de tomate|tomate natural|pimiento asado|pimientos de padrón|pimientos choriceros|guindillas vascas|jalapeños|arándanos azules|frutos del bosque|grosella negra|endrinas|nísperos|caquis|caqui|chirimoya|kumquat|granada fruta|ciruela pasa|albaricoque seco|orejones de melocotón|dátiles deshuesados|pasta de dátil|sirope de dátil|uvas sultanas|limón confitado|azúcar integral|azúcar vainillado|pimienta de jamaica|pimienta rosa|pimienta de sichuan|mezcla de pimientas|hinojo semillas|anís verde|ajedrea|melisa|hierbaluisa|borraja|concentrado de cártamo|concentrado de espirulina|concentrado de saúco|concentrado de manzana|fibra de manzana|proteína de haba|proteína de girasol|aislado de proteína de guisante|hierro|calcio|fosfato cálcico|carbonato de calcio|cloruro de magnesio|cloruro potásico|citrato potásico|citratos de sodio|acetato sódico|lactato potásico|isoascorbato sódico|extracto de romero|extracto de acerola|acerola|extracto de té verde|cloruro sódico|agua|sal|sal marina|sal yodada|azúcar|azúcares|azúcar de caña|azúcar moreno|azúcar glas|azúcar invertido|panela|jarabe|sirope|jarabe de glucosa|jarabe de glucosa y fructosa|jarabe de glucosa fructosa|jarabe de fructosa|sirope de agave|jarabe de agave|sirope de arce|jarabe de arce|jarabe de maíz|jarabe de azúcar invertido|glucosa|fructosa|dextrosa|maltodextrina|maltodextrinas|sacarosa|edulcorante|edulcorantes|estevia|stevia|glucósidos|glucósidos de esteviol|glicósidos de esteviol|esteviol|eritritol|xilitol|sorbitol|sorbitoles|maltitol|maltitoles|manitol|isomalt|isomaltitol|sucralosa|aspartamo|acesulfamo|acesulfamo k|acesulfamo potásico|sacarina|aceite|aceites|aceite de girasol|aceite de girasol alto oleico|aceite de oliva|aceite de oliva virgen extra|aceite de oliva virgen|aove|virgen|aceite de palma|aceite de colza|aceite de maíz|aceite vegetal|aceites vegetales|aceite de orujo de oliva|grasa vegetal|grasas vegetales|margarina vegetal|grasa de palma|manteca de cacao|manteca de karité|almidón|almidones|almidón modificado|almidón de maíz|almidón modificado de maíz|almidón de arroz|almidón de guisante|maicena|polenta|sémola de maíz|sémola de arroz|fibra|fibras|fibra alimentaria|fibra vegetal|fibra de guisante|fibra de cítricos|fibra de bambú|inulina|oligofructosa|pectina|pectinas|agar agar|agar|goma|gomas|goma guar|guar|goma xantana|xantana|goma garrofín|garrofín|goma de garrofín|goma arábiga|goma de acacia|acacia|goma gellan|gellan|carragenanos|carragenano|carragenina|alginato de sodio|alginato sódico|alginatos|metilcelulosa|hidroxipropil|hidroxipropilmetilcelulosa|goma de celulosa|goma tara|harina de semillas de algarroba|harina de garrofín|levadura|levaduras|levadura química|levadura nutricional|extracto de levadura|gasificante|gasificantes|impulsor|polvo de hornear|bicarbonato|bicarbonato sódico|bicarbonato de sodio|carbonato|carbonatos|carbonato cálcico|carbonato ácido de sodio|carbonato de amonio|difosfato|difosfatos|difosfato disódico|difosfatos de sodio|trifosfatos|polifosfatos|fosfato|fosfatos|sodio|potasio|calcio|magnesio|amonio|sódico|potásico|cálcico|disódico|trisódico|monosódico|tricálcico|cloruro|cloruro cálcico|cloruro de calcio|sulfato|sulfato cálcico|sulfato de calcio|citrato|citratos|citrato sódico|lactato|lactatos|lactato sódico|lactato de calcio|acetato|acetatos|ascorbato|ascorbato sódico|eritorbato|eritorbato sódico|sorbato|sorbato potásico|sorbato de potasio|benzoato|benzoato sódico|propionato|propionato cálcico|nitrito|nitrito sódico|nitrito de sodio|nitritos|nitrato|nitratos|nitrato potásico|gluconato|gluconato ferroso|tartrato|tartratos|crémor tártaro|malato|ácido|ácidos|ácido cítrico|ácido láctico|ácido ascórbico|ácido málico|ácido tartárico|ácido acético|ácido sórbico|ácido fólico|acidulante|acidulantes|corrector de acidez|correctores de acidez|correctores de la acidez|corrector de la acidez|regulador de acidez|reguladores de acidez|acidificante|conservador|conservadores|conservante|conservantes|antioxidante|antioxidantes|estabilizante|estabilizantes|estabilizador|estabilizadores|espesante|espesantes|gelificante|gelificantes|endurecedor|endurecedores|humectante|humectantes|secuestrante|fermento|fermentos|fermentos lácticos|fermento láctico|cultivos|cultivos lácticos|cultivos iniciadores|bifidobacterias|penicillium|mohos|glutamato|glutamato monosódico|glutamato monosodico|vitamina|vitamina a|vitamina b|vitamina b1|vitamina b2|vitamina b6|vitamina b12|vitamina c|vitamina e|vitamina k|niacina|tiamina|riboflavina|hierro|zinc|yodo|minerales|tocoferol|tocoferoles|extracto rico en tocoferoles|alfa tocoferol|beta caroteno|betacaroteno|caroteno|carotenos|carotenoides|annato|achiote|norbixina|antocianos|antocianinas|clorofila|clorofilas|caramelo natural|azúcar caramelizado|carbón vegetal|pimentón|pimentón dulce|pimentón picante|pimentón ahumado|pimentón de la vera|extracto de pimentón|paprika|espirulina|alga|algas|nori|wakame|cera de carnauba|carnauba|dióxido de silicio|dióxido de titanio|dióxido de carbono|nitrógeno|nigari|yeso|tomate|tomates|tomate concentrado|concentrado de tomate|tomate triturado|tomate deshidratado|tomate en polvo|puré de tomate|pulpa|pulpa de tomate|pimiento|pimientos|pimiento rojo|pimiento verde|pimiento del piquillo|guindilla|guindillas|chile|chiles|cayena|pimienta|pimienta negra|pimienta blanca|pimienta rosa|pimienta de cayena|ñora|ñoras|pepino|pepinos|calabacín|calabacines|berenjena|berenjenas|espinaca|espinacas|col|coles|repollo|coliflor|brócoli|lechuga|canónigos|rúcula|hinojo|alcachofa|alcachofas|espárrago|espárragos|espárragos blancos|aceituna|aceitunas|aceitunas verdes|judías verdes|judías blancas|maíz dulce|palomitas|acelga|acelgas|borraja|hierba|hierbas|hierbas aromáticas|hierbas provenzales|plantas aromáticas|albahaca|orégano|tomillo|romero|salvia|menta|hierbabuena|eneldo|perejil|cilantro|estragón|mejorana|laurel|perifollo|comino|alcaravea|anís|anís estrellado|canela|clavo|clavos|clavo de olor|cardamomo|nuez moscada|macis|azafrán|zumaque|fenogreco|enebro|bayas|bayas de enebro|hinojo seco|vainilla|vaina de vainilla|vainas de vainilla|vainilla en polvo|vainillina|etilvainillina|vainilla en rama|pasta de cacao|masa de cacao|cacao en polvo|cacao magro|cacao desgrasado en polvo|cacao puro|nibs de cacao|granos de cacao|café|té|manzanilla|limón|limones|zumo de limón|jugo de limón|lima|naranja|naranjas|pomelo|mandarina|mandarinas|clementina|cítricos|bergamota|manzana|manzanas|pera|peras|ciruela|ciruelas|melocotón|melocotones|nectarina|albaricoque|albaricoques|cereza|cerezas|uva|uvas|higo|higos|dátil|dátiles|mango|piña|papaya|maracuyá|kiwi|melón|sandía|granada|membrillo|carne de membrillo|dulce de membrillo|guayaba|lichi|fresa|fresas|frambuesa|frambuesas|arándano|arándanos|arándanos rojos|mora|moras|grosella|grosellas|saúco|ruibarbo|goji|fruta|frutas|fruto|frutos rojos|frutas del bosque|aguacate|aguacates|corteza de limón|ralladura|cáscara|piel de limón|piel de naranja|confitado|confitada|zumo|zumos|jugo|jugos|puré|concentrado|concentrados|mermelada|confitura|compota|crema de frutas|jalea de frutas|vinagre de alcohol|vinagre de arroz|castaña de agua|castañas de agua|verdolaga|berro|berros|ortiga|lavanda|rosa|agua de rosas|flor|flores|agua de azahar|azahar|hibisco|bambú|brotes de bambú|yaca|tamarindo|vid|hojas de parra|hojas de vid|palmito|palmitos|extracto|extractos|proteína de guisante|proteínas de guisante|proteína de arroz|glicerina vegetal|gelatina vegetal|láctico|láctica|cítrico|ascórbico|humo|humo de haya|gazpacho|guacamole|olivada|nopal|tortillas de maíz|tortilla de maíz|masa de maíz|semilla de algarroba|aloe vera|stevia rebaudiana|cacao soluble|caramelo colorante',
  manner:
    'ibérico|ibérica|ibéricos|ibéricas|fin|fondo|etiqueta|indicada|impresa|poner|mezclar|caliente|sirva|conserve|agite|retire|vierta|añada|precalentar|deje|reposar|temperatura ambiente|recipiente|cerrado|hermético|productos|pescados en|redes|anzuelos|zona fao|pacífico|índico|noreste|cantábrico|seleccionadas|recolectadas|mano|a mano|desmigado|fileteado|troceados|cortados|en dados|en rodajas|en tiras|en juliana|juliana|gajos|cuartos|mitades|enteras|machacado|prensado|inflado|inflados|extrusionado|germinado|germinada|crudas|bruto|semi integral|molido a piedra|piedra|criados en|suelo|aire libre|pasto|raza|razas|alimentados|sin ogm|garantizados|agricultores|productores|productor|tierra|montaña|sierra|costa|isla|islas|canarias|baleares|valencia|valenciana|aragón|asturias|cantabria|castilla|león|la mancha|extremadura|murcia|rioja origen|cataluña|país vasco|vasco|teruel|guijuelo|jabugo|denominación|protegida|indicación|geográfica|consejo|regulador|sl|sa|calle|avenida|polígono|industrial|apartado|correos|atención|cliente|consumidor|contacto|web|envases|reciclaje|contenedor|deposite|contenido neto|cantidad neta|por porción|aperitivos|entrante|guarnición|primer plato|merienda|desayuno|fiesta|invitados|especialidad|especialidades|recetas|maestro|desde|familia|tradición|antigua|a la|andaluza|riojana|del sol|sabrosos|delicioso sabor|auténtica|partir|elaboradas|océano|haya|madera|noruega|escocia|irlanda|islandia|polonia|países bajos|dinamarca|turquía|marruecos|túnez|chile origen|perú|india|china|tailandia|ecuador|colombia|argentina|caliente|separación|años|asfixia|riesgo|supervisión|cerrar|bien|mantener|evitar|exposición|sol|directa|cocinar|dejar|añadir|hirviendo|olla|fuego|flores silvestres|milflores|próximo|menores|y|e|o|u|ni|con|sin|de|del|la|las|el|los|lo|un|una|unos|unas|en|a|al|por|para|que|se|su|sus|es|son|ser|está|están|ha|han|sido|no|más|menos|muy|todo|todos|toda|todas|cada|este|esta|estos|estas|nuestro|nuestra|nuestros|pero|también|después|antes|durante|entre|sobre|según|aproximadamente|puede|pueden|podría|contener|contiene|contienen|contenido|presencia|posible|posibles|traza|trazas|fabricado|fabricada|elaborado|elaborada|elaborados|preparado|preparada|producido|producida|producto|productos|envasado|envasada|procesado|procesados|fábrica|instalaciones|instalación|línea|líneas|obrador|utiliza|utilizan|manipula|manipulan|procesan|procesa|donde|mismo|misma|otro|otros|otras|ingrediente|ingredientes|lista|composición|origen|ecológico|ecológica|ecológicos|ecológicas|agricultura|biológico|procedente|procedentes|natural|naturales|fresco|fresca|frescos|frescas|seco|seca|secos|secas|deshidratado|deshidratada|deshidratados|liofilizado|liofilizada|liofilizadas|molido|molida|molidos|triturado|triturada|picado|picada|cortado|cortada|cortadas|loncha|lonchas|rodajas|rodaja|rallado|rallada|tostado|tostada|tostados|asado|asada|asados|asadas|frito|frita|fritos|fritas|cocido|cocida|cocidos|cocidas|horneado|horneados|cocción|hervido|crudo|cruda|crudos|vapor|maduro|maduros|deshuesado|deshuesada|deshuesadas|pelado|pelada|pelados|peladas|descascarillado|entero|entera|enteros|enteras|integral|integrales|parcialmente|salado|salada|dulce|azucarado|ahumado|ahumada|ahumados|primera presión en frío|frío|refinado|refinada|hidrogenado|hidrogenada|hidrogenadas|totalmente|extra|fina|finas|grueso|ligero|bajo|alto|alta|oleico|alto oleico|reducido|rico|rica|fuente|reconstituido|reconstituida|polvo|en polvo|copos|trozos|trozo|troceado|troceada|granulado|granillo|tiras|cubitos|dados|taquitos|palitos|granos|grano|tipo|estilo|calidad|superior|seleccionado|seleccionados|tradicional|tradicionales|artesano|artesana|artesanal|casero|casera|fermentado|fermentada|curación|maduración|madurado|maduraciones|marinado|marinados|tratado|enriquecido|enriquecida|mínimo|máximo|min|max|al menos|total|proporción|proporciones|proporción variable|proporciones variables|variable|variables|peso|neto|escurrido|base|a base|mezcla|mezclado|rellenas|rellenos|recubierto|recubierta|capa|certificado|certificada|sostenible|comercio justo|ue|no ue|españa|español|española|italia|italiano|francia|francés|grecia|griego|alemania|portugal|méxico|mexicano|europa|país|países|región|local|importado|criado|criada|cultivado|cultivada|cosecha|zona|mar|mediterráneo|mediterránea|atlántico|norte|sur|este|oeste|andalucía|galicia|navarra|módena|vera|conservar|conservación|consérvese|lugar|fresco y seco|seguro|luz|calor|temperatura|ambiente|nevera|frigorífico|refrigerado|refrigerada|congelado|congelar|congelada|congelador|descongelar|descongelado|volver a congelar|abierto|abrir|apertura|una vez|consumir|consumo|preferentemente|antes del|días|día|semanas|meses|hora|horas|minutos|minuto|fecha|ver|dorso|envase|paquete|bote|tarro|lata|botella|bolsa|caja|bandeja|atmósfera protectora|atmósfera|protectora|servir|disfrutar|sugerencia|presentación|ideal|delicioso|deliciosa|perfecto|perfecta|receta|ración|raciones|porción|porciones|agitar|remover|enjuagar|lavar|lavado|listo|lista para|comer|calentar|horno|sartén|microondas|apto|apta|aptos|personas|alergia|alergias|alérgicos|alérgicas|alérgico|intolerantes|intolerancia|intolerancias|información|advertencia|atención|negrita|destacados|nutricional|nutricionales|valor|valores|medio|medios|energía|energético|kcal|kj|cuales|las cuales|saturadas|ácidos grasos saturados|hidratos de carbono|carbohidratos|ingesta|referencia|diaria|adulto|lote|número|código|g|kg|mg|ml|cl|cm|mm|categoría|calibre|grande|pequeño|pequeña|nuevo|nueva|original|clásico|clásica|simple|sencillo|puro|pura|auténtico|cartón|plástico|reciclable|niños|huesos de aceituna|espinas|fragmentos|pese|cuidado|retirar|piel|sin piel|sin hueso|vaca|oveja|cabra|búfala|desnatado|desnatada|semidesnatado|magro|magra|transgénico|genéticamente|ogm|artificial|artificiales|añadido|añadida|añadidos|añadidas|pasteurizado|pasteurizada|esterilizado|uht|homogeneizado|hidrolizado|hidrolizada|texturizada|obtenido|extracción|crujiente|crujientes|suave|cremoso|cremosa|tierno|sabroso|sabor|picante|aperitivo|surtidos|largo|redondo|joven|negro|negra|negras|negros|blanco|blanca|blancas|rojo|roja|rojas|rojos|verde|verdes|amarillo|amarilla|moreno|rosado|cherry|procedencia|transformado|transformada|elaboración|método|métodos|cruzada|contaminación|garantizar|garantizamos|garantizado|podemos|ausencia|libre|exento|alimenticio|alimentaria|alimentario|bebida|bebidas|preparación|gusto|b|c|k|s|t|g|ph|vegano|vegetariano|veganos|vegetarianos|celíacos|celiacos|celíaco|cocina|cocinado|salteado|rehogado|escabeche|adecuado|adecuada|conserva|conservas|aliñadas|aliñado|variedad|hojiblanca|gordal|sevillana|cantidad|suficiente|equivalente|materias primas|materia prima|comestible|comestibles|no comestible|bellota|cebo|campo|recebo|campero|natural de',
  handling:
    'conservar|conservación|consérvese|conserve|frigorífico|nevera|abierto|abrir|apertura|consumir|servir|agitar|enjuagar|lavar|calentar|cocinar|horno|microondas|congelar|descongelar|envase|envases|nutricional|valores|origen|preferentemente|temperatura|apto|preparación|reciclaje|asfixia|supervisión|peso|escurrido',
  plantMilk:
    'soja|soya|coco|avena|almendra|almendras|arroz|avellana|avellanas|anacardo|anacardos|guisante|guisantes|cáñamo|espelta|macadamia|vegetal|vegetales|vegano|vegana|altramuz|quinoa|tofu|chufa|nuez|nueces',
  plantButter:
    'cacao|karité|cacahuete|cacahuetes|maní|almendra|almendras|anacardo|anacardos|avellana|avellanas|coco|pistacho|sésamo|manzana|vegetal|mango|girasol',
  plantAfter: true,
  joints: 'de|del|a|la|el|los|las|base|a base de|con base de|en',
  plantMade: 'vegano|vegana|veganos|veganas|vegan|vegetal|vegetales',
  freeAfter: 'free',
  heading: 'ingredientes|lista de ingredientes|composicion',
  may: '\\b(?:puede(?:n)? (?:tambien )?(?:contener|presentar)|podria(?:n)? contener|(?:posibles?|eventuales?) (?:trazas|presencia)|(?:contiene )?trazas? de|contiene trazas|(?:fabricad|elaborad|producid|envasad|procesad|preparad)[oa]s? en (?:una?|las|el|la|nuestras?|instalaciones|fabrica|lineas?|el mismo|la misma|el que|obrador)|(?:instalaciones|fabrica|planta|lineas?|obrador) (?:donde|en la que|en las que|en que|que)|contaminacion cruzada|no (?:podemos|se puede) (?:garantizar|descartar)|no apt[oa] para (?:personas )?alergic)',
  freeFrom:
    '\\b(?:sin(?: anadir| adicion de| anadid[oa]s?)?(?! pasteurizar)|libre de|exent[oa] de|no contiene)\\b',
  contains:
    '\\b(?:(?<!no )contiene[n]?(?! trazas)|(?:elaborad|preparad|hech|fabricad)[oa]s? (?:con|a base de)|rellen[oa]s? (?:de|con)|recubiert[oa]s? (?:de|con)|banad[oa]s? (?:en|con)|frit[oa]s? en|acompanad[oa]s? de|alergenos\\s*:|informacion sobre alergenos\\s*:)',
  denial: 'no|ni|sin|nunca|ningún|ninguna',
  vegan: 'vegan|vegano|vegana|veganos|veganas',
  vegetarian: 'vegetariano|vegetariana|vegetarianos|vegetarianas',
  nutrition:
    'energía|grasas|grasa|grasas saturadas|de las cuales saturadas|ácidos grasos saturados|saturadas|hidratos de carbono|carbohidratos|azúcares|de los cuales azúcares|fibra|fibra alimentaria|proteínas|proteína|sal|sodio|polialcoholes|eritritol|almidón|vitamina d|alcohol',
  unsuitable: 'no apt[oa]s?|no recomendad[oa]|no es apt[oa]|no adecuad[oa]',
};
