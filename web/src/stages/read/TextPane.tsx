import { useCallback, useState, type ClipboardEvent } from 'react';
import { TextArea, TextField } from 'react-aria-components';
import { styled } from 'styled-components';
import type { Found } from '@omniarton/core/exchange';
import { askQuick } from '../../state/engine/engine';
import { tooMuch } from '../../intake/takeFiles';
import { TakeFiles } from '../../intake/TakeFiles';
import { Button } from '../../ui/Button';
import { Caption } from '../../ui/Choice';
import { Row, Stack } from '../../ui/layout';
import { Notice } from '../../ui/Notice';
import { useDraft, useEdit, useHousehold } from '../../state/bench/onBench';

const EXAMPLE = `Your cake
2 cups plain flour
1½ tsp baking powder
200 g butter …

Method
Heat the oven to 180 °C …`;
/** Pasted words that are data or a page's source, and not what a person would read. */
const SOURCE = /^\s*(?:[{[]\s*["{]|<!doctype|<html|<script|<div|<article)/i;

/** The words of the recipe, to paste and to change. They stay as written. */
export function TextPane({ onDone }: { readonly onDone: (() => void) | undefined }) {
  const text = useDraft(({ doc }) => doc.text);
  const household = useHousehold();
  const edit = useEdit();
  const [trouble, setTrouble] = useState<string | null>(null);
  const take = (next: string) => {
    const why = tooMuch(next);
    setTrouble(why && `${why} Nothing was changed.`);
    if (why === null) edit({ kind: 'text', text: next });
  };
  const takeFound = useCallback(
    (found: Found) => {
      edit({ kind: 'taken', text: found.text, foreign: found.foreign });
      return true;
    },
    [edit],
  );
  const paste = (event: ClipboardEvent) => {
    const pasted = event.clipboardData.getData('text/plain');
    if (!SOURCE.test(pasted) || text.trim() !== '') return;
    event.preventDefault();
    void askQuick((engine) => engine.takeIn('pasted', pasted)).then(({ recipes, notes }) => {
      const [first] = recipes;
      if (!first) return take(pasted);
      takeFound(first);
      const more =
        recipes.length > 1
          ? [`${recipes.length} recipes were in it; this is the first. Drop the file to choose.`]
          : [];
      setTrouble([...notes, ...more].join(' ') || null);
    });
  };
  return (
    <Stack $gap={2} style={{ justifyItems: 'start' }}>
      <Words value={text} onChange={take}>
        <Caption>As it was written</Caption>
        <Paper
          placeholder={EXAMPLE}
          rows={Math.max(12, Math.min(30, text.split('\n').length + 1))}
          spellCheck={false}
          onPaste={paste}
        />
      </Words>
      <Row>
        <TakeFiles household={household} label="Open a file" onOne={takeFound} />
        {onDone ? (
          <Button $weight="quiet" onPress={onDone}>
            Done with the words
          </Button>
        ) : null}
      </Row>
      {trouble ? (
        <Notice tone="danger" loud>
          {trouble}
        </Notice>
      ) : null}
    </Stack>
  );
}

const Words = styled(TextField)`
  display: grid;
  width: 100%;
  gap: ${({ theme }) => theme.space(1)};
`;
const Paper = styled(TextArea)`
  width: 100%;
  padding: ${({ theme }) => theme.space(3)};
  border: 0;
  border-left: 3px solid ${({ theme }) => theme.colour.strong};
  background: ${({ theme }) => theme.colour.table};
  font: 400 1rem/1.5 ${({ theme }) => theme.font.written};
  resize: vertical;
`;
