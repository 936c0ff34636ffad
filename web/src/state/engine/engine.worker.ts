import * as Comlink from 'comlink';
import { door } from './door';

Comlink.expose(door);
