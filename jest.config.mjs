/** Unit tests: plain TypeScript through SWC, no browser. */
export default {
  testEnvironment: 'node',
  // By default one core is left to watch mode, which nothing here uses.
  maxWorkers: '100%',
  roots: ['<rootDir>/core/src', '<rootDir>/cli/src', '<rootDir>/server/src', '<rootDir>/web/src'],
  testMatch: ['**/*.test.ts'],
  transform: {
    '^.+\\.[jt]sx?$': [
      '@swc/jest',
      {
        jsc: { target: 'es2023', parser: { syntax: 'typescript', tsx: true } },
        module: { type: 'commonjs' },
      },
    ],
  },
  // Packages that ship as modules only.
  transformIgnorePatterns: ['/node_modules/(?!(d3-array|internmap)/)'],
  moduleNameMapper: { '^@hoxen/core/(.*)$': '<rootDir>/core/src/$1/index.ts' },
}
