import { useState } from 'react';
import { startAuthentication } from '@simplewebauthn/browser';
import { useBeginDoorMutation, useThroughDoorMutation } from '../api/passkeysApi';
import { Button } from '../ui/Button';
import { Heading, Small, Stack } from '../ui/layout';
import { Notice } from '../ui/Notice';
import { enter, troubleOf } from './enter';
import { noPasskeyHere, WAS_NOT_MADE } from './passkeyHere';

/** The door by what opens the device itself. */
export function ByPasskey({ device }: { readonly device: string }) {
  const [begin, begun] = useBeginDoorMutation();
  const [through, passing] = useThroughDoorMutation();
  const [calledOff, setCalledOff] = useState(false);
  const not = noPasskeyHere();
  const pass = async () => {
    setCalledOff(false);
    const options = await begin().unwrap();
    const response = await startAuthentication({ optionsJSON: options }).catch(() => null);
    if (response === null) return setCalledOff(true);
    enter(through({ device, response }).unwrap());
  };
  const trouble = troubleOf(begun.error ?? passing.error) ?? (calledOff ? WAS_NOT_MADE : null);
  return (
    <Stack as="section" aria-labelledby="by-passkey" $gap={3}>
      <Heading id="by-passkey">By a passkey</Heading>
      {not === null ? (
        <div>
          <Button
            isDisabled={begun.isLoading || passing.isLoading}
            onPress={() => void pass().catch(() => undefined)}
          >
            Sign in with a passkey
          </Button>
        </div>
      ) : (
        <Small>{not}</Small>
      )}
      {trouble === null ? null : (
        <Notice tone="danger" loud>
          {trouble}
        </Notice>
      )}
    </Stack>
  );
}
