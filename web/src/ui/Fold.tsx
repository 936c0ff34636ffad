import { useState, type ReactNode } from 'react';

interface Props {
  readonly name: string;
  readonly children: ReactNode;
}

/** Something that is drawn only once it is opened. */
export function Fold({ name, children }: Props) {
  const [open, setOpen] = useState(false);
  return (
    <details open={open} onToggle={(event) => setOpen(event.currentTarget.open)}>
      <summary>{name}</summary>
      {open ? children : null}
    </details>
  );
}
