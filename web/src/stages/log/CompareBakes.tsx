import { styled } from 'styled-components';
import type { BakeAnswer } from '@omniarton/contracts';
import type { Docket } from '@omniarton/core/docket';
import { confounded, differencesOf, waterLost, SCALE_ROWS, type Difference } from '@omniarton/core/log';
import { MARK_SCALES } from '@omniarton/core/vocabulary';
import { useDocketQuery, usePhotosQuery } from '../../api/bakesApi';
import { Button } from '../../ui/Button';
import { Heading, Row, Small, Stack } from '../../ui/layout';
import { Notice } from '../../ui/Notice';
import { printAs } from '../../ui/paper';
import { differenceWords } from '../../words/differences';
import { sayTenths } from '../../words/say';
import { bakeName } from '../../words/bakeName';
import { Foretold } from '../../baked/Foretold';
import { PhotoStrip } from './photo/Photos';

interface Props {
  readonly household: string;
  readonly recipe: string;
  readonly bakes: readonly BakeAnswer[];
}

/** Two to four bakes side by side: what differs from the first, how each came out, and its pictures at the same size. */
export function CompareBakes({ household, recipe, bakes }: Props) {
  const [first] = bakes;
  // Of this very docket: while another is fetched, the last one would stand in for it.
  const { currentData } = useDocketQuery({ household, recipe, docket: first!.doc.docket });
  const control = currentData?.doc.docket as Docket | undefined;
  return (
    <Stack as="section" aria-label="Side by side" $gap={3}>
      <Heading>Side by side</Heading>
      <Columns style={{ gridTemplateColumns: `repeat(${bakes.length}, minmax(13rem, 1fr))` }}>
        {bakes.map((bake) => (
          <Column
            key={bake.id}
            household={household}
            recipe={recipe}
            bake={bake}
            control={bake === first || !control ? null : { docket: control, notes: first!.doc.notes }}
          />
        ))}
      </Columns>
      <Row>
        <Button onPress={() => printAs('stage')}>Print this page</Button>
      </Row>
      <Small>Amounts are brought to the batch of the first: half of one is no difference.</Small>
    </Stack>
  );
}

interface ColumnProps {
  readonly household: string;
  readonly recipe: string;
  readonly bake: BakeAnswer;
  /** What it is held against; null: it is that itself. */
  readonly control: { readonly docket: Docket; readonly notes: BakeAnswer['doc']['notes'] } | null;
}

function Column({ household, recipe, bake, control }: ColumnProps) {
  const { currentData } = useDocketQuery({ household, recipe, docket: bake.doc.docket });
  const { data: photos = [] } = usePhotosQuery({ household, bake: bake.id });
  const docket = currentData?.doc.docket as Docket | undefined;
  const { notes } = bake.doc;
  const differences = control && docket ? differencesOf(control, { docket, notes }) : [];
  const lost = waterLost(notes.measured);
  return (
    <Stack $gap={3}>
      <h3>{bakeName(bake)}</h3>
      <Small>
        {[
          notes.bakedOn,
          notes.minutes === null ? '' : `${notes.minutes} min`,
          notes.measured.heightMm === null ? '' : `${notes.measured.heightMm} mm high`,
          lost === null ? '' : `lost ${sayTenths(lost)}`,
        ]
          .filter((one) => one !== '')
          .join(' · ')}
      </Small>
      {control ? (
        <>
          <Differences differences={differences} />
          {docket ? <Foretold a={control} b={{ docket, notes }} /> : null}
        </>
      ) : (
        <Small>The others are held against this one.</Small>
      )}
      {notes.looks.map(({ when, marks }) => (
        <Looks key={when}>
          <caption>{when}</caption>
          <tbody>
            {MARK_SCALES.filter((scale) => marks[scale] !== undefined).map((scale) => (
              <tr key={scale}>
                <th scope="row">{SCALE_ROWS[scale].name}</th>
                <td>{marks[scale]}</td>
              </tr>
            ))}
          </tbody>
        </Looks>
      ))}
      {notes.looks.length === 0 ? <Small>Nobody has judged it.</Small> : null}
      <PhotoStrip household={household} bake={bake.id} name={bakeName(bake)} photos={photos} />
    </Stack>
  );
}

/** What differs, and what of it came along with the change that was meant. */
function Differences({ differences }: { readonly differences: readonly Difference[] }) {
  const beside = new Set(confounded(differences));
  const meant = differences.filter((one) => !beside.has(one));
  if (differences.length === 0) return <Small>Nothing that was written down differs.</Small>;
  return (
    <>
      <ul>
        {meant.map((one) => (
          <li key={differenceWords(one)}>{differenceWords(one)}</li>
        ))}
      </ul>
      {beside.size > 0 ? (
        <Notice tone="ask">
          Not only that: {[...beside].map(differenceWords).join(', ')}. What came of it can’t be put down to
          the change alone.
        </Notice>
      ) : null}
    </>
  );
}

const Columns = styled.div`
  display: grid;
  gap: ${({ theme }) => theme.space(5)};
  overflow-x: auto;
  align-items: start;
  ul {
    list-style: none;
  }
`;
const Looks = styled.table`
  border-collapse: collapse;
  caption {
    text-align: left;
    font-size: 0.9rem;
    color: ${({ theme }) => theme.colour.soft};
  }
  th {
    text-align: left;
    font-weight: 400;
    padding-right: ${({ theme }) => theme.space(4)};
  }
  td {
    font-variant-numeric: tabular-nums;
    font-weight: 650;
  }
`;
