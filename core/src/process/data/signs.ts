import { COOLS_ABROAD } from './abroad';

/** What the words of an action say beside its class, for those who ask the process of it. Common practice of recipes; no source. */
export const SIGNS = {
  /** Fruit in a spoonful of flour is no batter. */
  tosses: /\b(?:toss|dust|sprinkle|scatter|roll)\b/i,
  /** A dough that is rolled and folded round butter in turns. */
  'folds butter in':
    /\b(?:wrap|enclose|encase|fold)\b[^.;]{0,40}\b(?:butter|block)\b[^]{0,200}\bfold\b[^.;]{0,20}\b(?:in(?:to)? (?:three|thirds|four)(?! (?:lots|goes|batches|additions|parts|stages|times))|like a letter|book)|\bfold\b[^.;]{0,20}\b(?:in(?:to)? (?:three|thirds)(?! (?:lots|goes|batches|additions|parts|stages|times))|like a letter)[^]{0,200}\bturns?\b|\blaminat/i,
  'names an oven': /\b(?:ovens?|bak(?:e[ds]?|ing)|roast|gas|mark \d|\d{3} ?(?:°|º|deg|[CF]\b|fan))/i,
  /** Flour that is tipped into what boils has drunk by then. */
  'scalds the flour':
    /\bboil\w*\b[^]{0,160}\bflour\b[^.;]{0,40}\bat once\b|\bflour\b[^.;]{0,40}\b(?:in)?to the boiling (?:water|milk|liquid|mixture)\b/i,
  forbids: /\b(?:don['’]?t|do not|never)\b/i,
  'fills a tin':
    /\b(?:tins?|pans?|trays?|sheets?|cases?|cups?|moulds?|dish(?:es)?|ramekins?|holes?|basins?|mugs?|divide|spread|pipe|scoop|level)\b/i,
  /** Only made hot or cold for what comes later. */
  'readies a tin':
    /\b(?:put|place|set) (?:an?|the|your|two) (?:\w+ ){0,3}(?:trays?|sheets?|tins?|pans?|skillet|stone) (?:in|into|on) (?:the )?(?:hot )?(?:oven|freezer|fridge|rack)/i,
  /** Where the clause begins with another deed. */
  /** What is melted where the batter is then poured in. */
  'heats fat for the tin': /\b(?:melt|heat)\w*\b[^.;]*\bin (?:the|a|your) (?:\w+ ){0,2}(?:skillet|frying pan|tins?|dish|pan in the oven)\b/i,
  'by turns': /\b(?:dry and wet|wet and dry|(?:by|in) turns?|alternat\w+)\b/i,
  'mixes as well':
    /\b(?:stir|fold|add(?! (?:\w+ )?(?:rounds|ladles?|ladlefuls?|spoonfuls|tablespoonfuls|dollops)\b)|mix|beat|whisk)\b|\b(?:press|bring|gather|squeeze) (?:it |the dough )?together\b|\b(?:pour|tip) (?:in(?! the (?:batter|mixture))|(?:on(?:to)? )?(?:the )?(?:wet|dry)|the (?:\w+ )?(?:milk|butter|liquid))\b/i,
  /** The batter, into what was made ready for it. */
  'pours it in': /\b(?:pour|tip|scrape|spoon|spread|put) (?:it )?in(?:to)? (?:an? )?\d+ ?(?:x|×|-|cm|in\b|")|\b(?:pour|tip|scrape|spoon) (?:it )?in\W*$|\b(?:pour|spoon|ladle) (?:it )?in (?:a |an |one |about |some )/i,
  /** A cloth that a pudding is boiled in, or that dries something. */
  'of a cloth': /\b(?:scald|wring|soak|wet|flour)\b[^.;]*\bcloth\b/i,
  /** From here on it is no longer in its bowl. */
  'puts the batter in':
    /\b(?:dollop|plop)\b[^.;,]*\b(?:over|on)\b|\b(?:add|pour|tip|scrape|ladle|spoon)\b[^.;,]*\b(?:batter|mixture|mix)\b[^.;,]*\b(?:to|into|in|over) (?:the |a |your )?(?:hot |buttery |sizzling |prepared )*(?:pan|skillet|tin|dish|tray)\b|^\W*(?:\d+[.)]\s*)?(?:and |then )?(?:pour|tip|scrape|ladle|spoon|turn|divide)(?: (?:it|them|everything|all))? (?:into|in|between|among) (?:the |a |your |two |\d+ )?(?:[\w-]+ ){0,3}(?:tins?|pans?|skillet|cases|cups|moulds?|dish|ramekins)\b/i,
  /** It is made where it is baked. */
  'mixes in its tin':
    /\b(?:stir|mix|beat|whisk|fold)\b[^.;]*\b(?:right |straight |directly )?in(?:to)? (?:the|that|same|its) (?:\w+ )?(?:skillet|tin|baking dish|cake pan)\b/i,
  /** Without a word of what goes in. */
  'makes the dough': /^\W*(?:\d+[.)]\s*)?make (?:up )?(?:the |your |a )?(?:shortcrust |sweet |short )?(?:pastry|dough|crust)\b/i,
  'bakes blind': /\bblind\b/i,
  'knocks back':
    /\b(?:knock(?:ed)? (?:it |the dough |the air )?(?:back|out|down)|punch (?:it |the dough )?down|deflate)\b/i,
  /** Before it goes into the oven. */
  brushes: /\b(?:brush\w*|glaz\w+|egg[- ]?wash|paint)\b/i,
  'egg wash': /\begg[- ]?wash\b/i,
  'whips cream': /\bwhip\w*\b[^.;]*\bcream\b(?! cheese)|\bwhisk\w*\b(?! in\b)(?![^.;]*\b(?:eggs?|yolks?|flour|milk)\b)[^.;]*\bcream\b(?! cheese)/i,
  'presses it in':
    /\b(?:in(?:to)?) (?:the |your )?(?:prepared |lined )?(?:tin|pan|dish)\b(?:,? and| then|,) (?:press|pat)|\b(?:press|pat|spread)\w*\b[^.;]*\b(?:in(?:to)?|on(?:to)?|over) (?:the |an? |your |its )?(?:[\w×½"-]+ ){0,7}(?:tins?|pans?|dish|base|bottom|\d{1,2} ?[x×] ?\d{1,2})\b|\b(?:press|pat)\w*\b[^.;]*\binto (?:the |an? |your |its )?(?:[\w×½"-]+ ){0,3}trays?\b/i,
  /** What a dough is left as, when it is made. */
  'is left covered': /^[\s,;]*(?:(?:and|then) )?(?:cover|wrap|leave (?:it )?to cool|set aside)\b/i,
  pipes: /\bpip(?:e[ds]?|ing)\b(?! (?:hot|bag))|\b(?:through|using) (?:a |the |your )?(?:cookie |biscuit )?press\b/i,
  'folds whites': /\bfold\w*\b[^.;]*\b(?:egg )?(?:whites?|foam|meringue)\b|\bwhites?\b(?:[^.;]*|[^;]{0,120}\b(?:peaks?|stiff|firm)\b[^;]{0,40}|[^.]{0,60}\b(?:peaks?|stiff(?:ly)?|firm)\s*[;,.–-]\s*(?:then |and )*)\bfold/i,
  /** Whole eggs, or yolks, that carry their air. */
  'foams eggs':
    /\b(?:beat|whisk|whip)\w*\b(?![^.;]*\b(?:butter|margarine|marg|oil)\b)[^.;]*\b(?:eggs?|yolks)\b[^.;]*\b(?:thick|ribbons?|trail|mousse|doubled|trebled|tripled|foam(?:y|s)?|white and|light and|(?:very )?pale and)\b/i,
  'names yolks': /\byolks?\b/i,
  'names whites': /\b(?:egg )?whites\b|\begg white\b|\bthe white\b/i,
  'whips whites': /\b(?:whisk|whip|beat)\w*\b[^.;]*\b(?:whites\b(?! bread)|egg white\b)|\bwhites\b[^.;]*\b(?:peaks?|stiff|froth|foam)/i,
  'waits in the cold or out': /\b(?:chill|refrid?gerat\w*|fridge|freezer?|cold|rest|stand|overnight|koelkast|kühlschrank|kühl stellen|kylskåp\w*|kylen|frigo(?:rifero)?|réfrigérateur|nevera|rusten|ruhen|vila|riposare|reposer|reposar)\b/i,
  /** "You can use it immediately or chill it for later": nobody has to. */
  'may chill': /\b(?:can|may|could|or) (?:[\p{L} ]{1,24} )?(?:chill|refrigerate|freeze)\b/iu,
  stands: /\b(?:rest|stand|leave|sit)\b/i,
  overnight: /\bover ?ni(?:ght|te)\b|\bo['’/]?ni(?:ght|te)\b/i,
  /** Of no number. */
  'for hours': /\b(?:several|a few|some|a couple of) h(?:ou)?rs?\b/i,
  'wants it dark': /\b(?:deep(?:ly)?|dark) brown(?:ed)?\b|\bburn(?:t|ed|ished)\b|\bblackened\b|\bscorched\b|\bcharred\b/i,
  /** What may not get darker is covered. */
  'covers with foil': /\bfoil\b|\bcover (?:it |the top )?(?:when|if|once) (?:it is |it['’]s |they are )?(?:too |well )?brown|\btent (?:it\b|at \d|with|loosely|if)|\bpaper\b[^.]*\bhole in the cent(?:re|er)|\bcover (?:it |the (?:top|cake)\b[^.]{0,20})(?:loosely )?with [^.]*\b(?:paper|parchment)\b/i,
  /** What a recipe says of what comes out of the oven, in any words. */
  'sees to what is baked':
    new RegExp(`\\b(?:cool\\w*|straight from the oven|${COOLS_ABROAD}|(?:until|till|when|is|are|get|gets|go|stone|completely|quite) cold|rack|turn(?:ed)? (?:\\w+ )?out|(?:un|de)mou?ld|knock (?:\\w+ )?out|invert|flip|upside down|(?:in|on) (?:(?:the|its|their) )?(?:tins?|pans?|trays?|sheets?|racks?|dish|mould)|stand|serve|(?:while|still) (?:warm|hot)|(?:warm|hot) (?:cakes?|loaf|bread|sponge|puddings?|buns?|rolls?|biscuits?|cookies|bars?|scones|pancakes|doughnuts|it)|(?:eat\\w*|best|nice|good) (?:it |them )?(?:warm|hot)|at once|soak\\w*|before (?:you )?(?:(?:try(?:ing)? to|attempt to|can) )?(?:cut|slic|serv|eat|scoop|digg?|unclip|releas|unmou?ld|turn|mov|tak|lift|get)\\w*|unclip|drape|wrap|lift)\\b`, 'i'),
  /** It may tell this in the clause that tells the heat: "19 to 22 min, cool 10 in tin". */
  cools: new RegExp(`\\b(?:cool\\w*|rack|turn out|${COOLS_ABROAD})\\b`, 'i'),
  'stays in its tin':
    /\bin (?:(?:the|its|their) )?(?:tins?|pans?|dish|cases?|moulds?)\b|\bbefore (?:you )?(?:(?:try(?:ing)? to|attempt to|can) )?(?:turn|remov|mov|unmou?ld|unclip|releas|transferr?|get(?= (?:it|them) out)|tak(?= (?:it|them) out))(?:ing|e)?\b|\bon (?:(?:the|its) )?(?:tray|sheet|pan)s?\b/i,
  /** It mustn't wait. */
  hurries: /\b(?:no longer|at most|while|at once|immediately|warm)\b/i,
  'dusts with flour':
    /\bfloured\b|(?:\band|&) flour\b|\bflour (?:the|your|an?|two)\b|\b(?:dust|sprinkl|dredg)\w*[^.]*\bflour\b/i,
  /** What goes on it, and not in: as far as the words before a food tell. */
  dusts: /\b(?:dust|sprinkl|dredg|scatter|shak|dipp?)\w*\b[^.;]*$/i,
  /** An oven that no heat is given for. */
  'is turned off': /\b(?:off|ajar|turn|leave)\b/i,
  /** What is seen to while it bakes. */
  'watches the bake': /\b(?:if|over-?bak\w*|(?:do not|don['’]?t) open|brown\w*|golden|colou?r|foil|burn\w*|springs?|half ?way|skewer|(?:lower|upper|middle|bottom|centre) (?:third|shelf|rack|part))\b/i,
  'is grilled': /\b(?:grill|broil)/i,
  sifts: /\b(?:sift|sieve)/i,
  whisks: /\bwhi(?:sk|p)/i,
  'rolls out':
    /\broll(?:ed|ing)? (?:(?:it|them|each|the (?:\w+ )?(?:dough|pastry)) )?(?:out|(?:very )?thin|between|to (?!serve))|\broll(?:ed)?\b[^.]*\b(?:thick|mm|cm|inch)/i,
  /** What is cut when it is baked; before that it is shaped. */
  'cuts up':
    /\b(?:slice|cuts? (?:it |them )?(?:in)?to (?:\w+ )?(?:squares|slices|bars|wedges|fingers|pieces)|cut (?:up|small|(?:it )?(?:warm|cold)))\b/i,
  /** It is set in the cold. */
  'needs no oven':
    /\b(?:no[- ]?bak(?:e|ing)|un-?baked|without (?:an oven|baking)|fridge (?:cake|slice)|icebox cake|raw)\b/i,
  'is cooked': /(?<!\b(?:no[- ]|un-|without (?:an )?))\b(?:bak(?:e[ds]?|ing)|oven|fry|griddle|steam|microwave)\b/i,
} as const satisfies Readonly<Record<string, RegExp>>;

export type Sign = keyof typeof SIGNS;
