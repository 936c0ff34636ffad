import { Button, ListBox, ListBoxItem, Popover, Select, SelectValue } from 'react-aria-components';
import { styled } from 'styled-components';
import { Caption } from './Choice';

interface Props<T extends string> {
  readonly label: string;
  readonly value: T;
  readonly options: readonly { readonly id: T; readonly name: string; readonly hint?: string }[];
  readonly onChange: (value: T) => void;
}

/** One of many. */
export function Pick<T extends string>({ label, value, options, onChange }: Props<T>) {
  return (
    <Frame value={value} onChange={(key) => onChange(key as T)}>
      <Caption>{label}</Caption>
      <Face>
        <SelectValue>{({ selectedText }) => selectedText}</SelectValue>
        <span aria-hidden="true">▾</span>
      </Face>
      <Sheet>
        <List items={options}>
          {({ id, name, hint }: Props<T>['options'][number]) => (
            <Item id={id} textValue={name}>
              {name}
              {hint ? <Hint>{hint}</Hint> : null}
            </Item>
          )}
        </List>
      </Sheet>
    </Frame>
  );
}

const Frame = styled(Select)`
  display: grid;
  gap: ${({ theme }) => theme.space(1)};
  grid-template-columns: minmax(0, max-content);
  max-width: 100%;
` as typeof Select;
const Face = styled(Button)`
  display: inline-flex;
  justify-content: space-between;
  align-items: center;
  gap: ${({ theme }) => theme.space(3)};
  min-height: ${({ theme }) => theme.touch};
  padding: 0 ${({ theme }) => theme.space(3)};
  border: 1.5px solid ${({ theme }) => theme.colour.strong};
  border-radius: 3px;
  background: ${({ theme }) => theme.colour.paper};
  text-align: left;
  cursor: pointer;
`;
export const Sheet = styled(Popover)`
  min-width: var(--trigger-width);
  max-height: 22rem;
  overflow: auto;
  background: ${({ theme }) => theme.colour.paper};
  border: 1.5px solid ${({ theme }) => theme.colour.ink};
  border-radius: 3px;
  box-shadow: 0 6px 20px rgb(0 0 0 / 0.2);
`;
export const List = styled(ListBox)`
  outline: none;
` as typeof ListBox;
export const Item = styled(ListBoxItem)`
  display: flex;
  align-items: center;
  justify-content: space-between;
  gap: ${({ theme }) => theme.space(3)};
  min-height: ${({ theme }) => theme.touch};
  padding: 0 ${({ theme }) => theme.space(3)};
  cursor: pointer;
  &[data-focused] {
    background: ${({ theme }) => theme.colour.table};
  }
  &[data-selected] {
    font-weight: 700;
  }
`;
const Hint = styled.span`
  color: ${({ theme }) => theme.colour.soft};
  font-size: 0.85rem;
`;
