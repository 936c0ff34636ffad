import { cleanLine } from './clean';
import { namesItsBake } from './namesItsBake';
import { NAMES_A_BAKE, titleRow, VERB_FIRST } from './page';
import type { Place } from './places';
import type { Step } from './types';
import { nameAndYield } from './yields';

/** A page's lines, and where each goes. */
type Placed = readonly { readonly source: string; readonly place: Place }[];

const IN_CAPITALS = /(?<=[\p{Ll}:,] )\p{Lu}[\p{L}'’-]+(?: \p{Lu}[\p{L}'’-]+){1,4}/gu;
/** 'Wants her "tray of brownies" back.' */
const QUOTED = /["“]((?:\p{L}[\p{L}'’-]* ?){1,5})["”]/gu;
const CALLED_FIRST = /^\s*((?:MRS?\. )?\p{Lu}[\p{Lu}'’ &-]{3,40})[.:](?=\s)/u;

/** Words to somebody behind a name: ", for my sister (no dairy!!)", "(hi Jo! as promised)", ", here goes xx"; and whose it is: "(from our baker in Lyon)". */
const TO_SOMEBODY =
  /(?:\s*,\s*from (?:(?:my|our|the) )?\p{Lu}\p{Ll}+\b.*|\s+[–-]\s+(?:from|by|via) .*|\s*,\s*for (?:my|our|your|the) .*|\s*[,–-]+\s*here (?:goes|it is|we go|you go|you are)\b.*|\s*,?\s*\*?\((?:from|by|via) [^)]*\)\W*|\s*\([^)]*\b(?:for (?:my|our|\p{Lu}\p{L}+)|hi|hello|promised|please|can['’]t|no \p{L}+|\p{L}+[- ]free)\b[^)]*\)\W*)$/u;
/** "(3 x 2lb loaves)": what it is baked in. */
const OF_TINS =
  /\s*\((?:feeds|enough for)\b[^)]*\)|,?\s*\((?:tray|tin|sheet)\b[^)]*\)|\s*\(\d+ ?[x×] ?[^)]*\b(?:tins?|pans?|loaves|loaf|rounds?|trays?)\)/i;
function withoutWords(said: string): string {
  const name = said.replace(OF_TINS, '').trim();
  const bare = name.replace(TO_SOMEBODY, '').trim();
  if (bare !== name && namesItsBake(bare)) return bare;
  const [first = '', ...aside] = name.split(/,\s+/);
  return namesItsBake(first) && /!\W*$/.test(aside.join(' ')) ? first : name;
}

/** "[Saved]", "no. 14", "Kitchen notebook - ": what a box of cards has before a name. */
const NUMBERED =
  /^recipe card\s*[:–—-]\s+|^\[(?:saved|draft|copy|new|tried|fav\w*|forwarded|fwd)\]\s*|^formula\s*[:–—-]\s+|^(?:no|nr)\.? ?\d+\s*[:.),–-]?\s+(?=\p{L})|^(?:\p{L}+['’]?s? )?(?:notebook|recipe box|scrapbook|cook ?book|folder|diary)\s*[:–-]\s+/iu;

/** "LEM0N CHlFFON PlE", as it was scanned. */
const capitals = (name: string): string =>
  name
    .replace(/(?<=\p{Lu})l(?!\p{Ll})|(?<!\p{L})l(?=\p{Lu}{2})/gu, 'I')
    .replace(/(?<=\p{Lu})0(?=\p{Lu})/gu, 'O');

/** 'Sweet version you asked about = "Cinnamon twists"'. */
const EQUALS_QUOTED = /^[^"“=]{8,}=\s*["“]([^"”]{5,60})["”]\W*$/u;

/** "Crackers?? no - CHEESE SCONES": what it isn't. */
const NOT_THAT = /^[^?]*\?+\s+no\b\W+(?:just )?(?=\p{L})/iu;

/** What may stand around a name, with what takes its place. In this order: a mark may hide another. */
const AROUND_A_NAME: readonly (readonly [RegExp, string])[] = [
  [NUMBERED, ''],
  [EQUALS_QUOTED, '$1'],
  [NOT_THAT, ''],
  // A smile.
  [/\s*[:;]-?[)(DP]$/, ''],
  // Marks of Markdown.
  [/^#+\s*|\s*#+$|\*\*|__/g, ''],
  [/^ingredients (?:for|of) (?:the )?/i, ''],
  // How its list is written.
  [/,? *\(?(?:in )?baker['’]?s['’]? ?(?:%|percentages?)\)?$/i, ''],
  // A quotation that goes on behind the name.
  [/^"(?=[^"]*$)/, ''],
  // Whose it is, in a parish's book.
  [/(?:,| -) (?:Mrs?|Miss|Ms)\.? \p{Lu}.*$/u, ''],
  // What was done to it: "- adapted for my 8" tin".
  [/\s+[-–—]\s+(?:adapted|doubled|halved|scaled|converted) (?:for|from|to) .*$/i, ''],
  // The head of a letter or an answer.
  [/^(?:(?:subject|re|fwd?|betreff|aw)\s*:\s*)+/i, ''],
  [/^[AQ](?: ?\([^)]*\))?:\s+/, ''],
  [/^(?:recipe(?: name)?|title|name|dish)\s*[:|]\s*|^recipe\s*(?:#|no\.? ?)\d+\s*[~:.–-]*\s*/i, ''],
  [/,? *\byields?:? *\d+ (?:big|large|small|mini)?\W*$/i, ''],
  [/\s*~+\s*$|(?<=\p{L}{3})\.$/u, ''],
  [/\s+recipe(?:\s+(?:from|of|by)\b.*)?\s*$/i, ''],
  // Little pictures.
  [/\s*(?:(?![©®™])\p{Extended_Pictographic}\uFE0F?)+$/u, ''],
];

/** A title without what stands around it: marks, strokes of a table, "Recipe:", little pictures, and how many it makes. */
function titleIn(source: string): string {
  const row = titleRow(source)?.[0] ?? source.replace(/^\s*\|/, '').replace(/[|\s]+$/, '');
  const plain = cleanLine(
    capitals(row)
      .trim()
      .replace(/\s{3,}/g, ', '),
  );
  const bare = AROUND_A_NAME.reduce((name, [mark, instead]) => name.replace(mark, instead), plain);
  const own = NOT_THAT.test(plain) ? begun(bare) : bare;
  const spoken = OPENING.test(own) && namesItsBake(own) ? own.replace(OPENING, '') : own;
  return withoutWords(
    nameAndYield(nameAndYield(beforeItsPlace(spoken)).name).name.replace(/\s*[/|·,;]\s*$/, ''),
  );
}

/** "24 cookies", "serves 6", "30 min". */
const SAYS_HOW_MANY = /^(?:(?:makes|serves|feeds|for|about|approx\.?) )*\d[\d–-]* ?(?:\p{L}+ ?){0,2}\W*$/iu;
/** "Chocolate chip scones | The Sunday Supplement": where it was printed stands behind a stroke. */
function beforeItsPlace(said: string): string {
  const [name = '', ...others] = said.split(/\s+[|•·]\s+/);
  const aside = others.length > 0 && others.every((one) => SAYS_HOW_MANY.test(one));
  return aside || (namesItsBake(name) && !others.some(namesItsBake)) ? name : said;
}

/** A recipe in one paragraph may begin with its name in capitals: "PARKIN. Melt …". Empty where it doesn't. */
const calledFirst = (paragraph: string): string => CALLED_FIRST.exec(paragraph)?.[1]?.trim() ?? '';

/** Or in bold letters: "**Sunny chiffon** - 25 cm tin". Empty where it doesn't. */
function boldFirst(paragraph: string): string {
  const bold = /^\s*(?:\*\*|__)([^*_]{3,40})(?:\*\*|__)/.exec(paragraph)?.[1]?.trim() ?? '';
  const names = /^\p{Lu}[^\d:]*$/u.test(bold) && !VERB_FIRST.test(bold) && !LIST_OR_METHOD.test(bold);
  return namesItsBake(bold) || names ? bold : '';
}

const SUBJECT = /^\s*(?:subject|re|betreff)\s*:\s*(?:(?:re|fwd?)\s*:\s*)*(.{3,60}?)[\s!.]*$/iu;
const HERE_IS =
  /\b(?:here(?:’s|'s| is| are| comes?)|this is|i promised you|you (?:wanted|asked for)|attached is)\s+(?:(?:my|our|the|that|your|his|her)\s+)?(?:\p{L}+['’]s?\s+)?(?:recipe for\s+)?([^.,!?:;()\d]{4,40})/iu;
/** "Hi Sam - Mum's coffee éclairs as promised". */
const AS_PROMISED =
  /^(?:(?:hi|hello|hey|dear)\b[^–,:!-]*[–,:!-]\s*)?(?:(?:my|our|the)\s+)?(?:\p{L}+['’]s?\s+)?([^.,!?:;()\d]{4,40}?)\s+as (?:promised|requested|asked)\b/iu;
/** "SNICKERDOODLES", and then its first part: a heading above another one is the name of all. Empty where there is none. */
const aboveAHeading = (lines: Placed): string => {
  const [first, second] = lines;
  return first?.place === 'heading' && second?.place === 'heading' && !LIST_OR_METHOD.test(first.source)
    ? titleIn(first.source)
    : '';
};
/** "What you need for millionaire's squares (20cm square tin)". Empty where no line says so. */
const neededFor = (lines: readonly string[]): string =>
  lines
    .map(
      (line) =>
        /^\W*(?:what )?you(?:'ll|’ll| will)? need (?:for|to make) (?:the |my |our |a )?([^:(]{4,50})/iu
          .exec(line)?.[1]
          ?.trim() ?? '',
    )
    .find(namesItsBake) ?? '';
const LIST_OR_METHOD = /\b(?:ingredients?|method|directions|instructions|steps|you need|for the)\b/i;

/** "The crêpes we talked about", "the tart that you liked": what is said of it is no name. */
const SAID_OF_IT = /\s+(?:that|which|so|because|before|as|we|you|i|he|she|they)\b.*$/iu;

/** "Here’s the crêpe suzette we talked about": what a line brings. Empty where it brings nothing. */
const broughtBy = (source: string): string =>
  (HERE_IS.exec(source) ?? AS_PROMISED.exec(source))?.[1]?.replace(SAID_OF_IT, '').trim() ?? '';
/** "Here's the lemon drizzle you asked for": a name, whatever it names. Empty where nobody asked. */
function askedFor(source: string): string {
  const here = broughtBy(source);
  return ASKED_FOR.test(source) && !/\brecipes?\b/i.test(here) ? begun(here) : '';
}
const ASKED_FOR =
  /\b(?:you (?:asked for|wanted|liked|were after)|(?:we|i) (?:talked about|mentioned|promised))\b/i;

/** What a line brings where that is a bake, else what it is called otherwise. */
function brought(source: string, otherwise: (source: string) => string): string {
  const here = broughtBy(source);
  return namesItsBake(here) ? here : otherwise(source);
}

/** "That lemon cake": a subject points at what it is about. */
const POINTING = /^(?:that|the|my|our|your)\s+(?=\S+ \S)/i;
/** A letter is about a bake: "here is my mum's Dutch apple pie", "Subject: seed cake". Empty where it isn't. */
const writtenAbout = (lines: readonly string[]): string => {
  const here = lines.map(broughtBy).find(namesItsBake);
  const subjects = lines.map((source) => (SUBJECT.exec(source)?.[1] ?? '').replace(POINTING, ''));
  return here ?? subjects.find(namesItsBake) ?? subjects.find((one) => one !== '') ?? '';
};

/** A letter says within a sentence what it brings: "as asked: my mother's Pear Clafoutis", in capitals or in quotes. Empty where it says none. */
const namedWithin = (notes: readonly string[]): string =>
  notes
    .flatMap((source) => [
      ...[...source.matchAll(IN_CAPITALS)].map(([words]) => words),
      ...[...source.matchAll(QUOTED)].map(([, words = '']) => words),
    ])
    .find((words) => NAMES_A_BAKE.test(words)) ?? '';

/** "Malt loaf recipe love. 150ml hot tea, 175g …": a list may begin with the name of what it makes. Empty where none does. */
const beforeAList = (lines: readonly string[]): string =>
  lines
    .map((source) => /^(\D{3,60}?)[.:!]\s+(?=\d)/u.exec(cleanLine(source))?.[1] ?? '')
    .filter(namesItsBake)
    .map((head) => head.replace(/\s+recipe\b.*$/i, ''))[0] ?? '';

const LONGEST_NAME = 8;
const isShort = (name: string): boolean => name.split(' ').length <= LONGEST_NAME && !/\d/.test(name);
const OPENING = /^(?:(?:ok(?:ay)?|so|right|hi|hey|well)\b[\s,!]*)+/i;
/** "ok so mum's marmalade sponge pudding. you want 4 oz …": its first words, where they name a bake and nothing else. Empty where they don't. */
function namedFirst(paragraph: string): string {
  const [said = ''] = paragraph.split(/[.!:\n]/);
  const here = broughtBy(said);
  const name = namesItsBake(here) ? here : said.trim().replace(OPENING, '');
  return isShort(name) && paragraph.length > said.length + 1 && namesItsBake(name) ? name : '';
}

const SHORT = 10;
const SHORT_WITH_ASIDE = 16;
/** Its first line may be a name with words to somebody: "Buttermilk pound cake, for my sister (no dairy!!)". Empty where it is none. */
const addressed = (first: string): string => {
  const [name = ''] = cleanLine(first).split(/\s*(?:,|\(|:| - )/);
  const words = first.trim().split(/\s+/).length;
  const short = words <= (/\(.*\)\W*$/.test(first) ? SHORT_WITH_ASIDE : SHORT);
  return short && /^\p{Lu}/u.test(name) && namesItsBake(name) ? name : '';
};

/** So many words that begin a page and aren't told by any other sign may be a name. */
const LONGEST_FIRST = 6;
const NO_NAME =
  /\d|[.!?]\s|^(?:you|i|we|my|this|these|here|so|hi|hello|dear(?:est)?|ok|the best)\b|:\s*$|\b(?:is|are|was|were|you)\b/i;
/** The first words of a page that has no other name, up to a comma: "Schokoladen-Gugelhupf wie bei Oma, in English". Right above a list they may be in small letters. Empty where they are a sentence. */
const firstWords = (first: string, aboveAList: boolean): string => {
  const [name = ''] = cleanLine(first).split(/\s*(?:,|\(|:| - )/);
  const short = name.length > 3 && name.split(' ').length <= LONGEST_FIRST;
  const begins = /^\p{Lu}/u.test(name) || aboveAList;
  return short && begins && !NO_NAME.test(name) && !LIST_OR_METHOD.test(first) ? name : '';
};

/** "Pavlova, serves 8", wherever it stands. Empty where no line begins so. */
const aheadOfItsYield = (lines: Placed): string =>
  saidIn(lines, 'note')
    .map((source) => nameAndYield(source.replace(NUMBERED, '')))
    .find(
      ({ name, yields }) =>
        yields !== null &&
        isShort(name) &&
        /^\p{Lu}/u.test(name) &&
        ![NO_NAME, LIST_OR_METHOD, VERB_FIRST, /\b(?:recipe|time|servings?)\b/i].some((no) => no.test(name)),
    )?.name ?? '';

/** "Re: Re: school bake sale" names no bake, where the answer does: 'its called "anzac slice"'. Empty where it isn't one. */
const answeredWith = (lines: Placed): string => {
  const title = lines.find(({ place }) => place === 'title')?.source ?? '';
  return ANSWERS.test(title) && !namesItsBake(title)
    ? namedWithin(saidIn(lines, 'note', 'prose', 'method'))
    : '';
};
const ANSWERS = /^\s*(?:re|aw|fwd?)\s*:/i;

/** "Tartelettes au chocolat", and under it "(translated for Lucy)". Empty where there is no such line. */
function aboveBrackets(lines: Placed): string {
  const at = lines.findIndex(({ place }) => place === 'title');
  const [above, title] = [lines[at - 1]?.source ?? '', lines[at]?.source ?? ''];
  return /^\s*\(.*\)\W*$/.test(title) && !namesItsBake(title) && /^\p{Lu}/u.test(above) ? titleIn(above) : '';
}

const saidIn = (lines: Placed, ...places: readonly Place[]): string[] =>
  lines.filter(({ place }) => places.includes(place)).map(({ source }) => source);

/** "My mother's seed cake came from a newspaper": a bake that is spoken of, by two words at least. Empty where none is. */
const spokenOf = (notes: readonly string[]): string =>
  begun(notes.map((source) => SPOKEN_OF.exec(source)?.[1] ?? '').find(namesItsBake) ?? '');
const begun = (name: string): string => name.charAt(0).toUpperCase() + name.slice(1);
const SPOKEN_OF = new RegExp(
  `\\b(?:my|our|her|his|your|that)\\s+(?:\\p{L}+['’]s\\s+)?((?:(?!(?:good|whole|warm|hot|cold|own|best|big|small|old|first|next|last|lovely|great|nice|favou?rite|birthday|wedding|family|usual|new)\\b)\\p{L}+[- ]){1,2}${NAMES_A_BAKE.source})`,
  'iu',
);

/** A page that is asked what it calls its bake. */
interface Page {
  readonly lines: Placed;
  /** Its first step, and its first line where that is a note; empty without one. */
  readonly firstStep: string;
  readonly firstNote: string;
}

/** What a page calls its bake, the surest way first; each finds nothing where it is empty. */
const CALLED_BY: readonly { readonly because: string; readonly name: (page: Page) => string }[] = [
  { because: 'an answer names what its subject doesn’t', name: ({ lines }) => answeredWith(lines) },
  { because: 'its title stands in brackets under a name', name: ({ lines }) => aboveBrackets(lines) },
  { because: 'it has a title', name: ({ lines }) => brought(saidIn(lines, 'title')[0] ?? '', titleIn) },
  { because: 'its one paragraph begins in capitals', name: ({ firstStep }) => calledFirst(firstStep) },
  { because: 'or in bold', name: ({ firstStep }) => boldFirst(firstStep) },
  { because: 'its first heading stands above another', name: ({ lines }) => aboveAHeading(lines) },
  {
    because: 'it says what its list is needed for',
    name: ({ lines }) => neededFor(saidIn(lines, 'note', 'heading')),
  },
  {
    because: 'a list begins with its name',
    name: ({ lines }) => beforeAList(saidIn(lines, 'prose', 'ingredient')),
  },
  { because: 'its first words name a bake', name: ({ firstStep }) => namedFirst(firstStep) },
  { because: 'its first line is words to somebody', name: ({ firstNote }) => brought(firstNote, addressed) },
  { because: 'a letter says what it brings', name: ({ lines }) => writtenAbout(saidIn(lines, 'note')) },
  {
    because: 'a name stands within a sentence, in capitals or quotes',
    name: ({ lines }) => namedWithin(saidIn(lines, 'note', 'prose')),
  },
  {
    because: 'a letter says so in the middle of its list',
    name: ({ lines }) => writtenAbout(saidIn(lines, 'prose')),
  },
  { because: 'somebody’s bake is spoken of', name: ({ lines }) => spokenOf(saidIn(lines, 'note', 'prose')) },
  { because: 'somebody asked for it', name: ({ firstNote }) => askedFor(firstNote) },
  { because: 'how many it makes stands behind its name', name: ({ lines }) => aheadOfItsYield(lines) },
  {
    because: 'nothing else begins the page',
    name: ({ lines, firstNote }) => firstWords(firstNote, lines[1]?.place === 'ingredient'),
  },
];

/** What a page calls its bake; empty where it says nothing. */
export function titleOf(lines: Placed, steps: readonly Step[]): string {
  const page = {
    lines,
    firstStep: steps[0]?.source ?? '',
    firstNote: lines[0]?.place === 'note' ? lines[0].source.replace(NUMBERED, '') : '',
  };
  for (const { name } of CALLED_BY) {
    const found = name(page);
    if (found !== '') return found;
  }
  return '';
}
