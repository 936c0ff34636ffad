import { useEffect, useState } from 'react';
import type { PracticeBrief } from '@omniarton/core/next';
import { askSlow } from '../state/engine/engine';
import { Small, Stack } from '../ui/layout';
import { Notice } from '../ui/Notice';
import { PracticeOven } from './PracticeOven';
import { PracticeTable } from './PracticeTable';

interface Props {
  readonly seed: number;
  /** It was called: its points. */
  readonly ended: (total: number) => void;
  readonly another: () => void;
}

/** One bake of the practice kitchen, from the oven to the explanation. */
export function PracticeBake({ seed, ended, another }: Props) {
  const [brief, setBrief] = useState<PracticeBrief | 'gone' | null>(null);
  const [heat, setHeat] = useState<number | null>(null);
  useEffect(() => {
    let gone = false;
    askSlow(async (engine) => await engine.practiceBrief(seed)).then(
      (found) => (gone ? undefined : setBrief(found)),
      () => (gone ? undefined : setBrief('gone')),
    );
    return () => void (gone = true);
  }, [seed]);
  if (brief === 'gone')
    return <Notice tone="danger">The practice oven could not be lit. Try another bake.</Notice>;
  if (!brief) return <Small role="status">Lighting the oven …</Small>;
  return (
    <Stack $gap={5}>
      {heat === null ? (
        <PracticeOven seed={seed} brief={brief} out={setHeat} />
      ) : (
        <PracticeTable seed={seed} brief={brief} heat={heat} ended={ended} another={another} />
      )}
    </Stack>
  );
}
