import { useNavigate } from 'react-router';
import { benchPath } from '../../base/paths';
import { useAppDispatch, useAppSelector } from '../../state/state';
import type { UnsentCopy } from '../../state/draft/mirror';
import { letGo, takeUp } from '../../state/draft/opening';
import { Button } from '../../ui/Button';
import { Row, Stack } from '../../ui/layout';
import { Notice } from '../../ui/Notice';
import { sayWhen } from '../../words/say';

/** What an earlier page could not send is offered, never merged. */
export function UnsentCopies() {
  const found = useAppSelector((state) => state.mirror.found);
  return found.length === 0 ? null : (
    <Stack $gap={2}>
      {found.map((copy) => (
        <Offer key={copy.id} copy={copy} />
      ))}
    </Stack>
  );
}

export function Offer({ copy }: { readonly copy: UnsentCopy }) {
  const dispatch = useAppDispatch();
  const navigate = useNavigate();
  const take = () => {
    dispatch(takeUp(copy));
    void navigate(benchPath(copy.household, copy.id));
  };
  return (
    <Notice tone="ask">
      <Row>
        <span>
          “{copy.doc.asRead.title || 'Untitled'}” has edits of {sayWhen(copy.at)} that never reached the
          server.
        </span>
        <Button onPress={take}>Take them up</Button>
        <Button $weight="quiet" onPress={() => dispatch(letGo(copy))}>
          Let them go
        </Button>
      </Row>
    </Notice>
  );
}
