/** Recipes that pages are tested with. */
export const CAKE =
  'Layer cake\n250 g plain flour\n2 tsp baking powder\n180 g butter\n200 g caster sugar\n3 eggs\n150 ml milk\n\nMethod\nCream butter and sugar, beat in the eggs, fold in the flour.\nBake in a 20 cm round tin at 175°C for 30 minutes.';
export const GLUTEN_FREE =
  'Rice muffins\n200 g white rice flour\n50 g tapioca starch\n2 tsp baking powder\n100 g sugar\n80 ml oil\n200 ml milk\n\nMethod\nMix and bake in a 12-hole muffin tin at 180°C for 20 minutes.';
