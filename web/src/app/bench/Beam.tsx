import { Link } from 'react-router';
import { styled } from 'styled-components';
import { benchPath } from '../../base/paths';
import { useDraftId } from '../../state/bench/onBench';
import { STAGES } from './stages';

/** The stages as notches along a balance's beam; the poise hangs at the one that is open. */
export function Beam({ household, stage }: { readonly household: string; readonly stage: string }) {
  const recipe = useDraftId();
  return (
    <Bar aria-label="Stages">
      <ol>
        {STAGES.map(({ id, name, asks }) => (
          <li key={id}>
            <Notch
              to={benchPath(household, recipe, id)}
              title={asks}
              aria-current={id === stage ? 'step' : undefined}
            >
              {name}
            </Notch>
          </li>
        ))}
      </ol>
    </Bar>
  );
}

const Bar = styled.nav`
  position: sticky;
  top: 0;
  z-index: 10;
  background: ${({ theme }) => theme.colour.ground};
  border-bottom: 2px solid ${({ theme }) => theme.colour.ink};
  ol {
    display: flex;
    padding: 0 ${({ theme }) => theme.space(6)};
    overflow-x: auto;
    scrollbar-width: none;
    background-image: repeating-linear-gradient(
      90deg,
      ${({ theme }) => theme.colour.strong} 0 1px,
      transparent 1px 12px
    );
    background-size: 100% 6px;
    background-position: bottom;
    background-repeat: no-repeat;
  }
  ${({ theme }) => theme.phone} {
    ol {
      padding: 0 ${({ theme }) => theme.space(2)};
    }
  }
  @media print {
    display: none;
  }
`;
const Notch = styled(Link)`
  position: relative;
  display: inline-flex;
  align-items: center;
  min-height: 48px;
  padding: 0 ${({ theme }) => theme.space(4)} ${({ theme }) => theme.space(1)};
  color: ${({ theme }) => theme.colour.soft};
  font-weight: 600;
  text-decoration: none;
  &:hover {
    color: ${({ theme }) => theme.colour.ink};
  }
  &[aria-current='step'] {
    color: ${({ theme }) => theme.colour.ink};
    font-weight: 750;
  }
  &[aria-current='step']::after {
    content: '';
    position: absolute;
    left: 50%;
    bottom: 0;
    width: 26px;
    height: 11px;
    transform: translateX(-50%);
    background: ${({ theme }) => theme.colour.ink};
    clip-path: polygon(0 100%, 0 45%, 50% 0, 100% 45%, 100% 100%);
  }
  ${({ theme }) => theme.phone} {
    padding: 0 ${({ theme }) => theme.space(2.5)} ${({ theme }) => theme.space(1)};
  }
`;
