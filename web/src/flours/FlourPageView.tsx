import { Link, useParams } from 'react-router';
import { styled } from 'styled-components';
import { BESIDE_WHEAT, type FlourPage } from '@omniarton/core/blend';
import { say } from '@omniarton/core/words';
import { benchPath, comparePath, flourPath } from '../base/paths';
import { useKitchen } from '../state/kitchen/useKitchen';
import { useKitchenAnswer } from '../state/engine/useKitchenAnswer';
import { PROPERTY_WORDS, sayProperty } from '../words/blend';
import { ButtonLink } from '../ui/Button';
import { FlourScrap } from '../ui/Flour';
import { Figure, Heading, Row, Small, Stack } from '../ui/layout';
import { Notice } from '../ui/Notice';
import { Rail } from '../ui/Rail';
import { sayGrams, sayPercent } from '../words/say';
import { GLUTEN_SAYS, holdsWords, NUMBERS, SCORES } from './facts';
import { FloursFrame } from './FloursFrame';
import { useFlourUses } from './useFlourUses';

/** A flour's page: what it does, in words and numbers beside wheat, where it is good, and how it went with us. */
export function FlourPageView() {
  const { household = '', flour = '' } = useParams();
  useKitchen(household);
  const { data, failed } = useKitchenAnswer(
    household,
    ['flour', flour],
    async (engine, key) => await engine.flourPages(key, [flour, BESIDE_WHEAT]),
  );
  const [page, wheat] = data ?? [];
  return (
    <FloursFrame household={household} title={page?.name ?? 'A flour'} busy={!page && !failed}>
      {failed ? <Notice tone="ask">There is no flour at this address.</Notice> : null}
      {page && wheat ? <Whole household={household} page={page} wheat={wheat} /> : null}
    </FloursFrame>
  );
}

interface Props {
  readonly household: string;
  readonly page: FlourPage;
  readonly wheat: FlourPage;
}

function Whole({ household, page, wheat }: Props) {
  return (
    <>
      <Lead>
        <FlourScrap kind={page.class} size={72} />
        <Stack $gap={1}>
          <p>
            <strong>{page.class}</strong> · gives {page.gives.map(say).join(', ') || 'little by itself'}
          </p>
          <p>Its vice: {page.vice}.</p>
          <Small>
            {page.tastes.join(', ')} · {GLUTEN_SAYS[page.gluten]} · {holdsWords(page)}
            {page.note ? ` · ${page.note}` : ''}
          </Small>
        </Stack>
        <Figure $size={2.6}>
          {page.thirst[0]}
          <small> g water per g, wheat {wheat.thirst[0]}</small>
        </Figure>
      </Lead>
      {page.properties ? (
        <section aria-labelledby="beside-wheat">
          <Heading id="beside-wheat">Beside wheat</Heading>
          {SCORES.map((property) => (
            <Rail
              key={property}
              label={PROPERTY_WORDS[property][0]}
              about={PROPERTY_WORDS[property][1]}
              from={wheat.properties![property]}
              fromName="wheat"
              to={page.properties![property]}
              most={10}
              say={(value) => sayProperty(property, value)}
            />
          ))}
        </section>
      ) : null}
      <Columns>
        <Numbers page={page} wheat={wheat} />
        <Where household={household} page={page} />
        <Uses household={household} flour={page.id} />
      </Columns>
      <Row>
        <ButtonLink to={comparePath(household, [page.id, ...page.standIns.map(({ id }) => id)].slice(0, 5))}>
          Compare with what stands in for it
        </ButtonLink>
      </Row>
      <Small>Source: {page.source}. Composition per 100 g, an estimate from tables and no label.</Small>
    </>
  );
}

const Numbers = ({ page, wheat }: Omit<Props, 'household'>) => (
  <section aria-labelledby="numbers">
    <Heading id="numbers">In numbers, per 100 g</Heading>
    <Table>
      <thead>
        <tr>
          <td />
          <th scope="col">this</th>
          <th scope="col">wheat</th>
        </tr>
      </thead>
      <tbody>
        {NUMBERS.map(([name, say]) => (
          <tr key={name}>
            <th scope="row">{name}</th>
            <td>{say(page)}</td>
            <td>{say(wheat)}</td>
          </tr>
        ))}
      </tbody>
    </Table>
  </section>
);

/** Limits that are the same are told once. */
function limitWords(limits: FlourPage['limits']): readonly string[] {
  const byMost = new Map<number, string[]>();
  for (const { name, most } of limits) byMost.set(most, [...(byMost.get(most) ?? []), name]);
  const groups = [...byMost].sort(([, a], [, b]) => b.length - a.length);
  return groups.map(([most, names], at) =>
    at === 0 && groups.length > 0
      ? `${sayPercent(most)} % ${groups.length > 1 ? 'as a rule' : 'of a blend'}`
      : `${sayPercent(most)} % in ${names.join(', ')}`,
  );
}

function Where({ household, page }: Omit<Props, 'wheat'>) {
  const links = (some: FlourPage['pairs']) =>
    some.map(({ id, name }, at) => (
      <span key={id}>
        {at > 0 ? ', ' : ''}
        <Link to={flourPath(household, id)}>{name}</Link>
      </span>
    ));
  return (
    <Stack as="section" $gap={3} aria-labelledby="where">
      <Heading id="where">Where it is good</Heading>
      <p>{page.goodIn.length > 0 ? page.goodIn.join(', ') : 'In no usual blend of ours; try it by hand.'}</p>
      {page.limits.length > 0 ? (
        <p>At most {limitWords(page.limits).join('; ')}.</p>
      ) : (
        <p>No share of a blend by itself.</p>
      )}
      {page.pairs.length > 0 ? <p>Pairs with {links(page.pairs)}.</p> : null}
      {page.standIns.length > 0 ? <p>In its stead: {links(page.standIns)}.</p> : null}
    </Stack>
  );
}

/** Which jars and bakes of the house had it, and how they went. */
function Uses({ household, flour }: { readonly household: string; readonly flour: string }) {
  const { jars, bakes, loading } = useFlourUses(household, flour);
  return (
    <Stack as="section" $gap={3} aria-labelledby="uses">
      <Heading id="uses">With us</Heading>
      {jars.length > 0 ? (
        <p>In {jars.map(({ name, share }) => `${name} (${sayPercent(share)} %)`).join(', ')}.</p>
      ) : null}
      {loading ? <Small role="status">Looking through the log …</Small> : null}
      {bakes.map(({ id, recipe, title, bakedOn, grams, marks }) => (
        <p key={id}>
          <Link to={benchPath(household, recipe, 'log')}>{title}</Link>, {bakedOn}: {sayGrams(grams)} g
          {marks.length > 0 ? ` · ${marks.join(', ')}` : ' · not marked'}
        </p>
      ))}
      {!loading && jars.length === 0 && bakes.length === 0 ? (
        <Small>In no jar and no logged bake yet.</Small>
      ) : null}
    </Stack>
  );
}

const Lead = styled.div`
  display: grid;
  grid-template-columns: auto minmax(0, 1fr) auto;
  align-items: center;
  gap: ${({ theme }) => theme.space(5)};
  p {
    font-size: 1.05rem;
  }
  small {
    display: block;
    font: 400 0.85rem/1.3 ${({ theme }) => theme.font.text};
    color: ${({ theme }) => theme.colour.soft};
  }
  ${({ theme }) => theme.phone} {
    grid-template-columns: auto minmax(0, 1fr);
    > :nth-child(3) {
      grid-column: 1 / -1;
    }
  }
`;
const Columns = styled.div`
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(18rem, 1fr));
  gap: ${({ theme }) => theme.space(7)};
  a {
    color: ${({ theme }) => theme.colour.act};
  }
`;
const Table = styled.table`
  width: 100%;
  border-collapse: collapse;
  font-variant-numeric: tabular-nums;
  th,
  td {
    padding: ${({ theme }) => `${theme.space(1)} 0`};
    border-bottom: 1px solid ${({ theme }) => theme.colour.line};
    text-align: right;
    font-weight: 600;
  }
  th[scope='row'] {
    text-align: left;
    font-weight: 500;
  }
  td:last-child,
  thead th {
    font-weight: 400;
    color: ${({ theme }) => theme.colour.soft};
  }
`;
