import type { Looks, Profile } from '../family';
import { cookedWords } from '../words';
import { HOUSE_PREFIX } from '../guard';
import { editsFor, type BoundStep, type Bowl, type Technique, type TechniqueId } from '../method';
import { bakeWords, coldWords, coolWords } from './heatWords';
import { sayMinutes } from './sayMinutes';
import type { Docket, DocketBake, DocketPart, DocketStep, DocketTin } from './types';

/** A step without the number that it was written with: lists give it their own. */
export const unnumbered = (step: string): string => step.replace(/^\s*\d{1,2}\s*[.)]\s*/, '');

export interface Facts {
  readonly parts: readonly DocketPart[];
  readonly tins: readonly DocketTin[];
  readonly rest: Docket['rest'];
  readonly bake: DocketBake;
  readonly profile: Profile;
  readonly looks: Looks;
}

function restWords({ rest, profile, looks }: Facts): string {
  const [low, high] = rest.minutes;
  if (rest.cold)
    return `Portion the dough, then rest it in the cold for at least ${sayMinutes(low)} (up to ${sayMinutes(high)}): the flours go on drinking, and it spreads less.${coldWords(rest)} Then: ${looks.rested}.`;
  const span = low === high ? sayMinutes(low) : `${low} to ${sayMinutes(high)}`;
  return `Let the ${profile.texture} rest for ${span} before you judge it: it looks thin at first and thickens as the flours drink. Then: ${looks.rested}.`;
}

/** Fruit that is rolled in something dry sinks less: common practice. */
function divideWords({ tins }: Facts): string {
  const all = tins.reduce((sum, { count }) => sum + count, 0);
  const [{ batter }] = tins as [DocketTin];
  const folded = tins.flatMap(({ count, folded: into, minutes }) =>
    into
      ? [
          `Roll ${Math.round(into.grams)} g ${into.name} in a spoonful of the blend and fold it into the batter of ${count === 1 ? 'one' : `each of ${count}`}${
            minutes
              ? `: about ${Math.round(minutes.low)}–${Math.round(minutes.high)} minutes in the oven`
              : ''
          }.`,
        ]
      : [],
  );
  return [`Divide the batter: ${Math.round(batter)} g into each of ${all} tins.`, ...folded].join(' ');
}

const blendWords = ({ parts }: Facts, bowl: Bowl) => {
  const gum = bowl.which('stirred through flour');
  const binder = parts.flatMap(({ lines }) => lines).find(({ ingredient }) => ingredient === gum);
  const jar = parts
    .flatMap(({ blend }) => blend)
    .find(({ ingredient }) => ingredient.startsWith(HOUSE_PREFIX));
  if (jar)
    return `Stir ${jar.name} in its jar before you measure it: flours part.${binder ? ` Stir the ${binder.name} into what you weighed.` : ''}`;
  return `Stir the flours of the blend together${binder ? `, the ${binder.name} with them,` : ''} before anything else: they part in the jar.`;
};

/** What a technique says; the numbers in it are the docket's. */
const WORDS: Readonly<Record<TechniqueId, (facts: Facts, bowl: Bowl) => string>> = {
  'stir-blend': blendWords,
  scald: () => 'Stir the meal into the hot milk and leave it for 10 minutes: it softens and loses its grit.',
  soak: () => 'Stir husk or seed into the liquid and leave it to gel for 10 minutes; never dry by the spoon.',
  'cook-starch': (_, { cooked }) =>
    `Cook the starch: ${cooked ? cookedWords(cooked) : ''}. Stir over a gentle heat until it thickens, then let it cool to lukewarm.`,
  'sift-soda': () => 'Sift the soda in: a lump of it can be tasted.',
  'beat-longer': () =>
    'Beat it two minutes longer than you would with wheat: it toughens nothing, and the flours drink.',
  'overmix-dropped': () => 'There is no gluten to toughen: beat until smooth.',
  'overmix-kept': (_, { delicate }) =>
    delicate === 'foam'
      ? 'This still counts: what would be lost is the air.'
      : delicate === 'nut butter'
        ? 'This still counts: a nut or seed butter turns oily when it is worked.'
        : 'This still counts: worked too long the fat melts, and it bakes hard.',
  look: ({ looks }) => `Look for: ${looks.mixed}.`,
  'citrus-last': () =>
    'The mild liquid first, well mixed in, then the citrus: straight together they curdle.',
  temper: () =>
    'Never egg straight into what is hot: let it cool to lukewarm, or stir a little of it into the eggs first. A melted fat that is hard when cold sets on cold eggs: have them at room temperature.',
  dust: () => 'Dust with a flour or starch without gluten, never with wheat.',
  'no-knead': () => 'Don’t knead: there is no gluten to develop. Beat it smooth with a spoon or paddle.',
  'one-proof': () =>
    'Leave out this first rise: shape at once, and let it rise one time, in its tin or on its tray.',
  'between-sheets': () => 'Roll it between two sheets of baking paper, and press cracks together again.',
  'split-foam': () =>
    'Whip the chickpea brine to soft peaks first, then rain in the sugar by the spoon until it is stiff and glossy.',
  divide: divideWords,
  rest: restWords,
  'bake-time': ({ bake }) => bakeWords(bake),
  cool: ({ bake, profile }) => coolWords(bake, profile),
  'slice-cold': () => 'Cut it only when it is cold: warm, the crumb still gums and tears.',
};

/** Steps of their own keep these ids; the others by their technique. */
const newStep = (id: TechniqueId, text: string, because: string): DocketStep => ({
  id: `new:${id}`,
  source: null,
  text,
  changed: true,
  bound: true,
  because: [because],
});

/** The method of the docket: the recipe's steps as written, with what is said to some of them, and the new steps between. */
export function writeMethod(steps: readonly BoundStep[], bowl: Bowl, facts: Facts): DocketStep[] {
  // A rest that a step of the recipe has already isn't told twice.
  const edits = editsFor(steps, bowl).filter(({ technique }) => !(technique.id === 'rest' && facts.rest.own));
  const at = (step: string | null, place: Technique['place']) =>
    edits.flatMap((edit) => (edit.step === step && edit.technique.place === place ? [edit.technique] : []));
  const asSteps = (techniques: readonly Technique[]) =>
    techniques.map(({ id, reason }) => newStep(id, WORDS[id](facts, bowl), reason));
  const written = steps.flatMap(({ id, source, bound }): DocketStep[] => {
    const notes = at(id, 'note');
    const said = notes.map((one) => WORDS[one.id](facts, bowl));
    return [
      ...asSteps(at(id, 'before')),
      {
        id,
        source,
        text: [source, ...said].join(' — '),
        changed: said.length > 0,
        bound,
        because: notes.map(({ reason }) => reason),
      },
      ...asSteps(at(id, 'after')),
    ];
  });
  const loose = (['before', 'note', 'after'] as const).flatMap((place) => asSteps(at(null, place)));
  return [...written, ...loose];
}
