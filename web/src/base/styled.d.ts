import 'styled-components';
import type { Theme } from './theme';

declare module 'styled-components' {
  // The library looks for this very name.
  // eslint-disable-next-line @typescript-eslint/no-empty-object-type
  export interface DefaultTheme extends Theme {}
}
