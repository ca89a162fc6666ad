import type { Language } from '../language.js';

export const portuguese: Language = {
  id: 'pt',
  name: 'Portuguese',
  letters: 'ãõ',
  endings: ['s', 'es', 'o', 'a', 'os', 'as'],
  compounds: false,
  terms: {
    'hazelnut-cream': 'creme de avelã|creme de avelãs',
    'pistachio-cream': 'creme de pistácio|creme de pistache',
    'almond-cream': 'creme de amêndoa|creme de amêndoas',
    'made-part': 'recheio|cobertura|prato|sortido',
    cornflakes: 'cornflakes|flocos de milho tostados',
    chutney: 'chutney|chutneys',
    'made-up':
      'barra|barras|snack|snacks|bolinhas|bolinha|petisco|petiscos|rolinhos|espetada|espetadas|nuggets|sobremesa|sobremesas|creme|cremes|sande|sandes|sanduíche|sanduíches|creme para barrar|pasta para barrar',
    'animal-cut': 'peito|coxa|coxas|lombo|lombos|filete|filetes|entrecosto|costeletas|bifinhos|pá de porco',
    preserved:
      'uvas passas|uva passa|passas|sultanas|alperces secos|alperce seco|damascos secos|ameixas secas|ameixa seca|frutos secos desidratados|fruta desidratada|frutas desidratadas|fruta seca|figos secos|manga desidratada|ananás desidratado|abacaxi desidratado|maçã desidratada|banana desidratada|chips de banana|arandos secos|arandos desidratados|frutas cristalizadas|fruta cristalizada|casca de laranja cristalizada|casca de laranja confitada|cerejas cristalizadas|cerejas em calda|flocos de batata|batata desidratada|chucrute|tomate seco|tomates secos|corações de alcachofra|alcaparra|alcaparras|sumo de limão concentrado|sumo de limão à base de concentrado|melaço|vinagre de maçã|vinagre de sidra|bagas de goji',
    'preserved-root': 'rábano picante|raiz forte|gengibre cristalizado|gengibre em conserva',
    'dried-coconut': 'coco ralado|lascas de coco|coco desidratado|chips de coco',
    prawn: 'camarão|camarões|gamba|gambas|lagostim|lagostins',
    'stuffed-vegetables':
      'pimentos recheados|folhas de videira recheadas|tomates recheados|cogumelos recheados',
    liquorice: 'alcaçuz',
    jerky: 'beef jerky|biltong',
    'pressed-poultry': 'fiambre de peru|fiambre de frango|presunto de peru',
    bread:
      'pão|pães|pão ralado|farinha de rosca|tosta|tostas|torrada|torradas|croutons|broa|gressinos|pão de forma|baguete',
    cake: 'bolacha|bolachas|biscoito|biscoitos|bolo|bolos|torta|wafer|queque|queques|madalena|madalenas',
    'spiced-biscuit': 'pão de gengibre|bolachas de gengibre',
    'rice-cracker': 'crackers de arroz',
    crisps: 'batatas fritas de pacote|nachos',
    'cured-sausage':
      'chouriço|chouriça|paio|paiola|salpicão|linguiça|linguiças|salame|salami|salsichão|farinheira|alheira de porco|chorizo',
    'roast-pork': 'lombo assado',
    'stuffed-olives': 'azeitonas recheadas',
    'truffle-sweet': 'trufas|trufas de chocolate',
    'chocolate-spread': 'creme de cacau|creme de chocolate',
    halva: 'halva',
    'lysozyme-cheese': 'grana padano',
    'prepared-mustard': 'mostarda dijon|mostarda de dijon',
    seitan: 'seitan',
    cider: 'sidra',
    wasabi: 'wasabi|pasta de wasabi',
    croquette: 'croquetes',
    mousse: 'mousse|musse',
    seafood: 'marisco|mariscos',
    sushi: 'sushi',
    mortadella: 'mortadela',
    sauce: 'molho|molhos|sopa|marinada',
    'blood-pudding': 'morcela',
    pate: 'paté|patê|patês',
    'meat-dish': 'almôndegas|hambúrguer|hambúrgueres',
    'white-sauce': 'bechamel|molho bechamel',
    praline: 'praliné',
    'filled-pasta': 'ravioli|tortellini',
    gnocchi: 'nhoque',
    'butter-sauce': 'molho holandês',
    tortilla: 'tortilha|tortilhas',
    tapenade: 'tapenade',
    'pickled-cucumber': 'pickles|pepinos em conserva|pepininhos',
    'almond-biscuit': 'macarons',
    'egg-liqueur': 'licor de ovo',
    'egg-pasta': 'massa com ovo|massa de ovo',
    'egg-custard': 'creme de pasteleiro|leite creme|pastel de nata|pastéis de nata',
    gluten:
      'trigo|trigo duro|trigo mole|farinha de trigo|farinha de trigo integral|sêmola|sêmola de trigo|sémola|sémola de trigo|sémola de trigo duro|espelta|centeio|farinha de centeio|cevada|glúten|glúten de trigo|kamut|khorasan|triticale|bulgur|cuscuz|couscous|amido de trigo|farelo de trigo|sêmea de trigo|gérmen de trigo|proteína de trigo|proteínas de trigo|massa mãe|cereais que contêm glúten|pão ázimo|farinha integral|panado|panados',
    malt: 'malte|extrato de malte|extracto de malte|malte de cevada|cevada maltada|farinha de malte|vinagre de malte|xarope de malte|extrato de malte de cevada',
    pasta: 'massa alimentícia|massas|macarrão|esparguete|espaguete|aletria|talharim|noodles',
    muesli: 'granola|muesli|barra de cereais|barras de cereais|barra proteica',
    pastry:
      'hóstia|brioche|croissant|massa folhada|folhado|massa quebrada|pastel|pastéis|panqueca|panquecas|pão de ló|waffle|waffles|empada|rissol|rissóis|croquete|pizza|palitos la reine|filhós',
    flour:
      'farinha|farinhas|cereal|cereais|farelo|flocos de cereais|massa de pão|farinha de cereais|massa|cereais tufados|cereais extrudidos',
    cracker: 'cracker|crackers',
    'wheat-syrup':
      'xarope de glucose (trigo)|xarope de glucose de trigo|xarope de glicose (trigo)|xarope de glicose de trigo|xarope de glucose (de trigo)|dextrose de trigo|dextrose (trigo)|maltodextrina de trigo|maltodextrina (trigo)',
    oats: 'aveia|flocos de aveia|farinha de aveia|farelo de aveia|fibra de aveia',
    'soy-sauce': 'molho de soja|shoyu|tamari|molho shoyu',
    miso: 'miso|missô|pasta de miso',
    milk: 'leite|leites|leite inteiro|leite integral|leite gordo|leite magro|leite meio gordo|leite desnatado|leite em pó|leite em pó magro|leite magro em pó|leite desnatado em pó|leite inteiro em pó|leite gordo em pó|leite em pó desnatado|leite em pó integral|leite condensado|leite evaporado|lácteo|lácteos|laticínio|laticínios|lacticínios|produtos lácteos|leite de vaca|leite de ovelha|leite de cabra|leite de búfala|sólidos de leite|sólidos lácteos|derivados de leite|derivados do leite|leite fermentado',
    'milk-part':
      'lactose|açúcar do leite|soro de leite|soro de leite em pó|soro lácteo|soro|leitelho|manteiga anidra|manteiga concentrada|manteiga clarificada|gordura láctea|gordura de leite|gordura do leite|matéria gorda láctea|matéria gorda do leite|matéria gorda de leite|requeijão|kefir|quefir|coalhada|doce de leite|chocolate de leite|chocolate ao leite|chocolate branco|queijo quark|permeado de soro|arroz doce|brigadeiro',
    'milk-protein':
      'proteína do leite|proteínas do leite|proteína de leite|proteínas de leite|proteínas lácteas|caseína|caseinato|caseinatos|caseinato de sódio|caseinato de cálcio|proteína do soro|proteína de soro|proteínas do soro de leite|proteína do soro de leite|lactoalbumina|proteínas lácteas do soro',
    cream: 'nata|natas|creme de leite|natas em pó|natas batidas|nata azeda|chantilly|natas frescas',
    butter: 'manteiga|manteiga com sal|manteiga sem sal|manteiga em pó',
    yoghurt: 'iogurte|iogurtes|iogurte em pó|iogurte grego|tzatziki',
    'raw-milk':
      'leite cru|leite cru de ovelha|leite cru de cabra|leite cru de vaca|não pasteurizado|sem pasteurizar|leite de ovelha cru|leite de cabra cru|leite não pasteurizado|nata crua',
    'pasteurised-milk':
      'leite pasteurizado|leite pasteurizado de vaca|leite pasteurizado de ovelha|leite pasteurizado de cabra|leite de vaca pasteurizado|leite de ovelha pasteurizado|leite de cabra pasteurizado|natas pasteurizadas',
    cheese:
      'queijo|queijos|queijo fundido|queijo ralado|queijo em pó|queijo de cabra|queijo de ovelha|queijo de vaca|fondue|queijo amanteigado|queijo minas|queijo prato|pão de queijo',
    'fresh-cheese':
      'skyr|mozarela|mozzarella|muçarela|feta|ricota|ricotta|mascarpone|queijo fresco|queijo creme|queijo para barrar|burrata|halloumi|queijo coalho|queijo cottage',
    'hard-cheese':
      'cheddar|gouda|edam|emmental|manchego|queijo curado|queijo flamengo|flamengo|provolone|queijo da ilha|são jorge|queijo duro|maasdam|raclette|queijo flamengo fatiado',
    'ripe-cheese': 'brie|camembert|taleggio|munster|reblochon|queijo da serra|serra da estrela|azeitão',
    'soft-blue': 'gorgonzola|roquefort|queijo azul',
    'hard-blue': 'stilton',
    'calf-rennet-cheese':
      'parmesão|parmigiano reggiano|parmigiano|pecorino|pecorino romano|gruyère|gruyere|comté|queijo parmesão',
    custard: 'pudim|creme inglês|flan|creme de ovos|preparado para pudim|pó para pudim',
    'fruit-curd': 'lemon curd|creme de limão',
    'ice-cream': 'gelado|gelados|sorvete|sorvetes',
    creamer: 'branqueador de café|creme não lácteo',
    chocolate:
      'chocolate|chocolate preto|chocolate negro|chocolate amargo|pepitas de chocolate|cobertura de chocolate|chocolate meio amargo|raspas de chocolate|cobertura de cacau|bombom|bombons|gotas de chocolate',
    nougat:
      'nogado|torrone|caramelo|caramelos|rebuçado|rebuçados|toffee|bala|balas|doces|confeitos|granulado de chocolate|ganache|guloseimas|creme de barrar',
    pesto: 'pesto',
    'animal-rennet':
      'coalho animal|coalho de vitela|coalho de cabrito|coalho (animal)|coalho de origem animal|pepsina|coalho de borrego',
    'microbial-rennet':
      'coalho microbiano|coagulante microbiano|coalho (microbiano)|enzimas microbianas|coagulante de origem microbiana|coalho de origem microbiana|coalho vegetariano',
    'plant-rennet': 'coalho vegetal|coagulante vegetal|coalho (vegetal)|cardo|flor de cardo|coalho de cardo',
    rennet: 'coalho|coagulante|coagulantes|enzima|enzimas|quimosina|coalhante|agente coagulante',
    egg: 'ovo|ovos|clara de ovo|claras de ovo|clara|claras|gema|gemas|gema de ovo|gemas de ovo|ovo em pó|ovo inteiro|ovo líquido|ovo pasteurizado|albumina|albumina de ovo|ovoalbumina|merengue|merengues|suspiro|suspiros|lisozima|omelete|ovoprodutos|clara em pó|clara de ovo em pó|fios de ovos|ovos moles|ovos de galinha|gema pasteurizada|ovos do campo',
    'raw-egg': 'ovo cru|ovos crus|gema crua',
    mayonnaise: 'maionese|aioli|molho tártaro|molho cocktail',
    soy: 'soja|grãos de soja|feijão de soja|farinha de soja|óleo de soja|proteína de soja|proteínas de soja|lecitina de soja|lecitinas de soja|tofu|tempeh|edamame|natto|sementes de soja',
    lecithin: 'lecitina|lecitinas',
    'vegetable-protein':
      'proteína vegetal|proteínas vegetais|proteína vegetal hidrolisada|proteínas vegetais hidrolisadas|proteína vegetal texturizada|hidrolisado de proteína vegetal',
    protein: 'proteína|proteínas|proteína hidrolisada|isolado proteico|aminoácidos|hidrolisado de proteína',
    lupin: 'tremoço|tremoços|farinha de tremoço|lupino|lupinos',
    almond:
      'amêndoa|amêndoas|farinha de amêndoa|pasta de amêndoa|amêndoa moída|amaretti|miolo de amêndoa|amêndoa laminada',
    marzipan: 'maçapão|marzipã',
    hazelnut: 'avelã|avelãs|pasta de avelã|gianduja',
    walnut: 'noz|miolo de noz|nozes de nogueira|óleo de noz',
    cashew: 'caju|cajus|castanha de caju|castanhas de caju|castanha do caju',
    pecan: 'noz pecã|nozes pecã|pecã|pecãs|nozes pecan|noz pecan|noz pécan',
    brazil:
      'castanha do brasil|castanha do pará|castanhas do pará|castanhas do brasil|noz do brasil|nozes do brasil',
    pistachio: 'pistácio|pistácios|pistache|pistaches|pistachio|pistachios',
    macadamia:
      'macadâmia|macadâmias|noz macadâmia|nozes de macadâmia|noz de macadâmia|nozes da austrália|noz do queensland',
    nuts: 'nozes|frutos secos|mistura de frutos secos|nozes mistas|castanhas mistas|frutas secas oleaginosas|oleaginosas',
    'tree-nuts':
      'frutos de casca rija|fruto de casca rija|frutos de casca|pralinês|frutas de casca rija|castanhas|frutos secos de casca rija|crocante',
    coconut:
      'coco|cocos|polpa de coco|carne de coco|leite de coco|óleo de coco|farinha de coco|creme de coco|água de coco|açúcar de coco|gordura de coco',
    'pine-nut': 'pinhão|pinhões',
    peanut:
      'amendoim|amendoins|manteiga de amendoim|pasta de amendoim|óleo de amendoim|creme de amendoim|paçoca|farinha de amendoim',
    sesame:
      'sésamo|sementes de sésamo|gergelim|sementes de gergelim|óleo de sésamo|tahine|tahini|tahina|pasta de sésamo|húmus|hummus|gomásio|óleo de gergelim',
    seed: 'sementes de girassol|sementes de abóbora|sementes de papoila|sementes de papoula|sementes de linhaça|linhaça|sementes de chia|chia|sementes de cânhamo|sementes de funcho|sementes de cominho|papoila|pevides|pevides de abóbora|linhaça dourada|sementes de coentro|sementes de alcaravia|psyllium',
    seeds: 'semente|sementes|mistura de sementes|sementes variadas',
    celery: 'aipo|sal de aipo|sementes de aipo|aipo em pó|extrato de aipo|salsão|folhas de aipo',
    celeriac: 'aipo rábano|aipo bola|raiz de aipo|aipo nabo',
    mustard: 'mostarda|sementes de mostarda|farinha de mostarda|grãos de mostarda|mostarda em pó|vinagrete',
    sulphites:
      'sulfito|sulfitos|dióxido de enxofre|anidrido sulfuroso|metabissulfito|metabissulfito de sódio|metabissulfito de potássio|bissulfito|bissulfito de sódio|dissulfito|sulfito de sódio|dissulfito de potássio|sulfuroso',
    allergens: 'alergénio|alergénios|alérgeno|alérgenos|alergénicos|outros alergénios',
    shellfish: 'frutos do mar',
    crustacean:
      'crustáceo|crustáceos|caranguejo|caranguejos|lagosta|sapateira|krill|lavagante|santola|siri|carne de caranguejo|carne de sapateira|carne de lagosta',
    mollusc:
      'molusco|moluscos|mexilhão|mexilhões|ostra|ostras|molho de ostra|molho de ostras|lula|lulas|polvo|choco|chocos|tinta de choco|tinta de lula|amêijoa|amêijoas|vieira|vieiras|caracol|caracóis|berbigão|pota',
    'scaled-fish':
      'anchova|anchovas|biqueirão|salmão|truta|arenque|arenques|cavala|cavalas|bacalhau|pescada|arinca|escamudo|espadilha|robalo|dourada|linguado|carpa|carapau|carapaus|filetes de anchova|pasta de anchova|perca|tilápia|paloco',
    'tinned-fish': 'atum|sardinha|sardinhas|conserva de atum',
    'smoked-fish': 'salmão fumado|salmão defumado|truta fumada|gravlax|bacalhau fumado',
    'raw-fish': 'peixe cru|ceviche|sashimi|tártaro de salmão',
    'unscaled-fish':
      'enguia|enguias|tamboril|espadarte|tubarão|esturjão|caviar|ovas de lumpo|raia|cação|peixe espada|tintureira',
    fish: 'peixe|peixes|ovas|ovas de peixe|peixe branco',
    'fish-part':
      'óleo de peixe|molho de peixe|caldo de peixe|extrato de peixe|dashi|óleo de fígado de bacalhau|bonito|fumet de peixe',
    worcester: 'molho inglês|molho worcester|worcester|molho worcestershire|worcestershire',
    surimi: 'surimi|delícias do mar|palitos de caranguejo',
    pork: 'porco|carne de porco|fígado de porco|carne de suíno|suíno|suína|lombo de porco|barriga de porco|leitão|entremeada|perna de porco|cachaço|carne suína|porco preto|aparas de porco',
    lard: 'banha|banha de porco|gordura de porco|toucinho|torresmo|torresmos|couratos|courato|gordura suína|sangue de porco|proteína de porco|colagénio de porco',
    'cured-pork':
      'presunto|bacon|prosciutto|pancetta|toucinho fumado|lombo curado|cabeça fumada|guanciale|coppa',
    'cooked-pork': 'fiambre|presunto cozido|fiambre da perna|fiambre da pá|apresuntado',
    boar: 'javali',
    beef: 'carne de vaca|vitela|carne de vitela|bovino|carne bovina|carne de bovino|novilho|boi|carne de novilho|carne picada|dobrada|língua|bife',
    'beef-part':
      'extrato de carne de bovino|caldo de carne|gordura bovina|sebo|gordura de vaca|colagénio bovino|caldo de vaca',
    'cured-beef': 'bresaola|carne seca|carne de sol|cecina',
    'cooked-beef': 'pastrami|rosbife|carne assada',
    lamb: 'borrego|cordeiro|carne de borrego|carneiro|cabrito|ovino',
    poultry:
      'frango|peru|pato|ganso|aves|ave|galinha|carne de frango|carne de peru|peito de frango|peito de peru|codorniz|chester|capão|pintada',
    'poultry-part':
      'caldo de galinha|caldo de frango|gordura de frango|gordura de pato|extrato de galinha|pele de frango|canja',
    'cooked-poultry':
      'frango cozido|frango assado|peru cozido|peito de peru cozido|peito de peru fumado|blanquet de peru',
    game: 'caça|veado|coelho|lebre|faisão|perdiz|pombo|cavalo|carne de cavalo|carne de caça|corço',
    'animal-fat':
      'gordura animal|gorduras animais|sangue|plasma|ossos|osso|tutano|proteína animal|proteínas animais|animal|animais|origem animal|miudezas|hemoglobina|vísceras',
    meat: 'carne|carnes|extrato de carne|almôndega|rins|coração|enchido|enchidos|charcutaria|kebab|bolonhesa|carne separada mecanicamente|alheira|alheiras|embutidos|ragu|feijoada|cozido à portuguesa',
    liver: 'fígado|fígados|foie gras|terrina|fígado de galinha|fígado de pato',
    sausage: 'salsicha|salsichas|cachorro quente|salsicha frankfurt|salsicha fresca',
    casing: 'tripa|tripas|tripa natural|tripa de colagénio|invólucro|tripa de colágeno|tripa artificial',
    'pork-gelatine':
      'gelatina de porco|gelatina suína|gelatina (porco)|gelatina (suína)|gelatina de origem suína|gelatina (de porco)',
    'beef-gelatine':
      'gelatina bovina|gelatina de bovino|gelatina (bovina)|gelatina de origem bovina|gelatina de vaca|gelatina (de bovino)',
    'fish-gelatine': 'gelatina de peixe|gelatina (peixe)|gelatina (de peixe)',
    gelatine:
      'gelatina|gelatinas|gelatina alimentar|colagénio|colágeno|aspic|cola de peixe|colagénio hidrolisado|gelatina em pó',
    marshmallow: 'marshmallow|marshmallows|gomas|jujuba|jujubas|gomas de fruta',
    honey: 'mel|méis|geleia real|própolis|pólen|hidromel|mel em pó|mel de abelha',
    beeswax: 'cera de abelha|cera de abelhas',
    insects:
      'carmim|carmins|cochonilha|ácido carmínico|goma laca|inseto|insetos|grilo|grilos|farinha de grilo|shellac|extrato de cochonilha',
    glaze: 'agente de revestimento|agentes de revestimento|cera|ceras|glaceado|glacé',
    colour:
      'corante|corantes|corante natural|corantes naturais|antiaglomerante|antiaglomerantes|auxiliar tecnológico|antiumectante|antiumectantes|corante vermelho',
    onion:
      'cebola|cebolas|cebola em pó|chalota|chalotas|alho francês|alho porro|cebolinho|cebolinha|cebolinhas|cebola frita|cebola roxa',
    garlic: 'alho|alhos|alho em pó|alho negro|extrato de alho',
    root: 'cenoura|cenouras|batata|batatas|fécula|fécula de batata|amido de batata|batata doce|batatas doces|beterraba|beterrabas|vermelho de beterraba|rabanete|rabanetes|nabo|nabos|pastinaca|gengibre|curcuma|curcumina|açafrão da terra|rábano|mandioca|tapioca|amido de tapioca|polvilho|polvilho doce|polvilho azedo|chicória|raiz de chicória|konjac|cenoura negra|tupinambo|inhame|batatas fritas|amido de mandioca|raiz de alcaçuz|extrato de alcaçuz',
    mushroom:
      'cogumelo|cogumelos|champignon|champignons|trufa|boletos|shiitake|cantarelos|pleurotos|trufa preta|funghi|trufas pretas',
    spices:
      'especiaria|especiarias|mistura de especiarias|extratos de especiarias|extrato de especiarias|caril|curry|garam masala|ras el hanout|harissa|ervas e especiarias|ketchup|molho de tomate|molho barbecue|refogado|molho picante',
    seasoning: 'tempero|temperos|condimento|condimentos|mistura de temperos|recheio preparado|vinha d alhos',
    vegetables:
      'legumes|hortícolas|vegetais variados|legumes variados|legumes desidratados|concentrado de legumes|concentrado vegetal|extrato vegetal|extratos vegetais|mistura de legumes|produtos hortícolas|pickles variados|verduras',
    wine: 'vinho|vinhos|vinho tinto|vinho branco|vinho do porto|porto|vinho da madeira|madeira|xerez|marsala|champanhe|espumante|conhaque|brandy|vermute|moscatel|aguardente vínica|bagaço|vinho verde|sangria',
    beer: 'cerveja|cervejas|cerveja preta',
    'ginger-beer': 'ginger ale|cerveja de gengibre|ginger beer',
    'nut-liqueur': 'amaretto|nocino',
    chestnut: 'castanha portuguesa|castanhas portuguesas|farinha de castanha portuguesa',
    alcohol:
      'álcool|etanol|álcool etílico|rum|uísque|whisky|vodka|gin|tequila|licor|licores|kirsch|calvados|aguardente|saquê|sake|mirin|cachaça|ginjinha|bourbon|absinto|licor beirão|medronho|bebidas espirituosas',
    'wine-vinegar':
      'vinagre de vinho|vinagre de vinho tinto|vinagre de vinho branco|vinagre de xerez|vinagre balsâmico|vinagre balsâmico de modena|creme de vinagre balsâmico|balsâmico|creme balsâmico',
    vinegar: 'vinagre|vinagres',
    grape:
      'sumo de uva|suco de uva|mosto de uva|mosto|mosto concentrado|sumo de uva concentrado|suco de uva concentrado|extrato de semente de uva|arrobe',
    'vanilla-extract':
      'extrato de baunilha|extracto de baunilha|essência de baunilha|extrato natural de baunilha',
    flavour:
      'aroma|aromas|aroma natural|aromas naturais|aroma de fumo|aromatizante|aromatizantes|aroma de baunilha|aroma natural de baunilha|aromas artificiais|essência|aromatizante natural|aroma artificial|aroma idêntico ao natural',
    'fatty-additive':
      'mono e diglicéridos|mono e diglicéridos de ácidos gordos|mono e diglicerídeos|mono e diglicerídeos de ácidos graxos|monoglicéridos|diglicéridos|ésteres de ácidos gordos|ácidos gordos|ácidos graxos|ácido gordo|ácido esteárico|estearato|estearato de magnésio|estearato de cálcio|glicerina|glicerol|polissorbato|polissorbatos|polirricinoleato de poliglicerol|estearoil lactilato|estearoil lactilato de sódio|estearoil 2 lactilato de sódio|sucroésteres|ésteres de poliglicerol|sais de magnésio de ácidos gordos|monoestearato|ésteres monoacetil e diacetiltartárico',
    emulsifier: 'emulsionante|emulsionantes|emulsificante|emulsificantes|emulsificador',
    nucleotides:
      'inosinato|inosinato dissódico|guanilato|guanilato dissódico|ribonucleótidos|ribonucleotídeos|5 ribonucleótidos dissódicos|ribonucleótidos dissódicos',
    enhancer:
      'intensificador de sabor|intensificadores de sabor|realçador de sabor|realçadores de sabor|exaltador de sabor|intensificador|intensificadores',
    cysteine:
      'cisteína|l cisteína|glicina|taurina|agente de tratamento da farinha|agentes de tratamento da farinha|quitosano|glucosamina|melhorador de farinha|agente de tratamento de farinha',
    lanolin: 'vitamina d|vitamina d3|vitaminas|colecalciferol|ómega 3|ômega 3|dha|epa|lanolina',
    fat: 'gordura|gorduras|margarina|margarinas|matéria gorda|matérias gordas|gordura alimentar',
    stock: 'caldo|caldos|caldo em pó|cubo de caldo|consommé|fundo',
    'vegetable-stock': 'caldo de legumes|caldo vegetal|caldo de vegetais',
    gravy: 'molho de carne|molho de assado|molho branco',
    sprouts:
      'rebentos|rebentos de soja|alfafa|brotos|broto de feijão|sementes germinadas|brotos de alfafa|germinados|rebentos de alfafa',
  },
  sources:
    'arroz|milho|ervilha|ervilhas|grão de bico|grão|lentilha|lentilhas|fava|favas|feijão|feijões|trigo sarraceno|sarraceno|quinoa|painço|milheto|sorgo|teff|amaranto|girassol|colza|palma|palmiste|oliva|azeitona|soja|amêndoa|avelã|coco|vegetal|vegetais|origem vegetal|linhaça|cânhamo|abóbora|banana|batata|tapioca|mandioca|cártamo|algodão|karité|cacau|tremoço|alfarroba|agave|celulose|alginato|canola|planta|plantas|amendoim|chufa|batata doce|grainha de uva',
  foods:
    'geleia|geleias|arroz basmati|basmati|arroz agulha|arroz carolino|arroz vaporizado|farinha de arroz|farinha de milho|fubá|farinha de grão|farinha de lentilhas|farinha de alfarroba|farinha de linhaça|erva doce|alface iceberg|rúcula selvagem|espinafres baby|salada|couve roxa|couve galega|couve lombarda|couve de bruxelas|couves de bruxelas|kale|couve portuguesa|abóbora|abóbora menina|milho|feijão preto|feijão branco|feijão encarnado|feijão vermelho|feijão manteiga|feijão frade|lentilhas vermelhas|lentilhas verdes|ervilhas tortas|azeitonas pretas|azeitonas galega|azeitonas recheadas de pimento|tomate cherry|tomate pelado|tomate em pó|sumo de tomate|pimento assado|pimentos padrón|mirtilos azuis|frutos do bosque|amoras silvestres|groselha preta|nêsperas|diospiro|dióspiro|caqui|anona|kumquat|tâmaras descaroçadas|pasta de tâmara|sultanas douradas|açúcar amarelo|açúcar demerara|açúcar mascavo|açúcar baunilhado|pimenta rosa|pimenta da jamaica|pimenta verde|mistura de pimentas|sementes de anis|segurelha|poejo|lúcia lima|cidreira|erva cidreira|alecrim seco|concentrado de cártamo|concentrado de espirulina|concentrado de sabugueiro|concentrado de maçã|fibra de maçã|proteína de fava|proteína de girassol|isolado de proteína de ervilha|ferro|cálcio|fosfato de cálcio|carbonato de cálcio|cloreto de magnésio|cloreto de potássio|citrato de potássio|acetato de sódio|lactato de potássio|isoascorbato|extrato de alecrim|extrato de acerola|acerola|extrato de chá verde|cloreto de sódio|bicarbonato de amónio|água|sal|sal marinho|sal iodado|flor de sal|açúcar|açúcares|açúcar de cana|açúcar mascavado|açúcar em pó|açúcar invertido|rapadura|xarope|xarope de glucose|xarope de glicose|xarope de glucose frutose|xarope de glucose e frutose|xarope de agave|xarope de ácer|xarope de bordo|xarope de milho|xarope de açúcar invertido|xarope de arroz|glucose|glicose|frutose|dextrose|maltodextrina|maltodextrinas|sacarose|edulcorante|edulcorantes|adoçante|adoçantes|estévia|stevia|glicosídeos|glicosídeos de esteviol|glicósidos de esteviol|esteviol|eritritol|xilitol|sorbitol|sorbitóis|maltitol|maltitóis|manitol|isomalte|sucralose|aspartame|aspartamo|acessulfame|acessulfame k|acessulfamo k|sacarina|óleo|óleos|óleo de girassol|azeite|azeite virgem extra|azeite virgem|azeite de oliva|virgem|óleo de palma|óleo de colza|óleo de milho|óleo vegetal|óleos vegetais|óleo de bagaço de azeitona|gordura vegetal|gorduras vegetais|margarina vegetal|gordura de palma|manteiga de cacau|manteiga de karité|amido|amidos|amido modificado|amido de milho|amido modificado de milho|amido de arroz|amido de ervilha|fibra|fibras|fibra alimentar|fibra vegetal|fibra de ervilha|fibra de citrinos|fibra de bambu|inulina|oligofrutose|pectina|pectinas|ágar|ágar ágar|agar agar|goma|goma de guar|goma guar|guar|goma xantana|xantana|farinha de semente de alfarroba|goma de alfarroba|farinha de sementes de alfarroba|goma arábica|goma acácia|acácia|goma gelana|gelana|carragenina|carrageninas|carragena|alginato de sódio|alginatos|metilcelulose|hidroxipropil|hidroxipropilmetilcelulose|goma de celulose|goma tara|levedura|leveduras|levedura química|levedura nutricional|extrato de levedura|extracto de levedura|fermento|fermentos|fermentos lácticos|fermentos láticos|fermento químico|fermento lácteo|levedante|levedantes|agente levedante|levantante|levantantes|bicarbonato|bicarbonato de sódio|carbonato|carbonatos|carbonato de cálcio|carbonato ácido de sódio|carbonatos de sódio|carbonatos de amónio|difosfato|difosfatos|trifosfatos|polifosfatos|fosfato|fosfatos|sódio|potássio|cálcio|magnésio|amónio|dissódico|trissódico|monossódico|cloreto|cloreto de cálcio|sulfato|sulfato de cálcio|citrato|citratos|citrato de sódio|citratos de sódio|lactato|lactatos|lactato de sódio|acetato|acetatos|ascorbato|ascorbato de sódio|eritorbato|eritorbato de sódio|sorbato|sorbato de potássio|benzoato|benzoato de sódio|propionato|nitrito|nitrito de sódio|nitritos|nitrato|nitratos|nitrato de potássio|gluconato|gluconato ferroso|tartarato|tartaratos|cremor tártaro|malato|ácido|ácidos|ácido cítrico|ácido láctico|ácido lático|ácido ascórbico|ácido málico|ácido tartárico|ácido acético|ácido sórbico|ácido fólico|acidulante|acidulantes|acidificante|acidificantes|regulador de acidez|reguladores de acidez|corretor de acidez|corretores de acidez|conservante|conservantes|antioxidante|antioxidantes|estabilizador|estabilizadores|estabilizante|estabilizantes|espessante|espessantes|gelificante|gelificantes|agente de endurecimento|humidificante|humidificantes|umectante|umectantes|culturas|culturas lácticas|culturas lácteas|cultura|penicillium|bolores|glutamato|glutamato monossódico|vitamina|vitamina a|vitamina b|vitamina b1|vitamina b2|vitamina b6|vitamina b12|vitamina c|vitamina e|vitamina k|niacina|tiamina|riboflavina|ferro|zinco|iodo|minerais|tocoferol|tocoferóis|extrato rico em tocoferóis|alfa tocoferol|betacaroteno|beta caroteno|caroteno|carotenos|carotenoides|anato|urucum|norbixina|antocianinas|antocianas|clorofila|clorofilas|caramelo simples|açúcar caramelizado|carvão vegetal|colorau|pimentão|pimentões|pimentão doce|pimentão fumado|extrato de pimentão|paprica|páprica|espirulina|alga|algas|nori|wakame|cera de carnaúba|carnaúba|dióxido de silício|dióxido de titânio|dióxido de carbono|azoto|nigari|tomate|tomates|concentrado de tomate|tomate concentrado|polpa de tomate|polpa|tomate pelado|puré de tomate|pimento|pimentos|malagueta|malaguetas|piri piri|pimenta|pimenta preta|pimenta branca|pimenta do reino|pimenta caiena|pepino|pepinos|pepinos de conserva|curgete|abobrinha|beringela|beringelas|berinjela|espinafre|espinafres|couve|couves|repolho|couve flor|brócolos|brócolis|alface|canónigos|rúcula|funcho|alcachofra|alcachofras|espargo|espargos|aspargos|azeitonas|azeitona preta|azeitonas verdes|feijão verde|milho doce|pipocas|acelga|agrião|agriões|grelos|erva|ervas|ervas aromáticas|ervas de provence|plantas aromáticas|manjericão|orégãos|orégano|tomilho|alecrim|rosmaninho|salva|sálvia|menta|hortelã|hortelã pimenta|endro|aneto|salsa|coentro|coentros|estragão|manjerona|louro|folha de louro|cerefólio|cominho|cominhos|alcaravia|anis|anis estrelado|erva doce|canela|cravinho|cravo da índia|cardamomo|noz moscada|macis|açafrão|sumagre|feno grego|zimbro|bagas|bagas de zimbro|baunilha|vagem de baunilha|vagens de baunilha|baunilha em pó|vanilina|etilvanilina|pasta de cacau|massa de cacau|cacau em pó|cacau magro|cacau magro em pó|pepitas de cacau|nibs de cacau|licor de cacau|grãos de cacau|café|chá|camomila|limão|limões|sumo de limão|suco de limão|lima|laranja|laranjas|toranja|tangerina|tangerinas|clementina|citrinos|cítricos|bergamota|maçã|maçãs|pera|peras|ameixa|ameixas|pêssego|pêssegos|nectarina|alperce|alperces|damasco|damascos|cereja|cerejas|ginja|ginjas|uva|uvas|figo|figos|tâmara|tâmaras|manga|ananás|abacaxi|papaia|mamão|maracujá|kiwi|melão|melancia|romã|marmelo|marmelada|goiaba|lichia|morango|morangos|framboesa|framboesas|mirtilo|mirtilos|arando|arandos|amora|amoras|groselha|groselhas|sabugueiro|ruibarbo|goji|açaí|fruta|frutas|fruto|frutos|frutos vermelhos|frutos silvestres|abacate|abacates|raspa|raspas|casca de limão|casca de laranja|cristalizado|cristalizada|sumo|sumos|suco|sucos|puré|purê|concentrado|concentrados|compota|doce de fruta|geleia de fruta|vinagre de álcool|vinagre de arroz|beldroega|urtiga|lavanda|alfazema|rosa|água de rosas|flor|flores|flor de laranjeira|hibisco|bambu|rebentos de bambu|jaca|tamarindo|videira|folhas de videira|palmito|palmitos|extrato|extracto|extratos|proteína de ervilha|proteínas de ervilha|proteína de arroz|glicerina vegetal|gelatina vegetal|láctico|lático|lácticas|cítrico|ascórbico|fumo|fumo de madeira|guacamole|castanha de água|caramelo corante',
  manner:
    'd2|país|países|fundo|rótulo|indicada|impressa|colocar|misturar|sirva|conserve|agite|retire|verta|junte|pré aquecer|deixe|repousar|temperatura ambiente|recipiente|fechado|hermético|produtos|pescado|redes|anzóis|zona fao|pacífico|índico|nordeste|selecionadas|colhidas|mão|à mão|desfiado|desfiada|em cubos|em rodelas|em tiras|juliana|gomos|quartos|metades|inteiras|esmagado|prensado|tufado|extrudado|germinado|germinada|bruto|moído em pedra|pedra|solo|ar livre|pasto|raça|raças|alimentados|sem ogm|garantidos|agricultores|produtores|produtor|terra|montanha|serra|costa|ilha|ilhas|madeira ilha|minho|douro|trás os montes|beira|ribatejo|lisboa|setúbal|denominação|protegida|indicação|geográfica|lda|rua|avenida|zona industrial|apartado|apoio|cliente|consumidor|contacto|site|embalagens|reciclagem|ecoponto|quantidade líquida|peso líquido|conteúdo líquido|por porção|entrada|acompanhamento|lanche|pequeno almoço|festa|convidados|especialidade|especialidades|receitas|mestre|desde|família|tradição|antiga|à portuguesa|à moda|moda|do sol|saborosos|autêntica|partir|preferência antes|numa|num|nuns|fim|oceano|faia|madeira de faia|noruega|escócia|irlanda|islândia|polónia|países baixos|dinamarca|turquia|marrocos|tunísia|chile|peru origem|índia|china|tailândia|equador|quente|separação|anos|asfixia|risco|supervisão|fechar|bem|manter|evitar|exposição|sol|direta|cozinhar|deixar|adicionar|panela|lume|multifloral|menores|e|ou|nem|com|sem|de|do|da|dos|das|o|a|os|as|um|uma|uns|umas|em|no|na|nos|nas|ao|aos|à|às|por|pelo|pela|para|que|se|seu|sua|é|são|ser|está|foi|não|mais|menos|muito|todo|todos|toda|todas|cada|este|esta|estes|estas|nosso|nossa|nossos|mas|também|depois|após|antes|durante|entre|sobre|cerca|aproximadamente|pode|podem|poderá|conter|contém|contêm|conteúdo|contendo|presença|possível|possíveis|eventual|vestígio|vestígios|traços|traço|fabricado|fabricada|fabricados|elaborado|elaborada|preparado|preparada|produzido|produzida|produto|produtos|embalado|embalada|processado|processa|processam|fábrica|instalações|instalação|linha|linhas|unidade|utiliza|utilizam|manipula|manuseia|onde|mesmo|mesma|outro|outros|outras|ingrediente|ingredientes|lista|composição|origem|biológico|biológica|biológicos|orgânico|orgânica|agricultura|proveniente|provenientes|natural|naturais|fresco|fresca|frescos|frescas|seco|seca|secos|secas|desidratado|desidratada|desidratados|liofilizado|liofilizada|liofilizados|moído|moída|triturado|triturada|picado|picada|cortado|cortada|fatia|fatias|fatiado|rodelas|ralado|ralada|tostado|torrado|torrados|assado|assada|assados|assadas|frito|frita|fritos|cozido|cozida|cozidos|cozidas|cozedura|cru|crua|crus|vapor|maduro|maduros|descaroçado|descaroçadas|descascado|descascada|descascados|pelado|inteiro|inteira|inteiros|integral|integrais|parcialmente|salgado|salgada|doce|adoçado|fumado|fumada|fumados|defumado|defumada|primeira pressão a frio|frio|refinado|refinada|hidrogenado|hidrogenada|hidrogenadas|totalmente|extra|fino|fina|finas|grosso|leve|baixo|alto|teor|reduzido|rico|rica|fonte|reconstituído|pó|em pó|flocos|pedaços|pedaço|granulado|tiras|cubos|palitos|grãos|tipo|estilo|qualidade|superior|selecionado|selecionados|tradicional|tradicionais|artesanal|caseiro|caseira|fermentado|fermentada|curado|cura|maturado|marinado|tratado|enriquecido|enriquecida|mínimo|máximo|min|max|pelo menos|total|proporção|proporções|proporções variáveis|variável|variáveis|peso|líquido|escorrido|base|à base|mistura|misturado|recheado|recheada|coberto|coberta|camada|certificado|certificada|sustentável|comércio justo|ue|não ue|portugal|português|portuguesa|brasil|espanha|espanhol|itália|italiano|frança|francês|grécia|grego|alemanha|europa|país|países|região|local|importado|criado|cultivado|colheita|zona|mar|mediterrâneo|atlântico|norte|sul|este|oeste|alentejo|açores|algarve|modena|conservar|conservação|local fresco|fresco e seco|lugar|abrigo|luz|calor|temperatura|ambiente|frigorífico|geladeira|refrigerado|congelado|congelar|congelador|descongelar|descongelado|aberto|abrir|abertura|uma vez|consumir|consumo|preferência|de preferência|dias|dia|semanas|meses|horas|hora|minutos|minuto|data|ver|tampa|verso|embalagem|pacote|frasco|lata|garrafa|saco|caixa|atmosfera protetora|atmosfera|protetora|servir|saborear|sugestão|ideal|delicioso|deliciosa|perfeito|perfeita|receita|dose|doses|porção|porções|agitar|mexer|lavar|lavado|pronto|pronta|comer|aquecer|forno|frigideira|micro ondas|microondas|adequado|adequada|indicado|pessoas|alergia|alergias|alérgicos|alérgicas|alérgico|intolerantes|intolerância|intolerâncias|informação|informações|aviso|atenção|negrito|destacados|nutricional|nutricionais|declaração|valor|valores|médio|médios|energia|energético|kcal|kj|quais|dos quais|saturados|saturadas|hidratos de carbono|carboidratos|lípidos|ingestão|referência|diária|adulto|lote|número|código|g|kg|mg|ml|cl|cm|mm|categoria|calibre|grande|pequeno|pequena|novo|nova|original|clássico|clássica|simples|puro|pura|verdadeiro|cartão|plástico|reciclável|crianças|caroço|caroços|espinhas|fragmentos|apesar|cuidado|retirar|pele|sem pele|desossado|pá|vaca|ovelha|cabra|búfala|magro|magra|desnatado|meio gordo|gordo|transgénico|geneticamente|ogm|artificial|artificiais|adicionado|adicionados|adicionada|adição|pasteurizado|pasteurizada|esterilizado|uht|homogeneizado|hidrolisado|hidrolisada|texturizada|obtido|extração|estaladiço|suave|cremoso|cremosa|tenro|saboroso|sabor|picante|aperitivo|sortidos|longo|redondo|jovem|preto|preta|pretas|branco|branca|brancas|vermelho|vermelha|vermelhas|verde|verdes|amarelo|amarela|castanho|cor|dourado|proveniência|transformado|fabrico|produção|método|métodos|cruzada|contaminação|garantir|garantimos|garantido|podemos|ausência|livre|isento|alimentar|alimentares|bebida|bebidas|preparação|gosto|b|c|k|s|t|g|ph|vegan|vegano|vegetariano|vegetarianos|veganos|vegetariana|celíacos|cozinha|refogada|estufado|conserva|em conserva|quantidade|equivalente|comestível|comestíveis|não comestível|matérias primas|variedade|gomo|gomos',
  handling:
    'conservar|conservação|conserve|frigorífico|aberto|abrir|abertura|consumir|servir|agitar|lavar|aquecer|cozinhar|forno|microondas|congelar|descongelar|embalagem|embalagens|nutricional|valores|origem|preferência|temperatura|adequado|preparação|reciclagem|asfixia|supervisão|peso|escorrido',
  plantMilk:
    'soja|coco|aveia|amêndoa|amêndoas|arroz|avelã|avelãs|caju|ervilha|ervilhas|cânhamo|espelta|macadâmia|vegetal|vegetais|vegan|vegano|tremoço|quinoa|tofu|noz|nozes',
  plantButter:
    'cacau|karité|amendoim|amêndoa|amêndoas|caju|avelã|avelãs|coco|pistácio|sésamo|maçã|vegetal|manga|girassol',
  plantAfter: true,
  joints: 'de|do|da|dos|das|a|à|base|à base de|em',
  plantMade: 'vegan|vegano|vegana|veganos|vegetal|vegetais',
  freeAfter: 'free',
  heading: 'ingredientes|lista de ingredientes|composicao',
  may: '\\b(?:pode(?:m)? (?:tambem )?(?:conter|apresentar)|podera(?:o)? conter|(?:possiveis?|eventuais|eventual|possivel) (?:vestigios|presenca|tracos)|(?:contem )?(?:vestigios?|tracos?) de|contem vestigios|(?:fabricad|elaborad|produzid|embalad|processad|preparad)[oa]s? (?:em|numa?|na|no|nas) (?:uma?|instalac|fabrica|linhas?|mesma|mesmo|unidade|instalacoes)|(?:instalacoes|fabrica|linhas?|unidade) (?:onde|que|em que)|contaminacao cruzada|nao (?:podemos|e possivel|se pode) garantir|nao (?:adequado|indicado|recomendado) (?:a|para) (?:pessoas )?(?:com )?alerg)',
  freeFrom:
    '\\b(?:sem(?: adicao de| adicionar| adicionad[oa]s?)?(?! pasteurizar)|livre de|isent[oa] de|nao contem)\\b',
  contains:
    '\\b(?:(?<!nao )cont[e]m(?! (?:vestigios|tracos))|(?:elaborad|preparad|feit|fabricad|produzid)[oa]s? (?:com|a base de)|rechead[oa]s? (?:de|com)|cobert[oa]s? (?:de|com)|frit[oa]s? em|acompanhad[oa]s? de|alergenios?\\s*:|alergenos?\\s*:|alergicos\\s*:)',
  denial: 'não|nem|sem|nunca|nenhum|nenhuma',
  vegan: 'vegan|vegano|vegana|veganos|veganas',
  vegetarian: 'vegetariano|vegetariana|vegetarianos|vegetarianas',
  nutrition:
    'energia|lípidos|gorduras|gordura|gorduras totais|dos quais saturados|saturados|saturadas|gorduras saturadas|ácidos gordos|ácidos gordos saturados|hidratos de carbono|carboidratos|açúcares|dos quais açúcares|fibra|fibra alimentar|fibras|proteínas|proteína|sal|sódio|polióis|eritritol|amido|vitamina d|álcool',
  unsuitable: 'nao (?:e )?(?:adequado|indicado|recomendado|apto)|improprio',
};
