import type { GlutenClass } from '../../vocabulary';

export interface Marker {
  readonly words: RegExp;
  readonly gluten: Extract<GlutenClass, 'contains' | 'check-label'>;
  readonly wheat: boolean;
  readonly reason: string;
}

/**
 * Words that betray gluten whatever the rest of the name is. A second net below the catalogue: a name that the catalogue
 * holds word for word has been judged there and isn't caught again. Common practice; 21 CFR 101.91 names the grains.
 */
export const MARKERS: readonly Marker[] = [
  { words: /\b(?<!buck)(?<!free of )wheat(?!-?free|grass| free|less)\w*\b|\b(?:spelt|dinkel|emmer|einkorn|farro|freekeh|kamut|khorasan|durum|semolina|bulgh?ur|couscous|seitan|triticale|maida|atta|sooji|suji|rava|dalia|farina|graham|matzo\w*|matzah|panko)\b/i, gluten: 'contains', wheat: true, reason: 'a kind of wheat, or made from it' },
  { words: /\b(?:barley|rye|triticale|pumpernickel)\b/i, gluten: 'contains', wheat: false, reason: 'barley and rye hold gluten' },
  { words: /\bmalt(?:ed|s)?\b(?! ?odextrin)|\bmaltsters?\b/i, gluten: 'contains', wheat: false, reason: 'malt is barley unless another grain is named' },
  { words: /\b(?:beers?|ales?|stouts?|lagers?|porters?)\b/i, gluten: 'contains', wheat: false, reason: 'brewed from barley unless the label says otherwise' },
  { words: /\bsoya? sauce\b|\bshoyu\b|\bteriyaki\b|\bhoisin\b/i, gluten: 'contains', wheat: true, reason: 'brewed with wheat' },
  { words: /\b(?:breads?|breadcrumbs?|toast|croutons?|crumbs?|biscuits?|cookies?|wafers?|crackers?|crispbreads?|pretzels?|bagels?|brioche|buns?|rolls?|rusks?|croissants?|pitt?as?|naan|tortillas?|pasta|spaghetti|macaroni|lasagn[ae]|noodles?|ramen|udon|dumplings?|wontons?|pastry|pastries|filo|phyllo|pie ?crusts?|tart ?(?:cases?|shells?)|dough|batter|battered|breaded|crusts?|cakes?(?! decorations?| toppers?)|sponge|brownies?|muffins?|doughnuts?|donuts?|pancakes?|waffles?|crepes?|scones?|ladyfingers?|savoiardi|madeleines?|shortbread|gingerbread|gingersnaps?|strudel|sourdough|roux|stuffing|pizza)\b/i, gluten: 'contains', wheat: true, reason: 'made from wheat unless its label says gluten-free' },
  { words: /\b(?:flours?|self[- ]rais\w+|self[- ]ris\w+)\b/i, gluten: 'contains', wheat: true, reason: 'a flour that is not named as another is wheat' },
  { words: /\b(?:oats?|oaten|oatmeal|muesli|granola|porridge)\b/i, gluten: 'check-label', wheat: false, reason: 'oats pick up gluten in field and mill: only certified ones' },
  { words: /\b(?:cereal|seasoning|gravy|bouillon|stock cubes?|thickener|thickened|modified starch|mix|blend|sauce|coating|crunch(?:y|ies)?|clusters?|sprinkles?|decorations?|filling|marinade|dressing|imitation|substitute|flavou?rings?|licorice|liquorice)\b/i, gluten: 'check-label', wheat: false, reason: 'made goods: read the label' },
];

/** "gluten-free" and its like in front of a name. A claim on a packet is to be read on the packet. */
export const CLAIMED_FREE = /\bgluten[- ]?free\b|\bGF\b|\bfree[- ]from[- ]gluten\b|\bno gluten\b/i;

/** What names a flour once: "self-raising flour", "flour", "self-raising". */
export const FLOUR_WORDS = /\b(?:self[- ](?:rais|ris)\w+ )?flours?\b|\bself[- ](?:rais|ris)\w+\b/i;

/** Words in which "gluten-free" claims nothing of what the line names: refused, another thing, or only advised. */
export const UNCLAIMED: readonly RegExp[] = [
  /\b(?:not|never|isn't|aren't|non)[- ](?:certified )?gluten[- ]?free\b/gi,
  /\bor (?:a |an |any |some |your |use |the same (?:weight|amount) of )*(?:certified )?(?:gluten[- ]?free|gf)\b[^,;)]*/gi,
  /\([^)]*\b(?:use|if|can|could|swap|sub|substitute|replace|option|alternatively|instead|make it|works|worked|work well|tried|fine)\b[^)]*\)/gi,
  /[,;:-] (?:or |but )?(?:use|swap|sub|substitute|replace|can be|could be|for a)\b[^,;]*\b(?:gluten[- ]?free|gf)\b[^,;]*/gi,
  /\b(?:gluten[- ]?free|gf)\b[^,;)]*\b(?:if (?:needed|required|necessary|you (?:like|wish|need|prefer))|optional|also works|works too|worked|works fine)\b/gi,
];
