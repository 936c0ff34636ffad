import { systemOf, type MeasureSystem } from '@omniarton/core/docket';
import { useAppSelector } from '../state';
import { useSettings } from '../settings/useSettings';
import type { TemperatureUnit } from '../../words/say';
import { useBenchId } from './onBench';

/** Where no page is open, as the browser's country has it. */
const ofBrowser = (): MeasureSystem => (navigator.language === 'en-US' ? 'us' : 'metric');

/** In which measures everything is shown: those of the page that is open, unless the settings say otherwise. */
export function useMeasures(): MeasureSystem {
  const { measures } = useSettings().settings;
  const id = useBenchId();
  const locale = useAppSelector(({ engine }) => {
    const outcome = id === null ? undefined : engine[id]?.outcome;
    return outcome?.outcome === 'docket' ? outcome.docket.locale : undefined;
  });
  if (measures !== 'page') return measures;
  return locale === undefined ? ofBrowser() : systemOf(locale);
}

export const useTemperatureUnit = (): TemperatureUnit => (useMeasures() === 'us' ? 'fahrenheit' : 'celsius');
