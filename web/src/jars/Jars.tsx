import { useState } from 'react';
import { styled } from 'styled-components';
import { v7 as newId } from 'uuid';
import type { JarMix } from '@omniarton/core/blend';
import { HOUSE_PREFIX } from '@omniarton/core/guard';
import type { HouseBlend, KitchenDocument } from '@omniarton/core/kitchen';
import { jarPath } from '../base/paths';
import { useKitchenAnswer } from '../state/engine/useKitchenAnswer';
import { Button, ButtonLink } from '../ui/Button';
import { Row, Small, Stack } from '../ui/layout';
import { Notice } from '../ui/Notice';
import { NumberEntry } from '../ui/NumberEntry';
import { sayDay, sayGrams, sayPercent, today } from '../words/say';
import { TextEntry } from '../ui/TextEntry';
import { EMPTY_BAG } from '../state/kitchen/bagForm';
import { addBag, moveBags } from '../state/kitchen/bags';
import { mixedAnew } from '../state/kitchen/jarVersions';
import type { KitchenChange } from '../state/kitchen/kitchens';
import { Entry, Section } from '../ui/Section';
import { useCupboard } from '../state/kitchen/useCupboard';
import { useNames } from '../state/kitchen/useNames';

interface Props {
  readonly household: string;
  readonly doc: KitchenDocument;
  readonly change: (how: KitchenChange) => void;
}

const madeOfWords = (madeOf: HouseBlend['madeOf'], nameOf: (id: string) => string) =>
  madeOf.map(({ ingredient, share }) => `${nameOf(ingredient)} ${sayPercent(share)} %`).join(', ');

/** Blends that stand mixed in a jar, and bought ones. */
export function Jars({ household, doc, change }: Props) {
  const nameOf = useNames(household);
  const set = (id: string, part: Partial<HouseBlend>) =>
    change((kitchen) => ({
      ...kitchen,
      blends: kitchen.blends.map((one) => (one.id === id ? { ...one, ...part } : one)),
    }));
  return (
    <Section
      id="jars"
      name="Jars of mixed flour"
      about="A blend that is kept mixed is an ingredient like any other. One is put here from the Blend stage. Stir before you measure: flours part in the jar."
    >
      {doc.blends.map((blend) => (
        <Entry
          key={blend.id}
          name={blend.name}
          onRemove={() =>
            change((kitchen) => ({ ...kitchen, blends: kitchen.blends.filter((one) => one.id !== blend.id) }))
          }
        >
          <TextEntry
            label="Lists call it"
            value={blend.name}
            maxLength={80}
            onCommit={(name) => set(blend.id, { name })}
          />
          <p>
            {madeOfWords(blend.madeOf, nameOf)}
            {blend.kind === 'bought' ? ' (bought: as its label gives away)' : ''}
          </p>
          {blend.earlier.map(({ until, madeOf }) => (
            <Small key={until + madeOfWords(madeOf, nameOf)}>
              Until {sayDay(until)}: {madeOfWords(madeOf, nameOf)}{' '}
              <Button $weight="quiet" onPress={() => set(blend.id, mixedAnew(blend, madeOf))}>
                Mix it so again
              </Button>
            </Small>
          ))}
          <Row>
            <ButtonLink to={jarPath(household, blend.id)}>Its label, to print</ButtonLink>
          </Row>
          {blend.kind === 'mixed' ? <MixIt household={household} blend={blend} /> : null}
        </Entry>
      ))}
      {doc.blends.length === 0 ? <Small>None yet.</Small> : null}
    </Section>
  );
}

const FIRST_GRAMS = 1200;

/** Takes a jar's flours out of their bags and puts the jar into the cupboard. */
function useMixing(household: string, blend: HouseBlend) {
  const { write, bags, ...cupboard } = useCupboard(household);
  const [mixed, setMixed] = useState(false);
  /** The same for every try: a lost answer makes no second jar, and takes no second time. */
  const [{ jar, move }] = useState(() => ({ jar: newId(), move: newId() }));
  const mix = async ({ lines, grams }: JarMix) => {
    const bag = {
      ...EMPTY_BAG,
      ingredient: `${HOUSE_PREFIX}${blend.id}`,
      note: `mixed ${today()}`,
      opened: today(),
    };
    const taken = lines.flatMap(({ from }) => from).map((one) => ({ bag: one.bag, grams: -one.grams }));
    const entries = [...taken, { bag: jar, grams }];
    const put = await write(addBag(household, { id: jar, grams: 0, bag }));
    if (put && (await write(moveBags(household, { why: 'jar', bake: null, entries }, move)))) setMixed(true);
  };
  return {
    ...cupboard,
    mixed,
    mix,
    noteOf: (id: string) => bags.find((one) => one.id === id)?.doc.note ?? '',
  };
}

/** Mixes a jar: grams by flour out of which bags, and the size near it that empties some. */
function MixIt({ household, blend }: { readonly household: string; readonly blend: HouseBlend }) {
  const [grams, setGrams] = useState(FIRST_GRAMS);
  const { trouble, busy, mixed, mix, noteOf } = useMixing(household, blend);
  const { data } = useKitchenAnswer(
    household,
    ['jar', blend, grams],
    async (engine, key) => await engine.jar(key, blend.name, blend.madeOf, grams),
  );
  const whole = data?.whole;
  const nothing = !data || data.mix.lines.every(({ from }) => from.length === 0);
  return (
    <Stack $gap={3}>
      <NumberEntry
        label="Make so much of it"
        unit="g"
        min={20}
        max={50_000}
        value={grams}
        onCommit={setGrams}
      />
      {data ? <Mix mix={data.mix} noteOf={noteOf} /> : null}
      {whole ? (
        <Notice>
          <Row>
            <span>
              {sayGrams(whole.grams)} g would empty {whole.emptied} {whole.emptied === 1 ? 'bag' : 'bags'} to
              the last gram.
            </span>
            <Button onPress={() => setGrams(Math.round(whole.grams))}>Make that much</Button>
          </Row>
        </Notice>
      ) : null}
      {trouble ? (
        <Notice tone="danger" loud>
          {trouble}
        </Notice>
      ) : null}
      {mixed ? (
        <Small role="status">It stands in the cupboard; the bags are lighter by as much.</Small>
      ) : (
        <Row>
          <Button $weight="strong" isDisabled={busy || nothing} onPress={() => void (data && mix(data.mix))}>
            It is mixed: take it from the bags
          </Button>
        </Row>
      )}
    </Stack>
  );
}

const Mix = ({ mix, noteOf }: { readonly mix: JarMix; readonly noteOf: (bag: string) => string }) => (
  <Grams>
    <tbody>
      {mix.lines.map(({ ingredient, name, grams, from, missing }) => (
        <tr key={ingredient}>
          <td>{sayGrams(grams)} g</td>
          <th scope="row">{name}</th>
          <td>
            {from
              .map(
                (one) =>
                  `${sayGrams(one.grams)} g from ${noteOf(one.bag) || 'the bag'}${one.empties ? ', emptied' : ''}`,
              )
              .join('; ')}
            {missing > 0 ? ` ${sayGrams(missing)} g missing` : ''}
          </td>
        </tr>
      ))}
    </tbody>
  </Grams>
);

const Grams = styled.table`
  border-collapse: collapse;
  td:first-child {
    font: 650 1.4rem/1.5 ${({ theme }) => theme.font.figures};
    text-align: right;
    white-space: nowrap;
  }
  th {
    padding: 0 ${({ theme }) => theme.space(4)};
    text-align: left;
    font-weight: 550;
  }
  td:last-child {
    color: ${({ theme }) => theme.colour.soft};
  }
`;
