import { useState } from 'react';
import { styled } from 'styled-components';
import type { BakeAnswer } from '@omniarton/contracts';
import type { Docket } from '@omniarton/core/docket';
import type { BakeNotes } from '@omniarton/core/kitchen';
import { compareBake, timedBy, waterLost, type Foretold } from '@omniarton/core/log';
import { useDocketQuery, useRemoveBakeMutation } from '../../api/bakesApi';
import type { Failure } from '../../api/http';
import { failureWords } from '../../api/words';
import { DocketPaper } from '../../docket/DocketPaper';
import { useRequest } from '../../state/bench/onBench';
import { useBakeNotes } from '../../state/bakes/useBakeNotes';
import { useTemperatureUnit } from '../../state/bench/useMeasures';
import { lookAtBags } from '../../state/kitchen/bags';
import { useAppDispatch } from '../../state/state';
import { Button, Chip } from '../../ui/Button';
import { Fold } from '../../ui/Fold';
import { Figure, Row, Small, Stack } from '../../ui/layout';
import { Notice } from '../../ui/Notice';
import { SheetOver } from '../../ui/Sheet';
import { Unsaved } from '../../ui/Unsaved';
import { datedBakeName } from '../../words/bakeName';
import { marksWords } from '../../words/marks';
import { sayOven, sayTenths } from '../../words/say';
import { LookForm } from './LookForm';
import { Photos } from './photo/Photos';

interface RowProps {
  readonly bake: BakeAnswer;
  readonly household: string;
  readonly recipe: string;
  /** It is one of those side by side. */
  readonly compared: boolean;
  readonly onCompare: (on: boolean) => void;
}

/** What is known of a bake in one line. */
function factsOf({ doc, foretold }: BakeAnswer, unit: 'celsius' | 'fahrenheit'): string {
  const { notes } = doc;
  const lost = waterLost(notes.measured);
  return [
    ...(notes.asWritten ? ['as the page has it'] : []),
    ...(notes.ovenCelsius === null ? [] : [sayOven(notes.ovenCelsius, unit)]),
    ...(notes.asWritten ? [] : [compareWords(notes, foretold)]),
    ...(lost === null ? [] : [`lost ${sayTenths(lost)}`]),
    ...notes.looks.map(({ when, marks }) => `${when}: ${marksWords(marks).join(', ')}`),
    ...(notes.frozen === null ? [] : [`${notes.frozen} in the freezer`]),
  ].join(' · ');
}

/** One bake of the log: what was written down, its docket and pictures, and what is judged later. */
export function BakeRow(props: RowProps) {
  const { bake, compared, onCompare } = props;
  const { notes } = bake.doc;
  const unit = useTemperatureUnit();
  const [open, setOpen] = useState<'nothing' | 'docket' | 'more'>('nothing');
  const name = datedBakeName(bake);
  const close = () => setOpen('nothing');
  return (
    <li>
      <Figure $size={2}>
        {notes.minutes ?? '–'}
        <small> min</small>
      </Figure>
      <div>
        <strong>{name}</strong>
        <Small>{factsOf(bake, unit)}</Small>
        {notes.notes ? <Written>{notes.notes}</Written> : null}
        <Moments moments={notes.moments} />
      </div>
      <Row>
        <Button onPress={() => setOpen('more')}>Judge it, pictures</Button>
        <Button onPress={() => setOpen('docket')}>Its docket</Button>
        <TimeCounts bake={bake} />
        <Chip isSelected={compared} onChange={onCompare}>
          Side by side
        </Chip>
        <TakeOff {...props} />
      </Row>
      <SheetOver title={`As baked on ${notes.bakedOn}`} isOpen={open === 'docket'} onClose={close}>
        <ItsDocket {...props} />
      </SheetOver>
      <SheetOver title={`The bake of ${name}`} isOpen={open === 'more'} onClose={close}>
        <Later {...props} name={name} />
      </SheetOver>
    </li>
  );
}

/** The docket that it was baked from, fetched when somebody wants to see it. */
function ItsDocket({ bake, household, recipe }: RowProps) {
  const { data, error } = useDocketQuery({ household, recipe, docket: bake.doc.docket });
  if (error) return <Notice tone="danger">{failureWords(error as Failure)}</Notice>;
  if (!data) return <Small role="status">Fetching …</Small>;
  return (
    <>
      <DocketPaper docket={data.doc.docket as Docket} stale={false} />
      <Small>Engine {data.engine}</Small>
    </>
  );
}

/** When what was done: from the counter. */
function Moments({ moments }: Pick<BakeNotes, 'moments'>) {
  if (moments.length === 0) return null;
  return (
    <Fold name={`${moments.length} moments from the counter`}>
      <ol>
        {moments.map(({ at, what }, place) => (
          <li key={`${place}${at}`}>
            {at} {what}
          </li>
        ))}
      </ol>
    </Fold>
  );
}

function TakeOff({ bake, household, recipe }: RowProps) {
  const [remove] = useRemoveBakeMutation();
  const [{ timed }, ask] = useRequest();
  const dispatch = useAppDispatch();
  return (
    <Button
      $weight="quiet"
      aria-label={`Take the bake of ${bake.doc.notes.bakedOn} off the log`}
      onPress={() => {
        // Its time goes with it.
        if (timed?.bake === bake.id) ask({ timed: null });
        void remove({ household, recipe, bake: bake.id, version: bake.version }).then(() =>
          dispatch(lookAtBags(household)),
        );
      }}
    >
      ✕
    </Button>
  );
}

/** What is known of a bake only later: how it was on the next day, what is left in the freezer, its pictures. */
function Later(props: RowProps & { readonly name: string }) {
  const { bake, household, name } = props;
  const { notes } = bake.doc;
  const { set, save } = useBakeNotes(props);
  return (
    <Stack $gap={5}>
      <Unsaved save={save} kept="What you wrote down and judged" />
      <LookForm looks={notes.looks} onChange={(looks) => set({ looks })} />
      {notes.frozen === null ? null : (
        <Row>
          <span>{notes.frozen} in the freezer</span>
          <Button isDisabled={notes.frozen === 0} onPress={() => set({ frozen: notes.frozen! - 1 })}>
            One taken out
          </Button>
        </Row>
      )}
      <Photos household={household} bake={bake.id} name={name} />
    </Stack>
  );
}

/** Which bake's time sets the prediction right: the last one that was timed, or another that is chosen. */
function TimeCounts({ bake }: { readonly bake: BakeAnswer }) {
  const [request, ask] = useRequest();
  const timed = timedBy(bake.id, bake.doc.notes, bake.foretold);
  if (!timed) return null;
  const counts = request.timed?.bake === bake.id;
  return (
    <Chip isSelected={counts} onChange={(on) => ask({ timed: on ? timed : null })}>
      Its time counts
    </Chip>
  );
}

function compareWords(notes: BakeNotes, predicted: Foretold): string {
  const { ratio, window } = compareBake(notes, predicted);
  if (ratio === null || !predicted.minutes) return 'not timed';
  const { central, low, high } = predicted.minutes;
  const place = window === 'inside' ? 'inside the window' : `${window} than the window`;
  return `${ratio.toFixed(2)} × the predicted ${Math.round(central)} min (${Math.round(low)}–${Math.round(high)}), ${place}`;
}

const Written = styled.p`
  font: 400 1rem/1.4 ${({ theme }) => theme.font.written};
  white-space: pre-wrap;
  overflow-wrap: anywhere;
`;
