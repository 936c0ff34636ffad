import { memo } from 'react';
import { useStore } from 'react-redux';
import { styled } from 'styled-components';
import type { Docket, MeasureSystem } from '@omniarton/core/docket';
import type { RootState } from '../state/state';
import { shopPath } from '../base/paths';
import { useDraftId, useHousehold } from '../state/bench/onBench';
import { useMeasures } from '../state/bench/useMeasures';
import { printAs } from '../ui/paper';
import { Button, ButtonLink } from '../ui/Button';
import { Fold } from '../ui/Fold';
import type * as Written from './handouts';
import { fileName, saveFile, shareFile } from './saveFile';

/** As what a docket leaves the house. */
interface Handout {
  readonly name: string;
  readonly ending: string;
  readonly type: string;
  readonly words: (written: typeof Written, docket: Docket, system: MeasureSystem) => string;
}

const PHONE_PAGE: Handout = {
  name: 'One page for a phone',
  ending: 'html',
  type: 'text/html',
  words: ({ toHtml }, docket, system) => toHtml(docket, system),
};
const HANDOUTS: readonly Handout[] = [
  PHONE_PAGE,
  {
    name: 'Plain text',
    ending: 'txt',
    type: 'text/plain',
    words: ({ toPlainText }, docket, system) => toPlainText(docket, system),
  },
  {
    name: 'Markdown',
    ending: 'md',
    type: 'text/markdown',
    words: ({ toMarkdown }, docket, system) => toMarkdown(docket, system),
  },
  {
    name: 'JSON-LD',
    ending: 'jsonld',
    type: 'application/ld+json',
    words: ({ toJsonLd }, docket) => JSON.stringify(toJsonLd(docket), null, 2),
  },
  {
    name: 'List as CSV',
    ending: 'csv',
    type: 'text/csv',
    words: ({ toCsvList }, docket) => toCsvList(docket),
  },
];

/** Out of the house: on paper, to a phone, as a file. The docket is looked at when it is sent, not while it changes. */
export const DocketActions = memo(function DocketActions() {
  const store = useStore<RootState>();
  const id = useDraftId();
  const household = useHousehold();
  const system = useMeasures();
  const handOut = async (
    { ending, type, words }: Handout,
    out: (name: string, type: string, text: string) => unknown,
  ) => {
    const outcome = store.getState().engine[id]?.outcome;
    if (outcome?.outcome === 'docket')
      await out(
        `${fileName(outcome.docket.title)}.${ending}`,
        type,
        words(await import('./handouts'), outcome.docket, system),
      );
  };
  return (
    <Bar>
      <Button $weight="strong" onPress={() => window.print()}>
        Print
      </Button>
      <Button onPress={() => printAs('card')}>Print in large type</Button>
      <ButtonLink to={shopPath(household, [id])}>Shopping list</ButtonLink>
      {typeof navigator.share === 'function' ? (
        <Button onPress={() => void handOut(PHONE_PAGE, shareFile)}>Send</Button>
      ) : null}
      <Fold name="Save as a file">
        <Bar>
          {HANDOUTS.map((one) => (
            <Button key={one.ending} onPress={() => void handOut(one, saveFile)}>
              {one.name}
            </Button>
          ))}
        </Bar>
      </Fold>
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
