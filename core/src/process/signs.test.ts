import { SIGNS, type Sign } from './data/signs';
import { shows } from '.';

/** For each sign words that show it, and words that nearly do. */
const SAID: Readonly<Record<Sign, readonly [shown: string, not: string]>> = {
  'scalds the flour': [
    'bring water, oil and salt to the boil, tip in all the flour at once',
    'add all the flour at once and beat',
  ],
  'by turns': ['dry and wet by turns, 3 and 2', 'turn the dry side up'],
  'names an oven': ['bake until golden', 'cook the apples to a mash'],
  'folds butter in': ['wrap the butter, roll to 45 x 15, fold in three', 'fold the butter into the flour'],
  tosses: ['toss the berries in it', 'tossing and turning aside, mix'],
  forbids: ['don’t overmix', 'mix no further than this'],
  'fills a tin': ['divide between two', 'fold it in'],
  'heats fat for the tin': ['melt the butter in the hot skillet', 'melt the butter in a saucepan'],
  'mixes as well': ['tip in the wet', 'leave it alone'],
  'pours it in': ['Pour in', 'pour in the milk'],
  'of a cloth': ['Scald a big cloth in boiling water', 'scald the milk'],
  'puts the batter in': ['add batter to the pan', 'add the egg to the batter'],
  'mixes in its tin': ['Stir sugars right into the skillet', 'Stir sugars into the bowl'],
  'makes the dough': ['Make pastry', 'make the filling'],
  'readies a tin': ['put a baking tray in the oven', 'put it into the tin'],
  'bakes blind': ['bake blind for 15 minutes', 'bake for 15 minutes'],
  'knocks back': ['punch the dough down', 'push the dough aside'],
  brushes: ['brush with beaten egg', 'beat in the egg'],
  'whips cream': ['whip the cream to soft peaks', 'whisk in the cream cheese'],
  'presses it in': ['press into a lined 20 cm square tin', 'press a raspberry on each'],
  'is left covered': [' and leave to cool.', ', leave to prove'],
  pipes: ['pipe 20 swirls', 'serve piping hot'],
  'folds whites': ['fold in the egg whites', 'fold in the flour'],
  'foams eggs': ['Beat eggs 10 mins till thick', 'Beat the eggs into the butter'],
  'names yolks': ['beat the yolks', 'beat the eggs'],
  'names whites': ['fold in the whites', 'fresh white breadcrumbs'],
  'whips whites': ['whisk the egg whites to soft peaks', 'whisk in fresh white breadcrumbs'],
  'waits in the cold or out': ['into the fridge overnight', 'into the bowl'],
  'may chill': ['(can chill up to 24 h here)', 'Chill for 30 minutes'],
  stands: ['let it stand', 'let it boil'],
  'egg wash': ['Brush w/ egg wash', 'Brush with egg'],
  'for hours': ['Chill several hrs', 'Chill for 2 hours'],
  overnight: ['overnight', 'for the night'],
  'wants it dark': ['until deep brown on top', 'until golden'],
  'covers with foil': ['lay foil over it', 'lay paper over it'],
  'sees to what is baked': ['eat it warm', 'bake until brown'],
  cools: ['cool 10 in tin', 'bake 10 more'],
  'stays in its tin': ['leave in the tin', 'leave on the rack'],
  hurries: ['at once', 'after an hour'],
  'dusts with flour': ['on a floured board', 'with the flour'],
  dusts: ['dust the top with ', 'dust the top. Add '],
  'is turned off': ['leave the door ajar', 'bake until brown'],
  'watches the bake': ['if it browns too fast', 'turn it out'],
  'is grilled': ['under a hot grill', 'on the griddle'],
  sifts: ['sieve it', 'pass it round'],
  whisks: ['whip the cream', 'beat the cream'],
  'rolls out': ['roll the dough out', 'roll into balls'],
  'cuts up': ['cut into squares', 'cut out rounds'],
  'needs no oven': ['a no-bake slice', 'bake the slice'],
  'is cooked': ['bake it', 'no-bake and un-baked, without an oven'],
};

describe('a sign', () => {
  it.each(Object.keys(SIGNS) as Sign[])('“%s” is shown by its words and not by what is near them', (sign) => {
    const [shown, not] = SAID[sign];
    expect(shows(sign, shown)).toBe(true);
    expect(shows(sign, not)).toBe(false);
  });
});
