import { useState } from 'react';
import { FileTrigger, TextArea, TextField } from 'react-aria-components';
import { styled } from 'styled-components';
import { LIMITS } from '@omniarton/contracts/paths-and-errors';
import { askQuick } from '../../engine/engine';
import { Button } from '../../ui/Button';
import { Caption } from '../../ui/Choice';
import { Stack } from '../../ui/layout';
import { Notice } from '../../ui/Notice';
import { useDraft, useEdit } from '../bench/onBench';

const EXAMPLE = `Your cake
2 cups plain flour
1½ tsp baking powder
200 g butter …

Method
Heat the oven to 180 °C …`;

/** Why a text can't be taken on; null when it can. */
function tooMuch(text: string): string | null {
  if (text.length > LIMITS.textChars)
    return `That is ${Math.round(text.length / 1000)} thousand characters; a recipe has at most ${LIMITS.textChars / 1000} thousand.`;
  if (text.split('\n').length > LIMITS.lines)
    return `That is more than ${LIMITS.lines} lines, which no recipe has.`;
  return null;
}

/** The words of the recipe, to paste and to change. They stay as written. */
export function TextPane() {
  const text = useDraft(({ doc }) => doc.text);
  const edit = useEdit();
  const [trouble, setTrouble] = useState<string | null>(null);
  const take = (next: string) => {
    const why = tooMuch(next);
    setTrouble(why && `${why} Nothing was changed.`);
    if (why === null) edit({ kind: 'text', text: next });
  };
  const open = async (files: FileList | null) => {
    const file = files?.[0];
    if (!file) return;
    if (file.size > LIMITS.bodyBytes)
      return setTrouble(`“${file.name}” is larger than 512 kB. Nothing was changed.`);
    const content = await file.text();
    if (content.includes('\0')) return setTrouble(`“${file.name}” is not text. Nothing was changed.`);
    take(await askQuick((engine) => engine.textOf(content)));
  };
  return (
    <Stack $gap={2} style={{ justifyItems: 'start' }}>
      <Words value={text} onChange={take}>
        <Caption>As it was written</Caption>
        <Paper
          placeholder={EXAMPLE}
          rows={Math.max(12, Math.min(40, text.split('\n').length + 2))}
          spellCheck={false}
        />
      </Words>
      <FileTrigger
        acceptedFileTypes={['.txt', '.md', '.json', '.jsonld']}
        onSelect={(files) => void open(files)}
      >
        <Button $weight="quiet">Open a file</Button>
      </FileTrigger>
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
