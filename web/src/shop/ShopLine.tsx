import { styled } from 'styled-components';
import { sayGrams } from '../words/say';
import type { Wanted } from './shopCopy';

/** How much of it to take: as many as are counted, whole packs of what a cupboard keeps, else what it weighs. */
function amountOf({ pieces, packs, packGrams, stocked, need, have }: Wanted): string {
  if (pieces !== null) return `${pieces} ×`;
  return stocked ? `${packs} × ${sayGrams(packGrams)} g` : `${sayGrams(need - have)} g`;
}

interface Props {
  readonly row: Wanted;
  readonly ticked: boolean;
  readonly onTick: (on: boolean) => void;
}

/** A line of the list: a thumb ticks it. */
export function ShopLine({ row, ticked, onTick }: Props) {
  const { name, need, have, pieces, certified, packGuessed, stocked } = row;
  return (
    <Line>
      <label>
        <input type="checkbox" checked={ticked} onChange={({ target }) => onTick(target.checked)} />
        <b>{amountOf(row)}</b>
        <span>
          {name}
          <small>
            {[
              // What is weighed and wanting altogether is said by its amount.
              ...(have > 0 || stocked || pieces !== null ? [`${sayGrams(need)} g needed`] : []),
              ...(have > 0 ? [`${sayGrams(have)} g there`] : []),
              ...(stocked && packGuessed ? ['a usual pack'] : []),
              ...(certified ? ['certified gluten-free'] : []),
            ].join(' · ')}
          </small>
        </span>
      </label>
    </Line>
  );
}

const Line = styled.li`
  border-bottom: 1px solid ${({ theme }) => theme.colour.line};
  break-inside: avoid;
  label {
    display: grid;
    grid-template-columns: 2rem minmax(6.5rem, auto) 1fr;
    align-items: center;
    gap: ${({ theme }) => theme.space(3)};
    min-height: ${({ theme }) => theme.touch};
    cursor: pointer;
  }
  input {
    width: 1.4rem;
    height: 1.4rem;
  }
  b {
    font-family: ${({ theme }) => theme.font.figures};
    font-variant-numeric: tabular-nums;
    white-space: nowrap;
  }
  small {
    display: block;
    font-size: 0.9rem;
    color: ${({ theme }) => theme.colour.soft};
  }
  label:has(input:checked) span {
    text-decoration: line-through;
  }
`;
