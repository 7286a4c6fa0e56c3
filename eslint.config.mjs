import js from '@eslint/js';
import reactHooks from 'eslint-plugin-react-hooks';
import tseslint from 'typescript-eslint';

const NOT_IN_THE_CORE = [
  { object: 'Date', property: 'now', message: 'The core is given its clock.' },
  { object: 'Math', property: 'random', message: 'The core is given its seed.' },
];

const ONE_CLOCK = 'Nothing asks the time but app/state/clock.ts, which runs at a rate: nowMs(), nowDate(), nowIso().';

/** What an evening names may be the cook's own: only what is written out here is looked up without its document. */
const IN_THE_CATALOGUE_OF_TONIGHT = {
  selector:
    'CallExpression[callee.name="ingredientById"]:not([arguments.0.type="Literal"]):not([arguments.0.name=/^[A-Z_]+$/])',
  message: 'Look it up in the catalogue of its evening (menu.catalogue, catalogueOf, useCatalogue).',
};

const GIVEN_ITS_CLOCK = {
  selector: 'NewExpression[callee.name="Date"][arguments.length=0]',
  message: 'The core is given its clock.',
};

const NOT_COMPARED_AS_TEXT = {
  selector:
    'BinaryExpression[operator=/^[!=]==$/] > CallExpression[callee.object.name="JSON"][callee.property.name="stringify"]',
  message: 'Text differs with the order of keys. Compare the things themselves.',
};

export default tseslint.config(
  {
    ignores: [
      '**/node_modules/',
      'app/dist/',
      'server/dist/',
      'bench/empty/dist/',
      'app/public/',
      'app/.expo/',
      'app/expo-env.d.ts',
      '.cache/',
      '.data/',
      'e2e/results/',
      'coverage/',
      'server/store/migrations/',
    ],
  },
  js.configs.recommended,
  ...tseslint.configs.recommended,
  {
    rules: {
      eqeqeq: ['error', 'always'],
      'no-console': ['error', { allow: ['error', 'warn'] }],
      'prefer-const': 'error',
      '@typescript-eslint/consistent-type-imports': ['error', { fixStyle: 'inline-type-imports' }],
      '@typescript-eslint/no-unused-vars': ['error', { argsIgnorePattern: '^_', ignoreRestSiblings: true }],
      'no-restricted-syntax': ['error', NOT_COMPARED_AS_TEXT],
      // Workers of one process have one number between them: what only one of them may write has another name.
      'no-restricted-properties': ['error', { object: 'process', property: 'pid', message: 'Use a random name.' }],
      'max-lines': ['warn', { max: 350, skipBlankLines: true }],
    },
  },
  {
    files: ['**/*.{js,cjs,mjs}'],
    languageOptions: {
      globals: Object.fromEntries(
        [
          ...['module', 'require', 'process', '__dirname', 'console', 'URL', 'setTimeout', 'fetch'],
          // Of the tests.
          ...['describe', 'test', 'expect'],
        ].map((name) => [name, 'readonly']),
      ),
    },
    rules: { '@typescript-eslint/no-require-imports': 'off' },
  },
  { files: ['bench/**/*.ts'], rules: { 'no-console': 'off' } },
  {
    files: ['core/**/*.ts', 'contract/**/*.ts'],
    ignores: ['**/*.test.ts', 'core/testing/**'],
    rules: {
      'no-restricted-properties': ['error', ...NOT_IN_THE_CORE],
      'no-restricted-globals': ['error', 'window', 'document', 'fetch', 'process', 'setTimeout', 'setInterval'],
      'no-restricted-syntax': ['error', NOT_COMPARED_AS_TEXT, IN_THE_CATALOGUE_OF_TONIGHT, GIVEN_ITS_CLOCK],
    },
  },
  {
    files: ['app/**/*.{ts,tsx}'],
    plugins: { 'react-hooks': reactHooks },
    rules: { 'react-hooks/rules-of-hooks': 'error', 'react-hooks/exhaustive-deps': 'error' },
  },
  {
    files: ['app/**/*.{ts,tsx}'],
    ignores: ['**/*.test.{ts,tsx}', 'app/testing/**', 'app/state/clock.ts'],
    rules: {
      'no-restricted-properties': ['error', { object: 'Date', property: 'now', message: ONE_CLOCK }],
      'no-restricted-syntax': [
        'error',
        NOT_COMPARED_AS_TEXT,
        IN_THE_CATALOGUE_OF_TONIGHT,
        { selector: 'NewExpression[callee.name="Date"][arguments.length=0]', message: ONE_CLOCK },
      ],
    },
  },
  // Data is as long as it is, and knows nothing of evenings.
  {
    files: ['core/catalogue/**/*.ts'],
    rules: { 'max-lines': 'off', 'no-restricted-syntax': ['error', NOT_COMPARED_AS_TEXT, GIVEN_ITS_CLOCK] },
  },
);
