import type { Docket } from '@omniarton/core/docket';
import { skipToken } from '@reduxjs/toolkit/query/react';
import { Link } from 'react-router';
import { styled } from 'styled-components';
import { useRecipesQuery } from '../../api/api';
import { useBakesQuery, useDocketQuery } from '../../api/bakesApi';
import { benchPath } from '../../base/paths';
import { DocketSheet } from '../../docket/DocketSheet';

/** What comes of a recipe: the docket as one pins it up, out of the demo. */
export function FinishedDocket({ demo: household }: { readonly demo: string }) {
  const { data } = useRecipesQuery({ household, find: 'sort=title' });
  const recipe = data?.items.find(({ bakes }) => bakes > 0)?.id;
  const bakes = useBakesQuery(recipe ? { household, recipe } : skipToken).data?.items;
  const baked = bakes?.[0]?.doc.docket;
  const kept = useDocketQuery(recipe && baked ? { household, recipe, docket: baked } : skipToken).data;
  if (!recipe || !kept) return null;
  const docket = kept.doc.docket as Docket;
  return (
    <Paper aria-label={`A docket: ${docket.title}`}>
      <DocketSheet docket={docket} />
      <Link to={benchPath(household, recipe, 'balance')}>See why each number is what it is</Link>
    </Paper>
  );
}

const Paper = styled.article`
  display: grid;
  gap: ${({ theme }) => theme.space(2)};
  max-height: 26rem;
  overflow: auto;
  padding: ${({ theme }) => theme.space(4)};
  border-top: 6px solid ${({ theme }) => theme.colour.ink};
  background: ${({ theme }) => theme.colour.paper};
  font-size: 0.92rem;
  a {
    min-height: ${({ theme }) => theme.touch};
    align-content: center;
    color: ${({ theme }) => theme.colour.act};
  }
  h2 {
    font: 600 1.3rem/1.2 ${({ theme }) => theme.font.written};
  }
  ${({ theme }) => theme.phone} {
    max-height: none;
  }
`;
