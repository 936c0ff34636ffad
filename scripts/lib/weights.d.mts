export function pageWeights(): string[];
