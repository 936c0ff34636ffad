import { useState } from 'react';
import { useParams } from 'react-router';
import { newSeed } from '../base/newSeed';
import { learntPath } from '../base/paths';
import { KitchenShell } from '../kitchen/KitchenShell';
import { Button, ButtonLink } from '../ui/Button';
import { Row, Small, Stack } from '../ui/layout';
import { Notice } from '../ui/Notice';
import { keepScore, pastScores } from './pastScores';
import { PracticeBake } from './PracticeBake';

/** The practice kitchen: a simulated one with a hidden temper and invented faults, to train an eye for doneness and for causes. */
export function PracticePage() {
  const { household = '' } = useParams();
  return (
    <KitchenShell
      household={household}
      title="Practice kitchen"
      link={() => <ButtonLink to={learntPath(household)}>What it has learnt</ButtonLink>}
    >
      {() => <Practice />}
    </KitchenShell>
  );
}

function Practice() {
  const [seed, setSeed] = useState<number | null>(null);
  const [scores, setScores] = useState(pastScores);
  const ended = (total: number) => setScores(keepScore(total));
  const mean = scores.reduce((sum, one) => sum + one, 0) / scores.length;
  return (
    <Stack $gap={6}>
      <Notice>
        <b>Simulated.</b> The same engine bakes here, in an oven off its dial, with something made wrong on
        purpose or with nothing. None of it comes into your log, and none of it teaches your kitchen.
      </Notice>
      {seed === null ? (
        <Stack $gap={4}>
          <p>
            Take the bake out when it is done: look in as often as you like, though the door costs it half a
            minute of heat each time. Then see what came of it, ask as little as you can, and say why.
          </p>
          <Row>
            <Button $weight="strong" onPress={() => setSeed(newSeed())}>
              Into the oven
            </Button>
          </Row>
        </Stack>
      ) : (
        <PracticeBake key={seed} seed={seed} ended={ended} another={() => setSeed(newSeed())} />
      )}
      {scores.length > 0 ? (
        <Small>
          Your last {scores.length === 1 ? 'bake' : `${scores.length} bakes`} here: {scores.join(', ')}
          {scores.length > 1 ? `; ${Math.round(mean)} on average` : ''}, of 100.
        </Small>
      ) : null}
    </Stack>
  );
}
