import { readsOnPaper, type OnPaper } from '../testingDockets';

/* Pages as a book or a site prints them: parts with their headings, steps with their numbers, sauces, baths, cases and sheets beside the dough. */

const SALAME = `CHOCOLATE SALAME

makes 1 log, about 20 slices

200 g dark chocolate (about 60%)
100 g butter
2 egg yolks
80 g caster sugar
2 tbsp rum (or coffee)
150 g plain biscuits (such as rich tea)
50 g hazelnuts, toasted
50 g pistachios
icing sugar for rolling

- melt the chocolate with the butter over simmering water. cool 10 min
- whisk yolks + sugar till thick and pale, whisk in the chocolate then the rum
- break biscuits into bits (not crumbs!) and stir in w/ nuts
- chill 30 min till you can shape it
- roll into a log on cling film, twist the ends, fridge overnight
- dust w/ icing sugar, slice 1 cm thick`;

const TRAYBAKE_OF_LINES = `Coffee and Walnut Traybake (my mum's)

for the cake: 8oz butter, 8oz caster, 4 eggs, 8oz SR flour, 1 level tsp BP, 3 oz chopped walnuts, 1 tbsp camp style coffee essence
for the icing: 4oz butter, 10oz icing sugar, 1 tbsp coffee essence, walnut halves

Oven 160 fan. Line a 12 x 9 in tin. All-in-one: put everything for the cake in the mixer and beat 2 mins till smooth. Level into the tin. 30-35 mins until springy. Cool completely in the tin. Beat butter and icing sugar, add coffee, spread over, mark in 24 squares and put half a walnut on each.`;

const CUSTARD_SLICE = `Vanilla Custard Slice

Base and top
2 sheets (375g) ready-rolled puff pastry

Custard
750ml full-cream milk
300ml thickened cream
60g butter
1 vanilla bean, split
1 cup (220g) caster sugar
3/4 cup (110g) cornflour
1/2 cup (60g) custard powder
4 egg yolks

Passionfruit icing
1 1/2 cups (240g) icing sugar mixture
2 tbsp passionfruit pulp
1 tsp melted butter

Step 1 Preheat oven to 220°C (200°C fan-forced). Line two trays. Put pastry on trays, cover with another tray and bake 15 mins until golden and flat. Cool.
Step 2 Line a 23cm square pan, leaving an overhang. Trim pastry to fit; lay one in the base.
Step 3 Whisk sugar, cornflour and custard powder in a saucepan, gradually whisk in milk and cream. Add the vanilla bean. Stir over medium heat 8-10 minutes until it boils and thickens. Take off the heat, whisk in butter and yolks. Discard the bean.
Step 4 Pour the hot custard over the pastry. Top with the second sheet, flat-side up. Chill 4 hours or overnight.
Step 5 Mix icing ingredients, spread over and leave to set. Cut with a serrated knife into 16.`;

const GINGER_AND_PEAR = `Pear & Ginger Cake

Serves 10

175g soft butter
175g light muscovado sugar
3 large eggs
225g self-raising flour
3 balls stem ginger, finely chopped, plus 2 tbsp syrup from the jar
200g white chocolate, 150g chopped small and 50g in chunks
pulp of 2 passionfruit

1. Beat the butter and sugar until pale. Beat in the eggs. Fold in the flour, then the ginger, syrup, pulp and chocolate.
2. Bake in a 23cm tin at 180C for 55 mins.`;

const BITES = `Soft Pretzel Bites with Cheese Dip
INGREDIENTS
1 1/2 cups warm water (110-115F)
1 Tbsp sugar
2 tsp kosher salt
1 packet active dry yeast (2 1/4 tsp)
4 1/2 cups all-purpose flour
4 Tbsp unsalted butter, melted
10 cups water + 2/3 cup baking soda
1 egg yolk beaten with 1 Tbsp water
Coarse salt
DIRECTIONS
Combine water, sugar and kosher salt in a stand mixer bowl and sprinkle the yeast on top. Let sit 5 minutes until foamy. Add flour and butter; mix on low with dough hook until combined, then medium until smooth and pulling away from sides, 4–5 minutes. Oil bowl, cover, let sit in a warm place 50–55 minutes, or until doubled.
Heat oven to 450F. Line 2 sheet pans with parchment.
Bring the 10 cups water and baking soda to a rolling boil. Divide dough into 8; roll each into a 20-inch rope and cut into 1-inch bites. Drop into boiling water 30 seconds, in batches. Remove with a slotted spoon to the pans.
Brush with yolk, sprinkle with coarse salt. Bake 12–14 minutes till dark golden brown.`;

const STRUDEL = `Apple Strudel

Serves 6

6 sheets filo pastry (about 270 g)
75 g melted butter
4 Bramley apples, diced (about 700 g)
75 g caster sugar

Lay 3 filo sheets on a tea towel, brush with butter, layer the others on top with more butter. Heap the apple and sugar along one edge. Roll up.
Bake at 190 °C for 35–40 min until crisp.`;

const MINI_SPONGES = `Mini Victoria sponges

Makes: 12 | Difficulty: easy

You will need: 12-hole mini sandwich tin, piping bag

175 g each of soft butter, caster sugar and self-raising flour
3 eggs
1 tsp baking powder
1 tsp vanilla

To fill: 150 ml whipping cream, 6 tbsp raspberry jam, icing sugar

1) Preheat oven to 190 °C, fan 170 °C, gas 5. Grease the tin.
2) Put all the sponge ingredients in a bowl and beat with a hand mixer for 1-2 min.
3) Divide between the holes and bake for 15 mins until golden and springy. Cool 5 mins in the tin and finish on a rack.
4) Whip cream. Halve the cakes, fill with jam and cream, dust.`;

const KEY_LIME = `Key Lime Pie

Crust
1 1/2 cups graham cracker crumbs (about 12 crackers)
1/3 cup sugar
6 tablespoons butter, melted

Filling
2 cans (14 oz each) sweetened condensed milk
4 egg yolks
3/4 cup fresh lime juice
1 tbsp lime zest

Topping
1 cup heavy cream, 2 tbsp powdered sugar

1. Preheat the oven to 375°F. Mix the crumbs, sugar and butter; press into a 9-inch pie plate. Bake 7 minutes. Cool 30 minutes.
2. Lower the oven to 350°F. Whisk the filling ingredients, pour into the crust and bake 15 minutes until set at the edges. Cool on a rack, then refrigerate 3 hours.
3. Whip the cream with powdered sugar and pipe around. 8 servings.`;

const GRANOLA_BARS = `Maple Pecan Granola Bars (chewy!)

16 bars

2 1/2 cups old-fashioned oats
1/2 cup whole wheat flour
1/2 cup chopped pecans
1/4 cup wheat germ
1/2 tsp cinnamon
1/2 tsp salt
1/3 cup maple syrup
1/3 cup coconut oil, melted
1/4 cup almond butter
1 egg white
1/2 cup dried cherries

Heat oven to 325 F; line an 8-inch square pan with parchment.
Toast oats & pecans on a sheet pan 8 min. Tip into a bowl with flour, wheat germ, cinnamon, salt and cherries.
Whisk syrup, oil, almond butter and egg white. Stir into oats until everything is coated. Press FIRMLY into the pan.
Bake 28-30 min, edges golden. Cool completely, 2 h at least, before cutting.`;

const CLAFOUTIS = `Cherry Clafoutis

Prep: 15 min · Rest: 30 min · Bake: 35 min · Serves 6

500 g dark cherries, stoned (or not)
1 tbsp kirsch
3 eggs
100 g sugar
80 g plain flour
1/4 tsp salt
300 ml whole milk
50 ml double cream
30 g butter, melted, plus more for the dish
1 tsp vanilla extract
Icing sugar, to finish

Toss the cherries with the kirsch and 1 tbsp of the sugar and leave while you make the batter.
Whisk the eggs with the remaining sugar; whisk in the flour and salt until smooth, then the milk, cream, melted butter and vanilla. Rest the batter 30 minutes.
Heat the oven to 190 °C. Butter a 25 cm ceramic dish, tip in the cherries with their juice and pour the batter over.
Bake 35 minutes until puffed and golden, and just set in the middle. It sinks as it cools. Dust with icing sugar; serve lukewarm.`;

const MOUSSE_LIKE = `Flourless-looking Brownies (they aren't)

200g dark chocolate, 70%
170g unsalted butter
3 large eggs
280g golden caster sugar
80g plain flour
40g cocoa powder
½ tsp flaky salt
100g pecans, roughly chopped

Oven to 180°C / 160°C fan. Line a 20cm square tin.
Melt chocolate & butter in a bowl over a pan of barely simmering water. Cool a little.
Whisk eggs & sugar for 5 mins till thick & mousse-like. Fold in choc mix. Sift in flour and cocoa, fold in gently with salt & nuts.
Bake 25-28 mins: it should wobble slightly. Cool completely in tin, then chill an hour for neat squares. Cut into 16.`;

const PAGES: readonly OnPaper[] = [
  ['a night in the fridge sets it', SALAME, {}, [/sets in the cold, 8 to 12 hours/], [/^50 minutes in all/m]],
  ['what ends a list needs no amount', TRAYBAKE_OF_LINES, {}, [/^walnut halves$/m], [/essence, walnut/]],
  [
    'custard between sheets of pastry is pastry',
    CUSTARD_SLICE,
    {},
    [/^pastry · /m, /^Makes 16/m, /^2 tbsp passionfruit pulp/m],
    [/passionfruit pulp: What is this/],
  ],
  [
    'what is cut in two ways is one thing, and the jar’s syrup another',
    GINGER_AND_PEAR,
    {},
    [/^200g white chocolate/m, /^43 g golden syrup \(/m, /^pulp of 2 passionfruit/m],
    [/What is this/],
  ],
  [
    'what is boiled in the bath drinks none of it, and what is cut again is no piece yet',
    BITES,
    {},
    [/^for boiling$/m, /water \(10 cups\)$/m],
    [/10½ cups/, /^Makes 8/m],
  ],
  ['three sheets of six are half of them', STRUDEL, {}, [/Lay half of the gluten-free filo/], [/Lay \d+ g/]],
  ['the tin is the one that was named', MINI_SPONGES, {}, [/^In: 12 muffin cups$/m], [/^In: tin$/m]],
  ['servings end a method', KEY_LIME, {}, [/^Serves 8$/m], []],
  ['bars of granola are bars', GRANOLA_BARS, {}, [/^brownie or bar · /m], [/^Is it a/m]],
  [
    'cream that is whisked into a batter isn’t whipped',
    CLAFOUTIS,
    { without: ['milk'] },
    [/coconut cream/],
    [/whips only/],
  ],
  [
    'what stands in for eggs and can’t be whipped is whisked smooth',
    MOUSSE_LIKE,
    { without: ['egg'] },
    [/applesauce & sugar until smooth\./],
    [/mousse-like/],
  ],
  ['eggs that are there are whisked to a foam', MOUSSE_LIKE, {}, [/for 5 mins till thick & mousse-like/], []],
];

describe('pages as they are printed', () => {
  it.each(PAGES)('%s', (...row) => readsOnPaper(...row));
});
