import { TextArea } from 'react-aria-components';
import { styled } from 'styled-components';
import type { BakeNotes } from '@omniarton/core/kitchen';
import { SCORES, type Score } from '@omniarton/core/vocabulary';
import { useTemperatureUnit } from '../../state/bench/useMeasures';
import { Button } from '../../ui/Button';
import { Caption, Choice } from '../../ui/Choice';
import { DateEntry } from '../../ui/DateEntry';
import { Heading, Row, Stack } from '../../ui/layout';
import { Notice } from '../../ui/Notice';
import { NumberEntry } from '../../ui/NumberEntry';
import { fromShown, toShown } from '../../words/say';
import { Written } from '../../ui/Written';
import { useDocket, useDraft, useEdit } from '../../state/bench/onBench';
import { BakeList } from './BakeList';
import { newSheet } from '../../docket/newSheet';
import { FromRun } from './FromRun';
import { useKeepBake } from './useKeepBake';

const SCORE_WORDS: Readonly<Record<Score, string>> = {
  rise: 'Rise',
  crumb: 'Crumb',
  moist: 'Moistness',
  taste: 'Taste',
};
const MARKS = ['–', '1', '2', '3', '4', '5', '6', '7', '8', '9'] as const;
const MOST_MINUTES = 24 * 60;

/** What really happened, and every bake before. */
export function LogStage() {
  const sheet = useDraft(({ doc }) => doc.bakeSheet);
  const docket = useDocket();
  const edit = useEdit();
  const begin = () => edit({ kind: 'bakeSheet', sheet: newSheet(docket) });
  return (
    <Stack $gap={7}>
      {sheet || !docket ? null : (
        <FromRun take={(notes) => edit({ kind: 'bakeSheet', sheet: { ...newSheet(docket), ...notes } })} />
      )}
      {sheet ? (
        <BakeSheet sheet={sheet} />
      ) : docket ? (
        <Begin>
          <Button $weight="strong" onPress={begin}>
            Write down a bake
          </Button>
          <p>
            How long it took, how hot the dial stood, and how it came out. The docket goes with it as it is
            now, and the time that it took can be used for the next bake of this recipe.
          </p>
        </Begin>
      ) : (
        <Notice>A bake is written down with the docket that it was baked from; there is none yet.</Notice>
      )}
      <BakeList />
    </Stack>
  );
}

/** The sheet is part of the draft: it outlives a crash, an undo, a server that is away. */
function BakeSheet({ sheet }: { readonly sheet: BakeNotes }) {
  const edit = useEdit();
  const unit = useTemperatureUnit();
  const { keep, failure, busy } = useKeepBake();
  const set = (part: Partial<BakeNotes>) => edit({ kind: 'bakeSheet', sheet: { ...sheet, ...part } });
  return (
    <Stack as="section" aria-labelledby="bake-sheet">
      <Heading id="bake-sheet">This bake</Heading>
      <Row $gap={6} style={{ alignItems: 'end' }}>
        <DateEntry
          label="Baked on"
          type="date"
          value={sheet.bakedOn}
          onCommit={(bakedOn) => set({ bakedOn })}
        />
        <NumberEntry
          label="It took"
          unit="min"
          min={1}
          max={MOST_MINUTES}
          value={sheet.minutes}
          onCommit={(minutes) => set({ minutes })}
        />
        <NumberEntry
          label="The dial said"
          unit={unit === 'fahrenheit' ? '°F' : '°C'}
          min={toShown(50, unit)}
          max={toShown(300, unit)}
          value={sheet.ovenCelsius === null ? null : toShown(sheet.ovenCelsius, unit)}
          onCommit={(value) => set({ ovenCelsius: fromShown(value, unit) })}
        />
      </Row>
      <Marks scores={sheet.scores} onChange={(scores) => set({ scores })} />
      <Written value={sheet.notes} onChange={(notes) => set({ notes })}>
        <Caption>Notes</Caption>
        <TextArea rows={4} maxLength={5000} />
      </Written>
      {failure ? (
        <Notice tone="danger" loud>
          {failure}
        </Notice>
      ) : null}
      <Row>
        <Button $weight="strong" isDisabled={busy} onPress={() => void keep(sheet)}>
          Keep this bake
        </Button>
        <Button onPress={() => edit({ kind: 'bakeSheet', sheet: null })}>Throw the sheet away</Button>
      </Row>
    </Stack>
  );
}

const Begin = styled.div`
  display: grid;
  grid-template-columns: max-content minmax(0, 34rem);
  gap: ${({ theme }) => theme.space(5)};
  align-items: center;
  ${({ theme }) => theme.phone} {
    grid-template-columns: minmax(0, 1fr);
    justify-items: start;
  }
`;

interface MarksProps {
  readonly scores: BakeNotes['scores'];
  readonly onChange: (scores: BakeNotes['scores']) => void;
}

/** A mark from 1 to 9 for each; a dash for what nobody judged. */
function Marks({ scores, onChange }: MarksProps) {
  const score = (which: Score, mark: string) => {
    const { [which]: _, ...others } = scores;
    onChange(mark === '–' ? others : { ...others, [which]: Number(mark) });
  };
  return (
    <Scores>
      {SCORES.map((which) => (
        <Choice
          key={which}
          label={`${SCORE_WORDS[which]}, 1 to 9`}
          value={String(scores[which] ?? '–')}
          options={MARKS.map((id) => ({ id: id as string, name: id }))}
          onChange={(mark) => score(which, mark)}
        />
      ))}
    </Scores>
  );
}

const Scores = styled.div`
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(21rem, 1fr));
  gap: ${({ theme }) => theme.space(4)};
  label {
    min-width: 36px;
    padding: 0;
    justify-content: center;
  }
  ${({ theme }) => theme.phone} {
    grid-template-columns: minmax(0, 1fr);
  }
`;
