/** What other languages call it when a bake cools, for patterns that hear it in English. Common practice. */
export const COOLS_ABROAD = '(?:ab|aus)kühlen|erkalten|afkoelen|svalna|raffreddare|refroidir|enfriar';
/** And when a dough rises; not its yeast ("jäst"). */
export const RISES_ABROAD =
  'jäsa?(?![a-zåäö])|rijzen|aufgehen|gehen lassen|lievitare|leudar|fermentar|laiss(?:er|ez) (?:lever|pousser)';
