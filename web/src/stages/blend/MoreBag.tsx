import { askSlow } from '../../state/engine/engine';
import { useKitchenAnswer } from '../../state/engine/useKitchenAnswer';
import { Button } from '../../ui/Button';
import { Row } from '../../ui/layout';
import { Notice } from '../../ui/Notice';
import { sayPercent } from '../../words/say';
import { useHousehold, useRequest } from '../../state/bench/onBench';
import { useRead } from '../../state/bench/useRead';
import { PROPERTY_WORDS, sayProperty } from '../../words/blend';

/** What one more bag than is to be bought would do for the blend. */
export function MoreBag() {
  const [{ blend }, ask] = useRequest();
  const { about, now } = useRead({ settled: true });
  const { data } = useKitchenAnswer(
    useHousehold(),
    [...about, 'more'],
    async (engine, key) => {
      const read = now();
      return read ? await engine.moreBag(key, read.recipe, read.request) : { more: null };
    },
    askSlow,
  );
  const more = data?.more;
  if (!more || blend.buy === null) return null;
  const gain = more.gains
    ? `, and brings ${PROPERTY_WORDS[more.gains.property][0]} from ${sayProperty(more.gains.property, more.gains.from)} to ${sayProperty(more.gains.property, more.gains.to)}`
    : '';
  return (
    <Notice tone="calm">
      <Row $gap={3}>
        <span>
          One more bag would buy you this: <strong>{more.buy.name}</strong>, {sayPercent(more.buy.share)} % of
          the blend. It stands {Math.round(100 * more.nearer)} % nearer to what is wanted{gain}.
        </span>
        <Button onPress={() => ask({ blend: { ...blend, buy: blend.buy! + 1 }, pins: [] })}>
          Buy one more
        </Button>
      </Row>
    </Notice>
  );
}
