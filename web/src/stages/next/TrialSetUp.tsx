import { useState } from 'react';
import { useStore } from 'react-redux';
import type { Docket } from '@omniarton/core/docket';
import type { PlannedTrial, TrialFactor, TrialFactorId } from '@omniarton/core/kitchen';
import { SCALE_ROWS } from '@omniarton/core/log';
import { MARK_SCALES, type MarkScale } from '@omniarton/core/vocabulary';
import { newSeed } from '../../base/newSeed';
import { useDraft, useEdit, useRequest } from '../../state/bench/onBench';
import { askSlow } from '../../state/engine/engine';
import { askOnce } from '../../state/engine/useKitchenAnswer';
import type { RootState } from '../../state/state';
import { Button, Chip } from '../../ui/Button';
import { Choice } from '../../ui/Choice';
import { Row, Small, Stack } from '../../ui/layout';
import { Notice } from '../../ui/Notice';
import { NumberEntry } from '../../ui/NumberEntry';
import { Pick } from '../../ui/Pick';
import type { Blended } from './blended';
import { FACTOR_WORDS } from './trialWords';

const MARKS = MARK_SCALES.map((id) => ({ id, name: SCALE_ROWS[id].name }));
const MOST_FLOURS = 4;
const [FEWEST, MOST] = [4, 8];
type Kind = PlannedTrial['kind'];
const KINDS: readonly { readonly id: Kind; readonly name: string }[] = [
  { id: 'blend', name: 'the blend' },
  { id: 'process', name: 'how it is made' },
];

interface Props {
  readonly blend: readonly Blended[];
  readonly docket: Docket;
  readonly halfGrams: number;
}

/** What is tried, in how many half batches, and by what they are judged. */
export function TrialSetUp({ blend, docket, halfGrams }: Props) {
  const blends = blend.length >= 3;
  const [kind, setKind] = useState<Kind>(blends ? 'blend' : 'process');
  const [bakes, setBakes] = useState(6);
  const [mark, setMark] = useState<MarkScale>('overall');
  return (
    <Stack $gap={4}>
      <p>
        Half batches that differ in nothing but what is tried, chosen so that together they tell most, baked
        in an order that nobody chose.
      </p>
      {blends ? <Choice<Kind> label="What is tried" value={kind} options={KINDS} onChange={setKind} /> : null}
      <Row $gap={5} style={{ alignItems: 'end' }}>
        <NumberEntry
          label="Half batches"
          min={FEWEST}
          max={MOST}
          value={bakes}
          onCommit={(value) => setBakes(Math.round(value))}
        />
        <Pick<MarkScale> label="Judged by" value={mark} options={MARKS} onChange={setMark} />
      </Row>
      {kind === 'blend' ? (
        <OfBlend blend={blend} halfGrams={halfGrams} bakes={bakes} mark={mark} />
      ) : (
        <OfProcess docket={docket} bakes={bakes} mark={mark} />
      )}
    </Stack>
  );
}

/** Puts a plan on the recipe once it is made; says where it couldn't be. */
function usePlanning() {
  const edit = useEdit();
  const [failed, setFailed] = useState(false);
  const plan = (made: Promise<PlannedTrial>) => {
    setFailed(false);
    made.then(
      (trial) => edit({ kind: 'trial', trial }),
      () => setFailed(true),
    );
  };
  return { plan, failed };
}

interface Judged {
  readonly bakes: number;
  readonly mark: MarkScale;
}

interface PlanItProps {
  readonly right: boolean;
  readonly wants: string;
  readonly failed: boolean;
  readonly plan: () => void;
}

const PlanIt = ({ right, wants, failed, plan }: PlanItProps) => (
  <Stack $gap={2}>
    <Row>
      <Button $weight="strong" isDisabled={!right} onPress={plan}>
        Plan it
      </Button>
      {right ? null : <Small>{wants}</Small>}
    </Row>
    {failed ? (
      <Notice tone="danger">
        It can’t be planned so: these limits leave too little to be told apart. Try more of a flour, or other
        flours.
      </Notice>
    ) : null}
  </Stack>
);

function OfBlend({ blend, halfGrams, bakes, mark }: Judged & Pick<Props, 'blend' | 'halfGrams'>) {
  const household = useDraft((draft) => draft.household);
  const store = useStore<RootState>();
  const { plan, failed } = usePlanning();
  const [chosen, setChosen] = useState<readonly string[]>(() =>
    blend.slice(0, 3).map(({ ingredient }) => ingredient),
  );
  const [onHand, setOnHand] = useState(false);
  const flours = blend.filter(({ ingredient }) => chosen.includes(ingredient));
  const held = blend.filter(({ ingredient }) => !chosen.includes(ingredient));
  const right = flours.length >= 3 && flours.length <= MOST_FLOURS && bakes > flours.length;
  const ask = { flours, held, bakes, mark, halfGrams, onHand };
  return (
    <>
      <Row>
        {blend.map(({ ingredient, name }) => (
          <Chip
            key={ingredient}
            isSelected={chosen.includes(ingredient)}
            onChange={(on) =>
              setChosen(on ? [...chosen, ingredient] : chosen.filter((one) => one !== ingredient))
            }
          >
            {name}
          </Chip>
        ))}
        <Chip isSelected={onHand} onChange={setOnHand}>
          only what the cupboard has
        </Chip>
      </Row>
      <Small>The other flours stay as they are.</Small>
      <PlanIt
        right={right}
        wants="Three or four flours, and a bake more than flours at least."
        failed={failed}
        plan={() =>
          plan(
            askOnce(
              store,
              household,
              (engine, key) => engine.planTrial(key, { ...ask, seed: newSeed() }),
              askSlow,
            ),
          )
        }
      />
    </>
  );
}

/** Either way of what the docket has, as a share. */
const USUAL_SPREAD = { binder: 0.25, liquid: 0.1 } as const;
type Tried = 'binder' | 'liquid';

/** How far each of them is moved. */
interface Ranges {
  readonly spread: Readonly<Record<Tried, number>>;
  /** Minutes. */
  readonly rest: readonly [number, number];
}

function OfProcess({ docket, bakes, mark }: Judged & Pick<Props, 'docket'>) {
  const [{ tilt }] = useRequest();
  const { plan, failed } = usePlanning();
  const [low, high] = docket.rest.minutes;
  const [ranges, setRanges] = useState<Ranges>({
    spread: USUAL_SPREAD,
    rest: [Math.round(low / 2), Math.round(2 * high)],
  });
  const [chosen, setChosen] = useState<readonly TrialFactorId[]>(['binder', 'liquid']);
  const { spread, rest } = ranges;
  const tilted = (id: Tried, now: number): TrialFactor => ({
    id,
    low: now * (1 - spread[id]),
    high: now * (1 + spread[id]),
  });
  const all: readonly TrialFactor[] = [
    tilted('binder', tilt.binder),
    tilted('liquid', tilt.drink),
    ...(high > 0 ? [{ id: 'rest' as const, low: rest[0], high: rest[1] }] : []),
  ];
  const factors = all.filter(({ id }) => chosen.includes(id));
  const right = factors.length >= 2 && bakes >= factors.length + 2 && rest[0] <= rest[1];
  return (
    <>
      <Row>
        {all.map(({ id }) => (
          <Chip
            key={id}
            isSelected={chosen.includes(id)}
            onChange={(on) => setChosen(on ? [...chosen, id] : chosen.filter((one) => one !== id))}
          >
            {FACTOR_WORDS[id]}
          </Chip>
        ))}
      </Row>
      <RangeFields of={factors} ranges={ranges} set={setRanges} />
      <PlanIt
        right={right}
        wants="Two or three of them, and two bakes more than that."
        failed={failed}
        plan={() =>
          plan(askSlow(async (engine) => await engine.planProcessTrial(factors, bakes, mark, newSeed())))
        }
      />
    </>
  );
}

interface RangeProps {
  readonly of: readonly TrialFactor[];
  readonly ranges: Ranges;
  readonly set: (ranges: Ranges) => void;
}

const LONGEST_REST = 2880;

function RangeFields({ of, ranges, set }: RangeProps) {
  const { spread, rest } = ranges;
  return (
    <Row $gap={5} style={{ alignItems: 'end' }}>
      {of.map(({ id }) =>
        id === 'rest' ? (
          <Row key={id} $gap={5} style={{ alignItems: 'end' }}>
            <NumberEntry
              label="Rest, the least"
              unit="min"
              min={0}
              max={LONGEST_REST}
              value={rest[0]}
              onCommit={(least) => set({ ...ranges, rest: [least, rest[1]] })}
            />
            <NumberEntry
              label="Rest, the most"
              unit="min"
              min={1}
              max={LONGEST_REST}
              value={rest[1]}
              onCommit={(most) => set({ ...ranges, rest: [rest[0], most] })}
            />
          </Row>
        ) : (
          <NumberEntry
            key={id}
            label={`${FACTOR_WORDS[id]}, either way`}
            unit="%"
            min={3}
            max={60}
            value={Math.round(100 * spread[id])}
            onCommit={(percent) => set({ ...ranges, spread: { ...spread, [id]: percent / 100 } })}
          />
        ),
      )}
    </Row>
  );
}
