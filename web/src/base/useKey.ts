import { useEffect, useRef } from 'react';

/** True where a key belongs to what is being typed. */
export const isTyping = (target: EventTarget | null): boolean =>
  target instanceof HTMLElement &&
  (target.isContentEditable ||
    target.matches('input:not([type=radio]):not([type=checkbox]), textarea, select'));

/** One key, silent in text fields and while it is switched off. */
export function useKey(key: string, act: () => void, on: boolean): void {
  const latest = useRef(act);
  useEffect(() => {
    latest.current = act;
  });
  useEffect(() => {
    if (!on) return undefined;
    const onKey = (event: KeyboardEvent) => {
      if (event.defaultPrevented || event.altKey || event.ctrlKey || event.metaKey) return;
      if (event.key.toLowerCase() !== key || isTyping(event.target)) return;
      event.preventDefault();
      latest.current();
    };
    document.addEventListener('keydown', onKey);
    return () => document.removeEventListener('keydown', onKey);
  }, [key, on]);
}
