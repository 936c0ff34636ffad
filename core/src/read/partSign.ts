/** "DRIZZLE 👉 175 g sugar": a part's name points at its list. */
const POINTED = /^(\p{L}[\p{L} ]{1,30}?)\s*(?:👉|➡|→|[-=]>)\uFE0F?\s*(?=\d)/u;
/** "Dough (yeast): 375 g flour": what a part is, beside its name. */
const PART_TOLD = /^(\p{L}[\p{L} ]{1,30}?)\s*\([^():\d]{1,30}\)\s*:\s*(?=\d)/u;
const MEASURED = '\\d[\\d./ ]*(?:kg|g|ml|dl|oz|lbs?|cups?|c|tbsp|tsp)\\b\\.? \\p{L}';
const PART_WORDS =
  '(?:pastry|filling|topping|base|crust|dough|cake|sponge|batter|icing|frosting|glaze|streusel|crumble|syrup|sauce|custard|drizzle|ganache|buttercream|meringue)';
/** "PASTRY 225g plain flour, 110g butter": a part's name leads its list without a sign between. */
const PART_LEADS_LIST = new RegExp(
  `^((?:\\p{L}+ )?${PART_WORDS}) (?=${MEASURED}[^,]*(?:, (?:\\d|pinch|a )| ${MEASURED}))`,
  'iu',
);
/** "GLAZE 100g icing sugar". */
const SHOUTED_PART_LEADS = new RegExp(`^((?:\\p{Lu}+ )?${PART_WORDS.toUpperCase()}) (?=${MEASURED})`, 'u');
/** "Royal icing from 1 egg white and 200 g icing sugar": what a part is made of. */
const MADE_OF = new RegExp(
  `^((?:\\p{L}+ )?${PART_WORDS}):? (?:made )?(?:from|of|with|using) (?=\\d[^,]*(?:,| and | plus | \\+ | & ) ?(?:\\d|juice|zest|half|an?\\b))`,
  'iu',
);
/** "Drizzle - juice of the lemon, 3 oz sugar": a dash before what has several things. */
const DASH_LEADS = new RegExp(
  `^((?:\\p{L}+ )?${PART_WORDS}) ?- (?=(?:${MEASURED}|pinch\\b|(?:juice|zest|rind) of\\b)[^,]*(?:,| and | \\+ | & ))`,
  'iu',
);

const LEADS: readonly RegExp[] = [
  POINTED,
  PART_TOLD,
  PART_LEADS_LIST,
  SHOUTED_PART_LEADS,
  MADE_OF,
  DASH_LEADS,
];

/** "To finish: cocoa": a thing without an amount, and what it is for. */
const FOR_THE_END =
  /^(to (?:finish|serve|decorate|dust|garnish)|for (?:dusting|serving|decoration|decorating|garnish)):\s+(\p{L}[^\d,;:]*)$/iu;

/** A line whose list is led by a part's name, with a colon behind the name, whatever stands there. */
export const withPartSign = (line: string): string =>
  LEADS.reduce((text, form) => text.replace(form, '$1: '), line.replace(FOR_THE_END, '$2, $1'));
