import { useState } from 'react';
import { styled } from 'styled-components';
import { Button, ButtonLink } from '../../ui/Button';
import { TextEntry } from '../../ui/TextEntry';

interface Props {
  readonly count: number;
  readonly booklet: string;
  readonly shop: string;
  readonly tags: readonly string[];
  /** The list shows favourites alone. */
  readonly favourites: boolean;
  readonly onMark: (marks: { favourite?: boolean; tag?: string; untag?: string }) => void;
  readonly onFile: () => void;
  readonly onCopy: () => void;
  readonly onAway: () => void;
  readonly onNone: () => void;
}

/** What is done to all that are chosen. */
export function SeveralBar({
  count,
  booklet,
  shop,
  tags,
  favourites,
  onMark,
  onFile,
  onCopy,
  onAway,
  onNone,
}: Props) {
  const [tagging, setTagging] = useState(false);
  return (
    <Bar role="toolbar" aria-label="The chosen ones">
      <b role="status">{count} chosen</b>
      <Button onPress={() => onMark({ favourite: true })}>★ Favourite</Button>
      {favourites ? (
        <Button onPress={() => onMark({ favourite: false })}>☆ No longer a favourite</Button>
      ) : null}
      <Button aria-expanded={tagging} onPress={() => setTagging(!tagging)}>
        Tag …
      </Button>
      <ButtonLink to={booklet}>Print as a booklet</ButtonLink>
      <ButtonLink to={shop}>Shopping list</ButtonLink>
      <Button onPress={onFile}>As one file</Button>
      <Button onPress={onCopy}>{count === 1 ? 'Duplicate' : 'Duplicate each'}</Button>
      <Button $weight="danger" onPress={onAway}>
        Off the table
      </Button>
      <Button $weight="quiet" onPress={onNone}>
        Choose none
      </Button>
      {tagging ? (
        <Tags>
          <TextEntry
            label="New tag"
            value=""
            maxLength={40}
            placeholder="for tea"
            onCommit={(said) => onMark({ tag: said.replaceAll(',', ' ') })}
          />
          {tags.map((tag) => (
            <Button key={tag} $weight="quiet" onPress={() => onMark({ untag: tag })}>
              Take off “{tag}”
            </Button>
          ))}
        </Tags>
      ) : null}
    </Bar>
  );
}

const Bar = styled.div`
  position: sticky;
  bottom: 0;
  z-index: 3;
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: ${({ theme }) => theme.space(2)};
  padding: ${({ theme }) => `${theme.space(2)} ${theme.space(3)}`};
  border-top: 3px solid ${({ theme }) => theme.colour.ink};
  background: ${({ theme }) => theme.colour.paper};
`;
const Tags = styled.div`
  display: flex;
  flex: 1 1 100%;
  flex-wrap: wrap;
  align-items: end;
  gap: ${({ theme }) => theme.space(2)};
`;
