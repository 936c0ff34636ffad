import { Suspense, useCallback, useEffect, useRef, useState, type ReactNode } from 'react';
import { Navigate, useLocation, useParams } from 'react-router';
import { styled } from 'styled-components';
import type { Found } from '@omniarton/core/exchange';
import type { Failure } from '../../api/http';
import { isAway } from '../../api/http';
import { failureWords } from '../../api/words';
import { benchPath } from '../../base/paths';
import { Lost, Waiting } from '../../ui/states';
import { useAppDispatch, useAppSelector } from '../../state/state';
import { Wordmark } from '../../ui/Wordmark';
import { DocketFold } from '../../docket/DocketFold';
import { closed } from '../../state/draft/draftSlice';
import { openRecipe } from '../../state/draft/opening';
import { isStale } from '../../state/engine/engineSlice';
import { UnitsProvider } from '../../state/settings/units';
import { useSettings } from '../../state/settings/useSettings';
import { Button } from '../../ui/Button';
import { Row } from '../../ui/layout';
import { Notice } from '../../ui/Notice';
import { WhatHappened } from './WhatHappened';
import { Offer } from '../../stages/worklist/UnsentCopies';
import { TakeFiles } from '../../intake/TakeFiles';
import { BenchHead } from './BenchHead';
import { Beam } from './Beam';
import { ConflictPanel } from './ConflictPanel';
import { BenchProvider, useDraft, useEdit, useEngine } from '../../state/bench/onBench';
import { INTO_STAGE, useShortcuts } from './Shortcuts';
import { StageContents } from './StageContents';
import { STAGES } from './stages';

const LOOK_AGAIN_MS = 4000;

/** Opens the recipe of the address, and tries again while the server is away. */
function useOpening(household: string, recipe: string) {
  const dispatch = useAppDispatch();
  const [failure, setFailure] = useState<Failure | null>(null);
  const [tries, setTries] = useState(0);
  useEffect(() => {
    let gone = false;
    let timer: ReturnType<typeof setTimeout> | undefined;
    void dispatch(openRecipe({ household, recipe })).then((trouble) => {
      if (gone) return;
      setFailure(trouble);
      if (trouble && isAway(trouble)) timer = setTimeout(() => setTries((count) => count + 1), LOOK_AGAIN_MS);
    });
    return () => {
      gone = true;
      clearTimeout(timer);
    };
  }, [dispatch, household, recipe, tries]);
  useEffect(() => () => void dispatch(closed({ id: recipe })), [dispatch, recipe]);
  return { failure, again: () => setTries((count) => count + 1) };
}

/** The bench: one stage at a time, and the docket always beside it. */
export function BenchPage() {
  const { household = '', recipe = '', stage } = useParams();
  const { failure, again } = useOpening(household, recipe);
  const open = useAppSelector((state) => state.drafts[recipe] !== undefined);
  const copy = useAppSelector((state) => state.mirror.found.find(({ id }) => id === recipe));
  const at = STAGES.find(({ id }) => id === (stage ?? STAGES[0]!.id));
  if (!at) return <Navigate to={benchPath(household, recipe)} replace />;
  if (open)
    return (
      <BenchProvider value={recipe}>
        {copy ? <Offer copy={copy} /> : null}
        <Bench key={recipe} household={household} stage={at.id} />
      </BenchProvider>
    );
  if (!failure) return <Waiting />;
  if (failure.code === 'not-found' && !copy) return <Lost />;
  return (
    <Closed>
      <Wordmark />
      {copy ? <Offer copy={copy} /> : null}
      <Notice tone="danger" loud>
        <Row>
          <span>{failureWords(failure)}</span>
          <Button onPress={again}>Try again</Button>
        </Row>
      </Notice>
    </Closed>
  );
}

function Bench({ household, stage }: { readonly household: string; readonly stage: string }) {
  const failed = useEngine((engine) => engine.failed);
  const conflict = useDraft(({ save }) => save.status === 'conflict');
  const { Page, name } = STAGES.find(({ id }) => id === stage)!;
  const sheet = useShortcuts(household);
  const area = useRef<HTMLElement>(null);
  const state: unknown = useLocation().state;
  useEffect(() => {
    if ((state as typeof INTO_STAGE | null)?.into === INTO_STAGE.into) area.current?.focus();
  }, [stage, state]);
  const { units = 'grams' } = useSettings().settings;
  return (
    <Busy>
      <Title stage={name} />
      <BenchHead household={household} onHelp={sheet.open} />
      <Beam household={household} stage={stage} />
      <Floor>
        <Area aria-label={name} ref={area} tabIndex={-1} data-content>
          <StageContents key={stage} />
          {conflict ? <ConflictPanel /> : null}
          {failed ? (
            <Notice tone="danger" loud>
              {failed.words}
              <WhatHappened cause={failed.cause} />
            </Notice>
          ) : null}
          <Suspense fallback={<p role="status">Setting out …</p>}>
            <UnitsProvider value={units}>
              <Page />
            </UnitsProvider>
          </Suspense>
        </Area>
        <UnitsProvider value={units}>
          <DocketFold />
        </UnitsProvider>
      </Floor>
      {sheet.element}
      <Dropped household={household} />
    </Busy>
  );
}

/** Says that something is being worked out or saved. It changes with every key, so nothing that it holds is drawn with it. */
function Busy({ children }: { readonly children: ReactNode }) {
  const saving = useDraft(({ save }) => save.status === 'sending' || save.status === 'waiting');
  const thinking = useEngine(isStale);
  return <Frame data-busy={thinking ? 'thinking' : saving ? 'saving' : undefined}>{children}</Frame>;
}

function Title({ stage }: { readonly stage: string }) {
  const title = useDraft(({ doc }) => doc.asRead.title);
  return <title>{`${title || 'Untitled'} · ${stage} · Omniarton`}</title>;
}

/** A file that is dropped on the bench fills an empty sheet; onto a recipe it never falls, but beside it. */
function Dropped({ household }: { readonly household: string }) {
  const empty = useDraft(({ doc }) => doc.text.trim() === '');
  const edit = useEdit();
  const fill = useCallback(
    ({ text, foreign }: Found) => {
      if (empty) edit({ kind: 'taken', text, foreign });
      return empty;
    },
    [edit, empty],
  );
  return <TakeFiles household={household} drop onOne={fill} />;
}

const Frame = styled.main`
  min-height: 100vh;
  display: grid;
  grid-template: auto auto 1fr / minmax(0, 1fr);
`;
const Floor = styled.div`
  display: grid;
  grid-template-columns: minmax(0, 1fr) 20rem;
  align-items: start;
  @media (min-width: 1200px) {
    grid-template-columns: minmax(0, 1fr) 26rem;
  }
  ${({ theme }) => theme.phone} {
    grid-template-columns: minmax(0, 1fr);
    padding-bottom: 5rem;
  }
  @media print {
    display: block;
  }
`;
const Area = styled.section`
  &:focus {
    outline: none;
  }
  display: grid;
  gap: ${({ theme }) => theme.space(4)};
  padding: ${({ theme }) => `${theme.space(5)} ${theme.space(6)} ${theme.space(10)}`};
  min-width: 0;
  ${({ theme }) => theme.phone} {
    padding: ${({ theme }) => `${theme.space(4)} ${theme.space(3.5)}`};
  }
  @media print {
    display: none;
    html[data-paper='stage'] & {
      display: grid;
      grid-template-columns: minmax(0, 1fr);
      padding: 0;
    }
  }
`;
const Closed = styled.main`
  display: grid;
  gap: ${({ theme }) => theme.space(4)};
  justify-items: start;
  max-width: 44rem;
  padding: ${({ theme }) => theme.space(4)};
`;
