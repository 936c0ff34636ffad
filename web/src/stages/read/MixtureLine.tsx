import { useState } from 'react';
import { styled } from 'styled-components';
import type { Mixture, Take } from '@omniarton/core/process';
import { useDraft, useEdit, useEngine } from '../../state/bench/onBench';
import { mixtureName, shareWords } from '../../words/process';
import { LineFace } from './LineFace';
import { Rebind } from './Rebind';

interface Props {
  readonly take: Take;
  readonly mixture: Mixture;
  readonly all: readonly Mixture[];
}

/** A line of a mixture; pressed, it can be put into another, or back to where it was read. */
export function MixtureLine({ take: { line, share }, mixture, all }: Props) {
  const [open, setOpen] = useState(false);
  const edit = useEdit();
  const source = useSource(line);
  const moved = useDraft(({ doc }) => doc.corrections.some((one) => one.line === line && one.part));
  const words = (
    <>
      {shareWords(share)}
      <q>{source}</q>
    </>
  );
  if (all.length < 2) return <li>{words}</li>;
  return (
    <li>
      <Face type="button" aria-expanded={open} onClick={() => setOpen(!open)}>
        {words}
      </Face>
      {open ? (
        <Rebind
          label="It goes into"
          value={mixture.part}
          options={all.map((one) => ({ id: one.part, name: mixtureName(one) }))}
          onChange={(part) => edit({ kind: 'correction', correction: { line, part } })}
          onAsRead={
            moved ? () => edit({ kind: 'correction', correction: { line }, without: ['part'] }) : null
          }
        />
      ) : null}
    </li>
  );
}

/** A line of the list as it was written. */
export const useSource = (line: string): string =>
  useEngine(
    ({ answer }) =>
      answer?.recipe.parts
        .flatMap(({ lines }) => lines)
        .find(({ id }) => id === line)
        ?.source.trim() ?? '',
  );

const Face = styled(LineFace)`
  padding: 0;
`;
