import { memo, useState, type KeyboardEvent } from 'react';
import { styled } from 'styled-components';
import { shiftKey } from '@omniarton/core/balance';
import type { DocketShift } from '@omniarton/core/docket';
import { say } from '@omniarton/core/words';
import { Button } from '../../ui/Button';
import { Small } from '../../ui/layout';
import { BALANCE_WORDS } from '../../words/balance';

/** The next row in the list, across its groups. */
function stepTo(from: HTMLElement, by: 1 | -1) {
  const rows = [...document.querySelectorAll<HTMLElement>('[data-shift]')];
  rows[rows.indexOf(from) + by]?.focus();
}

/** Where the line of a shift is weighed, to be overruled. */
const weightOf = (line: string) =>
  document.querySelector<HTMLElement>(`[data-weight="${CSS.escape(line)}"] input`);

interface Props {
  readonly shift: DocketShift;
  /** Somebody has read it and takes it as it is. */
  readonly taken: boolean;
  readonly onTake: (key: string, taken: boolean) => void;
}

/**
 * One shift as a sentence: from, to, because. The source is one key apart. Arrow keys step through the shifts, Enter shows where
 * the rule comes from, A takes it, O goes to the weight to overrule it.
 */
export const ShiftRow = memo(function ShiftRow({ shift, taken, onTake }: Props) {
  const { source, confidence, line, balance } = shift;
  const [from, to, because] = [say(shift.from), say(shift.to), say(shift.because)];
  const [open, setOpen] = useState(false);
  const take = () => onTake(shiftKey(shift), !taken);
  const key = (event: KeyboardEvent<HTMLElement>) => {
    if (event.target !== event.currentTarget) return;
    if (event.key === 'ArrowDown') stepTo(event.currentTarget, 1);
    else if (event.key === 'ArrowUp') stepTo(event.currentTarget, -1);
    else if (event.key === 'Enter' || event.key === ' ') setOpen(!open);
    else if (event.key === 'a') take();
    else if (event.key === 'o' && line !== null) weightOf(line)?.focus();
    else return;
    event.preventDefault();
    event.stopPropagation();
  };
  return (
    <Line
      tabIndex={0}
      data-shift
      data-taken={taken || undefined}
      role="group"
      aria-expanded={open}
      aria-label={`${from} becomes ${to}`}
      onKeyDown={key}
      onClick={(event) => {
        if (!(event.target as Element).closest('button')) setOpen(!open);
      }}
    >
      <Take $weight="quiet" aria-label={taken ? 'Open again' : 'Take it'} onPress={take}>
        {taken ? '✓' : '○'}
      </Take>
      <p>
        <span>{from}</span> <Arrow aria-hidden="true">→</Arrow> <strong>{to}</strong>
      </p>
      <Because>because {lowerFirst(because)}</Because>
      {open ? (
        <Small>
          {balance ? `${BALANCE_WORDS[balance].name} asks for it · ` : ''}
          {source.startsWith(confidence.replace('-', ' '))
            ? source
            : `${source} · ${confidence.replaceAll('-', ' ')}`}
        </Small>
      ) : null}
    </Line>
  );
});

const lowerFirst = (text: string) => text.charAt(0).toLowerCase() + text.slice(1);

const Take = styled(Button)`
  float: right;
`;
const Line = styled.div`
  &[data-taken] p {
    color: ${({ theme }) => theme.colour.soft};
  }
  padding: ${({ theme }) => `${theme.space(2.5)} 0`};
  border-bottom: 1px solid ${({ theme }) => theme.colour.line};
  max-width: 48rem;
  cursor: pointer;
  &:focus-visible {
    outline: 3px solid ${({ theme }) => theme.colour.focus};
    outline-offset: 2px;
  }
`;
const Arrow = styled.span`
  padding: 0 ${({ theme }) => theme.space(1)};
  color: ${({ theme }) => theme.colour.act};
  font-weight: 700;
`;
const Because = styled.p`
  font: 400 1rem/1.4 ${({ theme }) => theme.font.written};
`;
