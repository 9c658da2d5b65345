const toCommonJs = (parser) => [
  '@swc/jest',
  {
    jsc: { target: 'es2023', parser, transform: { react: { runtime: 'automatic' } } },
    module: { type: 'commonjs' },
  },
]

/** Packages that ship as modules alone. */
const MODULES = 'ts-ics|ical.js|tinyqueue|@neaps|quick-lru|p-queue|p-timeout|image-dimensions'

/** Unit tests: plain TypeScript through SWC, no browser. */
export default {
  testEnvironment: 'node',
  // Pages of the tests run in Node all the same: packages are taken as Node takes them.
  testEnvironmentOptions: { customExportConditions: ['node', 'node-addons'] },
  // By default one core is left to watch mode, which nothing here uses.
  maxWorkers: '100%',
  // What the computations call often, handed to each file: a look through the sandbox's own globals is slow.
  sandboxInjectedGlobals: ['Math'],
  // A machine that shares its cores must not fail a property test: what is fast is measured in bench/.
  testTimeout: 300_000,
  // A large heap is put away slowly when the machine is busy; one that is never put away is still told of.
  workerGracefulExitTimeout: 30_000,
  roots: ['<rootDir>/core/src', '<rootDir>/cli/src', '<rootDir>/server/src', '<rootDir>/web/src'],
  // What a page of the tests lacks of a browser.
  setupFiles: ['<rootDir>/web/src/testing/globals.ts'],
  // How long tests wait for a page: set in one place.
  setupFilesAfterEnv: ['<rootDir>/web/src/testing/waits.ts'],
  testMatch: ['**/*.test.ts', '**/*.test.tsx'],
  transform: {
    '^.+\\.tsx?$': toCommonJs({ syntax: 'typescript', tsx: true }),
    [`/(${MODULES})/.+\\.js$`]: toCommonJs({ syntax: 'ecmascript' }),
  },
  transformIgnorePatterns: [`/node_modules/(?!(${MODULES})/)`],
  moduleNameMapper: {
    '^@hoxen/core/(.*)$': '<rootDir>/core/src/$1/index.ts',
    // Ships as modules; its other build is for tools that want none.
    '^d3-(array|path|shape)$': '<rootDir>/node_modules/d3-$1/dist/d3-$1.js',
    // Offers itself to modules alone.
    '^@neaps/(.+)$': '<rootDir>/node_modules/@neaps/$1/dist/index.js',
    // What the build turns into an address.
    '\\?url$': '<rootDir>/web/src/testing/address.ts',
  },
}
