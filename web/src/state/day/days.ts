import type { DayAnswer } from '@omniarton/contracts';
import { mergeRuns, type DayDocument } from '@omniarton/core/clock';
import { pathTo } from '@omniarton/contracts/paths-and-errors';
import { request, type Failure } from '../../api/http';
import { failureWords } from '../../api/words';
import { outboxOf, type Change } from '../outbox';
import type { Thunk } from '../state';
import { findDay, keepDay, type DayCopy } from './dayCopy';
import { dayChanged, dayFound, daySaved, daySaving, NO_DAY } from './daySlice';

export type DayChange = Change<DayDocument>;

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
    keepDay(household, { version, doc, unsent: outbox.waiting(household).length > 0 });
  };

const outbox = outboxOf<DayDocument>({
  of: ({ days }, household) => {
    const { version, doc } = days[household] ?? NO_DAY;
    return { path: pathTo('day', { household }), version, doc };
  },
  saving: (household, save) => daySaving({ household, save }),
  saved: (household, version) => daySaved({ household, version }),
  found: (household, version, doc) => dayFound({ household, version, doc }),
  joined,
  turned: keep,
});

/** Changes a day: seen at once, kept in this browser, sent as soon as it can be. */
export const changeDay =
  (household: string, change: DayChange): Thunk<void> =>
  (dispatch, getState) => {
    const { doc } = getState().days[household] ?? NO_DAY;
    outbox.add(household, change);
    dispatch(dayChanged({ household, doc: change(doc) }));
    dispatch(keep(household));
    void dispatch(outbox.flush(household));
  };

/** Sends what was refused once more. */
export const sendDayAgain =
  (household: string): Thunk<void> =>
  (dispatch) =>
    void dispatch(outbox.flush(household));

/** What another tab or device knows: what it has beyond this page is taken up. */
export const heardOfDay =
  (household: string, version: number, doc: DayDocument): Thunk<void> =>
  (dispatch, getState) => {
    const known = getState().days[household];
    if (!known || outbox.waiting(household).length > 0) {
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
    if (getState().days[household]?.save.status === 'offline' && outbox.waiting(household).length === 0)
      dispatch(daySaving({ household, save: { status: 'idle' } }));
    dispatch(keep(household));
    return null;
  };
