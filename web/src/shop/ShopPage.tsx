import { useRef, useState } from 'react';
import { useParams, useSearchParams } from 'react-router';
import { styled } from 'styled-components';
import { v7 as newId } from 'uuid';
import { SHELVES } from '@omniarton/core/cupboard';
import type { Failure } from '../api/http';
import { cupboardPath } from '../base/paths';
import { addBags } from '../state/kitchen/bags';
import { boughtBag } from '../state/kitchen/bought';
import { useAppDispatch } from '../state/state';
import { Button, ButtonLink } from '../ui/Button';
import { Failed } from '../ui/Failed';
import { Heading, PageFloor, Row, Small, Stack } from '../ui/layout';
import { Notice } from '../ui/Notice';
import { PrintHead } from '../ui/PrintHead';
import type { ShopCopy, Wanted } from './shopCopy';
import { ShopLine } from './ShopLine';
import { useShop } from './useShop';

/** One list for the shops: everything that some bakes need, shelf by shelf, ticked as it goes into the basket. */
export function ShopPage() {
  const { household = '' } = useParams();
  const [search] = useSearchParams();
  const recipes = search.get('for') ?? '';
  const { list, busy, without, old, tick } = useShop(household, recipes);
  return (
    <Page data-busy={busy || undefined}>
      <title>Shopping list · Omniarton</title>
      <PrintHead isReady={list !== null} />
      <h1>To buy{list ? ` for ${list.titles.join(', ')}` : ''}</h1>
      {recipes === '' ? <Notice>Nothing is chosen. Choose recipes on the work list first.</Notice> : null}
      {old ? <Notice>The server is away. This is the list as this device kept it.</Notice> : null}
      {old ? null : without.map((words) => <Notice key={words}>{words}</Notice>)}
      {busy && list === null ? <p role="status">Working out what it takes …</p> : null}
      {list ? <List list={list} onTick={tick} /> : null}
      {list && !old ? <IntoCupboard key={recipes} household={household} list={list} /> : null}
      <Small>Read every label, each time: a recipe may have changed since the last bag.</Small>
    </Page>
  );
}

interface ListProps {
  readonly list: ShopCopy;
  readonly onTick: (what: string, on: boolean) => void;
}

/** What is there already stands at the end: it is seen, and isn't bought. */
function List({ list: { rows, words, ticked }, onTick }: ListProps) {
  const isThere = ({ need, have }: Wanted) => have >= need;
  const there = rows.filter(isThere);
  return (
    <>
      {SHELVES.map((shelf) => {
        const own = rows.filter((row) => row.shelf === shelf && !isThere(row));
        return own.length === 0 ? null : (
          <Stack key={shelf} as="section" aria-label={shelf} $gap={1}>
            <Heading>{shelf}</Heading>
            <ul>
              {own.map((row) => (
                <ShopLine
                  key={row.ingredient}
                  row={row}
                  ticked={ticked.includes(row.ingredient)}
                  onTick={(on) => onTick(row.ingredient, on)}
                />
              ))}
            </ul>
          </Stack>
        );
      })}
      {words.length > 0 ? (
        <Stack as="section" aria-label="not weighed" $gap={1}>
          <Heading>not weighed</Heading>
          <p>{words.join(' · ')}</p>
        </Stack>
      ) : null}
      {there.length > 0 ? (
        <Stack as="section" aria-label="there already" $gap={1}>
          <Heading>there already</Heading>
          <p>{there.map(({ name }) => name).join(' · ')}</p>
        </Stack>
      ) : null}
    </>
  );
}

/** What a cupboard keeps count of and is in the basket goes in by one press. */
function IntoCupboard({ household, list }: { readonly household: string; readonly list: ShopCopy }) {
  const dispatch = useAppDispatch();
  const [busy, setBusy] = useState(false);
  const [failure, setFailure] = useState<Failure | null>(null);
  // The same for every try, so that a lost answer makes no second bag.
  const ids = useRef(new Map<string, string>());
  const bought = list.rows.filter(
    ({ stocked, packs, ingredient }) => stocked && packs > 0 && list.ticked.includes(ingredient),
  );
  const put = async () => {
    setBusy(true);
    for (const { ingredient } of bought)
      if (!ids.current.has(ingredient)) ids.current.set(ingredient, newId());
    const trouble = await dispatch(
      addBags(
        household,
        bought.map((row) => boughtBag(row, ids.current.get(row.ingredient)!)),
      ),
    );
    if (!trouble) ids.current.clear();
    setBusy(false);
    setFailure(trouble);
  };
  return (
    <OnScreen $gap={2}>
      <Row>
        <Button isDisabled={busy || bought.length === 0} onPress={() => void put()}>
          {bought.length === 0
            ? 'Into the cupboard'
            : `Into the cupboard: ${bought.map(({ name }) => name).join(', ')}`}
        </Button>
        <ButtonLink to={cupboardPath(household)} $weight="quiet">
          To the cupboard
        </ButtonLink>
      </Row>
      <Small>
        Tick what is in the basket: flours, starches and gums go into the cupboard in whole packs.
      </Small>
      <Failed error={failure} />
    </OnScreen>
  );
}

const Page = styled(PageFloor)`
  max-width: 42rem;
  gap: ${({ theme }) => theme.space(5)};
  @media print {
    max-width: none;
    padding: 0;
  }
`;
const OnScreen = styled(Stack)`
  @media print {
    display: none;
  }
`;
