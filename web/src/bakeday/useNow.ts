import { useEffect, useState } from 'react';
import { nowMs } from '../base/clock';

/** The page's clock, looked at now and then; at once when the page is seen again after a sleep. */
export function useNow(everyMs = 15_000): number {
  const [now, setNow] = useState(nowMs);
  useEffect(() => {
    const look = () => setNow(nowMs());
    const timer = setInterval(look, everyMs);
    document.addEventListener('visibilitychange', look);
    return () => {
      clearInterval(timer);
      document.removeEventListener('visibilitychange', look);
    };
  }, [everyMs]);
  return now;
}
