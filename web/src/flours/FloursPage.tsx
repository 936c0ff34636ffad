import { useState } from 'react';
import { Link, useParams, useSearchParams } from 'react-router';
import { styled } from 'styled-components';
import type { FlourSummary } from '@omniarton/core/blend';
import type { FlourClass } from '@omniarton/core/vocabulary';
import { say } from '@omniarton/core/words';
import { flourPath } from '../base/paths';
import { useKitchen } from '../state/kitchen/useKitchen';
import { useKitchenAnswer } from '../state/engine/useKitchenAnswer';
import { Button, Chip } from '../ui/Button';
import { FindField } from '../ui/FindField';
import { FlourScrap } from '../ui/Flour';
import { Heading, Row, Small, Stack } from '../ui/layout';
import { Notice } from '../ui/Notice';
import { CompareFlours } from './CompareFlours';
import { FloursFrame } from './FloursFrame';

const FEWEST = 2;
const MOST = 5;

/** Every flour, starch, fibre and gum, by class; two to five of them side by side. */
export function FloursPage() {
  const { household = '' } = useParams();
  useKitchen(household);
  const [search, setSearch] = useSearchParams();
  // The address follows the marks; marks that come quicker than it changes aren't lost.
  const [chosen, setChosen] = useState<readonly string[]>(() =>
    (search.get('compare') ?? '').split(',').filter(Boolean).slice(0, MOST),
  );
  const choose = (ids: readonly string[]) => {
    setChosen(ids);
    setSearch(ids.length > 0 ? { compare: ids.join(',') } : {}, { replace: true });
  };
  const { data, failed } = useKitchenAnswer(
    household,
    ['flours'],
    async (engine, key) => await engine.flours(key),
  );
  const [words, setWords] = useState('');
  const shown = (data ?? []).filter(({ name }) => name.toLowerCase().includes(words.trim().toLowerCase()));
  const classes = [...new Set(shown.map((one) => one.class))];
  return (
    <FloursFrame household={household} title="Flours" busy={!data && !failed}>
      {failed ? (
        <Notice tone="danger" loud>
          The engine does not answer. Load the page again.
        </Notice>
      ) : null}
      {chosen.length >= FEWEST ? <CompareFlours household={household} ids={chosen} /> : null}
      <Row $gap={4} style={{ alignItems: 'end' }}>
        <FindField label="Find" value={words} onChange={setWords} />
        {chosen.length > 0 ? (
          <Button $weight="quiet" onPress={() => choose([])}>
            Compare none
          </Button>
        ) : (
          <Small>Mark two to five to set them side by side.</Small>
        )}
      </Row>
      {classes.map((kind) => (
        <OneClass
          key={kind}
          kind={kind}
          household={household}
          flours={shown.filter((one) => one.class === kind)}
          chosen={chosen}
          onChoose={choose}
        />
      ))}
      {data && shown.length === 0 ? <Small role="status">None is called so.</Small> : null}
    </FloursFrame>
  );
}

interface ClassProps {
  readonly kind: FlourClass;
  readonly household: string;
  readonly flours: readonly FlourSummary[];
  readonly chosen: readonly string[];
  readonly onChoose: (ids: readonly string[]) => void;
}

function OneClass({ kind, household, flours, chosen, onChoose }: ClassProps) {
  return (
    <Stack as="section" $gap={2} aria-label={kind}>
      <Row>
        <FlourScrap kind={kind} size={26} />
        <Heading>{kind}</Heading>
      </Row>
      <List>
        {flours.map(({ id, name, gives }) => {
          const on = chosen.includes(id);
          return (
            <li key={id}>
              <Link to={flourPath(household, id)}>{name}</Link>
              <Small>{gives.map(say).join(', ')}</Small>
              <Chip
                isSelected={on}
                isDisabled={!on && chosen.length >= MOST}
                aria-label={`Compare ${name}`}
                onChange={(next) => onChoose(next ? [...chosen, id] : chosen.filter((one) => one !== id))}
              >
                {on ? '' : '+'}
              </Chip>
            </li>
          );
        })}
      </List>
    </Stack>
  );
}

const List = styled.ul`
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(17rem, 1fr));
  column-gap: ${({ theme }) => theme.space(6)};
  li {
    display: grid;
    grid-template-columns: minmax(0, 1fr) auto;
    align-items: center;
    border-bottom: 1px solid ${({ theme }) => theme.colour.line};
  }
  li a {
    display: flex;
    align-items: end;
    min-height: ${({ theme }) => theme.touch};
    font: 550 1.1rem/1.3 ${({ theme }) => theme.font.written};
    color: inherit;
  }
  li p {
    grid-column: 1;
    padding-bottom: ${({ theme }) => theme.space(2)};
  }
  li button {
    grid-column: 2;
    grid-row: 1 / 3;
  }
`;
