import { aFamily, FAMILY_NAMES } from '@omniarton/core/vocabulary';
import { styled } from 'styled-components';
import type { Judgement } from '@omniarton/core/docket';
import { say } from '@omniarton/core/words';
import { Heading, Small } from '../../ui/layout';
import { Rail } from '../../ui/Rail';
import { BALANCE_WORDS } from '../../words/balance';

/** A recipe that holds no gluten as it is: whether its balances stand where such bakes have them, and what may go wrong. */
export function Judged({ judgement: { family, parts, findings } }: { readonly judgement: Judgement }) {
  return (
    <>
      <section aria-labelledby="findings">
        <Heading id="findings">As it stands, for {aFamily(family)}</Heading>
        <Small>Nothing is changed. How likely is our judgement; a recipe that works for you is right.</Small>
        {findings.length === 0 ? (
          <p>Nothing in its balances speaks against it.</p>
        ) : (
          <Findings>
            {findings.map(({ id, because, likelihood }) => (
              <li key={id}>
                <strong>{likelyWords(likelihood)}</strong> {say(because)}
              </li>
            ))}
          </Findings>
        )}
      </section>
      {parts.map(({ name, family: own, balances }, at) => (
        <section key={at} aria-labelledby={`judged-${at}`}>
          <Heading id={`judged-${at}`}>
            {name === null ? 'The balances' : `${name}, as ${FAMILY_NAMES[own]}`}
          </Heading>
          {balances.map(({ id, value, band }) => (
            <Rail key={id} label={BALANCE_WORDS[id].name} to={value} band={band} {...saidAs(id)} />
          ))}
        </section>
      ))}
    </>
  );
}

function saidAs(id: keyof typeof BALANCE_WORDS) {
  const { about, unit, say } = BALANCE_WORDS[id];
  return { about, unit, ...(say ? { say } : {}) };
}

const LIKELY = 0.6;
const MAYBE = 0.3;
const likelyWords = (likelihood: number) =>
  likelihood >= LIKELY ? 'Likely:' : likelihood >= MAYBE ? 'Maybe:' : 'Hardly:';

const Findings = styled.ul`
  display: grid;
  gap: ${({ theme }) => theme.space(1)};
  margin-top: ${({ theme }) => theme.space(2)};
  font: 400 1.05rem/1.4 ${({ theme }) => theme.font.written};
  strong {
    font: 650 0.95rem/1 ${({ theme }) => theme.font.text};
    color: ${({ theme }) => theme.colour.ask};
  }
`;
