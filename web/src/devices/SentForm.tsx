import type { FormEvent, ReactNode } from 'react';
import { Heading, Stack } from '../ui/layout';
import { Notice } from '../ui/Notice';

interface Props {
  readonly id: string;
  readonly name: string;
  /** Why it wasn't taken. */
  readonly trouble: string | null;
  readonly onSend: () => void;
  readonly children: ReactNode;
}

/** Lines that are sent as a whole, by a press or by Enter. */
export function SentForm({ id, name, trouble, onSend, children }: Props) {
  const send = (event: FormEvent) => {
    event.preventDefault();
    onSend();
  };
  return (
    <Stack as="form" $gap={3} aria-labelledby={id} onSubmit={send}>
      <Heading id={id}>{name}</Heading>
      {children}
      {trouble === null ? null : (
        <Notice tone="danger" loud>
          {trouble}
        </Notice>
      )}
    </Stack>
  );
}
