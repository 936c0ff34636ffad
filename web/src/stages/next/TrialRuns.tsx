import { useState } from 'react';
import { useNavigate } from 'react-router';
import { styled } from 'styled-components';
import { v4 as uuid } from 'uuid';
import { requestOfRun, runName, type PlannedTrial, type TrialRun } from '@omniarton/core/kitchen';
import { SCALE_ROWS } from '@omniarton/core/log';
import type { TrialMarks } from '@omniarton/core/next';
import { HERE } from '../../bakeday/clocks';
import { benchPath, dayPath } from '../../base/paths';
import { newSheet } from '../../docket/newSheet';
import { useDocket, useDraft, useEdit, useRequest } from '../../state/bench/onBench';
import { useDay } from '../../state/day/useDay';
import { Button, ButtonLink } from '../../ui/Button';
import { DateEntry } from '../../ui/DateEntry';
import { Row, Small, Stack } from '../../ui/layout';
import { cellWords } from './trialWords';

interface Props {
  readonly trial: PlannedTrial;
  readonly columns: readonly string[];
  readonly marks: TrialMarks;
}

/** The half batches in their order: each is one press from its docket and its sheet, and those that are left from the bake day. */
export function TrialRuns({ trial, columns, marks }: Props) {
  const household = useDraft((draft) => draft.household);
  const recipe = useDraft((draft) => draft.id);
  const [request, ask] = useRequest();
  const docket = useDocket();
  const edit = useEdit();
  const go = useNavigate();
  const bake = (run: TrialRun) => {
    ask(requestOfRun(trial, run, request));
    edit({
      kind: 'bakeSheet',
      sheet: {
        ...newSheet(docket),
        variant: { name: runName(run.code), parent: null },
        tins: 'half a batch',
      },
    });
    void go(benchPath(household, recipe, 'log'));
  };
  return (
    <Stack $gap={3}>
      <Table>
        <thead>
          <tr>
            <th scope="col">Code</th>
            {columns.map((name) => (
              <th scope="col" key={name}>
                {name}
              </th>
            ))}
            <th scope="col">{SCALE_ROWS[trial.mark].name}</th>
            <td />
          </tr>
        </thead>
        <tbody>
          {trial.runs.map((run) => (
            <tr key={run.code}>
              <th scope="row">{run.code}</th>
              {columns.map((name, at) => (
                <td key={name}>{cellWords(trial, run.at, at)}</td>
              ))}
              <td>{marks[run.code]?.join(', ') ?? '–'}</td>
              <td>
                <Button aria-label={`Bake ${run.code}`} onPress={() => bake(run)}>
                  Bake it
                </Button>
              </td>
            </tr>
          ))}
        </tbody>
      </Table>
      <OnTheDay trial={trial} marks={marks} />
      {trial.mark === 'overall' ? (
        <Small>
          Tasted blind, in Taste by liking, the tasters’ marks count in the place of the baker’s own.
        </Small>
      ) : null}
    </Stack>
  );
}

/** What isn't baked yet is put on the bake day, each as its own bake. */
function OnTheDay({ trial, marks }: Pick<Props, 'trial' | 'marks'>) {
  const household = useDraft((draft) => draft.household);
  const recipe = useDraft((draft) => draft.id);
  const stored = useDraft((draft) => draft.base > 0);
  const { doc, ready, change } = useDay(household);
  const [at, setAt] = useState('');
  const there = doc.bakes.filter((one) => one.recipe === recipe && one.trial !== undefined);
  const left = trial.runs.filter(({ code }) => !marks[code] && !there.some((one) => one.trial === code));
  const put = () =>
    change((day) => ({
      ...day,
      zone: day.bakes.length === 0 ? HERE : day.zone,
      pins: [],
      bakes: [...day.bakes, ...left.map(({ code }) => ({ id: uuid(), recipe, at, trial: code }))],
    }));
  if (!ready || !stored || (left.length === 0 && there.length === 0)) return null;
  return (
    <Row $gap={4} style={{ alignItems: 'end' }}>
      {left.length > 0 ? (
        <>
          <DateEntry label="All on the table at" type="datetime-local" value={at} onCommit={setAt} />
          <Button isDisabled={at === ''} onPress={put}>
            Put {left.length === 1 ? 'it' : `these ${left.length}`} on the bake day
          </Button>
        </>
      ) : null}
      {there.length > 0 ? (
        <ButtonLink $weight="quiet" to={dayPath(household)}>
          {there.length} on the bake day
        </ButtonLink>
      ) : null}
    </Row>
  );
}

const Table = styled.table`
  border-collapse: collapse;
  display: block;
  max-width: 100%;
  overflow-x: auto;
  font-variant-numeric: tabular-nums;
  th {
    text-align: left;
    font-weight: 400;
  }
  tbody th {
    font: 650 1.1rem/1.2 ${({ theme }) => theme.font.figures};
  }
  th,
  td {
    padding: ${({ theme }) => `${theme.space(1)} ${theme.space(4)} ${theme.space(1)} 0`};
  }
`;
