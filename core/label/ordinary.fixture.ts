/**
 * Ordinary lists of ingredients as packets print them, made up, apart from the reader's words: nothing in them is to be
 * asked but what a stylist would ask, too. The second figure is how many questions are due.
 */
export const ORDINARY: Readonly<Record<string, readonly (readonly [string, number])[]>> = {
  en: [
    [
      'INGREDIENTS: Wholegrain Oat Flakes (62%), Sugar, Rapeseed Oil, Golden Syrup, Sea Salt. May contain traces of nuts and milk.',
      1,
    ],
    [
      'Ingredients: Wheat Flour (Wheat Flour, Calcium Carbonate, Iron, Niacin, Thiamin), Sunflower Oil, Salt, Raising Agent (Sodium Bicarbonate), Yeast. For allergens, including cereals containing gluten, see ingredients in bold. Store in a cool, dry place.',
      0,
    ],
    [
      'Ingredients: Chickpeas (51%), Water, Tahini (Sesame Seeds), Lemon Juice from Concentrate, Garlic Purée, Salt, Cumin. Keep refrigerated. Once opened, consume within 2 days and by date shown.',
      0,
    ],
    [
      'Ingredients: Green Olives, Water, Salt, Extra Virgin Olive Oil, Garlic, Chilli, Oregano, Acidity Regulators: Lactic Acid, Citric Acid; Antioxidant: Ascorbic Acid. Warning: may contain olive stones.',
      0,
    ],
    [
      'Dates, Almonds (28%), Cocoa Powder, Coconut, Sea Salt. Suitable for vegans. Packed in a factory that handles peanuts.',
      0,
    ],
    [
      'Ingredients: Cucumbers, Water, Spirit Vinegar, Sugar, Salt, Mustard Seeds, Dill, Firming Agent (Calcium Chloride). Drained weight 180g. Best before end: see lid.',
      0,
    ],
    [
      'Ingredients: Tomatoes (78%), Red Peppers, Onions, Brown Sugar, Cider Vinegar, Ginger, Salt, Black Pepper. Refrigerate after opening and eat within 4 weeks.',
      0,
    ],
    [
      'Ingredients: Pasteurised Cow’s Milk, Salt, Cheese Cultures, Vegetarian Rennet. Keep refrigerated below 5°C.',
      0,
    ],
    [
      'Ingredients: Potatoes, Sunflower Oil, Sea Salt. Packaged in a protective atmosphere. Nutrition per 100g: Energy 2100kJ/503kcal, Fat 29g, of which saturates 2.4g, Carbohydrate 53g, of which sugars 0.5g, Fibre 4.6g, Protein 6.2g, Salt 1.1g.',
      0,
    ],
    [
      'Ingredients: Sunflower Seeds, Pumpkin Seeds, Linseeds, Tamari Soya Sauce (Soya Beans, Water, Salt, Spirit Vinegar).',
      0,
    ],
    ['Ingredients: Rice, Water, Rice Vinegar, Sugar, Salt, Nori Seaweed. Serve chilled.', 0],
    [
      'Ingredients: Cocoa Mass, Sugar, Cocoa Butter, Emulsifier (Sunflower Lecithin). Cocoa solids 70% minimum. Store away from direct sunlight.',
      0,
    ],
    [
      'Ingredients: Apple Purée (55%), Strawberry Purée, Apple Juice Concentrate, Citrus Fibre, Pectin. No added sugar; contains naturally occurring sugars.',
      0,
    ],
    [
      'Ingredients: Smoked Salmon (Salmon (Fish) 97%, Salt, Oak Smoke). Farmed in Scotland. Although every care has been taken to remove bones, some may remain.',
      0,
    ],
    [
      'Ingredients: Maize Flour, Sunflower Oil, Paprika, Sugar, Tomato Powder, Yeast Extract, Garlic Powder, Salt, Citric Acid, Colour (Paprika Extract).',
      0,
    ],
    [
      'Ingredients: Pork (94%), Salt, Dextrose, Black Pepper, Garlic, Antioxidant (Sodium Ascorbate), Preservatives (Sodium Nitrite, Potassium Nitrate).',
      0,
    ],
    ['Ingredients: Brown Rice (98%), Sea Salt. No artificial colours or preservatives. Gluten free.', 0],
    [
      'Ingredients: Cashew Nuts (45%), Raisins, Dried Cranberries (Cranberries, Cane Sugar, Sunflower Oil), Almonds. Children under five years: choking hazard.',
      0,
    ],
    [
      'Ingredients: Aubergine (40%), Tomato Paste, Rapeseed Oil, Red Onion, Parsley, Salt, Cumin, Lemon Juice. Shake before use.',
      0,
    ],
    ['Ingredients: Full Cream Milk, Cream, Salt, Lactic Cultures. Allergen advice: contains milk.', 0],
    ['Ingredients: Wholemeal Rye Flour 86%, Water, Sourdough (Rye), Salt. Produced in Germany.', 0],
    ['Ingredients: Beetroot, Water, Red Wine Vinegar, Sugar, Salt. Best served cold.', 1],
    ['Ingredients: Coconut Milk (Coconut Extract 60%, Water), Guar Gum. Shake well. Do not freeze.', 0],
    [
      'Ingredients: Figs (53%), Sugar, Lemon Juice, Gelling Agent: Pectin. Prepared with 53g of fruit per 100g. Total sugar content 60g per 100g.',
      0,
    ],
    ['Ingredients: Roasted Peanuts (99%), Sea Salt. Oil separation is natural, stir before use.', 0],
  ],
  de: [
    [
      'Zutaten: Haferflocken (45 %), Zucker, Sonnenblumenöl, Honig, Meersalz. Kann Spuren von Schalenfrüchten, Erdnüssen und Milch enthalten.',
      0,
    ],
    [
      'Zutaten: Weizenmehl, Wasser, Rapsöl, Hefe, Speisesalz, Gerstenmalzextrakt. Kühl und trocken lagern.',
      0,
    ],
    [
      'Zutaten: Kichererbsen (55 %), Wasser, Sesampaste (14 %), Zitronensaftkonzentrat, Speisesalz, Knoblauch, Kreuzkümmel. Gekühlt mindestens haltbar bis: siehe Deckel.',
      0,
    ],
    [
      'Zutaten: Oliven, Wasser, Speisesalz, Säuerungsmittel: Citronensäure, Milchsäure. Nach dem Öffnen im Kühlschrank aufbewahren.',
      0,
    ],
    [
      'Zutaten: Gurken, Wasser, Branntweinessig, Zucker, Salz, Senfsaaten, Dill, Zwiebeln. Abtropfgewicht: 360 g.',
      0,
    ],
    [
      'Zutaten: Kakaomasse, Zucker, Kakaobutter, Emulgator Sonnenblumenlecithin. Kakao: 70 % mindestens. Vor Wärme schützen.',
      0,
    ],
    [
      'Zutaten: Schweinefleisch, Speisesalz, Gewürze (Pfeffer, Koriander, Muskat), Dextrose, Antioxidationsmittel: Natriumascorbat, Konservierungsstoff: Natriumnitrit, Buchenholzrauch.',
      0,
    ],
    ['Zutaten: pasteurisierte Kuhmilch, Speisesalz, Milchsäurekulturen, mikrobielles Lab.', 0],
    ['Zutaten: Datteln, Mandeln, Kakaopulver, Kokosraspeln, Meersalz. Vegan.', 0],
    ['Zutaten: Reis, Sonnenblumenöl, Meersalz. Glutenfrei. Unter Schutzatmosphäre verpackt.', 0],
    [
      'Zutaten: Kartoffeln, Sonnenblumenöl, Paprikapulver, Salz, Zucker, Zwiebelpulver, Knoblauchpulver, Hefeextrakt, Säuerungsmittel Citronensäure.',
      0,
    ],
    [
      'Zutaten: Erdbeeren (60 %), Zucker, Zitronensaft, Geliermittel: Pektin. Hergestellt aus 60 g Früchten je 100 g.',
      0,
    ],
    ['Zutaten: Vollkornroggenmehl, Wasser, Sauerteig (Roggen), Salz, Leinsamen.', 0],
    [
      'Zutaten: Tomaten, Rapsöl, Tomatenmark, Basilikum, Zwiebeln, Zucker, Salz, Knoblauch, Oregano, Pfeffer.',
      0,
    ],
    [
      'Zutaten: Lachs (Fisch), Salz, Buchenholzrauch. Aquakultur, gezüchtet in Norwegen. Bei +2 °C bis +7 °C lagern.',
      0,
    ],
    ['Zutaten: Sonnenblumenkerne, Wasser, Paprika, Sonnenblumenöl, Zitronensaft, Meersalz, Kräuter.', 0],
    ['Zutaten: Vollmilch, Sahne, Salz. Allergene sind fett gedruckt.', 0],
    [
      'Zutaten: geröstete Erdnüsse (99 %), Meersalz. Natürliche Ölabsetzung möglich, vor Gebrauch umrühren.',
      0,
    ],
    ['Zutaten: Rote Bete, Wasser, Branntweinessig, Zucker, Salz, Kümmel.', 0],
    [
      'Zutaten: Maisgrieß, Sonnenblumenöl, Salz. Nährwerte je 100 g: Energie 2012 kJ / 481 kcal, Fett 22 g, davon gesättigte Fettsäuren 2,1 g, Kohlenhydrate 63 g, davon Zucker 1,0 g, Ballaststoffe 3,5 g, Eiweiß 6,5 g, Salz 1,3 g.',
      0,
    ],
    ['Zutaten: Apfelmark (70 %), Birnenmark, Zitronensaft. Ohne Zuckerzusatz.', 0],
    ['Zutaten: Sojabohnen (25 %), Wasser, Gerinnungsmittel: Calciumsulfat.', 0],
    [
      'Zutaten: Cashewkerne, Rosinen, Cranberrys (Cranberrys, Zucker, Sonnenblumenöl), Walnusskerne. Für Kinder unter 5 Jahren nicht geeignet: Erstickungsgefahr.',
      0,
    ],
    [
      'Zutaten: Kokosnussextrakt 60 %, Wasser, Verdickungsmittel: Guarkernmehl. Vor dem Öffnen gut schütteln.',
      0,
    ],
    ['Zutaten: Feigen, Gelierzucker (Zucker, Säuerungsmittel Citronensäure, Geliermittel Pektine).', 0],
  ],
  fr: [
    [
      'Ingrédients : farine de blé, sucre, huile de colza, œufs, sel, poudre à lever (carbonates de sodium). Peut contenir des traces de fruits à coque et de soja.',
      0,
    ],
    [
      'Ingrédients : pois chiches 50 %, eau, purée de sésame 15 %, jus de citron, huile de colza, ail, sel, cumin. À conserver au réfrigérateur. À consommer dans les 3 jours après ouverture.',
      0,
    ],
    [
      'Ingrédients : olives vertes, eau, sel, acidifiant : acide citrique, antioxydant : acide ascorbique. Peut contenir des noyaux.',
      0,
    ],
    ['Ingrédients : lait pasteurisé de vache, sel, ferments lactiques, coagulant microbien.', 0],
    ['Ingrédients : lait cru de brebis, sel, présure animale, ferments. À conserver entre 4 et 8 °C.', 0],
    [
      'Ingrédients : viande de porc (France), sel, lactose, dextrose, ail, poivre, ferments, conservateur : nitrate de potassium.',
      0,
    ],
    [
      'Pâte de cacao, sucre, beurre de cacao, émulsifiant : lécithine de tournesol. Cacao : 70 % minimum. À conserver à l’abri de la chaleur et de l’humidité.',
      0,
    ],
    [
      'Ingrédients : cornichons, eau, vinaigre d’alcool, sel, graines de moutarde, oignons, estragon. Poids net égoutté : 190 g.',
      0,
    ],
    [
      'Ingrédients : figues (55 %), sucre, jus de citron, gélifiant : pectine de fruits. Préparée avec 55 g de fruits pour 100 g.',
      0,
    ],
    ['Ingrédients : riz complet, sel de mer. Sans gluten. Agriculture biologique.', 0],
    [
      'Ingrédients : pommes de terre, huile de tournesol, sel de Guérande. Conditionné sous atmosphère protectrice.',
      0,
    ],
    ['Ingrédients : tomates, huile d’olive vierge extra, basilic, ail, sel, sucre, origan.', 0],
    ['Ingrédients : saumon (poisson) 97 %, sel. Fumé au bois de hêtre. Élevé en Norvège.', 0],
    ['Ingrédients : dattes, amandes, cacao en poudre, noix de coco râpée. Convient aux végétaliens.', 0],
    ['Ingrédients : farine de sarrasin, eau, sel, huile de tournesol.', 0],
    [
      'Ingrédients : aubergines, tomates, poivrons rouges, oignons, huile de tournesol, ail, sel, thym, poivre noir.',
      0,
    ],
    ['Ingrédients : graines de soja, eau, gélifiant : sulfate de calcium.', 0],
    ['Ingrédients : noix de cajou grillées, sel. Fabriqué dans un atelier utilisant des arachides.', 0],
    [
      'Ingrédients : lait écrémé, crème, ferments lactiques. Valeurs nutritionnelles moyennes pour 100 g : énergie 350 kJ / 84 kcal, matières grasses 4 g dont acides gras saturés 2,7 g, glucides 5 g dont sucres 5 g, protéines 7 g, sel 0,1 g.',
      0,
    ],
    ['Ingrédients : betteraves rouges, eau, vinaigre d’alcool, sucre, sel.', 0],
    ['Ingrédients : farine de seigle complète, eau, levain de seigle, sel.', 0],
    ['Ingrédients : purée de pommes 98 %, jus de citron concentré. Sans sucres ajoutés.', 0],
    ['Ingrédients : anchois (poisson), huile d’olive, sel.', 0],
    ['Ingrédients : lentilles vertes, eau, carottes, oignons, sel, laurier, thym. Servir chaud ou froid.', 0],
    ['Ingrédients : miel d’acacia. Origine : France. Ne convient pas aux enfants de moins de 12 mois.', 0],
  ],
  it: [
    [
      'Ingredienti: farina di grano tenero tipo 00, acqua, olio extravergine di oliva, sale, lievito di birra. Può contenere tracce di soia e sesamo.',
      0,
    ],
    [
      'Ingredienti: ceci 55%, acqua, crema di sesamo, succo di limone, olio di semi di girasole, aglio, sale, cumino. Conservare in frigorifero.',
      0,
    ],
    [
      'Ingredienti: olive verdi, acqua, sale, correttore di acidità: acido lattico, antiossidante: acido ascorbico.',
      0,
    ],
    ['Ingredienti: latte vaccino pastorizzato, sale, caglio microbico, fermenti lattici.', 0],
    ['Ingredienti: latte crudo, sale, caglio di vitello. Stagionatura minima 24 mesi.', 0],
    [
      'Ingredienti: carne di suino, sale, destrosio, pepe, aglio, antiossidante: ascorbato di sodio, conservanti: nitrito di sodio, nitrato di potassio.',
      0,
    ],
    [
      'Ingredienti: pasta di cacao, zucchero, burro di cacao, emulsionante: lecitina di girasole. Cacao: 70% minimo.',
      0,
    ],
    [
      'Ingredienti: pomodori secchi, olio di semi di girasole, capperi, basilico, aglio, sale, origano, aceto di alcool.',
      0,
    ],
    ['Ingredienti: fichi 60%, zucchero, succo di limone, gelificante: pectina.', 0],
    ['Ingredienti: riso integrale, sale marino. Senza glutine.', 0],
    ['Ingredienti: patate, olio di semi di girasole, sale. Confezionato in atmosfera protettiva.', 0],
    ['Ingredienti: melanzane, pomodoro, sedano, cipolle, olive, capperi, aceto di mele, zucchero, sale.', 0],
    ['Ingredienti: tonno, olio d’oliva, sale. Pescato nell’Oceano Atlantico.', 0],
    ['Ingredienti: mandorle, datteri, cacao in polvere, cocco. Adatto ai vegani.', 0],
    ['Ingredienti: semola di grano duro, acqua, sale, olio di oliva.', 0],
    ['Ingredienti: peperoni, acqua, aceto di alcool, zucchero, sale.', 0],
    ['Ingredienti: semi di soia, acqua, coagulante: solfato di calcio.', 0],
    ['Ingredienti: nocciole tostate 100%. Prodotto in uno stabilimento che utilizza arachidi.', 0],
    [
      'Ingredienti: panna, latte, sale, fermenti. Valori nutrizionali medi per 100 g: energia 1200 kJ / 290 kcal, grassi 28 g, di cui acidi grassi saturi 19 g, carboidrati 3 g, di cui zuccheri 3 g, proteine 6 g, sale 0,6 g.',
      0,
    ],
    ['Ingredienti: barbabietole rosse, acqua, aceto di mele, sale.', 0],
    ['Ingredienti: acciughe, sale, olio di semi di girasole.', 0],
    ['Ingredienti: mele 99%, succo di limone concentrato. Senza zuccheri aggiunti.', 0],
    ['Ingredienti: farina di grano saraceno, farina di riso, acqua, sale.', 0],
    [
      'Ingredienti: carciofi, olio di semi di girasole, prezzemolo, aglio, sale, peperoncino. Dopo l’apertura conservare in frigorifero e consumare entro 5 giorni.',
      0,
    ],
    ['Ingredienti: miele millefiori. Origine: Italia.', 0],
  ],
  es: [
    [
      'Ingredientes: harina de trigo, aceite de oliva virgen extra 12 %, sésamo, sal, levadura. Puede contener trazas de frutos de cáscara y leche.',
      0,
    ],
    [
      'Ingredientes: garbanzos 58 %, agua, tahini (sésamo), zumo de limón, aceite de girasol, ajo, sal, comino. Conservar entre 0 y 5 °C.',
      0,
    ],
    [
      'Ingredientes: aceitunas manzanilla, agua, sal, acidulante (ácido cítrico), antioxidante (ácido ascórbico). Peso escurrido: 150 g.',
      0,
    ],
    [
      'Ingredientes: leche pasteurizada de oveja, sal, cuajo microbiano, fermentos lácticos, cloruro cálcico.',
      0,
    ],
    [
      'Ingredientes: jamón de cerdo, sal, azúcar, conservadores (nitrito sódico, nitrato potásico), antioxidante (ascorbato sódico).',
      0,
    ],
    [
      'Ingredientes: pasta de cacao, azúcar, manteca de cacao, emulgente: lecitina de girasol. Cacao: 70 % mínimo. Conservar en lugar fresco y seco.',
      0,
    ],
    ['Ingredientes: pepinillos, agua, vinagre de alcohol, sal, semillas de mostaza, eneldo.', 0],
    [
      'Ingredientes: tomates, pimiento rojo, cebolla, aceite de girasol, azúcar, sal, ajo, orégano, pimienta negra.',
      0,
    ],
    ['Ingredientes: membrillo, azúcar, gelificante: pectina, acidulante: ácido cítrico.', 0],
    ['Ingredientes: arroz integral, sal marina. Sin gluten.', 0],
    ['Ingredientes: patatas, aceite de girasol, sal. Envasado en atmósfera protectora.', 0],
    ['Ingredientes: dátiles, almendras, cacao en polvo, coco rallado. Apto para veganos.', 0],
    ['Ingredientes: anchoas, aceite de oliva, sal.', 0],
    [
      'Ingredientes: berenjenas, tomate, aceite de oliva, ajo, sal, pimentón dulce, comino, vinagre de manzana.',
      0,
    ],
    ['Ingredientes: habas de soja, agua, coagulante: sulfato de calcio.', 0],
    [
      'Ingredientes: almendras marconas, aceite de girasol, sal. Elaborado en una fábrica donde se procesan cacahuetes.',
      0,
    ],
    [
      'Ingredientes: leche entera, nata, fermentos lácticos. Información nutricional por 100 g: energía 400 kJ / 96 kcal, grasas 5 g, de las cuales saturadas 3 g, hidratos de carbono 8 g, de los cuales azúcares 8 g, proteínas 4 g, sal 0,1 g.',
      0,
    ],
    ['Ingredientes: remolacha, agua, vinagre de manzana, azúcar, sal.', 0],
    ['Ingredientes: harina de centeno integral, agua, masa madre de centeno, sal.', 0],
    ['Ingredientes: manzana 99 %, zumo de limón concentrado. Sin azúcares añadidos.', 0],
    ['Ingredientes: atún claro, aceite de oliva, sal.', 0],
    ['Ingredientes: lentejas, agua, zanahoria, cebolla, aceite de oliva, sal, laurel, pimentón.', 0],
    ['Ingredientes: maíz, aceite de girasol, sal. Consumir preferentemente antes del: ver envase.', 0],
    ['Ingredientes: higos secos, almendras, harina de arroz.', 0],
    ['Ingredientes: miel de flores. Origen: España.', 0],
  ],
  nl: [
    [
      'Ingrediënten: tarwebloem, water, zonnebloemolie, zout, gist. Kan sporen van noten en sesam bevatten.',
      1,
    ],
    [
      'Ingrediënten: kikkererwten 55%, water, sesampasta, citroensap, zonnebloemolie, knoflook, zout, komijn. Gekoeld bewaren. Na openen binnen 3 dagen consumeren.',
      0,
    ],
    ['Ingrediënten: olijven, water, zout, voedingszuur: citroenzuur, antioxidant: ascorbinezuur.', 0],
    ['Ingrediënten: gepasteuriseerde koemelk, zout, zuursel, microbieel stremsel.', 0],
    [
      'Ingrediënten: varkensvlees, zout, dextrose, specerijen (peper, nootmuskaat, koriander), antioxidant: natriumascorbaat, conserveermiddel: natriumnitriet.',
      0,
    ],
    [
      'Ingrediënten: cacaomassa, suiker, cacaoboter, emulgator: zonnebloemlecithine. Cacao: minimaal 70%. Koel en droog bewaren.',
      0,
    ],
    [
      'Ingrediënten: augurken, water, natuurazijn, suiker, zout, mosterdzaad, dille. Uitlekgewicht: 360 g.',
      0,
    ],
    ['Ingrediënten: tomaten, paprika, ui, koolzaadolie, suiker, zout, knoflook, oregano, zwarte peper.', 0],
    ['Ingrediënten: vijgen 55%, suiker, citroensap, geleermiddel: pectine.', 0],
    ['Ingrediënten: zilvervliesrijst, zeezout. Glutenvrij.', 0],
    ['Ingrediënten: aardappelen, zonnebloemolie, zeezout. Verpakt onder beschermende atmosfeer.', 0],
    ['Ingrediënten: dadels, amandelen, cacaopoeder, geraspte kokos. Geschikt voor veganisten.', 0],
    ['Ingrediënten: zalm (vis), zout. Gerookt op beukenhout. Gekweekt in Noorwegen.', 0],
    ['Ingrediënten: aubergine, tomaat, zonnebloemolie, ui, peterselie, zout, komijn.', 0],
    ['Ingrediënten: sojabonen, water, stollingsmiddel: calciumsulfaat.', 0],
    ['Ingrediënten: geroosterde pinda’s 99%, zeezout.', 0],
    [
      'Ingrediënten: volle melk, room, zuursel. Voedingswaarde per 100 g: energie 350 kJ / 84 kcal, vet 4 g, waarvan verzadigde vetzuren 2,7 g, koolhydraten 5 g, waarvan suikers 5 g, eiwitten 7 g, zout 0,1 g.',
      0,
    ],
    ['Ingrediënten: rode bieten, water, natuurazijn, suiker, zout.', 0],
    ['Ingrediënten: volkoren roggemeel, water, zuurdesem (rogge), zout, lijnzaad.', 0],
    ['Ingrediënten: appels 99%, citroensapconcentraat. Zonder toegevoegde suikers.', 0],
    ['Ingrediënten: tonijn, olijfolie, zout.', 0],
    ['Ingrediënten: cashewnoten, rozijnen, cranberry’s (cranberry’s, suiker, zonnebloemolie).', 0],
    ['Ingrediënten: maïsmeel, zonnebloemolie, paprikapoeder, zout, uienpoeder, knoflookpoeder.', 0],
    ['Ingrediënten: linzen, water, wortel, ui, zout, laurier. Ten minste houdbaar tot: zie deksel.', 0],
    ['Ingrediënten: kokosmelk (kokosextract 60%, water), verdikkingsmiddel: guarpitmeel.', 0],
  ],
  pl: [
    ['Składniki: mąka pszenna, woda, olej rzepakowy, sól, drożdże. Może zawierać sezam i soję.', 0],
    [
      'Składniki: ciecierzyca 55%, woda, pasta sezamowa, sok z cytryny, olej rzepakowy, czosnek, sól, kmin rzymski. Przechowywać w lodówce.',
      0,
    ],
    [
      'Składniki: oliwki, woda, sól, regulator kwasowości: kwas cytrynowy, przeciwutleniacz: kwas askorbinowy.',
      0,
    ],
    ['Składniki: mleko pasteryzowane, sól, kultury bakterii mlekowych, podpuszczka mikrobiologiczna.', 0],
    [
      'Składniki: mięso wieprzowe, sól, glukoza, pieprz, czosnek, przeciwutleniacz: askorbinian sodu, substancja konserwująca: azotyn sodu.',
      0,
    ],
    [
      'Składniki: miazga kakaowa, cukier, tłuszcz kakaowy, emulgator: lecytyna słonecznikowa. Masa kakaowa minimum 70%.',
      0,
    ],
    [
      'Składniki: ogórki, woda, ocet spirytusowy, cukier, sól, gorczyca, koper, cebula. Masa netto po odsączeniu 360 g.',
      0,
    ],
    [
      'Składniki: pomidory, papryka, cebula, olej słonecznikowy, cukier, sól, czosnek, oregano, pieprz czarny.',
      0,
    ],
    ['Składniki: figi 55%, cukier, sok z cytryny, substancja żelująca: pektyny.', 0],
    ['Składniki: ryż brązowy, sól morska. Produkt bezglutenowy.', 0],
    ['Składniki: ziemniaki, olej słonecznikowy, sól. Pakowano w atmosferze ochronnej.', 0],
    ['Składniki: daktyle, migdały, kakao, wiórki kokosowe. Produkt odpowiedni dla wegan.', 0],
    ['Składniki: łosoś (ryba), sól. Wędzony dymem z drewna bukowego.', 0],
    ['Składniki: bakłażan, pomidory, olej rzepakowy, natka pietruszki, sól, kmin.', 0],
    ['Składniki: ziarno soi, woda, koagulant: siarczan wapnia.', 0],
    ['Składniki: orzeszki ziemne prażone 99%, sól morska.', 0],
    [
      'Składniki: mleko, śmietanka, żywe kultury bakterii. Wartość odżywcza w 100 g: energia 350 kJ / 84 kcal, tłuszcz 4 g, w tym kwasy tłuszczowe nasycone 2,7 g, węglowodany 5 g, w tym cukry 5 g, białko 7 g, sól 0,1 g.',
      0,
    ],
    ['Składniki: buraki, woda, ocet spirytusowy, cukier, sól.', 0],
    ['Składniki: mąka żytnia razowa, woda, zakwas żytni, sól, siemię lniane.', 0],
    ['Składniki: jabłka 99%, zagęszczony sok cytrynowy. Bez dodatku cukru.', 0],
    ['Składniki: tuńczyk, oliwa z oliwek, sól.', 0],
    ['Składniki: orzechy nerkowca, rodzynki, żurawina (żurawina, cukier, olej słonecznikowy).', 0],
    ['Składniki: mąka kukurydziana, olej słonecznikowy, papryka w proszku, sól, cebula w proszku.', 0],
    [
      'Składniki: soczewica, woda, marchew, cebula, sól, liść laurowy. Najlepiej spożyć przed: data na wieczku.',
      0,
    ],
    ['Składniki: mleko kokosowe (ekstrakt z kokosa 60%, woda), zagęstnik: guma guar.', 0],
  ],
  pt: [
    [
      'Ingredientes: farinha de trigo, azeite, sal, levedura. Pode conter vestígios de frutos de casca rija e sésamo.',
      0,
    ],
    [
      'Ingredientes: grão de bico 55%, água, pasta de sésamo, sumo de limão, óleo de girassol, alho, sal, cominhos. Conservar no frigorífico.',
      0,
    ],
    ['Ingredientes: azeitonas, água, sal, acidificante: ácido cítrico, antioxidante: ácido ascórbico.', 0],
    ['Ingredientes: leite de ovelha pasteurizado, sal, coalho microbiano, fermentos lácticos.', 0],
    [
      'Ingredientes: carne de porco, sal, alho, pimentão, dextrose, antioxidante: ascorbato de sódio, conservante: nitrito de sódio.',
      0,
    ],
    [
      'Ingredientes: pasta de cacau, açúcar, manteiga de cacau, emulsionante: lecitina de girassol. Cacau: 70% mínimo.',
      0,
    ],
    ['Ingredientes: pepinos, água, vinagre de álcool, sal, sementes de mostarda, endro.', 0],
    [
      'Ingredientes: tomate, pimento vermelho, cebola, óleo de girassol, açúcar, sal, alho, orégãos, pimenta preta.',
      0,
    ],
    ['Ingredientes: figos 55%, açúcar, sumo de limão, gelificante: pectina.', 0],
    ['Ingredientes: arroz integral, sal marinho. Sem glúten.', 0],
    ['Ingredientes: batatas, óleo de girassol, sal. Embalado em atmosfera protetora.', 0],
    ['Ingredientes: tâmaras, amêndoas, cacau em pó, coco ralado. Adequado para veganos.', 0],
    ['Ingredientes: atum, azeite, sal.', 0],
    ['Ingredientes: beringela, tomate, azeite, alho, sal, salsa, cominhos, vinagre de sidra.', 0],
    ['Ingredientes: grãos de soja, água, coagulante: sulfato de cálcio.', 0],
    ['Ingredientes: cajus torrados, sal. Produzido numa fábrica que utiliza amendoim.', 0],
    [
      'Ingredientes: leite gordo, natas, fermentos lácticos. Declaração nutricional por 100 g: energia 400 kJ / 96 kcal, lípidos 5 g, dos quais saturados 3 g, hidratos de carbono 8 g, dos quais açúcares 8 g, proteínas 4 g, sal 0,1 g.',
      0,
    ],
    ['Ingredientes: beterraba, água, vinagre de sidra, açúcar, sal.', 0],
    ['Ingredientes: farinha de centeio integral, água, massa mãe, sal.', 0],
    ['Ingredientes: maçã 99%, sumo de limão concentrado. Sem adição de açúcares.', 0],
    ['Ingredientes: sardinhas, azeite, sal.', 0],
    ['Ingredientes: lentilhas, água, cenoura, cebola, azeite, sal, louro, pimentão doce.', 0],
    ['Ingredientes: milho, óleo de girassol, sal. Consumir de preferência antes do fim de: ver tampa.', 0],
    ['Ingredientes: leite de coco (extrato de coco 60%, água), espessante: goma de guar.', 0],
    ['Ingredientes: mel. Origem: Portugal.', 0],
  ],
};
