import type { DayDocument } from '@omniarton/core/clock';
import type { KitchenDocument } from '@omniarton/core/kitchen';
import { ovensPath } from '../base/paths';
import type { DayChange } from '../state/day/days';
import { ButtonLink, Chip } from '../ui/Button';
import { NumberEntry } from '../ui/NumberEntry';
import { TextEntry } from '../ui/TextEntry';
import { Row, Small, Stack } from '../ui/layout';

interface Props {
  readonly household: string;
  readonly day: DayDocument;
  readonly kitchen: KitchenDocument;
  readonly change: (how: DayChange) => void;
}

const MOST = 6;
const CLOCK = /^(?:[01]?\d|2[0-3]):[0-5]\d$/;
const padded = (clock: string) => clock.padStart(5, '0');

/** Who helps, what it is baked in, and when everybody sleeps. */
export function DayHelp({ household, day, kitchen, change }: Props) {
  const used = (id: string) => day.ovens === null || day.ovens.includes(id);
  const toggle = (id: string) =>
    change((doc) => {
      const all = doc.ovens ?? kitchen.ovens.map((one) => one.id);
      return { ...doc, ovens: all.includes(id) ? all.filter((one) => one !== id) : [...all, id] };
    });
  const sleep = (part: Partial<NonNullable<DayDocument['asleep']>>) =>
    change((doc) => ({ ...doc, asleep: { from: '22:30', to: '07:00', ...doc.asleep, ...part } }));
  return (
    <Stack $gap={4}>
      <Row $gap={5} style={{ alignItems: 'start' }}>
        <NumberEntry
          label="Pairs of hands"
          value={day.hands}
          min={1}
          max={MOST}
          onCommit={(hands) => change((doc) => ({ ...doc, hands: Math.round(hands) }))}
        />
        <NumberEntry
          label="Mixers"
          value={day.mixers}
          min={1}
          max={MOST}
          onCommit={(mixers) => change((doc) => ({ ...doc, mixers: Math.round(mixers) }))}
        />
        <TextEntry
          label="To bed at"
          value={day.asleep?.from ?? ''}
          onCommit={(from) => CLOCK.test(from) && sleep({ from: padded(from) })}
        />
        <TextEntry
          label="Up at"
          value={day.asleep?.to ?? ''}
          onCommit={(to) => CLOCK.test(to) && sleep({ to: padded(to) })}
        />
      </Row>
      <Row>
        {kitchen.ovens.map(({ id, name, racks }) => (
          <Chip key={id} isSelected={used(id)} onChange={() => toggle(id)}>
            {name}, {racks} {racks === 1 ? 'rack' : 'racks'}
          </Chip>
        ))}
        {kitchen.ovens.length === 0 ? <Small as="span">One oven with two racks is counted on.</Small> : null}
        <ButtonLink $weight="quiet" to={ovensPath(household)}>
          Ovens and tins
        </ButtonLink>
      </Row>
    </Stack>
  );
}
