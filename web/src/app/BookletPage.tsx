import type { Outcome } from '@omniarton/core/docket';
import { say } from '@omniarton/core/words';
import { useEffect, useState } from 'react';
import { useStore } from 'react-redux';
import { useParams, useSearchParams } from 'react-router';
import { styled } from 'styled-components';
import { fetchRecipe } from '../api/api';
import { failureWords } from '../api/words';
import { DocketSheet } from '../docket/DocketSheet';
import { askSlow } from '../state/engine/engine';
import { askOnce } from '../state/engine/useKitchenAnswer';
import { useKitchen } from '../state/kitchen/useKitchen';
import { useSettings } from '../state/settings/useSettings';
import type { RootState } from '../state/state';
import { Button, ButtonLink } from '../ui/Button';
import { PageFloor, PageHead, Row, Small } from '../ui/layout';
import { Notice } from '../ui/Notice';
import { Wordmark } from '../ui/Wordmark';

/** What came of one of them: a docket, no docket with its reasons, or why it couldn't be asked. */
type Sheet =
  | { readonly id: string; readonly title: string; readonly outcome: Outcome }
  | { readonly id: string; readonly title: string; readonly trouble: string };

/** Works out the dockets of some recipes one after the other. */
function useSheets(household: string, ids: readonly string[]) {
  const store = useStore<RootState>();
  const { ready } = useKitchen(household);
  const [sheets, setSheets] = useState<readonly Sheet[]>([]);
  const asked = ids.join(',');
  useEffect(() => {
    let gone = false;
    const work = async () => {
      for (const id of asked.split(',').filter(Boolean)) {
        const found = await fetchRecipe({ household, recipe: id });
        const sheet: Sheet = found.ok
          ? {
              id,
              title: found.data.doc.asRead.title,
              ...(await askOnce(
                store,
                household,
                (door, key) => door.wholeDocket(key, found.data.doc),
                askSlow,
              )),
            }
          : { id, title: 'A recipe', trouble: failureWords(found.failure) };
        if (gone) return;
        setSheets((before) => [...before.filter((one) => one.id !== id), sheet]);
      }
    };
    if (ready) void work();
    return () => void (gone = true);
  }, [store, household, asked, ready]);
  return sheets;
}

/** Several dockets, each on a sheet of its own: to be printed and pinned up. */
export function BookletPage() {
  const { household = '' } = useParams();
  const [search] = useSearchParams();
  const ids = (search.get('of') ?? '').split(',').filter(Boolean);
  const sheets = useSheets(household, ids);
  const {
    settings: { measures },
  } = useSettings();
  const busy = sheets.length < ids.length;
  return (
    <Page data-busy={busy || undefined}>
      <title>Booklet · Omniarton</title>
      <Head>
        <Wordmark />
        <Row>
          <ButtonLink to="/" $weight="quiet">
            To the work list
          </ButtonLink>
          <Button $weight="strong" isDisabled={busy} onPress={() => print()}>
            Print
          </Button>
        </Row>
      </Head>
      {ids.length === 0 ? <Notice>Nothing is chosen. Choose recipes on the work list first.</Notice> : null}
      {busy ? (
        <p role="status">
          Working out {sheets.length + 1} of {ids.length} …
        </p>
      ) : null}
      {sheets.map((sheet) => (
        <Leaf key={sheet.id} aria-label={sheet.title}>
          {'trouble' in sheet ? (
            <Notice tone="danger">
              {sheet.title}: {sheet.trouble}
            </Notice>
          ) : sheet.outcome.outcome === 'docket' ? (
            <DocketSheet
              docket={sheet.outcome.docket}
              system={measures === 'page' ? undefined : measures}
              whole
            />
          ) : (
            <>
              <h2>{sheet.title}</h2>
              <Small>There is no docket: {sheet.outcome.reasons.map(say).join(' ')}</Small>
            </>
          )}
        </Leaf>
      ))}
    </Page>
  );
}

const Page = styled(PageFloor)`
  gap: ${({ theme }) => theme.space(6)};
  max-width: 46rem;
  @media print {
    display: block;
    max-width: none;
    padding: 0;
  }
`;
const Head = styled(PageHead)`
  @media print {
    display: none;
  }
`;
const Leaf = styled.article`
  display: grid;
  gap: ${({ theme }) => theme.space(2)};
  padding: ${({ theme }) => theme.space(5)};
  border-top: 6px solid ${({ theme }) => theme.colour.ink};
  background: ${({ theme }) => theme.colour.paper};
  h2 {
    font: 600 1.5rem/1.2 ${({ theme }) => theme.font.written};
  }
  h3 {
    font-weight: 650;
  }
  @media print {
    padding: 0;
    border: 0;
    break-after: page;
    ul {
      columns: 2;
    }
  }
`;
