import { styled } from 'styled-components';
import type { Allergen } from '@omniarton/core/vocabulary';
import { avoidanceWords } from '../words/guard';
import { today } from '../words/say';

interface Props {
  readonly labels: readonly { readonly code: string; readonly name: string }[];
  readonly allergens: readonly Allergen[];
}

/** On paper alone, to be cut out: for a tin, a bag, a box in the freezer. */
export function CutLabels({ labels, allergens }: Props) {
  return (
    <Cut aria-label="Labels">
      {labels.map(({ code, name }) => (
        <li key={code}>
          <b>{code}</b>
          <span>{name}</span>
          <small>
            {today()}
            {allergens.length > 0 ? ` · ${allergens.map(avoidanceWords).join(', ')}` : ''}
          </small>
        </li>
      ))}
    </Cut>
  );
}

const Cut = styled.ul`
  display: none;
  @media print {
    display: grid;
    grid-template-columns: repeat(2, 1fr);
    li {
      display: grid;
      padding: 5mm;
      border: 1px dashed currentColor;
      break-inside: avoid;
    }
    b {
      font-size: 2rem;
    }
  }
`;
