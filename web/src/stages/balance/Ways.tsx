import { styled } from 'styled-components';
import { sayMinutes, takeWay, type Docket, type Way } from '@omniarton/core/docket';
import { say } from '@omniarton/core/words';
import { useKitchen } from '../../state/kitchen/useKitchen';
import { askSlow } from '../../state/engine/engine';
import { useKitchenAnswer } from '../../state/engine/useKitchenAnswer';
import { BlendBar } from '../../ui/BlendBar';
import { Button } from '../../ui/Button';
import { Heading, Small, Stack } from '../../ui/layout';
import { sayGrams, sayShort } from '../../words/say';
import { useHousehold, useRequest } from '../../state/bench/onBench';
import { useRead } from '../../state/bench/useRead';
import { sayMoney } from '../../words/blend';
import { BALANCE_WORDS } from '../../words/balance';

/** Two to four whole ways to convert it, side by side, line by line; one press takes one. */
export function Ways() {
  const household = useHousehold();
  const { doc } = useKitchen(household);
  const jars = doc.blends.map(({ id }) => id);
  const { about, now } = useRead({ settled: true });
  const { data, stale, failed } = useKitchenAnswer<readonly Way[]>(
    household,
    [...about, 'ways', jars],
    async (engine, key) => {
      const read = now();
      return read ? await engine.ways(key, read.recipe, read.request, jars) : [];
    },
    askSlow,
  );
  if (failed)
    return <p role="status">The ways could not be worked out. They are asked again with the next change.</p>;
  if (!data) return <p role="status">Working out the ways …</p>;
  if (data.length === 0) return <p>There is no wheat to replace, so there are no ways to compare.</p>;
  return <Compared ways={data} stale={stale} />;
}

const gramsOf = ({ parts }: Docket, ingredient: string): number =>
  parts
    .flatMap(({ lines }) => lines)
    .reduce((sum, line) => (line.ingredient === ingredient ? sum + (line.grams?.central ?? 0) : sum), 0);

/** All ingredients of some dockets, in their order. */
function linesOf(ways: readonly Way[]): { readonly id: string; readonly name: string }[] {
  const names = new Map<string, string>();
  for (const { docket } of ways)
    for (const { ingredient, name, grams } of docket.parts.flatMap(({ lines }) => lines))
      if (ingredient !== null && grams && !names.has(ingredient)) names.set(ingredient, name);
  return [...names].map(([id, name]) => ({ id, name }));
}

function Compared({ ways, stale }: { readonly ways: readonly Way[]; readonly stale: boolean }) {
  const [request, ask] = useRequest();
  const isNow = ({ ask: { route, school, jar, otherwise } }: Way) =>
    otherwise === null &&
    school === request.school &&
    jar === request.blend.jar &&
    (route === request.blend.route || ways[0]!.ask.route === route);
  return (
    <Stack $gap={2}>
      <Scroll>
        <Table data-stale={stale || undefined}>
          <thead>
            <tr>
              <td />
              {ways.map((way) => (
                <th scope="col" key={way.name}>
                  <Heading as="span">{way.name}</Heading>
                  <BlendBar
                    shares={way.docket.parts.find(({ blend }) => blend.length > 0)?.blend ?? []}
                    height={14}
                  />
                  {isNow(way) ? (
                    <Small>as it is now</Small>
                  ) : (
                    <Button onPress={() => ask(takeWay(request, way.ask))}>Take this way</Button>
                  )}
                </th>
              ))}
            </tr>
          </thead>
          <Lines ways={ways} />
        </Table>
      </Scroll>
    </Stack>
  );
}

const SAID: readonly (readonly [string, (way: Way) => string])[] = [
  ['does worse', ({ worse }) => worse],
  [
    'in the oven',
    ({ docket: { bake, stages = [], mainStage } }) => {
      const minutes = stages[mainStage ?? -1]?.minutes ?? bake.minutes;
      return minutes ? `${Math.round(minutes.low)}–${Math.round(minutes.high)} min` : 'by its look';
    },
  ],
  ['rests first', ({ docket: { rest } }) => restWords(rest)],
  ['in doubt', ({ docket }) => doubtWords(docket)],
  ['flours cost', ({ cost }) => (cost === null ? 'no prices' : sayMoney(cost))],
  ['to buy', ({ toBuy }) => (toBuy.length === 0 ? 'nothing' : toBuy.join(', '))],
  ['expect', ({ docket }) => expectWords(docket)],
];

/** Kitchen rounding moves a balance by no more. */
const ROUNDING = 0.02;
const mainBalances = ({ docket }: Way) =>
  docket.parts.find(({ blend, balances }) => blend.length > 0 && balances.length > 0)?.balances ?? [];

/** Every balance of the ways beside the others, with its band where it is out of it. */
function Balances({ ways }: { readonly ways: readonly Way[] }) {
  return mainBalances(ways[0]!).map(({ id }) => {
    const { name, unit, say = sayShort } = BALANCE_WORDS[id];
    return (
      <tr key={id}>
        <th scope="row">{name}</th>
        {ways.map((way) => {
          const one = mainBalances(way).find((each) => each.id === id);
          if (!one) return <td key={way.name}>–</td>;
          const { converted, band } = one;
          const out = converted < band[0] * (1 - ROUNDING) || converted > band[1] * (1 + ROUNDING);
          return (
            <td key={way.name} className="grams">
              {say(converted)} {unit}
              {out ? <Small>outside of {band.map(say).join('–')}</Small> : null}
            </td>
          );
        })}
      </tr>
    );
  });
}

/** What is said of each way, and every weight beside the others. */
function Lines({ ways }: { readonly ways: readonly Way[] }) {
  return (
    <tbody>
      {SAID.map(([name, say]) => (
        <tr key={name}>
          <th scope="row">{name}</th>
          {ways.map((way) => (
            <td key={way.name}>{say(way)}</td>
          ))}
        </tr>
      ))}
      <Balances ways={ways} />
      {linesOf(ways).map(({ id, name }) => (
        <tr key={id}>
          <th scope="row">{name}</th>
          {ways.map((way) => {
            const grams = gramsOf(way.docket, id);
            return (
              <td
                key={way.name}
                className="grams"
                data-other={grams !== gramsOf(ways[0]!.docket, id) || undefined}
              >
                {grams > 0 ? `${sayGrams(grams)} g` : '–'}
              </td>
            );
          })}
        </tr>
      ))}
    </tbody>
  );
}

/** How long it rests before the oven. */
function restWords({ minutes: [low, high], cold }: Docket['rest']): string {
  if (high === 0) return 'not at all';
  return `${low === high ? sayMinutes(low) : `${sayMinutes(low)} or longer`}${cold ? ', cold' : ''}`;
}

/** How far the weights and the time may be from what is said. */
function doubtWords({ parts, bake }: Docket): string {
  const weighed = parts.flatMap(({ lines }) => lines.flatMap(({ grams }) => (grams ? [grams] : [])));
  const sum = weighed.reduce((total, { central }) => total + central, 0);
  const spread = Math.hypot(...weighed.map(({ low, high }) => (high - low) / 2));
  const time = bake.minutes ? `; time ± ${Math.round((bake.minutes.high - bake.minutes.low) / 2)} min` : '';
  return `all of it ${sayGrams(sum)} g ± ${sayGrams(Math.round(spread))}${time}`;
}

/** What is clearly otherwise than with wheat. */
function expectWords({ texture }: Docket): string {
  const clear = texture.filter(({ says: { code } }) => code === 'clearly-less' || code === 'clearly-more');
  return clear.length === 0
    ? 'much as with wheat'
    : clear.map(({ texture: one, says }) => `${one} ${say(says)}`).join(', ');
}

const Scroll = styled.div`
  overflow-x: auto;
`;
const Table = styled.table`
  border-collapse: collapse;
  min-width: 34rem;
  th,
  td {
    padding: ${({ theme }) => `${theme.space(1.5)} ${theme.space(3)}`};
    border-bottom: 1px solid ${({ theme }) => theme.colour.line};
    text-align: left;
    vertical-align: top;
    font-weight: 400;
  }
  thead th {
    min-width: 10rem;
    > * + * {
      margin-top: ${({ theme }) => theme.space(2)};
    }
  }
  tbody th {
    color: ${({ theme }) => theme.colour.soft};
    white-space: nowrap;
  }
  .grams {
    font: 500 1.1rem/1.3 ${({ theme }) => theme.font.figures};
    font-variant-numeric: tabular-nums;
  }
  .grams[data-other] {
    font-weight: 750;
  }
  &[data-stale] {
    opacity: 0.6;
  }
`;
