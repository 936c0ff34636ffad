export { layOut, type Larder, type Made } from './larder';
