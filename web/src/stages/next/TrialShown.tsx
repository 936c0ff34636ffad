import { requestOfRun, type PlannedTrial } from '@omniarton/core/kitchen';
import type { Foreseen, TrialMarks, TrialResult } from '@omniarton/core/next';
import { useRequest } from '../../state/bench/onBench';
import { Button } from '../../ui/Button';
import { Row, Small, Stack } from '../../ui/layout';
import { TrialField } from './TrialField';
import { effectWords, foreseenWords, MODEL_WORDS } from './trialWords';

interface Props {
  readonly trial: PlannedTrial;
  readonly result: TrialResult;
  readonly marks: TrialMarks;
  readonly columns: readonly string[];
}

/** What the marks say: the surface, its best, what to bake next, and how sure that is. */
export function TrialShown({ trial, result, marks, columns }: Props) {
  const [request, ask] = useRequest();
  const { wanting, model, best, next, lackP, effects } = result;
  const say = (one: Foreseen) => foreseenWords(trial, columns, one);
  const take = (one: Foreseen) => ask({ ...requestOfRun(trial, one, request), scale: request.scale });
  if (!model)
    return (
      <Small>
        {wanting > 0
          ? `${wanting} more must be baked and judged before anything can be said.`
          : 'These bakes don’t tell what was tried apart.'}
      </Small>
    );
  return (
    <Stack $gap={3}>
      {effects.map((one, at) => (
        <p key={columns[at]}>{effectWords(columns[at]!, one)}.</p>
      ))}
      {best ? (
        <Row>
          <span>
            Best{trial.kind === 'blend' ? ', of these flours among themselves' : ''}: {say(best)}.
          </span>
          <Button onPress={() => take(best)}>Take the best</Button>
        </Row>
      ) : null}
      {next ? (
        <Row>
          <span>To bake next: {say(next)}.</span>
          <Button $weight="quiet" onPress={() => take(next)}>
            Take this one
          </Button>
        </Row>
      ) : (
        <p>Another bake would hardly beat the best that was baked: good enough.</p>
      )}
      <Small>
        {MODEL_WORDS[model]} over {result.marked} marks
        {lackP === null
          ? '; none was baked or tasted twice, so how well it fits can’t be told'
          : `; so little fit comes by chance with p = ${lackP.toFixed(2)}`}
        . Marks of so few bakes vary: the interval holds 19 of 20 such means.
      </Small>
      <TrialField trial={trial} result={result} marks={marks} names={columns} />
      {result.field.length > 0 ? (
        <Small>
          The larger a dot the better; hollow where little is known; lines are of one mark. Figures: what was
          baked. Ring: the best. Dashed: the next.
        </Small>
      ) : null}
    </Stack>
  );
}
