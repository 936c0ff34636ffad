import { styled } from 'styled-components';
import { Button } from '../ui/Button';
import { useUnseen } from './unseen';

/** How many weights have changed since they were last looked at, and one press to have seen them all. In the paper's own margin. */
export function SinceYouLooked() {
  const { before, gone, lookAtAll } = useUnseen();
  const changed = Object.keys(before).length;
  if (changed + gone.length === 0) return null;
  return (
    <Margin>
      <span>
        {[
          ...(changed > 0 ? [changed === 1 ? '1 weight changed' : `${changed} weights changed`] : []),
          ...(gone.length > 0 ? [`${gone.join(', ')} gone`] : []),
        ].join(', ')}
      </span>
      <Button $weight="quiet" onPress={lookAtAll}>
        Seen
      </Button>
    </Margin>
  );
}

const Margin = styled.div`
  position: absolute;
  inset: 4px 0 auto;
  display: flex;
  align-items: center;
  justify-content: space-between;
  height: 40px;
  padding: ${({ theme }) => `0 ${theme.space(2)} 0 ${theme.space(5)}`};
  font-size: 0.86rem;
  font-weight: 600;
  color: ${({ theme }) => theme.colour.act};
  span {
    overflow: hidden;
    text-overflow: ellipsis;
    white-space: nowrap;
  }
  @media print {
    display: none;
  }
`;
