import { styled } from 'styled-components';
import { useAppDispatch, useAppSelector } from '../../state/state';
import type { SaveState } from '../../state/draft/draftSlice';
import { tryAgain } from '../../state/draft/saving';
import { Button } from '../../ui/Button';
import { useDraft, useDraftId } from '../../state/bench/onBench';

function words(save: SaveState, stored: boolean): string {
  switch (save.status) {
    case 'idle':
      return stored ? 'Saved' : 'Not saved yet';
    case 'waiting':
    case 'sending':
      return 'Saving …';
    case 'offline':
      return 'Kept here; the server is away';
    case 'conflict':
      return 'Two versions';
    case 'failed':
      return 'Not saved';
  }
}

/** Whether what is on the bench is kept, and where. */
export function SaveMark() {
  const save = useDraft((draft) => draft.save);
  const stored = useDraft((draft) => draft.base > 0);
  const refused = useAppSelector((state) => state.mirror.refused);
  const id = useDraftId();
  const dispatch = useAppDispatch();
  const away = save.status === 'offline' || save.status === 'failed';
  return (
    <Mark role="status" data-trouble={away || save.status === 'conflict' || undefined}>
      {words(save, stored)}
      {away ? <small>{save.words}</small> : null}
      {save.status === 'failed' ? <Button onPress={() => dispatch(tryAgain(id))}>Try again</Button> : null}
      {refused && save.status !== 'idle' ? (
        <small>This browser keeps no copies: don’t close the page before it is saved.</small>
      ) : null}
    </Mark>
  );
}

const Mark = styled.span`
  display: grid;
  max-width: 19rem;
  margin-right: ${({ theme }) => theme.space(2)};
  font-size: 0.9rem;
  font-weight: 600;
  color: ${({ theme }) => theme.colour.calm};
  &[data-trouble] {
    color: ${({ theme }) => theme.colour.danger};
  }
  small {
    font-weight: 400;
    line-height: 1.25;
    color: ${({ theme }) => theme.colour.ink};
  }
`;
