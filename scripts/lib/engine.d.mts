export function engineVersion(): string;
