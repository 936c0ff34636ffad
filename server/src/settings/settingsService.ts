import { DEFAULT_SETTINGS, type SettingsAnswer, type SettingsDto } from '@omniarton/contracts';
import type { Expectation } from '../http/conditional';
import { ConflictError } from '../http/errors';
import type { Scope } from '../http/scope';
import type { SettingsStore } from './settingsStore';

export const settingsService = (store: SettingsStore) => ({
  async get(scope: Scope): Promise<SettingsAnswer> {
    return (await store.find(scope)) ?? { version: 0, doc: DEFAULT_SETTINGS };
  },
  async save(scope: Scope, expected: Expectation, doc: SettingsDto): Promise<SettingsAnswer> {
    const saved = await store.write(scope, expected.kind === 'new' ? 0 : expected.version, doc);
    if (!saved)
      throw new ConflictError('The settings were changed elsewhere.', { stored: await this.get(scope) });
    return saved;
  },
});
