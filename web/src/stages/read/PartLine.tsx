import { Fragment } from 'react';
import { styled } from 'styled-components';

interface Props {
  readonly source: string;
  /** The line's words as two lines. */
  readonly onPart: (to: string) => void;
}

/** The words of a line with a place to part it before each but the first. */
export function PartLine({ source, onPart }: Props) {
  const words = [...source.trim().matchAll(/\S+/g)];
  return (
    <Words role="group" aria-label="Part it before">
      {words.map(({ 0: word, index }) => (
        <Fragment key={index}>
          {index === 0 ? (
            <span>{word}</span>
          ) : (
            <Before
              type="button"
              aria-label={`Part it before ${word}`}
              onClick={() =>
                onPart(`${source.trim().slice(0, index).trimEnd()}\n${source.trim().slice(index)}`)
              }
            >
              {word}
            </Before>
          )}
        </Fragment>
      ))}
    </Words>
  );
}

const Words = styled.div`
  grid-column: -2 / -1;
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  padding: ${({ theme }) => `0 ${theme.space(2)} ${theme.space(2)}`};
  font-family: ${({ theme }) => theme.font.written};
`;
const Before = styled.button`
  min-height: ${({ theme }) => theme.touch};
  margin-left: ${({ theme }) => theme.space(1)};
  padding: 0 ${({ theme }) => theme.space(1)};
  border: 0;
  border-left: 2px dashed ${({ theme }) => theme.colour.act};
  background: none;
  color: inherit;
  font: inherit;
  cursor: pointer;
  &:hover {
    background: ${({ theme }) => theme.colour.table};
  }
`;
