import { useState } from 'react';
import { useParams } from 'react-router';
import { v7 as newId } from 'uuid';
import type { TraysAnswer } from '@omniarton/contracts';
import type { Answer } from '@omniarton/core/taste';
import { useHandInMutation, useTraysQuery } from '../api/devicesApi';
import type { Failure } from '../api/http';
import { failureWords } from '../api/words';
import { BallotForm } from '../stages/taste/BallotForm';
import { Button, ButtonLink } from '../ui/Button';
import { PageFloor, PageHead, Row, Small, Stack } from '../ui/layout';
import { Notice } from '../ui/Notice';
import { Wordmark } from '../ui/Wordmark';
import { Failed } from '../ui/Failed';

/** So often it is asked whether a tasting has begun, ms. */
const ASKS_AGAIN = 5000;

/** The ballots of who tastes, on a device of their own: codes, and never what stands behind them. */
export function BallotPage() {
  const { household = '' } = useParams();
  const { data, error } = useTraysQuery(household, {
    pollingInterval: ASKS_AGAIN,
    refetchOnMountOrArgChange: true,
    skipPollingIfUnfocused: true,
  });
  const open = data?.flatMap((one) => one.trays.map((tray) => ({ of: one, tray }))) ?? [];
  return (
    <PageFloor data-busy={(!data && !error) || undefined}>
      <title>Ballots · Omniarton</title>
      <PageHead>
        <Wordmark />
        <ButtonLink to="/" $weight="quiet">
          Back
        </ButtonLink>
      </PageHead>
      <h1>Ballots</h1>
      <Failed error={error} />
      {data && open.length === 0 ? (
        <Notice>Nothing is tasted just now. This page looks again by itself.</Notice>
      ) : null}
      {open.length > 0 ? <Open household={household} open={open} /> : null}
    </PageFloor>
  );
}

interface OpenTray {
  readonly of: TraysAnswer;
  readonly tray: TraysAnswer['trays'][number];
}
const keyOf = ({ of, tray }: OpenTray) => `${of.tasting}.${tray.taster}.${tray.round}`;

function Open({ household, open }: { readonly household: string; readonly open: readonly OpenTray[] }) {
  const [chosen, setChosen] = useState<string | null>(null);
  const [handIn, { error, reset }] = useHandInMutation();
  const one = open.find((each) => keyOf(each) === chosen);
  const choose = (key: string | null) => {
    reset();
    setChosen(key);
  };
  if (!one)
    return (
      <Stack $gap={3} role="group" aria-label="Who tastes here?">
        <Small>Who tastes here? Each ballot is handed in once, and sealed.</Small>
        <Row>
          {open.map((each) => (
            <Button key={keyOf(each)} $weight="strong" onPress={() => choose(keyOf(each))}>
              {each.tray.name}
              {each.of.rounds > 1 ? `, round ${each.tray.round}` : ''}
            </Button>
          ))}
        </Row>
      </Stack>
    );
  const { of, tray } = one;
  const hand = (answer: Answer, words: string) => {
    const ballot = { id: newId(), taster: tray.taster, round: tray.round, at: Date.now(), answer, words };
    void handIn({ household, recipe: of.recipe, tasting: of.tasting, ballot })
      .unwrap()
      .then(() => choose(null))
      .catch(() => undefined);
    // What was marked stays until the server has it.
    return false;
  };
  return (
    <BallotForm
      test={of.test}
      about={of.about}
      tray={tray}
      name={tray.name}
      trouble={error ? failureWords(error as Failure) : null}
      onHandIn={hand}
      onLeave={() => choose(null)}
    />
  );
}
