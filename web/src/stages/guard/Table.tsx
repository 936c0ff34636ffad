import { Link } from 'react-router';
import { styled } from 'styled-components';
import { seatFor, type Person } from '@omniarton/core/kitchen';
import { AVOIDANCES, DIETS, STRICTNESSES, type Avoidance } from '@omniarton/core/vocabulary';
import { cupboardPath } from '../../base/paths';
import { useKitchen } from '../../state/kitchen/useKitchen';
import { Toggle } from '../../ui/Toggle';
import { Chip } from '../../ui/Button';
import { Choice } from '../../ui/Choice';
import { Heading, Row, Small, Stack } from '../../ui/layout';
import { useHousehold, useRequest } from '../../state/bench/onBench';
import { avoidanceWords, personName } from '../../words/guard';
import { NewGuest } from './NewGuest';

/** Who sits at the table: people of the household, and what is asked beside them by hand. */
export function TableFor() {
  const household = useHousehold();
  const { doc, change } = useKitchen(household);
  const [{ seats, gluten }, ask] = useRequest();
  /** With people at the table it is they who say how strictly; with nobody the strictest is meant again. */
  const seat = (person: Person, on: boolean) => {
    const others = seats.filter(({ id }) => id !== person.id);
    const next = on ? [...others, seatFor(person)] : others;
    const byHand =
      seats.length === 0 && gluten === 'certified'
        ? 'preference'
        : next.length === 0 && gluten === 'preference'
          ? 'certified'
          : gluten;
    ask({ seats: next, gluten: byHand });
  };
  return (
    <Stack as="section" aria-labelledby="for-whom">
      <Heading id="for-whom">Who sits at the table</Heading>
      {doc.people.length > 0 ? (
        <Row role="group" aria-label="People">
          {doc.people.map((person) => (
            <Chip
              key={person.id}
              isSelected={seats.some(({ id }) => id === person.id)}
              onChange={(on) => seat(person, on)}
            >
              {personName(person)}
            </Chip>
          ))}
        </Row>
      ) : null}
      <NewGuest
        onSeat={(person) => {
          change((kitchen) => ({ ...kitchen, people: [...kitchen.people, person] }));
          seat(person, true);
        }}
      />
      <Small>
        <Quiet to={cupboardPath(household)}>
          {doc.people.length > 0 ? 'Change who there is' : 'Write down who eats here, once'}
        </Quiet>
        . All that they avoid is left out together, as strictly as the strictest asks.
      </Small>
      <ByHand />
      <Small>Low FODMAP is not guarded here: that is for a dietitian.</Small>
    </Stack>
  );
}

/** What is asked beside the people, for this bake alone. */
function ByHand() {
  const [{ diet, gluten, without, pseudocereals, grainDerived, seats }, ask] = useRequest();
  const toggle = (one: Avoidance, on: boolean) =>
    ask({ without: AVOIDANCES.filter((each) => (each === one ? on : without.includes(each))) });
  return (
    <details open={seats.length === 0 || without.length > 0}>
      <summary>For this bake, by hand</summary>
      <Stack $gap={3} style={{ marginTop: 12 }}>
        <Row $gap={6}>
          <Choice
            label="The bake is to be"
            value={diet}
            options={DIETS.map((id) => ({ id, name: id }))}
            onChange={(next) => ask({ diet: next })}
          />
          <Choice
            label="Gluten is avoided"
            value={gluten}
            options={STRICTNESSES.map((id) => ({ id, name: STRICTNESS_NAMES[id] }))}
            onChange={(next) => ask({ gluten: next })}
          />
        </Row>
        {diet === 'grain-free' ? (
          <Row $gap={6}>
            <Toggle isSelected={pseudocereals} onChange={(on) => ask({ pseudocereals: on })}>
              <span className="track" aria-hidden="true" /> Buckwheat, quinoa and amaranth are eaten
            </Toggle>
            <Toggle isSelected={grainDerived} onChange={(on) => ask({ grainDerived: on })}>
              <span className="track" aria-hidden="true" /> Powders from corn are eaten
            </Toggle>
          </Row>
        ) : null}
        <div>
          <Small as="p" id="avoid">
            And somebody avoids
          </Small>
          <Row role="group" aria-labelledby="avoid">
            {AVOIDANCES.map((one) => (
              <Chip key={one} isSelected={without.includes(one)} onChange={(on) => toggle(one, on)}>
                {avoidanceWords(one)}
              </Chip>
            ))}
          </Row>
        </div>
      </Stack>
    </details>
  );
}

const STRICTNESS_NAMES = {
  certified: 'certified goods only (coeliac disease)',
  label: 'labels read',
  preference: 'by preference',
} as const;

const Quiet = styled(Link)`
  color: ${({ theme }) => theme.colour.act};
`;
