import type { FamilyId } from '../../vocabulary';

/** A family by its ratios: g per 100 g of flour. `[water for the flour, fat, sugars, egg]`, by the words that name it, and whether it is only ever known by them (what is steamed, fried or cooked in a mug says so). */
export const PROTOTYPES: { readonly source: string; readonly confidence: 'common-practice'; readonly rows: Readonly<Record<FamilyId, { readonly ratios: readonly [number, number, number, number]; readonly words: RegExp; readonly named?: true }>> } = {
  source: 'common practice', confidence: 'common-practice',
  rows: {
    'drop-cookie':     { ratios: [32, 60, 85, 22],    words: /\bcookies?\b|\bsnaps?\b|\bginger ?nuts?\b|\bdrop (?:by )?(?:spoonfuls?|cookies?)|\bcrinkles?\b|\broll into (?:walnut-sized )?balls\b|\bbiscuits\b/gi },
    'cut-out':         { ratios: [18, 60, 42, 8],     words: /\bshortbread|\bcut[- ]outs?\b|\bcutters?\b|\blinzer\b|\brounds\b|\bfingers\b|\broll out\b/gi },
    'crisp-wafer':     { ratios: [50, 60, 90, 45],    words: /\btuiles?\b|\bwafers?\b|\bbrandy snaps?\b|\bpizzelle\b/gi },
    'brownie':         { ratios: [75, 130, 220, 120], words: /\bbrownies?\b|\bblondies?\b|\bbars?\b|\bfudgy\b/gi },
    'creamed-cake':    { ratios: [85, 65, 95, 65],    words: /\b(?:layer |birthday |sponge |victoria )?cakes?\b|\bcupcakes?\b|\btraybake\b|\bcream (?:the |together )?(?:butter|fat)|\bsandwich tins?\b|\bfairy cakes\b/gi },
    'foam':            { ratios: [135, 8, 120, 180],  words: /\bchiffon\b|\bangel\b|\bgenoise\b|\bswiss roll\b|\broulade\b|\bstiff peaks\b|\bribbon stage\b/gi },
    'loaf':            { ratios: [85, 85, 100, 85],   words: /\bpound cake\b|\bmadeira\b|\bloaf cake\b/gi },
    'muffin':          { ratios: [100, 35, 55, 25],   words: /\bmuffins?\b|\bquick ?bread\b|\b(?:banana|courgette|zucchini|pumpkin|tea) (?:bread|loaf)\b|\bloaf\b|\bdo not overmix\b|\buntil just combined\b/gi },
    'scone':           { ratios: [62, 25, 15, 10],    words: /\bscones?\b|\bbuttermilk biscuits?\b|\brub (?:in )?the butter\b|\bsoda bread\b/gi },
    'pastry':          { ratios: [28, 55, 8, 6],      words: /\bpie crust\b|\bpastry\b|\bgalette\b|\btart\b|\bhand pies?\b|\bpie dough\b|\bblind bake\b|\bpie\b/gi },
    'crumble':         { ratios: [12, 60, 65, 0],     words: /\bcrumble\b|\bstreusel\b|\bcrisp\b|\bcobbler\b/gi },
    'pancake':         { ratios: [150, 15, 10, 35],   words: /\bpancakes?\b|\bwaffles?\b|\bcr[eê]pes?\b|\bdrop scones?\b|\bgriddle\b/gi },
    'choux':           { ratios: [310, 80, 5, 160],   words: /\bchoux\b|\beclairs?\b|\bprofiteroles?\b|\bcream puffs?\b/gi },
    'yeast-dough':     { ratios: [60, 15, 15, 15],    words: /\byeast\b|\bbrioche\b|\bknots?\b|\bbuns?\b|\bprove\b|\bproof\b|\brolls\b|\bknead\b/gi },
    'doughnut':        { ratios: [70, 15, 40, 22],    words: /\bdou?gh?nuts?\b|\bfritters?\b|\bdeep[- ]fry\b/gi, named: true },
    'steamed-pudding': { ratios: [95, 50, 75, 55],    words: /\bpudding\b|\bsteam(?:ed)?\b|\bself-saucing\b/gi, named: true },
    'mug-cake':        { ratios: [120, 60, 80, 60],   words: /\bmug\b|\bmicrowave\b/gi, named: true },
    'flourless':       { ratios: [100, 100, 100, 100], words: /\bflourless\b|\bmacaroons?\b|\bmeringues?\b/gi },
  },
};
