import { HOUSE_PREFIX } from '../../guard';
import { isOfBlend } from '../../read';
import type { Catalogue } from '../../catalogue';
import { doesIt, getIngredient } from '../../catalogue';
import { FLOUR_BLEND, type Renamed } from './renamed';
import { andList, spokenName } from './spoken';
import { WHIPS_COLD } from './data/madeFirst';
import type { DocketLine, DocketPart } from '../types';

/** Something that is done before the recipe's own steps. */
export interface Preparing {
  readonly id: string;
  readonly text: string;
  readonly because: string;
  readonly uses: readonly string[];
}

const isNew = ({ source, id }: DocketLine) => source === null && !isOfBlend(id);
const STIRRED = new Set(['binder', 'leavener', 'acid']);

/** The powders that a rule brought in, which go through the flour: gum, and lift that wasn't there. */
export const stirredIn = ({ lines }: DocketPart, catalogue: Catalogue): DocketLine[] =>
  lines.filter((line) => {
    if (!isNew(line) || line.ingredient === null || line.grams === null) return false;
    const one = getIngredient(catalogue, line.ingredient);
    return STIRRED.has(one.role) && !doesIt(one, 'gels when soaked') && one.composition.water < 50;
  });

const named = (lines: readonly DocketLine[]) => [...new Set(lines.map(({ name }) => spokenName(name)))];

/** What a part is called; one that has no name is what the bake is of. */
const calledFor = ({ name }: DocketPart, bowl: string): string =>
  (name ?? bowl)
    .toLowerCase()
    .replace(/\s*\([^)]*\)|[*_:#]/g, '')
    .trim()
    .replace(/^(?:for )?(?:the )?/, '')
    .replace(/^(?:dry|wet)$/, '$& ingredients');

/** What goes through the flours of a part: what a rule brought in, and what no step of the page names. */
const throughFlour = (
  part: DocketPart,
  forgotten: ReadonlySet<string>,
  catalogue: Catalogue,
): DocketLine[] => [...part.lines.filter(({ id }) => forgotten.has(id)), ...stirredIn(part, catalogue)];

/** The flours of some parts that have the same, stirred together with what goes through them. */
function blendOf(
  parts: readonly DocketPart[],
  several: boolean,
  bowl: string,
  forgotten: ReadonlySet<string>,
  catalogue: Catalogue,
): Preparing | null {
  const [part] = parts as [DocketPart];
  const flours = part.lines.filter(({ id, grams }) => isOfBlend(id) && grams !== null);
  const powders = throughFlour(part, forgotten, catalogue);
  const jar = flours.find(({ ingredient }) => ingredient?.startsWith(HOUSE_PREFIX));
  const names = named(flours);
  const [first = ''] = names;
  const called = parts.map((one) => calledFor(one, bowl)).filter((name) => name !== '');
  const whose =
    several && called.length > 0
      ? ` for the ${andList(called)}${called.length > 1 ? ', each by itself' : ''}`
      : '';
  const base = {
    id: `stir-blend${several ? `:${part.id}` : ''}`,
    because: 'flours part in the jar, and gum clumps where it meets water first',
    uses: parts.flatMap((one) =>
      [
        ...one.lines.filter(({ id, grams }) => isOfBlend(id) && grams !== null),
        ...throughFlour(one, forgotten, catalogue),
      ].map(({ id }) => id),
    ),
  };
  if (jar)
    return {
      ...base,
      text: `Stir ${jar.name} in its jar before you measure it: flours part.${powders.length > 0 ? ` Stir the ${andList(named(powders))} into what you weighed.` : ''}`,
    };
  if (names.length === 1)
    return powders.length === 0
      ? null
      : { ...base, text: `Stir the ${andList(named(powders))} through the ${first}${whose}.` };
  return {
    ...base,
    text: `Whisk together the ${andList([...names, ...named(powders)])}${whose}: this is ${whose === '' ? 'the' : 'its'} ${FLOUR_BLEND}.`,
  };
}

/** Coconut cream whips only when it is cold through: that is begun the day before. `whips`: the method whips cream. */
const coldFirst = (
  renamed: readonly Renamed[],
  whips: boolean,
  forPart: (part: string) => string,
): Preparing[] =>
  renamed
    .filter(({ now, was }) => whips && now === WHIPS_COLD.now && was === WHIPS_COLD.was)
    .slice(0, 1)
    .map(({ ids, part }) => ({
      id: 'chill-cream',
      text: `The evening before, chill the ${WHIPS_COLD.now}${forPart(part)} in its tin: it whips only when it is cold, and without the water below it.`,
      because: 'it stands in for cream that is whipped',
      uses: ids,
    }));

/**
 * Blends, and stand-ins that are made before they go in. `whips`: the method whips cream. `bowl`: what a part without a name is, dough
 * or batter. `forgotten`: ids of dry things that no step of the page names.
 */
export function preparing(
  parts: readonly DocketPart[],
  renamed: readonly Renamed[],
  bowl: string,
  whips: boolean,
  forgotten: ReadonlySet<string>,
  catalogue: Catalogue,
): Preparing[] {
  const built = parts.filter(({ lines }) => lines.some(({ id, grams }) => isOfBlend(id) && grams !== null));
  const inIt = (part: DocketPart) =>
    named([
      ...part.lines.filter(({ id }) => isOfBlend(id)),
      ...throughFlour(part, forgotten, catalogue),
    ]).join();
  const alike = [...new Set(built.map(inIt))].map((key) => built.filter((part) => inIt(part) === key));
  const seen = new Set<string>();
  const made = renamed.flatMap(({ made: one, line }): Preparing[] => {
    if (!one) return [];
    const text = one.how.how(one.lines.map(({ name }) => spokenName(name)));
    if (seen.has(text)) return [];
    seen.add(text);
    return [
      {
        id: `made:${line}`,
        text,
        because: 'it stands in for something, and takes its time',
        uses: one.lines.map(({ id }) => id),
      },
    ];
  });
  const forPart = (id: string): string => {
    const part = parts.length > 1 ? parts.find((one) => one.id === id) : undefined;
    // What is called by what it was made of says nothing more, and isn't there any more.
    return part?.name && !/^to |\bcream\b/i.test(part.name) ? ` for the ${calledFor(part, bowl)}` : '';
  };
  return [
    ...coldFirst(renamed, whips, forPart),
    ...made,
    ...alike.flatMap((those) => blendOf(those, built.length > 1, bowl, forgotten, catalogue) ?? []),
  ];
}
