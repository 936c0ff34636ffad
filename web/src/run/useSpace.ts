import { useKey } from '../base/useKey';

/** The space bar says "done", wherever no control has the focus that would hear it itself. */
export function useSpace(act: () => void): void {
  useKey(
    ' ',
    () => {
      const at = document.activeElement;
      if (at instanceof HTMLElement && at.matches('button, a, summary, input, [role="button"]')) at.click();
      else act();
    },
    true,
  );
}
