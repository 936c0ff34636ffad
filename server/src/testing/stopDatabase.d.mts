export default function stopDatabase(): void;
