import { say } from '@omniarton/core/words';
import { useParams, useSearchParams } from 'react-router';
import { styled } from 'styled-components';
import { DocketSheet } from '../docket/DocketSheet';
import { useSheets } from '../state/engine/useSheets';
import { useSettings } from '../state/settings/useSettings';
import { PageFloor, Small } from '../ui/layout';
import { Notice } from '../ui/Notice';
import { PrintHead } from '../ui/PrintHead';

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
      <PrintHead isReady={!busy} />
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
