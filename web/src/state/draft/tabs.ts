/** What tabs of one browser tell each other: that a recipe has been saved. */
export interface TabNews {
  readonly saved: string;
  readonly version: number;
}

/** A server that writes the page has no tabs beside it. */
const channel =
  typeof document === 'undefined' || typeof BroadcastChannel === 'undefined'
    ? undefined
    : new BroadcastChannel('omniarton');

export const tellTabs = (news: TabNews): void => channel?.postMessage(news);

export function hearTabs(hear: (news: TabNews) => void): void {
  channel?.addEventListener('message', ({ data }: MessageEvent<TabNews>) => hear(data));
}
