import { useState } from 'react';
import { startRegistration } from '@simplewebauthn/browser';
import {
  useBeginPasskeyMutation,
  useMakePasskeyMutation,
  usePasskeysQuery,
  useRemovePasskeyMutation,
} from '../api/passkeysApi';
import { Button } from '../ui/Button';
import { Failed } from '../ui/Failed';
import { Heading, Row, Small, Stack } from '../ui/layout';
import { Notice } from '../ui/Notice';
import { sayWhen } from '../words/say';
import { deviceName } from './deviceName';
import { noPasskeyHere, WAS_NOT_MADE } from './passkeyHere';

/** Passkeys of one's own: with one a device signs in by a look or a touch, and there is nothing to type or to guess. */
export function Passkeys() {
  const { data, error } = usePasskeysQuery();
  const [remove, removing] = useRemovePasskeyMutation();
  return (
    <Stack as="section" aria-labelledby="passkeys" $gap={3}>
      <Heading id="passkeys">Your passkeys</Heading>
      <Small>
        With a passkey you sign in by what opens this device: a finger, a face or its code. It never leaves
        the devices that share it, and is for one name of the house.
      </Small>
      {data?.passkeys.map(({ id, name, host, made, used }) => (
        <Row key={id}>
          <span>
            {name}, for {host}, made {sayWhen(made)}
            {used === null ? ', not used yet' : `, last used ${sayWhen(used)}`}
          </span>
          <Button $weight="quiet" aria-label={`Forget the passkey ${name}`} onPress={() => void remove(id)}>
            Forget it
          </Button>
        </Row>
      ))}
      <Failed error={error ?? removing.error} />
      <MakeOne />
    </Stack>
  );
}

function MakeOne() {
  const [begin, begun] = useBeginPasskeyMutation();
  const [make, made] = useMakePasskeyMutation();
  const [calledOff, setCalledOff] = useState(false);
  const not = noPasskeyHere();
  if (not !== null) return <Small>{not}</Small>;
  const makeOne = async () => {
    setCalledOff(false);
    const options = await begin().unwrap();
    const response = await startRegistration({ optionsJSON: options }).catch(() => null);
    if (response === null) return setCalledOff(true);
    await make({ name: deviceName().replace(/^an? /, ''), response }).unwrap();
  };
  return (
    <>
      <Failed error={begun.error ?? made.error} />
      {calledOff ? <Notice loud>{WAS_NOT_MADE}</Notice> : null}
      {made.isSuccess ? <Notice loud>The passkey is made. Sign in with it next time.</Notice> : null}
      <div>
        <Button
          isDisabled={begun.isLoading || made.isLoading}
          onPress={() => void makeOne().catch(() => undefined)}
        >
          Make a passkey on this device
        </Button>
      </div>
    </>
  );
}
