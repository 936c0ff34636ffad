import type { Docket } from '@omniarton/core/docket';
import { familyOf } from '@omniarton/core/family';
import { ovenOf, temperOf } from '@omniarton/core/heat';
import { ovensPath } from '../../base/paths';
import { useKitchen } from '../../state/kitchen/useKitchen';
import { Toggle } from '../../ui/Toggle';
import { useTemperatureUnit } from '../../state/bench/useMeasures';
import { useSettings } from '../../state/settings/useSettings';
import { Button, ButtonLink } from '../../ui/Button';
import { Choice } from '../../ui/Choice';
import { Heading, Row, Small, Stack } from '../../ui/layout';
import { NumberEntry } from '../../ui/NumberEntry';
import { Pick } from '../../ui/Pick';
import { dialShown, fromShown, toShown } from '../../words/say';
import { useHousehold, useRequest } from '../../state/bench/onBench';
import { OvenRuler } from './OvenRuler';

const COOLEST = 60;
const HOTTEST = 290;

/** Which oven or microwave, what its dial says, and whether the fan runs. */
export function OvenFields({ docket: { bake, family } }: { readonly docket: Docket }) {
  const [request, ask] = useRequest();
  const place = request.microwave ? 'microwave' : 'oven';
  return (
    <Stack as="section" $gap={3} aria-labelledby="oven">
      <Heading id="oven">The oven</Heading>
      {familyOf(family.id).cooked === 'oven' || request.microwave ? (
        <Choice
          label="Cooked in"
          value={place}
          options={[
            { id: 'oven', name: 'an oven' },
            { id: 'microwave', name: 'a microwave' },
          ]}
          onChange={(id) => ask({ microwave: id === 'microwave' })}
        />
      ) : null}
      {bake.watts === null ? (
        <Dial bake={bake} usual={familyOf(family.id).usualOven} />
      ) : (
        <Power watts={bake.watts} />
      )}
    </Stack>
  );
}

function Power({ watts }: { readonly watts: number }) {
  const household = useHousehold();
  const { microwave } = useKitchen(household).doc;
  return (
    <Row $gap={4}>
      <Small>
        {microwave ? `${watts} W, by your water test.` : `${watts} W is a guess: nobody has tested yours.`}
      </Small>
      <ButtonLink to={`${ovensPath(household)}#microwave`}>
        {microwave ? 'Test it again' : 'Test it with water'}
      </ButtonLink>
    </Row>
  );
}

function Dial({ bake, usual }: { readonly bake: Docket['bake']; readonly usual: number }) {
  const [request, ask] = useRequest();
  const { change } = useSettings();
  const unit = useTemperatureUnit();
  const oven = request.oven ?? { celsius: bake.ovenCelsius ?? usual, fan: bake.fan };
  return (
    <>
      <WhichOven celsius={oven.celsius} fan={oven.fan} />
      <Row $gap={4} style={{ alignItems: 'end' }}>
        <NumberEntry
          label="The dial says"
          unit={unit === 'fahrenheit' ? '°F' : '°C'}
          min={toShown(COOLEST, unit)}
          max={toShown(HOTTEST, unit)}
          value={dialShown(oven.celsius, unit)}
          onCommit={(value) => ask({ oven: { ...oven, celsius: fromShown(value, unit) } })}
        />
        <Choice
          label="In"
          value={unit}
          options={[
            { id: 'celsius', name: '°C' },
            { id: 'fahrenheit', name: '°F' },
          ]}
          onChange={(id) => change({ measures: id === 'fahrenheit' ? 'us' : 'metric' })}
        />
        <Toggle isSelected={oven.fan} onChange={(fan) => ask({ oven: { ...oven, fan } })}>
          <span className="track" aria-hidden="true" /> Fan
        </Toggle>
        {request.oven ? <Button onPress={() => ask({ oven: null })}>As the recipe has it</Button> : null}
      </Row>
      <OvenRuler celsius={oven.celsius} fan={oven.fan} />
    </>
  );
}

/** The ovens of the household, and how the one that is taken runs at this setting. */
function WhichOven({ celsius, fan }: { readonly celsius: number; readonly fan: boolean }) {
  const [request, ask] = useRequest();
  const household = useHousehold();
  const { ovens } = useKitchen(household).doc;
  const now = ovenOf({ ovens }, request.ovenId);
  if (!now)
    return (
      <Row $gap={4}>
        <Small>Nothing is known of your oven: the window allows for 10 °C off.</Small>
        <ButtonLink to={ovensPath(household)}>Get to know it in ten minutes</ButtonLink>
      </Row>
    );
  const { offset, doubt } = temperOf(now, celsius, fan);
  return (
    <Row $gap={4} style={{ alignItems: 'end' }}>
      <Pick
        label="Which"
        value={now.id}
        options={ovens.map(({ id, name }) => ({ id, name }))}
        onChange={(ovenId) => ask({ ovenId })}
      />
      <Small>{sayOffset(offset, doubt)}</Small>
    </Row>
  );
}

/** Example: "Runs 8 °C hot here, give or take 3." */
export function sayOffset(offset: number, doubt: number): string {
  const by = Math.round(Math.abs(offset));
  const runs = by < 1 ? 'Runs true here' : `Runs ${by} °C ${offset > 0 ? 'hot' : 'cool'} here`;
  return `${runs}, give or take ${Math.max(1, Math.round(doubt))}.`;
}
