import { useParams } from 'react-router';
import { styled } from 'styled-components';
import { useHouseholdsQuery } from '../api/api';
import { useDevicesQuery, useMeQuery } from '../api/devicesApi';
import { ButtonLink } from '../ui/Button';
import { PageFloor, PageHead, Small, Stack } from '../ui/layout';
import { Notice } from '../ui/Notice';
import { Wordmark } from '../ui/Wordmark';
import { AddDevice } from './AddDevice';
import { MemberCard } from './MemberCard';
import { OwnPassphrase } from './OwnPassphrase';
import { Passkeys } from './Passkeys';
import { Recovery } from './Recovery';
import { SignOut } from './SignOut';
import { Trust } from './Trust';
import { Failed } from '../ui/Failed';

/** Who is in a kitchen, on which devices, and what each may do. */
export function DevicesPage() {
  const { household = '' } = useParams();
  const { data, error } = useDevicesQuery(household, { refetchOnMountOrArgChange: true });
  const { data: me } = useMeQuery();
  const { data: households } = useHouseholdsQuery();
  const kitchen = households?.find(({ id }) => id === household);
  const owner = kitchen?.role === 'owner';
  const own = data?.members.find(({ id }) => id === me?.person);
  return (
    <Page data-busy={(!data && !error) || undefined}>
      <title>People and devices · Omniarton</title>
      <PageHead>
        <Wordmark />
        <ButtonLink to="/settings" $weight="quiet">
          To the settings
        </ButtonLink>
      </PageHead>
      <h1>People and devices{kitchen ? ` of ${kitchen.name}` : ''}</h1>
      <Failed error={error} />
      {data ? (
        <>
          {data.address === null ? (
            <Notice>
              Just now this machine alone is served. Start it with <code>npm start -- --lan</code> to let the
              devices of the home network in.
            </Notice>
          ) : null}
          {owner ? <AddDevice household={household} members={data.members} address={data.address} /> : null}
          <Stack as="section" aria-label="Who is in" $gap={0}>
            {data.members.map((member) => (
              <MemberCard
                key={member.id}
                household={household}
                member={member}
                mine={member.id === me?.person}
                here={me?.device ?? null}
                owner={owner}
              />
            ))}
          </Stack>
          {own ? <OwnPassphrase key={own.name} name={own.name} set={own.passphrase} /> : null}
          <Passkeys />
          <Trust />
          {owner ? <Recovery household={household} made={data.recovery} /> : null}
          <SignOut />
          <Small>Whoever sits at the machine itself is always in, and lets others in again.</Small>
        </>
      ) : error ? null : (
        <p role="status">Fetching …</p>
      )}
    </Page>
  );
}

const Page = styled(PageFloor)`
  max-width: 46rem;
  justify-items: start;
  gap: ${({ theme }) => theme.space(6)};
  > * {
    width: 100%;
  }
  > button {
    width: auto;
  }
`;
