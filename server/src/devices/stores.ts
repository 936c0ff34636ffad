import type { CodeStore } from './codeStore';
import type { DeviceStore } from './deviceStore';
import type { MemberStore } from './memberStore';
import type { TryStore } from './tryStore';

/** What is kept of who is in. */
export interface DeviceStores {
  readonly codes: CodeStore;
  readonly devices: DeviceStore;
  readonly members: MemberStore;
  readonly tries: TryStore;
}

/** Work over these in one transaction. */
export type Together = <T>(work: (inside: DeviceStores) => Promise<T>) => Promise<T>;
