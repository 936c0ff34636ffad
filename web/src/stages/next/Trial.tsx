import { useEffect, useMemo, useState } from 'react';
import { useNavigate } from 'react-router';
import { styled } from 'styled-components';
import type { BakeAnswer } from '@omniarton/contracts';
import type { PlannedTrial, TrialRun } from '@omniarton/core/kitchen';
import type { FlourShare, Foreseen, TrialMarks, TrialResult } from '@omniarton/core/next';
import { SCALE_ROWS } from '@omniarton/core/log';
import { MARK_SCALES, type MarkScale } from '@omniarton/core/vocabulary';
import { newSeed } from '../../base/newSeed';
import { benchPath } from '../../base/paths';
import { newSheet } from '../../docket/newSheet';
import { askSlow } from '../../state/engine/engine';
import { useDocket, useDraft, useEdit, useRequest } from '../../state/bench/onBench';
import { Button, Chip } from '../../ui/Button';
import { Fold } from '../../ui/Fold';
import { Row, Small, Stack } from '../../ui/layout';
import { NumberEntry } from '../../ui/NumberEntry';
import { printAs } from '../../ui/paper';
import { Pick } from '../../ui/Pick';
import { sayPercent } from '../../words/say';
import { TrialField } from './TrialField';

const MOST_FLOURS = 4;
const [FEWEST, MOST] = [4, 8];
const MARKS = MARK_SCALES.map((id) => ({ id, name: SCALE_ROWS[id].name }));
const runName = (code: string): string => `trial ${code}`;

interface Blended extends FlourShare {
  readonly name: string;
}

/** The flours of the part that has a blend. */
function useBlend(): readonly Blended[] {
  const docket = useDocket();
  return useMemo(() => docket?.parts.find(({ blend }) => blend.length > 0)?.blend ?? [], [docket]);
}

/** A plan of half batches over three or four flours, what each is weighed out with, and what they have shown. */
export function Trial({ bakes }: { readonly bakes: readonly BakeAnswer[] }) {
  const trial = useDraft(({ doc }) => doc.trial);
  const blend = useBlend();
  if (!trial && blend.length < 3) return null;
  return (
    <Fold name="A designed trial of the blend">
      {trial ? <Planned trial={trial} bakes={bakes} blend={blend} /> : <SetUp blend={blend} />}
    </Fold>
  );
}

function SetUp({ blend }: { readonly blend: readonly Blended[] }) {
  const edit = useEdit();
  const [chosen, setChosen] = useState<readonly string[]>(() =>
    blend.slice(0, 3).map(({ ingredient }) => ingredient),
  );
  const [bakes, setBakes] = useState(6);
  const [mark, setMark] = useState<MarkScale>('overall');
  const flours = blend.filter(({ ingredient }) => chosen.includes(ingredient));
  const held = blend.filter(({ ingredient }) => !chosen.includes(ingredient));
  const right = flours.length >= 3 && flours.length <= MOST_FLOURS && bakes > flours.length;
  const plan = () =>
    void askSlow(async (engine) => await engine.planTrial(flours, held, bakes, mark, newSeed())).then(
      (trial) => edit({ kind: 'trial', trial }),
    );
  return (
    <Stack $gap={4}>
      <p>
        Half batches that differ in nothing but the shares of some flours, chosen so that together they tell
        most, baked in an order that nobody chose. The other flours stay as they are.
      </p>
      <Row>
        {blend.map(({ ingredient, name }) => (
          <Chip
            key={ingredient}
            isSelected={chosen.includes(ingredient)}
            onChange={(on) =>
              setChosen(on ? [...chosen, ingredient] : chosen.filter((one) => one !== ingredient))
            }
          >
            {name}
          </Chip>
        ))}
      </Row>
      <Row $gap={5} style={{ alignItems: 'end' }}>
        <NumberEntry
          label="Half batches"
          min={FEWEST}
          max={MOST}
          value={bakes}
          onCommit={(value) => setBakes(Math.round(value))}
        />
        <Pick<MarkScale> label="Judged by" value={mark} options={MARKS} onChange={setMark} />
      </Row>
      <Row>
        <Button $weight="strong" isDisabled={!right} onPress={plan}>
          Plan it
        </Button>
        {right ? null : <Small>Three or four flours, and a bake more than flours at least.</Small>}
      </Row>
    </Stack>
  );
}

interface PlannedProps {
  readonly trial: PlannedTrial;
  readonly bakes: readonly BakeAnswer[];
  readonly blend: readonly Blended[];
}

/** What was given to each run's bakes. */
function marksOf({ runs, mark }: PlannedTrial, bakes: readonly BakeAnswer[]): TrialMarks {
  const given = runs.map(({ code }): [string, number[]] => [
    code,
    bakes.flatMap(({ doc }) => {
      const own = doc.notes.looks[0]?.marks[mark];
      return doc.notes.variant?.name === runName(code) && own !== undefined ? [own] : [];
    }),
  ]);
  return Object.fromEntries(given.filter(([, marks]) => marks.length > 0));
}

function useResult(trial: PlannedTrial, marks: TrialMarks): TrialResult | null {
  const [found, setFound] = useState<{ readonly asked: string; readonly result: TrialResult } | null>(null);
  const asked = JSON.stringify([trial.runs, marks]);
  useEffect(() => {
    let gone = false;
    askSlow(async (engine) => await engine.trialResult(trial, marks)).then(
      (result) => (gone ? undefined : setFound({ asked, result })),
      () => undefined,
    );
    return () => void (gone = true);
    // `asked` stands for the trial and its marks.
    // eslint-disable-next-line react-hooks/exhaustive-deps
  }, [asked]);
  return found?.asked === asked ? found.result : null;
}

function Planned({ trial, bakes, blend }: PlannedProps) {
  const edit = useEdit();
  const marks = useMemo(() => marksOf(trial, bakes), [trial, bakes]);
  const result = useResult(trial, marks);
  const names = trial.flours.map(
    (id) => blend.find(({ ingredient }) => ingredient === id)?.name ?? id.replaceAll('-', ' '),
  );
  return (
    <Stack $gap={4}>
      <Runs trial={trial} names={names} marks={marks} />
      {result ? <Shown trial={trial} result={result} marks={marks} names={names} /> : null}
      <Row>
        <Button onPress={() => printAs('stage')}>Print the list</Button>
        <Button $weight="quiet" onPress={() => edit({ kind: 'trial', trial: null })}>
          Done with this trial
        </Button>
      </Row>
    </Stack>
  );
}

interface RunsProps {
  readonly trial: PlannedTrial;
  readonly names: readonly string[];
  readonly marks: TrialMarks;
}

/** The runs in their order; each is one press from its docket and its sheet. */
function Runs({ trial, names, marks }: RunsProps) {
  const household = useDraft((draft) => draft.household);
  const recipe = useDraft((draft) => draft.id);
  const [request, ask] = useRequest();
  const docket = useDocket();
  const edit = useEdit();
  const go = useNavigate();
  const whole = 1 - trial.held.reduce((sum, { share }) => sum + share, 0);
  const bake = async (run: TrialRun) => {
    const blend = await askSlow(async (engine) => await engine.blendOfRun(trial, run));
    ask({
      pins: blend.map((one) => ({ ...one, held: true })),
      scale: request.scale ?? { factor: 0.5, lines: [] },
    });
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
    <Table>
      <thead>
        <tr>
          <th scope="col">Code</th>
          {names.map((name) => (
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
            {run.shares.map((share, at) => (
              <td key={names[at]}>{sayPercent(share * whole)} %</td>
            ))}
            <td>{marks[run.code]?.join(', ') ?? '–'}</td>
            <td>
              <Button aria-label={`Bake ${run.code}`} onPress={() => void bake(run)}>
                Bake it
              </Button>
            </td>
          </tr>
        ))}
      </tbody>
    </Table>
  );
}

interface ShownProps extends RunsProps {
  readonly result: TrialResult;
}

/** What the marks say: the surface, its best, what to bake next, and how sure that is. */
function Shown({ trial, result, marks, names }: ShownProps) {
  const { wanting, model, best, next, lackP } = result;
  const say = ({ shares, value, interval }: Foreseen) =>
    `${names.map((name, at) => `${name} ${sayPercent(shares[at]!)} %`).join(', ')}: ${value.toFixed(1)}${interval ? ` (${interval[0].toFixed(1)} to ${interval[1].toFixed(1)})` : ''}`;
  if (!model)
    return (
      <Small>
        {wanting > 0
          ? `${wanting} more must be baked and judged before anything can be said.`
          : 'These bakes don’t tell the flours apart.'}
      </Small>
    );
  return (
    <Stack $gap={3}>
      {best ? <p>Best, of these flours among themselves: {say(best)}.</p> : null}
      <p>
        {next
          ? `To bake next: ${say(next)}.`
          : 'Another bake would hardly beat the best that was baked: good enough.'}
      </p>
      <Small>
        {model === 'linear' ? 'A plane over' : 'A curved surface over'} {result.marked} bakes
        {lackP === null
          ? '; none was baked twice, so how well it fits can’t be told'
          : `; so little fit comes by chance with p = ${lackP.toFixed(2)}`}
        . Marks of so few bakes vary: the interval holds 19 of 20 such means.
      </Small>
      <TrialField trial={trial} result={result} marks={marks} names={names} />
      {trial.flours.length === 3 ? (
        <Small>
          The larger a dot the better; hollow where little is known. Figures: what was baked. Ring: the best.
          Dashed: the next.
        </Small>
      ) : null}
    </Stack>
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
