import { Link } from 'react-router';
import { styled } from 'styled-components';
import { benchPath } from '../../base/paths';
import { Wordmark } from '../../ui/Wordmark';
import { useAppDispatch } from '../../state/state';
import { redone, undone } from '../../state/draft/draftSlice';
import { Button } from '../../ui/Button';
import { useWhom } from '../../stages/guard/useWhom';
import { useDraft, useDraftId } from '../../state/bench/onBench';
import { SaveMark } from './SaveMark';
import { Stepped } from './Stepped';

/** What is on the bench, whom it is for, whether it is kept; and back and forth through the edits. */
export function BenchHead({
  household,
  onHelp,
}: {
  readonly household: string;
  readonly onHelp: () => void;
}) {
  const id = useDraftId();
  const dispatch = useAppDispatch();
  const title = useDraft(({ doc }) => doc.asRead.title);
  const past = useDraft((draft) => draft.past.length > 0);
  const future = useDraft((draft) => draft.future.length > 0);
  return (
    <Head>
      <Wordmark />
      <h1>{title || 'Untitled'}</h1>
      <ForWhom household={household} />
      <Stepped household={household} />
      <Tools>
        <SaveMark />
        <Button $weight="quiet" aria-label="Undo" isDisabled={!past} onPress={() => dispatch(undone({ id }))}>
          ↶
        </Button>
        <Button
          $weight="quiet"
          aria-label="Redo"
          isDisabled={!future}
          onPress={() => dispatch(redone({ id }))}
        >
          ↷
        </Button>
        <Button $weight="quiet" aria-label="Shortcuts" onPress={onHelp}>
          ?
        </Button>
      </Tools>
    </Head>
  );
}

function ForWhom({ household }: { readonly household: string }) {
  const id = useDraftId();
  const words = useWhom(household);
  return <Whom to={benchPath(household, id, 'guard')}>for: {words.join(' · ')}</Whom>;
}

const Head = styled.header`
  position: relative;
  display: grid;
  grid-template-columns: auto minmax(0, 1fr) auto auto;
  align-items: center;
  column-gap: ${({ theme }) => theme.space(5)};
  padding: ${({ theme }) => `${theme.space(1)} ${theme.space(6)}`};
  h1 {
    font: 600 1.5rem/1.15 ${({ theme }) => theme.font.written};
    overflow: hidden;
    text-overflow: ellipsis;
    white-space: nowrap;
  }
  @media (max-width: 1099px) {
    grid-template-columns: auto minmax(0, 1fr) auto;
    > a:nth-of-type(2) {
      grid-column: 1 / -1;
      grid-row: 2;
    }
  }
  ${({ theme }) => theme.phone} {
    grid-template-columns: auto minmax(0, 1fr) auto;
    padding: ${({ theme }) => `${theme.space(1)} ${theme.space(3)}`};
    column-gap: ${({ theme }) => theme.space(2)};
    > a:first-child span {
      position: absolute;
      clip-path: inset(50%);
    }
    h1 {
      font-size: 1.2rem;
    }
    > a:nth-of-type(2) {
      grid-column: 1 / 3;
    }
    > div {
      grid-column: 3;
      grid-row: 2;
    }
    h1 {
      grid-column: 2 / -1;
    }
    /* What is amiss has a line of its own. */
    &:has([data-trouble]) > a:nth-of-type(2) {
      grid-column: 1 / -1;
    }
    &:has([data-trouble]) > div {
      grid-column: 1 / -1;
      grid-row: 3;
      justify-content: space-between;
    }
  }
  @media print {
    display: none;
  }
`;
const Whom = styled(Link)`
  display: inline-flex;
  align-items: center;
  min-height: ${({ theme }) => theme.touch};
  color: ${({ theme }) => theme.colour.act};
  font-size: 0.92rem;
  font-weight: 600;
  overflow: hidden;
  text-overflow: ellipsis;
`;
const Tools = styled.div`
  display: flex;
  align-items: center;
`;
