import { v7 as newId } from 'uuid';
import { CODE_MINUTES, type JoinDto, type SignInDto } from '@omniarton/contracts';
import { InvalidError } from '../http/errors';
import { letInOn, triesAt } from './letIn';
import { digestOf, opens, plainCode } from './secrets';
import type { DeviceStores, Together } from './stores';

const NO_CODE = {
  unknown: 'That code lets nobody in. Look at it again, or ask for a new one.',
  used: 'That code has let a device in already; each does so once. Ask for a new one.',
  old: `That code is older than ${CODE_MINUTES} minutes. Ask for a new one.`,
} as const;

/** What a device is given when it is let in. */
export interface LetIn {
  readonly token: string;
  readonly personId: string;
}

/** How a device gets in: by a code that another shows, or by a name and a passphrase. */
export function doorService(stores: DeviceStores, together: Together) {
  const { codes, members } = stores;
  const tries = triesAt(stores);

  return {
    /** A device shows a code: whoever it was made for is in with it. */
    async join({ code, device }: JoinDto, address: string): Promise<LetIn> {
      await tries.count(address);
      const digest = digestOf(plainCode(code));
      const found = await together(async (inside) => {
        const invited = await inside.codes.use(digest);
        if (!invited) return null;
        const personId = invited.personId ?? newId();
        if (invited.personId === null)
          await inside.members.add(invited.householdId, personId, invited.name, invited.role);
        return { personId, token: await letInOn(inside, personId, device) };
      });
      if (!found) throw new InvalidError(NO_CODE[await codes.why(digest)]);
      await tries.forgive(address);
      return found;
    },

    async signIn({ name, passphrase, device }: SignInDto, address: string): Promise<LetIn> {
      await tries.count(address);
      const person = await members.byName(name.trim());
      const right = await opens(person?.passphrase ?? null, passphrase);
      if (!person || !right) throw new InvalidError('That name and passphrase don’t go together.');
      await tries.forgive(address);
      return { token: await letInOn(stores, person.id, device), personId: person.id };
    },
  };
}
