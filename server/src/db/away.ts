/** What a driver or the pool says when the database can't be reached, or is just going away. */
const DOWN = /ECONNREFUSED|ECONNRESET|EPIPE|ETIMEDOUT|Connection terminated|\b57P0\d\b|\b08[0-9A-Z]{3}\b/;

/** Everything that an error of the driver says of itself, its parts' codes among it. */
export function saidBy(error: unknown): string {
  const { code, message, name, errors } = (error ?? {}) as Record<string, unknown>;
  const nested = Array.isArray(errors)
    ? errors.map((one) => String((one as { code?: string }).code)).join(' ')
    : '';
  return [name, code, message, nested].map(String).join(' ');
}

export const isAway = (error: unknown): boolean => DOWN.test(saidBy(error));
