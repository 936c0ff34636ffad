/** What other languages call it when a bake cools, for patterns that hear it in English. Common practice. */
export const COOLS_ABROAD = '(?:ab|aus)kühlen|erkalten|afkoelen|svalna|raffreddare|refroidir|enfriar';
