import { styled } from 'styled-components';
import { Button, ButtonLink } from './Button';
import { PageHead, Row } from './layout';
import { Wordmark } from './Wordmark';

/** The head of what is made on the work list to be printed; on paper it isn't there. */
export const PrintHead = ({ isReady }: { readonly isReady: boolean }) => (
  <Head>
    <Wordmark />
    <Row>
      <ButtonLink to="/" $weight="quiet">
        To the work list
      </ButtonLink>
      <Button $weight="strong" isDisabled={!isReady} onPress={() => print()}>
        Print
      </Button>
    </Row>
  </Head>
);

const Head = styled(PageHead)`
  @media print {
    display: none;
  }
`;
