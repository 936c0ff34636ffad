import type { Mixture } from '@omniarton/core/process';
import { PART_NAMES, SURE } from '@omniarton/core/vocabulary';
import { useEdit, useEngine } from '../../state/bench/onBench';
import { Button } from '../../ui/Button';
import { Row } from '../../ui/layout';
import { Notice } from '../../ui/Notice';
import { mixtureName } from '../../words/process';
import { PartKindPick } from './PartKindPick';

/** Of the parts whose kind is unsure the least sure one. */
const leastSure = (mixtures: readonly Mixture[]): Mixture | null =>
  mixtures
    .filter(({ family }) => family.because !== 'main' && family.confidence < SURE)
    .sort((a, b) => a.family.confidence - b.family.confidence)[0] ?? null;

/** Asks for the kind of one part where the page can't tell it. */
export function PartQuestion() {
  const asked = useEngine(({ answer }) => leastSure(answer?.process.mixtures ?? []));
  const edit = useEdit();
  if (!asked) return null;
  const { part, family } = asked;
  return (
    <Notice tone="ask">
      <Row $gap={3}>
        <span>
          What is “{mixtureName(asked)}”? It is converted as {PART_NAMES[family.id]},{' '}
          {Math.round(family.confidence * 100)} % sure.
        </span>
        <Button onPress={() => edit({ kind: 'correction', correction: { line: part, family: family.id } })}>
          It is
        </Button>
        <PartKindPick part={part} family={family} />
      </Row>
    </Notice>
  );
}
