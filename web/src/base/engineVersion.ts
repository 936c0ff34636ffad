declare const __ENGINE__: string;

/** The engine that this page was built with; in tests there is no build. */
export const ENGINE: string = typeof __ENGINE__ === 'string' ? __ENGINE__ : 'unbuilt';
