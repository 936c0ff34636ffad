import { styled } from 'styled-components';
import { describeFamily } from '@omniarton/core/family';
import { FAMILIES, LOCALES, type FamilyId, type Locale } from '@omniarton/core/vocabulary';
import { Row, Stack } from '../../ui/layout';
import { Pick } from '../../ui/Pick';
import { useDraft, useEdit, useEngine, useRequest } from '../bench/onBench';
import { ReadLines } from './ReadLines';
import { TextPane } from './TextPane';

/** The recipe as it was written, and beside it what each line weighs. */
export function ReadStage() {
  return (
    <Two>
      <TextPane />
      <Stack>
        <Row $gap={5} style={{ alignItems: 'end' }}>
          <Family />
          <Measures />
        </Row>
        <ReadLines />
      </Stack>
    </Two>
  );
}

const GUESS = 'guess';

/** What kind of bake it is read as; a person knows better. */
function Family() {
  const [request, ask] = useRequest();
  const guess = useEngine(({ answer }) => (answer?.asRead.batchGrams ? answer.recipe.family : null));
  const sure = guess
    ? `As read: ${describeFamily(guess.id).name}, ${Math.round(guess.confidence * 100)} % sure`
    : 'Nothing read yet';
  return (
    <Pick<FamilyId | typeof GUESS>
      label="What it is"
      value={request.family ?? GUESS}
      options={[{ id: GUESS, name: sure }, ...FAMILIES.map((id) => ({ id, name: describeFamily(id).name }))]}
      onChange={(id) => ask({ family: id === GUESS ? null : id })}
    />
  );
}

const LOCALE_WORDS: Readonly<Record<Locale, string>> = {
  US: 'US cups',
  UK: 'UK spoons',
  AU: 'Australian spoons',
  metric: 'metric spoons',
};

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

const Two = styled.div`
  display: grid;
  gap: ${({ theme }) => theme.space(6)};
  align-items: start;
  @media (min-width: 1100px) {
    grid-template-columns: minmax(15rem, 5fr) minmax(20rem, 7fr);
  }
`;
