import { lazy, Suspense, useState } from 'react';
import { styled } from 'styled-components';
import { useNewSheet } from '../../intake/useNewSheet';
import { Button } from '../../ui/Button';
import { Small } from '../../ui/layout';

const FinishedDocket = lazy(async () => ({ default: (await import('./FinishedDocket')).FinishedDocket }));

interface Props {
  readonly household: string;
  /** The demo kitchen, where it is still there. */
  readonly demo: string | null;
}

/** What meets somebody who has nothing on the table yet: what this is, a place to paste into, and what comes of it. */
export function FirstMinute({ household, demo }: Props) {
  const openSheet = useNewSheet(household);
  const [text, setText] = useState('');
  const weighUp = (words: string) => {
    if (words.trim() !== '') openSheet({ text: words, foreign: null });
  };
  return (
    <Welcome>
      <div>
        <h1>Your wheat recipe, baked without gluten or grain</h1>
        <p>
          Omniarton weighs up a recipe that you love, keeps out what somebody at your table can’t eat, and
          works out the flours, binder, water, tin and time: each change with its reason.
        </p>
        <label htmlFor="first-recipe">Paste a recipe as it was written, cups and all</label>
        <textarea
          id="first-recipe"
          rows={7}
          autoFocus
          value={text}
          onChange={({ target }) => setText(target.value)}
          onPaste={(event) => {
            const pasted = event.clipboardData.getData('text/plain');
            if (text.trim() !== '' || !pasted.includes('\n')) return;
            event.preventDefault();
            weighUp(pasted);
          }}
        />
        <Button $weight="strong" isDisabled={text.trim() === ''} onPress={() => weighUp(text)}>
          Weigh it up
        </Button>
        <Small>Or drop a file on the page: text, a saved web page, JSON-LD, Markdown or a table.</Small>
      </div>
      {demo ? (
        <Suspense fallback={null}>
          <FinishedDocket demo={demo} />
        </Suspense>
      ) : null}
    </Welcome>
  );
}

const Welcome = styled.section`
  display: grid;
  grid-template-columns: minmax(0, 1fr) minmax(0, 24rem);
  gap: ${({ theme }) => theme.space(8)};
  align-items: start;
  h1 {
    max-width: 16em;
    text-wrap: balance;
  }
  > div {
    display: grid;
    gap: ${({ theme }) => theme.space(3)};
    justify-items: start;
  }
  label {
    font-weight: 600;
  }
  textarea {
    width: 100%;
    padding: ${({ theme }) => theme.space(3)};
    border: 2px solid ${({ theme }) => theme.colour.ink};
    border-radius: 3px;
    background: ${({ theme }) => theme.colour.paper};
    color: ${({ theme }) => theme.colour.ink};
    font: 400 1.05rem/1.45 ${({ theme }) => theme.font.written};
    resize: vertical;
  }
  ${({ theme }) => theme.phone} {
    grid-template-columns: minmax(0, 1fr);
  }
`;
