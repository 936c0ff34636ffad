import type { FamilyId } from '../../vocabulary';

/** A plain wheat recipe of each kind, in the proportions of common practice. Invented; no source. */
export const WHEAT_BAKES: readonly {
  readonly name: string;
  readonly family: FamilyId;
  readonly text: string;
}[] = [
  { name: 'drop cookies', family: 'drop-cookie', text: 'Chocolate chunk cookies\n280 g plain flour\n225 g butter\n150 g brown sugar\n100 g caster sugar\n2 large eggs\n5 g baking soda\n3 g salt\n150 g dark chocolate\nMethod\nCream the butter and sugar, beat in the egg, stir in the flour. Drop by spoonfuls on a tray. Bake at 180°C for 12 minutes.' },
  { name: 'shortbread', family: 'cut-out', text: 'Shortbread fingers\n300 g plain flour\n200 g butter\n100 g caster sugar\n2 g salt\nMethod\nRub together, roll out and cut. Bake at 160°C for 25 minutes.' },
  { name: 'brandy wafers', family: 'crisp-wafer', text: 'Lace wafers\n100 g plain flour\n100 g butter\n100 g caster sugar\n100 g golden syrup\n1 egg white\nMethod\nMelt and stir. Bake the wafers at 180°C for 8 minutes.' },
  { name: 'tuiles', family: 'crisp-wafer', text: 'Tuiles\n60 g plain flour\n60 g butter, melted\n100 g icing sugar\n80 g egg white\nMethod\nWhisk, spread thin on a tray. Bake at 170°C for 8 minutes.' },
  { name: 'brownies', family: 'brownie', text: 'Brownies\n120 g plain flour\n180 g butter\n200 g dark chocolate\n280 g caster sugar\n3 large eggs\n30 g cocoa\n2 g salt\nMethod\nMelt, stir. Bake in a 20 cm square tin at 175°C for 28 minutes.' },
  { name: 'layer cake', family: 'creamed-cake', text: 'Layer cake\n250 g plain flour\n200 g butter\n250 g caster sugar\n4 medium eggs\n10 g baking powder\n160 ml milk\n3 g salt\nMethod\nCream the butter and sugar. Bake in two 20 cm round tins at 175°C for 28 minutes.' },
  { name: 'sponge', family: 'foam', text: 'Genoise\n120 g cake flour\n4 large eggs\n120 g caster sugar\n25 g butter, melted\nMethod\nWhisk eggs and sugar to the ribbon stage, fold in the flour. Bake in a 23 cm round tin at 180°C for 25 minutes.' },
  { name: 'angel cake', family: 'foam', text: 'Angel cake\n120 g cake flour\n360 g egg white\n300 g caster sugar\n5 g cream of tartar\n2 g salt\nMethod\nWhip the whites to stiff peaks, fold in. Bake in a ring tin at 170°C for 40 minutes.' },
  { name: 'pound cake', family: 'loaf', text: 'Pound cake\n250 g plain flour\n225 g butter\n225 g caster sugar\n4 large eggs\n4 g baking powder\n60 ml milk\n3 g salt\nMethod\nCream. Bake in a 23 x 13 cm loaf tin at 163°C for 65 minutes.' },
  { name: 'lemon loaf', family: 'loaf', text: 'Lemon loaf cake\n200 g plain flour\n180 g butter\n200 g caster sugar\n3 large eggs\n6 g baking powder\n60 ml milk\n30 ml lemon juice\n15 g poppy seeds\nMethod\nCream. Bake in a 23 x 13 cm loaf tin at 170°C for 50 minutes.' },
  { name: 'muffins', family: 'muffin', text: 'Blueberry muffins\n250 g plain flour\n120 g caster sugar\n2 eggs\n240 ml buttermilk\n80 g butter, melted\n8 g baking powder\n2 g baking soda\n150 g blueberries\nMethod\nDo not overmix. Bake at 190°C for 20 minutes.' },
  { name: 'banana bread', family: 'muffin', text: 'Banana bread\n250 g plain flour\n150 g brown sugar\n2 eggs\n350 g ripe bananas, mashed\n110 g butter, melted\n5 g baking soda\n3 g salt\nMethod\nBake in a 23 x 13 cm loaf tin at 175°C for 60 minutes.' },
  { name: 'scones', family: 'scone', text: 'Scones\n350 g plain flour\n85 g butter\n50 g caster sugar\n18 g baking powder\n175 ml milk\n1 egg\n2 g salt\nMethod\nRub in the butter, cut out. Bake at 220°C for 12 minutes.' },
  { name: 'self-raising scones', family: 'scone', text: 'Scones\n350 g self-raising flour\n85 g butter\n45 g caster sugar\n190 ml milk\n5 g baking powder\nMethod\nRub in the butter. Bake at 220°C for 12 minutes.' },
  { name: 'pie crust', family: 'pastry', text: 'Pie crust\n250 g plain flour\n150 g butter\n4 g salt\n75 ml cold water\nMethod\nRub in, roll out. Bake at 200°C for 25 minutes.' },
  { name: 'sweet pastry', family: 'pastry', text: 'Sweet tart pastry\n250 g plain flour\n125 g butter\n80 g icing sugar\n1 egg\n1 egg yolk\nMethod\nRub in, roll out, blind bake at 180°C for 20 minutes.' },
  { name: 'crumble', family: 'crumble', text: 'Crumble topping\n150 g plain flour\n100 g butter\n90 g brown sugar\n50 g rolled oats\nMethod\nRub together. Bake the crumble at 190°C for 35 minutes.' },
  { name: 'drop pancakes', family: 'pancake', text: 'Buttermilk pancakes\n200 g plain flour\n300 ml buttermilk\n2 eggs\n30 g butter, melted\n8 g baking powder\n2 g baking soda\n25 g caster sugar\nMethod\nFry the pancakes for 2 minutes on each side.' },
  { name: 'waffles', family: 'pancake', text: 'Waffles\n250 g plain flour\n400 ml milk\n2 eggs\n90 g butter, melted\n12 g baking powder\n30 g caster sugar\nMethod\nCook the waffles for 5 minutes.' },
  { name: 'crêpes', family: 'pancake', text: 'Crêpes\n125 g plain flour\n300 ml milk\n2 eggs\n20 g butter, melted\n1 g salt\nMethod\nRest the batter. Fry the crêpes 1 minute a side.' },
  { name: 'choux', family: 'choux', text: 'Choux buns\n125 g plain flour\n250 ml water\n100 g butter\n4 eggs\n3 g salt\nMethod\nBoil the water and butter, beat in the flour, then the eggs. Pipe the profiteroles. Bake at 200°C for 30 minutes.' },
  { name: 'cinnamon knots', family: 'yeast-dough', text: 'Cinnamon knots\n500 g bread flour\n250 ml milk\n80 g butter\n70 g caster sugar\n1 egg\n7 g dried yeast\n6 g salt\nMethod\nKnead the dough, prove 1 hour, shape the knots. Bake at 190°C for 20 minutes.' },
  { name: 'brioche', family: 'yeast-dough', text: 'Brioche\n400 g bread flour\n4 eggs\n60 ml milk\n180 g butter\n50 g caster sugar\n8 g dried yeast\n7 g salt\nMethod\nKnead, prove. Bake in a loaf tin at 180°C for 35 minutes.' },
  { name: 'cake doughnuts', family: 'doughnut', text: 'Buttermilk doughnuts\n300 g plain flour\n120 g caster sugar\n160 ml buttermilk\n1 egg\n1 egg yolk\n40 g butter\n8 g baking powder\n2 g baking soda\nMethod\nRoll out, cut, deep fry the doughnuts 2 minutes a side.' },
  { name: 'steamed syrup pudding', family: 'steamed-pudding', text: 'Steamed syrup pudding\n175 g self-raising flour\n175 g butter\n175 g caster sugar\n3 eggs\n30 ml milk\n100 g golden syrup\nMethod\nSteam the pudding for 90 minutes.' },
  { name: 'date pudding', family: 'steamed-pudding', text: 'Sticky date pudding\n180 g self-raising flour\n200 g dates, chopped\n250 ml water\n5 g baking soda\n85 g butter\n150 g brown sugar\n2 eggs\nMethod\nBake the pudding in a 20 cm square tin at 175°C for 35 minutes.' },
  { name: 'mug cake', family: 'mug-cake', text: 'Chocolate mug cake\n30 g plain flour\n30 g caster sugar\n10 g cocoa\n2 g baking powder\n45 ml milk\n25 ml vegetable oil\n1 egg\nMethod\nStir in a mug. Microwave for 90 seconds.' },
];
