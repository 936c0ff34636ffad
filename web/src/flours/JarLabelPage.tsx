import { useParams } from 'react-router';
import { styled } from 'styled-components';
import type { JarLabel } from '@omniarton/core/blend';
import { HOUSE_PREFIX } from '@omniarton/core/guard';
import { useKitchen } from '../state/kitchen/useKitchen';
import { useKitchenAnswer } from '../state/engine/useKitchenAnswer';
import { Button } from '../ui/Button';
import { Row } from '../ui/layout';
import { Notice } from '../ui/Notice';
import { sayDay, sayGrams, today } from '../words/say';
import { FloursFrame } from './FloursFrame';

/** A jar's label, to print: what is in it, its allergens, when it was mixed, and what a cup of it weighs. */
export function JarLabelPage() {
  const { household = '', jar = '' } = useParams();
  const { doc, bags, ready } = useKitchen(household);
  const blend = doc.blends.find(({ id }) => id === jar);
  const { data } = useKitchenAnswer(
    household,
    ['label', blend],
    async (engine, key) => await engine.jar(key, blend?.name ?? '', blend?.madeOf ?? [], 1000),
  );
  const batches = bags
    .filter(({ doc: bag, grams }) => bag.ingredient === `${HOUSE_PREFIX}${jar}` && grams > 0)
    .sort((a, b) => ((a.doc.opened ?? '') < (b.doc.opened ?? '') ? 1 : -1));
  const [batch] = batches;
  return (
    <FloursFrame household={household} title="Jar label" busy={!ready || !data}>
      {ready && !blend ? <Notice tone="ask">That jar is no longer in the kitchen.</Notice> : null}
      {blend && data ? (
        <>
          <Label
            label={data.label}
            mixedOn={batch?.doc.opened ?? today()}
            batch={batch ? batch.id.slice(-4).toUpperCase() : 'first'}
            grams={batch?.grams ?? null}
            own={blend.kind === 'mixed'}
          />
          <Print>
            <Button $weight="strong" onPress={() => print()}>
              Print the label
            </Button>
          </Print>
        </>
      ) : null}
    </FloursFrame>
  );
}

interface Props {
  readonly label: JarLabel;
  readonly mixedOn: string;
  readonly batch: string;
  readonly grams: number | null;
  readonly own: boolean;
}

const Label = ({ label, mixedOn, batch, grams, own }: Props) => (
  <Slip aria-label={`Label of ${label.name}`}>
    <h2>{label.name}</h2>
    <p>
      <strong>{sayGrams(label.cupGrams)} g</strong> in a cup of this blend, stirred and spooned
    </p>
    <p>{label.contents.map(({ name, percent }) => `${name} ${percent} %`).join(', ')}</p>
    <p>
      {label.contains.length > 0 ? (
        <>
          Contains <strong>{label.contains.join(', ')}</strong>.{' '}
        </>
      ) : (
        'None of the listed allergens by its parts. '
      )}
      {label.alsoHolds.length > 0 ? `Of what some avoid: ${label.alsoHolds.join(', ')}. ` : ''}
      {label.mayContain.length > 0 ? `May hold ${label.mayContain.join(', ')}. ` : ''}
      {label.gluten === 'contains'
        ? 'Holds gluten.'
        : label.gluten === 'free'
          ? 'No gluten of its own: the bags’ labels decide.'
          : 'Gluten: read the bags’ labels.'}
    </p>
    <p>
      {own ? 'Mixed' : 'Opened'} {sayDay(mixedOn)} · batch {batch}
      {grams === null ? '' : ` · ${sayGrams(grams)} g`}
    </p>
    <p>
      <strong>Stir before measuring:</strong> flours part in the jar.
    </p>
  </Slip>
);

const Slip = styled.article`
  display: grid;
  gap: ${({ theme }) => theme.space(2)};
  width: min(100%, 26rem);
  padding: ${({ theme }) => theme.space(5)};
  border: 2.5px solid ${({ theme }) => theme.colour.ink};
  background: ${({ theme }) => theme.colour.paper};
  h2 {
    font: 620 1.7rem/1.15 ${({ theme }) => theme.font.written};
  }
  p:nth-of-type(1) strong {
    font: 650 2rem/1 ${({ theme }) => theme.font.figures};
  }
  @media print {
    width: 90mm;
    border: 1pt solid black;
  }
`;
const Print = styled(Row)`
  @media print {
    display: none;
  }
`;
