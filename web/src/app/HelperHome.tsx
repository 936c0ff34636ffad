import type { HouseholdAnswer } from '@omniarton/contracts';
import { useState } from 'react';
import { Link } from 'react-router';
import { styled } from 'styled-components';
import { useRecipesQuery } from '../api/api';
import { failureWords } from '../api/words';
import type { Failure } from '../api/http';
import { ballotsPath, bookletPath, runPath, sheetPath } from '../base/paths';
import { SignOut } from '../devices/SignOut';
import { ButtonLink } from '../ui/Button';
import { FindField } from '../ui/FindField';
import { Heading, PageFloor, PageHead, Row, Small, Stack } from '../ui/layout';
import { Notice } from '../ui/Notice';
import { Wordmark } from '../ui/Wordmark';

/** What somebody finds who helps, or tastes: nothing here changes a recipe. */
export const HelperHome = ({ households }: { readonly households: readonly HouseholdAnswer[] }) => (
  <PageFloor>
    <title>Helping · Omniarton</title>
    <PageHead>
      <Wordmark />
      <SignOut />
    </PageHead>
    {households.map((one) => (
      <Stack key={one.id} as="section" aria-labelledby={one.id} $gap={4}>
        <Heading id={one.id}>{one.name}</Heading>
        <Row>
          {one.role === 'helper' ? (
            <>
              <ButtonLink $weight="strong" to={runPath(one.id)}>
                What is to do now
              </ButtonLink>
              <ButtonLink to={sheetPath(one.id)}>The day’s sheet</ButtonLink>
            </>
          ) : null}
          <ButtonLink $weight={one.role === 'taster' ? 'strong' : 'plain'} to={ballotsPath(one.id)}>
            Taste
          </ButtonLink>
        </Row>
        {one.role === 'helper' ? <Dockets household={one.id} /> : null}
      </Stack>
    ))}
  </PageFloor>
);

/** The dockets of a kitchen, to be read. */
function Dockets({ household }: { readonly household: string }) {
  const [words, setWords] = useState('');
  const find = new URLSearchParams({ sort: 'title', ...(words.trim() === '' ? {} : { q: words }) });
  const { currentData: data, error } = useRecipesQuery({ household, find: find.toString() });
  return (
    <Stack as="nav" aria-label="Dockets" $gap={2}>
      <FindField label="Find a docket" value={words} onChange={setWords} maxLength={200} />
      {error ? <Notice tone="danger">{failureWords(error as Failure)}</Notice> : null}
      {!data && !error ? <p role="status">Fetching …</p> : null}
      {data?.items.length === 0 ? (
        <Small>{words === '' ? 'There is no recipe in this kitchen yet.' : 'Nothing goes by that.'}</Small>
      ) : null}
      {data?.items.map(({ id, title }) => (
        <Docket key={id} to={bookletPath(household, [id])}>
          {title}
        </Docket>
      ))}
    </Stack>
  );
}

const Docket = styled(Link)`
  display: flex;
  align-items: center;
  min-height: ${({ theme }) => theme.touch};
  border-bottom: 1px solid ${({ theme }) => theme.colour.line};
  font-family: ${({ theme }) => theme.font.written};
`;
