const transform = {
  '^.+\\.(t|j|mj)sx?$': [
    '@swc/jest',
    {
      jsc: {
        parser: { syntax: 'typescript', tsx: true, decorators: true },
        transform: { legacyDecorator: true, useDefineForClassFields: true, react: { runtime: 'automatic' } },
        target: 'es2022',
      },
      module: { type: 'commonjs' },
    },
  ],
};
const common = {
  transform,
  transformIgnorePatterns: [
    '/node_modules/(?!(@omniarton|parse-ingredient|numeric-quantity|uuid|diff|fastest-levenshtein|htmlparser2|domutils|domhandler|domelementtype|dom-serializer|entities|marked|nanoid|ics)/)',
  ],
  moduleNameMapper: {
    '^@omniarton/core/(.*)$': '<rootDir>/core/src/$1/index.ts',
    '^@omniarton/contracts/(.*)$': '<rootDir>/contracts/src/$1.ts',
    '^@omniarton/contracts$': '<rootDir>/contracts/src/index.ts',
  },
  testEnvironment: 'node',
};

export default {
  // As many workers as cores: by default one core is left idle, and half of a machine with two.
  maxWorkers: '100%',
  // A limit is there to end what hangs, not to judge how busy the machine is.
  testTimeout: 180_000,
  projects: [
    {
      ...common,
      displayName: 'page',
      testMatch: ['<rootDir>/web/src/**/*.test.{ts,tsx}'],
      testEnvironment: '<rootDir>/web/src/testing/environment.cjs',
      setupFilesAfterEnv: ['<rootDir>/web/src/testing/setup.ts'],
      moduleNameMapper: {
        ...common.moduleNameMapper,
        // Pages are tested with the engine itself, without its workers.
        '\\.png$': '<rootDir>/web/src/testing/picture.ts',
        '/engine/engine$|^\\./engine$': '<rootDir>/web/src/testing/engine.ts',
      },
    },
    {
      ...common,
      displayName: 'unit',
      setupFiles: ['reflect-metadata'],
      testMatch: ['<rootDir>/(core|cli|contracts)/src/**/*.test.ts'],
    },
    {
      ...common,
      displayName: 'api',
      testMatch: ['<rootDir>/server/src/**/*.test.ts'],
      globalSetup: '<rootDir>/server/src/testing/startDatabase.mjs',
      globalTeardown: '<rootDir>/server/src/testing/stopDatabase.mjs',
      setupFiles: ['reflect-metadata'],
    },
  ],
};
