import { useEffect, useState } from 'react';

/** Whether something has been so for so long; over at once when it is over. What passes within a blink marks nothing. */
export function useLasting(so: boolean, ms: number): boolean {
  const [lasted, setLasted] = useState(false);
  useEffect(() => {
    if (!so) return;
    const timer = setTimeout(() => setLasted(true), ms);
    return () => {
      clearTimeout(timer);
      setLasted(false);
    };
  }, [so, ms]);
  return so && lasted;
}
