import { useState } from 'react';
import { styled } from 'styled-components';
import type { RouteBarred, BlendSchool, SchoolAnswer, SchoolPick } from '@omniarton/core/blend';
import { say } from '@omniarton/core/words';
import { useKitchen } from '../../state/kitchen/useKitchen';
import { askSlow } from '../../state/engine/engine';
import { useKitchenAnswer } from '../../state/engine/useKitchenAnswer';
import { BlendBar } from '../../ui/BlendBar';
import { Button, Chip } from '../../ui/Button';
import { Figure, Heading, Row, Small, Stack } from '../../ui/layout';
import { sayGrams, sayPercent } from '../../words/say';
import { useHousehold, useRequest } from '../../state/bench/onBench';
import { useRead } from '../../state/bench/useRead';
import { useOnBlendBench } from './useBench';
import { PROPERTY_WORDS, sayMoney, sayProperty } from '../../words/blend';

const MOST = 4;
/** Set side by side at first: so many routes, and a jar. */
const FIRST_ROUTES = 2;
const keyOf = (pick: SchoolPick) =>
  pick.kind === 'route' ? `route:${pick.route}` : `jar:${pick.jar}:${pick.by}`;

interface Way {
  readonly pick: SchoolPick;
  readonly name: string;
  readonly barred: RouteBarred | null;
}

/** The ways that can be set side by side: routes from wheat, and the jars of the house; and which are. */
function useWays() {
  const { routes } = useOnBlendBench();
  const { doc } = useKitchen(useHousehold());
  const [marked, setMarked] = useState<readonly string[] | null>(null);
  const all: readonly Way[] = [
    ...routes.map(({ route, name, barred }) => ({ pick: { kind: 'route', route } as const, name, barred })),
    ...doc.blends.flatMap(({ id, name }) =>
      (['weight', 'cup'] as const).map((by) => ({
        pick: { kind: 'jar', jar: id, by } as const,
        name: by === 'weight' ? `${name}, by weight` : `${name}, cup for cup`,
        barred: null,
      })),
    ),
  ];
  const open = all.filter((one) => one.barred === null);
  const first = [
    ...open.filter(({ pick }) => pick.kind === 'route').slice(0, FIRST_ROUTES),
    ...open.filter(({ pick }) => pick.kind === 'jar').slice(0, 1),
  ];
  const chosen = marked ?? first.map(({ pick }) => keyOf(pick));
  return {
    open,
    barred: all.filter((one) => one.barred !== null),
    picks: open.filter(({ pick }) => chosen.includes(keyOf(pick))).map(({ pick }) => pick),
    isOn: (pick: SchoolPick) => chosen.includes(keyOf(pick)),
    mark: (pick: SchoolPick, on: boolean) =>
      setMarked(on ? [...chosen, keyOf(pick)] : chosen.filter((one) => one !== keyOf(pick))),
  };
}

/** Ways to a blend side by side, up to four at once. */
export function Schools() {
  const { open, barred, picks, isOn, mark } = useWays();
  const { about, now } = useRead({ settled: true });
  const { data, stale } = useKitchenAnswer<readonly SchoolAnswer[]>(
    useHousehold(),
    [...about, 'schools', picks],
    async (engine, key) => {
      const read = now();
      return read ? await engine.schools(key, read.recipe, read.request, picks) : [];
    },
    askSlow,
  );
  return (
    <Stack as="section" $gap={3} aria-labelledby="schools">
      <Heading id="schools">Schools side by side</Heading>
      <Row role="group" aria-label={`Up to ${MOST} to compare`}>
        {open.map(({ pick, name }) => (
          <Chip
            key={keyOf(pick)}
            isSelected={isOn(pick)}
            isDisabled={!isOn(pick) && picks.length >= MOST}
            onChange={(on) => mark(pick, on)}
          >
            {name}
          </Chip>
        ))}
      </Row>
      {barred.length > 0 ? (
        <Small>
          {barred.map(({ name, barred: why }) => `Not ${name}: ${why ? say(why) : ''}`).join(' ')}
        </Small>
      ) : null}
      <Compared data-stale={stale || undefined}>
        {(data ?? []).map((school) =>
          'barred' in school ? (
            <Column key={keyOf(school.pick)} as="article">
              <h3>{school.name}</h3>
              <p>{school.barred.map(say).join(' ')}</p>
            </Column>
          ) : (
            <OneSchool key={keyOf(school.pick)} school={school} />
          ),
        )}
      </Compared>
    </Stack>
  );
}

const FELT = ['hold', 'chew', 'snap', 'soft', 'body', 'flavour', 'grit'] as const;

function OneSchool({ school }: { readonly school: BlendSchool }) {
  const { wheat } = useOnBlendBench();
  return (
    <Column as="article" aria-label={school.name}>
      <h3>{school.name}</h3>
      <Figure $size={2.2}>
        {sayGrams(school.grams)}
        <small> g for {sayGrams(wheat.grams)} g wheat</small>
      </Figure>
      <BlendBar shares={school.contents} height={26} />
      <p>{school.contents.map(({ name, share }) => `${sayPercent(share)} % ${name}`).join(', ')}</p>
      <Felt>
        <tbody>
          {FELT.map((property) => (
            <tr key={property}>
              <th scope="row">{PROPERTY_WORDS[property][0]}</th>
              <td>{sayProperty(property, school.properties[property])}</td>
              <td>wheat {sayProperty(property, wheat.properties[property])}</td>
            </tr>
          ))}
        </tbody>
      </Felt>
      <p>
        A cup of it weighs {sayGrams(school.cupGrams)} g.{' '}
        {school.cost
          ? `It costs ${school.cost.guessed ? 'about ' : ''}${sayMoney(school.cost.amount)}.`
          : 'What it costs shows once a bag has a price.'}
      </p>
      <p>
        {school.toBuy.length === 0
          ? 'All of it is in the cupboard.'
          : `To buy: ${school.toBuy.map(({ name, grams }) => `${sayGrams(grams)} g ${name}`).join(', ')}.`}
      </p>
      <Small>Because {say(school.because)}.</Small>
      <Small>What it does worse: {say(school.worse)}.</Small>
      <Take school={school} />
    </Column>
  );
}

/** Goes by this school from now on. */
function Take({ school: { pick, name, shares } }: { readonly school: BlendSchool }) {
  const [{ blend }, ask] = useRequest();
  const { route } = useOnBlendBench();
  const taken =
    pick.kind === 'jar'
      ? blend.jar === pick.jar && blend.jarBy === pick.by
      : blend.jar === null && route === pick.route;
  // What was to be used up and has no place in this school isn't asked of it.
  const useUp = shares.some(({ ingredient }) => ingredient === blend.useUp) ? blend.useUp : null;
  const take = () =>
    ask({
      pins: [],
      blend:
        pick.kind === 'jar'
          ? { ...blend, useUp, jar: pick.jar, jarBy: pick.by }
          : { ...blend, useUp, jar: null, route: pick.route },
    });
  return (
    <Button
      $weight={taken ? 'quiet' : 'plain'}
      isDisabled={taken}
      onPress={take}
      aria-label={taken ? `It goes by ${name}` : `Go by ${name}`}
    >
      {taken ? 'It goes this way' : 'Go this way'}
    </Button>
  );
}

const Compared = styled.div`
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(15rem, 1fr));
  gap: ${({ theme }) => theme.space(5)};
  &[data-stale] {
    opacity: 0.6;
  }
`;
const Column = styled.div`
  display: grid;
  gap: ${({ theme }) => theme.space(2)};
  align-content: start;
  justify-items: start;
  padding-top: ${({ theme }) => theme.space(2)};
  border-top: 3px solid ${({ theme }) => theme.colour.ink};
  h3 {
    font: 620 1.2rem/1.2 ${({ theme }) => theme.font.written};
  }
  small {
    font-size: 0.4em;
  }
  > svg {
    width: 100%;
  }
`;
const Felt = styled.table`
  width: 100%;
  border-collapse: collapse;
  font-variant-numeric: tabular-nums;
  th {
    text-align: left;
    font-weight: 550;
  }
  td {
    text-align: right;
    font-weight: 650;
  }
  td:last-child {
    font-weight: 400;
    color: ${({ theme }) => theme.colour.soft};
  }
  tr {
    border-bottom: 1px solid ${({ theme }) => theme.colour.line};
  }
`;
