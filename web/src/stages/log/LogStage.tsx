import { styled } from 'styled-components';
import { NeedsDocket } from '../../docket/NeedsDocket';
import { newSheet } from '../../docket/newSheet';
import { useDocket, useDraft, useEdit } from '../../state/bench/onBench';
import { Button } from '../../ui/Button';
import { Stack } from '../../ui/layout';
import { BakeList } from './BakeList';
import { BakeSheet } from './BakeSheet';
import { FromRun } from './FromRun';
import { StudyPlan } from './StudyPlan';

/** What really happened, and every bake before. */
export function LogStage() {
  const sheet = useDraft(({ doc }) => doc.bakeSheet);
  const docket = useDocket();
  const edit = useEdit();
  const begin = () => edit({ kind: 'bakeSheet', sheet: newSheet(docket) });
  return (
    <Stack $gap={7}>
      {sheet || !docket ? null : (
        <FromRun take={(notes) => edit({ kind: 'bakeSheet', sheet: { ...newSheet(docket), ...notes } })} />
      )}
      {sheet ? (
        <BakeSheet sheet={sheet} />
      ) : docket ? (
        <Begin>
          <Button $weight="strong" onPress={begin}>
            Write down a bake
          </Button>
          <p>
            How long it took, how hot the dial stood, and how it came out. The docket goes with it as it is
            now, and the time that it took can be used for the next bake of this recipe.
          </p>
        </Begin>
      ) : (
        <NeedsDocket what="a bake in the log" />
      )}
      {sheet || !docket ? null : (
        <StudyPlan write={(notes) => edit({ kind: 'bakeSheet', sheet: { ...newSheet(docket), ...notes } })} />
      )}
      <BakeList />
    </Stack>
  );
}

const Begin = styled.div`
  display: grid;
  grid-template-columns: max-content minmax(0, 34rem);
  gap: ${({ theme }) => theme.space(5)};
  align-items: center;
  ${({ theme }) => theme.phone} {
    grid-template-columns: minmax(0, 1fr);
    justify-items: start;
  }
`;
