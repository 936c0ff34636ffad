import { styled } from 'styled-components';
import { Button } from '../ui/Button';

/** To be hit with a floury knuckle. */
export const BigButton = styled(Button)`
  min-height: 64px;
  min-width: 64px;
  padding: 0 ${({ theme }) => theme.space(6)};
  font-size: 1.25rem;
  white-space: normal;
`;
