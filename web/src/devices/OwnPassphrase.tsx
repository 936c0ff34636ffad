import { useState } from 'react';
import { PASSPHRASE_CHARS } from '@omniarton/contracts/paths-and-errors';
import { useSetPassphraseMutation } from '../api/devicesApi';
import type { Failure } from '../api/http';
import { failureWords } from '../api/words';
import { Button } from '../ui/Button';
import { Small } from '../ui/layout';
import { Notice } from '../ui/Notice';
import { LineField } from './LineField';
import { UNNAMED } from './roleWords';
import { SentForm } from './SentForm';

/** By name and passphrase one gets in without another device at hand. */
export function OwnPassphrase({ name: known, set }: { readonly name: string; readonly set: boolean }) {
  const [name, setName] = useState(known === UNNAMED ? '' : known);
  const [passphrase, setPassphrase] = useState('');
  const [save, { error, isSuccess, isLoading }] = useSetPassphraseMutation();
  const short = passphrase.length < PASSPHRASE_CHARS;
  return (
    <SentForm
      id="passphrase"
      name="Your passphrase"
      trouble={error ? failureWords(error as Failure) : null}
      onSend={() =>
        void save({ name, passphrase })
          .unwrap()
          .then(() => setPassphrase(''))
          .catch(() => {})
      }
    >
      <Small>
        {set
          ? 'You have one. Another takes its place.'
          : 'With one you get in on a new device without a code.'}{' '}
        Four or five plain words are good: {PASSPHRASE_CHARS} characters at least.
      </Small>
      <LineField
        label="Name to sign in by"
        value={name}
        onChange={setName}
        maxLength={60}
        autoComplete="username"
      />
      <LineField
        label="Passphrase"
        type="password"
        value={passphrase}
        onChange={setPassphrase}
        maxLength={200}
        autoComplete="new-password"
      />
      {isSuccess && passphrase === '' ? <Notice loud>It is kept.</Notice> : null}
      <div>
        <Button type="submit" isDisabled={short || name.trim() === '' || isLoading}>
          Keep it
        </Button>
      </div>
    </SentForm>
  );
}
