import type { SaveState } from '../api/saveState';
import { Button } from './Button';
import { Row, Small } from './layout';
import { Notice } from './Notice';

interface Props {
  readonly save: SaveState;
  /** What goes on without a server, and is kept on this device: said quietly. Missing: being away is said aloud. */
  readonly kept?: string;
  /** Missing: what was refused goes out again by itself. */
  readonly again?: () => void;
}

/** What the server doesn't have yet, or has refused. */
export function Unsaved({ save, kept, again }: Props) {
  if (save.status !== 'offline' && save.status !== 'failed') return null;
  if (save.status === 'offline' && kept !== undefined)
    return (
      <Small role="status">
        The server is away. {kept} are kept on this device and sent when it is back.
      </Small>
    );
  return (
    <Notice tone="danger" loud>
      <Row>
        <span>{save.words}</span>
        {save.status === 'failed' && again ? <Button onPress={again}>Try again</Button> : null}
      </Row>
    </Notice>
  );
}
