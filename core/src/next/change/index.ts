export { oneChange, type OneChange } from './oneChange';
