/** What goes onto paper where it isn't the docket as it is: in type that is read from a step away, or the stage in view. */
export type Paper = 'card' | 'stage';

/** Prints, and then everything is as it was. */
export function printAs(paper: Paper): void {
  document.documentElement.dataset['paper'] = paper;
  window.addEventListener('afterprint', () => delete document.documentElement.dataset['paper'], {
    once: true,
  });
  window.print();
}
