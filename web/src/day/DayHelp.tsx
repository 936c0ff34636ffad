import type { DayDocument } from '@omniarton/core/clock';
import type { KitchenDocument } from '@omniarton/core/kitchen';
import { ovensPath } from '../base/paths';
import type { DayChange } from '../state/day/days';
import { Button, ButtonLink, Chip } from '../ui/Button';
import { NumberEntry } from '../ui/NumberEntry';
import { TextEntry } from '../ui/TextEntry';
import { Row, Small, Stack } from '../ui/layout';
import { OwnPace } from './OwnPace';

interface Props {
  readonly household: string;
  readonly day: DayDocument;
  readonly kitchen: KitchenDocument;
  readonly change: (how: DayChange) => void;
}

const MOST = 6;
const MOST_DISHES = 60;
const CLOCK = /^(?:[01]?\d|2[0-3]):[0-5]\d$/;
const padded = (clock: string) => clock.padStart(5, '0');

/** Who helps, what it is baked in, and when everybody sleeps. */
export function DayHelp({ household, day, kitchen, change }: Props) {
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
        <NumberEntry
          label="Dishes in the fridge at once"
          value={day.fridge}
          min={1}
          max={MOST_DISHES}
          onCommit={(fridge) => change((doc) => ({ ...doc, fridge: Math.round(fridge) }))}
        />
      </Row>
      <Row $gap={5} style={{ alignItems: 'start' }}>
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
      {day.fridge === null ? null : (
        <Row>
          <Small>
            The fridge takes {day.fridge} {day.fridge === 1 ? 'dish' : 'dishes'} at once.
          </Small>
          <Button $weight="quiet" onPress={() => change((doc) => ({ ...doc, fridge: null }))}>
            As many as come
          </Button>
        </Row>
      )}
      <OwnPace timed={day.timed} forget={() => change((doc) => ({ ...doc, timed: [] }))} />
      <Ovens household={household} day={day} kitchen={kitchen} change={change} />
    </Stack>
  );
}

function Ovens({ household, day, kitchen, change }: Props) {
  const used = (id: string) => day.ovens === null || day.ovens.includes(id);
  const toggle = (id: string) =>
    change((doc) => {
      const all = doc.ovens ?? kitchen.ovens.map((one) => one.id);
      return { ...doc, ovens: all.includes(id) ? all.filter((one) => one !== id) : [...all, id] };
    });
  return (
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
  );
}
