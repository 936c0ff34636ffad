import type { DayAnswer } from '@omniarton/contracts';
import { mergeRuns, type DayDocument } from '@omniarton/core/clock';
import { pathTo } from '@omniarton/contracts/paths-and-errors';
import { ifVersion } from '../../api/api';
import { isAway, request, type Failure } from '../../api/http';
import { untilBack } from '../../api/untilBack';
import { failureWords } from '../../api/words';
import type { Thunk } from '../state';
import { findDay, keepDay, type DayCopy } from './dayCopy';
import { dayChanged, dayFound, daySaved, daySaving, NO_DAY } from './daySlice';

/** A change of a day, as it can be laid over whatever version is stored. */
export type DayChange = (doc: DayDocument) => DayDocument;

/** Changes that the server doesn't have yet, by household. */
const pending = new Map<string, DayChange[]>();
const sending = new Set<string>();

/** What another copy of a day knows is added to one: of one run the events of both; of anything else nothing. */
const joined = (doc: DayDocument, other: DayDocument): DayDocument =>
  doc.run && other.run?.id === doc.run.id ? { ...doc, run: mergeRuns(doc.run, other.run) } : doc;

/** Events that one run has beyond another. */
const hasMore = (one: DayDocument, than: DayDocument): boolean =>
  one.run !== null && one.run.id === than.run?.id && one.run.events.length > than.run.events.length;

const keep =
  (household: string): Thunk<void> =>
  (_dispatch, getState) => {
    const { doc, version } = getState().days[household] ?? NO_DAY;
    keepDay(household, { version, doc, unsent: (pending.get(household) ?? []).length > 0 });
  };

/** Sends what is pending until the server has it or refuses it. After a conflict the changes go over what is stored now. */
const flush =
  (household: string): Thunk<Promise<void>> =>
  async (dispatch, getState) => {
    if (sending.has(household)) return;
    sending.add(household);
    const waiting = () => pending.get(household) ?? [];
    try {
      while (waiting().length > 0) {
        const { doc, version } = getState().days[household] ?? NO_DAY;
        const count = waiting().length;
        dispatch(daySaving({ household, save: { status: 'sending' } }));
        const reply = await request<DayAnswer>(pathTo('day', { household }), {
          method: 'PUT',
          body: doc,
          headers: ifVersion(version),
        });
        if (reply.ok) {
          pending.set(household, waiting().slice(count));
          dispatch(daySaved({ household, version: reply.data.version }));
        } else if (isAway(reply.failure)) {
          dispatch(daySaving({ household, save: { status: 'offline', words: failureWords(reply.failure) } }));
          await untilBack();
        } else if (reply.failure.code === 'conflict') {
          const { stored } = reply.failure.details as { stored: DayAnswer };
          const theirs = joined(stored.doc, getState().days[household]?.doc ?? stored.doc);
          const laid = waiting().reduce((now, change) => change(now), theirs);
          dispatch(dayFound({ household, version: stored.version, doc: laid }));
        } else {
          dispatch(daySaving({ household, save: { status: 'failed', words: failureWords(reply.failure) } }));
          return;
        }
        dispatch(keep(household));
      }
    } finally {
      sending.delete(household);
    }
  };

/** Changes a day: seen at once, kept in this browser, sent as soon as it can be. */
export const changeDay =
  (household: string, change: DayChange): Thunk<void> =>
  (dispatch, getState) => {
    const { doc } = getState().days[household] ?? NO_DAY;
    pending.set(household, [...(pending.get(household) ?? []), change]);
    dispatch(dayChanged({ household, doc: change(doc) }));
    dispatch(keep(household));
    void dispatch(flush(household));
  };

/** Sends what was refused once more. */
export const sendDayAgain =
  (household: string): Thunk<void> =>
  (dispatch) =>
    void dispatch(flush(household));

/** What another tab or device knows: what it has beyond this page is taken up. */
export const heardOfDay =
  (household: string, version: number, doc: DayDocument): Thunk<void> =>
  (dispatch, getState) => {
    const known = getState().days[household];
    if (!known || (pending.get(household) ?? []).length > 0) {
      if (known && hasMore(joined(known.doc, doc), known.doc))
        dispatch(dayChanged({ household, doc: joined(known.doc, doc) }));
      return;
    }
    if (version < known.version && !hasMore(joined(known.doc, doc), known.doc)) return;
    const both = joined(version < known.version ? known.doc : doc, version < known.version ? doc : known.doc);
    dispatch(dayFound({ household, version: Math.max(version, known.version), doc: both }));
  };

/** What an earlier visit could not send is sent now: all of it where the server still has what it was made on, else what happened on the run. */
const takeUp =
  (household: string, { version, doc }: DayAnswer, copy: DayCopy): Thunk<void> =>
  (dispatch) => {
    const mine = copy.version === version ? copy.doc : joined(doc, copy.doc);
    dispatch(dayFound({ household, version, doc: mine }));
    if (copy.version === version || hasMore(mine, doc))
      // Over what somebody else has stored meanwhile only what happened is laid.
      dispatch(changeDay(household, (now) => (now === mine ? mine : joined(now, mine))));
  };

/**
 * Sees to it that a day is here, and looks again when it is: from the server, or with that gone from this browser. What this browser
 * has beyond the server is sent.
 */
export const loadDay =
  (household: string): Thunk<Promise<Failure | null>> =>
  async (dispatch, getState) => {
    const copy = getState().days[household] ? undefined : findDay(household);
    if (copy) dispatch(dayFound({ household, version: copy.version, doc: copy.doc }));
    const reply = await request<DayAnswer>(pathTo('day', { household }));
    if (!reply.ok) {
      if (!getState().days[household]) return reply.failure;
      // What an earlier visit left unsent goes out from here as soon as somebody answers.
      if (copy?.unsent) dispatch(takeUp(household, copy, copy));
      else
        dispatch(daySaving({ household, save: { status: 'offline', words: failureWords(reply.failure) } }));
      return null;
    }
    if (copy?.unsent) dispatch(takeUp(household, reply.data, copy));
    else if (getState().days[household] && !copy)
      dispatch(heardOfDay(household, reply.data.version, reply.data.doc));
    else dispatch(dayFound({ household, ...reply.data }));
    if (getState().days[household]?.save.status === 'offline' && (pending.get(household) ?? []).length === 0)
      dispatch(daySaving({ household, save: { status: 'idle' } }));
    dispatch(keep(household));
    return null;
  };
