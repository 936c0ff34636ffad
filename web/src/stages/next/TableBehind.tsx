import { styled } from 'styled-components';
import type { KitchenDocument, Likelihood } from '@omniarton/core/kitchen';
import type { RankedCause } from '@omniarton/core/next';
import type { SymptomId } from '@omniarton/core/vocabulary';
import { useHousehold } from '../../state/bench/onBench';
import { useKitchen } from '../../state/kitchen/useKitchen';
import { Button } from '../../ui/Button';
import { Fold } from '../../ui/Fold';
import { Small, Stack } from '../../ui/layout';
import { NumberEntry } from '../../ui/NumberEntry';

const LOWEST = -4;
const HIGHEST = 4;

/** How strongly each thing that was seen speaks for each cause; a kitchen's own word may take the place of ours. */
export function TableBehind({ causes }: { readonly causes: readonly RankedCause[] }) {
  const { change } = useKitchen(useHousehold());
  const setLikelihoods = (how: (all: readonly Likelihood[]) => readonly Likelihood[]) =>
    change((doc: KitchenDocument) => ({
      ...doc,
      learning: { ...doc.learning, likelihoods: how(doc.learning.likelihoods) },
    }));
  const put = (cause: string, symptom: SymptomId, by: number | null) =>
    setLikelihoods((all) => [
      ...all.filter((one) => one.cause !== cause || one.symptom !== symptom),
      ...(by === null ? [] : [{ cause, symptom, by }]),
    ]);
  const signs = causes[0]?.signs ?? [];
  if (signs.length === 0) return null;
  return (
    <Fold name="The table behind it">
      <Stack $gap={3}>
        <Small>
          From −4 (speaks strongly against it) over 0 (says nothing) to 4 (the sign of it). What you put right
          holds in this kitchen alone.
        </Small>
        <Frame>
          <table>
            <thead>
              <tr>
                <th scope="col">Cause</th>
                {signs.map(({ symptom, name }) => (
                  <th scope="col" key={symptom}>
                    {name}
                  </th>
                ))}
              </tr>
            </thead>
            <tbody>
              {causes.map(({ id, name, signs: own }) => (
                <tr key={id}>
                  <th scope="row">{name}</th>
                  {own.map((sign) => (
                    <td key={sign.symptom}>
                      <Sign cause={name} sign={sign} put={(by) => put(id, sign.symptom, by)} />
                    </td>
                  ))}
                </tr>
              ))}
            </tbody>
          </table>
        </Frame>
      </Stack>
    </Fold>
  );
}

interface SignProps {
  readonly cause: string;
  readonly sign: RankedCause['signs'][number];
  /** Null: ours again. */
  readonly put: (by: number | null) => void;
}

function Sign({ cause, sign: { name, by, own }, put }: SignProps) {
  return (
    <>
      <NumberEntry
        label={`${name} for ${cause}`}
        hideLabel
        min={LOWEST}
        max={HIGHEST}
        value={by}
        onCommit={put}
      />
      {own ? (
        <Button $weight="quiet" aria-label={`Ours again: ${name} for ${cause}`} onPress={() => put(null)}>
          ours again
        </Button>
      ) : null}
    </>
  );
}

const Frame = styled.div`
  overflow-x: auto;
  table {
    border-collapse: collapse;
    font-size: 0.92rem;
  }
  th {
    font-weight: 400;
    text-align: left;
  }
  th,
  td {
    padding: ${({ theme }) => `${theme.space(1)} ${theme.space(3)} ${theme.space(1)} 0`};
    vertical-align: top;
  }
  input {
    width: 4.5rem;
  }
`;
