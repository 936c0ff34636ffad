let asked = false;

/** Keeps the page at hand for when the server is gone: from the first bake day on. */
export function keepAtHand(): void {
  if (asked || !('serviceWorker' in navigator)) return;
  asked = true;
  void navigator.serviceWorker.register('/sw.js').catch(() => undefined);
}
