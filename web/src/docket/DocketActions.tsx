import { memo } from 'react';
import { useStore } from 'react-redux';
import { styled } from 'styled-components';
import { toJsonLd, toMarkdown, toPlainText, type Docket } from '@omniarton/core/docket';
import type { RootState } from '../state/state';
import { useDraftId } from '../state/bench/onBench';
import { Button } from '../ui/Button';
import { fileName, saveFile } from './saveFile';

/** Out of the house: on paper, as Markdown, as linked data. The docket is looked at when it is sent, not while it changes. */
export const DocketActions = memo(function DocketActions() {
  const store = useStore<RootState>();
  const id = useDraftId();
  const send = (ending: string, type: string, words: (docket: Docket) => string) => {
    const outcome = store.getState().engine[id]?.outcome;
    if (outcome?.outcome === 'docket')
      saveFile(`${fileName(outcome.docket.title)}.${ending}`, type, words(outcome.docket));
  };
  return (
    <Bar>
      <Button onPress={() => window.print()}>Print</Button>
      <Button
        onPress={() =>
          send('jsonld', 'application/ld+json', (docket) => JSON.stringify(toJsonLd(docket), null, 2))
        }
      >
        JSON-LD
      </Button>
      <Button onPress={() => send('md', 'text/markdown', toMarkdown)}>Markdown</Button>
      <Button onPress={() => send('txt', 'text/plain', toPlainText)}>Plain text</Button>
    </Bar>
  );
});

const Bar = styled.div`
  display: flex;
  flex-wrap: wrap;
  gap: ${({ theme }) => theme.space(2)};
  margin-top: ${({ theme }) => theme.space(4)};
  @media print {
    display: none;
  }
`;
