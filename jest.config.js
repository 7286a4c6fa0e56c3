const swc = [
  '@swc/jest',
  { jsc: { parser: { syntax: 'typescript' }, target: 'es2022' }, module: { type: 'commonjs' } },
];

const plain = (name) => ({
  displayName: name,
  rootDir: `${__dirname}/${name}`,
  testEnvironment: 'node',
  testMatch: ['<rootDir>/**/*.test.ts'],
  transform: { '^.+\\.ts$': swc },
  setupFiles: [`${__dirname}/core/testing/seeded.js`],
});

/** @type {import('jest').Config} */
module.exports = {
  // Opening a database takes seconds, and more on a busy machine.
  testTimeout: 60_000,
  projects: [
    plain('contract'),
    plain('core'),
    { ...plain('scripts'), testMatch: ['<rootDir>/**/*.test.js'], transform: {} },
    { ...plain('server'), maxWorkers: 2 },
    {
      displayName: 'app',
      preset: 'jest-expo',
      rootDir: `${__dirname}/app`,
      testMatch: ['<rootDir>/**/*.test.ts', '<rootDir>/**/*.test.tsx'],
      moduleNameMapper: {
        '^(d3-[a-z-]+)$': `${__dirname}/node_modules/$1/dist/$1.js`,
        '^@/ui/icons$': '<rootDir>/testing/noIcons.js',
        // There is no store of a browser in a test.
        '^idb-keyval$': '<rootDir>/testing/inMemory.js',
        '^@/(.*)$': '<rootDir>/$1',
      },
      transformIgnorePatterns: [
        'node_modules/(?!((jest-)?react-native|@react-native(-community)?|expo(nent)?|@expo(nent)?/.*|expo-.*|@expo-.*|nativewind|standard-navigation|react-native-css-interop|react-native-svg|lucide-react-native|d3-.*|internmap|@reduxjs/toolkit|immer|react-redux|date-fns|uuid)/)',
      ],
    },
  ],
};
