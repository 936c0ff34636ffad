import { useParams } from 'react-router';
import { styled } from 'styled-components';
import { useHouseholdsQuery } from '../api/api';
import { failureWords } from '../api/words';
import { cupboardPath } from '../app/paths';
import { Wordmark } from '../app/Wordmark';
import { useKitchen } from '../cupboard/useKitchen';
import { ButtonLink } from '../ui/Button';
import { Row, Stack } from '../ui/layout';
import { Notice } from '../ui/Notice';
import { MicrowaveTest } from './MicrowaveTest';
import { Ovens } from './Ovens';
import { OwnPans } from './OwnPans';

/** The ovens of a household, its microwave and its tins: what its bake times hang on. */
export function OvensPage() {
  const { household = '' } = useParams();
  const { doc, ready, failure, save, change } = useKitchen(household);
  const name = useHouseholdsQuery().data?.find(({ id }) => id === household)?.name;
  return (
    <Page data-busy={(!ready && !failure) || save.status === 'sending' || undefined}>
      <title>{`Ovens and tins · ${name ?? ''} · Omniarton`}</title>
      <Wordmark />
      <Row $gap={5}>
        <h1>Ovens and tins</h1>
        <ButtonLink to={cupboardPath(household)}>{name ?? 'Kitchen'}</ButtonLink>
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
      {ready ? (
        <Stack $gap={9}>
          <Ovens ovens={doc.ovens} change={change} />
          <MicrowaveTest microwave={doc.microwave} change={change} />
          <OwnPans pans={doc.pans} change={change} />
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
`;
