import { styled } from 'styled-components';
import { guestsAt, seatFor, type Guest } from '@omniarton/core/kitchen';
import { useKitchen } from '../../state/kitchen/useKitchen';
import { Button } from '../../ui/Button';
import { Row } from '../../ui/layout';
import { useHousehold, useRequest } from '../../state/bench/onBench';
import { needsWords } from '../../words/guard';

const WHY = {
  gone: 'is no longer in the kitchen’s list',
  looser: 'avoids less by now than this recipe was guarded for',
} as const;

/** Who is guarded here more strictly than the kitchen’s list says by now: it stays so until somebody loosens it here. */
export function KeptGuests() {
  const household = useHousehold();
  const { doc, ready } = useKitchen(household);
  const [{ seats }, ask] = useRequest();
  if (!ready) return null;
  const kept = guestsAt({ seats }, doc).flatMap((guest, at) =>
    guest.kept === null ? [] : [{ guest, at, why: guest.kept }],
  );
  if (kept.length === 0) return null;
  const loosen = (at: number, { id }: Guest) => {
    const person = doc.people.find((one) => one.id === id);
    ask({ seats: seats.flatMap((seat, each) => (each !== at ? [seat] : person ? [seatFor(person)] : [])) });
  };
  return (
    <List aria-label="Still guarded">
      {kept.map(({ guest, at, why }) => (
        <li key={at}>
          <Row>
            <span>
              <strong>{guest.name || 'Somebody'}</strong> ({needsWords(guest)}) {WHY[why]}. This recipe is
              guarded as it was.
            </span>
            <Button
              aria-label={`Loosen it on this recipe: ${guest.name || needsWords(guest)}`}
              onPress={() => loosen(at, guest)}
            >
              Loosen it on this recipe
            </Button>
          </Row>
        </li>
      ))}
    </List>
  );
}

const List = styled.ul`
  display: grid;
  gap: ${({ theme }) => theme.space(2)};
  li {
    padding: ${({ theme }) => `${theme.space(2)} ${theme.space(3)}`};
    border-left: 4px solid ${({ theme }) => theme.colour.ask};
    background: ${({ theme }) => theme.colour.askWash};
  }
`;
