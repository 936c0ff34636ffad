import { Button as AriaButton, ToggleButton as AriaToggle } from 'react-aria-components';
import { Link } from 'react-router';
import { css, styled } from 'styled-components';

type Weight = 'plain' | 'strong' | 'quiet' | 'danger';

const shape = css<{ $weight?: Weight }>`
  display: inline-flex;
  align-items: center;
  justify-content: center;
  gap: ${({ theme }) => theme.space(2)};
  min-height: ${({ theme }) => theme.touch};
  min-width: ${({ theme }) => theme.touch};
  padding: 0 ${({ theme }) => theme.space(3.5)};
  border: 1.5px solid
    ${({ theme, $weight = 'plain' }) =>
      $weight === 'quiet'
        ? 'transparent'
        : $weight === 'danger'
          ? theme.colour.danger
          : $weight === 'strong'
            ? theme.colour.act
            : theme.colour.strong};
  border-radius: 3px;
  background: ${({ theme, $weight }) => ($weight === 'strong' ? theme.colour.act : 'transparent')};
  color: ${({ theme, $weight }) =>
    $weight === 'strong'
      ? theme.colour.onAct
      : $weight === 'danger'
        ? theme.colour.danger
        : $weight === 'quiet'
          ? theme.colour.act
          : theme.colour.ink};
  font-weight: 600;
  text-decoration: none;
  white-space: nowrap;
  cursor: pointer;
  &[data-hovered],
  &:hover {
    background: ${({ theme, $weight }) => ($weight === 'strong' ? theme.colour.act : theme.colour.table)};
  }
  &[data-pressed] {
    transform: translateY(1px);
  }
  &[data-disabled] {
    opacity: 0.45;
    cursor: default;
  }
  @media print {
    display: none;
  }
`;

/** A thing to press: plain, strong (the one that goes on), quiet (beside others), danger (takes something away). */
export const Button = styled(AriaButton)<{ $weight?: Weight }>`
  ${shape}
`;

/** A link that looks like something to press. */
export const ButtonLink = styled(Link)<{ $weight?: Weight }>`
  ${shape}
`;

/** Something that is on or off. */
export const Chip = styled(AriaToggle)<{ $weight?: Weight }>`
  ${shape}
  border-color: ${({ theme }) => theme.colour.strong};
  font-weight: 500;
  &[data-selected] {
    border-color: ${({ theme }) => theme.colour.ink};
    background: ${({ theme }) => theme.colour.ink};
    color: ${({ theme }) => theme.colour.ground};
    font-weight: 650;
  }
  &[data-selected]::before {
    content: '✓';
  }
`;
