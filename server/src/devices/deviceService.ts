import { v7 as newId } from 'uuid';
import {
  CODE_MINUTES,
  type CodeAnswer,
  type DevicesAnswer,
  type HouseRole,
  type JoinDto,
  type MeAnswer,
  type NewCodeDto,
  type PassphraseDto,
  type SignInDto,
} from '@omniarton/contracts';
import type { Caller } from '../http/caller';
import {
  InvalidError,
  NotAllowedError,
  NotFoundError,
  SignedOutError,
  TooManyRequestsError,
} from '../http/errors';
import type { Scope } from '../http/scope';
import type { CodeStore } from './codeStore';
import type { DeviceStore } from './deviceStore';
import type { MemberStore } from './memberStore';
import { digestOf, newCode, newToken, opens, plainCode, sealed } from './secrets';
import type { TryStore } from './tryStore';

export interface DeviceStores {
  readonly codes: CodeStore;
  readonly devices: DeviceStore;
  readonly members: MemberStore;
  readonly tries: TryStore;
}

/** Wrong codes and passphrases in ten minutes: from one address, and from all of them. */
const MOST_TRIES = 10;
const MOST_TRIES_OF_ALL = 200;
const FROM_ALL = 'all';

const NO_CODE = {
  unknown: 'That code lets nobody in. Look at it again, or ask for a new one.',
  used: 'That code has let a device in already; each does so once. Ask for a new one.',
  old: `That code is older than ${CODE_MINUTES} minutes. Ask for a new one.`,
} as const;

/** What a device is given when it is let in. */
export interface LetIn {
  readonly token: string;
  readonly me: MeAnswer;
}

export function deviceService(
  stores: DeviceStores,
  localPerson: () => Promise<string>,
  together: <T>(work: (inside: DeviceStores) => Promise<T>) => Promise<T>,
) {
  const { codes, devices, members, tries } = stores;

  async function countTry(address: string): Promise<void> {
    const [own, all] = [await tries.count(address), await tries.count(FROM_ALL)];
    if (own > MOST_TRIES || all > MOST_TRIES_OF_ALL)
      throw new TooManyRequestsError('Too many tries went wrong. Wait for ten minutes.');
  }
  async function letIn({ devices: into }: DeviceStores, personId: string, device: string): Promise<string> {
    const token = newToken();
    await into.add(newId(), personId, device.trim() || 'a device', digestOf(token));
    return token;
  }
  async function me({ personId, deviceId }: Caller): Promise<MeAnswer> {
    const person = await members.person(personId);
    return { person: personId, name: person?.name ?? '', device: deviceId };
  }
  /** One owner stays, and so does whoever sits at the machine itself. */
  async function ownerStays(inside: DeviceStores, householdId: string, member: string): Promise<void> {
    const owners = await inside.members.ownersHeld(householdId);
    if (member === (await localPerson()))
      throw new InvalidError('Whoever sits at the machine itself stays its owner.');
    if (owners.length === 1 && owners[0] === member)
      throw new InvalidError('A kitchen keeps one owner at least: make somebody else one first.');
  }

  return {
    me,
    async local(): Promise<Caller> {
      return { personId: await localPerson(), deviceId: null };
    },

    /** Who a device's secret is of; a day-old secret is given a new one. */
    async callerBy(token: string): Promise<{ readonly caller: Caller; readonly renewed: string | null }> {
      const digest = digestOf(token);
      const known = await devices.byToken(digest);
      if (!known) throw new SignedOutError('This device isn’t signed in here any more.');
      const caller: Caller = { personId: known.personId, deviceId: known.id };
      if (!known.stale) {
        if (known.unnoted) await devices.noted(known.id);
        return { caller, renewed: null };
      }
      const renewed = newToken();
      const rotated = await devices.rotate(known.id, digest, digestOf(renewed));
      return { caller, renewed: rotated ? renewed : null };
    },

    /** A device shows a code: whoever it was made for is in with it. */
    async join({ code, device }: JoinDto, address: string): Promise<LetIn> {
      await countTry(address);
      const digest = digestOf(plainCode(code));
      const found = await together(async (inside) => {
        const invited = await inside.codes.use(digest);
        if (!invited) return null;
        const personId = invited.personId ?? newId();
        if (invited.personId === null)
          await inside.members.add(invited.householdId, personId, invited.name, invited.role);
        return { personId, token: await letIn(inside, personId, device) };
      });
      if (!found) throw new InvalidError(NO_CODE[await codes.why(digest)]);
      await tries.forgive(address);
      return { token: found.token, me: await me({ personId: found.personId, deviceId: null }) };
    },

    async signIn({ name, passphrase, device }: SignInDto, address: string): Promise<LetIn> {
      await countTry(address);
      const person = await members.byName(name.trim());
      const right = await opens(person?.passphrase ?? null, passphrase);
      if (!person || !right) throw new InvalidError('That name and passphrase don’t go together.');
      await tries.forgive(address);
      const token = await letIn(stores, person.id, device);
      return { token, me: await me({ personId: person.id, deviceId: null }) };
    },

    async signOut({ deviceId }: Caller): Promise<void> {
      if (deviceId) await devices.revoke(deviceId);
    },

    async setPassphrase({ personId }: Caller, { name, passphrase }: PassphraseDto): Promise<void> {
      const other = await members.byName(name.trim());
      if (other && other.id !== personId)
        throw new InvalidError('Somebody signs in by that name already: choose another.');
      await members.setPassphrase(personId, name.trim(), await sealed(passphrase));
    },

    async list({ householdId }: Scope, address: string | null): Promise<DevicesAnswer> {
      const [all, there, local] = await Promise.all([
        members.list(householdId),
        devices.ofHousehold(householdId),
        localPerson(),
      ]);
      return {
        address,
        members: all.map((one) => ({
          ...one,
          local: one.id === local,
          devices: there
            .filter(({ personId }) => personId === one.id)
            .map(({ id, name, joined, seen }) => ({
              ...{ id, name, joined: joined.toISOString(), seen: seen.toISOString() },
            })),
        })),
      };
    },

    /** A code for a device of somebody who is here, or of somebody new. */
    async makeCode(scope: Scope, { member, name, role }: NewCodeDto): Promise<CodeAnswer> {
      const known =
        member === null ? null : (await members.list(scope.householdId)).find(({ id }) => id === member);
      if (known === undefined) throw new NotFoundError('They aren’t here any more.');
      if (known === null && name.trim() === '') throw new InvalidError('Say whose device it is.');
      const code = newCode();
      await codes.add(scope, digestOf(code), {
        personId: known?.id ?? null,
        name: known?.name ?? name.trim(),
        role: known?.role ?? role,
      });
      return { code, minutes: CODE_MINUTES };
    },

    /** Puts a device out: any by an owner, their own by anybody. */
    async revoke({ householdId, personId }: Scope, role: HouseRole, id: string): Promise<void> {
      const device = (await devices.ofHousehold(householdId)).find((one) => one.id === id);
      if (device && role !== 'owner' && device.personId !== personId)
        throw new NotAllowedError('Only an owner puts another’s device out.');
      if (!device || !(await devices.revoke(id))) throw new NotFoundError('That device isn’t in any more.');
    },

    async setRole({ householdId }: Scope, member: string, role: HouseRole): Promise<void> {
      await together(async (inside) => {
        if (role !== 'owner') await ownerStays(inside, householdId, member);
        if (!(await inside.members.setRole(householdId, member, role)))
          throw new NotFoundError('They aren’t here any more.');
      });
    },

    async removeMember({ householdId }: Scope, member: string): Promise<void> {
      await together(async (inside) => {
        await ownerStays(inside, householdId, member);
        const theirs = await inside.devices.ofHousehold(householdId);
        if (!(await inside.members.remove(householdId, member)))
          throw new NotFoundError('They aren’t here any more.');
        for (const { id, personId } of theirs) if (personId === member) await inside.devices.revoke(id);
      });
    },

    async purge(): Promise<void> {
      await codes.purge();
      await devices.purge();
      await tries.purge();
    },
  };
}
