import type { ReactNode } from 'react';
import { styled } from 'styled-components';
import { useHouseholdsQuery } from '../api/api';
import { failureWords } from '../api/words';
import { Wordmark } from '../ui/Wordmark';
import { useAppDispatch } from '../state/state';
import { Button } from '../ui/Button';
import { PageFloor, Row, Stack } from '../ui/layout';
import { Notice } from '../ui/Notice';
import { Unsaved } from '../ui/Unsaved';
import { sendAgain, settleLeftover } from '../state/kitchen/kitchens';
import { useKitchen } from '../state/kitchen/useKitchen';

interface Props {
  readonly household: string;
  /** What the page is called; the kitchen's own name where it is the kitchen itself. */
  readonly title: string | null;
  /** The way to the other page of this kitchen. */
  readonly link: (name: string) => ReactNode;
  readonly children: (kitchen: ReturnType<typeof useKitchen>) => ReactNode;
}

/** A page of what a household shares: its name, how its saving stands, what an earlier visit left. */
export function KitchenShell({ household, title, link, children }: Props) {
  const kitchen = useKitchen(household);
  const { ready, failure, save, leftover } = kitchen;
  const dispatch = useAppDispatch();
  const name = useHouseholdsQuery().data?.find(({ id }) => id === household)?.name ?? 'Kitchen';
  return (
    <Page data-busy={(!ready && !failure) || save.status === 'sending' || undefined}>
      <title>{`${title ?? 'Kitchen'} · ${name} · Omniarton`}</title>
      <Wordmark />
      <Row $gap={5}>
        <h1>{title ?? name}</h1>
        {link(name)}
      </Row>
      {failure ? (
        <Notice tone="danger" loud>
          {failureWords(failure)}
        </Notice>
      ) : null}
      <Unsaved save={save} again={() => dispatch(sendAgain(household))} />
      {leftover ? (
        <Notice tone="ask">
          <Row>
            <span>An earlier visit made changes here that never reached the server.</span>
            <Button onPress={() => dispatch(settleLeftover(household, true))}>Take them up</Button>
            <Button $weight="quiet" onPress={() => dispatch(settleLeftover(household, false))}>
              Let them go
            </Button>
          </Row>
        </Notice>
      ) : null}
      {ready ? <Stack $gap={9}>{children(kitchen)}</Stack> : failure ? null : <p role="status">Fetching …</p>}
    </Page>
  );
}

const Page = styled(PageFloor)`
  h1 {
    font: 600 2.1rem/1.1 ${({ theme }) => theme.font.written};
  }
  a {
    color: ${({ theme }) => theme.colour.act};
  }
`;
