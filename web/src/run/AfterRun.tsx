import { notesOf, type DayRun } from '@omniarton/core/clock';
import { benchPath, dayPath } from '../base/paths';
import { Button, ButtonLink } from '../ui/Button';
import { Heading, Row, Small, Stack } from '../ui/layout';

interface Props {
  readonly household: string;
  readonly run: DayRun;
  readonly clear: () => void;
}

/** A bake day that is over: what each bake's log has from it. */
export function AfterRun({ household, run, clear }: Props) {
  return (
    <Stack $gap={5}>
      <h2>The bake day is over</h2>
      <Stack as="ul" $gap={3} style={{ listStyle: 'none' }}>
        {run.bakes.map(({ id, recipe, title }) => {
          const notes = notesOf(run, id);
          return (
            <li key={id}>
              <Heading as="h3">{title}</Heading>
              <Small>
                {notes?.minutes ? `${notes.minutes} minutes in the oven` : 'Nothing was timed'}
                {notes?.ovenCelsius ? ` at ${notes.ovenCelsius} °C` : ''}
                {notes?.notes ? `; ${notes.notes.split('\n').join('; ')}` : ''}
              </Small>
              {recipe ? <ButtonLink to={benchPath(household, recipe, 'log')}>Into its log</ButtonLink> : null}
            </li>
          );
        })}
      </Stack>
      <Row>
        <Button onPress={clear}>Clear the bake day</Button>
        <ButtonLink to={dayPath(household)}>Back to the plan</ButtonLink>
      </Row>
    </Stack>
  );
}
