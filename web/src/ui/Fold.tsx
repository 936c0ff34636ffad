import { useState, type ReactNode } from 'react';
import { useKey } from '../app/useKey';
import { useSettings } from '../settings/useSettings';

interface Props {
  readonly name: string;
  readonly children: ReactNode;
  /** One key that opens and closes it. */
  readonly shortcut?: string;
}

/** Something that is drawn only once it is opened. */
export function Fold({ name, children, shortcut = '' }: Props) {
  const [open, setOpen] = useState(false);
  const { shortcuts = true } = useSettings().settings;
  useKey(shortcut, () => setOpen((was) => !was), shortcut !== '' && shortcuts);
  return (
    <details open={open} onToggle={(event) => setOpen(event.currentTarget.open)}>
      <summary>{name}</summary>
      {open ? children : null}
    </details>
  );
}
