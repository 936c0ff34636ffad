/** The worker said nothing in time, or is gone: another one may do better. */
export class EngineGoneError extends Error {
  constructor(message: string) {
    super(message);
    this.name = 'EngineGoneError';
  }
}
