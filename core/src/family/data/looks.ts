import type { FamilyId } from '../../vocabulary';

/** What the bowl should look like, and the small piece that tells before the whole batch is baked; null where that isn't cheap. */
export interface Looks {
  readonly mixed: string;
  readonly rested: string;
  readonly pilot: string | null;
}

const ONE_FIRST = 'Bake one first: how far it spreads says whether the rest want flour, cold or a hotter oven.';

export const LOOKS: { readonly source: string; readonly confidence: 'common-practice'; readonly rows: Readonly<Record<FamilyId, Looks>> } = {
  source: 'common practice', confidence: 'common-practice',
  rows: {
    'drop-cookie':     { mixed: 'soft and a little sticky, wetter than a wheat dough', rested: 'firm enough to roll into balls without sticking', pilot: ONE_FIRST },
    'cut-out':         { mixed: 'crumbs that hold when you press them', rested: 'firm and smooth, rolls without cracking at the edge', pilot: 'Bake one first: a blurred edge wants a colder dough.' },
    'crisp-wafer':     { mixed: 'a thin paste that runs off the spoon', rested: 'a little thicker, still spreads by itself', pilot: ONE_FIRST },
    'brownie':         { mixed: 'thick and glossy, falls slowly from the spoon', rested: 'thicker, holds a line for a moment', pilot: null },
    'creamed-cake':    { mixed: 'thinner than a wheat batter, pours in a ribbon', rested: 'drops softly from the spoon', pilot: null },
    'foam':            { mixed: 'airy, a ribbon that stays for three seconds', rested: 'the same: it must not wait', pilot: null },
    'loaf':            { mixed: 'thin enough to pour', rested: 'thick, drops from the spoon in a lump', pilot: null },
    'muffin':          { mixed: 'loose, like thick cream', rested: 'drops slowly, mounds a little in the cup', pilot: null },
    'scone':           { mixed: 'too wet to handle, shaggy', rested: 'holds a shape when it is patted', pilot: null },
    'pastry':          { mixed: 'crumbs that hold when you press them', rested: 'firm, rolls without cracking; a crack is pressed together again', pilot: null },
    'crumble':         { mixed: 'uneven lumps and crumbs', rested: 'lumps that stay whole', pilot: null },
    'pancake':         { mixed: 'runs off the spoon', rested: 'pours slowly, like cream', pilot: 'Fry one first: it tells thickness and heat for the rest.' },
    'choux':           { mixed: 'glossy, falls from the spoon in a V', rested: 'keeps the shape that it is piped in', pilot: 'Pipe one on a plate: it must stand, not run.' },
    'yeast-dough':     { mixed: 'a thick sticky batter that clings to the bowl; it isn’t kneaded', rested: 'soft and puffy, shaped with oiled or wet hands', pilot: null },
    'doughnut':        { mixed: 'soft and sticky', rested: 'patted out on oiled paper without running', pilot: 'Fry one first: it tells the fat’s heat.' },
    'steamed-pudding': { mixed: 'drops easily from the spoon', rested: 'drops with a nudge', pilot: null },
    'mug-cake':        { mixed: 'runs like thick cream', rested: 'the same', pilot: null },
    'flourless':       { mixed: 'thick, glossy, holds air', rested: 'the same: bake it soon', pilot: null },
  },
};
