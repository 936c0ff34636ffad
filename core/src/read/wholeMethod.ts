import type { Step } from './types';

/** All that a method's steps say, as one text: for what is told in one step and done in another. */
export const wholeMethod = (steps: readonly Pick<Step, 'source'>[]): string =>
  steps.map(({ source }) => source).join(' ');
