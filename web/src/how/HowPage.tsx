import { useState } from 'react';
import { styled } from 'styled-components';
import { ButtonLink } from '../ui/Button';
import { FindField } from '../ui/FindField';
import { PageFloor, PageHead, Stack } from '../ui/layout';
import { Wordmark } from '../ui/Wordmark';
import { GLOSSARY } from './glossary';
import { HOW_STAGES } from './stages';

const has = (words: string, ...texts: readonly string[]): boolean =>
  words
    .toLowerCase()
    .split(/\s+/)
    .every((word) => texts.join(' ').toLowerCase().includes(word));

/** How this works: the stages with pictures out of the demo, and the words that are used. One search finds in both. */
export function HowPage() {
  const [words, setWords] = useState('');
  const stages = HOW_STAGES.filter(({ name, asks, says }) => has(words, name, asks, ...says));
  const terms = Object.entries(GLOSSARY).filter(([term, says]) => has(words, term, says));
  return (
    <Page>
      <title>How it works · Omniarton</title>
      <PageHead>
        <Wordmark />
        <ButtonLink to="/" $weight="quiet">
          To the work list
        </ButtonLink>
      </PageHead>
      <h1>How it works</h1>
      <p>
        Nine stages, in the order of the work. Go through them or jump: the docket stands beside every one and
        changes as you work.
      </p>
      <FindField
        label="Find on this page"
        value={words}
        onChange={setWords}
        placeholder="oven, label, thirst …"
      />
      {stages.length + terms.length === 0 ? <p role="status">Nothing here says that.</p> : null}
      <Stack $gap={8}>
        {stages.map(({ name, asks, says, picture }) => (
          <Stage key={name} aria-labelledby={`how-${name}`}>
            <div>
              <h2 id={`how-${name}`}>{name}</h2>
              <Asks>{asks}</Asks>
              {says.map((sentence) => (
                <p key={sentence}>{sentence}</p>
              ))}
            </div>
            <img src={picture} alt={`${name} in the demo kitchen`} width={640} height={400} loading="lazy" />
          </Stage>
        ))}
      </Stack>
      {terms.length > 0 ? (
        <section aria-labelledby="how-words">
          <h2 id="how-words">Words</h2>
          <Words>
            {terms.map(([term, says]) => (
              <div key={term} id={`word-${term.replaceAll(' ', '-')}`}>
                <dt>{term}</dt>
                <dd>{says}</dd>
              </div>
            ))}
          </Words>
        </section>
      ) : null}
    </Page>
  );
}

const Page = styled(PageFloor)`
  h2 {
    font: 600 1.5rem/1.2 ${({ theme }) => theme.font.written};
  }
`;
const Stage = styled.section`
  display: grid;
  grid-template-columns: minmax(0, 1fr) minmax(0, 32rem);
  gap: ${({ theme }) => theme.space(6)};
  align-items: start;
  padding-top: ${({ theme }) => theme.space(4)};
  border-top: 3px solid ${({ theme }) => theme.colour.ink};
  > div {
    display: grid;
    gap: ${({ theme }) => theme.space(2)};
  }
  img {
    width: 100%;
    height: auto;
    border: 1px solid ${({ theme }) => theme.colour.line};
  }
  ${({ theme }) => theme.phone} {
    grid-template-columns: minmax(0, 1fr);
  }
`;
const Asks = styled.p`
  font: italic 400 1.05rem/1.4 ${({ theme }) => theme.font.written};
`;
const Words = styled.dl`
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(20rem, 1fr));
  gap: ${({ theme }) => `${theme.space(3)} ${theme.space(6)}`};
  margin-top: ${({ theme }) => theme.space(3)};
  dt {
    font-weight: 650;
  }
  ${({ theme }) => theme.phone} {
    grid-template-columns: minmax(0, 1fr);
  }
`;
