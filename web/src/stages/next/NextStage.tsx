import { useState } from 'react';
import { useNavigate } from 'react-router';
import type { BakeAnswer } from '@omniarton/contracts';
import type { NextChange } from '@omniarton/core/next';
import type { Failure } from '../../api/http';
import { useBakeNotes } from '../../state/bakes/useBakeNotes';
import { useBakes } from '../../state/bakes/useBakes';
import { failureWords } from '../../api/words';
import { benchPath } from '../../base/paths';
import { newSheet } from '../../docket/newSheet';
import { useDocket, useDraft, useEdit, useRequest } from '../../state/bench/onBench';
import { Choice } from '../../ui/Choice';
import { Row, Small, Stack } from '../../ui/layout';
import { Notice } from '../../ui/Notice';
import { Pick } from '../../ui/Pick';
import { Unsaved } from '../../ui/Unsaved';
import { bakeName, datedBakeName } from '../../words/bakeName';
import { Foretold } from '../../baked/Foretold';
import { Causes } from './Causes';
import { Changes } from './Changes';
import { SeenForm } from './SeenForm';
import { Trial } from './Trial';
import { useBaked, useNext } from './useNext';

/** Why a bake came out as it did, and the one thing to do otherwise. */
export function NextStage() {
  const household = useDraft((draft) => draft.household);
  const recipe = useDraft((draft) => draft.id);
  const stored = useDraft((draft) => draft.base > 0);
  const { data, error, isFetching } = useBakes({ household, recipe }, !stored);
  const [chosen, setChosen] = useState<string | null>(null);
  const bakes = data?.items ?? [];
  const bake = bakes.find(({ id }) => id === chosen) ?? bakes[0];
  // What is here already stays with the server away.
  if (error && !data) return <Notice tone="danger">{failureWords(error as Failure)}</Notice>;
  if (!bake)
    return isFetching ? (
      <Small role="status">Fetching …</Small>
    ) : (
      <Stack $gap={6}>
        <Notice>
          Nothing of this recipe has been baked and written down. When it has been, say here what wasn’t as it
          should be, and why is worked out from the docket, the log and what was seen.
        </Notice>
        <Trial bakes={bakes} />
      </Stack>
    );
  return (
    <Stack $gap={6} data-busy={isFetching || undefined}>
      <Pick
        label="The bake of"
        value={bake.id}
        options={bakes.map((one) => ({
          id: one.id,
          name: datedBakeName(one),
        }))}
        onChange={setChosen}
      />
      <OneBake
        key={bake.id}
        household={household}
        recipe={recipe}
        bake={bake}
        before={bakes.find(({ id }) => id === bake.doc.notes.variant?.parent)}
      />
      <Trial bakes={bakes} />
    </Stack>
  );
}

interface Props {
  readonly household: string;
  readonly recipe: string;
  readonly bake: BakeAnswer;
  readonly before: BakeAnswer | undefined;
}

type Cut = 'cold' | 'warm' | 'not said';
const CUTS: readonly { readonly id: Cut; readonly name: string }[] = [
  { id: 'not said', name: 'not said' },
  { id: 'cold', name: 'cold' },
  { id: 'warm', name: 'warm' },
];

function OneBake(props: Props) {
  const { bake, before } = props;
  const { notes } = bake.doc;
  const { set, save } = useBakeNotes(props);
  return (
    <Stack $gap={6}>
      <Unsaved save={save} kept="What you saw and judged" />
      <Expected {...props} />
      <SeenForm seen={notes.seen} onChange={(seen) => set({ seen })} />
      <Row $gap={5}>
        <Choice<Cut>
          label="Cut or turned out"
          value={notes.cut ?? 'not said'}
          options={CUTS}
          onChange={(cut) => set({ cut: cut === 'not said' ? null : cut })}
        />
      </Row>
      {notes.seen.length > 0 ? (
        <Answer {...props} />
      ) : (
        <Small>
          {before ? `It was a change of the bake of ${bakeName(before)}. ` : ''}Say what wasn’t as it should
          be. If nothing is, it is within taste, and there is nothing to change.
        </Small>
      )}
    </Stack>
  );
}

/** What was expected of a change before it was baked, beside what was seen of it. */
function Expected(props: Props) {
  const { bake, before } = props;
  const { expected } = bake.doc.notes;
  const [one, other] = [useBaked(props, bake).baked, useBaked(props, before).baked];
  if (expected === '' && !before) return null;
  return (
    <Stack $gap={3}>
      {expected === '' ? null : <p>Before it was baked this was expected: {expected}.</p>}
      {one && other ? <Foretold a={other} b={one} /> : null}
    </Stack>
  );
}

/** What is worked out of it, and what to take from that. */
function Answer(props: Props) {
  const { bake, household, recipe } = props;
  const { next, stale, failed } = useNext(props);
  const docket = useDocket();
  const [, ask] = useRequest();
  const edit = useEdit();
  const go = useNavigate();
  const take = ({ request, words, expect }: NextChange) => {
    if (request) ask(request);
    edit({
      kind: 'bakeSheet',
      sheet: {
        ...newSheet(docket),
        variant: { name: words.slice(0, 80), parent: bake.id },
        expected: expect,
      },
    });
    void go(benchPath(household, recipe, 'log'));
  };
  if (failed)
    return (
      <Notice tone="danger">
        It could not be worked out just now. What was seen is kept: open this page again.
      </Notice>
    );
  if (!next) return <Small role="status">Working it out …</Small>;
  return (
    <Stack $gap={6} data-stale={stale || undefined}>
      <Causes next={next} />
      <Changes next={next} take={take} />
    </Stack>
  );
}
