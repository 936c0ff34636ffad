import type { Told } from './told';

/** "20 min with beans, 10 without": so many minutes more, without a verb or a unit. */
const MORE_WITHOUT =
  /^\W*(?:(?:and|then)\s+)*(\d{1,2})(?:\s*(?:-|–|to)\s*(\d{1,2}))?\s*(?:min\w*\.?\s*)?(?:more\s+)?without\b/i;

/** What goes on with the bake before it. */
function goesOn(one: Told, before: Told | undefined): Told {
  const more =
    one.class === null && before?.class === 'bake' && before.step === one.step
      ? MORE_WITHOUT.exec(one.text)
      : null;
  if (!more) return one;
  const low = Number(more[1]);
  const high = Number(more[2] ?? low);
  const from = one.text.indexOf(more[1]!);
  const to = from + (more[2] ? one.text.slice(from).indexOf(more[2]) + more[2].length : more[1]!.length);
  return {
    ...one,
    verb: 'bake',
    class: 'bake',
    medium: 'oven',
    minutes: { low, high },
    durations: [{ low, high, from, to }],
  };
}

/** An oven is as hot as this, °C. */
const OVEN = [90, 280] as const;
const isOven = ({ class: kind, celsius }: Told): boolean =>
  kind === null && celsius !== null && celsius >= OVEN[0] && celsius <= OVEN[1];

const BARE_MINUTES = /^\W*(\d{1,2})(?:\s*(?:-|–|to)\s*(\d{1,2}))?\W*$/;
/** How long something takes: as it is said, or "12 to 15" behind an oven. */
function timeOf({ text, minutes, durations }: Told): Pick<Told, 'minutes' | 'durations'> | null {
  if (minutes !== null) return { minutes, durations };
  const [, first, last = first] = BARE_MINUTES.exec(text) ?? [];
  if (first === undefined || last === undefined) return null;
  const [low, high] = [Number(first), Number(last)];
  const from = text.indexOf(first);
  return {
    minutes: { low, high },
    durations: [{ low, high, from, to: text.lastIndexOf(last) + last.length }],
  };
}

/** "175 degrees, lower shelf, 40-45 min": the one heat that the method names and the time behind it, by themselves. */
function bakesUnsaid(actions: readonly Told[]): readonly Told[] {
  const at = actions.findIndex(isOven);
  const [one, next] = [actions[at], actions[at + 1]];
  if (!one || !next || actions.filter(({ celsius }) => celsius !== null).length > 1) return actions;
  const time = timeOf(next);
  if (one.minutes !== null || next.step !== one.step || next.class !== null || time === null) return actions;
  const both: Told = {
    ...one,
    verb: 'bake',
    class: 'bake',
    medium: 'oven',
    to: next.to,
    text: one.text + next.text,
    minutes: time.minutes,
    until: next.until,
    durations: time.durations.map((said) => ({
      ...said,
      from: said.from + one.text.length,
      to: said.to + one.text.length,
    })),
  };
  return [...actions.slice(0, at), both, ...actions.slice(at + 2)];
}

/** Actions in which what is baked without a word that says so is a bake; heat and time by themselves are one only where the method has no other. */
export function withUnsaidBakes(actions: readonly Told[]): readonly Told[] {
  const all = actions.map((one, at) => goesOn(one, actions[at - 1]));
  return all.some(({ medium }) => medium !== null && medium !== 'chilled') ? all : bakesUnsaid(all);
}
