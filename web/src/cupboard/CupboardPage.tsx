import { useParams, useSearchParams } from 'react-router';
import { styled } from 'styled-components';
import { useHouseholdsQuery } from '../api/api';
import { failureWords } from '../api/words';
import { Wordmark } from '../app/Wordmark';
import { useAppDispatch } from '../app/state';
import { floursPath } from '../app/paths';
import { Button, ButtonLink } from '../ui/Button';
import { Row, Stack } from '../ui/layout';
import { Notice } from '../ui/Notice';
import { OwnIngredients } from './OwnIngredients';
import { People } from './People';
import { Bags } from './Bags';
import { Jars } from './Jars';
import { EggsAndSpoons, HouseRecipes } from './Shelves';
import { settleLeftover } from './kitchens';
import { useKitchen } from './useKitchen';
import { WeighedCups } from './WeighedCups';

/** What the recipes of a household share. */
export function CupboardPage() {
  const { household = '' } = useParams();
  const [search] = useSearchParams();
  const { doc, ready, failure, save, change, troubles, leftover } = useKitchen(household);
  const dispatch = useAppDispatch();
  const name = useHouseholdsQuery().data?.find(({ id }) => id === household)?.name;
  return (
    <Page data-busy={(!ready && !failure) || save.status === 'sending' || undefined}>
      <title>{`Kitchen · ${name ?? ''} · Omniarton`}</title>
      <Wordmark />
      <Row $gap={5}>
        <h1>{name ?? 'Kitchen'}</h1>
        <ButtonLink to={floursPath(household)}>Flours</ButtonLink>
      </Row>
      {failure ? (
        <Notice tone="danger" loud>
          {failureWords(failure)}
        </Notice>
      ) : null}
      {save.status === 'offline' || save.status === 'failed' ? (
        <Notice tone="danger" loud>
          {save.words}
        </Notice>
      ) : null}
      {leftover ? (
        <Notice tone="ask">
          <Row>
            <span>An earlier visit made changes here that never reached the server.</span>
            <Button onPress={() => dispatch(settleLeftover(household, true))}>Take them up</Button>
            <Button $weight="quiet" onPress={() => dispatch(settleLeftover(household, false))}>
              Let them go
            </Button>
          </Row>
        </Notice>
      ) : null}
      {ready ? (
        <Stack $gap={9}>
          <Bags household={household} doc={doc} change={change} />
          <Jars household={household} doc={doc} change={change} />
          <People people={doc.people} change={change} />
          <OwnIngredients
            household={household}
            ingredients={doc.ingredients}
            change={change}
            describe={search.get('describe')}
          />
          <WeighedCups household={household} doc={doc} change={change} />
          <EggsAndSpoons doc={doc} change={change} />
          <HouseRecipes household={household} doc={doc} change={change} troubles={troubles} />
        </Stack>
      ) : failure ? null : (
        <p role="status">Fetching …</p>
      )}
    </Page>
  );
}

const Page = styled.main`
  display: grid;
  gap: ${({ theme }) => theme.space(5)};
  max-width: 62rem;
  margin: 0 auto;
  padding: ${({ theme }) => `${theme.space(3)} ${theme.space(4)} ${theme.space(12)}`};
  h1 {
    font: 600 2.1rem/1.1 ${({ theme }) => theme.font.written};
  }
  a {
    color: ${({ theme }) => theme.colour.act};
  }
`;
