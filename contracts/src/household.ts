export interface HouseholdAnswer {
  readonly id: string;
  readonly name: string;
  /** The demo household can be removed in one action. */
  readonly demo: boolean;
}

export interface HealthAnswer {
  readonly status: 'ok' | 'degraded';
  readonly database: 'up' | 'down';
  readonly engine: string;
}
