import { capitalised, type SpanEdit } from './spans';

/** Ways to say that a tin, a board or hands are floured, or a tin crumbed, and how they are said with another flour. Common practice of recipes. */
const FORMS: readonly (readonly [RegExp, (dust: string, ...groups: string[]) => string])[] = [
  [
    /\b((?:grease|butter|oil|line)(?:, (?:line|paper))?),? (?:and|&|\+|then) (?:lightly )?(?:flour|(?:bread)?crumb) ((?:(?! and | then |, |\.|;|\().)+(?:\([^()]*\))?)/gi,
    (dust, verb, what) => `${verb.replace(',', ' and')} ${what} and dust with ${dust}`,
  ],
  [
    /\b((?:greased|buttered|oiled|lined)(?: \([^()]*\))?)(?:,| and| &| \+) (?:lightly )?(?:floured|(?:bread)?crumbed) ((?:\([^()]*\) )?(?:[\w\d×x"”.-]+ ){0,4}?(?:tins?|(?:cake)?pans?|trays?|sheets?|moulds?|dish(?:es)?|basins?|cups|springforms?|ramekins?|\d{1,2} ?[x×] ?\d{1,2}(?!["”″]? ?(?:[\w-]+ ){0,3}(?:tins?|pans?)\b)))\b/gi,
    (dust, how, what) => `${how} ${what} dusted with ${dust}`,
  ],
  [
    /\b(?:(lightly|well|generously)[- ])?(?:floured|(?:bread)?crumbed) ((?:[\w\d/."”½¼¾-]+ ){0,3}?(?:surface|board|work ?top|work ?surface|counter|bench|table|cloth|towel|hands?|fingers|rolling pin|cutter|parchment|paper|tins?|pans?|trays?|sheets? of (?:(?:baking|greaseproof|parchment|waxed|non-?stick) )?(?:paper|parchment)|sheets?|springforms?|ramekins?|knife|scissors|bowl|fork|spoon|glass|cutters|moulds?|palms?|fingertips))\b(?!-)/gi,
    (dust, how, what) => `${what} ${how ? `${how} ` : ''}dusted with ${dust}`,
  ],
  [
    /(?<=^|[.;,]\s*|\b(?:and|then|I|lightly)\s+)(?:flour|(?:bread)?crumb) (the|your|a|an|two|both|each) ((?:(?! and | then |, |\.|;|\(| with ).)+)/gi,
    (dust, the, what) => `dust ${the} ${what} with ${dust}`,
  ],
  [
    /(?<=^|[.;,!(]\s*|\b(?:and|then|lightly|well)\s+)(?:flour|(?:bread)?crumb) (them|it)\b/gi,
    (dust, it) => `dust ${it} with ${dust}`,
  ],
  [
    /\b(dust|sprinkle|dredge|coat)(ed|ing|s)? ((?:(?!\.|;)[^])*?\s)?with (?:a little |some |a bit of |(?:the )?(?:remaining |extra |[\d½¼¾/]+ ?(?:tbsps?|tablespoons?|tsps?|teaspoons?|g) (?:of )?(?:the )?)?)?(?:(?:plain|all-purpose|white|wheat) )?flour\b(?! blend)/gi,
    (dust, verb, ending, what) => `${verb}${ending} ${what ? `${what} ` : ''}with ${dust}`,
  ],
  // Crumbs that a tin is dusted with are wheat's; those on a dish are on its list.
  [
    /(?<=\b(?:tins?|pans?|dish|moulds?|springform)\b[^.;]{0,25})\b(dust|coat|sprinkl|scatter|strew|line)(ed|ing|n)?( it| them|) with (?:a few |some |fine |dry |dried |toasted )*bread ?crumbs\b/gi,
    (dust, verb, ending, it) => `${verb}${ending} ${it ? `${it} ` : ''}with ${dust}`,
  ],
  [
    /\b(dust|coat|sprinkle|scatter|line) ((?:the|a|your|each)(?: [\w-]+){0,3}? (?:tins?|pans?|dish|moulds?|springform)) with (?:a few |some |fine |dry |dried |toasted )*bread ?crumbs\b/gi,
    (dust, verb, what) => `${verb} ${what} with ${dust}`,
  ],
  [
    /\b(roll|pat|turn|tip) ((?:(?!\.|;)[^])*?)\bon(to)? (a little|a bit of|some|plenty of) flour\b(?! blend)/gi,
    (dust, verb, between, to, some) =>
      `${[verb, between, `on${to}`, some].filter((one) => one !== '').join(' ')} ${dust}`,
  ],
  [
    /\b(greasing|buttering|oiling) (?:and|&|\+) (?:lightly )?flouring\b/gi,
    (dust, verb) => `${verb} and dusting with ${dust}`,
  ],
  [
    /\b(roll|pat) ((?:(?!\.|;)[^])*?)\bon(to)? flour\b(?=[,.;]|\s*$)/gi,
    (dust, verb, between, to) =>
      `${[verb, between, `on${to}`].filter((one) => one !== '').join(' ')} ${dust}`,
  ],
  [/\b(?:floured|(?:bread)?crumbed)\b/gi, (dust) => `dusted with ${dust}`],
];

/** What begins a sentence, or stands after a full stop, does so still. */
const asBegun = (said: string, now: string): string => (/^\p{Lu}/u.test(said) ? capitalised(now) : now);

const withoutButter = (words: string, butterOut: boolean): string =>
  butterOut
    ? words
        .replace(/^butter/, 'grease')
        .replace(/^Butter/, 'Grease')
        .replace(/^greaseed/i, 'greased')
    : words;

/** Flour that keeps something from sticking, said with what does it now. */
export const dustEdits = (source: string, dust: string, butterOut: boolean): SpanEdit[] =>
  FORMS.flatMap(([form, say]) =>
    [...source.matchAll(form)].map((match) => ({
      from: match.index,
      to: match.index + match[0].length,
      text: `${asBegun(match[0], withoutButter(say(dust, ...match.slice(1).map((group) => (group ?? '').trim())), butterOut))}${/\s$/.test(match[0]) ? ' ' : ''}`,
      because: 'wheat on a tin or a board is wheat in the bake',
    })),
  );

const BUTTERS =
  /\bbuttered\b|(?<=(?:^|[.;:,(–—-]|\b(?:and|then|to|first|next|now|generously|lightly|well))\s*)butter(?:ing)?(?= (?:and (?:line|dust|flour)|(?:a|an|the|two|your|both|each|well|them|it)\b|(?:(?!(?:and|in|into|with)\b)[\w\d×x"-]+ ){0,5}(?:tins?|pans?|trays?|dish|moulds?|sheets?|paper|parchment|ramekins?|basin)))|(?<=\b(?:griddle|skillet|pan|iron|tins?|dish|moulds?)\b[^.;]*\b(?:and|then) )butter(?= (?:lightly|generously|well|it)\b)/gi;
const GREASES = { buttered: 'greased', buttering: 'greasing', butter: 'grease' } as const;

/** Bread that is buttered is eaten with it: it is spread with what stands in. */
const BREAD =
  /\bbutter(?= (?:(?:the|each|both|your) )?(?:(?:[\w-]+ ){0,2}(?:sides? )?of )?(?:the )?(?:[\w-]+ ){0,2}?(bread|slices|toast|panettone|brioche|croissants?|buns|rolls|teacakes?)\b)/gi;

function breadEdits(source: string, spread: string): SpanEdit[] {
  return [...source.matchAll(BREAD)].flatMap(({ 0: words, 1: bread = '', index }) => {
    const end = source.indexOf(bread, index) + bread.length;
    const because = 'butter is out';
    return [
      {
        from: index,
        to: index + words.length,
        text: words.startsWith('B') ? 'Spread' : 'spread',
        because,
      },
      { from: end, to: end, text: ` with ${spread}`, because },
    ];
  });
}

/** With butter out, what is buttered is greased; bread is spread with what stands in, where the list has that. */
export const greaseEdits = (source: string, spread: string | null = null): SpanEdit[] => [
  ...(spread === null ? [] : breadEdits(source, spread)),
  ...[...source.matchAll(BUTTERS)].map(({ 0: words, index }) => {
    const now = GREASES[words.toLowerCase() as keyof typeof GREASES];
    return {
      from: index,
      to: index + words.length,
      text: words.startsWith('B') ? capitalised(now) : now,
      because: 'butter is out',
    };
  }),
];
