import { styled } from 'styled-components';
import { CERTIFICATE_PATH } from '@omniarton/contracts/paths-and-errors';
import { Fold } from '../ui/Fold';
import { Small, Stack } from '../ui/layout';
import { useCertificateQuery } from '../api/certificateApi';

const OVER_HTTP =
  'Over plain http whoever listens in on the network can read along, nothing can be kept at hand for when the network is away, and there are no passkeys.';

/** How a device comes to trust the household's own certificate, and what it gets for it. */
export function Trust() {
  const { data } = useCertificateQuery();
  const safe = window.location.protocol === 'https:';
  if (safe) return <Small>This page comes over https: what is sent is read by nobody on the way.</Small>;
  if (!data?.https) return <Small>{OVER_HTTP} Use it in a network that you trust.</Small>;
  return (
    <Fold name="Over https, with this household’s own certificate">
      <Stack $gap={3}>
        <Small>
          {OVER_HTTP} This household has a certificate of its own: once a device trusts it, all three are seen
          to.
        </Small>
        <Errands>
          <li>
            <a href={CERTIFICATE_PATH} download>
              Fetch the certificate
            </a>{' '}
            on the device. Its fingerprint, which the machine shows where Omniarton was started too:{' '}
            <code>{data.fingerprint}</code>
          </li>
          <li>
            Open it, and say that it may vouch for pages: on a phone in the settings under security or
            profiles (and there once more under trust), on a laptop in the list of certificates, among the
            authorities.
          </li>
          <li>
            From then on open{' '}
            <a href={data.https} rel="noreferrer">
              {data.https}
            </a>
          </li>
        </Errands>
        <Small>
          It vouches for names and addresses within a home alone, and its key stays on the machine. Whoever
          has that key could pretend to be this kitchen to the devices that trust it: keep the data folder to
          yourself, and take the certificate off a device that goes.
        </Small>
      </Stack>
    </Fold>
  );
}

const Errands = styled.ol`
  display: grid;
  gap: ${({ theme }) => theme.space(2)};
  margin: 0;
  padding-left: ${({ theme }) => theme.space(5)};
  list-style: decimal;
  code {
    overflow-wrap: anywhere;
  }
  a {
    color: inherit;
    text-underline-offset: 0.2em;
  }
`;
