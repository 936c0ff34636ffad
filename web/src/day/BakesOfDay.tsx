import { styled } from 'styled-components';
import { v4 as uuid } from 'uuid';
import type { RecipeSummary } from '@omniarton/contracts';
import { useRecipesQuery } from '../api/api';
import type { DayDocument, PlannedBake } from '@omniarton/core/clock';
import { runName } from '@omniarton/core/kitchen';
import { benchPath, newPath } from '../base/paths';
import { Mark } from '../bakeday/marks';
import type { DayChange } from '../state/day/days';
import { Button, ButtonLink } from '../ui/Button';
import { DateEntry } from '../ui/DateEntry';
import { Pick } from '../ui/Pick';
import { Small, Stack } from '../ui/layout';

interface Props {
  readonly household: string;
  readonly day: DayDocument;
  /** When a recipe that is put on it is served; else with the last. */
  readonly at?: string;
  readonly change: (how: DayChange) => void;
  readonly none: readonly { readonly id: string; readonly why: string }[];
}

const titleOf = (recipes: readonly RecipeSummary[], id: string): string =>
  recipes.find((one) => one.id === id)?.title ?? 'A recipe that is no longer here';

const nameOf = (recipes: readonly RecipeSummary[], { recipe, trial }: PlannedBake): string =>
  `${titleOf(recipes, recipe)}${trial === undefined ? '' : `, ${runName(trial)}`}`;

/** How the bakes of a day change; what was held by hand is let go, since it stood in another day. */
const edits = (change: Props['change'], at: string) => ({
  add: (recipe: string) => change((doc) => ({ ...doc, bakes: [...doc.bakes, { id: uuid(), recipe, at }] })),
  serve: (id: string, when: string) =>
    change((doc) => ({
      ...doc,
      pins: [],
      bakes: doc.bakes.map((one) => (one.id === id ? { ...one, at: when } : one)),
    })),
  drop: (id: string) =>
    change((doc) => ({ ...doc, pins: [], bakes: doc.bakes.filter((one) => one.id !== id) })),
});

/** What is baked, and when each of it is on the table. */
export function BakesOfDay({ household, day, at: first, change, none }: Props) {
  const { data } = useRecipesQuery({ household });
  const recipes = data?.items ?? [];
  const left = recipes.filter(({ id }) => !day.bakes.some(({ recipe }) => recipe === id));
  const at = day.bakes.at(-1)?.at ?? first ?? '';
  const { add, serve, drop } = edits(change, at);
  return (
    <Stack $gap={3}>
      <List>
        {day.bakes.map((bake, n) => (
          <li key={bake.id}>
            <Mark $bake={n}>
              <b>{n + 1}</b>
            </Mark>
            <div>
              <ButtonLink $weight="quiet" to={benchPath(household, bake.recipe)}>
                {nameOf(recipes, bake)}
              </ButtonLink>
              {none.some(({ id }) => id === bake.id) ? (
                <Small role="alert">{none.find(({ id }) => id === bake.id)!.why}</Small>
              ) : null}
            </div>
            <DateEntry
              label="On the table"
              type="datetime-local"
              value={bake.at}
              onCommit={(when) => serve(bake.id, when)}
            />
            <Button
              $weight="quiet"
              aria-label={`Take off the day: ${nameOf(recipes, bake)}`}
              onPress={() => drop(bake.id)}
            >
              Take off
            </Button>
          </li>
        ))}
      </List>
      {data && recipes.length === 0 ? (
        <ButtonLink to={newPath(household)}>Weigh up a first recipe</ButtonLink>
      ) : null}
      {left.length > 0 && at !== '' ? (
        <Pick
          label="Add a recipe"
          value={'' as string}
          options={left.map(({ id, title }) => ({ id, name: title }))}
          onChange={add}
        />
      ) : null}
    </Stack>
  );
}

const List = styled.ol`
  display: grid;
  li {
    display: grid;
    grid-template-columns: 2.2rem minmax(0, 1fr) auto auto;
    align-items: center;
    gap: ${({ theme }) => theme.space(2)};
    padding: ${({ theme }) => theme.space(1)} 0;
    border-bottom: 1px solid ${({ theme }) => theme.colour.line};
  }
  a {
    justify-content: start;
    white-space: normal;
    padding: 0;
  }
  ${({ theme }) => theme.phone} {
    li {
      grid-template-columns: 2.2rem minmax(0, 1fr) auto;
    }
    li > :nth-child(3) {
      grid-column: 2;
      grid-row: 2;
    }
  }
`;
