/**
 * Words of other kitchens' lists, by what they are in English: Swedish, German, French, Italian, Spanish, Hindi and Urdu (as
 * written in Latin letters). Common practice. A line is read by them only where English finds nothing in it.
 */
export const FOOD_WORDS: Readonly<Record<string, readonly string[]>> = {
  'plain flour': ['vetemjöl', 'mjöl', 'Mehl', 'Weizenmehl', 'farine', 'farine de blé', 'farina 00', 'farina di grano tenero', 'harina', 'harina de trigo', 'maida'],
  'whole wheat flour': ['grahamsmjöl', 'fullkornsvetemjöl', 'Vollkornmehl', 'Weizenvollkornmehl', 'farine complète', 'farine intégrale', 'farina integrale', 'harina integral', 'atta', 'aata'],
  'rye flour': ['rågmjöl', 'Roggenmehl', 'farine de seigle', 'farina di segale', 'harina de centeno'],
  'spelt flour': ['dinkelmjöl', 'Dinkelmehl', 'farine d\'épeautre', 'farina di farro', 'harina de espelta'],
  'semolina': ['mannagryn', 'Grieß', 'Weizengrieß', 'semoule', 'semola', 'semolino', 'sémola', 'sooji', 'suji', 'rava'],
  'rolled oats': ['havregryn', 'Haferflocken', 'flocons d\'avoine', 'fiocchi d\'avena', 'copos de avena'],
  'corn starch': ['maizena', 'majsstärkelse', 'Speisestärke', 'Maisstärke', 'fécule de maïs', 'maïzena', 'amido di mais', 'maicena', 'almidón de maíz'],
  'potato starch': ['potatismjöl', 'Kartoffelstärke', 'Kartoffelmehl', 'fécule de pomme de terre', 'fecola di patate', 'fécula de patata'],
  'chickpea flour': ['kikärtsmjöl', 'Kichererbsenmehl', 'farine de pois chiche', 'farina di ceci', 'harina de garbanzo', 'besan'],
  'hazelnut flour': ['hasselnötsmjöl', 'gemahlene Haselnüsse', 'poudre de noisettes', 'noisettes en poudre', 'farina di nocciole', 'nocciole tritate', 'avellana molida'],
  'almond paste': ['mandelmassa', 'Marzipanrohmasse', 'Rohmarzipan', 'pâte d\'amande', 'pasta di mandorle'],
  'candied peel': ['sukat', 'pomeransskal', 'Zitronat', 'Orangeat', 'écorces confites', 'cedro candito', 'scorze candite', 'fruta confitada'],
  'mixed spice': ['pepparkakskrydda', 'Lebkuchengewürz', 'épices à pain d\'épices', 'quatre-épices'],
  'wafers': ['Oblaten', 'Backoblaten'],
  'ground almonds': ['mandelmjöl', 'gemahlene Mandeln', 'poudre d\'amandes', 'farina di mandorle', 'harina de almendra', 'almendra molida'],
  'butter': ['smör', 'Butter', 'weiche Butter', 'beurre', 'beurre doux', 'beurre mou', 'burro', 'burro morbido', 'mantequilla', 'makhan'],
  'margarine': ['margarin', 'Margarine', 'margarina'],
  'ghee': ['desi ghee', 'asli ghee'],
  'vegetable oil': ['rapsolja', 'matolja', 'Öl', 'Rapsöl', 'Sonnenblumenöl', 'huile', 'huile neutre', 'huile de tournesol', 'olio di semi', 'aceite', 'aceite de girasol', 'tel'],
  'granulated sugar': ['socker', 'strösocker', 'Zucker', 'feiner Zucker', 'sucre', 'sucre en poudre', 'sucre semoule', 'zucchero', 'zucchero semolato', 'azúcar', 'cheeni', 'chini', 'shakkar'],
  'powdered sugar': ['florsocker', 'Puderzucker', 'Staubzucker', 'sucre glace', 'zucchero a velo', 'azúcar glas', 'azúcar impalpable'],
  'brown sugar': ['farinsocker', 'brauner Zucker', 'cassonade', 'vergeoise', 'zucchero di canna', 'azúcar moreno', 'gur', 'jaggery'],
  'vanilla sugar': ['vaniljsocker', 'Vanillezucker', 'sucre vanillé', 'zucchero vanigliato', 'azúcar vainillado'],
  'honey': ['honung', 'Honig', 'miel', 'miele', 'shahad'],
  'egg': ['ägg', 'Ei', 'Eier', 'œuf', 'œufs', 'oeuf', 'oeufs', 'uovo', 'uova', 'huevo', 'huevos', 'anda', 'ande'],
  'egg yolk': ['äggula', 'äggulor', 'Eigelb', 'jaune d\'œuf', 'jaunes d\'œufs', 'tuorlo', 'tuorli', 'yema', 'yemas'],
  'egg white': ['äggvita', 'äggvitor', 'Eiweiß', 'Eiklar', 'blanc d\'œuf', 'blancs d\'œufs', 'albume', 'albumi', 'clara', 'claras'],
  'milk': ['mjölk', 'Milch', 'lait', 'lait entier', 'lait demi-écrémé', 'latte', 'latte intero', 'leche entera', 'leche', 'doodh'],
  'whipping cream': ['vispgrädde', 'grädde', 'Sahne', 'Schlagsahne', 'Schlagobers', 'crème liquide', 'crème entière', 'panna', 'panna fresca', 'nata', 'nata para montar'],
  'yogurt': ['yoghurt naturell', 'Joghurt', 'Naturjoghurt', 'yaourt', 'yogur'],
  'quark': ['kvarg', 'Magerquark', 'Quark'],
  'water': ['vatten', 'Wasser', 'eau', 'acqua', 'agua', 'pani'],
  'baking powder': ['bakpulver', 'Backpulver', 'levure chimique', 'lievito per dolci', 'polvo de hornear', 'levadura química', 'impulsor'],
  'baking soda': ['bikarbonat', 'Natron', 'bicarbonate de soude', 'bicarbonato', 'meetha soda'],
  'yeast': ['jäst', 'torrjäst', 'Hefe', 'Trockenhefe', 'levure boulangère', 'levure', 'lievito di birra', 'levadura', 'khameer'],
  'fresh yeast': ['färsk jäst', 'kronjäst', 'frische Hefe', 'Frischhefe', 'Würfel Hefe', 'cube Hefe', 'levure fraîche', 'levure de boulanger fraîche', 'lievito di birra fresco', 'levadura fresca'],
  'salt': ['Salz', 'sel', 'fleur de sel', 'sale', 'sal', 'namak'],
  'cinnamon': ['kanel', 'Zimt', 'cannelle', 'cannella', 'canela', 'dalchini'],
  'cardamom': ['kardemumma', 'Kardamom', 'cardamome', 'cardamomo', 'elaichi'],
  'vanilla extract': ['vaniljextrakt', 'Vanilleextrakt', 'extrait de vanille', 'estratto di vaniglia', 'extracto de vainilla', 'esencia de vainilla'],
  'instant coffee': ['snabbkaffe', 'Instantkaffee', 'Löskaffee', 'löslicher Kaffee', 'café soluble', 'café lyophilisé', 'caffè solubile', 'café instantáneo'],
  'cocoa': ['kakao', 'Kakao', 'Kakaopulver', 'cacao', 'cacao en poudre', 'cacao amaro', 'cacao en polvo'],
  'dark chocolate': ['mörk choklad', 'Zartbitterschokolade', 'Zartbitterkuvertüre', 'Kuvertüre', 'chocolat noir', 'cioccolato fondente', 'chocolate negro'],
  'flaked almonds': ['Mandelblättchen', 'gehobelte Mandeln', 'mandelspån', 'amandes effilées', 'mandorle a lamelle', 'almendra laminada'],
  'custard powder': ['Vanillepuddingpulver', 'Puddingpulver', 'vaniljkrämpulver', 'vaniljsåspulver'],
  'almonds': ['mandel', 'Mandeln', 'amandes', 'mandorle', 'almendras', 'badam'],
  'walnuts': ['valnötter', 'Walnüsse', 'noix', 'noci', 'nueces', 'akhrot'],
  'hazelnuts': ['hasselnötter', 'Haselnüsse', 'noisettes', 'nocciole', 'avellanas'],
  'raisins': ['russin', 'Rosinen', 'raisins secs', 'uvetta', 'pasas', 'kishmish'],
  'cherries': ['körsbär', 'Kirschen', 'Sauerkirschen', 'Süßkirschen', 'Schattenmorellen', 'cerises', 'griottes', 'ciliegie', 'amarene', 'cerezas'],
  'plum': ['plommon', 'Pflaumen', 'Zwetschgen', 'Zwetschken', 'quetsches', 'prugne', 'susine', 'ciruelas'],
  'pear': ['päron', 'Birnen', 'Birne', 'poire', 'poires', 'pera', 'pere', 'peras'],
  'raspberries': ['hallon', 'Himbeeren', 'framboises', 'lamponi', 'frambuesas'],
  'strawberries': ['jordgubbar', 'Erdbeeren', 'fraises', 'fragole', 'fresas'],
  'blueberries': ['blåbär', 'Blaubeeren', 'Heidelbeeren', 'myrtilles', 'mirtilli', 'arándanos'],
  'lemon': ['citron', 'Zitrone', 'limone', 'limón', 'nimbu'],
  'apple': ['äpple', 'äpplen', 'Apfel', 'Äpfel', 'pomme', 'pommes', 'mela', 'mele', 'manzana', 'manzanas'],
};

/** Spoons and cups behind a number. The decilitre is everybody's. */
export const UNIT_WORDS: readonly (readonly [RegExp, string])[] = [
  [/(?<=\d\s?)(?:EL|Esslöffel|msk|matskedar?|c(?:uill?[eè]res?)?\.? ?[àa] ?s(?:oupe)?\.?|cucchiai?o?|cucharadas?(?!\p{L})|bade chammach)(?!\p{L})/gu, 'tbsp'],
  [/(?<=\d\s?)(?:TL|Teelöffel|tsk|teskedar?|c(?:uill?[eè]res?)?\.? ?[àa] ?c(?:afé)?\.?|cucchiain[oi]|cucharaditas?|chhote chammach)(?!\p{L})/gu, 'tsp'],
  [/(?<=\d\s?)(?:Tassen?|tasses?|tazz[ae]|tazas?|koppar|kopp)(?!\p{L})/gu, 'cup'],
  [/(?<=\d\s?)(?:Prisen?|pinc[ée]es?|pizzic(?:o|hi)|pizcas?|nypor|nypa|chutki)(?!\p{L})/gu, 'pinch'],
  [/(?<=\d\s?)(?:Würfel|cubes? de|cubett[oi](?: di)?|cubitos? de)(?!\p{L})/gu, 'cube'],
  [/(?<=\d\s?)(?:Glas|Gläser|bocaux|bocal|vasett[oi]|frascos?|burkar?)(?!\p{L})/gu, 'jar'],
  [/(?<=\d\s?)(?:Päckchen|Pck\.?|bustin[ae]|sobres?)(?!\p{L})/gu, 'packet'],
];
/** What is only said of how warm, soft or fine a thing is. */
export const DESCRIBING_WORDS =
  /(?<!\p{L})(?:lauwarme[rsn]?|warme[rsn]?|kalte[rsn]?|weiche[rsn]?|geschmolzene[rsn]?|flüssige[rsn]?|gesiebte[rsn]?|frische[rsn]?|zimmerwarme[rsn]?|ljummen|ljummet|rumsvarm[at]?|smält|kall[at]?|färsk[at]?|tièdes?|fondue?|froide?|fra[iî]che?s?|tamisée?|tiepid[oa]|fus[oa]|fredd[oa]|fresc[oa]|setacciat[oa]|tibi[oa]|derretid[oa]|fr[ií][oa]|tamizad[oa])(?!\p{L})\s*/giu;
/** "A" and "of" before and after a unit. */
export const SMALL_WORDS = /(?<!\p{L})(?:d['’](?=\p{L})|(?:d[eiu]|del|des|della)(?!\p{L}))\s*/giu;
