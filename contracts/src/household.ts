export interface HouseholdAnswer {
  readonly id: string;
  readonly name: string;
  /** The demo household can be removed in one action. */
  readonly demo: boolean;
}

export interface HealthAnswer {
  readonly status: 'ok' | 'degraded';
  /** `incomplete`: it answers, and tables are missing. */
  readonly database: 'up' | 'down' | 'incomplete';
  /** `unknown`: of a database of one's own. */
  readonly disk: 'ok' | 'full' | 'unknown';
  readonly engine: string;
}
