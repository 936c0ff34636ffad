import type { FamilyId } from '../../../vocabulary';

/** What the practice kitchen bakes, one of each kind that something can be made wrong in. Invented. */
export const PRACTICE_RECIPES = {
  loaf: 'Lantern loaf\n200 g plain flour\n2 tsp baking powder\n120 g sugar\n2 eggs\n110 g vegetable oil\n240 g plain yogurt\nMethod\nWhisk all together.\nBake in a loaf tin at 175 °C for 50 minutes.',
  muffin:
    'Harbour muffins\n250 g plain flour\n2½ tsp baking powder\n120 g sugar\n1 egg\n240 ml milk\n90 ml oil\nMethod\nMix dry and wet apart, stir together.\nBake in a 12-hole muffin tin at 190 °C for 20 minutes.',
  'creamed-cake':
    'Signal sponge\n200 g butter\n200 g sugar\n4 eggs\n200 g plain flour\n2 tsp baking powder\nMethod\nCream the butter and sugar, beat in the eggs, fold in the flour.\nBake in two 20 cm round tins at 180 °C for 25 minutes.',
  'drop-cookie':
    'Ferry cookies\n200 g plain flour\n130 g butter\n160 g brown sugar\n1 egg\n½ tsp baking soda\n150 g chocolate chips\nMethod\nCream butter and sugar, beat in the egg, stir in flour, soda and chips.\nDrop by spoonfuls and bake at 180 °C for 12 minutes.',
  brownie:
    'Coal-hole brownies\n200 g dark chocolate\n150 g butter\n220 g sugar\n3 eggs\n90 g plain flour\nMethod\nMelt chocolate and butter, whisk in sugar and eggs, fold in the flour.\nBake in a 20 cm square tin at 170 °C for 28 minutes.',
  scone:
    'Jetty scones\n300 g plain flour\n3 tsp baking powder\n60 g butter\n40 g sugar\n1 egg\n150 ml milk\nMethod\nRub in the butter, stir in the rest, pat out 3 cm thick and cut 8.\nBake at 210 °C for 14 minutes.',
  'cut-out':
    'Tide-table biscuits\n250 g plain flour\n150 g butter\n100 g sugar\n1 egg\nMethod\nCream butter and sugar, beat in the egg, work in the flour. Chill, roll out and cut rounds.\nBake at 175 °C for 11 minutes.',
  'yeast-dough':
    'Watch buns\n500 g bread flour\n260 ml milk\n70 g sugar\n80 g butter\n1 egg\n7 g dried yeast\nMethod\nKnead all together and leave to rise until doubled. Shape 12 buns, leave to rise again.\nBake at 190 °C for 18 minutes.',
} as const satisfies Readonly<Partial<Record<FamilyId, string>>>;

export type PracticeFamily = keyof typeof PRACTICE_RECIPES;
