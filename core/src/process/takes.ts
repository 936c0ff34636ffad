import type { Bindings, Part, Scales } from '../read';
import { UNTIL } from './actions';
import type { Told } from './told';
import { linesNamedIn, spokenOf, type Called } from './called';
import { EVERYTHING, LEFT_OUT } from './data/roleWords';
import { firstFew } from './firstFew';
import { partsCalled } from './flows';
import { saysAllOf, shareSaid } from './shares';
import { FLOUR_ROLES } from '../vocabulary';
import type { Take } from './types';

/** Of lines that are called alike the one of the part that this step is about, and that is still there. */
function meant(named: readonly Called[], part: string, left: (line: string) => number): Called[] {
  const there = named.filter(({ line }) => left(line) > 0);
  // "Beat in egg and yolk" is the dough's "1 egg + 1 yolk", and none of the custard's three yolks; its flour is no cornflour of that.
  const alike = (one: Called, other: Called) => {
    const isIn = ({ name, role }: Called['items'][number]) =>
      other.items.some(
        (its) =>
          its.name === name ||
          (its.role === 'egg' && role === 'egg') ||
          (FLOUR_ROLES.has(its.role) && FLOUR_ROLES.has(role)),
      );
    // Of a list on one line what is named is one of its things, and that is this part's own.
    return one.part !== part && one.items.length > 1 ? one.items.some(isIn) : one.items.every(isIn);
  };
  // What its own part has used up is still what is meant: "fold the whites into the yolks".
  return there.filter(
    (one) => one.part === part || !named.some((other) => other.part === part && alike(one, other)),
  );
}

/** The part that a step is about: the one that it speaks most of by what it names, the one before where it names none. */
function partOf(named: ReadonlyMap<string, number>, before: string): string {
  const worth = ([part, count]: readonly [string, number]) => (part === before ? 1.5 * count : count);
  const [best] = [...named].sort((a, b) => worth(b) - worth(a));
  return best?.[0] ?? before;
}

/** What a tin is greased and dusted with is no line that holds more than that, nor all the flour of a cake: g. */
const MOST_ON_A_TIN = 60;
const mayDressATin = ({ items, whole }: Called): boolean =>
  items.length === 1 && (whole === null || whole.grams <= MOST_ON_A_TIN);

/** A step that was parted in sentences is still the page's. */
const pageStep = (id: string): string => id.split('/')[0]!;

/** "Cream together butter and sugar" takes no cream. */
const CREAMS =
  /(?<=^\W*|[.;,]\s*|\b(?:and|then) )cream(?:ed)? (?=together\b|the\b|until\b|till\b|butter\b|marg)/gi;

export interface Taken {
  readonly takes: readonly Take[];
  /** The parts whose mixtures go in whole. */
  readonly gives: readonly string[];
  /** The part that its mixture belongs to. */
  readonly part: string;
}

/** "Combine the water and the sugar" takes the water's own line, and none of "1 egg yolk beaten with 1 tbsp water" where that has its own use. */
function byOwnLine(named: readonly Called[], text: string): Called[] {
  const alone = new Set(named.flatMap(({ items }) => (items.length === 1 ? items[0]!.name : [])));
  const beside = (one: Called) => ({ ...one, items: one.items.filter(({ name }) => !alone.has(name)) });
  return named.filter((one) => {
    const others = beside(one);
    const shares = one.items.length > 1 && others.items.length < one.items.length && others.items.length > 0;
    return !shares || linesNamedIn(text, [others]).length > 0;
  });
}

/**
 * Of two lines of one food that which an action names by its amount waits for it: the 10 cups of water are to boil in, and none of
 * the dough's. By its line the place of that action.
 */
function keptBack(
  actions: readonly Told[],
  called: readonly Called[],
  scales: Scales,
): ReadonlyMap<string, number> {
  const foods = called.flatMap(({ whole }) => whole?.ingredient ?? []);
  const twice = called.filter(
    ({ whole }) => whole !== null && foods.indexOf(whole.ingredient) !== foods.lastIndexOf(whole.ingredient),
  );
  return new Map(
    twice
      .map((one) => [one.line, actions.findIndex(({ text }) => saysAllOf(text, one, scales))] as const)
      .filter(([, at]) => at > 0),
  );
}

/** What each action takes of each line: shares of a line sum to one at most. `under`: the part whose list a step stands under. */
export function takesOf(
  actions: readonly Told[],
  called: readonly Called[],
  parts: readonly Part[],
  main: Part | undefined,
  bound: Bindings['takes'],
  under: ReadonlyMap<string, string>,
  scales: Scales,
): Taken[] {
  const used = new Map<string, number>();
  const left = (line: string) => 1 - (used.get(line) ?? 0);
  const waits = keptBack(actions, called, scales);
  let part = called[0]?.part ?? '';
  let step = '';
  return actions.map((action, at): Taken => {
    const text = action.text.replace(UNTIL, ' ').replace(CREAMS, ' ');
    const instead = bound[action.step];
    if (action.step !== step) {
      step = action.step;
      const whole = actions.filter((one) => one.step === step).map((one) => one.text);
      part = partOf(spokenOf(whole.join(' '), called), under.get(pageStep(step)) ?? part);
    }
    const { called: mentioned, into, gives } = partsCalled(text, action.class, parts, main);
    part = (into ?? mentioned[0])?.id ?? part;
    const own = called.filter((one) => one.part === part);
    const all = EVERYTHING.test(text) ? own : own.slice(0, firstFew(text)?.many ?? 0);
    const out = new Set(
      all.length === 0 ? [] : linesNamedIn(LEFT_OUT.exec(text)?.[0] ?? '', called, instead),
    );
    const there = [...new Set([...byOwnLine(linesNamedIn(text, called, instead), text), ...all])].filter(
      (one) => !out.has(one) && !(at < (waits.get(one.line) ?? 0)),
    );
    const byHand = there.filter(({ line }) => instead?.some((one) => one.instead === line));
    const whole = action.class === 'line-tin' ? there.filter(mayDressATin) : there;
    const named = [...new Set([...byHand, ...meant(whole, part, left)])];
    const takes = named.map((one): Take => {
      const share = Math.min(left(one.line), shareSaid(text, one, scales));
      used.set(one.line, (used.get(one.line) ?? 0) + share);
      return { line: one.line, share };
    });
    return { takes: takes.filter(({ share }) => share > 1e-9), gives: gives.map(({ id }) => id), part };
  });
}
