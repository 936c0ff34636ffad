import { useLayoutEffect, useState, type ReactNode } from 'react';
import { FIRST_STYLE_ID } from '@omniarton/contracts/paths-and-errors';

type Field = HTMLInputElement | HTMLTextAreaElement;

const fieldsIn = (place: ParentNode): Field[] => [
  ...place.querySelectorAll<Field>('input:not([type="checkbox"], [type="file"]), textarea'),
];

/** Puts text into a field as a person does, so that whoever holds its value hears of it. */
function type(field: Field, text: string): void {
  const kind = field instanceof HTMLTextAreaElement ? HTMLTextAreaElement : HTMLInputElement;
  Object.getOwnPropertyDescriptor(kind.prototype, 'value')!.set!.call(field, text);
  field.dispatchEvent(new Event('input', { bubbles: true }));
}

/**
 * Stands where a server wrote the same before: what somebody has typed into that goes on in this, and so does the focus. The fields of
 * both stand in one order.
 */
export function InPlaceOf({
  written,
  children,
}: {
  readonly written: HTMLElement;
  readonly children: ReactNode;
}) {
  const [before] = useState(() => fieldsIn(written));
  const [focus] = useState(() => before.findIndex((one) => one === document.activeElement));
  useLayoutEffect(() => {
    document.getElementById(FIRST_STYLE_ID)?.remove();
    const now = fieldsIn(written);
    before.forEach((was, at) => {
      const field = now[at];
      if (field && field !== was && was.value !== '' && field.value === '') type(field, was.value);
    });
    if (focus >= 0) now[focus]?.focus();
  }, [before, focus, written]);
  return children;
}
