import { styled } from 'styled-components';
import { useMakeRecoveryMutation } from '../api/devicesApi';
import { Button } from '../ui/Button';
import { Heading, Row, Small, Stack } from '../ui/layout';
import { sayWhen } from '../words/say';
import { Failed } from '../ui/Failed';

interface Props {
  readonly household: string;
  /** When the one that is kept was made; null: none is. */
  readonly made: string | null;
}

/** A code that an owner keeps on paper, for when every device is lost. */
export function Recovery({ household, made }: Props) {
  const [make, { data, error, isLoading, reset }] = useMakeRecoveryMutation();
  return (
    <Stack as="section" aria-labelledby="recovery" $gap={3}>
      <Heading id="recovery">If every device is lost</Heading>
      {data ? (
        <>
          <Shown aria-label="Recovery code">{data.code.replace(/(.{4})(?=.)/g, '$1 ')}</Shown>
          <Small>
            Write it down or print it, and keep it where the papers are. It is shown once, and lets one device
            in as yours, typed where a code is asked for.
          </Small>
          <Row>
            <Button onPress={() => window.print()}>Print</Button>
            <Button $weight="quiet" onPress={reset}>
              Done
            </Button>
          </Row>
        </>
      ) : (
        <>
          <Small>
            {made === null
              ? 'A code on paper lets you in when nothing else does. There is none yet.'
              : `The code that you have on paper is of ${sayWhen(made)}. A new one takes its place.`}
          </Small>
          <Failed error={error} />
          <div>
            <Button isDisabled={isLoading} onPress={() => void make(household)}>
              {made === null ? 'Make a recovery code' : 'Make a new one'}
            </Button>
          </div>
        </>
      )}
    </Stack>
  );
}

const Shown = styled.output`
  font: 700 1.7rem/1.3 ${({ theme }) => theme.font.figures};
  letter-spacing: 0.06em;
`;
