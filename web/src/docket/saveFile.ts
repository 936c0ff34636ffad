/** Hands a text to the browser's own downloads. */
export function saveFile(name: string, type: string, text: string): void {
  const url = URL.createObjectURL(new Blob([text], { type: `${type};charset=utf-8` }));
  const link = document.createElement('a');
  link.href = url;
  link.download = name;
  link.click();
  URL.revokeObjectURL(url);
}

/** Offers a text as a file to the system's share sheet; where it can't be shared, or nobody wants it after all, it is saved. */
export async function shareFile(name: string, type: string, text: string): Promise<void> {
  const file = new File([text], name, { type });
  const what = { files: [file], title: name };
  if (!navigator.canShare?.(what)) return saveFile(name, type, text);
  try {
    await navigator.share(what);
  } catch (error) {
    // Put away by the person: that is no failure.
    if (!(error instanceof DOMException && error.name === 'AbortError')) saveFile(name, type, text);
  }
}

/** A file's name out of a recipe's title. */
export const fileName = (title: string): string =>
  title
    .normalize('NFKD')
    .replace(/[^\p{L}\p{N}]+/gu, '-')
    .replace(/^-|-$/g, '')
    .toLowerCase() || 'recipe';
