import { useState } from 'react';
import { styled } from 'styled-components';
import {
  countedBallots,
  openTrays,
  rightOf,
  servedTrays,
  TRAINING,
  withBallot,
  type Answer,
  type TastingDocument,
  type Tray,
} from '@omniarton/core/taste';
import { v7 as newId } from 'uuid';
import { nowMs } from '../../base/clock';
import type { TastingChange } from '../../state/tastings/tastings';
import { Button } from '../../ui/Button';
import { Heading, Row, Small, Stack } from '../../ui/layout';
import { Notice } from '../../ui/Notice';
import { printAs } from '../../ui/paper';
import { holdsWords, REFUSAL_WORDS, TEST_WORDS } from '../../words/tasting';
import { BallotForm } from './BallotForm';
import { CodeTable } from './CodeTable';
import { PaperBallots } from './PaperBallots';
import { OnScreen } from './onPaper';
import { roundWords } from './roundWords';

interface Props {
  readonly doc: TastingDocument;
  readonly change: (how: TastingChange) => void;
}

interface RoundProps extends Props {
  /** The seals are opened: it stays in view. */
  readonly onClose: () => void;
}

/** The tasting itself: codes for who serves, and this device handed from taster to taster, sealed between them. */
export function Round({ doc, change, onClose }: RoundProps) {
  const [at, setAt] = useState<'table' | 'codes' | Tray>('table');
  const [trouble, setTrouble] = useState<string | null>(null);
  const [told, setTold] = useState<string | null>(null);
  const open = openTrays(doc);
  const nameOf = (taster: string) => doc.tasters.find(({ id }) => id === taster)?.name || 'Somebody';
  const handIn = (tray: Tray, answer: Answer, words: string): boolean => {
    const ballot = { id: newId(), taster: tray.taster, round: tray.round, at: nowMs(), answer, words };
    const next = withBallot(doc, ballot);
    setTrouble(typeof next === 'string' ? REFUSAL_WORDS[next] : null);
    if (typeof next === 'string') return false;
    change((one) => {
      const laid = withBallot(one, ballot);
      return typeof laid === 'string' ? one : laid;
    });
    setTold(tray.round === TRAINING ? truthOf(tray, answer) : null);
    setAt('table');
    return true;
  };
  if (at === 'codes') return <CodeTable doc={doc} nameOf={nameOf} leave={() => setAt('table')} />;
  if (at !== 'table')
    return (
      <BallotForm
        test={doc.test}
        about={doc.about}
        tray={at}
        name={nameOf(at.taster)}
        trouble={trouble}
        onHandIn={(answer, words) => handIn(at, answer, words)}
        onLeave={() => setAt('table')}
      />
    );
  return (
    <>
      <OnScreen>
        <Stack as="section" aria-labelledby="round" $gap={5}>
          <Heading id="round">{inWords(doc)}</Heading>
          {told ? (
            <Notice tone="calm" loud>
              {told}
            </Notice>
          ) : null}
          <Notice>{holdsWords(doc)}</Notice>
          <Hands doc={doc} open={open} nameOf={nameOf} choose={setAt} />
          <Row>
            <Button onPress={() => setAt('codes')}>Codes, for {doc.coder || 'who serves'} alone</Button>
            <Button onPress={() => printAs('stage')}>Print ballots</Button>
            <Close all={open.length === 0} change={change} onClose={onClose} />
          </Row>
          <Went open={open} nameOf={nameOf} change={change} />
        </Stack>
      </OnScreen>
      <PaperBallots doc={doc} nameOf={nameOf} />
    </>
  );
}

/** "Liking: 2 of 3 ballots are in"; those of the training round aren't counted. */
function inWords(doc: TastingDocument): string {
  const all = servedTrays(doc).filter(({ round }) => round !== TRAINING).length;
  return `${TEST_WORDS[doc.test].name}: ${countedBallots(doc).length} of ${all} ballots are in`;
}

interface CloseProps extends Pick<Props, 'change'> {
  /** Everybody has answered. */
  readonly all: boolean;
  readonly onClose: () => void;
}

function Close({ all, change, onClose }: CloseProps) {
  return (
    <Button
      $weight={all ? 'strong' : 'plain'}
      onPress={() => {
        onClose();
        change((one) => ({ ...one, stage: 'closed' }));
      }}
    >
      {all ? 'Open the seals' : 'Close it with the ballots that are in'}
    </Button>
  );
}

/** In the training round the truth is told at once. */
function truthOf(tray: Tray, answer: Answer): string {
  const right = rightOf(tray);
  const words = tray.cups.some(({ reference }) => reference) ? 'like the reference' : 'the odd one';
  return answer.kind === 'pick' && answer.code === right
    ? `Right: ${right} was ${words}. That was training, and counts for nothing.`
    : `${right} was ${words}. That was training, and counts for nothing.`;
}

interface HandsProps {
  readonly doc: TastingDocument;
  readonly open: readonly Tray[];
  readonly nameOf: (taster: string) => string;
  readonly choose: (tray: Tray) => void;
}

/** Who is next: the device goes to whom it names. */
function Hands({ doc, open, nameOf, choose }: HandsProps) {
  if (open.length === 0) return <p>Everybody has answered.</p>;
  return (
    <Stack $gap={3}>
      <p>Hand this device to the taster who is next. What others said stays sealed.</p>
      <Row>
        {open.map((tray) => (
          <Hand key={`${tray.taster}${tray.round}`} $weight="strong" onPress={() => choose(tray)}>
            {nameOf(tray.taster)}
            {roundWords(doc, tray)}
          </Hand>
        ))}
      </Row>
    </Stack>
  );
}

interface WentProps extends Pick<Props, 'change'> {
  readonly open: readonly Tray[];
  readonly nameOf: (taster: string) => string;
}

/** Somebody who goes before they have tasted: the others' codes stay. */
function Went({ open, nameOf, change }: WentProps) {
  const there = [...new Set(open.map(({ taster }) => taster))];
  if (there.length === 0) return null;
  return (
    <Row>
      <Small as="span">Somebody has to go?</Small>
      {there.map((taster) => (
        <Button
          key={taster}
          $weight="quiet"
          onPress={() => change((one) => ({ ...one, withdrawn: [...one.withdrawn, taster] }))}
        >
          {nameOf(taster)} doesn’t taste
        </Button>
      ))}
    </Row>
  );
}

const Hand = styled(Button)`
  min-height: 64px;
  padding: 0 ${({ theme }) => theme.space(6)};
  font-size: 1.25rem;
`;
