import { useState } from 'react';
import { useStore } from 'react-redux';
import { styled } from 'styled-components';
import type { Difference } from '@omniarton/core/docket';
import type { FamilyGuess } from '@omniarton/core/process';
import { RATIOS } from '@omniarton/core/read';
import { FAMILY_NAMES, type FamilyId } from '@omniarton/core/vocabulary';
import type { RootState } from '../../state/state';
import { askSlow } from '../../state/engine/engine';
import { askInKitchen, parcelOf } from '../../state/engine/kitchens';
import { Button } from '../../ui/Button';
import { Fold } from '../../ui/Fold';
import { Row, Small, Stack } from '../../ui/layout';
import { useDraftId, useEngine, useRequest } from '../../state/bench/onBench';
import { RATIO_WORDS } from '../../words/read';

/** What speaks for the kind of bake it is taken for; and what would be otherwise if it were another. */
export function FamilyCheck() {
  const guess = useEngine(({ answer }) => (answer?.asRead.batchGrams ? answer.process.family.id : null));
  const [request] = useRequest();
  const taken = request.family ?? guess;
  if (taken === null) return null;
  return (
    <Fold name={`Why ${FAMILY_NAMES[taken]}`}>
      <Why taken={taken} />
    </Fold>
  );
}

function Why({ taken }: { readonly taken: FamilyId }) {
  const guess = useEngine(({ answer }) => answer?.process.family);
  const [, ask] = useRequest();
  const { other, differences, look, close } = useWhatIf();
  if (!guess) return null;
  return (
    <Stack $gap={3}>
      <Evidence guess={guess} taken={taken} onLook={(id) => void look(id)} />
      {other && differences ? (
        <WhatChanges
          other={other}
          differences={differences}
          onTake={() => {
            ask({ family: other });
            close();
          }}
          onLeave={close}
        />
      ) : null}
    </Stack>
  );
}

interface EvidenceProps {
  readonly guess: FamilyGuess;
  readonly taken: FamilyId;
  readonly onLook: (id: FamilyId) => void;
}

/** The recipe's ratios beside those of the nearest kinds, and the words that spoke for each. */
function Evidence({ guess, taken, onLook }: EvidenceProps) {
  return (
    <Table>
      <thead>
        <tr>
          <th scope="col">g per 100 g flour</th>
          {RATIOS.map((what) => (
            <th scope="col" key={what}>
              {RATIO_WORDS[what]}
            </th>
          ))}
          <th scope="col">words</th>
          <th scope="col">likely</th>
          <th />
        </tr>
      </thead>
      <tbody>
        <tr>
          <th scope="row">this recipe</th>
          {RATIOS.map((what) => (
            <td key={what}>
              <strong>{guess.ratios ? Math.round(guess.ratios[what]) : '–'}</strong>
            </td>
          ))}
          <td />
          <td />
          <td />
        </tr>
        {guess.nearest.map(({ id, usual, words, probability }) => (
          <tr key={id} data-taken={id === taken || undefined}>
            <th scope="row">{FAMILY_NAMES[id]}</th>
            {RATIOS.map((what) => (
              <td key={what}>{usual[what]}</td>
            ))}
            <td>{words.join(', ')}</td>
            <td>{Math.round(100 * probability)} %</td>
            <td>
              {id === taken ? null : (
                <Button
                  $weight="quiet"
                  onPress={() => onLook(id)}
                  aria-label={`What changes as ${FAMILY_NAMES[id]}`}
                >
                  what changes?
                </Button>
              )}
            </td>
          </tr>
        ))}
      </tbody>
    </Table>
  );
}

interface ChangesProps {
  readonly other: FamilyId;
  readonly differences: readonly Difference[];
  readonly onTake: () => void;
  readonly onLeave: () => void;
}

function WhatChanges({ other, differences, onTake, onLeave }: ChangesProps) {
  return (
    <Changes role="status">
      <strong>As {FAMILY_NAMES[other]}</strong>
      {differences.length === 0 ? <Small>Nothing that a cook would see.</Small> : null}
      <dl>
        {differences.map(({ what, from, to }) => (
          <div key={what}>
            <dt>{what}</dt>
            <dd>
              {from} → <strong>{to}</strong>
            </dd>
          </div>
        ))}
      </dl>
      <Row>
        <Button onPress={onTake}>Make it {FAMILY_NAMES[other]}</Button>
        <Button $weight="quiet" onPress={onLeave}>
          Leave it
        </Button>
      </Row>
    </Changes>
  );
}

/** Asks the slow engine for both dockets and holds what differs. */
function useWhatIf() {
  const store = useStore<RootState>();
  const id = useDraftId();
  const [found, setFound] = useState<{ other: FamilyId; differences: readonly Difference[] } | null>(null);
  const look = async (other: FamilyId) => {
    const state = store.getState();
    const [draft, answer] = [state.drafts[id], state.engine[id]?.answer];
    if (!draft || !answer) return;
    const differences = await askInKitchen<readonly Difference[]>(
      askSlow,
      parcelOf(state, draft.household),
      async (engine, key) => await engine.whatIf(key, answer.recipe, draft.doc.request, { family: other }),
      () => undefined,
    );
    setFound({ other, differences });
  };
  return {
    other: found?.other ?? null,
    differences: found?.differences ?? null,
    look,
    close: () => setFound(null),
  };
}

const Table = styled.table`
  display: block;
  max-width: 100%;
  overflow-x: auto;
  border-collapse: collapse;
  font-size: 0.9rem;
  th,
  td {
    padding: ${({ theme }) => `${theme.space(1)} ${theme.space(3)} ${theme.space(1)} 0`};
    border-bottom: 1px solid ${({ theme }) => theme.colour.line};
    text-align: left;
    font-weight: 400;
  }
  thead th {
    color: ${({ theme }) => theme.colour.soft};
    font-size: 0.8rem;
  }
  td {
    font-family: ${({ theme }) => theme.font.figures};
  }
  [data-taken] th {
    font-weight: 700;
  }
`;
const Changes = styled.div`
  display: grid;
  gap: ${({ theme }) => theme.space(2)};
  padding: ${({ theme }) => theme.space(3)};
  border-left: 4px solid ${({ theme }) => theme.colour.act};
  background: ${({ theme }) => theme.colour.table};
  dl {
    display: grid;
    gap: ${({ theme }) => theme.space(1)};
    font-size: 0.92rem;
  }
  dl > div {
    display: grid;
    grid-template-columns: 10rem minmax(0, 1fr);
    gap: ${({ theme }) => theme.space(2)};
  }
  dt {
    color: ${({ theme }) => theme.colour.soft};
  }
`;
