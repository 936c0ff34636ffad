import { memo } from 'react';
import { Label, SliderOutput, SliderThumb, SliderTrack } from 'react-aria-components';
import { styled } from 'styled-components';
import { DESCRIBED, SWEETENERS } from '@omniarton/core/balance';
import { NO_TILT, type ConversionRequest } from '@omniarton/core/kitchen';
import { HIGHEST_METRES, TILTED, type Tilted } from '@omniarton/core/vocabulary';
import { Button, Chip } from '../../ui/Button';
import { Heading, Row, Small, Stack } from '../../ui/layout';
import { NumberEntry } from '../../ui/NumberEntry';
import { Pick } from '../../ui/Pick';
import { Ruler } from '../../ui/Ruler';
import { useAskLater, useDraft, useEngine } from '../../state/bench/onBench';

const WORDS: Readonly<Record<Tilted, readonly [name: string, less: string, more: string]>> = {
  drink: ['Liquid', 'drier', 'wetter'],
  binder: ['Binder', 'looser', 'firmer'],
  sugar: ['Sugar', 'less sweet', 'sweeter'],
  fat: ['Fat', 'leaner', 'richer'],
};
const [LEAST, MOST, STEP] = [0.7, 1.3, 0.05];
const OWN = 'own';
const SWEET = [
  { id: OWN, name: 'its own sugar' },
  ...Object.entries(SWEETENERS.rows).map(([id, { name }]) => ({ id, name })),
];

/** What if: each handle asks for more or less than its balance does, and the rest is balanced around it at once. */
export const WhatIf = memo(function WhatIf() {
  return (
    <Stack as="section" $gap={3} aria-labelledby="what-if">
      <Heading id="what-if">What if</Heading>
      <Meant />
      <Handles>
        {TILTED.map((one) => (
          <Handle key={one} name={one} />
        ))}
      </Handles>
      <Row $gap={4} style={{ alignItems: 'end' }}>
        <Sweetener />
        <Height />
        <Chill />
        <AsAsked />
      </Row>
      <Small>A sweetener stays as sweet as the sugar was; its water is taken out of the liquid.</Small>
    </Stack>
  );
});

/** What it is meant to be like, in words: wishes and handles in one press. */
const Meant = memo(function Meant() {
  const meant = useDraft(({ doc: { request } }) => describedBy(request)?.id);
  const ask = useAskLater();
  return (
    <Row role="group" aria-label="Meant to be like">
      {DESCRIBED.rows.map(({ id, name, tilt, aims }) => (
        <Chip
          key={id}
          isSelected={meant === id}
          onChange={() => ask(({ blend }) => ({ tilt, blend: { ...blend, aims } }))}
        >
          {name}
        </Chip>
      ))}
    </Row>
  );
});

const describedBy = ({ tilt, blend }: ConversionRequest) =>
  DESCRIBED.rows.find(
    (one) =>
      TILTED.every((each) => one.tilt[each] === tilt[each]) &&
      one.aims.length === blend.aims.length &&
      one.aims.every((aim) => blend.aims.includes(aim)),
  );

const Sweetener = memo(function Sweetener() {
  const sweetener = useDraft(({ doc }) => doc.request.sweetener);
  const ask = useAskLater();
  return (
    <Pick<string>
      label="Sweetened with"
      value={sweetener ?? OWN}
      options={SWEET}
      onChange={(id) => ask(() => ({ sweetener: id === OWN ? null : id }))}
    />
  );
});

const Height = memo(function Height() {
  const metres = useDraft(({ doc }) => doc.request.altitudeMetres);
  const ask = useAskLater();
  return (
    <NumberEntry
      label="Kitchen above the sea"
      unit="m"
      min={0}
      max={HIGHEST_METRES}
      value={metres}
      onCommit={(altitudeMetres) => ask(() => ({ altitudeMetres }))}
    />
  );
});

const AS_USUAL = 'usual';
const CHILLS = [
  { id: AS_USUAL, name: 'as such doughs are' },
  { id: '30', name: 'half an hour' },
  { id: '120', name: 'two hours' },
  { id: '720', name: 'a night (12 hours)' },
  { id: '1440', name: 'a day' },
  { id: '2880', name: 'two days' },
];

/** How long a dough is chilled that is rested cold; of any other nothing is asked. */
const Chill = memo(function Chill() {
  const chill = useDraft(({ doc }) => doc.request.rest);
  const cold = useEngine(
    ({ outcome }) => outcome?.outcome === 'docket' && outcome.docket.rest.chilled !== null,
  );
  const ask = useAskLater();
  if (!cold) return null;
  return (
    <Pick<string>
      label="Dough chilled for"
      value={chill === null ? AS_USUAL : String(chill)}
      options={CHILLS}
      onChange={(id) => ask(() => ({ rest: id === AS_USUAL ? null : Number(id) }))}
    />
  );
});

const AsAsked = memo(function AsAsked() {
  const tilted = useDraft(({ doc }) => TILTED.some((one) => doc.request.tilt[one] !== 1));
  const ask = useAskLater();
  return tilted ? <Button onPress={() => ask(() => ({ tilt: NO_TILT }))}>As the balances ask</Button> : null;
});

/** One handle. It moves with the pointer at once; each step of it is asked for. */
const Handle = memo(function Handle({ name }: { readonly name: Tilted }) {
  const value = useDraft(({ doc }) => doc.request.tilt[name]);
  const ask = useAskLater();
  const [label, less, more] = WORDS[name];
  const percent = Math.round((value - 1) * 100);
  const said = percent === 0 ? 'as asked' : `${percent > 0 ? '+' : '−'}${Math.abs(percent)} %`;
  return (
    <Ruler
      value={value}
      minValue={LEAST}
      maxValue={MOST}
      step={STEP}
      onChange={(next) => {
        // Between two steps the pointer moves, and nothing is asked for.
        if (next !== value) ask(({ tilt }) => ({ tilt: { ...tilt, [name]: next as number } }));
      }}
    >
      <Label>{label}</Label>
      <SliderOutput>{said}</SliderOutput>
      <SliderTrack>
        <SliderThumb aria-valuetext={said} />
      </SliderTrack>
      <span>{less}</span>
      <span>{more}</span>
    </Ruler>
  );
});

const Handles = styled.div`
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(10.5rem, 1fr));
  gap: ${({ theme }) => `${theme.space(3)} ${theme.space(6)}`};
`;
