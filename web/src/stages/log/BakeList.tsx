import { useState } from 'react';
import { styled } from 'styled-components';
import type { BakeAnswer } from '@omniarton/contracts';
import type { Docket, DocketBake } from '@omniarton/core/docket';
import { compareBake, timedBy } from '@omniarton/core/log';
import { useBakesQuery, useDocketQuery, useRemoveBakeMutation } from '../../api/bakesApi';
import type { Failure } from '../../api/http';
import { failureWords } from '../../api/words';
import { useAppDispatch } from '../../state/state';
import { lookAtBags } from '../../state/kitchen/bags';
import { DocketPaper } from '../../docket/DocketPaper';
import { useTemperatureUnit } from '../../state/bench/useMeasures';
import { Button, Chip } from '../../ui/Button';
import { Figure, Heading, Row, Small } from '../../ui/layout';
import { Notice } from '../../ui/Notice';
import { sayTemperature } from '../../words/say';
import { SheetOver } from '../../ui/Sheet';
import { useDraft, useRequest } from '../../state/bench/onBench';

/** Every bake of this recipe, the newest day first. */
export function BakeList() {
  const household = useDraft((draft) => draft.household);
  const recipe = useDraft((draft) => draft.id);
  const stored = useDraft((draft) => draft.base > 0);
  const [cursors, setCursors] = useState<readonly (string | undefined)[]>([undefined]);
  const { data } = useBakesQuery({ household, recipe }, { skip: !stored });
  const none = !stored || data?.items.length === 0;
  return (
    <section aria-labelledby="bakes">
      <Heading id="bakes">Bakes so far</Heading>
      {none ? (
        <Small>None is written down yet.</Small>
      ) : (
        <List>
          {cursors.map((cursor, at) => (
            <BakePage
              key={cursor ?? 'first'}
              household={household}
              recipe={recipe}
              cursor={cursor}
              onMore={at === cursors.length - 1 ? (next) => setCursors([...cursors, next]) : undefined}
            />
          ))}
        </List>
      )}
    </section>
  );
}

interface PageProps {
  readonly household: string;
  readonly recipe: string;
  readonly cursor: string | undefined;
  readonly onMore: ((next: string) => void) | undefined;
}

/** A hundred bakes at most; older ones when they are asked for. */
function BakePage({ household, recipe, cursor, onMore }: PageProps) {
  const { data, error } = useBakesQuery({ household, recipe, ...(cursor ? { cursor } : {}) });
  if (error)
    return (
      <li data-wide>
        <Notice tone="danger">{failureWords(error as Failure)}</Notice>
      </li>
    );
  if (!data)
    return (
      <li data-wide role="status">
        Fetching …
      </li>
    );
  const { items, next } = data;
  return (
    <>
      {items.map((bake) => (
        <BakeRow key={bake.id} bake={bake} household={household} recipe={recipe} />
      ))}
      {next !== null && onMore ? (
        <li data-wide>
          <Button onPress={() => onMore(next)}>Show older ones</Button>
        </li>
      ) : null}
    </>
  );
}

interface RowProps {
  readonly bake: BakeAnswer;
  readonly household: string;
  readonly recipe: string;
}

function BakeRow({ bake, household, recipe }: RowProps) {
  const { notes, docket: docketId } = bake.doc;
  const unit = useTemperatureUnit();
  const [open, setOpen] = useState(false);
  const { data } = useDocketQuery({ household, recipe, docket: docketId });
  const [remove] = useRemoveBakeMutation();
  const [{ timed }, ask] = useRequest();
  const dispatch = useAppDispatch();
  const docket = data?.doc.docket as Docket | undefined;
  const scores = Object.entries(notes.scores).map(([which, mark]) => `${which} ${mark}`);
  return (
    <li>
      <Figure $size={2}>
        {notes.minutes ?? '–'}
        <small> min</small>
      </Figure>
      <div>
        <strong>{notes.bakedOn}</strong>
        <Small>
          {[
            ...(notes.ovenCelsius === null ? [] : [sayTemperature(notes.ovenCelsius, unit)]),
            ...(docket ? [compareWords(bake, docket.bake)] : []),
            ...scores,
          ].join(' · ')}
        </Small>
        {notes.notes ? <Written>{notes.notes}</Written> : null}
      </div>
      <Row>
        <Button isDisabled={!docket} onPress={() => setOpen(true)}>
          Its docket
        </Button>
        {docket ? <TimeCounts bake={bake} docket={docket} /> : null}
        <Button
          $weight="quiet"
          aria-label={`Take the bake of ${notes.bakedOn} off the log`}
          onPress={() => {
            // Its time goes with it.
            if (timed?.bake === bake.id) ask({ timed: null });
            void remove({ household, recipe, bake: bake.id, version: bake.version }).then(() =>
              dispatch(lookAtBags(household)),
            );
          }}
        >
          ✕
        </Button>
      </Row>
      {docket ? (
        <SheetOver title={`As baked on ${notes.bakedOn}`} isOpen={open} onClose={() => setOpen(false)}>
          <DocketPaper docket={docket} stale={false} />
          <Small>Engine {data?.engine}</Small>
        </SheetOver>
      ) : null}
    </li>
  );
}

/** Which bake's time sets the prediction right: the last one that was timed, or another that is chosen. */
function TimeCounts({ bake, docket }: { readonly bake: BakeAnswer; readonly docket: Docket }) {
  const [request, ask] = useRequest();
  const timed = timedBy(bake.id, bake.doc.notes, docket.bake);
  if (!timed) return null;
  const counts = request.timed?.bake === bake.id;
  return (
    <Chip isSelected={counts} onChange={(on) => ask({ timed: on ? timed : null })}>
      Its time counts
    </Chip>
  );
}

function compareWords({ doc }: BakeAnswer, predicted: DocketBake): string {
  const { ratio, window } = compareBake(doc.notes, predicted);
  if (ratio === null || !predicted.minutes) return 'not timed';
  const { central, low, high } = predicted.minutes;
  const place = window === 'inside' ? 'inside the window' : `${window} than the window`;
  return `${ratio.toFixed(2)} × the predicted ${Math.round(central)} min (${Math.round(low)}–${Math.round(high)}), ${place}`;
}

const List = styled.ul`
  display: grid;
  margin-top: ${({ theme }) => theme.space(2)};
  > li {
    display: grid;
    grid-template-columns: 6.5rem minmax(0, 1fr) auto;
    align-items: center;
    gap: ${({ theme }) => theme.space(4)};
    padding: ${({ theme }) => theme.space(2.5)} 0;
    border-top: 1px solid ${({ theme }) => theme.colour.line};
  }
  > li[data-wide] {
    display: block;
    border-top: 0;
  }
  > li:not([data-wide]) > :first-child {
    text-align: right;
  }
  small {
    font-size: 0.5em;
  }
  ${({ theme }) => theme.phone} {
    > li {
      grid-template-columns: 5.5rem minmax(0, 1fr);
    }
    > li > :nth-child(3) {
      grid-column: 2;
    }
  }
`;
const Written = styled.p`
  font: 400 1rem/1.4 ${({ theme }) => theme.font.written};
  white-space: pre-wrap;
  overflow-wrap: anywhere;
`;
