import { useState } from 'react';
import { styled } from 'styled-components';
import { sayMinutes, type Docket } from '@omniarton/core/docket';
import { familyOf } from '@omniarton/core/family';
import type { Softening } from '@omniarton/core/heat';
import { useKitchenAnswer } from '../../state/engine/useKitchenAnswer';
import { Figure, Heading, Row, Small, Stack } from '../../ui/layout';
import { NumberEntry } from '../../ui/NumberEntry';
import { useHousehold } from '../../state/bench/onBench';

const ROOM = 21;

/** Before the oven: how long butter and eggs take to soften, and a portion to be cold; nothing where neither is wanted. */
export function InTheCold({ docket: { rest, family } }: { readonly docket: Docket }) {
  const [room, setRoom] = useState(ROOM);
  const { warmStart } = familyOf(family.id);
  const softened = useSoftened(warmStart, room);
  const cold = [
    { what: 'a portion, cold through in the fridge', minutes: rest.chilled },
    { what: 'in the freezer, firm enough to keep its shape', minutes: rest.frozen },
  ].filter(({ minutes }) => minutes !== null);
  if (!warmStart && cold.length === 0) return null;
  return (
    <Stack as="section" $gap={3} aria-labelledby="before">
      <Heading id="before">Before the oven</Heading>
      {warmStart ? (
        <Row $gap={4} style={{ alignItems: 'end' }}>
          <NumberEntry
            label="The kitchen is at"
            unit="°C"
            min={15}
            max={35}
            value={room}
            onCommit={setRoom}
          />
          <Small>Out of the fridge, until they are warm through. Eggs no longer than two hours.</Small>
        </Row>
      ) : null}
      <List>
        {[...softened, ...cold].map(({ what, minutes }) => (
          <div key={what}>
            <dt>{what}</dt>
            <dd>
              <Figure>{minutes === null ? 'too cool for that' : sayMinutes(minutes)}</Figure>
            </dd>
          </div>
        ))}
      </List>
    </Stack>
  );
}

/** How long butter and eggs take to soften; nothing where none has to. */
function useSoftened(wanted: boolean, room: number): readonly Softening[] {
  const { data } = useKitchenAnswer<readonly Softening[]>(
    useHousehold(),
    ['soften', wanted, room],
    async (engine, key) => (wanted ? await engine.soften(key, room) : []),
  );
  return data ?? [];
}

const List = styled.dl`
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(12rem, 1fr));
  gap: ${({ theme }) => `${theme.space(3)} ${theme.space(6)}`};
  dt {
    color: ${({ theme }) => theme.colour.soft};
  }
`;
