export interface Loaded {
  readonly address: string;
  readonly home: string;
  heapMb(): Promise<number>;
  close(): Promise<void>;
}
export interface Answered {
  readonly ms: number;
  readonly at: number;
  readonly status: number;
}
type One = (client: number, turn: number) => Promise<number>;
export const STRANGER: Readonly<Record<string, string>>;
export function openLoaded(size: { recipes: number; bakes: number }): Promise<Loaded>;
export function quantile(times: readonly number[], share: number): number;
export function asked(clients: number, ms: number, one: One, pause?: number): Promise<Answered[]>;
export function readingsOf(house: Loaded): Readonly<Record<'list' | 'words' | 'recipe', One>>;
