import { Button } from '../../ui/Button';
import { Heading, Row, Stack } from '../../ui/layout';
import { useIngredients } from '../../state/engine/useIngredients';
import { useHousehold, useRequest } from '../../state/bench/onBench';

/** Flours that were left out by hand, each a press away from coming back. */
export function LeftOut() {
  const [{ withoutFlours }, ask] = useRequest();
  const names = useIngredients(useHousehold());
  if (withoutFlours.length === 0) return null;
  const nameOf = (id: string) => names.find((one) => one.id === id)?.name ?? id;
  return (
    <Stack as="section" $gap={2} aria-labelledby="left-out">
      <Heading id="left-out">Left out</Heading>
      <Row>
        {withoutFlours.map((id) => (
          <Button
            key={id}
            aria-label={`Allow ${nameOf(id)} again`}
            onPress={() => ask({ withoutFlours: withoutFlours.filter((one) => one !== id) })}
          >
            {nameOf(id)} ↺
          </Button>
        ))}
      </Row>
    </Stack>
  );
}
