import { styled } from 'styled-components';
import { useHouseholdsQuery, useRecipesQuery } from '../../api/api';
import { newPath } from '../../base/paths';
import { TakeFiles } from '../../intake/TakeFiles';
import { Wordmark } from '../../ui/Wordmark';
import { ButtonLink } from '../../ui/Button';
import { PageFloor, PageHead, Stack } from '../../ui/layout';
import { FindBar } from './FindBar';
import { FirstMinute } from './FirstMinute';
import { KitchenList } from './KitchenList';
import { UnsentCopies } from './UnsentCopies';
import { useFinding } from './useFinding';
import { Failed } from '../../ui/Failed';

/** How often the page looks again while the server is away. */
const LOOK_AGAIN_MS = 4000;

/** Every recipe on the table, kitchen by kitchen. */
export function WorkListPage() {
  const first = useHouseholdsQuery();
  const away = first.error !== undefined;
  const { data, error, isLoading } = useHouseholdsQuery(undefined, {
    pollingInterval: away ? LOOK_AGAIN_MS : 0,
  });
  const home = data?.find(({ demo }) => !demo);
  const finding = useFinding();
  const own = useRecipesQuery({ household: home?.id ?? '', find: '' }, { skip: !home });
  const isNew = own.data?.found === 0;
  return (
    <Page data-busy={isLoading || undefined}>
      <title>Work list · Omniarton</title>
      <Head>
        <Wordmark />
        <nav aria-label="Main">
          <ButtonLink to="/how" $weight="quiet">
            How it works
          </ButtonLink>
          <ButtonLink to="/settings" $weight="quiet">
            Settings
          </ButtonLink>
          {home ? <TakeFiles household={home.id} label="From files" drop /> : null}
          {home ? (
            <ButtonLink to={newPath(home.id)} $weight="strong">
              Weigh up a recipe
            </ButtonLink>
          ) : null}
        </nav>
      </Head>
      {home && isNew ? (
        <FirstMinute household={home.id} demo={data?.find(({ demo }) => demo)?.id ?? null} />
      ) : null}
      {isNew ? null : <h1>On the table</h1>}
      <Failed error={error} />
      <UnsentCopies />
      {isLoading ? <p role="status">Fetching the list …</p> : null}
      {data ? <FindBar finding={finding} households={data} /> : null}
      <Stack $gap={9}>
        {data?.map((household) => (
          <KitchenList key={household.id} household={household} finding={finding} />
        ))}
      </Stack>
    </Page>
  );
}

const Page = styled(PageFloor)`
  grid-template-columns: minmax(0, 1fr);
`;
const Head = styled(PageHead)`
  nav {
    display: flex;
    flex-wrap: wrap;
    gap: ${({ theme }) => theme.space(2)};
  }
`;
