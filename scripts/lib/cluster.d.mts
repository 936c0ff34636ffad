export interface Cluster {
  start(options?: { port?: number; fsync?: boolean }): Promise<{ pid: number; port: number }>;
  stop(): void;
  url(port: number): string;
}
export function cluster(data: string): Cluster;
