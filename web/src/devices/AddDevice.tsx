import { QRCodeSVG } from 'qrcode.react';
import { useState } from 'react';
import { styled } from 'styled-components';
import type { CodeAnswer, MemberAnswer } from '@omniarton/contracts';
import type { HouseRole } from '@omniarton/contracts/paths-and-errors';
import { useMakeCodeMutation } from '../api/devicesApi';
import { JOIN_PATH } from '../base/paths';
import { Button } from '../ui/Button';
import { Heading, Row, Small, Stack } from '../ui/layout';
import { Pick } from '../ui/Pick';
import { TextEntry } from '../ui/TextEntry';
import { ROLE_OPTIONS } from './roleWords';
import { Failed } from '../ui/Failed';

const SOMEBODY_NEW = 'somebody new';

interface Props {
  readonly household: string;
  readonly members: readonly MemberAnswer[];
  readonly address: string | null;
}

/** A code that lets one more device in: of somebody who is here, or of somebody new. */
export function AddDevice({ household, members, address }: Props) {
  const [whose, setWhose] = useState<string>(SOMEBODY_NEW);
  const [name, setName] = useState('');
  const [role, setRole] = useState<HouseRole>('helper');
  const [makeCode, { data, error, isLoading, reset }] = useMakeCodeMutation();
  const isNew = whose === SOMEBODY_NEW;
  const make = () => {
    void makeCode({ household, whose: { member: isNew ? null : whose, name: isNew ? name : '', role } });
  };
  return (
    <Stack as="section" aria-labelledby="add-device" $gap={3}>
      <Heading id="add-device">Let a device in</Heading>
      {data ? (
        <Code code={data} address={address} onDone={reset} />
      ) : (
        <>
          <Row>
            <Pick
              label="Whose is it?"
              value={whose}
              options={[
                { id: SOMEBODY_NEW, name: 'Somebody new' },
                ...members.map((one) => ({
                  id: one.id,
                  name: one.local ? `${one.name} (at this machine)` : one.name,
                })),
              ]}
              onChange={setWhose}
            />
            {isNew ? <TextEntry label="Name" value={name} onCommit={setName} maxLength={60} /> : null}
            {isNew ? <Pick label="May do" value={role} options={ROLE_OPTIONS} onChange={setRole} /> : null}
          </Row>
          <Failed error={error} />
          <div>
            <Button $weight="strong" isDisabled={isLoading || (isNew && name === '')} onPress={make}>
              Make a code
            </Button>
          </div>
        </>
      )}
    </Stack>
  );
}

interface CodeProps {
  readonly code: CodeAnswer;
  readonly address: string | null;
  readonly onDone: () => void;
}

function Code({ code: { code, minutes }, address, onDone }: CodeProps) {
  const said = `${code.slice(0, 4)} ${code.slice(4)}`;
  return (
    <Stack $gap={3}>
      <Shown aria-label="Code">{said}</Shown>
      {address ? (
        <Row>
          <Square>
            <QRCodeSVG
              value={`${address}${JOIN_PATH}#${code}`}
              size={176}
              marginSize={3}
              title="The address, with the code in it"
            />
          </Square>
          <p>
            On the other device open <b>{address}</b>
            {JOIN_PATH} and type the code, or let its camera look at the square.
          </p>
        </Row>
      ) : null}
      <Small>It lets one device in, within {minutes} minutes. It is shown once.</Small>
      <div>
        <Button onPress={onDone}>Done</Button>
      </div>
    </Stack>
  );
}

const Shown = styled.output`
  font: 700 2.6rem/1.2 ${({ theme }) => theme.font.figures};
  letter-spacing: 0.08em;
`;
/** Dark on light whatever the theme: cameras want it so. */
const Square = styled.div`
  padding: ${({ theme }) => theme.space(1)};
  background: #fff;
  line-height: 0;
`;
