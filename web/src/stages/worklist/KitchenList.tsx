import { useEffect, useRef, useState } from 'react';
import { styled } from 'styled-components';
import type { HouseholdAnswer } from '@omniarton/contracts';
import { useRecipesQuery, useRemoveDemoMutation } from '../../api/api';
import { useTagsQuery } from '../../api/findingApi';
import type { Failure } from '../../api/http';
import { failureWords } from '../../api/words';
import { bookletPath, cupboardPath, dayPath, keptPath, newPath, shopPath } from '../../base/paths';
import { Button, ButtonLink } from '../../ui/Button';
import { useKitchen } from '../../state/kitchen/useKitchen';
import { Row, Small } from '../../ui/layout';
import { Notice } from '../../ui/Notice';
import { personName } from '../../words/guard';
import { RecipeRow } from './RecipeRow';
import { SeveralBar } from './SeveralBar';
import type { Finding } from './useFinding';
import { useSeveral } from './useSeveral';

interface Props {
  readonly household: HouseholdAnswer;
  readonly finding: Finding;
}

/** One kitchen's recipes, a page at a time. */
export function KitchenList({ household, finding }: Props) {
  const [choosing, setChoosing] = useState(false);
  const several = useSeveral(household.id);
  const tags = useTagsQuery(household.id).data ?? [];
  const { chosen, gone, failure, none } = several;
  return (
    <section aria-labelledby={`kitchen-${household.id}`}>
      <KitchenHead
        household={household}
        choosing={choosing}
        onChoosing={(on) => {
          setChoosing(on);
          none();
        }}
      />
      {failure ? (
        <Notice tone="danger" loud>
          {failureWords(failure)}
        </Notice>
      ) : null}
      {gone.length > 0 ? (
        <Notice>
          <Row>
            <span>
              {gone.length === 1 ? 'One recipe is' : `${gone.length} recipes are`} taken off the table.
            </span>
            <Button onPress={() => void several.back()}>Put back</Button>
          </Row>
        </Notice>
      ) : null}
      <Pages key={finding.query} {...{ household, finding, several, choosing }} />
      {choosing && chosen.size > 0 ? (
        <SeveralBar
          count={chosen.size}
          booklet={bookletPath(household.id, [...chosen])}
          shop={shopPath(household.id, [...chosen])}
          tags={tags.map(({ tag }) => tag)}
          favourites={finding.said.favourite === 'yes'}
          onMark={(marks) => void several.mark(marks)}
          onFile={() => void several.asFile()}
          onCopy={() => void several.copy()}
          onAway={() => void several.away()}
          onNone={none}
        />
      ) : null}
    </section>
  );
}

interface HeadProps {
  readonly household: HouseholdAnswer;
  readonly choosing: boolean;
  readonly onChoosing: (on: boolean) => void;
}

/** What a kitchen is called, and the ways into it. */
const KitchenHead = ({ household, choosing, onChoosing }: HeadProps) => (
  <Head>
    <h2 id={`kitchen-${household.id}`}>{household.name}</h2>
    <Row>
      <Button $weight="quiet" aria-pressed={choosing} onPress={() => onChoosing(!choosing)}>
        {choosing ? 'Choose no longer' : 'Choose several'}
      </Button>
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
);

interface PagesProps extends Props {
  readonly several: ReturnType<typeof useSeveral>;
  readonly choosing: boolean;
}

/** Page after page: the next is fetched when the end of the last comes into view. */
function Pages(props: PagesProps) {
  const [cursors, setCursors] = useState<readonly (string | undefined)[]>([undefined]);
  return (
    <List>
      {cursors.map((cursor, at) => (
        <Page
          key={cursor ?? 'first'}
          {...props}
          cursor={cursor}
          onMore={at === cursors.length - 1 ? (next) => setCursors([...cursors, next]) : undefined}
        />
      ))}
    </List>
  );
}

interface PageProps extends PagesProps {
  readonly cursor: string | undefined;
  readonly onMore: ((next: string) => void) | undefined;
}

function Page({ household, finding, several, choosing, cursor, onMore }: PageProps) {
  const { doc } = useKitchen(household.id);
  const { data, error } = useRecipesQuery({
    household: household.id,
    find: finding.query,
    ...(cursor ? { cursor } : {}),
  });
  if (error)
    return (
      <li>
        <Notice tone="danger">{failureWords(error as Failure)}</Notice>
      </li>
    );
  if (!data) return <li>Fetching …</li>;
  const { next, found } = data;
  const names = new Map(doc.people.map((person) => [person.id, personName(person)]));
  return (
    <>
      {finding.narrowed && found !== null ? (
        <Count role="status">
          {found === 0 ? 'Nothing here fits.' : found === 1 ? 'One fits.' : `${found} fit.`}
        </Count>
      ) : null}
      {data.items.map((recipe) => (
        <RecipeRow
          key={recipe.id}
          household={household.id}
          recipe={recipe}
          whom={recipe.people.flatMap((id) => names.get(id) ?? []).join(', ')}
          chosen={choosing ? several.chosen.has(recipe.id) : null}
          onChoose={several.choose}
          onFavourite={(id, favourite) => void several.mark({ favourite }, [id])}
          onAway={(id) => void several.away([id])}
        />
      ))}
      {data.items.length === 0 && cursor === undefined && !finding.narrowed ? (
        <Empty household={household} />
      ) : null}
      {next !== null && onMore ? <More onMore={() => onMore(next)} /> : null}
    </>
  );
}

/** Asks for the next page when it comes into view, or is pressed. */
function More({ onMore }: { readonly onMore: () => void }) {
  const end = useRef<HTMLLIElement>(null);
  const latest = useRef(onMore);
  useEffect(() => void (latest.current = onMore), [onMore]);
  useEffect(() => {
    if (typeof IntersectionObserver === 'undefined' || !end.current) return;
    const seen = new IntersectionObserver(
      ([entry]) => {
        if (entry?.isIntersecting) latest.current();
      },
      { rootMargin: '400px' },
    );
    seen.observe(end.current);
    return () => seen.disconnect();
  }, []);
  return (
    <li ref={end}>
      <Button onPress={onMore}>Show more</Button>
    </li>
  );
}

const Empty = ({ household }: { readonly household: HouseholdAnswer }) => (
  <EmptyTable>
    <p>Nothing weighed up here yet.</p>
    <ButtonLink to={newPath(household.id)}>Weigh up the first one</ButtonLink>
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
const Count = styled.li`
  padding: ${({ theme }) => `${theme.space(2)} 0`};
  color: ${({ theme }) => theme.colour.soft};
`;
const EmptyTable = styled.li`
  display: grid;
  gap: ${({ theme }) => theme.space(3)};
  justify-items: start;
  padding: ${({ theme }) => `${theme.space(6)} 0`};
`;
