import type { PanShape } from '../../vocabulary';

/** What a batter stands in: its walls and its room. */
export interface VesselRow {
  /** One of it, as a sentence calls it. */
  readonly name: string;
  /** It has a usual size of its own, and is called by its name alone. */
  readonly named: boolean;
  readonly heightCm: number;
  /** By how much its rim, which is what people measure, is wider than its middle, cm. */
  readonly taperCm: number;
  /** Heat that comes through its wall, W/(m²·K), radiation with it; the sheet between the cups of a pan gathers heat for them. */
  readonly wall: number;
  /** How many there usually are: one tin, or as many cups as the batter fills. */
  readonly one: boolean;
}

/** All that is known of a pan. Measures are those where nobody measured it, cm: what a recipe means by the word. */
export interface PanRecord {
  readonly name: string;
  /** What names it in a method. The first row whose words are said counts; "a tin" alone names none. */
  readonly words: RegExp;
  readonly lengthCm: number;
  readonly widthCm: number;
  readonly count: number;
  /** Its floor is a circle: one measure is enough. */
  readonly round: boolean;
  /** Its sides are alike: one measure gives both. */
  readonly even: boolean;
  /** A measure beside its name is of something else: a piece, a paper. */
  readonly sizedByName: boolean;
  /** Pieces stand free on it: it has no room to fill. */
  readonly free: boolean;
  /** Of ceramic where nobody says what it is of. */
  readonly crockery: boolean;
  /** How wide the tube in its middle is, share of its width; null where there is none. */
  readonly tube: number | null;
  /** How much more batter stands in the middle of a narrow, deep tin, or of a round trough, than at its walls. */
  readonly crown: number;
  readonly vessel: VesselRow;
  /** Narrower ones of the same kind, called by their own name: cm across. */
  readonly also: Readonly<Record<string, VesselRow & { readonly acrossCm: number }>>;
}

const tin = (name: string, heightCm: number, more: Partial<VesselRow> = {}): VesselRow =>
  ({ name, named: false, heightCm, taperCm: 0, wall: 16, one: true, ...more });
const cup = (name: string, heightCm: number, more: Partial<VesselRow> = {}): VesselRow =>
  ({ name, named: true, heightCm, taperCm: 0.5, wall: 23, one: false, ...more });
const TIN = { count: 1, round: false, even: false, sizedByName: false, free: false, crockery: false, tube: null, crown: 1, also: {} } as const;
const ROUND = { ...TIN, round: true, even: true } as const;
const CUPS = { ...ROUND, sizedByName: true } as const;

export const PANS: { readonly source: string; readonly confidence: 'from-memory'; readonly rows: Readonly<Record<PanShape, PanRecord>> } = {
  source: 'usual household tins and cups, measured at the rim (common practice); film coefficients of metal (16–20) and of glazed ceramic (8–12), heights, tubes and crown from memory', confidence: 'from-memory',
  rows: {
    'muffin-mini':  { ...CUPS, name: 'mini muffin cups', words: /\bmini[- ](?:muffin|cupcake|bun)\b/i, lengthCm: 4.5, widthCm: 4.5, count: 24, vessel: cup('mini muffin cup', 2.1) },
    'muffin-jumbo': { ...CUPS, name: 'jumbo muffin cups', words: /\bpopover[- ](?:pans?|tins?|cups?)\b|\b(?:jumbo|giant|texas)[- ](?:muffin|tins?|cups?|cases?|papers?)\b/i, lengthCm: 8.5, widthCm: 8.5, count: 6, vessel: cup('jumbo muffin cup', 4.6, { wall: 16 }) },
    'muffin':       { ...CUPS, name: 'muffin cups', words: /\b(?:muffin|cupcake|bun|fairy cake|patty)[- ](?:tins?|pans?|trays?|cases?|cups?|holes?)\b|\b\d+[- ](?:hole|cup) (?:\([^)]*\) )?(?!(?:fluted |nonstick )?(?:bundt|tube|ring|fluted))(?:\w+ ){0,2}(?:tin|pan|tray)|\bpaper cases\b|(?:^|[.)]\s)cases\b|\b(?:in|into|between|among|fill) (?:the |\d+ |twelve |six |well )*(?:greased |lined |buttered )*(?:cases|cups)\b(?! of)|\b(?:\d+|twelve|six) (?:paper )?cases\b|\bcavities\b|\b(?:silicone|madeleine|financier|friand) (?:moulds?|tins?|trays?|pans?)\b/i, lengthCm: 6.5, widthCm: 6.5, count: 12, vessel: cup('muffin cup', 3.5, { wall: 20 }), also: { 'cupcake': { ...cup('cupcake cup', 3.3, { wall: 20 }), acrossCm: 6.3 } } },
    'loaf':         { ...TIN, name: 'loaf tin', words: /\bloaf[- ](?:tins?|pans?)\b|\b(?:900 ?g|450 ?g|[12] ?-?lbs?) (?:loaf|loaves|tins?|ones?)\b/i, lengthCm: 23, widthCm: 13, crown: 1.14, vessel: tin('loaf tin', 7, { taperCm: 1.5 }) },
    'ring':         { ...ROUND, name: 'ring tin', words: /\b(?:ring|tube|savarin|bundt|gugelhupf|kugelhopf|angel)[- ](?:cake )?(?:tins?|pans?|moulds?)\b|\bfluted (?:cake )?(?:pans?|moulds?)\b(?! \(?(?:loose|with))|\bbundt\b|\d\s?(?:"|”|in(?:ch)?|cm)?[- ]tube\b/i, lengthCm: 25, widthCm: 25, tube: 0.32, crown: 1.1, vessel: tin('ring tin', 9, { taperCm: 2, wall: 14 }) },
    'springform':   { ...ROUND, name: 'springform tin', words: /\bspring-?forms?\b/i, lengthCm: 23, widthCm: 23, vessel: tin('springform tin', 7) },
    'ramekin':      { ...ROUND, name: 'ramekins', words: /\b(?:ramekins?|dariole|(?:mini|small|individual|single) pudding (?:tins?|moulds?|basins?)|little pots|savarins?|tea ?cups?(?! of))\b/i, lengthCm: 8.5, widthCm: 8.5, count: 4, crockery: true, vessel: tin('ramekin', 4.5, { wall: 11, one: false }) },
    'mug':          { ...CUPS, name: 'mugs', words: /\b(?:in|into|for) (?:the |a |one |each |\d+ (?:big )?)?(?:\w+ )?mugs?\b|\bmugs?\b(?! of)/i, lengthCm: 8, widthCm: 8, count: 1, crockery: true, vessel: cup('mug', 9, { taperCm: 0, wall: 11 }) },
    'rect':         { ...TIN, name: 'oblong tin', words: /\b(?:swiss[- ]roll|jelly[- ]roll|lamington|traybake|quarter[- ]sheet|rectangular|oblong|sheet[- ]?cake)[- ]?(?:\w+ )?(?:tins?|pans?|trays?|sheet)?\b|\b(?:slice|brownie|roasting)[- ](?:\w+ )?(?:tins?|pans?|trays?|sheet)\b|\b(?:half-)?sheet[- ]pans?\b|\bquarter sheet\b|\b(?:baking|oven(?:proof)?|gratin|casserole) dish\b|\bin(?:to)? (?:an? )?(?:well[- ])?(?:greased|buttered|oiled|lined|ungreased) \d{1,2}"? ?[x×] ?\d{1,2}\b(?! ?(?:cm|mm))/i, lengthCm: 33, widthCm: 23, vessel: tin('oblong tin', 5) },
    'square':       { ...TIN, name: 'square tin', words: /\bsquare (?:\w+ )?(?:tins?|pans?|dish)|\b(?:tin|pan)[^.]{0,12}\bsquare\b|\bsq\b|\b(?:(?:1[4-9]|[23]\d)[ -]?cm|(?:[6-9]|1[0-4])[ -]?(?:inch|in\.?|["”]))[ -]square\b(?! cutter| piece)/i, lengthCm: 20.3, widthCm: 20.3, even: true, vessel: tin('square tin', 5) },
    'round':        { ...ROUND, name: 'round tin', words: /\b(?:round (?:\w+ )?(?:tins?|pans?)|sandwich[- ]tins?|layer (?:cake )?(?:tins?|pans?)|cake (?:tins?|pans?)|(?:tart|flan|quiche|pie)[- ](?:tins?|pans?|plates?|dish(?:es)?|rings?|cases?)|pie plate|loose-?(?:bottomed|based) (?:\w+ )*(?:tins?|pans?)|basins?|pudding bowl|fluted tin|ring, prick)\b/i, lengthCm: 20.3, widthCm: 20.3, vessel: tin('round tin', 5) },
    'skillet':      { ...ROUND, name: 'skillet', words: /\b(?:skillet|(?:oven-?proof |heavy )?frying pan(?= and (?:heat|melt|caramel))|oven-?proof (?:frying )?pan|cast[- ]iron|griddle)\b/i, lengthCm: 26, widthCm: 26, vessel: tin('skillet', 5, { wall: 18 }) },
    'tray':         { ...TIN, name: 'pieces on a tray', words: /\b(?:baking|cookie|oven|biscuit)[- ](?:sheets?|trays?|slides?)\b|\b(?:greased|lined|floured|two|2|\d|the|a|on|per|each) (?:\w+ )?(?:trays?|slides?)\b|\b(?:lined|parchment-lined|greased|ungreased|paper-lined|\d|two|to a|per|on the|a|each) (?:\w+ )?sheets?\b(?! (?:of|puff|pan|gelatine))|\bsilicone mat\b/i, lengthCm: 40, widthCm: 30, sizedByName: true, free: true, vessel: tin('scoop on a tray', 5, { wall: 18, one: false }) },
  },
};

/** Pieces that stand free on a tray, not in a tin. */
export const standsFree = ({ shape }: { readonly shape: PanShape }): boolean => PANS.rows[shape].free;
