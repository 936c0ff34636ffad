import { useState, type ReactNode } from 'react';
import { styled } from 'styled-components';
import { Button } from './Button';
import { Heading, Row, Small, Stack } from './layout';

interface SectionProps {
  readonly id: string;
  readonly name: string;
  readonly about: string;
  readonly children: ReactNode;
}

/** A shelf of the kitchen. */
export const Section = ({ id, name, about, children }: SectionProps) => (
  <Stack as="section" $gap={3} aria-labelledby={id}>
    <Heading id={id}>{name}</Heading>
    <Small>{about}</Small>
    {children}
  </Stack>
);

interface EntryProps {
  readonly name: string;
  readonly onRemove: () => void;
  /** What comes after the press asks by itself. */
  readonly asks?: boolean;
  readonly children: ReactNode;
}

/** One thing on a shelf: its name, opened to change it, and taken away after a second word. */
export function Entry({ name, onRemove, asks = false, children }: EntryProps) {
  const [sure, setSure] = useState(false);
  return (
    <Fold>
      <summary>{name}</summary>
      <Stack $gap={3}>
        {children}
        <Row>
          {sure ? (
            <>
              <Button $weight="danger" onPress={onRemove}>
                Take “{name}” away
              </Button>
              <Button onPress={() => setSure(false)}>Keep it</Button>
            </>
          ) : (
            <Button
              $weight="quiet"
              aria-label={`Take away: ${name}`}
              onPress={() => (asks ? onRemove() : setSure(true))}
            >
              Take away
            </Button>
          )}
        </Row>
      </Stack>
    </Fold>
  );
}

const Fold = styled.details`
  border-bottom: 1px solid ${({ theme }) => theme.colour.line};
  > summary {
    min-height: ${({ theme }) => theme.touch};
    padding: ${({ theme }) => theme.space(2)} 0;
    font: 550 1.1rem/1.3 ${({ theme }) => theme.font.written};
    cursor: pointer;
  }
  > div {
    padding: ${({ theme }) => `${theme.space(1)} 0 ${theme.space(4)} ${theme.space(4)}`};
    border-left: 3px solid ${({ theme }) => theme.colour.strong};
  }
`;
