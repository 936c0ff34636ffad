import { useId, useState } from 'react';
import { styled } from 'styled-components';
import { isStale } from '../state/engine/engineSlice';
import { useAwaited, useDraft, useEngine, useStale } from '../state/bench/onBench';
import { Figure } from '../ui/layout';
import { sayBakeTime, sayGrams } from '../words/say';
import { AskBake } from './AskBake';
import { DocketActions } from './DocketActions';
import { DocketPaper } from './DocketPaper';
import { NoDocketPaper } from './NoDocketPaper';
import { UnseenContext, useMarks } from './unseen';

/** The docket beside the work; on a phone it folds to a tab at the bottom. */
export function DocketFold() {
  const [open, setOpen] = useState(false);
  const id = useId();
  const outcome = useEngine((engine) => engine.outcome);
  const stale = useStale();
  const recipe = useEngine(({ answer }) => answer?.scaled ?? answer?.recipe ?? null);
  const settled = !useEngine(isStale);
  const written = useDraft(({ doc }) => doc.text.trim() !== '');
  const awaited = useAwaited();
  const docket = outcome?.outcome === 'docket' ? outcome.docket : null;
  const marks = useMarks(docket, recipe, settled);
  const grams = docket?.parts
    .flatMap(({ lines }) => lines)
    .reduce((sum, line) => sum + (line.grams?.central ?? 0), 0);
  return (
    <Aside data-open={open || undefined} aria-label="Docket" aria-busy={stale}>
      <Tab aria-expanded={open} aria-controls={id} onClick={() => setOpen(!open)}>
        <span>Docket</span>
        {grams ? <Figure $size={1.4}>{sayGrams(grams)} g</Figure> : null}
        {docket?.bake.minutes ? (
          <Figure $size={1.4} data-stale={stale || undefined}>
            {sayBakeTime(docket.bake)}
          </Figure>
        ) : null}
        <span aria-hidden="true">{open ? '▾' : '▴'}</span>
      </Tab>
      <Body id={id}>
        {docket ? (
          <>
            {docket.ask ? <AskBake ask={docket.ask} /> : null}
            <UnseenContext value={marks}>
              <DocketPaper docket={docket} stale={stale} />
            </UnseenContext>
            <DocketActions />
          </>
        ) : (
          <NoDocketPaper
            outcome={outcome?.outcome === 'docket' || !written ? null : outcome}
            awaited={awaited}
          />
        )}
      </Body>
    </Aside>
  );
}

const Aside = styled.aside`
  position: sticky;
  top: 50px;
  max-height: calc(100vh - 50px);
  overflow: auto;
  contain: content;
  padding: ${({ theme }) => `${theme.space(4)} ${theme.space(5)} ${theme.space(8)} 0`};
  ${({ theme }) => theme.phone} {
    position: fixed;
    z-index: 20;
    inset: auto 0 0;
    top: auto;
    max-height: 88vh;
    padding: 0;
    background: ${({ theme }) => theme.colour.ground};
    border-top: 3px solid ${({ theme }) => theme.colour.ink};
  }
  @media print {
    position: static;
    max-height: none;
    overflow: visible;
    padding: 0;
    html[data-paper='stage'] & {
      display: none;
    }
  }
`;
const Tab = styled.button`
  display: none;
  ${({ theme }) => theme.phone} {
    position: sticky;
    top: 0;
    z-index: 1;
    display: flex;
    width: 100%;
    min-height: 56px;
    align-items: center;
    justify-content: space-between;
    gap: ${({ theme }) => theme.space(3)};
    padding: 0 ${({ theme }) => theme.space(4)};
    border: 0;
    background: ${({ theme }) => theme.colour.paper};
    font-weight: 700;
    cursor: pointer;
  }
`;
const Body = styled.div`
  ${({ theme }) => theme.phone} {
    display: none;
    padding: ${({ theme }) => theme.space(3)};
    [data-open] > & {
      display: block;
    }
  }
  @media print {
    display: block;
  }
`;
