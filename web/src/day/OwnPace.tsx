import { PACED, paceOf, type TimedWork } from '@omniarton/core/clock';
import { Button } from '../ui/Button';
import { Row, Small } from '../ui/layout';

const WORK: Readonly<Record<(typeof PACED)[number], string>> = {
  mix: 'at the bowl',
  shape: 'at shaping and filling',
  finish: 'at finishing',
};

interface Props {
  readonly timed: readonly TimedWork[];
  readonly forget: () => void;
}

/** How long these hands take beside the table of usual times, as earlier bake days had it. */
export function OwnPace({ timed, forget }: Props) {
  const pace = paceOf(timed);
  const said = PACED.flatMap((kind) => {
    const factor = pace[kind];
    const count = timed.filter((one) => one.kind === kind).length;
    return factor === undefined ? [] : [`${factor.toFixed(2)} × ${WORK[kind]} (timed ${count} ×)`];
  });
  if (said.length === 0)
    return (
      <Small>
        Hands take what such work usually takes. Bake days at the counter teach how long yours take.
      </Small>
    );
  return (
    <Row>
      <Small>Your hands take, beside the usual times: {said.join(', ')}.</Small>
      <Button $weight="quiet" onPress={forget}>
        Forget that
      </Button>
    </Row>
  );
}
