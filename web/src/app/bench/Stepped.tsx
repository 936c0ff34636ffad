import { Link, useParams } from 'react-router';
import { styled } from 'styled-components';
import { benchPath } from '../../base/paths';
import { useDraft, useDraftId } from '../../state/bench/onBench';
import { useLasting } from '../../ui/useLasting';
import { editedWhat } from '../../words/edited';
import { STAGES } from './stages';

/** For so long it says what was undone, ms. */
const SAID_FOR = 8000;
const WORDS = { undone: 'Undone', redone: 'Done again' } as const;

/** What an undo or a redo was about: it may have been in a stage that isn't in view. */
export function Stepped({ household }: { readonly household: string }) {
  const stepped = useDraft((draft) => draft.stepped);
  const revision = useDraft((draft) => draft.revision);
  return (
    <Place role="status">{stepped ? <Said key={revision} household={household} {...stepped} /> : null}</Place>
  );
}

function Said({
  household,
  field,
  way,
}: {
  readonly household: string;
  readonly field: string;
  readonly way: keyof typeof WORDS;
}) {
  const id = useDraftId();
  const { stage: inView = STAGES[0]!.id } = useParams();
  const over = useLasting(true, SAID_FOR);
  if (over) return null;
  const { what, stage } = editedWhat(field);
  const name = STAGES.find((one) => one.id === stage)!.name;
  return (
    <span>
      {WORDS[way]}: {what}
      {stage === inView ? '' : <Link to={benchPath(household, id, stage)}>see it on {name}</Link>}
    </span>
  );
}

const Place = styled.p`
  position: absolute;
  z-index: 30;
  top: 100%;
  right: ${({ theme }) => theme.space(6)};
  > span {
    display: flex;
    align-items: center;
    gap: ${({ theme }) => theme.space(3)};
    min-height: ${({ theme }) => theme.touch};
    padding: ${({ theme }) => `0 ${theme.space(4)}`};
    background: ${({ theme }) => theme.colour.ink};
    color: ${({ theme }) => theme.colour.paper};
    font-size: 0.95rem;
  }
  a {
    display: inline-flex;
    align-items: center;
    min-height: ${({ theme }) => theme.touch};
    color: inherit;
  }
  ${({ theme }) => theme.phone} {
    /* Above the docket's bar, and not over the stages. */
    position: fixed;
    top: auto;
    bottom: calc(${({ theme }) => theme.touch} * 1.6);
    right: ${({ theme }) => theme.space(3)};
  }
  @media print {
    display: none;
  }
`;
