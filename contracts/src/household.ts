import type { HouseRole } from './roles';

export interface HouseholdAnswer {
  readonly id: string;
  readonly name: string;
  /** The demo household can be removed in one action. */
  readonly demo: boolean;
  /** What whoever asks may do in it. */
  readonly role: HouseRole;
}

export interface HealthAnswer {
  readonly status: 'ok' | 'degraded';
  /** `incomplete`: it answers, and tables are missing. */
  readonly database: 'up' | 'down' | 'incomplete';
  /** `unknown`: of a database of one's own. */
  readonly disk: 'ok' | 'full' | 'unknown';
  readonly engine: string;
}
