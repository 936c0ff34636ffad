import type { Relaxation } from '@omniarton/core/blend';
import { say } from '@omniarton/core/words';
import { Button } from '../../ui/Button';
import { Row, Small, Stack } from '../../ui/layout';
import { useRequest } from '../../state/bench/onBench';

/** The smallest sets of wishes to let go, one press each. */
export function WaysOut({ ways }: { readonly ways: readonly Relaxation[] }) {
  const [, ask] = useRequest();
  if (ways.length === 0) return null;
  return (
    <Stack $gap={2}>
      <Small>The least that would have to give:</Small>
      <Row>
        {ways.map(({ let: of, patch }) => {
          const words = say({ code: 'wishes', values: { of } });
          return (
            <Button key={words} onPress={() => ask(patch)}>
              {words}
            </Button>
          );
        })}
      </Row>
    </Stack>
  );
}
