/**
 * Run by Node as it is, in workers whose modules stay warm from file to file: in a context of its own for each file, every
 * number of Math is looked up through it and everything is compiled anew, which takes twice as long. A file leaves nothing
 * changed behind it.
 */
const plain = (name) => ({
  displayName: name,
  rootDir: `${__dirname}/${name}`,
  runner: 'jest-light-runner',
  testMatch: ['<rootDir>/**/*.test.ts'],
  setupFiles: [`${__dirname}/core/testing/typescript.mjs`, `${__dirname}/core/testing/seeded.mjs`],
});

/** @type {import('jest').Config} */
module.exports = {
  // What a component test compiles on its way counts as its time: on a slow and cold machine that is most of it.
  testTimeout: 60_000,
  projects: [
    plain('contract'),
    plain('core'),
    { ...plain('scripts'), testMatch: ['<rootDir>/**/*.test.js'] },
    plain('server'),
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
      // Plain TypeScript is compiled as it is; Babel is for what has JSX, styles and the types of React Native.
      transform: {
        '/(core|contract)/.*\\.ts$': '@swc/jest',
        '<rootDir>/.*\\.ts$': '@swc/jest',
        // As it was generated: the largest file of all, and nothing in it is to be translated.
        '/react-native/Libraries/Renderer/implementations/': '@swc/jest',
        '/node_modules/(d3-[a-z-]+|internmap|@reduxjs/toolkit|immer|react-redux|date-fns|uuid)/': '@swc/jest',
      },
      transformIgnorePatterns: [
        'node_modules/(?!((jest-)?react-native|@react-native(-community)?|expo(nent)?|@expo(nent)?/.*|expo-.*|@expo-.*|standard-navigation|d3-.*|internmap|@reduxjs/toolkit|immer|react-redux|date-fns|uuid)/)',
      ],
    },
  ],
};
