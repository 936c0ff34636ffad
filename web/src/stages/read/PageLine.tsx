import { memo, useState, type KeyboardEvent } from 'react';
import { styled } from 'styled-components';
import type { TakenFor } from '@omniarton/core/read';
import { PAGE_KIND_NAMES, type PageKind } from '@omniarton/core/vocabulary';
import { Button } from '../../ui/Button';
import { useEdit } from '../../state/bench/onBench';
import { KIND_WORDS } from '../../words/pageKinds';
import { LineFace, Source } from './LineFace';
import { PartLine } from './PartLine';
import { WhyKind } from './WhyKind';

/** A line of the page with its place among those that aren't blank, and what it was taken for. */
export interface Taken extends TakenFor {
  readonly at: number;
  readonly source: string;
}

interface Props extends Taken {
  /** A person has said what it is. */
  readonly said: boolean;
  /** It could be something else: what it may be is offered at once. */
  readonly doubtful: boolean;
  readonly onApart: (line: string) => void;
}

/** What a person may make of a line, and the key for it. */
const CHOICES: readonly (readonly [PageKind, string])[] = [
  ['title', 't'],
  ['heading', 'h'],
  ['ingredient', 'i'],
  ['step', 's'],
  ['note', 'n'],
];

/** A line as it was written, with what it was taken for in the margin: pressed, it can be made something else. */
export const PageLine = memo(function PageLine(props: Props) {
  const { line, at, source, kind, sure, said, doubtful } = props;
  const [open, setOpen] = useState(false);
  const edit = useEdit();
  const make = (now: PageKind) => edit({ kind: 'correction', correction: { line, kind: now } });
  const onKeyDown = (event: KeyboardEvent) => {
    if (event.altKey || event.ctrlKey || event.metaKey) return;
    const pressed = event.key.toLowerCase();
    const choice = CHOICES.find(([, key]) => key === pressed)?.[0];
    if (pressed === 'j' && at > 0) edit({ kind: 'join', line, above: event.shiftKey ? 2 : 1 });
    else if (choice) make(choice);
    else return;
    event.preventDefault();
    event.stopPropagation();
  };
  return (
    <Row data-trouble={doubtful || undefined}>
      <Margin data-said={said || undefined}>{KIND_WORDS[kind]}</Margin>
      <Face
        type="button"
        aria-expanded={open}
        aria-label={`${source.trim()}: ${said ? 'by hand ' : ''}${PAGE_KIND_NAMES[kind]}`}
        onClick={() => setOpen(!open)}
        onKeyDown={onKeyDown}
      >
        <Source>{source.trim()}</Source>
        {said ? <Sure>by hand</Sure> : sure < 0.995 ? <Sure>{Math.round(sure * 100)} % sure</Sure> : null}
      </Face>
      {doubtful || open ? <Choices kind={kind} or={props.or} doubtful={doubtful} onMake={make} /> : null}
      {open ? <More {...props} /> : null}
    </Row>
  );
});

interface ChoicesProps {
  readonly kind: PageKind;
  readonly or: PageKind;
  readonly doubtful: boolean;
  readonly onMake: (kind: PageKind) => void;
}

/** One press says what it is; that it is what it was taken for can be said too. */
function Choices({ kind, or, doubtful, onMake }: ChoicesProps) {
  const named = CHOICES.map(([choice]) => choice);
  const all = [...(named.includes(kind) || !doubtful ? [] : [kind]), ...named];
  return (
    <Presses role="group" aria-label="It is">
      {doubtful ? <span>taken for {PAGE_KIND_NAMES[kind]}</span> : null}
      {all.map((choice) => (
        <Button
          key={choice}
          $weight={choice === or && doubtful ? 'plain' : 'quiet'}
          aria-pressed={choice === kind}
          onPress={() => onMake(choice)}
        >
          {choice === kind ? `It is ${PAGE_KIND_NAMES[choice]}` : KIND_WORDS[choice]}
        </Button>
      ))}
    </Presses>
  );
}

/** Lines that are one, a line that is two, another recipe; why; and back to as it was read. */
function More({ line, at, source, kind, or, said, onApart }: Props) {
  const [parting, setParting] = useState(false);
  const edit = useEdit();
  const asRead = () => edit({ kind: 'correction', correction: { line }, without: ['kind'] });
  return (
    <>
      <Presses role="group" aria-label="The words">
        {at > 0 ? (
          <Button $weight="quiet" onPress={() => edit({ kind: 'join', line, above: 1 })}>
            One with the line above
          </Button>
        ) : null}
        {at > 1 ? (
          <Button $weight="quiet" onPress={() => edit({ kind: 'join', line, above: 2 })}>
            These three are one: with both above
          </Button>
        ) : null}
        {source.trim().includes(' ') ? (
          <Button $weight="quiet" aria-expanded={parting} onPress={() => setParting(!parting)}>
            It is two lines
          </Button>
        ) : null}
        {at > 0 ? (
          <Button $weight="quiet" onPress={() => onApart(line)}>
            Another recipe begins here
          </Button>
        ) : null}
        {said ? (
          <Button $weight="quiet" onPress={asRead}>
            As read
          </Button>
        ) : (
          <WhyKind at={at} kind={kind} or={or} />
        )}
      </Presses>
      {parting ? <PartLine source={source} onPart={(to) => edit({ kind: 'line', line, to })} /> : null}
    </>
  );
}

const Row = styled.li`
  display: grid;
  grid-template-columns: 8.5rem minmax(0, 1fr);
  gap: 0 ${({ theme }) => theme.space(3)};
  border-bottom: 1px solid ${({ theme }) => theme.colour.line};
  &[data-trouble] {
    background: ${({ theme }) => theme.colour.askWash};
  }
  ${({ theme }) => theme.phone} {
    grid-template-columns: minmax(0, 1fr);
    padding: ${({ theme }) => `${theme.space(1)} 0`};
  }
`;
const Margin = styled.span`
  padding: ${({ theme }) => `${theme.space(2)} 0 0 ${theme.space(2)}`};
  font-size: 0.82rem;
  font-weight: 650;
  color: ${({ theme }) => theme.colour.soft};
  &[data-said] {
    color: ${({ theme }) => theme.colour.act};
  }
`;
const Face = styled(LineFace)`
  display: flex;
  align-items: baseline;
  justify-content: space-between;
  gap: ${({ theme }) => theme.space(3)};
`;
const Sure = styled.span`
  flex: none;
  font: 500 0.86rem/1.2 ${({ theme }) => theme.font.figures};
  color: ${({ theme }) => theme.colour.soft};
`;
const Presses = styled.div`
  grid-column: -2 / -1;
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 0 ${({ theme }) => theme.space(1)};
  padding: 0 ${({ theme }) => theme.space(2)} ${({ theme }) => theme.space(1)};
  > span {
    margin-right: ${({ theme }) => theme.space(2)};
    color: ${({ theme }) => theme.colour.ask};
    font-weight: 600;
  }
`;
