import {
  CODE_MINUTES,
  type CodeAnswer,
  type DeviceAnswer,
  type DevicesAnswer,
  type HouseRole,
  type NewCodeDto,
} from '@omniarton/contracts';
import { InvalidError, NotAllowedError, NotFoundError } from '../http/errors';
import type { Scope } from '../http/scope';
import type { ListedDevice } from './deviceStore';
import { digestOf, newCode } from './secrets';
import type { DeviceStores, Together } from './stores';

const gone = () => new NotFoundError('They aren’t here any more.');

const shown = ({ id, name, joined, seen }: ListedDevice): DeviceAnswer => ({
  ...{ id, name, joined: joined.toISOString(), seen: seen.toISOString() },
});
const devicesOf = (person: string, there: readonly ListedDevice[]): DeviceAnswer[] =>
  there.filter(({ personId }) => personId === person).map(shown);

/** One owner stays, and so does whoever sits at the machine itself. */
function keepsOwner(owners: readonly string[], member: string, local: string): void {
  if (member === local) throw new InvalidError('Whoever sits at the machine itself stays its owner.');
  if (owners.length === 1 && owners[0] === member)
    throw new InvalidError('A kitchen keeps one owner at least: make somebody else one first.');
}

/** Who is in a household, what each may do, and on which devices. */
export function memberService(
  { codes, devices, members }: DeviceStores,
  localPerson: () => Promise<string>,
  together: Together,
) {
  const ownerStays = async (inside: DeviceStores, householdId: string, member: string): Promise<void> =>
    keepsOwner(await inside.members.ownersHeld(householdId), member, await localPerson());

  return {
    async list(scope: Scope, address: string | null): Promise<DevicesAnswer> {
      const { householdId } = scope;
      const [all, there, local, recovery] = await Promise.all([
        members.list(householdId),
        devices.ofHousehold(householdId),
        localPerson(),
        codes.recoveryOf(scope),
      ]);
      return {
        address,
        recovery: recovery?.toISOString() ?? null,
        members: all.map((one) => ({ ...one, local: one.id === local, devices: devicesOf(one.id, there) })),
      };
    },

    /** A code for a device of somebody who is here, or of somebody new. */
    async makeCode(scope: Scope, { member, name, role }: NewCodeDto): Promise<CodeAnswer> {
      const all = member === null ? [] : await members.list(scope.householdId);
      const known = all.find(({ id }) => id === member);
      if (member !== null && !known) throw gone();
      if (!known && name.trim() === '') throw new InvalidError('Say whose device it is.');
      const code = newCode();
      await codes.add(scope, digestOf(code), {
        personId: known?.id ?? null,
        name: known?.name ?? name.trim(),
        role: known?.role ?? role,
      });
      return { code, minutes: CODE_MINUTES };
    },

    /** Puts a device out: any by an owner, their own by anybody. */
    async putOut({ householdId, personId }: Scope, role: HouseRole, id: string): Promise<void> {
      const device = (await devices.ofHousehold(householdId)).find((one) => one.id === id);
      if (device && role !== 'owner' && device.personId !== personId)
        throw new NotAllowedError('Only an owner puts another’s device out.');
      if (!device || !(await devices.revoke(id))) throw new NotFoundError('That device isn’t in any more.');
    },

    async setRole({ householdId }: Scope, member: string, role: HouseRole): Promise<void> {
      await together(async (inside) => {
        if (role !== 'owner') await ownerStays(inside, householdId, member);
        if (!(await inside.members.setRole(householdId, member, role))) throw gone();
        if (role !== 'owner') await inside.codes.forgetRecovery(householdId, member);
      });
    },

    async remove({ householdId }: Scope, member: string): Promise<void> {
      await together(async (inside) => {
        await ownerStays(inside, householdId, member);
        if (!(await inside.members.remove(householdId, member))) throw gone();
        await inside.devices.revokeAllOf(member);
        await inside.codes.forgetRecovery(householdId, member);
      });
    },
  };
}
