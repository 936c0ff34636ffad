import { Checkbox } from 'react-aria-components';
import { styled } from 'styled-components';
import type { DayRun, Happening } from '@omniarton/core/clock';
import { Fold } from '../ui/Fold';
import { Stack } from '../ui/layout';

interface Props {
  readonly run: DayRun;
  readonly ticked: ReadonlySet<string>;
  readonly happen: (what: Happening) => void;
}

/** Lists to tick: what holds on to gluten in the kitchen, and what is weighed for each bake. */
export function TickLists({ run, ticked, happen }: Props) {
  const checks = [...new Set(run.bakes.flatMap((one) => one.checks))];
  const tick = (what: string) => happen({ kind: ticked.has(what) ? 'unticked' : 'ticked', what });
  const list = (about: string, lines: readonly string[]) => (
    <List>
      {lines.map((line, at) => {
        const what = `${about}/${at}`;
        return (
          <Tick key={what} isSelected={ticked.has(what)} onChange={() => tick(what)}>
            <i aria-hidden="true">{ticked.has(what) ? '✓' : ''}</i>
            {line}
          </Tick>
        );
      })}
    </List>
  );
  const open = (about: string, lines: readonly string[]) => {
    const left = lines.filter((_, at) => !ticked.has(`${about}/${at}`)).length;
    return left === 0 ? 'all ticked' : `${left} open`;
  };
  return (
    <Stack as="section" aria-label="Lists to tick" $gap={2}>
      {checks.length > 0 ? (
        <Fold name={`Before flour is opened: ${open('cross', checks)}`}>{list('cross', checks)}</Fold>
      ) : null}
      {run.bakes.map(({ id, title, lines }) => (
        <Fold key={id} name={`Weighed for ${title}: ${open(id, lines)}`}>
          {list(id, lines)}
        </Fold>
      ))}
    </Stack>
  );
}

const List = styled.div`
  display: grid;
  padding-bottom: ${({ theme }) => theme.space(3)};
`;
const Tick = styled(Checkbox)`
  display: grid;
  grid-template-columns: 2.4rem minmax(0, 1fr);
  align-items: center;
  min-height: 56px;
  font-size: 1.15rem;
  cursor: pointer;
  i {
    display: grid;
    place-items: center;
    width: 1.7rem;
    height: 1.7rem;
    border: 2px solid ${({ theme }) => theme.colour.ink};
    font-style: normal;
    font-weight: 700;
  }
  &[data-selected] {
    color: ${({ theme }) => theme.colour.soft};
  }
  &[data-focus-visible] {
    outline: 3px solid ${({ theme }) => theme.colour.focus};
  }
`;
