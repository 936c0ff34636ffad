import { useState } from 'react';
import { styled } from 'styled-components';
import type { HouseholdAnswer, RecipeSummary } from '@omniarton/contracts';
import {
  useRecipesQuery,
  useRemoveDemoMutation,
  useRemoveRecipeMutation,
  useRestoreRecipeMutation,
} from '../../api/api';
import type { Failure } from '../../api/http';
import { failureWords } from '../../api/words';
import { cupboardPath, dayPath, keptPath, newPath } from '../../base/paths';
import { Button, ButtonLink } from '../../ui/Button';
import { useKitchen } from '../../state/kitchen/useKitchen';
import { Row, Small } from '../../ui/layout';
import { Notice } from '../../ui/Notice';
import { personName } from '../../words/guard';
import { RecipeRow } from './RecipeRow';

/** One kitchen's recipes, a page at a time, newest first. */
export function KitchenList({ household }: { readonly household: HouseholdAnswer }) {
  const [cursors, setCursors] = useState<readonly (string | undefined)[]>([undefined]);
  const [removed, setRemoved] = useState<RecipeSummary | null>(null);
  const [removeRecipe, removal] = useRemoveRecipeMutation();
  const [restore] = useRestoreRecipeMutation();
  const place = (recipe: RecipeSummary) => ({ household: household.id, recipe: recipe.id });
  const remove = async (recipe: RecipeSummary) => {
    if (!('error' in (await removeRecipe({ ...place(recipe), version: recipe.version })))) setRemoved(recipe);
  };
  const putBack = async () => {
    if (removed && !('error' in (await restore(place(removed))))) setRemoved(null);
  };
  return (
    <section aria-labelledby={`kitchen-${household.id}`}>
      <Head>
        <h2 id={`kitchen-${household.id}`}>{household.name}</h2>
        <Row>
          <ButtonLink to={dayPath(household.id)} $weight="quiet">
            Bake day
          </ButtonLink>
          <ButtonLink to={cupboardPath(household.id)} $weight="quiet">
            Kitchen
          </ButtonLink>
          <ButtonLink to={keptPath(household.id)} $weight="quiet">
            Bin and files
          </ButtonLink>
          {household.demo ? <RemoveDemo household={household} /> : null}
        </Row>
      </Head>
      {removal.error ? (
        <Notice tone="danger" loud>
          {failureWords(removal.error as Failure)}
        </Notice>
      ) : null}
      {removed ? (
        <Notice>
          <Row>
            <span>“{removed.title || 'Untitled'}” is taken off the table.</span>
            <Button onPress={() => void putBack()}>Put it back</Button>
          </Row>
        </Notice>
      ) : null}
      <List>
        {cursors.map((cursor, at) => (
          <Page
            key={cursor ?? 'first'}
            household={household}
            cursor={cursor}
            onRemove={(recipe) => void remove(recipe)}
            onMore={at === cursors.length - 1 ? (next) => setCursors([...cursors, next]) : undefined}
          />
        ))}
      </List>
    </section>
  );
}

interface PageProps {
  readonly household: HouseholdAnswer;
  readonly cursor: string | undefined;
  readonly onRemove: (recipe: RecipeSummary) => void;
  readonly onMore: ((next: string) => void) | undefined;
}

function Page({ household, cursor, onRemove, onMore }: PageProps) {
  const { doc } = useKitchen(household.id);
  const { data, error } = useRecipesQuery({ household: household.id, ...(cursor ? { cursor } : {}) });
  if (error)
    return (
      <li>
        <Notice tone="danger">{failureWords(error as Failure)}</Notice>
      </li>
    );
  if (!data) return <li>Fetching …</li>;
  const { next } = data;
  return (
    <>
      {data.items.map((recipe) => (
        <RecipeRow
          key={recipe.id}
          household={household.id}
          recipe={recipe}
          whom={doc.people
            .filter(({ id }) => recipe.people.includes(id))
            .map(personName)
            .join(', ')}
          onRemove={() => onRemove(recipe)}
        />
      ))}
      {data.items.length === 0 && cursor === undefined ? <Empty household={household} /> : null}
      {next !== null && onMore ? (
        <li>
          <Button onPress={() => onMore(next)}>Show older ones</Button>
        </li>
      ) : null}
    </>
  );
}

const Empty = ({ household }: { readonly household: HouseholdAnswer }) => (
  <EmptyTable>
    <p>Nothing weighed up yet. Paste a recipe as it was written, cups and all; each line becomes a weight.</p>
    <ButtonLink to={newPath(household.id)}>Paste the first one</ButtonLink>
  </EmptyTable>
);

function RemoveDemo({ household }: { readonly household: HouseholdAnswer }) {
  const [sure, setSure] = useState(false);
  const [remove] = useRemoveDemoMutation();
  if (!sure)
    return (
      <Button $weight="quiet" onPress={() => setSure(true)}>
        Remove the demo
      </Button>
    );
  return (
    <Row>
      <Small as="span">It goes for good, with all in it.</Small>
      <Button $weight="danger" autoFocus onPress={() => void remove(household.id)}>
        Remove it
      </Button>
      <Button onPress={() => setSure(false)}>Keep it</Button>
    </Row>
  );
}

const Head = styled.header`
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  justify-content: space-between;
  gap: ${({ theme }) => theme.space(2)};
  border-bottom: 3px solid ${({ theme }) => theme.colour.ink};
  h2 {
    font: 650 1.05rem/1.3 ${({ theme }) => theme.font.text};
  }
`;
const List = styled.ul`
  display: grid;
`;
const EmptyTable = styled.li`
  display: grid;
  gap: ${({ theme }) => theme.space(3)};
  justify-items: start;
  padding: ${({ theme }) => `${theme.space(6)} 0`};
`;
