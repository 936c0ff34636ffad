import fc from 'fast-check';
import { runs } from '../testing';
import { dayLater, momentOf, UnknownZoneError, wallTime } from './zone';

const MINUTE = 60_000;

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
    expect(() => wallTime(0, 'Moon/Base')).toThrow(UnknownZoneError));
  it.each([
    ['2027-02-28', 1, '2027-03-01'],
    ['2028-02-28', 1, '2028-02-29'],
    ['2027-03-28', 1, '2027-03-29'],
    ['2027-01-01', -1, '2026-12-31'],
  ])('from %s it is %d days to %s', (day, days, then) => expect(dayLater(day, days)).toBe(then));
});
