import { useState, type ReactNode } from 'react';
import { useKey } from '../base/useKey';

interface Props {
  readonly name: string;
  readonly children: ReactNode;
  /** One key that opens and closes it; none where the user has switched keys off. */
  readonly shortcut?: string;
}

/** Something that is drawn only once it is opened. */
export function Fold({ name, children, shortcut = '' }: Props) {
  const [open, setOpen] = useState(false);
  useKey(shortcut, () => setOpen((was) => !was), shortcut !== '');
  return (
    <details open={open} onToggle={(event) => setOpen(event.currentTarget.open)}>
      <summary>{name}</summary>
      {open ? children : null}
    </details>
  );
}
