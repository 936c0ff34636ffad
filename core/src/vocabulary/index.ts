export { BULLETS } from './bullets';
export * from './ingredients';
export * from './families';
export * from './pageKinds';
export * from './questions';
export * from './requests';
export * from './balances';
export { MissingRowError } from './missingRow';
export { asWorded, type Bare, type SaidOf, type WordedSays, type WordsFor } from './said';
