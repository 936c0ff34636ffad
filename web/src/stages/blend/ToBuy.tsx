import { useState } from 'react';
import { styled } from 'styled-components';
import { v7 as newId } from 'uuid';
import type { ToBuy as Buy } from '@omniarton/core/cupboard';
import { useAppDispatch } from '../../state/state';
import { addBag } from '../../state/kitchen/bags';
import { boughtBag } from '../../state/kitchen/bought';
import { failureWords } from '../../api/words';
import { useKitchenAnswer } from '../../state/engine/useKitchenAnswer';
import { Button } from '../../ui/Button';
import { Fold } from '../../ui/Fold';
import { Small } from '../../ui/layout';
import { Notice } from '../../ui/Notice';
import { sayGrams } from '../../words/say';
import { useDocket, useHousehold } from '../../state/bench/onBench';
import { sayMoney } from '../../words/blend';

/** What this docket needs that the cupboard hasn't, in whole packs; bought, it goes into the cupboard. */
export function ToBuy() {
  const household = useHousehold();
  const docket = useDocket();
  const needs = (docket?.parts ?? [])
    .flatMap(({ lines }) => lines)
    .flatMap(({ ingredient, grams }) =>
      ingredient !== null && grams ? [{ ingredient, grams: grams.central }] : [],
    );
  const { data } = useKitchenAnswer(
    household,
    ['to buy', needs],
    async (engine, key) => await engine.shopping(key, needs),
  );
  const list = (data ?? []).filter(({ stocked }) => stocked);
  const rest = (data ?? []).filter(({ stocked }) => !stocked);
  if (list.length === 0) return null;
  const total = list.reduce((sum, { cost }) => sum + (cost ?? 0), 0);
  return (
    <Fold name={`To buy for this bake: ${list.map(({ name }) => name).join(', ')}`}>
      <List>
        {list.map((one) => (
          <Row key={one.ingredient} household={household} buy={one} />
        ))}
      </List>
      {rest.length > 0 ? (
        <Small>
          Not counted in this cupboard:{' '}
          {rest.map(({ name, need }) => `${sayGrams(need)} g ${name}`).join(', ')}.
        </Small>
      ) : null}
      {total > 0 ? <Small>What has a price comes to {sayMoney(total)}.</Small> : null}
    </Fold>
  );
}

function Row({ household, buy }: { readonly household: string; readonly buy: Buy }) {
  const dispatch = useAppDispatch();
  const [id] = useState(() => newId());
  const [trouble, setTrouble] = useState<string | null>(null);
  const [busy, setBusy] = useState(false);
  const bought = async () => {
    setBusy(true);
    const failure = await dispatch(addBag(household, boughtBag(buy, id)));
    setBusy(false);
    setTrouble(failure && failureWords(failure));
  };
  return (
    <li>
      <span>
        <strong>
          {buy.packs} × {sayGrams(buy.packGrams)} g
        </strong>{' '}
        {buy.name}
        <Small as="span">
          {' '}
          · {sayGrams(buy.need)} g needed, {sayGrams(buy.have)} g there
          {buy.packGuessed ? ' · a usual pack' : ''}
          {buy.cost === null ? '' : ` · ${sayMoney(buy.cost)}`}
        </Small>
      </span>
      <Button isDisabled={busy} onPress={() => void bought()} aria-label={`Bought: ${buy.name}`}>
        Bought
      </Button>
      {trouble ? (
        <Notice tone="danger" loud>
          {trouble}
        </Notice>
      ) : null}
    </li>
  );
}

const List = styled.ul`
  display: grid;
  li {
    display: flex;
    flex-wrap: wrap;
    justify-content: space-between;
    align-items: center;
    gap: ${({ theme }) => theme.space(2)};
    padding: ${({ theme }) => theme.space(1)} 0;
    border-bottom: 1px solid ${({ theme }) => theme.colour.line};
  }
`;
