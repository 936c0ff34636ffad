import { useEffect, useState } from 'react';

/** A value once it has been the same for so long. What needs reading isn't drawn at each step of a handle, but when it rests. */
export function useRested<T>(value: T, ms: number): T {
  const [rested, setRested] = useState(value);
  useEffect(() => {
    const timer = setTimeout(() => setRested(value), ms);
    return () => clearTimeout(timer);
  }, [value, ms]);
  return rested;
}
