import type { Docket } from '@omniarton/core/docket';
import { profileOf } from '@omniarton/core/family';
import { Toggle } from '../../settings/SettingsPage';
import { useSettings } from '../../settings/useSettings';
import { Button } from '../../ui/Button';
import { Choice } from '../../ui/Choice';
import { Heading, Row, Stack } from '../../ui/layout';
import { NumberEntry } from '../../ui/NumberEntry';
import { fromShown, toShown } from '../../ui/say';
import { useRequest } from '../bench/onBench';

const COOLEST = 60;
const HOTTEST = 290;

/** What the dial says, and whether the fan runs. */
export function OvenFields({ docket: { bake, family } }: { readonly docket: Docket }) {
  const [request, ask] = useRequest();
  const { settings, change } = useSettings();
  const unit = settings.temperature;
  const oven = request.oven ?? { celsius: bake.ovenCelsius ?? profileOf(family.id).usualOven, fan: bake.fan };
  return (
    <Stack as="section" $gap={3} aria-labelledby="oven">
      <Heading id="oven">The oven</Heading>
      <Row $gap={4} style={{ alignItems: 'end' }}>
        <NumberEntry
          label="The dial says"
          unit={unit === 'fahrenheit' ? '°F' : '°C'}
          min={toShown(COOLEST, unit)}
          max={toShown(HOTTEST, unit)}
          value={toShown(oven.celsius, unit)}
          onCommit={(value) => ask({ oven: { ...oven, celsius: fromShown(value, unit) } })}
        />
        <Choice
          label="In"
          value={unit}
          options={[
            { id: 'celsius', name: '°C' },
            { id: 'fahrenheit', name: '°F' },
          ]}
          onChange={(temperature) => change({ temperature })}
        />
        <Toggle isSelected={oven.fan} onChange={(fan) => ask({ oven: { ...oven, fan } })}>
          <span className="track" aria-hidden="true" /> Fan
        </Toggle>
        {request.oven ? <Button onPress={() => ask({ oven: null })}>As the recipe has it</Button> : null}
      </Row>
    </Stack>
  );
}
