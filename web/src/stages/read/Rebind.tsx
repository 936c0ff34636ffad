import { styled } from 'styled-components';
import { Button } from '../../ui/Button';
import { Pick } from '../../ui/Pick';

interface Props {
  readonly label: string;
  readonly value: string;
  readonly options: readonly { readonly id: string; readonly name: string }[];
  readonly onChange: (value: string) => void;
  /** Back to what was read; null where nothing was bound by hand. */
  readonly onAsRead: (() => void) | null;
}

/** What something is bound to, to be picked otherwise, and back to as it was read. */
export function Rebind({ label, value, options, onChange, onAsRead }: Props) {
  return (
    <Choices>
      <Pick label={label} value={value} options={options} onChange={onChange} />
      {onAsRead ? (
        <Button $weight="quiet" onPress={onAsRead}>
          As read
        </Button>
      ) : null}
    </Choices>
  );
}

const Choices = styled.div`
  display: flex;
  flex-wrap: wrap;
  align-items: end;
  gap: ${({ theme }) => theme.space(3)};
  padding-bottom: ${({ theme }) => theme.space(2)};
`;
