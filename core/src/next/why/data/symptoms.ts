import type { SymptomId } from '../../../vocabulary';

/** Words in which people say so: as bakers put it, common practice, no source. */
export const SYMPTOM_WORDS: Readonly<Record<SymptomId, RegExp>> = {
  gummy:
    /\bgumm(?:y|iness)|\bsticky (?:inside|crumb)|\bpasty|\bgluey|\bstuck to (?:the )?(?:knife|teeth)|\bclaggy/i,
  'wet-line':
    /\b(?:gummy|wet|dense|damp|rubbery|sticky|dark|heavy) (?:line|layer|streak|band|bottom)|\bline (?:at|along|near) the (?:bottom|base)/i,
  raw: /\braw\b|\bundercooked|\bunderdone|\bunbaked|\buncooked|\bdoughy|\bliquid (?:centre|center|middle)|\brunny (?:centre|center|middle|inside)/i,
  wet: /\bwet (?:crumb|inside|middle|centre|center|batter)?|\bdamp\b|\bsoggy (?!base|bottom|crust)|\bmoist to the point/i,
  'soggy-base':
    /\bsoggy (?:base|bottom|crust|underneath)|\b(?:base|bottom) (?:is |was |stayed )?(?:soggy|wet|soft)/i,
  'soft-shell':
    /\bsoft (?:shells?|crust|edges?)|\b(?:shells?|crust|edges?) (?:went |were |is |was )?(?:soft|limp)|\bnot crisp/i,
  crumbly: /\bcrumbl(?:y|es|ed|ing)\b|\bsandy and dry/i,
  'falls-apart':
    /\bf(?:alls?|ell|alling) (?:apart|to (?:bits|pieces))|\bbreaks? (?:up|apart)|\bbroke (?:up|apart|when)|\bwon.t hold|\bdoes(?:n.t| not) hold|\bcan.t be (?:sliced|lifted|rolled)/i,
  'cracks-rolling':
    /\bcrack(?:s|ed|ing)? (?:when|as|while|on being) (?:it (?:is|was) )?(?:roll|lined|shaped|folded)|\btears? when/i,
  dry: /\bdry\b(?! next| on day| the next| by)/i,
  'dry-later':
    /\b(?:dry|hard|crumbly|stale|tough|firm) (?:the )?(?:next day|on day|by day|by the (?:next|evening)|after a (?:day|night)|overnight|a day later|on the second)|\bstal(?:e|ed|ing)\b|\bday 2\b|\bsecond day/i,
  gritty: /\bgritt(?:y|iness)|\bsandy\b(?! and)|\bgrainy|\bgrains? (?:in|on|between)|\brough on the tongue/i,
  'sugar-gritty':
    /\bsugar(?:y)? (?:grains|crystals|specks)|\bgrains? of sugar|\bweep(?:s|ing|ed)?\b|\bbeads? of syrup|\bsyrup (?:leaked|beads|pooled)|\bspeckled (?:top|crust)/i,
  dense: /\bdens(?:e|er)\b|\bheavy\b(?! line| layer| bottom)|\bstodgy|\bsolid\b|\bclose(?:d)?\b|\bcompact/i,
  tight: /\btight\b|\bclose (?:crumb|texture)|\bno (?:holes|open crumb)/i,
  flat: /\bflat\b|\bflat(?:ter)? tops?\b|\blow (?:rise|tops?)|\bsquat/i,
  'no-rise':
    /\b(?:did ?n.t|did not|hardly|barely|never|no) ris(?:e|en)|\b(?:hardly|barely) rose|\bpoor(?:ly)? (?:rise|risen)|\bno lift/i,
  sunk: /\bs[aui]nk(?:en|s)?\b|\bdip(?:ped)? in the middle|\bfell in the (?:middle|centre|center)|\bfallen (?:centre|center|middle)|\bhollow(?:ed)? (?:in the )?middle|\bcrater/i,
  collapsed:
    /\bcollaps(?:e|ed|es|ing)|\bdeflat|\bcav(?:ed|es) in|\bfell (?:flat|down|as)|\bshr(?:ank|unk|ink)/i,
  'domed-cracked':
    /\bdom(?:ed|e)\b|\bpeaked|\bvolcano|\bburst\b|\bsplit (?:open )?(?:top|on top|along)|\bcracked (?:open|top|tops|on top|wide)/i,
  cracked: /\bcrack(?:s|ed|ly|ing)?\b/i,
  'coarse-holes':
    /\b(?:coarse|large|big|uneven|long) (?:holes|crumb|bubbles|texture)|\btunnel(?:s|led|ling)?|\bopen, coarse/i,
  greasy: /\bgreas(?:y|e)|\boily|\bleaked fat|\bfat (?:leaked|ran|pooled)|\bbutter (?:leaked|ran|pooled)/i,
  spread:
    /\bspread (?:thin|too|far|out|flat|wide|a lot|into)|\bran (?:thin|flat|out)|\bthin and (?:wide|flat)|\blacy|\bpuddle/i,
  'lost-shape':
    /\blost (?:its|their|the) (?:shape|edges?|pattern)|\bblurred|\bran into (?:each other|one)|\bslump(?:ed|s)?|\bslid (?:down|off)|\bpattern (?:gone|lost)/i,
  'no-spread':
    /\b(?:did ?n.t|did not|hardly|barely|never) spread|\bno spread|\bstayed (?:in )?(?:balls?|mounds?|domed|tall)|\bstood still/i,
  cakey: /\bcak(?:e)?y\b|\bcake-like|\bbready/i,
  tough: /\btough|\brubber(?:y)?\b|\bleather|\bspring(?:y|s) like|\bchewy like|\bbounc(?:y|es)/i,
  hard: /\bhard\b(?! (?:the )?(?:next day|on day|by))|\bbrittle|\brock|\bhard edges?/i,
  pale: /\bpale\b|\bwhite on top|\bno colou?r|\bblond|\bdid(?:n.t| not) brown|\banaemic/i,
  dark: /\b(?:too |over)dark|\btoo brown|\bdark(?:er)?\b(?! line)|\bburn(?:t|ed)|\bscorched|\boverbrowned|\bblack(?:ened)? (?:edges?|bottom)/i,
  soapy: /\bsoap(?:y)?\b|\bmetallic|\bchemical|\bbicarb|\bsoda taste|\btastes? of soda|\balkaline/i,
  bitter: /\bbitter|\bacrid|\bburnt taste/i,
  eggy: /\begg(?:y|-like)|\bomelette?|\bscrambled|\bquiche/i,
  beany: /\bbean(?:y)?\b|\bgrassy|\braw (?:pea|bean|flour|legume)|\bpea taste|\bearthy/i,
  chalky: /\bchalk(?:y)?|\bpowdery|\bcottony|\bstarchy|\bsqueak/i,
  stuck: /\bstuck (?:to the (?:tin|pan|paper)|in the tin)|\bwon.t come out|\bleft half/i,
  overflowed: /\boverflow|\bran over|\bover the (?:rim|edge|side) of|\bspilled|\bmushroom(?:ed)? over/i,
  green: /\bgreen|\bblue|\bteal/i,
  mould: /\bmou?ld|\bsour smell|\brancid|\bropy|\bsmells? off|\bturned\b/i,
  patchy: /\bpatch(?:y|es)|\bblotch|\bunevenly brown|\bspots?\b/i,
};

/** Somebody who says so doesn't complain. */
export const MILD =
  /\bslight(?:ly)?|\ba (?:little|touch|bit)\b|\bfirst one\b|\bjust\b(?! right)|\bfaint|\bsome(?:what)?\b|\bhardly worth|\brest (?:are|were) (?:fine|even|good)|\bothers? (?:are |were )?(?:\w+ )?(?:fine|even|good)|\bthan the (?:front|back|others|wheat)/i;
/** A word of praise. */
export const PRAISED =
  /\bgood\b|\bfine\b(?! (?:dark )?(?:holes|specks|grain))|\bmoist\b|\bfudgy|\btender|\beven\b(?!ing)|\bshiny|\bsoft\b|\bnice|\bliked|\bdelicious|\bas (?:it )?should|\bjust right|\bcrisp\b/i;
