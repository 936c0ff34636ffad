import type { Stored } from './chain';

/** Version 3 chooses all measures in one place: who had °F keeps them, all others have those of the page. */
export function settings2to3({ temperature, ...document }: Stored): Stored {
  return { ...document, schema: 3, measures: temperature === 'fahrenheit' ? 'us' : 'page' };
}
