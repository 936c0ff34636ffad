import type { MemberAnswer } from '@omniarton/contracts';
import { usePutOutMutation, useRemoveMemberMutation, useSetRoleMutation } from '../api/devicesApi';
import { Button } from '../ui/Button';
import { Row, Small, Stack } from '../ui/layout';
import { Pick } from '../ui/Pick';
import { Entry } from '../ui/Section';
import { sayDay, sayWhen } from '../words/say';
import { ROLE_OPTIONS, UNNAMED } from './roleWords';
import { Failed } from '../ui/Failed';

interface Props {
  readonly household: string;
  readonly member: MemberAnswer;
  /** It is whoever looks at this page, from the device `here`. */
  readonly mine: boolean;
  readonly here: string | null;
  readonly owner: boolean;
}

/** One of a kitchen: what they may do, and the devices that they are in on. */
export function MemberCard({ household, member, mine, here, owner }: Props) {
  const [putOut, out] = usePutOutMutation();
  const [setRole, roles] = useSetRoleMutation();
  const [remove, removing] = useRemoveMemberMutation();
  const { id, name, role, local, devices } = member;
  const error = out.error ?? roles.error ?? removing.error;
  const body = (
    <Stack $gap={3}>
      {owner && !local ? (
        <Pick
          label="May do"
          value={role}
          options={ROLE_OPTIONS}
          onChange={(next) => void setRole({ household, member: id, role: next })}
        />
      ) : (
        <Small>
          {local
            ? 'Sits at the machine itself, and is its owner.'
            : ROLE_OPTIONS.find((one) => one.id === role)?.name}
        </Small>
      )}
      {devices.map((device) => (
        <Row key={device.id}>
          <span>
            {device.name}
            {device.id === here ? ' (this one)' : ''}, in since {sayDay(device.joined.slice(0, 10))}, seen{' '}
            {sayWhen(device.seen)}
          </span>
          {owner || mine ? (
            <Button
              $weight="quiet"
              aria-label={`Put out: ${device.name} of ${name}`}
              onPress={() => void putOut({ household, device: device.id })}
            >
              Put out
            </Button>
          ) : null}
        </Row>
      ))}
      {devices.length === 0 && !local ? <Small>On no device just now.</Small> : null}
      <Failed error={error} />
    </Stack>
  );
  const title = `${mine && name !== UNNAMED ? `${name} (you)` : name} · ${role}`;
  return owner && !local ? (
    <Entry name={title} onRemove={() => void remove({ household, member: id })}>
      {body}
    </Entry>
  ) : (
    <Stack $gap={1}>
      <b>{title}</b>
      {body}
    </Stack>
  );
}
