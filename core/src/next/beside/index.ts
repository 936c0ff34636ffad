export { besideOf, type AspectBeside, type Beside } from './beside';
