export default function startDatabase(): Promise<void>;
