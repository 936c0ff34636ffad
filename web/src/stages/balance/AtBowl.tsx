import { useState } from 'react';
import { styled } from 'styled-components';
import type { DocketBowl } from '@omniarton/core/docket';
import { say } from '@omniarton/core/words';
import { Button } from '../../ui/Button';
import { Heading, Row, Small, Stack } from '../../ui/layout';
import { sayGrams } from '../../words/say';
import { useDocket, useDraft, useEdit } from '../../state/bench/onBench';
import { newSheet } from '../../docket/newSheet';

const FAULTS = ['tooStiff', 'tooLoose'] as const;
type Fault = (typeof FAULTS)[number];
const WORDS: Readonly<Record<Fault, string>> = { tooStiff: 'Too stiff', tooLoose: 'Too loose' };

/** How it should look in the bowl, and one press for what to add when it doesn't. What is added is noted for the log. */
export function AtBowl({ bowl }: { readonly bowl: DocketBowl }) {
  const { given, give } = useDoses(bowl);
  return (
    <Stack as="section" $gap={2} aria-labelledby="bowl">
      <Heading id="bowl">At the bowl</Heading>
      <Looks>
        <dt>Mixed</dt>
        <dd>{say(bowl.mixed)}.</dd>
        <dt>After the rest</dt>
        <dd>{say(bowl.rested)}.</dd>
      </Looks>
      {bowl.pilot ? <Small>{say(bowl.pilot)}</Small> : null}
      <Row $gap={3}>
        {FAULTS.map((fault) => {
          const dose = bowl[fault];
          const left = dose ? dose.most - given[fault] * dose.grams : 0;
          return dose ? (
            <Button key={fault} onPress={() => give(fault)} isDisabled={left < dose.grams / 2}>
              {WORDS[fault]}
            </Button>
          ) : null;
        })}
      </Row>
      <div role="status">
        {FAULTS.map((fault) => {
          const dose = bowl[fault];
          if (!dose || given[fault] === 0) return null;
          return (
            <p key={fault}>
              Stir in{' '}
              <strong>
                {sayGrams(dose.grams)} g {dose.name}
              </strong>{' '}
              and wait five minutes: {sayGrams(given[fault] * dose.grams)} g so far, at most{' '}
              {sayGrams(dose.most)} g. It is noted for the log.
            </p>
          );
        })}
      </div>
    </Stack>
  );
}

/** What was given at this bowl; each dose goes on the sheet of the bake. */
function useDoses(bowl: DocketBowl) {
  const [given, setGiven] = useState<Readonly<Record<Fault, number>>>({ tooStiff: 0, tooLoose: 0 });
  const sheet = useDraft(({ doc }) => doc.bakeSheet);
  const docket = useDocket();
  const edit = useEdit();
  const give = (fault: Fault) => {
    const dose = bowl[fault]!;
    setGiven({ ...given, [fault]: given[fault] + 1 });
    const old = sheet ?? newSheet(docket);
    const note = `${WORDS[fault]} at the bowl: + ${sayGrams(dose.grams)} g ${dose.name}.`;
    edit({
      kind: 'bakeSheet',
      sheet: { ...old, notes: [old.notes, note].filter((one) => one !== '').join('\n') },
    });
  };
  return { given, give };
}

const Looks = styled.dl`
  display: grid;
  grid-template-columns: auto minmax(0, 1fr);
  gap: ${({ theme }) => `${theme.space(1)} ${theme.space(4)}`};
  dt {
    color: ${({ theme }) => theme.colour.soft};
  }
  dd {
    font: 400 1.05rem/1.4 ${({ theme }) => theme.font.written};
  }
`;
