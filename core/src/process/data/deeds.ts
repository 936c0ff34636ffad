import type { FamilyId } from '../../vocabulary';

/**
 * What is done to a mixture, and what it is put into, as evidence of its family (log-odds). Common practice; the weights are by
 * hand, on labelled pages.
 */
export const DEEDS: readonly { readonly family: FamilyId; readonly words: RegExp; readonly says: number }[] = [
  { family: 'doughnut', words: /\bdeep[- ]?fr(?:y|ied)|\bfry (?:\w+ ){0,6}(?:at a time|at \d{3})|\b(?:oil|fat) (?:\w+ ){0,5}(?:to|at) 1[6-9]\d|\boil to 3\d\d|\bfry (?:at|them)\b[^.]*\d|\bfry (?:in|them in) (?:\w+ ){0,3}(?:oil|fat|lard)\b|\boil,? for (?:deep[- ])?frying\b/i, says: 4 },
  { family: 'drop-cookie', words: /\b(?:roll(?:ed)?|shap(?:e|ed)|form(?:ed)?)\b[^.]{0,40}\b(?:in)?to\b[^.]{0,25}\bballs?\b|\bdrop(?:ped)? by\b|\b(?:balls?|mounds?)\b[^.]{0,40}\b(?:inch(?:es)?|cm) apart\b/i, says: 1.5 },
  { family: 'drop-cookie', words: /\bballs?\b[^.]*\bapart\b/i, says: 1 },
  { family: 'drop-cookie', words: /\bscoop(?:ed)?\b[^.]{0,30}\bballs\b/i, says: 1.5 },
  { family: 'drop-cookie', words: /\b(?:tbsp|tablespoon|tsp|teaspoon|inch|in\.|cm|walnut[- ]sized|\d ?g) balls\b(?![^.]*\b(?:oil|fry|fat)\b)/i, says: 1.5 },
  { family: 'drop-cookie', words: /\b(?:leave|cool|stand|stay)\b[^.]{0,20}\bon the (?:pan|sheet|tray)s?\b/i, says: 0.8 },
  { family: 'steamed-pudding', words: /\bsteam (?:it |for )?(?:\d|an? |one|two|three)|\bover simmering water with the lid|\bbasin\b/i, says: 3 },
  { family: 'choux', words: /\ball (?:of it )?at once\b|\b(?:leaves|comes away from) the sides\b/i, says: 2 },
  { family: 'choux', words: /\b(?:water|milk)\b[^.]{0,60}\bboil[^]{0,120}\bflour\b[^]{0,200}\beggs?\b[^.]{0,40}\b(?:one|little|at a time|after)\b/i, says: 2 },
  { family: 'choux', words: /\bboil\b[^.]{0,20}\b(?:water|milk)\b[^]{0,160}\bflour\b[^]{0,200}\beggs?\b[^.]{0,40}\b(?:one|little|at a time|after)\b/i, says: 4 },
  { family: 'choux', words: /\bboil\b[^]{0,160}\bflour\b[^]{0,120}\b(?:makes|forms|until|till|into|to) (?:it )?(?:makes |forms |comes to )?(?:an? )?(?:smooth |stiff |thick )?(?:ball|dough|mass|clump)\b[^]{0,160}\beggs?\b/i, says: 4 },
  { family: 'foam', words: /\bwhites\b[^.]{0,80}\b(?:stiff(?:ly)?|peaks?|foamy|meringue|snow|firm)\b[^]{0,400}\bfold|\b(?:stiff(?:ly)?|firmly)[- ](?:beaten|whipped|whisked) (?:egg )?whites|\bribbon\b|\bleaves a trail\b/i, says: 1.5 },
  { family: 'foam', words: /\beggs?\b[^.]{0,50}\bsugar\b(?![^.]{0,20}\b(?:oil|butter|yogh?urt|milk)\b)[^.]{0,60}\b(?:thick|pale|treble|trebled|triple|tripled|mousse|doubled?|light|high speed|volume|trail|minutes|mins?)[^]{0,250}\bfold/i, says: 1.8 },
  { family: 'foam', words: /\b(?:beat|whisk|whip)\b[^.]{0,20}\beggs?\b(?![^.]{0,40}\bsugar\b)[^.]{0,60}\b(?:thick|pale|trebled?|tripled?|mousse|doubled)\b[^]{0,250}\bfold/i, says: 1.2 },
  { family: 'pastry', words: /\bpie plate\b|\b(?:tart|tartlet|flan|quiche) (?:tin|pan|ring|mould)s?\b|\bblind\b|\bcrimp\b|\broll(?:ed)? (?:[\w-]+,? ){0,6}(?:and )?line\b|\bline the (?:ring|case|tin with (?:it|the pastry))\b/i, says: 2.5 },
  { family: 'pastry', words: /(?<!\b(?:biscuits|cookies|wafers|crackers|crumbs)\b[^]{0,140})\b(?:pat|press|push|ease)\w*\b[^.;]{0,70}\bup the sides?\b/i, says: 3.5 },
  { family: 'creamed-cake', words: /\bsandwich tins?\b|\bcream(?:ed)? (?:the |together|\d)/i, says: 1.2 },
  { family: 'cut-out', words: /\broll(?:ed)?\b[^.]{0,40}\b(?:thick|floured|counter|board|mm|cm)\b[^.]{0,40}\bcut\b|\bcutter\b|\bcut (?:out|hearts|stars|rounds)\b|\bstamp out\b/i, says: 2 },
  { family: 'brownie', words: /\bsquare (?:pan|tin)\b[^]{0,900}\bcut(?:ting)? (?:it )?(?:in)?to (?:\d+\b|bars|squares)/i, says: 1.5 },
  { family: 'crisp-wafer', words: /\bdrape\b|\b(?:wrap|roll|shape)\b[^.]{0,40}\b(?:round|over|around)\b[^.]{0,30}\b(?:handle|cone|rolling pin|mould)\b|\blacy\b/i, says: 3 },
  { family: 'loaf', words: /\bloaf (?:tins?|pans?)\b|\b(?:1|2|900) ?(?:lb|g) (?:loaf |tins?|ones?)/i, says: 1.5 },
  { family: 'muffin', words: /\bmuffin (?:tin|pan|cup|case)s?\b|\bpaper cases\b|\b12[- ](?:hole|cup)\b/i, says: 1.5 },
  { family: 'pancake', words: /\bgriddle\b|\b(?:non-?stick|crepe|cr[eê]pe|frying) pan\b[^]{0,260}\b(?:flip|turn)\b|\bflip\b|\bwaffle iron\b/i, says: 2 },
  { family: 'mug-cake', words: /\bmug\b[^]{0,300}\b(?:\d{3,4} ?w\b|microwave|sec)/i, says: 3 },
  { family: 'scone', words: /\bpat(?:ted)?\b[^.;]{0,30}\b(?:(?:2|3)(?:[.,]\d)? ?cm|(?:1|¾|an|three[- ]quarter) ?(?:in\b|inch)|(?:1|¾)")/i, says: 2 },
  { family: 'crumble', words: /\brub(?:bed)?\b[^]{0,160}\b(?:tip|scatter|sprinkle|strew|spoon)\b(?: \p{L}+){0,3} (?:on|over)\b/iu, says: 1.5 },
  { family: 'scone', words: /\bpat (?:it )?(?:out )?to\b|\bknife\b[^.]{0,30}\bdough\b/i, says: 1 },
];
