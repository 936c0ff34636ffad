export function buildIfChanged(): void;
