import { useState } from 'react';
import { useLocation } from 'react-router';
import { styled } from 'styled-components';
import { useJoinMutation, useSignInMutation } from '../api/devicesApi';
import type { Failure } from '../api/http';
import { failureWords } from '../api/words';
import { attempt } from '../base/attempt';
import { Button } from '../ui/Button';
import { PageFloor, Small } from '../ui/layout';
import { Wordmark } from '../ui/Wordmark';
import { deviceName } from './deviceName';
import { LineField } from './LineField';
import { SentForm } from './SentForm';

/** Where a device that isn't in gets in: by a code that another shows, or by a passphrase. */
export function JoinPage() {
  const [device, setDevice] = useState(deviceName);
  return (
    <Page>
      <title>This device · Omniarton</title>
      <Wordmark />
      <h1>Let this device in</h1>
      <LineField label="What this device is called here" value={device} onChange={setDevice} maxLength={60} />
      <ByCode device={device} />
      <ByPassphrase device={device} />
      <Small>
        Over plain http whoever listens in on the network can read along, and nothing can be kept at hand for
        when the network is away. Use it in a network that you trust.
      </Small>
    </Page>
  );
}

/** Once it is in everything is asked anew. */
const enter = (done: Promise<unknown>) =>
  void done.then(() => window.location.assign('/')).catch(() => undefined);

/** What is wrong with a code or a passphrase the server says in one sentence; of all else the page has its own words. */
const troubleOf = (error: unknown): string | null => {
  if (!error) return null;
  const failure = error as Failure;
  return failure.code === 'invalid' || failure.code === 'too-many-requests'
    ? failure.message
    : failureWords(failure);
};

function ByCode({ device }: { readonly device: string }) {
  const { hash } = useLocation();
  const [code, setCode] = useState(() => attempt(() => decodeURIComponent(hash.slice(1))) ?? '');
  const [join, { error, isLoading }] = useJoinMutation();
  return (
    <SentForm
      id="by-code"
      name="By a code"
      trouble={troubleOf(error)}
      onSend={() => enter(join({ code, device }).unwrap())}
    >
      <Small>
        A device that is in shows one under Settings, People and devices. It lets one device in, within ten
        minutes. A recovery code on paper goes in here too.
      </Small>
      <LineField label="Code" value={code} onChange={setCode} maxLength={40} autoComplete="one-time-code" />
      <div>
        <Button type="submit" $weight="strong" isDisabled={code.trim() === '' || isLoading}>
          Let it in
        </Button>
      </div>
    </SentForm>
  );
}

function ByPassphrase({ device }: { readonly device: string }) {
  const [name, setName] = useState('');
  const [passphrase, setPassphrase] = useState('');
  const [signIn, { error, isLoading }] = useSignInMutation();
  return (
    <SentForm
      id="by-phrase"
      name="By your passphrase"
      trouble={troubleOf(error)}
      onSend={() => enter(signIn({ name, passphrase, device }).unwrap())}
    >
      <LineField label="Name" value={name} onChange={setName} maxLength={60} autoComplete="username" />
      <LineField
        label="Passphrase"
        type="password"
        value={passphrase}
        onChange={setPassphrase}
        maxLength={200}
        autoComplete="current-password"
      />
      <div>
        <Button type="submit" isDisabled={name.trim() === '' || passphrase === '' || isLoading}>
          {isLoading ? 'Looking …' : 'Sign in'}
        </Button>
      </div>
    </SentForm>
  );
}

const Page = styled(PageFloor)`
  max-width: 34rem;
  gap: ${({ theme }) => theme.space(6)};
`;
