/** Stand-ins that are made into one thing before they go in: what of, what that is called, and how. Common practice. */
export interface MadeFirst {
  /** What each of its ingredients is, by id. */
  readonly of: readonly RegExp[];
  readonly name: (names: readonly string[]) => string;
  readonly how: (names: readonly string[]) => string;
}

const milkOf = (names: readonly string[]) => names.find((name) => /milk|cream/.test(name)) ?? names[0]!;

const STARCH = /^tapioca-starch$|^arrowroot$/;
const FAT = /butter|block|shortening|spread|ghee/;
const FLOURY = /flour|almond|starch|arrowroot/;
const PASTRY = 'grain-free pastry';
const pastryOf = (names: readonly string[], bound: string): string =>
  `Rub the ${names.find((name) => FAT.test(name)) ?? 'fat'} into the ${names.filter((name) => FLOURY.test(name)).join(' and ')}, bring it together with ${bound} and chill it for 30 minutes; roll it out 4 mm thick between two sheets of paper: this is the ${PASTRY}.`;

export const MADE_FIRST: readonly MadeFirst[] = [
  {
    of: [/^flax-meal$/, /^water$/],
    name: () => 'flax gel',
    how: (names) =>
      `Stir the ${names.find((name) => /flax|linseed/.test(name)) ?? 'ground flax'} into its water and leave it for 10 minutes: this is the flax gel.`,
  },
  {
    of: [/^chia-seed$/, /^water$/],
    name: () => 'chia gel',
    how: () => 'Stir the chia into its water and leave it for 15 minutes: this is the chia gel.',
  },
  {
    of: [/milk|coconut-cream/, /^lemon-juice$/],
    name: (names) => `soured ${milkOf(names)}`,
    how: (names) => `Stir the lemon juice into the ${milkOf(names)} and leave it for 5 minutes to sour.`,
  },
  {
    of: [/^shortening$/, /^water$/],
    name: () => 'shortening',
    how: () => 'Work the water into the shortening.',
  },
  {
    of: [/^whole-milk$|milk$/, /starch$|^arrowroot$/],
    name: (names) => `thickened ${milkOf(names)}`,
    how: (names) =>
      `Whisk the starch into the cold ${milkOf(names)} and bring it to the boil, stirring, until it thickens.`,
  },
  {
    of: [/^sunflower-flour$/, /sugar$/, /^water$/],
    name: () => 'seed paste',
    how: (names) =>
      `Knead the ${names.find((name) => /sunflower/.test(name)) ?? 'ground seeds'} and the ${names.find((name) => /sugar/.test(name)) ?? 'sugar'} with the water to a smooth paste: this is the seed paste.`,
  },
  {
    of: [/^coconut-cream$/, /^light-brown-sugar$/],
    name: () => 'dairy-free caramel',
    how: (names) =>
      `Simmer the coconut cream with the ${names.find((name) => /sugar/.test(name)) ?? 'sugar'} for 20 minutes, stirring, until it is thick and brown, and let it cool: this is the dairy-free caramel.`,
  },
  {
    of: [/^coconut-cream$/, /sugar$/],
    name: () => 'condensed coconut cream',
    how: () =>
      'Simmer the coconut cream with its sugar for 15 minutes, stirring, until it is thick and drops slowly from the spoon: this is the condensed coconut cream.',
  },
  {
    of: [/^almond-flour$|^tiger-nut-flour$/, /^egg$/, /^caster-sugar$/],
    name: () => 'thin sponge',
    how: (names) =>
      `Whisk the eggs with the sugar until thick and pale, fold in the ${names.find((name) => /flour|almond/.test(name)) ?? 'flour'}, spread it 1 cm thick on a lined tray, bake at 175 °C (350 °F) for 12 to 14 minutes, let it cool and cut it up: this is the thin sponge.`,
  },
  {
    of: [/^almond-flour$/, STARCH, FAT, /^egg$/],
    name: () => PASTRY,
    how: (names) => pastryOf(names, 'the beaten egg'),
  },
  {
    of: [/^almond-flour$/, STARCH, FAT],
    name: () => PASTRY,
    how: (names) => pastryOf(names, 'a spoonful of water'),
  },
  {
    of: [/^cassava-flour$/, /^shortening$/, /^water$/],
    name: () => PASTRY,
    how: (names) => pastryOf(names, 'the water, by the spoonful,'),
  },
  {
    of: [/^lemon-juice$/, /sugar$/, /butter$/, /starch$/],
    name: () => 'lemon filling',
    how: (names) =>
      `Whisk the starch and the sugar into the lemon juice and bring it to the boil, stirring, until it thickens; stir in the ${names.find((name) => /block|butter|spread/.test(name)) ?? 'fat'} and let it cool: this is the lemon filling.`,
  },
  {
    of: [/^cider$/, /coffee/],
    name: () => 'cider with coffee',
    how: (names) =>
      `Stir the ${names.find((name) => /coffee|espresso/.test(name)) ?? 'coffee'} into the cider.`,
  },
  {
    of: [/oil$/, /milk/],
    name: () => 'beaten oil',
    how: (names) =>
      `Whisk the ${names.find((name) => /oil/.test(name)) ?? 'oil'} with its ${milkOf(names)}: this is the beaten oil.`,
  },
];

/** What a step means by one word. */
export const EGG = { whole: 'egg', white: 'egg-white', yolk: 'egg-yolk' } as const;
/** What is whipped in the place of an egg. */
export const WHIPPED = 'aquafaba';
/** What is whipped in the place of cream, and by what name: only when it is cold through. */
export const WHIPS_COLD = { was: 'heavy-cream', now: 'coconut cream' } as const;
/** What boards, tins and hands are dusted with where it is on the list; the first that there is. */
export const DUSTERS = [
  'white-rice-flour',
  'brown-rice-flour',
  'tapioca-starch',
  'corn-starch',
  'potato-starch',
  'arrowroot',
] as const;
