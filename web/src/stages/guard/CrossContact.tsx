import { Checkbox } from 'react-aria-components';
import { styled } from 'styled-components';
import type { GuardReport } from '@omniarton/core/guard';
import { useSettings } from '../../state/settings/useSettings';
import { Heading, Small } from '../../ui/layout';
import { today } from '../../words/say';
import { useEngine, useRequest } from '../../state/bench/onBench';
import { settledWords } from '../../words/guard';

const NO_CHECKS: GuardReport['crossContact'] = [];

/** What to see to in the kitchen before and while it is baked, for somebody who needs certified goods; ticked by whom and when. */
export function CrossContact() {
  const checks = useEngine(({ answer }) => answer?.guard.crossContact ?? NO_CHECKS);
  const [{ ticks }, ask] = useRequest();
  const { signs } = useSettings().settings;
  if (checks.length === 0) return null;
  const tick = (check: string, on: boolean) => {
    const others = ticks.filter((one) => one.check !== check);
    ask({ ticks: on ? [...others, { check, on: today(), by: signs }] : others });
  };
  const done = checks.filter((one) => one.done !== null).length;
  return (
    <section aria-labelledby="cross-contact">
      <Heading id="cross-contact">Against cross-contact, on the day</Heading>
      <Small>
        From whom it is for, and from what the method works with. {done} of {checks.length} seen to.
      </Small>
      <List>
        {checks.map((one) => (
          <li key={one.id}>
            <Check
              isSelected={ticks.some(({ check }) => check === one.id)}
              onChange={(on) => tick(one.id, on)}
            >
              <span className="box" aria-hidden="true" />
              <span>
                {one.check}
                {one.done ? <Small as="span"> {settledWords(one.done)}</Small> : null}
              </span>
            </Check>
          </li>
        ))}
      </List>
    </section>
  );
}

const List = styled.ul`
  display: grid;
  gap: ${({ theme }) => theme.space(1)};
  margin-top: ${({ theme }) => theme.space(2)};
  max-width: 46rem;
  font-size: 0.94rem;
`;
const Check = styled(Checkbox)`
  display: flex;
  gap: ${({ theme }) => theme.space(3)};
  min-height: 44px;
  padding: ${({ theme }) => theme.space(2)} 0;
  cursor: pointer;
  .box {
    flex: none;
    width: 1.3em;
    height: 1.3em;
    border: 2px solid ${({ theme }) => theme.colour.strong};
    border-radius: 3px;
  }
  &[data-selected] .box {
    background: ${({ theme }) => theme.colour.act};
    border-color: ${({ theme }) => theme.colour.act};
    box-shadow: inset 0 0 0 3px ${({ theme }) => theme.colour.paper};
  }
  &[data-focus-visible] .box {
    outline: 3px solid ${({ theme }) => theme.colour.act};
    outline-offset: 2px;
  }
`;
