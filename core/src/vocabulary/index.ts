export * from './ingredients';
export * from './families';
export * from './requests';
export * from './balances';
export { MissingRowError } from './missingRow';
