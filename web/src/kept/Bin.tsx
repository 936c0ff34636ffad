import { useState } from 'react';
import { styled } from 'styled-components';
import { BIN_DAYS, type Binned as BinnedThing } from '@omniarton/contracts/keeping';
import type { Binned as BinnedPerson } from '@omniarton/core/kitchen';
import type { Failure } from '../api/http';
import { useBinQuery, useBringBackMutation, useEraseBinnedMutation } from '../api/keptApi';
import { failureWords } from '../api/words';
import { useAppDispatch } from '../state/state';
import { lookAtBags } from '../state/kitchen/bags';
import { broughtBack } from '../state/kitchen/bin';
import { erasePerson } from '../state/kitchen/erasing';
import type { KitchenChange } from '../state/kitchen/kitchens';
import { Section } from '../ui/Section';
import { personName } from '../words/guard';
import { Button } from '../ui/Button';
import { Row, Small } from '../ui/layout';
import { Notice } from '../ui/Notice';
import { sayDay } from '../words/say';

const KINDS: Readonly<Record<BinnedThing['kind'], string>> = { recipe: 'recipe', bag: 'bag', bake: 'bake' };

interface Props {
  readonly household: string;
  readonly people: readonly BinnedPerson[];
  readonly change: (how: KitchenChange) => void;
}

/** What was removed: it can be brought back for thirty days, or erased at once. */
export function Bin({ household, people, change }: Props) {
  const { data, error } = useBinQuery(household);
  const [bringBack, back] = useBringBackMutation();
  const [erase, erasing] = useEraseBinnedMutation();
  const dispatch = useAppDispatch();
  const [unerased, setUnerased] = useState<Failure | null>(null);
  const trouble = error ?? back.error ?? erasing.error ?? unerased;
  const empty = data?.items.length === 0 && people.length === 0;
  return (
    <Section
      id="bin"
      name="The bin"
      about={`What was removed lies here for ${BIN_DAYS} days; after that it goes by itself, for good.`}
    >
      {trouble ? (
        <Notice tone="danger" loud>
          {failureWords(trouble as Failure)}
        </Notice>
      ) : null}
      {!data && !error ? <p role="status">Fetching …</p> : null}
      {empty ? <Small>It is empty.</Small> : null}
      <List>
        {people.map(({ person, on }) => (
          <Thing
            key={person.id}
            what="somebody"
            name={personName(person)}
            day={on}
            onBack={() => change(broughtBack(person))}
            onErase={() =>
              void dispatch(erasePerson(household, person.id)).then((reply) =>
                setUnerased(reply.ok ? null : reply.failure),
              )
            }
          />
        ))}
        {data?.items.map((item) => (
          <Thing
            key={item.id}
            what={KINDS[item.kind]}
            name={item.name || 'Untitled'}
            day={item.removedAt.slice(0, 10)}
            onBack={() =>
              void bringBack({ household, item }).then(() =>
                item.kind === 'bag' ? dispatch(lookAtBags(household)) : undefined,
              )
            }
            onErase={() => void erase({ household, item })}
          />
        ))}
      </List>
    </Section>
  );
}

interface ThingProps {
  readonly what: string;
  readonly name: string;
  readonly day: string;
  readonly onBack: () => void;
  readonly onErase: () => void;
}

function Thing({ what, name, day, onBack, onErase }: ThingProps) {
  const [sure, setSure] = useState(false);
  return (
    <li>
      <span>
        <strong>{name}</strong> <Small as="span">{`${what}, removed on ${sayDay(day)}`}</Small>
      </span>
      <Row>
        {sure ? (
          <>
            <Button $weight="danger" autoFocus aria-label={`Erase for good: ${name}`} onPress={onErase}>
              Erase for good
            </Button>
            <Button onPress={() => setSure(false)}>Leave it in</Button>
          </>
        ) : (
          <>
            <Button aria-label={`Bring back: ${name}`} onPress={onBack}>
              Bring back
            </Button>
            <Button $weight="quiet" aria-label={`Erase: ${name}`} onPress={() => setSure(true)}>
              Erase …
            </Button>
          </>
        )}
      </Row>
    </li>
  );
}

const List = styled.ul`
  display: grid;
  > li {
    display: flex;
    flex-wrap: wrap;
    align-items: center;
    justify-content: space-between;
    gap: ${({ theme }) => theme.space(3)};
    padding: ${({ theme }) => theme.space(2)} 0;
    border-bottom: 1px solid ${({ theme }) => theme.colour.line};
  }
  strong {
    font: 550 1.1rem/1.3 ${({ theme }) => theme.font.written};
  }
`;
