import { useMemo } from 'react';
import type { BakeNotes } from '@omniarton/core/kitchen';
import { planStudy, type Study } from '@omniarton/core/log';
import { newSeed } from '../../base/newSeed';
import { useDocket, useDraft, useEdit } from '../../state/bench/onBench';
import { Button } from '../../ui/Button';
import { Fold } from '../../ui/Fold';
import { Row, Small, Stack } from '../../ui/layout';
import { printAs } from '../../ui/paper';
import { TextEntry } from '../../ui/TextEntry';
import { CutLabels } from '../../baked/CutLabels';
import { sayGrams } from '../../words/say';

/** So many changes beside the one that stays as it was. */
const MOST_CHANGES = 3;
const SHARE: Readonly<Record<number, string>> = { 2: 'half', 3: 'a third', 4: 'a quarter' };

interface Props {
  /** Begins the sheet of one of them. */
  readonly write: (notes: Partial<BakeNotes>) => void;
}

/** Two to four variants out of one batch: alike parts, one of them as it was, in an order that nobody chose. */
export function StudyPlan({ write }: Props) {
  const docket = useDocket();
  const edit = useEdit();
  const kept = useDraft(({ doc }) => doc.study);
  const { changes, seed } = useMemo(() => kept ?? { changes: [], seed: newSeed() }, [kept]);
  const named = useMemo(() => changes.filter((one) => one !== ''), [changes]);
  const study = useMemo(
    () => (docket && named.length > 0 ? planStudy(docket, named, seed) : null),
    [docket, named, seed],
  );
  return (
    <Fold name="Plan variants from one batch">
      <Stack $gap={4}>
        <Row style={{ alignItems: 'end' }}>
          {Array.from({ length: MOST_CHANGES }, (_, at) => (
            <TextEntry
              key={at}
              label={`Change ${at + 1}, one thing`}
              value={changes[at] ?? ''}
              mayBeEmpty
              maxLength={60}
              onCommit={(name) =>
                edit({
                  kind: 'study',
                  study: {
                    seed,
                    changes: Array.from({ length: MOST_CHANGES }, (__, place) =>
                      place === at ? name : (changes[place] ?? ''),
                    ),
                  },
                })
              }
            />
          ))}
        </Row>
        {study ? (
          <>
            <Batches study={study} write={write} />
            <CutLabels labels={study.batches} allergens={study.allergens} />
            <Row>
              <Button $weight="quiet" onPress={() => edit({ kind: 'study', study: null })}>
                Done with this study
              </Button>
            </Row>
          </>
        ) : (
          <Small>Name one change to each: two changes in one variant can’t be told apart afterwards.</Small>
        )}
      </Stack>
    </Fold>
  );
}

interface BatchesProps extends Props {
  readonly study: Study;
}

function Batches({ study, write }: BatchesProps) {
  const { batches, lines, eggs } = study;
  const share = SHARE[batches.length]!;
  return (
    <Stack $gap={3}>
      <p>
        Make one batch, as far as they are alike, and part it: {share} each. Baked in this order, one after
        the other on the same rack, for the same time.
      </p>
      {eggs.map(({ name, beaten, gramsEach }) => (
        <p key={name}>
          {name}: beat {beaten} together and weigh {sayGrams(gramsEach)} g for each.
        </p>
      ))}
      <ol>
        {[...batches]
          .sort((a, b) => a.place - b.place)
          .map(({ name, code, control }) => (
            <li key={code}>
              <Row>
                <b>{code}</b>
                <span>
                  {name}
                  {control ? ': nothing is changed' : ''}
                </span>
                <Button
                  onPress={() =>
                    write({
                      variant: { name, parent: null },
                      tins: `${share} of a batch, code ${code}`,
                    })
                  }
                >
                  Write it down
                </Button>
              </Row>
            </li>
          ))}
      </ol>
      <Small>
        For each, before its change:{' '}
        {lines.map(({ name, grams }) => `${sayGrams(grams)} g ${name}`).join(', ')}.
      </Small>
      <Row>
        <Button onPress={() => printAs('stage')}>Print list and labels</Button>
      </Row>
    </Stack>
  );
}
