import { BULLETS } from '../../vocabulary';

const BULLETED = new RegExp(`^\\s*(?:${BULLETS}|o )\\s*\\S`, 'u');

/** A line of a page as features see it. */
export interface Seen {
  readonly clean: string;
  readonly raw: string;
  readonly words: number;
}

type Test = (line: Seen) => boolean;
const says =
  (words: RegExp): Test =>
  ({ clean }) =>
    words.test(clean);

export const UNIT =
  '(?:kgs?|g|gr|grams?|grammes?|mls?|l|litres?|liters?|dl|cl|cups?|c\\.?|tbsps?|tbs|tblsp|tablespoons?|T|tsps?|teaspoons?|t|dsp|dessertspoons?|oz|ounces?|fl\\.? ?oz|lbs?|pounds?|pints?|quarts?|sticks?|pinch(?:es)?|dash|handfuls?|knobs?|cans?|tins?|packs?|packets?|pkts?|pkgs?|packages?|jars?|bars?|tubs?|bags?|slices?|cloves?|sheets?|leaves|sprigs?|drops?|msk|tsk|krm|EL|TL|Pck\\.?|Prisen?|bustin[ae]|sachets?|sobres?|pinc[ée]+es?|medidas?|pots?|tazas?|cucharad\\w+|cucchiai\\w*|cuill\\w+|wineglass|spoonfuls?)';
const VERBS =
  'pre-?heat|heat|grease|butter (?:a|the|and|your|two)|line|pat|flatten|cream (?:the|butter|together)|beat|whisk|mix|stir|fold|add|combine|sift|sieve|rub|knead|roll|cut|chill|rest|bake|cool|leave|pour|spoon|scrape|divide|place|put|melt|bring|simmer|remove|turn|transfer|sprinkle|dust|drizzle|spread|serve|store|make|set|prepare|use|using|in a|in the|meanwhile|when|once|while|let|allow|blend|process|pulse|drop|shape|form|scoop|brush|decorate|frost|gently|gradually|then|to make|whip|toss|arrange|pierce|prick|press|wrap|freeze|top|slice|finish|check|peel|core|drain|soak|work|warm|boil|test|loosen|dissolve|steam|cook|fill|return|reduce|swirl|tip|alternate|repeat|dredge|cover|microwave|fry|deep-fry|toast|crush|break|crack|separate|stand|keep|lay|lift|punch|knock|prove|proof|rise|dip|coat|give|take|ice|glaze|sandwich|assemble|stick|squeeze|grate|chop|zest|brown|caramelise|tilt|reheat|thin|swap|have|try|pipe|season|stretch|run|draw|tie|thread|unmould|invert|flip|refrigerate|portion|weigh|measure|mash|strain|layer|blitz|scatter|level|smooth|crumble|tear|score|crimp|seal|trim|dot|pack|hold|halve|split|stew|poach|infuse|steep|torch|mound|heap|ladle|dab|smear|build|wait|dry|whi[zs]+|zap|bung|chuck|pop|tuck|fan|plait|braid|bind|rinse|wash|soften|bloom|scald|skim|squash|squish|mark|dunk|flour|oil|sugar the|paint|wipe|clean|get|go|start|begin|take|tap|rap|rotate|load|switch|turn|bash|grind|mill|pulverise|puree|purée|liquidise|reserve|save|discard|scrape|slide|slip|slacken|loosen|lower|raise|increase|hull|stone|pit|skin|blanch|candy|stud|coil|twist|lattice|flute|glue|stack|assemble|garnish|plate|eat|enjoy|wrap|box|store|label|count|grill|sear|char|flambé|griddle|stand|sit|rub|crack|egg wash|strew|shower|shake|jiggle|moisten|dampen|wet|spray';
/** "Crumble: 200 g flour" is a list with its name. */
const NO_LIST = '(?!\\s*:\\s*[\\d½¼¾⅓⅔])';
/** A line that begins with a kitchen verb, numbered or not. */
export const VERB_FIRST = new RegExp(
  `^(?:(?:step )?\\(?(?:\\d{1,2}|[a-h])\\s*[.):]\\s+|step \\d+\\s*[:.-]?\\s*)?(?:${VERBS})\\b${NO_LIST}`,
  'i',
);
const VERB_WITHIN = new RegExp(`[.;!?–-]\\s+(?:then |and )?(?:${VERBS})\\b`, 'i');
const BAKE =
  /\b(?:tart(?:let)?|cake|pie|loaf|cookie|muffin|scone|slice|square|bar|finger|pudding|crumble|cobbler|galette|brownie|blondie|bun|knot|roll|pancake|waffle|cr[eê]pe|traybake|snap|thin|crisp|biscuit|shortbread|bread|flapjack|parkin|sponge|twist|puff|bake|torte|gateau|strudel|doughnut|donut|eclair|profiterole|ring|layer|roulade|friand|financier|madeleine|babka|brioche|clafoutis|fritter|cupcake|wafer|tuile|macaroon|meringue|cheesecake|quiche|turnover|pasty|dumpling|lebkuchen|gingerbread|stollen|rock|delight|upside[- ]down|rugelach|lamington|whoopie pie|baklava|zeppole|kh?atai|kuchen|torte|plait|braid)s?\b/i;

/** What a part of a bake is called, alone on its line. */
export const NAMES_A_PART =
  /^\W*(?:the )?(?:[\p{L}-]+ )?(?:topping|filling|frosting|icing|glaze|base|crust|crumb|cake|batter|dough|streusel|crumble|syrup|sauce|decoration|custard|layers?|sponge|drizzle|ganache|buttercream|pastry|dry|wet|dry ingredients|wet ingredients|dumplings?|cream|fruit|bottom|top|middle|case|shell|coating|soak|sugar)\W*$/iu;
/** What a bake is called. */
export const NAMES_A_BAKE = BAKE;

/** What a line says by itself: each is one small question with a name. */
const ALONE: Readonly<Record<string, Test>> = {
  'verb first': says(VERB_FIRST),
  'verb within': says(VERB_WITHIN),
  'bake name': says(BAKE),
  'bake name last': says(new RegExp(`${BAKE.source}[^\\p{L}]*$`, 'iu')),
  'ends in colon': says(/:\s*\**$/),
  'ends in stop': says(/[.!?]["')*]*$/),
  'ends in comma': says(/[,;–-]$/),
  'has colon': says(/:\s/),
  'comma within': says(/, /),
  'several sentences': says(/[.!?]\s+["'(]?\p{Lu}/u),
  'capitals only': ({ clean }) =>
    /\p{Lu}/u.test(clean) && !/\p{Ll}/u.test(clean.replace(/\([^)]*\)|\d\w+/g, '')),
  'title case': says(
    /^(?:\p{Lu}[\p{L}'’-]*|and|of|with|the|a|in|&|\d\S*)(?:[ ,–-]+(?:\p{Lu}[\p{L}'’-]*|and|of|with|the|a|in|for|on|to|&|\d\S*))+$/u,
  ),
  'small first': says(/^\p{Ll}/u),
  bold: ({ raw }) => /^\s*(?:\*\*|__).*(?:\*\*|__)\s*$/.test(raw),
  'marked heading': ({ raw }) => /^\s*#{1,6}\s|^\s*[=*_~-]{2,}.*[=*_~-]{2,}\s*$/.test(raw),
  underlined: ({ raw }) => /^\s*[=*_~#-]{3,}\s*$/.test(raw),
  'dresses a tin': says(
    /^\W*(?:(?:grease|butter|oil|flour|line|dust)\b[ ,]*(?:(?:and|&|or|then|lightly|well|generously)\b[ ,]*)*)+(?:a|an|the|your|two|\d+)\b[^.]*\b(?:tins?|pans?|dish|trays?|sheets?|moulds?|ramekins?|basin)\b/i,
  ),
  numbered: says(/^(?:step )?[([]?\d{1,2}\s*[.):\]]+\s+(?=\D)/i),
  lettered: says(/^[([]?[a-h][.)\]]\s+/i),
  'step word': says(/^step\b/i),
  bulleted: ({ raw }) => BULLETED.test(raw),
  tabs: ({ raw }) => /\t| {3,}\S/.test(raw.trim()),
  time: says(/\d\s*(?:min(?:ute)?s?|hours?|hrs?|h|seconds?|secs?)\b/i),
  temperature: says(/\d{2,3}\s*(?:°|º|degrees?|deg\b|C\b|F\b)|\bgas(?: mark)? ?\d/i),
  'oven word': says(/\boven\b/i),
  'pan word': says(
    /\b(?:tins?|pans?|trays?|dish|sheets?|ramekins?|skillet|mou?lds?|bowl|saucepan|whisk|spoon|fork|paper|parchment)\b/i,
  ),
  'method cue': says(/\buntil\b|\btill\b|\bor so\b|\bfor \d|\binto the\b|\bin the\b|\bwith the\b/i),
  'the word': says(/\bthe\b/i),
  'first person': says(/\b(?:i|i'm|i've|my|mum|mom|gran|nan|auntie|we|our|you|your)\b/i),
  serves: says(/\b(?:serves?|servings?|makes?|yields?|portions?|feeds?|cuts? into|enough for|gives)\b/i),
  'serves first': says(
    /^(?:\W*)(?:serves?|servings?|makes?|yields?|portions?|feeds?|cuts? into|enough for|for \d+ |quantity|about \d+ (?:\w+ )?(?:cookies|biscuits|pieces|buns|scones|muffins|slices|squares|bars))\b/i,
  ),
  'count of bakes': says(
    new RegExp(
      `^(?:about|ca\\.?|circa|makes)?\\s*\\d+(?:\\s*[-–]\\s*\\d+)?\\s+(?:\\w+ ){0,2}${BAKE.source}`,
      'i',
    ),
  ),
  people: says(/\b(?:people|persons?|helpings?|pieces?|pairs?|pcs)\b/i),
  'time word': says(
    /\b(?:prep(?:aration)?|cook(?:ing)?|bak(?:e|ing)|total|rest(?:ing)?|chill(?:ing)?|active|ready|hands[- ]on|rising|prov(?:e|ing))\b(?: time)?\s*[:\d~-]/i,
  ),
  'ingredients word': says(
    /^\W*(?:the )?(?:ingredients?|you(?:'ll| will)? need|what you need|shopping list|grocery list|what goes in)\b/i,
  ),
  'method word': says(
    /^\W*(?:the )?(?:method|directions?|instructions?|steps|preparation|procedure|how to|what to do|to make|making|here's how)\b/i,
  ),
  'notes word': says(
    /^\W*(?:notes?|tips?|n\.?b|variations?|storage|to store|store|keeps?|ps|p\.s|cook'?s note|remember|nutrition|equipment)\b/i,
  ),
  'for first': says(/^\W*(?:for|to) (?:the |a |your |finish|serve|decorate|assemble|top|fill|glaze)/i),
  'part name': says(NAMES_A_PART),
  'junk words': says(
    /\b(?:jump to|print|pin (?:it|this)|rate|rating|reviews?|votes?|comments?|share|subscribe|sign in|log in|cookies policy|menu|home|search|advert\w*|sponsored|skip to|save recipe|scale|follow|newsletter|copyright|all rights|calories|kcal|carbohydrates?|nutrition|sodium|sent from|posted|photo|image|click|tap|http|www|©|did you make|leave a|page \d|prev|next|categor|tags?|updated|published|author|course|cuisine|keyword|unit|metric|us customary)\b/i,
  ),
  'open bracket': ({ clean }) => clean.split('(').length > clean.split(')').length,
  'closes bracket': ({ clean }) => clean.split(')').length > clean.split('(').length,
  'time label': says(
    /^(?:prep(?:aration)?|cook(?:ing)?|bak(?:e|ing)|total|active|resting|chill(?:ing)?)(?: time)?\s*:?$/i,
  ),
  'yield label': says(/^(?:yields?|servings?|makes|serves|portions?)\s*:?$/i),
  'number words': says(/\b(?:one|two|three|four|five|six|seven|eight|nine|ten|twelve|dozen|doz)\b/i),
  pieces: says(
    /\b(?:\d+|one|two|three|four|six|eight|ten|twelve|dozen|doz\.?)\b(?: \w+){0,3} (?:slices?|squares?|pairs?|cookies|biscuits|buns|rolls|scones|muffins|pieces|pcs|cups|people|fingers|bars|rounds|balls|loaves|tins?|batch|cakes|pikelets|pancakes|rings|tarts|wedges|generous)\b/i,
  ),
  source: says(
    /\b(?:from|of|by|source|folder|recipe box|index|notebook|kitchen of|clipping|handwritten|scan)\b/i,
  ),
  'blank line': says(/_{3,}|\.{4,}/),
  equals: says(/=/),
  shout: says(/!/),
  quote: ({ raw }) => /^\s*["“>]/.test(raw),
  stars: says(/[★☆⭐]|\d(?:\.\d)?\s*(?:\/|out of|from)\s*\d|\b\d+x\b.*\b\d+x\b/i),
  crumbs: says(/[»›>|/·•]/),
  'letters none': ({ clean }) => !/\p{L}/u.test(clean),
  'brackets whole': says(/^\(.*\)$/),
  brackets: says(/\(/),
  negation: says(/\b(?:don't|do not|never|won't|can't|cannot|not|no)\b/i),
  chatter: says(
    /^(?:hello|hi\b|hey|dear|love|lots|thanks?|thank you|enjoy|cheers|best|kisses|hope|here(?:'s| is| it)|this (?:is|was|recipe|one)|so |ok|right|anyway|well|sorry|let me know)/i,
  ),
  optional: says(
    /\b(?:optional|to taste|as needed|to (?:serve|decorate|dust|finish)|for (?:the tin|dusting|greasing|rolling|serving|brushing|frying))\b/i,
  ),
  prepared: says(
    /,\s*(?:\w+ly )?(?:\w+ed|soft|cold|at room|room temp|divided|plus|or |cut |sliced|cubed|grated)/i,
  ),
  'kitchen thing': says(
    /^(?:\d[\d./ x×"-]*)?(?:[\w-]+ ){0,4}?(?:paper|cupcake|muffin|bun|fairy cake) (?:cases|liners|cups)\b|\b(?:parchment|greaseproof|baking paper|baking parchment|foil|cling ?film|piping bags?|cookie cutters?|skewers|cocktail sticks)\b|^\d[\d./ x×-]*\s*(?:cm|mm|in|inch(?:es)?|")?\b[^,]*\b(?:tins?|pans?|trays?|moulds?|dish)$/i,
  ),
  'keeping words': says(
    /\b(?:keeps?|freezes?|store|airtight|leftovers?|(?:a|\d+) (?:weeks?|months?)|days?|same day|next day|best|instead|swap|if you (?:like|can|have|want|must|prefer)|works? (?:too|well)|nicer?|better|lovely|wonderful|delicious)\b/i,
  ),
  tool: says(
    /\b(?:brush|whisk|mixer|cutters?|thermometer|rack|scales?|sieve|rolling pin|blowtorch|piping|nozzle|tins?|trays?|sheets?|liners|cases|moulds?|processor|blender|skewers?)\b/i,
  ),
  question: says(/\?(?:\s|$)/),
  'is said': says(
    /\b(?:is|are|was|were|it|it's|that|that's|they|them|this|these|have|has|will|would|can|be|been)\b/i,
  ),
  'past told': says(
    /\b(?:was|were|had|made|asked|gave|sold|used to|told|brought|came|wrote|typed|promised)\b/i,
  ),
  'open end': says(
    /(?:[,;&+-]|\b(?:and|or|the|a|an|with|plus|of|to|for|in|into|then|make|until|from|on|at|by|short|more|till|about))$/i,
  ),
  'one word': ({ words }) => words === 1,
  'all told': says(
    /\b(?:all told|in all|all in|start to finish|altogether|plus (?:chilling|cooling|rising|proving|soaking|resting)|overnight|hands[- ]on|waiting|work)\b/i,
  ),
  'count word': says(
    new RegExp(
      `^\\W*(?:makes |about |approx\\.? |ca\\.? |one |an? |for |yield:? )*\\d+(?:\\s*(?:-|to|or|x)\\s*\\d+)?(?: doz(?:en|\\.)?)?\\W*(?:st|bitar|parts|stück|pezzi|porzioni|raciones|pieces?|pcs|people|helpings|servings?|portions?|small|large|slices?|squares?)?\\W*$`,
      'i',
    ),
  ),
  'price of words': says(
    /\b(?:hi|hiya|hey|hello|dear|love|thanks?|xx?|cheers|kisses|sorry|please|lol|promised|asked|ok|yes|no)\b/i,
  ),
  address: says(/^(?:from|sent|to|subject|date|re|fw|cc|by|keyword|course|cuisine|author|source|tags?)\s*:/i),
  clock: says(/\d{1,2}:\d{2}|\d{1,2}\/\d{1,2}(?:\/|$)/),
  hash: says(/#\w/),
  'wide gaps': ({ raw }) => /\S {2,}\S/.test(raw),
  'after dash': says(/\s[–—-]\s/),
  or: says(/\bor\b/i),
  and: says(/\band\b|&|\+/i),
};

const TESTS = Object.entries(ALONE);

/** The names of all that a line says by itself. */
export const saidAlone = (line: Seen): string[] =>
  TESTS.filter(([, test]) => test(line)).map(([name]) => name);
