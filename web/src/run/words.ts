import type { DayRun, PlannedTask, Timer } from '@omniarton/core/clock';
import { say } from '@omniarton/core/words';

const titleOf = (run: DayRun, { bake }: PlannedTask): string =>
  run.bakes.find(({ id }) => id === bake)?.title ?? '';

/** What a timer is called. Example: "Seed loaf: first look". */
export function timerName(run: DayRun, { task, calls }: Timer): string {
  const title = titleOf(run, task);
  const tray = task.tray ? `, tray ${task.tray.n}` : '';
  if (calls === 'swap') return `${title}${tray}: turn it, and let the shelves change places`;
  switch (task.kind) {
    case 'bake':
      return `${title}${tray}: ${calls === 'look' ? 'first look' : 'is it done?'}`;
    case 'cook':
      if (task.handsOn) return `${title}: is it done?`;
      return `${title}: ${say(task.what)}`;
    case 'preheat':
      return `${task.oven ?? 'The oven'} should be at ${task.celsius} °C`;
    case 'cool':
      return `${title} cools`;
    default:
      return `${title}: ${say(task.what)}`;
  }
}

/** Whether somebody looks whether it is done: it is the one thing to do then. */
export const asks = ({ task, calls }: Timer): boolean =>
  calls === 'cook' || (task.kind === 'bake' && calls !== 'swap');

/** "12:05", "1:02:05"; with a sign when it is over. */
export function leftOf(ms: number): string {
  const seconds = Math.round(Math.abs(ms) / 1000);
  const [hours, minutes, rest] = [Math.floor(seconds / 3600), Math.floor(seconds / 60) % 60, seconds % 60];
  const two = (n: number) => String(n).padStart(2, '0');
  return `${ms < 0 ? '+' : ''}${hours > 0 ? `${hours}:${two(minutes)}` : minutes}:${two(rest)}`;
}
