import { useEffect, useState } from 'react';
import { Link, useNavigate } from 'react-router';
import { styled } from 'styled-components';
import { benchPath } from '../../base/paths';
import { useAppDispatch } from '../../state/state';
import { isTyping } from '../../base/useKey';
import { redone, undone } from '../../state/draft/draftSlice';
import { useSettings } from '../../state/settings/useSettings';
import { SheetOver } from '../../ui/Sheet';
import { Small } from '../../ui/layout';
import { useDraftId } from '../../state/bench/onBench';
import { STAGES } from './stages';

/** What a stage is opened with by its key: the focus goes into it, so that the next key is its own. */
export const INTO_STAGE = { into: 'stage' } as const;

/** The bench's keys, and the sheet that lists them. One-key ones are silent in text fields and can be switched off. */
export function useShortcuts(household: string) {
  const id = useDraftId();
  const navigate = useNavigate();
  const dispatch = useAppDispatch();
  const { shortcuts } = useSettings().settings;
  const [isOpen, setOpen] = useState(false);
  useEffect(() => {
    function onKey(event: KeyboardEvent) {
      if (event.defaultPrevented || event.altKey) return;
      const key = event.key.toLowerCase();
      if ((event.ctrlKey || event.metaKey) && (key === 'z' || key === 'y')) {
        // In a field the browser would undo letters that the draft doesn't know it undid.
        event.preventDefault();
        dispatch(key === 'y' || event.shiftKey ? redone({ id }) : undone({ id }));
        return;
      }
      if (event.ctrlKey || event.metaKey || !shortcuts || isTyping(event.target)) return;
      const stage = STAGES[Number(key) - 1];
      if (stage) void navigate(benchPath(household, id, stage.id), { state: INTO_STAGE });
      else if (event.key === '?') setOpen(true);
      else if (key === 'p') window.print();
      else return;
      event.preventDefault();
    }
    document.addEventListener('keydown', onKey);
    return () => document.removeEventListener('keydown', onKey);
  }, [dispatch, household, id, navigate, shortcuts]);
  const element = (
    <SheetOver title="Keys on the bench" isOpen={isOpen} onClose={() => setOpen(false)}>
      <Keys>
        {STAGES.map(({ id: stage, name, asks }, at) => (
          <Key key={stage} keys={[String(at + 1)]} does={`${name}: ${asks}`} />
        ))}
        <Key keys={['Ctrl', 'Z']} does="undo the last edit, in whichever stage it was" />
        <Key keys={['Ctrl', 'Shift', 'Z']} does="do it again" />
        <Key keys={['↑', '↓']} does="from line to line in Read; Enter opens one" />
        <Key keys={['U']} does="Read: grams, US cups, metric cups" />
        <Key
          keys={['↑', '↓']}
          does="Balance: from shift to shift; Enter shows its source, A takes it, O overrules it"
        />
        <Key keys={['L']} does="Balance: the ledger in grams and moles" />
        <Key keys={['P']} does="print the docket" />
        <Key keys={['?']} does="this sheet" />
      </Keys>
      <Link to="/how">How it works, and the words it uses</Link>
      <Small>
        {shortcuts
          ? 'Single keys are silent while you type. They can be switched off in the settings.'
          : 'Single keys are switched off in the settings; those with Ctrl still work.'}
      </Small>
    </SheetOver>
  );
  return { open: () => setOpen(true), element };
}

const Key = ({ keys, does }: { readonly keys: readonly string[]; readonly does: string }) => (
  <>
    <dt>
      {keys.map((key) => (
        <kbd key={key}>{key}</kbd>
      ))}
    </dt>
    <dd>{does}</dd>
  </>
);

const Keys = styled.dl`
  display: grid;
  grid-template-columns: auto 1fr;
  gap: ${({ theme }) => `${theme.space(2)} ${theme.space(4)}`};
  kbd {
    display: inline-block;
    min-width: 2em;
    margin-right: 3px;
    padding: 2px 7px;
    border: 1.5px solid ${({ theme }) => theme.colour.strong};
    border-bottom-width: 3px;
    border-radius: 3px;
    text-align: center;
    font: 650 0.95rem/1.3 ${({ theme }) => theme.font.figures};
  }
`;
