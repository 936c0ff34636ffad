import { useState } from 'react';
import type { TastingDocument } from '@omniarton/core/taste';
import { failureWords } from '../../api/words';
import { useDraft } from '../../state/bench/onBench';
import type { HeldTasting } from '../../state/tastings/tastingSlice';
import { useTasting, useTastings } from '../../state/tastings/useTastings';
import { Button } from '../../ui/Button';
import { Heading, Row, Small, Stack } from '../../ui/layout';
import { Notice } from '../../ui/Notice';
import { Unsaved } from '../../ui/Unsaved';
import { TEST_WORDS } from '../../words/tasting';
import { Outcome } from './Outcome';
import { Round } from './Round';
import { SetUp } from './SetUp';
import { asked, newTasting } from './newTasting';
import { OnScreen } from './onPaper';

/** Blind tastings of this recipe's bakes: set up, tasted, and what they can honestly say. */
export function TasteStage() {
  const household = useDraft((draft) => draft.household);
  const recipe = useDraft((draft) => draft.id);
  const stored = useDraft((draft) => draft.base > 0);
  const { tastings, begin, failure, ready } = useTastings(household, recipe, stored);
  const [chosen, setChosen] = useState<string | null>(null);
  const open = tastings.find(({ id }) => id === chosen) ?? tastings.find(({ doc }) => doc.stage !== 'closed');
  return (
    <Stack $gap={6} data-busy={!ready || undefined}>
      {failure ? <Notice tone="danger">{failureWords(failure)}</Notice> : null}
      {open ? (
        <OneTasting key={open.id} id={open.id} held={open} look={setChosen} begin={begin} />
      ) : (
        <Row $gap={4}>
          <Button $weight="strong" isDisabled={!stored} onPress={() => setChosen(begin(newTasting()))}>
            Set up a tasting
          </Button>
          <Small>
            Bakes of the log under codes, in balanced orders; each taster by themselves; sealed until the last
            has answered.
          </Small>
        </Row>
      )}
      <OnScreen>
        <Past tastings={tastings.filter(({ id }) => id !== open?.id)} look={setChosen} />
      </OnScreen>
    </Stack>
  );
}

interface OneProps {
  readonly id: string;
  readonly held: HeldTasting;
  /** Which one is looked at; null: whichever is under way. */
  readonly look: (id: string | null) => void;
  readonly begin: (doc: TastingDocument) => string;
}

function OneTasting({ id, held, look, begin }: OneProps) {
  const leave = () => look(null);
  const { change, remove } = useTasting(id);
  const { doc, save } = held;
  // The same bakes and people, other codes and orders.
  const again = () => look(begin({ ...newTasting(), ...asked(doc) }));
  return (
    <Stack $gap={5}>
      <Unsaved save={save} kept="Ballots" />
      {doc.stage === 'set up' ? <SetUp doc={doc} change={change} /> : null}
      {doc.stage === 'tasting' ? <Round doc={doc} change={change} onClose={() => look(id)} /> : null}
      {doc.stage === 'closed' ? <Outcome doc={doc} change={change} leave={leave} again={again} /> : null}
      <ThrowAway ballots={doc.ballots.length} remove={() => void remove().then(leave)} />
    </Stack>
  );
}

function ThrowAway({ ballots, remove }: { readonly ballots: number; readonly remove: () => void }) {
  const [sure, setSure] = useState(false);
  if (!sure)
    return (
      <Row>
        <Button $weight="quiet" onPress={() => (ballots > 0 ? setSure(true) : remove())}>
          Throw this tasting away
        </Button>
      </Row>
    );
  return (
    <Row>
      <span>{ballots} ballots go with it, for good.</span>
      <Button $weight="danger" onPress={remove}>
        Throw it away
      </Button>
      <Button onPress={() => setSure(false)}>Keep it</Button>
    </Row>
  );
}

interface PastProps {
  readonly tastings: readonly ({ readonly id: string } & HeldTasting)[];
  readonly look: (id: string) => void;
}

function Past({ tastings, look }: PastProps) {
  if (tastings.length === 0) return null;
  return (
    <section aria-labelledby="tastings">
      <Heading id="tastings">Tastings so far</Heading>
      <Stack as="ul" $gap={2} style={{ listStyle: 'none' }}>
        {tastings.map(({ id, doc }) => (
          <li key={id}>
            <Row>
              <Button onPress={() => look(id)}>{doc.name || TEST_WORDS[doc.test].name}</Button>
              <Small as="span">
                {[
                  doc.on,
                  TEST_WORDS[doc.test].name,
                  doc.samples.map(({ name }) => name).join(', '),
                  doc.stage,
                ]
                  .filter((part) => part !== '')
                  .join(' · ')}
              </Small>
            </Row>
          </li>
        ))}
      </Stack>
    </section>
  );
}
