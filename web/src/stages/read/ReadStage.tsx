import { useMemo, useState } from 'react';
import { Link } from 'react-router';
import { FAMILIES, LOCALES, type FamilyId, type Locale, FAMILY_NAMES } from '@omniarton/core/vocabulary';
import { benchPath } from '../../base/paths';
import { useKey } from '../../base/useKey';
import { useSettings } from '../../state/settings/useSettings';
import { Button } from '../../ui/Button';
import { Fold } from '../../ui/Fold';
import { Heading, Row, Small, Stack } from '../../ui/layout';
import { Notice } from '../../ui/Notice';
import { Pick } from '../../ui/Pick';
import { UNIT_NAMES, UNITS, type WeightUnit } from '../../ui/units';
import { useDraft, useEdit, useEngine, useHousehold, useRequest } from '../../state/bench/onBench';
import { Doubts } from './Doubts';
import { FamilyCheck } from './FamilyCheck';
import { HowMuch } from './HowMuch';
import { PageLines } from './PageLines';
import { ReadLines } from './ReadLines';
import { ProcessTree } from './ProcessTree';
import { PartQuestion } from './PartQuestion';
import { SendOut } from './SendOut';
import { StepTakes } from './StepTakes';
import { TextPane } from './TextPane';
import { useApart } from './useApart';
import { LOCALE_WORDS } from '../../words/read';

/** The recipe's own lines, and beside each what it weighs. */
export function ReadStage() {
  const empty = useDraft(({ doc }) => doc.text.trim() === '');
  const [open, setOpen] = useState(empty);
  const [apart, putApart] = useApart();
  const household = useHousehold();
  const read = useEngine(({ answer }) => answer?.asRead.batchGrams !== null && answer !== null);
  return (
    <Stack $gap={5}>
      {open ? (
        <TextPane onDone={empty ? undefined : () => setOpen(false)} />
      ) : (
        <Row>
          <Button onPress={() => setOpen(true)}>Change the words</Button>
        </Row>
      )}
      {apart ? (
        <Notice>
          “{apart.name}” has a sheet of its own now.{' '}
          <Link to={benchPath(household, apart.recipe, 'read')}>Open it</Link>
        </Notice>
      ) : null}
      <Doubts onApart={putApart} />
      <PageLines onApart={putApart} />
      <PartQuestion />
      <Row $gap={5} style={{ alignItems: 'start' }}>
        <Family />
        <Measures />
        <Units />
      </Row>
      <ReadLines />
      {read ? (
        <>
          <FamilyCheck />
          <HowMuch />
        </>
      ) : null}
      <Together />
      {empty ? null : <SendOut />}
    </Stack>
  );
}

const GUESS = 'guess';

/** What kind of bake it is read as; a person knows better. */
function Family() {
  const [request, ask] = useRequest();
  const guess = useEngine(({ answer }) => (answer?.asRead.batchGrams ? answer.process.family.id : null));
  // The list is long and is built anew with its options: only another guess changes them.
  const options = useMemo(
    () => [
      {
        id: GUESS as FamilyId | typeof GUESS,
        name: guess ? `As read: ${FAMILY_NAMES[guess]}` : 'Nothing read yet',
      },
      ...FAMILIES.map((id) => ({ id, name: FAMILY_NAMES[id] })),
    ],
    [guess],
  );
  return (
    <Stack $gap={1}>
      <Pick<FamilyId | typeof GUESS>
        label="What it is"
        value={request.family ?? GUESS}
        options={options}
        onChange={(id) => ask({ family: id === GUESS ? null : id })}
      />
      {request.family === null ? <Sure /> : null}
    </Stack>
  );
}

function Sure() {
  const confidence = useEngine(({ answer }) =>
    answer?.asRead.batchGrams ? Math.round(answer.process.family.confidence * 100) : null,
  );
  return confidence === null ? null : <Small>{confidence} % sure</Small>;
}

/** Whose cups and spoons the recipe means: an Australian tablespoon is a third larger than another. */
function Measures() {
  const chosen = useDraft(({ doc }) => doc.locale);
  const read = useEngine(({ answer }) => answer?.recipe.locale);
  const edit = useEdit();
  return (
    <Pick<Locale | typeof GUESS>
      label="Measured in"
      value={chosen ?? GUESS}
      options={[
        { id: GUESS, name: read && !chosen ? `As read: ${LOCALE_WORDS[read]}` : 'As the words suggest' },
        ...LOCALES.map((id) => ({ id, name: LOCALE_WORDS[id] })),
      ]}
      onChange={(id) => edit({ kind: 'locale', locale: id === GUESS ? null : id })}
    />
  );
}

/** What the weights are shown in; `u` goes on to the next. */
function Units() {
  const { settings, change } = useSettings();
  const units = settings.units ?? 'grams';
  useKey('u', () => change({ units: UNITS[(UNITS.indexOf(units) + 1) % UNITS.length]! }), settings.shortcuts);
  return (
    <Pick<WeightUnit>
      label="Shown in"
      value={units}
      options={UNITS.map((id) => ({ id, name: UNIT_NAMES[id] }))}
      onChange={(next) => change({ units: next })}
    />
  );
}

/** What flows into what, as the method tells it. */
function Together() {
  const there = useEngine(({ answer }) => (answer?.process.actions.length ?? 0) > 0);
  return there ? (
    <Fold name="How it comes together: parts, and the heat that each sees">
      <ProcessTree />
      <Heading>What each step takes</Heading>
      <StepTakes />
    </Fold>
  ) : null;
}
