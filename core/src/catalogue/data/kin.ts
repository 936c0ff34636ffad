import type { KinRow } from '../types';

/**
 * Kin of a row: they share what it is made of and how it is measured for want of figures of their own, and differ in what
 * somebody may avoid in them. What is left out is as in the row. Classes are common practice; laws as in the guard.
 */
export const KIN: Readonly<Record<string, Readonly<Record<string, KinRow>>>> = {
  // Grains, and goods made of them
  'oat-wheat-multigrain': { malted: { name: 'malted flour', also: ['granary flour', 'malthouse flour'], possible: [] } },
  'breadcrumbs': {
    matzo: { name: 'matzo meal', also: ['matzo', 'matzah', 'matzah meal', 'matzo cake meal', 'matzo cracker'], possible: ['egg'], note: 'wheat unless named otherwise' },
    coating: { name: 'seasoned coating mix', also: ['coating mix', 'tempura batter mix'], possible: ['milk', 'soybeans', 'egg', 'corn', 'nightshades'] },
  },
  'bread': {
    enriched: { name: 'brioche', also: ['panettone', 'pandoro', 'hot cross bun'], allergens: ['wheat', 'milk', 'egg'], possible: ['soybeans', 'tree nuts', 'sulphite'] },
    challah: { name: 'challah', allergens: ['wheat', 'egg'], possible: ['milk', 'sesame', 'soybeans'] },
    milk: { name: 'milk bread', allergens: ['wheat', 'milk'], possible: ['egg', 'soybeans'] },
  },
  'rye-bread': { pumpernickel: { name: 'pumpernickel bread', also: ['pumpernickel'], possible: ['wheat', 'sesame', 'oats'] } },
  'pasta': {
    egg: { name: 'egg noodle', allergens: ['wheat', 'egg'], possible: [] },
    flatbread: { name: 'naan', also: ['pita', 'pitta', 'flour tortilla', 'tortilla wrap'], possible: ['milk', 'egg', 'soybeans'] },
  },
  'digestive-biscuits': {
    oat: { name: 'oat biscuit', allergens: ['wheat', 'oats'], possible: ['milk'] },
    breakfast: { name: 'breakfast biscuit', possible: ['milk', 'oats', 'soybeans'] },
  },
  'ginger-biscuits': {
    amaretti: { name: 'amaretti', allergens: ['wheat', 'egg', 'tree nuts'], possible: ['milk'], note: 'apricot kernels or almonds; many hold wheat flour' },
    sponge: { name: 'ladyfinger', also: ['sponge finger', 'savoiardi', 'boudoir biscuit'], allergens: ['wheat', 'egg'], possible: ['milk', 'soybeans'] },
    fortune: { name: 'fortune cookie', allergens: ['wheat', 'egg'], possible: ['soybeans', 'sesame'] },
    stroop: { name: 'stroopwafel', allergens: ['wheat', 'milk'], possible: ['egg', 'soybeans'] },
    cone: { name: 'ice cream cone', also: ['waffle cone', 'sugar cone'], possible: ['milk', 'soybeans', 'egg'] },
  },
  'gf-biscuits': { sponge: { name: 'gluten-free ladyfingers', also: ['gluten-free ladyfinger', 'gluten-free sponge finger', 'gluten-free savoiardi'], allergens: ['egg'], possible: ['milk', 'soybeans', 'corn', 'nightshades', 'tree nuts', 'oats'] } },
  'sandwich-cookies': {
    sponge: { name: 'sponge cake', also: ['brownie', 'cake crumb', 'trifle sponge', 'swiss roll', 'madeira cake', 'cake'], allergens: ['wheat', 'egg'], possible: ['milk', 'soybeans', 'tree nuts'] },
    gingerbread: { name: 'gingerbread', possible: ['milk', 'egg', 'soybeans'] },
  },
  'puff-pastry': { butter: { name: 'all-butter puff pastry', allergens: ['wheat', 'milk'], possible: [] } },
  'shortcrust-pastry': {
    laminated: { name: 'danish pastry', allergens: ['wheat', 'milk'], possible: ['egg', 'soybeans'] },
    case: { name: 'pie crust', also: ['pie shell', 'pie case', 'tart shell', 'tart case', 'pastry case', 'pastry shell', 'flan case'], possible: ['milk', 'egg', 'soybeans'] },
  },
  'gf-pastry': { case: { name: 'gluten-free pie crust', also: ['gluten-free pie shell', 'gluten-free tart case', 'gluten-free pastry case'], possible: ['egg', 'milk', 'soybeans', 'corn', 'nightshades', 'gums'] } },
  'malt': {
    powder: { name: 'malt powder', also: ['malted barley'], allergens: [], possible: ['wheat'] },
    drink: { name: 'malt drink', also: ['malted drink'], allergens: [], possible: ['wheat', 'milk', 'soybeans'] },
    chocolate: { name: 'malted chocolate drink powder', also: ['malted drinking chocolate', 'malted hot chocolate powder', 'malted hot chocolate', 'chocolate malt powder', 'malted chocolate powder', 'chocolate malt drink'], allergens: ['milk'], possible: ['wheat', 'soybeans'], note: 'malt is barley' },
    coffee: { name: 'barley drink', also: ['barley cup', 'instant barley drink', 'cereal coffee', 'grain coffee', 'roasted barley drink', 'chicory barley drink'], grain: 'grain', allergens: [], possible: ['wheat'], note: 'roasted barley or rye, drunk like coffee' },
  },
  'beer': { wheat: { name: 'wheat beer', allergens: ['wheat'], possible: [] }, stout: { name: 'stout', also: ['porter', 'dark beer', 'dark ale', 'brown ale'], possible: ['wheat', 'oats', 'milk'] } },
  'oatcakes': { flapjack: { name: 'flapjack', allergens: ['oats'], possible: ['wheat', 'milk', 'tree nuts'] } },
  'wheat-goods': {
    plain: { name: 'communion host', also: ['communion wafer', 'cream of wheat', 'spring roll wrapper'], possible: [], note: 'made of wheat' },
    tabbouleh: { name: 'tabbouleh', allergens: ['wheat'], possible: ['nightshades'], note: 'cracked wheat with tomato' },
    rich: { name: 'christmas pudding', also: ['fruit cake', 'spelt cake'], allergens: ['wheat', 'egg'], possible: ['milk', 'tree nuts', 'sulphite'] },
    oat: { name: 'oat biscuit crumb', allergens: ['wheat', 'oats'], possible: ['milk'] },
    savoury: { name: 'sausage roll', also: ['bread stuffing', 'stuffing mix'], possible: ['milk', 'egg', 'celery', 'soybeans', 'sulphite', 'mustard'] },
  },
  'white-sauce': {
    gravy: { name: 'gravy', allergens: ['wheat'], possible: ['milk', 'celery', 'soybeans'] },
    roux: { name: 'roux', allergens: ['wheat'], possible: ['milk'] },
    soup: { name: 'cream of mushroom soup', allergens: ['wheat', 'milk'], possible: ['celery', 'soybeans', 'corn'] },
  },
  'granola': {
    muesli: { name: 'muesli', also: ['muesli mix'], possible: ['wheat', 'tree nuts', 'milk', 'soybeans', 'peanuts', 'sesame', 'coconut', 'sulphite'] },
    cereal: { name: 'cereal', also: ['breakfast cereal', 'crunchy cereal'], allergens: [], possible: ['wheat', 'oats', 'corn', 'tree nuts', 'milk', 'soybeans', 'peanuts'], note: 'malt, wheat or oats: the packet says which' },
  },
  'corn-flakes': {
    rice: { name: 'crisped rice cereal', also: ['rice cereal', 'puffed rice cereal', 'crisp rice', 'crispy rice cereal'], allergens: [], possible: [], note: 'most are made with barley malt' },
    puffed: { name: 'puffed cereal', also: ['puffed wheat-free cereal'], allergens: [], possible: ['corn', 'oats', 'wheat'] },
  },
  'puffed-grain': {
    quinoa: { name: 'puffed quinoa', also: ['cooked quinoa'], grain: 'pseudocereal' },
    buckwheat: { name: 'buckwheat noodle 100%', grain: 'pseudocereal', gluten: 'check-label', possible: ['wheat'], note: 'the packet must say 100 % buckwheat' },
    corn: { name: 'sweetcorn', also: ['corn kernel', 'corn tortilla'], allergens: ['corn'] },
  },
  'rice': { hominy: { name: 'hominy', allergens: ['corn'] } },
  'glutenless-grains': {
    corn: { name: 'hominy grits', also: ['corn couscous'], allergens: ['corn'] },
  },
  'cornmeal': { popcorn: { name: 'popcorn', possible: ['milk'] } },
  'tea': {
    chai: { name: 'chai', possible: ['milk'] },
    herbal: { name: 'herbal tea', gluten: 'check-label', note: 'some blends hold roasted barley or malt' },
  },
  // Starches, fibres, binders
  'modified-starch': {
    corn: { name: 'modified corn starch', grain: 'grain', gluten: 'free', allergens: ['corn'], possible: [], note: '' },
    thickener: { name: 'thickener', possible: ['wheat', 'corn', 'gums', 'nightshades'] },
  },
  'custard-powder': { gravy: { name: 'gravy powder', possible: ['wheat', 'corn', 'milk', 'celery', 'soybeans', 'nightshades'] } },
  'apple-fibre': { potato: { name: 'potato fibre', allergens: ['nightshades'] } },
  'gelatin': { land: { name: 'beef gelatine', also: ['pork gelatine', 'bovine gelatine'], possible: [] } },
  'pea-protein': {
    soy: { name: 'soy protein isolate', also: ['soya protein isolate', 'soy protein', 'soya protein'], allergens: ['soybeans'], possible: [] },
    rice: { name: 'rice protein', grain: 'grain', possible: [] },
    hemp: { name: 'hemp protein', possible: [] },
  },
  // Sugars and syrups
  'coconut-sugar': { other: { name: 'palm sugar', also: [], possible: [] } },
  'maple-syrup': { coconut: { name: 'coconut nectar', possible: ['coconut'] } },
  'corn-syrup': {
    isoglucose: { name: 'glucose-fructose syrup', also: ['isoglucose'], allergens: [], possible: ['corn', 'wheat'] },
    pancake: { name: 'pancake syrup', allergens: [], possible: ['corn'] },
  },
  'marshmallows': { fluff: { name: 'marshmallow fluff', also: ['marshmallow creme'], allergens: ['egg'], possible: ['corn', 'wheat'] } },
  'candy': {
    nougat: { name: 'nougat', allergens: ['egg', 'tree nuts'], possible: ['wheat', 'milk', 'soybeans', 'peanuts', 'corn', 'sesame'] },
    fudge: { name: 'fudge', allergens: ['milk'], possible: ['wheat', 'soybeans', 'tree nuts', 'peanuts', 'egg', 'corn'] },
  },
  'frosting': {
    butter: { name: 'buttercream', also: ['cream cheese frosting'], allergens: ['milk'], possible: ['soybeans', 'wheat', 'egg', 'corn'] },
    royal: { name: 'royal icing', allergens: ['egg'], possible: ['wheat', 'corn'] },
  },
  // Fats
  'vegetable-oil': {
    seed: { name: 'rapeseed oil', also: ['canola oil', 'sunflower oil', 'grapeseed oil', 'safflower oil', 'cottonseed oil'], possible: [] },
    corn: { name: 'corn oil', grain: 'contains-grain-derivative', possible: ['corn'] },
    rice: { name: 'rice bran oil', grain: 'contains-grain-derivative', possible: [] },
    soy: { name: 'soybean oil', also: ['soya oil', 'soya bean oil'], possible: ['soybeans'], note: 'refined soya oil needs no warning in many places; cold-pressed does' },
  },
  'palm-fat': {
    palm: { name: 'palm oil', also: ['palm fat', 'palm kernel oil', 'palm', 'palm stearin'], possible: [] },
    shea: { name: 'shea', possible: ['tree nuts'], note: 'some lists count shea among the tree nuts' },
  },
  // Milks, drinks, spirits, acids
  'dairy-free-yogurt': {
    coconut: { name: 'coconut yogurt', also: ['coconut yoghurt', 'coconut milk yogurt', 'coconut milk yoghurt', 'coconut-based yogurt', 'coconut-based yoghurt'], allergens: ['coconut'], possible: ['tree nuts', 'soybeans', 'milk'], note: 'some of what is called so is dairy yogurt with a taste of coconut: the tub says which' },
    soya: { name: 'soya yogurt', also: ['soy yogurt', 'soy yoghurt', 'soya yoghurt'], allergens: ['soybeans'], possible: ['milk', 'tree nuts'] },
    almond: { name: 'almond yogurt', also: ['almond yoghurt', 'almond milk yogurt', 'almond milk yoghurt'], allergens: ['tree nuts'], possible: ['milk', 'soybeans'] },
    oat: { name: 'oat yogurt', also: ['oat yoghurt', 'oat milk yogurt', 'oat milk yoghurt'], grain: 'grain', gluten: 'check-label', allergens: ['oats'], possible: ['milk'], note: 'only from certified oats' },
  },
  'almond-milk': {
    plant: { name: 'plant milk', also: ['non-dairy milk', 'dairy-free milk', 'plant-based milk', 'milk alternative', 'nondairy milk'], gluten: 'check-label', grain: 'contains-grain-derivative', allergens: [], possible: ['tree nuts', 'soybeans', 'oats', 'coconut', 'wheat', 'peanuts', 'nightshades'], note: 'it may be of oat, nut, soya, rice or coconut: say which' },
  },
  'pea-milk': {
    potato: { name: 'potato milk', allergens: ['nightshades'] },
    horchata: { name: 'horchata', grain: 'contains-grain-derivative', possible: ['tree nuts', 'milk'], note: 'of tiger nuts, or of rice and almonds: the label says which' },
    other: { name: 'hemp milk', also: ['flax milk', 'tiger nut milk'] },
  },
  'custard': { egg: { name: 'pastry cream', also: ['creme patissiere', 'creme anglaise'], allergens: ['milk', 'egg'], possible: ['wheat', 'corn'] } },
  'ice-cream': { egg: { name: 'frozen custard', allergens: ['milk', 'egg'], possible: ['wheat', 'tree nuts', 'soybeans', 'peanuts'] } },
  'wine': { sake: { name: 'sake', grain: 'contains-grain-derivative', possible: [] } },
  'rum': {
    grain: { name: 'vodka', also: ['gin', 'aquavit'], grain: 'contains-grain-derivative', note: 'distilled from grain unless the label names potatoes or grapes' },
  },
  'cream-liqueur': { advocaat: { name: 'advocaat', allergens: ['egg'], possible: ['milk'] } },
  'vinegar': {
    wine: { name: 'white wine vinegar', also: ['red wine vinegar', 'wine vinegar', 'sherry vinegar'], possible: ['sulphite'] },
    white: { name: 'white vinegar', grain: 'contains-grain-derivative' },
    coconut: { name: 'coconut vinegar', possible: ['coconut'] },
  },
  'distilled-vinegar': { malt: { name: 'distilled malt vinegar', gluten: 'check-label', note: 'distilled from barley malt: traces pass some limits and not others' } },
  'balsamic-vinegar': { glaze: { name: 'balsamic glaze', gluten: 'check-label', possible: ['sulphite', 'wheat', 'corn'], note: 'often thickened with starch' } },
  'cream-of-tartar': { acids: { name: 'acid blend', also: ['fruit acid'], possible: ['corn'], note: 'most is fermented on corn sugar' } },
  // Flavours and spices
  'peppermint-extract': {
    coconut: { name: 'coconut extract', possible: ['coconut'] },
    named: { name: 'natural flavour', also: ['natural flavor', 'flavor', 'flavour', 'artificial flavor', 'artificial flavour', 'flavoring', 'flavouring', 'natural flavouring', 'natural flavoring', 'aroma', 'natural and artificial flavor'], possible: ['milk', 'corn'], note: 'barley malt or milk may carry it: the label or the maker says' },
  },
  'mixed-spice': {
    masala: { name: 'garam masala', also: ['ras el hanout', 'baharat', 'advieh', 'jerk seasoning', 'seasoning mix', 'spice blend', 'spice rub'], possible: ['wheat', 'mustard', 'nightshades', 'celery'] },
    zaatar: { name: 'zaatar', also: ["za'atar", 'dukkah', 'dukka'], allergens: ['sesame'], possible: ['wheat', 'tree nuts'] },
  },
  'curry-powder': { paprika: { name: 'paprika mix', also: ['taco seasoning', 'chilli seasoning', 'cajun seasoning', 'fajita seasoning', 'berbere', 'harissa powder'], allergens: ['nightshades'], possible: ['wheat', 'mustard', 'celery', 'milk', 'corn'] } },
  'anise': {
    chilli: { name: 'cayenne pepper', also: ['cayenne', 'ground cayenne', 'chilli flake', 'chili flake', 'red pepper flake', 'crushed red pepper', 'hot pepper flake', 'paprika', 'sweet paprika', 'smoked paprika', 'hot paprika', 'hungarian paprika', 'ground chilli', 'aleppo pepper', 'urfa pepper', 'espelette pepper', 'gochugaru', 'ancho powder', 'chipotle powder', 'cayenne powder', 'dried chilli', 'dried chili', 'chilli', 'chili'], allergens: ['nightshades'], note: 'a fruit of the nightshades' },
    'chilli-powder': { name: 'chilli powder', also: ['chili powder'], gluten: 'check-label', allergens: ['nightshades'], possible: ['wheat'], note: 'often a mix with cumin, garlic and flour' },
    pink: { name: 'pink peppercorn', possible: ['tree nuts'], note: 'of the cashew family: people with a cashew allergy have reacted to it' },
    mahleb: { name: 'mahleb', possible: ['tree nuts'], note: 'the kernel of a cherry' },
    sumac: { name: 'sumac', possible: ['tree nuts'], note: 'of the cashew family; some is let down with salt or flour' },
  },
  // Nuts, seeds, fruit
  'macadamias': {
    mixed: { name: 'mixed nuts', also: ['chopped mixed nut', 'nut', 'chopped nut'], possible: ['peanuts'] },
    brittle: { name: 'praline', also: ['nut brittle'], possible: ['peanuts', 'milk', 'soybeans', 'wheat'] },
  },
  'peanuts': {
    sweet: { name: 'peanut butter cup', also: ['peanut butter chip'], allergens: ['peanuts', 'milk'], possible: ['soybeans', 'wheat', 'tree nuts'], gluten: 'check-label', note: 'a sweet: the packet lists what is in it' },
    brittle: { name: 'peanut brittle', possible: ['milk', 'corn', 'tree nuts'] },
  },
  'sesame-seeds': { halva: { name: 'halva', gluten: 'check-label', possible: ['tree nuts', 'wheat', 'egg', 'milk'], note: 'of sesame, or of semolina: the packet says which' } },
  'sunflower-seeds': { mixed: { name: 'mixed seed', possible: ['sesame'] } },
  'dried-cranberries': {
    cherry: { name: 'dried strawberry', also: ['dried barberry'], possible: ['sulphite'] },
    goji: { name: 'goji berry', allergens: ['nightshades'], possible: ['sulphite'] },
  },
  'chestnuts': { glace: { name: 'marron glace', possible: ['wheat'] } },
  'spinach': {
    tomato: { name: 'tomato', also: ['tomato paste', 'tomato puree', 'cherry tomato', 'tinned tomato', 'canned tomato', 'tomato sauce', 'passata', 'bell pepper', 'red pepper', 'green pepper', 'paprika pepper', 'jalapeno', 'fresh chilli', 'fresh chili', 'red chilli', 'green chilli', 'aubergine', 'eggplant', 'tomatillo', 'roasted red pepper'], allergens: ['nightshades'] },
    'sun-dried': { name: 'sun-dried tomato', allergens: ['nightshades'], possible: ['sulphite'] },
  },
  // Sauces, stocks, fish, meat, additives
  'sauces': {
    oyster: { name: 'oyster sauce', allergens: ['molluscs'], possible: ['wheat', 'soybeans'] },
    hummus: { name: 'hummus', gluten: 'free', grain: 'grain-free', allergens: ['sesame'], possible: [], note: '' },
    teriyaki: { name: 'teriyaki marinade', gluten: 'contains', allergens: ['wheat', 'soybeans'], possible: ['sesame'], note: 'made with soy sauce, brewed with wheat' },
    tartare: { name: 'tartare sauce', allergens: ['egg'], possible: ['mustard', 'sulphite', 'milk'] },
    tomato: { name: 'ketchup', also: ['barbecue sauce', 'brown sauce', 'enchilada sauce'], allergens: ['nightshades'], possible: ['wheat', 'celery', 'mustard', 'soybeans', 'fish', 'corn', 'sulphite'] },
    curry: { name: 'curry paste', allergens: ['nightshades'], possible: ['wheat', 'fish', 'crustaceans', 'mustard', 'celery', 'peanuts', 'soybeans'] },
    horseradish: { name: 'horseradish sauce', allergens: [], possible: ['wheat', 'milk', 'egg', 'mustard', 'sulphite'] },
    dressing: { name: 'salad dressing', allergens: [], possible: ['wheat', 'egg', 'milk', 'mustard', 'soybeans', 'celery', 'sulphite', 'fish', 'sesame'] },
  },
  'fish-sauce': {
    prawn: { name: 'prawn', also: ['shrimp', 'crab'], gluten: 'free', allergens: ['crustaceans'], possible: ['sulphite'], note: '' },
    surimi: { name: 'surimi', also: ['imitation crab'], allergens: ['fish'], possible: ['wheat', 'crustaceans', 'egg', 'soybeans', 'molluscs'] },
  },
  'sausage': { oat: { name: 'black pudding', also: ['haggis'], possible: ['wheat', 'oats', 'milk', 'sulphite', 'celery', 'mustard'], note: 'bound with oats or barley' } },
  'acids-and-salts': {
    paprika: { name: 'paprika extract', allergens: ['nightshades'] },
    soy: { name: 'mixed tocopherol', also: ['tocopherol', 'vitamin e', 'mono- and diglyceride', 'mono and diglyceride'], possible: ['soybeans'] },
    emulsifier: { name: 'emulsifier', possible: ['soybeans', 'egg'] },
    culture: { name: 'lactic culture', also: ['live culture'], possible: ['milk'] },
    vitamin: { name: 'vitamin', also: ['vitamin a palmitate', 'vitamin and mineral', 'vitamin mineral', 'vitamin c', 'sweetener', 'humectant', 'glycerol', 'glycerin', 'stabiliser', 'stabilizer'], possible: ['corn', 'soybeans'] },
  },
  'protein-powder': {
    collagen: { name: 'collagen', also: ['collagen powder', 'collagen peptide'], gluten: 'free', possible: ['fish'], note: 'of cattle, pig or fish: the label says which' },
    bar: { name: 'protein bar', also: ['energy bar'], possible: ['milk', 'soybeans', 'wheat', 'oats', 'tree nuts', 'peanuts', 'egg', 'sesame', 'coconut', 'sulphite'] },
  },
};
