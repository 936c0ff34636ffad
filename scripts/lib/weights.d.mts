export function pageWeights(): readonly { readonly words: string; readonly over: boolean }[];
