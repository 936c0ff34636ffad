import type { SettingsDto } from '@omniarton/contracts';
import { api } from '../../api/api';
import type { Thunk } from '../state';

/** All saves of the settings share one state, so that the page can say what went wrong with the last. */
export const SAVING = 'settings';

let writing: Promise<unknown> = Promise.resolve();

/** Changes settings: seen at once, sent one after the other, each on top of the version that the one before has made. */
export const changeSettings =
  (home: string, part: Partial<SettingsDto>): Thunk<void> =>
  (dispatch, getState) => {
    dispatch(api.util.updateQueryData('settings', home, ({ doc }) => void Object.assign(doc, part)));
    writing = writing.then(async () => {
      const { data } = api.endpoints.settings.select(home)(getState());
      if (!data) return;
      const sent = dispatch(
        api.endpoints.saveSettings.initiate({ household: home, settings: data }, { fixedCacheKey: SAVING }),
      );
      const saved = (await sent).data;
      if (saved)
        dispatch(
          api.util.updateQueryData('settings', home, (known) => ({ ...known, version: saved.version })),
        );
      else dispatch(api.util.invalidateTags(['settings']));
    });
  };
