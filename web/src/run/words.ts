import type { DayRun, PlannedTask, Timer } from '@omniarton/core/clock';
import { say } from '@omniarton/core/words';

const titleOf = (run: DayRun, { bake }: PlannedTask): string =>
  run.bakes.find(({ id }) => id === bake)?.title ?? '';

/** What a timer is called. Example: "Seed loaf: first look". */
export function timerName(run: DayRun, { task, look }: Timer): string {
  const title = titleOf(run, task);
  const tray = task.tray ? `, tray ${task.tray.n}` : '';
  switch (task.kind) {
    case 'bake':
      return `${title}${tray}: ${look ? 'first look' : 'is it done?'}`;
    case 'preheat':
      return `${task.oven ?? 'The oven'} should be at ${task.celsius} °C`;
    case 'cool':
      return `${title} cools`;
    default:
      return `${title}: ${say(task.what)}`;
  }
}

/** "12:05", "1:02:05"; with a sign when it is over. */
export function leftOf(ms: number): string {
  const seconds = Math.round(Math.abs(ms) / 1000);
  const [hours, minutes, rest] = [Math.floor(seconds / 3600), Math.floor(seconds / 60) % 60, seconds % 60];
  const two = (n: number) => String(n).padStart(2, '0');
  return `${ms < 0 ? '+' : ''}${hours > 0 ? `${hours}:${two(minutes)}` : minutes}:${two(rest)}`;
}
