import type { Docket } from '@omniarton/core/docket';
import type { DocketAnswer, DocketSummary } from '@omniarton/contracts';
import { pathTo } from '@omniarton/contracts/paths-and-errors';
import { useEffect, useState } from 'react';
import { Link } from 'react-router';
import { styled } from 'styled-components';
import { useRecipesQuery } from '../../api/api';
import { request } from '../../api/http';
import { benchPath } from '../../base/paths';
import { DocketSheet } from '../../docket/DocketSheet';

interface Found {
  readonly recipe: string;
  readonly docket: Docket;
}

/** A docket that the demo's kitchen has baked from. */
async function findDocket(household: string, recipe: string): Promise<Found | null> {
  const list = await request<readonly DocketSummary[]>(pathTo('dockets', { household, recipe }));
  const docket = list.ok ? list.data[0]?.id : undefined;
  if (!docket) return null;
  const kept = await request<DocketAnswer>(pathTo('docket', { household, recipe, docket }));
  return kept.ok ? { recipe, docket: kept.data.doc.docket as Docket } : null;
}

/** What comes of a recipe: the docket as one pins it up, out of the demo. */
export function FinishedDocket({ demo }: { readonly demo: string }) {
  const { data } = useRecipesQuery({ household: demo, find: 'sort=title' });
  const baked = data?.items.find(({ bakes }) => bakes > 0)?.id;
  const [found, setFound] = useState<Found | null>(null);
  useEffect(() => {
    let gone = false;
    if (baked)
      void findDocket(demo, baked).then((one) => {
        if (!gone) setFound(one);
      });
    return () => void (gone = true);
  }, [demo, baked]);
  if (!found) return null;
  const { docket, recipe } = found;
  return (
    <Paper aria-label={`A docket: ${docket.title}`}>
      <DocketSheet docket={docket} />
      <Link to={benchPath(demo, recipe, 'balance')}>See why each number is what it is</Link>
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
    color: ${({ theme }) => theme.colour.act};
  }
  h2 {
    font: 600 1.3rem/1.2 ${({ theme }) => theme.font.written};
  }
  ${({ theme }) => theme.phone} {
    max-height: none;
  }
`;
