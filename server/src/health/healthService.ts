import type { HealthAnswer } from '@omniarton/contracts';
import { ENGINE } from '../engine';
import type { HealthStore } from './healthStore';

export const healthService = (store: HealthStore) => ({
  async look(): Promise<HealthAnswer> {
    const up = await store.ping().then(
      () => true,
      () => false,
    );
    return { status: up ? 'ok' : 'degraded', database: up ? 'up' : 'down', engine: ENGINE };
  },
});
