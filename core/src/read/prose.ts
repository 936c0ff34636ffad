import { asMuchOf, type Named } from './asMuch';
import type { Scales } from './grams';
import { juiceAndZest } from './citrus';
import { CARD_PART, cleanLine } from './clean';
import { getIngredient } from '../catalogue';
import { readLine } from './line';
import { namedIn } from './named';
import { namesItsBake } from './namesItsBake';
import { VERB_FIRST } from './page';
import { writtenOut } from './phrasing';
import type { Item, Line } from './types';

const NUMBER =
  '(?:(?:\\d+|one|two|three|four|five|six) and (?:a |one )?(?:half|quarter|third)|(?:three|two) (?:quarters?|thirds?)(?: of an?)?|\\d[\\d./]*(?:\\s+\\d/\\d)?|an?|one|two|three|four|five|six|seven|eight|nine|ten|twelve|half an?|half|an? (?:quarter|third|half)(?: of an?)?|(?:three )?quarters?(?: of an?)?|a couple of|a few|(?<=(?:^|[,;.]\\s))(?=(?:pinch|handful|knob|dash|splash)\\s))';
const MEASURE =
  '(?:kg|kilos?|g|gr|grams?|mls?|l|litres?|liters?|dl|cups?|tbsps?|tablespoon(?:ful)?s?|tsps?|teaspoon(?:ful)?s?|teasps?|tablesps?|dessertsps?|oz|ounces?|lbs?|pounds?|pints?|pts?|quarts?|qts?|gills?|sticks?|pinch(?:es)?|handfuls?|knobs?|splash|dash|drizzle|glugs?|spoons?|spoonfuls?|mugs?|c|tb|ts|t|cans?|tins?|packets?|jars?|pots?|balls?|squeeze|large|small|medium|heaped|level|good|big)';
/** An amount of something in running text: "150 g butter", "half a cup of raw sugar", "3 eggs". */
const AMOUNT = new RegExp(
  `(?<![\\d.,/\\p{L}-])((?:zest|juice|rind|peel|juice and zest|zest and juice) of (?:the )?)?(${NUMBER}(?:\\s?[-–]\\s?${NUMBER})?)(?:[\\s-]*(${MEASURE}))*\\.?(?:\\s+plus\\s+${NUMBER}\\s*${MEASURE}\\.?)?\\s+(?:of\\s+)?(?:the\\s+)?(?:size \\d )?(?=\\p{L})`,
  'giu',
);
/** "4 oz each of butter, sugar and flour", with commas or without. */
const EACH_OF = new RegExp(`(${NUMBER}\\s*${MEASURE})\\.? each (?:of )?(?:the )?([^.;:!?\\d(]+)`, 'giu');
/** What may stand between two things of such a list. */
const LISTS_ON = /^[\s,]*(?:(?:and|&|\+)\s+)?(?:(?:the|soft|softened|melted|cold|plain|good) )*$/i;

/** Such a list with its amount before each thing. */
const withShares = (text: string, { catalogue }: Scales): string =>
  text.replace(EACH_OF, (whole, amount: string, list: string) => {
    const named = namedIn(list, catalogue);
    const end = ({ from, words }: { readonly from: number; readonly words: string }) => from + words.length;
    const stops = named.findIndex(
      (one, at) => !LISTS_ON.test(list.slice(at === 0 ? 0 : end(named[at - 1]!), one.from)),
    );
    const own = stops < 0 ? named : named.slice(0, stops);
    if (own.length < 2) return whole;
    return own.map(({ words }) => `${amount} ${words}`).join(', ') + list.slice(end(own.at(-1)!));
  });

const ENDS =
  /[,;:.!?()]|\s-\s|\s(?:and|with|then|in|into|to|till|until|for|on|over|or|at|plus|from|by|that|which)\s/i;
/** "3 large eggs (150 g)": what they weigh, said behind them. */
const WEIGHED = /^\s*\((?:about |approx\.? |ca\.? )?\d+\s?g\)/i;
const ANOTHER_KIND =
  /^(?:minutes?|mins?|hours?|hrs?|seconds?|secs?|degrees?|cm|mm|inch|days?|times?|batches|halves|pieces|slices|rounds|balls|tins?\b|tray|bowl|litre basin|spoon|fork)\b/i;

/** "A heaped teaspoon of mincemeat in each" is some of what there is. */
const SHARED_OUT = /^(?:\p{L}+ ){1,3}(?:in|into|on|onto|to|over) each\b/iu;
/** "A beaten egg to glaze" is none of the dough. */
const FINISHES = /^(?:\p{L}+ ){1,3}(?:to|for) (?:glaz|brush|dust|serv|finish|decorat|sprinkl)\w*/iu;
/** "Heat a litre of oil in the deep pan to 170 degrees": what is fried in is none of it either. */
const FRIED_IN = /^[^.;]*\b(?:deep[- ](?:fr\w+|pan|pot)|fry(?:ing|er)?\b|to 1[5-9]\d\b|to 3[2-9]\d\b)/i;
const isBeside = ({ role }: Item, text: string, at: number): boolean =>
  FINISHES.test(text.slice(at)) || (role === 'fat' && FRIED_IN.test(text.slice(at)));

const CHOC = /\bchoc\b(?=[\s.,;])/gi;
const SOAKED = /\b\p{L}+-(?:soaked|plumped|steeped) (?=\p{L})/giu;
/** "A teaspoon and a half of salt": the half behind its measure. */
const AND_A_HALF = /\b(?:an?|one) (cup|teaspoon|tablespoon|pound|pint) and a half\b/gi;
/** "Of fine flour one pound and a half, of butter half a pound": as old books have it. */
const OF_IT_SO_MUCH =
  /(?<=^|[,;.]\s*|\band |\btake )of (\p{L}[\p{L} ]{2,24}?),? ((?:an?|one|two|three|four|five|six|seven|eight|nine|ten|twelve|half an?|half|a quarter of an?|three quarters of an?|\d+) (?:pounds?|lbs?|ounces?|oz|pints?|gills?|quarts?|cups?|teaspoon(?:ful)?s?|tablespoon(?:ful)?s?|teacup(?:ful)?s?)(?: and a (?:half|quarter))?)(?=\s*(?:[,;.]|and\b))/giu;
/** "The yolk of 1 egg" is one egg yolk. */
const PART_OF_EGG =
  /\b(?:the )?(yolk|white)s? of (\d+|an?|one|two|three|four) (?:large |medium |small )?eggs?\b/giu;
/** "2 whites" beside sugar are no wine. */
const BARE_WHITES = /\b(\d|two|three|four|five|six) whites\b(?! (?:wine|chocolate|bread))/gi;
/** "A third of a cup". */
const PART_OF_A =
  /\b(?:an? |one )?(third|quarter) of an? (?=cups?\b|pints?\b|pounds?\b|litres?\b|liters?\b|teaspoon|tablespoon)/gi;
/** "A splash of milk (3 tbsp ish)": how much it is stands behind it. */
const MEASURED_BEHIND = new RegExp(
  `\\b(?:an? )?(?:good |big |little |small )?(?:splash|dash|drizzle|glug|bit|little|drop|knob|handful) of (\\p{L}[\\p{L} ]{2,20}?) \\((?:about |approx\\.? |say |ca\\.? )?(\\d[\\d./]*\\s?${MEASURE})(?:[- ]?ish| or so| roughly)?\\)`,
  'giu',
);
/** "Oh and walnuts if you like them, about half a cup". */
const IF_YOU_LIKE = new RegExp(
  `\\b(\\p{L}+) if you (?:like|want|fancy|have)(?: them| it| some| any)?,? (?:about |say |maybe )?((?:half an?|\\d[\\d./]*|an?) ?${MEASURE})\\b`,
  'giu',
);
/** "heaped tsp bicarb, tbsp ground ginger": one, where none is said. */
const ONE_SPOON =
  /(?<=(?:^|[,;.:(]|\b(?:and|with|plus))\s+)(?=(?:(?:heaped|level|rounded|scant|good) )?(?:tsp|tbsp|teaspoon|tablespoon)\.? (?:of )?\p{L})/giu;
/** "1 cup (2 sticks) softened butter": the same in other measures. */
const MEASURED_AGAIN = new RegExp(
  `(?<=\\b${MEASURE}) \\((?:about |or )?\\d[\\d./½¼¾]*\\s?${MEASURE}\\.?\\)(?= \\p{L})`,
  'giu',
);
/** "Brown (basterd) sugar": a word aside within a name. */
const ONE_WORD_ASIDE = /(?<=\p{L}) \(\p{L}+\)(?= \p{L})/gu;
/** "2 tablesp. warmed syrup". */
const BARE_SYRUP = new RegExp(
  `(?<=\\b${MEASURE}\\.? (?:of )?(?:(?:warm|warmed|melted|hot|runny) )?)syrup\\b(?! (?:from|in|of)\\b)`,
  'gi',
);
/** "Bramley or other sour apples": a sort that is named, and what it is one of. */
const OR_OTHER = /\b\p{Lu}\p{L}+,? or (?:any |some )?(?:other|another|similar) (?=\p{L})/gu;

/** A pan is called by its metal, which is no food of a label here. */
const CAST_IRON = /\bcast[- ]iron\b/gi;
const SHORTEST = 3;

/** So many words may stand between an amount and its food: "two sharp green apples". */
const MOST_BETWEEN = 3;
const wordsBefore = (name: string, text: string) =>
  text
    .slice(0, text.indexOf(name))
    .split(' ')
    .filter((word) => word !== '').length;

/** "zest of two lemons": what is used of the fruit, not the fruit. */
function citrusOf(text: string): string[] | null {
  const parts = juiceAndZest(
    text
      .replace(/ of (?:the )?(?:one|an?) /, ' of 1 ')
      .replace(/ of (?:the )?two /, ' of 2 ')
      .replace(/ of the (?=\d)/, ' of '),
  );
  return parts[0] === text ? null : parts;
}

/** The stretch of a text from an amount to where its thing ends. */
function stretch(text: string, from: number, after: number): string {
  const rest = text.slice(after);
  const end = ENDS.exec(rest);
  return text.slice(from, after + (end ? end.index : rest.length)).trim();
}

/** The thing itself as it comes out of the oven, which a sentence names like a bought one: "spoon it over the hot cake". */
const ITSELF =
  /\b(?:hot|warm|cold|cool|cooled|baked|finished|prick|cool|bake|ice|frost|glaze|turn out|unmould|test)\s+(?:the\s+|each\s+)?(?:hot\s+|warm\s+|cold\s+|cooled\s+)?(?:cakes?|cookies|biscuits?|breads?|loaf|loaves|brownies|sponges?|rolls?|buns?)\b/gi;

/** What is baked with and on is called by what is baked: "cookie sheets", "the cookie press". */
const TOOLS =
  /\b(?:cookie|biscuit|cake|bread|pie|bun|muffin|doughnut|pastry|pasta)[- ](?:sheets?|press(?:es)?|cutters?|tins?|pans?|trays?|scoops?|rings?|stands?|boards?|knife|knives|moulds?|machines?|makers?)\b/gi;

/** Where flour is named too it is made here: "the pastry", "for the cake", "that cardamom cake". */
const MADE_HERE =
  /\b(?:the|your|my|our|each|these|this|that|for)\s+(?:\w+\s+)?(?:cakes?|cookies|biscuits?|breads?|loaf|loaves|brownies|sponges?|rolls?|buns?|pastry|crust|dough|crumbs?)\b/gi;
/** "Make the pastry in the usual way". */
const MAKES_IT = /\bmake (?:up )?(?:the|your|a) (?:\w+ )?(?:pastry|dough|crust|sponge|batter)\b/i;
const FLOURED = /\bflour\b/i;

/** "Malt loaf recipe. 150 ml tea, …": what a list is of. */
const RECIPE_HEAD = /^\D{0,60}?\brecipe\b\D{0,20}?[.:!]\s+(?=\d)/iu;
const HEAD = /^\D{3,60}?[.:!]\s+(?=\d)/u;

/**
 * A text without what its list is of. A head that doesn't say "recipe" is one only where flour is named too, so that it is made here:
 * "Spritz cookies for the press. 1 cup butter, …". What is done with a food ("Crush digestive biscuits.") stays.
 */
function withoutHead(text: string): string {
  const plain = text.replace(RECIPE_HEAD, ' ');
  if (!FLOURED.test(plain) || VERB_FIRST.test(plain)) return plain;
  return plain.replace(HEAD, (head) => (namesItsBake(head) ? ' ' : head));
}

/** "Mother's Seed Cake": somebody's, and nothing from a shop. */
const CALLED =
  /\p{Lu}\p{L}+['’]s (?:\p{Lu}[\p{L}'’-]+ ){0,3}(?:Cake|Bread|Loaf|Biscuits|Cookies|Buns|Rolls|Pudding|Brownies|Sponge)\b/gu;

/** "MRS. HOLT'S SHORTBREAD. One pound butter, …": a card begins with its name. */
const IN_CAPITALS = /^\s*(?:MRS?\. )?\p{Lu}[\p{Lu}'’& -]{3,50}[.:](?=\s)/u;

/** What holds gluten and stands in a sentence without an amount that is understood: it is on the list all the same. */
function unmeasured(text: string, found: readonly { readonly item: Item }[], reader: Scales): Item[] {
  const there = new Set(found.map(({ item }) => item.ingredient));
  const plain = withoutHead(text.replace(IN_CAPITALS, ' ').replace(TOOLS, ' '))
    .replace(CALLED, ' ')
    .replace(ITSELF, ' ');
  return namedIn(
    FLOURED.test(text) || MAKES_IT.test(text) ? plain.replace(MADE_HERE, ' ') : plain,
    reader.catalogue,
  )
    .filter(({ ingredient }) => !there.has(ingredient))
    .filter(({ ingredient }) => getIngredient(reader.catalogue, ingredient).gluten === 'contains')
    .flatMap(({ ingredient, words }) => {
      there.add(ingredient);
      return readLine(words, reader).items.filter((item) => item.ingredient === ingredient);
    });
}

/**
 * The foods with amounts that sentences name: "cream 150 g butter with the same of sugar" is butter and as much sugar. What has
 * no amount is left to the method.
 */
export function readProse(source: string, reader: Scales): Pick<Line, 'items' | 'measuredBy' | 'aside'> {
  const text = withShares(writtenOut(cleanLine(source).replace(OF_IT_SO_MUCH, '$2 of $1')), reader)
    .replace(CARD_PART, '')
    .replace(CHOC, 'chocolate')
    .replace(BARE_SYRUP, 'golden syrup')
    .replace(SOAKED, '')
    .replace(AND_A_HALF, '1.5 $1s')
    .replace(PART_OF_EGG, '$2 egg $1')
    .replace(BARE_WHITES, '$1 egg whites')
    .replace(PART_OF_A, (_, part: string) => `${part.toLowerCase() === 'third' ? '1/3' : '1/4'} `)
    .replace(MEASURED_BEHIND, '$2 $1')
    .replace(IF_YOU_LIKE, '$2 $1')
    .replace(MEASURED_AGAIN, '')
    .replace(ONE_SPOON, '1 ')
    .replace(ONE_WORD_ASIDE, '')
    .replace(OR_OTHER, '')
    .replace(CAST_IRON, 'pan');
  const found: Named[] = [];
  for (const match of text.matchAll(AMOUNT)) {
    const after = match.index + match[0].length;
    const words = stretch(text, match.index, after);
    if (words.length < SHORTEST || ANOTHER_KIND.test(text.slice(after)) || SHARED_OUT.test(text.slice(after)))
      continue;
    const [named] = namedIn(text.slice(after, match.index + words.length), reader.catalogue);
    if (!named || wordsBefore(named.words, text.slice(after)) > MOST_BETWEEN) continue;
    const part = match[1] ? citrusOf(text.slice(match.index, match.index + words.length)) : null;
    const weighed = WEIGHED.exec(text.slice(after + named.from + named.words.length))?.[0] ?? '';
    const plain = part ?? [
      `${text.slice(match.index, after).replace(/\bsize \d /, '')}${named.words}${weighed}`,
    ];
    for (const one of plain) {
      const [item] = readLine(one, reader).items;
      if (item?.ingredient && item.match === 'exact' && item.grams)
        found.push({ at: match.index, item: isBeside(item, text, after) ? { ...item, aside: true } : item });
    }
  }
  found.push(...asMuchOf(text, found, reader));
  const items = [
    ...found.sort((a, b) => a.at - b.at).map(({ item }) => item),
    ...unmeasured(text, found, reader),
  ];
  return { items, measuredBy: items.length > 0 ? 'weight' : null, aside: false };
}
