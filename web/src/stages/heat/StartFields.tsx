import type { DocketBake } from '@omniarton/core/docket';
import { START_BASES, START_HEATS, type StartBase, type StartHeat } from '@omniarton/core/vocabulary';
import { useTemperatureUnit } from '../../state/bench/useMeasures';
import { Toggle } from '../../ui/Toggle';
import { Heading, Row, Small, Stack } from '../../ui/layout';
import { Pick } from '../../ui/Pick';
import { sayTemperature } from '../../words/say';
import { useRequest } from '../../state/bench/onBench';

const HEAT_WORDS: Readonly<Record<StartHeat, string>> = {
  room: 'from the bowl',
  chilled: 'from the fridge',
  frozen: 'from the freezer',
};
const BASE_WORDS: Readonly<Record<StartBase, string>> = {
  rack: 'the bare rack',
  tray: 'a cold tray',
  'hot-tray': 'the hot tray of the bake before',
  'hot-skillet': 'a skillet heated in the oven',
};
const optionsOf = <T extends string>(ids: readonly T[], words: Readonly<Record<T, string>>) =>
  ids.map((id) => ({ id, name: words[id] }));

/** How it comes to the oven. */
export function StartFields({ bake }: { readonly bake: DocketBake }) {
  const [{ start }, ask] = useRequest();
  const unit = useTemperatureUnit();
  return (
    <Stack as="section" $gap={3} aria-labelledby="start">
      <Heading id="start">How it goes in</Heading>
      <Row $gap={4} style={{ alignItems: 'end' }}>
        <Pick
          label="It comes"
          value={start.from}
          options={optionsOf(START_HEATS, HEAT_WORDS)}
          onChange={(from) => ask({ start: { ...start, from } })}
        />
        <Pick
          label="It stands on"
          value={start.on}
          options={optionsOf(START_BASES, BASE_WORDS)}
          onChange={(on) => ask({ start: { ...start, on } })}
        />
        <Toggle isSelected={start.shared} onChange={(shared) => ask({ start: { ...start, shared } })}>
          <span className="track" aria-hidden="true" /> Another dish beside it
        </Toggle>
      </Row>
      <Small>
        It goes in at {sayTemperature(bake.startCelsius, unit)}: a frozen line of the list cools the batter
        too.
      </Small>
    </Stack>
  );
}
