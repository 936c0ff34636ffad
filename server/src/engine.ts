declare const __ENGINE__: string;

/** The engine's version, put in by the build; in tests there is no build. */
export const ENGINE: string = typeof __ENGINE__ === 'string' ? __ENGINE__ : 'unbuilt';
