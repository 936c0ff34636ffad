import { useState } from 'react';
import { useLocation } from 'react-router';
import { styled } from 'styled-components';
import { useJoinMutation, useSignInMutation } from '../api/devicesApi';
import { attempt } from '../base/attempt';
import { Button } from '../ui/Button';
import { PageFloor, Small } from '../ui/layout';
import { Wordmark } from '../ui/Wordmark';
import { ByPasskey } from './ByPasskey';
import { deviceName } from './deviceName';
import { enter, troubleOf } from './enter';
import { LineField } from './LineField';
import { SentForm } from './SentForm';
import { Trust } from './Trust';

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
      <ByPasskey device={device} />
      <ByPassphrase device={device} />
      <Trust />
    </Page>
  );
}

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
