export { layOut, type Larder } from './larder';
