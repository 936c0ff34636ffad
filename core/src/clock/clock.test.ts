import fc from 'fast-check';
import ICAL from 'ical.js';
import { convert } from '../docket';
import { BUILT_IN_KITCHEN, EMPTY_REQUEST } from '../kitchen';
import { readText, runs } from '../testing';
import { momentOf } from './zone';
import { planBake, toCalendar, UnknownZoneError, wallTime, type Plan } from '.';

const result = convert(
  readText(
    'Plain layer cake\n250 g plain flour\n2 tsp baking powder\n180 g butter\n200 g caster sugar\n3 medium eggs\n150 ml milk\nMethod\nHeat the oven to 175°C. Butter two 20 cm round cake tins.\nBake for 30 to 35 minutes.',
  ),
  EMPTY_REQUEST,
  BUILT_IN_KITCHEN,
);
if (result.outcome !== 'docket') throw new Error('no docket');
const { docket } = result;
const MINUTE = 60_000;
const plan = (at: string, zone = 'Europe/Berlin', now = 0): Plan => planBake(docket, { at, zone }, now);
const stepOf = ({ steps }: Plan, id: string) => steps.find((step) => step.id === id)!;

describe('clocks of a place', () => {
  // IANA time zone database: summer time in Berlin from the last Sunday of March 02:00 to the last of October 03:00.
  it.each([
    ['Europe/Berlin', '2026-06-20T15:00', '2026-06-20T13:00'],
    ['Europe/Berlin', '2026-12-20T15:00', '2026-12-20T14:00'],
    ['America/New_York', '2026-07-04T15:00', '2026-07-04T19:00'],
    ['Asia/Kolkata', '2026-07-04T15:00', '2026-07-04T09:30'],
    ['Pacific/Chatham', '2026-07-04T15:00', '2026-07-04T02:15'],
    ['UTC', '2026-07-04T15:00', '2026-07-04T15:00'],
  ])('in %s %s is %s in UTC', (zone, at, utc) =>
    expect(momentOf({ at, zone })).toBe(Date.parse(`${utc}:00Z`)),
  );
  it('leap over an hour in spring: what they never show is that much later', () =>
    expect(wallTime(momentOf({ at: '2026-03-29T02:30', zone: 'Europe/Berlin' }), 'Europe/Berlin')).toBe(
      '2026-03-29T03:30',
    ));
  it('show an hour twice in autumn: the first is meant', () =>
    expect(momentOf({ at: '2026-10-25T02:30', zone: 'Europe/Berlin' })).toBe(
      Date.parse('2026-10-25T00:30:00Z'),
    ));
  it('come back to what was written, but for the leap', () =>
    fc.assert(
      fc.property(
        fc.constantFrom('Europe/Berlin', 'America/New_York', 'Asia/Kolkata', 'Pacific/Chatham', 'UTC'),
        fc.integer({
          min: Date.parse('2026-01-01T00:00:00Z') / MINUTE,
          max: Date.parse('2028-01-01T00:00:00Z') / MINUTE,
        }),
        (zone, minute) => {
          const shown = wallTime(minute * MINUTE, zone);
          expect(wallTime(momentOf({ at: shown, zone }), zone)).toBe(shown);
        },
      ),
      runs(6),
    ));
  it('are those of a place that exists', () =>
    expect(() => plan('2026-06-20T15:00', 'Moon/Base')).toThrow(UnknownZoneError));
});

describe('a bake day', () => {
  const day = plan('2026-06-20T15:00');
  it('ends on the table, and each step ends before the next that needs it', () => {
    expect(day.steps.at(-1)).toMatchObject({ id: 'serve', at: '2026-06-20T15:00' });
    const ends = (id: string) => stepOf(day, id).begins + stepOf(day, id).minutes * MINUTE;
    expect(ends('cool')).toBe(stepOf(day, 'serve').begins);
    expect(ends('bake')).toBe(stepOf(day, 'cool').begins);
    expect(ends('rest')).toBe(stepOf(day, 'bake').begins);
    expect(ends('preheat')).toBe(stepOf(day, 'bake').begins);
    expect(ends('mix')).toBe(stepOf(day, 'rest').begins);
    expect(ends('soften')).toBe(stepOf(day, 'mix').begins);
  });
  it('gives the bake its whole window', () =>
    expect(stepOf(day, 'bake').minutes).toBe(Math.ceil(docket.bake.minutes!.high)));
  it('is in order', () => {
    const begins = day.steps.map((step) => step.begins);
    expect(begins).toEqual([...begins].sort((a, b) => a - b));
  });
  it('lasts as long on the night on which the clocks change', () => {
    const length = ({ steps }: Plan) => steps.at(-1)!.begins - steps[0]!.begins;
    const night = plan('2026-03-29T03:45');
    expect(length(night)).toBe(length(day));
    expect(
      stepOf(night, 'soften').at.startsWith('2026-03-29T00') ||
        stepOf(night, 'soften').at.startsWith('2026-03-28T23'),
    ).toBe(true);
  });
  it('says by how much it is too late', () => {
    expect(plan('2026-06-20T15:00', 'Europe/Berlin', day.begins - 1).late).toBe(0);
    expect(plan('2026-06-20T15:00', 'Europe/Berlin', day.begins + 10 * MINUTE).late).toBe(10 * MINUTE);
  });
});

describe('its calendar', () => {
  // RFC 5545, read by a parser that we did not write (npm ical.js).
  const day = plan('2026-06-20T15:00');
  const text = toCalendar(day, 'docket-1', Date.parse('2026-06-01T00:00:00Z'));
  const events = new ICAL.Component(ICAL.parse(text) as unknown[])
    .getAllSubcomponents('vevent')
    .map((one) => new ICAL.Event(one));
  it('holds an event a step, at its moment', () => {
    expect(events).toHaveLength(day.steps.length);
    events.forEach((event, at) => {
      expect(event.summary).toBe(day.steps[at]!.words);
      expect(event.startDate.toJSDate().getTime()).toBe(day.steps[at]!.begins);
    });
  });
  it('is the same for the same plan, to the letter', () =>
    expect(toCalendar(day, 'docket-1', Date.parse('2026-06-01T00:00:00Z'))).toBe(text));
  it('has ids of its own for each docket', () => {
    expect(new Set(events.map(({ uid }) => uid)).size).toBe(events.length);
    expect(toCalendar(day, 'docket-2', 0)).not.toContain('docket-1');
  });
});
