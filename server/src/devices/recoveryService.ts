import type { RecoveryAnswer } from '@omniarton/contracts';
import { NotFoundError } from '../http/errors';
import type { Scope } from '../http/scope';
import { digestOf, newRecovery } from './secrets';
import type { DeviceStores, Together } from './stores';

/** Codes that owners keep on paper, for when every device is lost. */
export const recoveryService = ({ members }: DeviceStores, together: Together) => ({
  /** A code for whoever asks; the one before lets nobody in any more. */
  async make(scope: Scope): Promise<RecoveryAnswer> {
    const own = (await members.list(scope.householdId)).find(({ id }) => id === scope.personId);
    if (!own) throw new NotFoundError('You aren’t in that kitchen any more.');
    const code = newRecovery();
    await together((inside) => inside.codes.addRecovery(scope, digestOf(code), own));
    return { code };
  },
});
