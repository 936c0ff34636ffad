import type { BakeNotes, BatterLook, Measured, RackPlace } from '@omniarton/core/kitchen';
import { BATTER_LOOKS, RACK_PLACES } from '@omniarton/core/kitchen';
import { waterLost } from '@omniarton/core/log';
import { useTemperatureUnit } from '../../state/bench/useMeasures';
import { Choice } from '../../ui/Choice';
import { Fold } from '../../ui/Fold';
import { Row, Small, Stack } from '../../ui/layout';
import { NumberEntry } from '../../ui/NumberEntry';
import { TextEntry } from '../../ui/TextEntry';
import { fromShown, sayTenths, toShown } from '../../words/say';

interface Props {
  readonly sheet: BakeNotes;
  readonly set: (part: Partial<BakeNotes>) => void;
}

const UNSAID = 'not said';
const withUnsaid = <T extends string>(ids: readonly T[]) =>
  [UNSAID, ...ids].map((id) => ({ id: id as T | typeof UNSAID, name: id }));
const said = <T extends string>(value: T | typeof UNSAID): T | null => (value === UNSAID ? null : value);

type Degrees = 'trueCelsius' | 'roomCelsius' | 'doughCelsius' | 'probeCelsius';
const DEGREES: readonly (readonly [of: Degrees, label: string, low: number, high: number])[] = [
  ['trueCelsius', 'Thermometer in the oven', 50, 300],
  ['probeCelsius', 'In the middle, when it came out', 0, 130],
  ['roomCelsius', 'The room', 0, 50],
  ['doughCelsius', 'Dough or batter', -10, 60],
];
type Amount = Exclude<keyof Measured, Degrees>;
const AMOUNTS: readonly (readonly [of: Amount, label: string, unit: string, high: number])[] = [
  ['filledGrams', 'What went in weighed', 'g', 100_000],
  ['bakedGrams', 'What came out weighed', 'g', 100_000],
  ['heightMm', 'Height', 'mm', 400],
  ['spreadMm', 'Across', 'mm', 1000],
  ['pieces', 'Pieces', '', 5000],
];

/** What somebody took a thermometer, scales or a ruler to, and how the batter looked. */
export function MeasuredForm({ sheet, set }: Props) {
  const { measured } = sheet;
  const unit = useTemperatureUnit();
  const measure = (part: Partial<Measured>) => set({ measured: { ...measured, ...part } });
  const lost = waterLost(measured);
  return (
    <Fold name="Measured, and the batter">
      <Stack $gap={5}>
        <Row $gap={5} style={{ alignItems: 'end' }}>
          {DEGREES.map(([of, label, low, high]) => (
            <NumberEntry
              key={of}
              label={label}
              unit={unit === 'fahrenheit' ? '°F' : '°C'}
              min={toShown(low, unit)}
              max={toShown(high, unit)}
              value={measured[of] === null ? null : toShown(measured[of], unit)}
              onCommit={(value) => measure({ [of]: fromShown(value, unit) })}
            />
          ))}
        </Row>
        <Row $gap={5} style={{ alignItems: 'end' }}>
          {AMOUNTS.map(([of, label, of2, high]) => (
            <NumberEntry
              key={of}
              label={label}
              {...(of2 === '' ? {} : { unit: of2 })}
              min={0}
              max={high}
              value={measured[of]}
              onCommit={(value) => measure({ [of]: of === 'pieces' ? Math.round(value) : value })}
            />
          ))}
          <NumberEntry
            label="Put into the freezer"
            min={0}
            max={5000}
            value={sheet.frozen}
            onCommit={(frozen) => set({ frozen: Math.round(frozen) })}
          />
        </Row>
        {lost === null ? null : <Small>It lost {sayTenths(lost)} of its weight.</Small>}
        <RackAndBatter sheet={sheet} set={set} />
        <TextEntry
          label="What differed from tin to tin"
          value={sheet.tins}
          wide
          maxLength={1000}
          onCommit={(tins) => set({ tins })}
        />
      </Stack>
    </Fold>
  );
}

/** Where it stood, and how the batter looked to whoever stirred it. */
function RackAndBatter({ sheet, set }: Props) {
  const { batter } = sheet;
  return (
    <Row $gap={6} style={{ alignItems: 'end' }}>
      <Choice<RackPlace | typeof UNSAID>
        label="On which rack"
        value={sheet.rack ?? UNSAID}
        options={withUnsaid(RACK_PLACES)}
        onChange={(rack) => set({ rack: said(rack) })}
      />
      <Choice<BatterLook | typeof UNSAID>
        label="Batter, when mixed"
        value={batter.mixed ?? UNSAID}
        options={withUnsaid(BATTER_LOOKS)}
        onChange={(mixed) => set({ batter: { ...batter, mixed: said(mixed) } })}
      />
      <Choice<BatterLook | typeof UNSAID>
        label="Batter, after its rest"
        value={batter.rested ?? UNSAID}
        options={withUnsaid(BATTER_LOOKS)}
        onChange={(rested) => set({ batter: { ...batter, rested: said(rested) } })}
      />
      <NumberEntry
        label="Spoonfuls of liquid added (− of flour)"
        min={-50}
        max={50}
        value={batter.spoonfuls}
        onCommit={(spoonfuls) => set({ batter: { ...batter, spoonfuls } })}
      />
    </Row>
  );
}
