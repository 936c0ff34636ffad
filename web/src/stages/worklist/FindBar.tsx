import { FAMILIES, FAMILY_NAMES } from '@omniarton/core/vocabulary';
import { useEffect, useRef, useState, type ReactNode } from 'react';
import { styled } from 'styled-components';
import type { HouseholdAnswer } from '@omniarton/contracts';
import { useTagsQuery } from '../../api/findingApi';
import { useKitchen } from '../../state/kitchen/useKitchen';
import { Button, Chip } from '../../ui/Button';
import { FindField } from '../../ui/FindField';
import { personName } from '../../words/guard';
import type { Finding, Narrow } from './useFinding';

/** So long a search waits for the next letter, ms. */
const RESTED_MS = 120;
const LONGEST_SEARCH = 200;

interface Props {
  readonly finding: Finding;
  readonly households: readonly HouseholdAnswer[];
}

/** Finds recipes as one types, and narrows the list to some of them. */
export function FindBar({ finding, households }: Props) {
  const { said, narrowed, narrow, all } = finding;
  const [open, setOpen] = useState(false);
  return (
    <Bar role="search" aria-label="Find recipes">
      <Words said={said.q} onSaid={(words) => narrow('q', words)} />
      <Button className="more" $weight="quiet" aria-expanded={open} onPress={() => setOpen(!open)}>
        {open ? 'Fewer ways' : 'More ways'}
      </Button>
      <Ways data-open={open || undefined}>
        <OneOf what="family" label="Kind" finding={finding}>
          {FAMILIES.map((id) => (
            <option key={id} value={id}>
              {FAMILY_NAMES[id]}
            </option>
          ))}
        </OneOf>
        <OneOf what="whom" label="For" finding={finding} any="anybody">
          {households.map(({ id }) => (
            <PeopleOf key={id} household={id} />
          ))}
        </OneOf>
        <OneOf what="tag" label="Tag" finding={finding}>
          {households.map(({ id }) => (
            <TagsOf key={id} household={id} />
          ))}
        </OneOf>
        <OneOf what="sort" label="Order" finding={finding} any="last touched first">
          <option value="title">by name</option>
        </OneOf>
        <Chip isSelected={said.favourite === 'yes'} onChange={(on) => narrow('favourite', on ? 'yes' : '')}>
          Favourites
        </Chip>
        <Chip isSelected={said.tried === 'never'} onChange={(on) => narrow('tried', on ? 'never' : '')}>
          Never tried
        </Chip>
        <Chip isSelected={said.open === 'yes'} onChange={(on) => narrow('open', on ? 'yes' : '')}>
          Open questions
        </Chip>
      </Ways>
      {narrowed ? (
        <Button $weight="quiet" onPress={all}>
          Show everything
        </Button>
      ) : null}
    </Bar>
  );
}

function PeopleOf({ household }: { readonly household: string }) {
  const { doc } = useKitchen(household);
  return doc.people.map((person) => (
    <option key={person.id} value={person.id}>
      {personName(person)}
    </option>
  ));
}

const TagsOf = ({ household }: { readonly household: string }) =>
  useTagsQuery(household).data?.map(({ tag }) => <option key={tag}>{tag}</option>);

/** What is typed is the field's own until it has rested. */
function Words({ said, onSaid }: { readonly said: string; readonly onSaid: (words: string) => void }) {
  const [typed, setTyped] = useState(said);
  const [sent, setSent] = useState(said);
  const timer = useRef<ReturnType<typeof setTimeout>>(undefined);
  if (said !== sent) {
    // The address was changed elsewhere: by the way back, or by "show everything".
    setSent(said);
    setTyped(said);
  }
  const type = (words: string) => {
    setTyped(words);
    clearTimeout(timer.current);
    timer.current = setTimeout(() => {
      setSent(words);
      onSaid(words);
    }, RESTED_MS);
  };
  useEffect(() => () => clearTimeout(timer.current), []);
  return (
    <FindField
      label="Find"
      value={typed}
      onChange={type}
      maxLength={LONGEST_SEARCH}
      placeholder="a name, an ingredient, somebody"
    />
  );
}

function OneOf({
  what,
  label,
  finding: { said, narrow },
  any = 'any',
  children,
}: {
  readonly what: Narrow;
  readonly label: string;
  readonly finding: Finding;
  readonly any?: string;
  readonly children: ReactNode;
}) {
  return (
    <Field>
      {label}
      <select value={said[what]} onChange={({ target }) => narrow(what, target.value)}>
        <option value="">{any}</option>
        {children}
      </select>
    </Field>
  );
}

const Bar = styled.div`
  display: flex;
  flex-wrap: wrap;
  align-items: end;
  gap: ${({ theme }) => `${theme.space(2)} ${theme.space(3)}`};
  .more {
    display: none;
  }
  ${({ theme }) => theme.phone} {
    .more {
      display: inline-flex;
    }
  }
`;
/** On a phone they are folded away until they are wanted. */
const Ways = styled.div`
  display: flex;
  flex-wrap: wrap;
  align-items: end;
  gap: ${({ theme }) => `${theme.space(2)} ${theme.space(3)}`};
  ${({ theme }) => theme.phone} {
    flex: 1 1 100%;
    &:not([data-open]) {
      display: none;
    }
  }
`;
/** One that has nothing to choose from isn't there. */
const Field = styled.label`
  &:not(:has(option + option)) {
    display: none;
  }
  display: grid;
  gap: ${({ theme }) => theme.space(1)};
  font-size: 0.88rem;
  font-weight: 600;
  color: ${({ theme }) => theme.colour.soft};
  select {
    min-height: ${({ theme }) => theme.touch};
    max-width: 13rem;
    padding: 0 ${({ theme }) => theme.space(2)};
    border: 1.5px solid ${({ theme }) => theme.colour.strong};
    border-radius: 3px;
    background: ${({ theme }) => theme.colour.paper};
    color: ${({ theme }) => theme.colour.ink};
    font: 500 1rem/1.2 ${({ theme }) => theme.font.text};
  }
`;
