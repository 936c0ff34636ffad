import { useState } from 'react';
import { styled } from 'styled-components';
import { v7 as newId } from 'uuid';
import type { BagAnswer } from '@omniarton/contracts';
import type { FlourClass } from '@omniarton/core/vocabulary';
import type { BagState } from '@omniarton/core/cupboard';
import type { KitchenDocument } from '@omniarton/core/kitchen';
import { useKitchenAnswer } from '../state/engine/useKitchenAnswer';
import { Button } from '../ui/Button';
import { FlourScrap } from '../ui/Flour';
import { Figure, Row, Small, Stack } from '../ui/layout';
import { Notice } from '../ui/Notice';
import { NumberEntry } from '../ui/NumberEntry';
import { sayDay, sayGrams, today } from '../words/say';
import { BagFields } from './BagFields';
import { changeBag, moveBags, takeBack, throwOut, undoMove } from '../state/kitchen/bags';
import { CupboardFiles } from './CupboardFiles';
import type { KitchenChange } from '../state/kitchen/kitchens';
import { Lately } from './Lately';
import { NewBag } from './NewBag';
import { Entry, Section } from '../ui/Section';
import { useCupboard } from '../state/kitchen/useCupboard';
import { useFlourClasses } from '../state/engine/useFlourClasses';
import { useNames } from '../state/kitchen/useNames';

interface Props {
  readonly household: string;
  readonly doc: KitchenDocument;
  readonly change: (how: KitchenChange) => void;
}

/** Something that was just done, and how it is taken back. */
interface Undoable {
  readonly words: string;
  readonly undo: ReturnType<typeof undoMove>;
}

/** Weighing and throwing out, each with its way back. */
function useBagWork(household: string) {
  const cupboard = useCupboard(household);
  const { write } = cupboard;
  const nameOf = useNames(household);
  const [done, setDone] = useState<Undoable | null>(null);
  const after = (written: boolean, next: Undoable | null) => (written ? setDone(next) : undefined);
  return {
    ...cupboard,
    nameOf,
    done,
    weighed: async (bag: BagAnswer, to: number) => {
      const id = newId();
      const move = { why: 'weighed' as const, bake: null, entries: [{ bag: bag.id, to }] };
      after(await write(moveBags(household, move, id)), {
        words: `${nameOf(bag.doc.ingredient)} is down as ${sayGrams(to)} g.`,
        undo: undoMove(household, id),
      });
    },
    out: async (bag: BagAnswer) =>
      after(await write(throwOut(household, bag)), {
        words: `${nameOf(bag.doc.ingredient)} is thrown out.`,
        undo: takeBack(household, bag.id),
      }),
    undo: async ({ undo }: Undoable) => after(await write(undo), null),
  };
}

/** Every bag in the cupboard: what is left, how it stands, what is written on it. */
export function Bags({ household, doc, change }: Props) {
  const { bags, write, trouble, busy, nameOf, done, weighed, out, undo } = useBagWork(household);
  const day = today();
  const { data: states } = useKitchenAnswer(
    household,
    ['states', day],
    async (engine, key) => await engine.bagStates(key, day),
  );
  const classes = useFlourClasses(household);
  return (
    <Section
      id="bags"
      name="Bags in the cupboard"
      about="What a blend may be made from. A bake that is written down takes its grams off; taken off the log, it gives them back."
    >
      {trouble ? (
        <Notice tone="danger" loud>
          {trouble}
        </Notice>
      ) : null}
      {done ? <Done done={done} busy={busy} onUndo={() => void undo(done)} /> : null}
      {bags.length === 0 ? (
        <Small>Nothing is written down yet: until it is, every flour may be bought.</Small>
      ) : null}
      <List>
        {bags.map((bag) => (
          <li key={bag.id}>
            <Left>
              <Scrap kind={classes.get(bag.doc.ingredient)} />
              <Figure $size={1.75}>
                {sayGrams(bag.grams)}
                <small> g</small>
              </Figure>
            </Left>
            <Entry name={titleOf(bag, nameOf)} onRemove={() => void out(bag)}>
              <OneBag
                bag={bag}
                cupGrams={doc.weighed.find(({ id }) => id === bag.id)?.cupGrams ?? null}
                onCup={(cupGrams) => change(withCup(bag, cupGrams))}
                onWeighed={(to) => void weighed(bag, to)}
                onChange={(part) => void write(changeBag(household, bag, { ...bag.doc, ...part }))}
              />
            </Entry>
            <State state={states?.[bag.id]} certified={bag.doc.certified} />
          </li>
        ))}
      </List>
      <NewBag household={household} write={write} busy={busy} />
      <CupboardFiles household={household} write={write} />
      <Lately household={household} nameOf={nameOf} bags={bags} write={write} busy={busy} />
    </Section>
  );
}

interface DoneProps {
  readonly done: Undoable;
  readonly busy: boolean;
  readonly onUndo: () => void;
}

const Done = ({ done, busy, onUndo }: DoneProps) => (
  <Notice>
    <Row>
      <span>{done.words}</span>
      <Button isDisabled={busy} onPress={onUndo}>
        Undo
      </Button>
    </Row>
  </Notice>
);

/** The pattern of what is in a bag; a jar, which is of several, has none. */
const Scrap = ({ kind }: { readonly kind: FlourClass | undefined }) =>
  kind ? <FlourScrap kind={kind} size={18} /> : <span />;

const titleOf = ({ doc: { ingredient, note } }: BagAnswer, nameOf: (id: string) => string) =>
  note === '' ? nameOf(ingredient) : `${nameOf(ingredient)}, ${note}`;

/** The kitchen with this bag's cup in it: from now on that is what a cup of it weighs. */
const withCup =
  ({ id, doc: { ingredient, note } }: BagAnswer, cupGrams: number): KitchenChange =>
  (kitchen) => ({
    ...kitchen,
    weighed: [
      ...kitchen.weighed
        .filter((one) => one.id !== id)
        .map((one) => (one.ingredient === ingredient ? { ...one, inUse: false } : one)),
      { id, ingredient, bag: note, cupGrams, on: today(), inUse: true },
    ],
  });

interface OneProps {
  readonly bag: BagAnswer;
  readonly cupGrams: number | null;
  readonly onCup: (grams: number) => void;
  readonly onWeighed: (to: number) => void;
  readonly onChange: (part: Partial<BagAnswer['doc']>) => void;
}

const OneBag = ({ bag, cupGrams, onCup, onWeighed, onChange }: OneProps) => (
  <Stack $gap={3}>
    <Row $gap={4} style={{ alignItems: 'end' }}>
      <NumberEntry
        label="It holds now"
        unit="g"
        min={0}
        max={100_000}
        value={bag.grams}
        onCommit={onWeighed}
      />
      <NumberEntry
        label="My cup of it weighs"
        unit="g"
        min={5}
        max={1000}
        value={cupGrams}
        onCommit={onCup}
      />
    </Row>
    <BagFields bag={bag.doc} onChange={onChange} />
  </Stack>
);

/** Running low, going stale: said in words and marked, never by colour alone. */
function State({ state, certified }: { readonly state: BagState | undefined; readonly certified: boolean }) {
  const words = [
    ...(state?.low ? ['running low'] : []),
    ...(state?.age === 'stale' && state.until
      ? [`past ${sayDay(state.until)}: smell it, then throw it out`]
      : []),
    ...(state?.age === 'soon' && state.until ? [`use it by ${sayDay(state.until)}`] : []),
    ...(certified ? ['certified'] : []),
  ];
  return (
    <Standing data-age={state?.age} data-low={state?.low || undefined}>
      {state?.low || (state && state.age !== 'fresh') ? <span aria-hidden="true">! </span> : null}
      {words.join(' · ')}
    </Standing>
  );
}

const List = styled.ul`
  display: grid;
  > li {
    display: grid;
    grid-template-columns: 6.5rem minmax(0, 1fr) minmax(0, 16rem);
    align-items: start;
    gap: ${({ theme }) => theme.space(4)};
    border-bottom: 1px solid ${({ theme }) => theme.colour.line};
  }
  details {
    border-bottom: 0;
  }
  > li:has(details[open]) {
    grid-template-columns: 6.5rem minmax(0, 1fr);
  }
  > li:has(details[open]) > :nth-child(3) {
    display: none;
  }
  ${({ theme }) => theme.phone} {
    > li,
    > li:has(details[open]) {
      grid-template-columns: 6rem minmax(0, 1fr);
      row-gap: 0;
    }
    > li > :nth-child(3) {
      grid-column: 2;
    }
  }
`;
const Left = styled.div`
  display: flex;
  justify-content: space-between;
  align-items: center;
  padding-top: ${({ theme }) => theme.space(2.5)};
  text-align: right;
  small {
    font-size: 0.55em;
  }
`;
const Standing = styled.p`
  padding: ${({ theme }) => `${theme.space(3)} 0`};
  font-size: 0.9rem;
  color: ${({ theme }) => theme.colour.soft};
  ${({ theme }) => theme.phone} {
    padding-top: 0;
  }
  &[data-age='stale'],
  &[data-age='soon'],
  &[data-low] {
    color: ${({ theme }) => theme.colour.ask};
    font-weight: 600;
  }
`;
