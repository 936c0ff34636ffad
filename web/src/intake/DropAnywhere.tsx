import { useEffect, useState } from 'react';
import { styled } from 'styled-components';
import { isTyping } from '../base/useKey';

/** A text that is pasted beside any field is taken for a file when it has more than one line. */
const PASTED = 'pasted text';

function pastedFiles({ target, clipboardData }: ClipboardEvent): File[] {
  if (isTyping(target) || !clipboardData) return [];
  if (clipboardData.files.length > 0) return [...clipboardData.files];
  const text = clipboardData.getData('text/plain');
  return text.trim().includes('\n') ? [new File([text], PASTED)] : [];
}

const hasFiles = (event: DragEvent) => event.dataTransfer?.types.includes('Files') ?? false;

/** Files dropped, or recipes pasted, anywhere on the page are taken in; while files hang over it the page says so. */
export function DropAnywhere({ onFiles }: { readonly onFiles: (files: readonly File[]) => void }) {
  const [over, setOver] = useState(false);
  useEffect(() => {
    let depth = 0;
    const enter = (event: DragEvent) => {
      if (!hasFiles(event)) return;
      depth += 1;
      setOver(true);
    };
    const leave = () => {
      depth = Math.max(0, depth - 1);
      if (depth === 0) setOver(false);
    };
    const hang = (event: DragEvent) => (hasFiles(event) ? event.preventDefault() : undefined);
    const drop = (event: DragEvent) => {
      if (!hasFiles(event)) return;
      event.preventDefault();
      depth = 0;
      setOver(false);
      onFiles([...(event.dataTransfer?.files ?? [])]);
    };
    const paste = (event: ClipboardEvent) => {
      const files = pastedFiles(event);
      if (files.length === 0) return;
      event.preventDefault();
      onFiles(files);
    };
    addEventListener('paste', paste);
    addEventListener('dragenter', enter);
    addEventListener('dragleave', leave);
    addEventListener('dragover', hang);
    addEventListener('drop', drop);
    return () => {
      removeEventListener('paste', paste);
      removeEventListener('dragenter', enter);
      removeEventListener('dragleave', leave);
      removeEventListener('dragover', hang);
      removeEventListener('drop', drop);
    };
  }, [onFiles]);
  return over ? <Over role="status">Let go: each file is read here, and nothing in it is run</Over> : null;
}

const Over = styled.div`
  position: fixed;
  z-index: 60;
  inset: ${({ theme }) => theme.space(3)};
  display: grid;
  place-items: center;
  border: 4px dashed ${({ theme }) => theme.colour.act};
  background: color-mix(in srgb, ${({ theme }) => theme.colour.ground} 88%, transparent);
  font: 600 1.6rem/1.2 ${({ theme }) => theme.font.written};
  pointer-events: none;
`;
