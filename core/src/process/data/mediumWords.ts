/* What the words of a clause say of the heat that its time is of. */

/** "2 min a side." */
export const EACH_SIDE =
  /\b(?:per|a|each|on each|either|on either|on both|both|on one) sides?\b|\bchaque c[ôo]té\b|\bpar face\b|\b(?:je|pro) Seite\b|\bper lato\b|\bpor lado\b/i;
export const GRILL = /\b(?:grill|broil(?:er)?)\b/i;
export const SHOWS_HEAT = /\b(?:bubbl\w*|holes|golden|brown\w*|set)\b/i;
export const ONE_SIDE = /\b(?:first|second|other) side\b|\bside (?:one|two|[12])\b/i;
/** "40-50 sec till pale gold." */
export const TILL_GOLDEN = /\b(?:until|till?) (?:\p{L}+ )?(?:gold(?:en)?|brown(?:ed)?)\b/iu;
/** "Wait for bubbles (2 min)". */
export const WAITS_FOR_BUBBLES = /\bwait\b[^.;]*\bbubbl/i;
/** "⅔ cup each, 4 to 5 minutes or until the steaming stops": a waffle. */
export const LADLED =
  /\b(?:cups?|ladles?(?:ful)?|scoops?|spoons?(?:ful)?|tbsp) (?:for |of batter )?(?:each|per|a) |\bsteam(?:ing)? stops\b|\bstops? steaming\b/i;
/** "1 minute till bubbles break." */
export const TILL_BUBBLES = /\b(?:till?|until|when) (?:the |you see )?bubbles\b/i;
export const SIDE = /\bsides?\b/i;
/** It goes on in the oven, though not shut in. */
export const AJAR = /\bdoor (?:propped |wedged )?(?:open|ajar)\b/i;
export const ON_THE_HOB = /\b(?:on|over) (?:a |the )?(?:[\w-]+ )?(?:ring|hob|burner|stove|flame|embers)\b/i;
export const OVER_HEAT = /\bover (?:a )?(?:[\w-]+ )?heat\b/i;
export const IN_A_PAN = /\b(?:dry|frying|small|sauce)? ?(?:pan|skillet|saucepan)\b/i;
/** Where a thing waits, and what a mixture looks like before it is baked. */
export const WAITS =
  /\b(?:on the (?:sheet|tray|slide|counter)|in the (?:tin|pan)\b|rack|stand|out of the oven|on a cloth|stiff|let (?:dry|set)|to dry|set aside|(?:until|till) (?:it is |they are )?dry|upside down|room temperature)\b/i;
/** It waits, unless it says what only heat does. */
export const LEFT = /\b(?:low heat|in (?:its |their )?(?:tins?|pans?)|cold|cool)\b/i;
export const STIRRED =
  /\b(?:pale|thick and|ribbon|trail|peaks?|frothy|foamy|speed|hook|machine|mixer|by hand|strokes|smooth|hard)\b/i;
export const INTO =
  /\binto (?:the |a |your |each )?(?:\p{L}+ ){0,2}(?:tins?|pans?|cases|cups|moulds?|holes|liners|dish)\b/iu;
/** "Between the tins, 25–30 min." */
export const BETWEEN = /\bbetween (?:the |your |two |three |2 |3 )?(?:\p{L}+ )?(?:tins|pans|cases)\b/iu;
/** ", turn, 2-3 min more." */
export const TURNED_FIRST = /^\W*(?:and |then )*(?:turn|flip)\b(?! (?:out|down|up|the (?:oven|heat)))/i;
export const ANOTHER =
  /\b(?:another|a further) (?:\d|\p{L}+teen|ten|five|twenty)|\b\d{1,2} ?(?:mins?|minutes?) (?:more|longer)\b/iu;
/** Nothing is in it yet. */
export const PREHEATS = /\bpre-?heat/i;
/** "Let the batter rest for half an hour while the oven heats to 180°C." */
export const WHILE_IT_HEATS =
  /\b(?:while|as) (?:you (?:pre-?)?heat|(?:the |your )?oven (?:is )?(?:pre-?heat|heat|warm|com|gets))/i;
/** "Reheat 30 sec in the microwave": on another day. */
export const AGAIN_LATER = /\b(?:re-?heat|thaw|defrost|freshen|(?:heat|warm)(?:ed)? (?:it |them )?through\b)/i;
/** "Cook for 4-5 minutes or until butter turns nut brown." */
export const BROWNS_BUTTER = /\b(?:until|till) (?:the )?butter\b/i;
/** Another way of doing it than the one that is told. */
export const OTHER_APPLIANCE = /\b(?:slow[- ]cooker|crock ?pots?|pressure cooker|multi-?cooker|air[- ]fryer)\b/i;
export const IRON = /\b(?:waffle|pizzelle|wafer|krumkake)(?:[- ]cone)?[- ](?:iron|maker)\b/i;
export const IN_THE_OVEN = /\b(?:in|into|to) the (?:hot )?oven\b/i;
/** What only heat does. */
export const BAKED =
  /\b(?:golden|brown(?:ed)?|set|wobble|springy|springs?|bounces?|skewer|toothpick|clean|risen|puffed|crisp|bubbl\w+|colou?r|firm)\b/i;
/** "Put in a pan with the sugar and cook gently, lid on, for 5 minutes." */
export const OF_A_PAN = /\b(?:gently|lid on|covered|stirring|(?:low|medium|high) heat|soft(?:en(?:ed|s)?)?)\b/i;
export const COOKS = /\bcooks?\b/i;
/** "Slit each, back for 5 mins to dry." */
export const BACK_FOR =
  /\b(?:back|return(?:ed)?)(?: in(?:to)?| to)?(?: the oven)?,? for (?:a further |another |about )?\d|(?<!\b(?:check|come|look) )\bback in,? (?:another |about )?\d[\d\s–-]*(?:mins?|minutes?|m)\b/i;
/** "Foam the yeast in the water with a pinch of the sugar, 10 min." */
export const WAKES_YEAST =
  /\b(?:foam|dissolve|activate|bloom|sponge|wake)\b[^.;]*\byeast\b|\b(?:crumble|sprinkle)\b[^.;]*\byeast\b|\b(?:stir|mix|whisk)(?: \w+){0,2} yeast\b[^.;]*\b(?:milk|water)\b|\byeast\b[^.;]*\b(?:froth|foam|bubbl|dissolv)/i;
/** What a caramel or a sauce does in its pan. */
export const THICKENS = /\b(?:bubbl\w*|thick\w*|dissolv\w*|syrupy)\b/i;
