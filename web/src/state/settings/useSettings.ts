import { useEffect } from 'react';
import type { SettingsDto } from '@omniarton/contracts';
import { useHouseholdsQuery, useSaveSettingsMutation, useSettingsQuery } from '../../api/api';
import { useAppDispatch } from '../state';
import { changeSettings, SAVING } from './changeSettings';

const USUAL: SettingsDto = {
  schema: 3,
  measures: 'page',
  theme: 'system',
  shortcuts: true,
  units: 'grams',
  signs: '',
};
const THEME_KEY = 'omniarton.theme';

/** The local person's settings are those of their own kitchen. */
function useHome(): string | undefined {
  return useHouseholdsQuery().data?.find(({ demo }) => !demo)?.id;
}

/** The settings, and how to change one. Until they are there, and where the server is away, the usual ones hold. */
export function useSettings() {
  const home = useHome();
  const { data, error: unread } = useSettingsQuery(home ?? '', { skip: home === undefined });
  const dispatch = useAppDispatch();
  const [, { error }] = useSaveSettingsMutation({ fixedCacheKey: SAVING });
  const settings = data?.doc ?? USUAL;
  const change = (part: Partial<SettingsDto>) => {
    if (home !== undefined && data) dispatch(changeSettings(home, part));
  };
  return { settings, change, ready: data !== undefined, error: error ?? unread };
}

function remembered(): string | null {
  try {
    return localStorage.getItem(THEME_KEY);
  } catch {
    return null;
  }
}

function remember(theme: string): void {
  try {
    localStorage.setItem(THEME_KEY, theme);
  } catch {
    // Forbidden: the theme then comes a moment later, from the server.
  }
}

/** Puts the chosen theme on the document, at once from the last visit and then from the settings. */
export function useTheming(): void {
  const { settings, ready } = useSettings();
  const theme = ready ? settings.theme : (remembered() ?? settings.theme);
  useEffect(() => {
    if (ready) remember(theme);
    document.documentElement.dataset['theme'] = theme;
  }, [theme, ready]);
}
