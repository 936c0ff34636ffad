import { isPossible, laterBy, leastThat } from './possible';
import { problemOf } from './problem';
import type { DayAsk, Relief } from './types';

/** Nobody serves later than by this, nor gets up earlier, minutes. */
const LATEST = 12 * 60;
const EARLIEST_UP = 180;
const DAY = 24 * 60;

const clock = (minutes: number): string => {
  const within = ((minutes % DAY) + DAY) % DAY;
  return `${String(Math.floor(within / 60)).padStart(2, '0')}:${String(within % 60).padStart(2, '0')}`;
};
const minutesOf = (time: string): number => Number(time.slice(0, 2)) * 60 + Number(time.slice(3));

const earlierUp = (ask: DayAsk, minutes: number): DayAsk => ({
  ...ask,
  asleep: ask.asleep && { ...ask.asleep, to: clock(minutesOf(ask.asleep.to) - minutes) },
});

/** One more tin of a kind that is wanted twice, or more room in the fridge. */
function moreRoom(ask: DayAsk): Relief[] {
  return problemOf(ask).places.flatMap(({ id, name, room }): Relief[] => {
    if (name === null)
      return isPossible({ ...ask, fridge: room + 1 })
        ? [{ what: { code: 'give-fridge', values: { dishes: room + 1 } }, give: { kind: 'more-fridge' } }]
        : [];
    const own = ask.tins.find((one) => one.id === id)!;
    const more = { ...ask, tins: [...ask.tins, { ...own, id: `${id}+` }] };
    return isPossible(more)
      ? [{ what: { code: 'give-tin', values: { tin: name } }, give: { kind: 'one-more-tin', tin: id } }]
      : [];
  });
}

/** The smallest things to give by which a day that can't be planned could: each tried by itself, and confirmed by a plan. */
export function reliefsOf(ask: DayAsk): Relief[] {
  const reliefs: Relief[] = [];
  const later = leastThat((minutes) => isPossible(laterBy(ask, minutes)), LATEST);
  if (later !== null)
    reliefs.push({
      what: { code: 'give-later', values: { minutes: later } },
      give: { kind: 'serve-later', minutes: later },
    });
  if (ask.asleep) {
    const up = leastThat((minutes) => isPossible(earlierUp(ask, minutes)), EARLIEST_UP);
    if (up !== null)
      reliefs.push({
        what: { code: 'give-up-earlier', values: { minutes: up } },
        give: { kind: 'up-earlier', minutes: up },
      });
  }
  if (ask.bakes.length === 1) return reliefs;
  if (isPossible({ ...ask, hands: ask.hands + 1 }))
    reliefs.push({
      what: { code: 'give-hands', values: { hands: ask.hands + 1 } },
      give: { kind: 'one-more-pair-of-hands' },
    });
  const [oven] = ask.ovens;
  if (oven && isPossible({ ...ask, ovens: [...ask.ovens, { ...oven, id: `${oven.id}+` }] }))
    reliefs.push({
      what: { code: 'give-oven', values: { ovens: ask.ovens.length + 1 } },
      give: { kind: 'one-more-oven' },
    });
  reliefs.push(...moreRoom(ask));
  for (const bake of ask.bakes)
    if (isPossible({ ...ask, bakes: ask.bakes.filter((one) => one !== bake) }))
      reliefs.push({
        what: { code: 'give-without', values: { title: bake.docket.title } },
        give: { kind: 'without', bake: bake.id },
      });
  return reliefs;
}
