import js from '@eslint/js'
import vue from 'eslint-plugin-vue'
import tseslint from 'typescript-eslint'

/** Packages that make an interface, a store or a server; `core/` knows none of them. */
const interfacePackages = ['vue', 'vue-router', 'vuetify', 'pinia', 'nuxt', 'h3', 'comlink', 'dexie', 'd3']

export default tseslint.config(
  { ignores: ['.nuxt/', '.output/', 'node_modules/', 'test-results/', 'docs/**/*.json'] },
  js.configs.recommended,
  ...tseslint.configs.recommended,
  ...vue.configs['flat/recommended'],
  { files: ['**/*.vue'], languageOptions: { parserOptions: { parser: tseslint.parser } } },
  // What only the types can tell: a promise that nobody waits for, a case that is not thought of, an object told as “[object Object]”.
  {
    files: ['core/**/*.ts', 'speech/**/*.ts', 'app/**/*.ts', 'app/**/*.vue', 'server/**/*.ts'],
    ignores: ['**/*.test.ts'],
    languageOptions: {
      parserOptions: { projectService: true, tsconfigRootDir: import.meta.dirname, extraFileExtensions: ['.vue'] },
    },
    rules: {
      '@typescript-eslint/no-floating-promises': 'error',
      '@typescript-eslint/no-misused-promises': 'error',
      '@typescript-eslint/await-thenable': 'error',
      '@typescript-eslint/require-await': 'error',
      '@typescript-eslint/no-for-in-array': 'error',
      '@typescript-eslint/switch-exhaustiveness-check': ['error', { considerDefaultExhaustiveForUnions: true }],
      '@typescript-eslint/restrict-template-expressions': ['error', { allowNumber: true }],
    },
  },
  {
    rules: {
      'no-undef': 'off',
      'no-control-regex': 'error',
      '@typescript-eslint/no-explicit-any': 'error',
      'vue/multi-word-component-names': 'off',
      'vue/max-attributes-per-line': 'off',
      'vue/singleline-html-element-content-newline': 'off',
      'vue/html-self-closing': ['warn', { html: { void: 'always', normal: 'always' } }],
      'vue/multiline-html-element-content-newline': 'off',
      'vue/no-v-html': 'error',
      'vue/require-default-prop': 'off',
    },
  },
  {
    files: ['core/**/*.ts'],
    ignores: ['core/**/*.test.ts'],
    rules: {
      'no-restricted-imports': [
        'error',
        {
          paths: interfacePackages,
          patterns: [
            {
              group: ['vue/*', 'vuetify/*', 'nuxt/*', '@nuxt/*', '@vue/*', '@pinia/*', 'node:*'],
              message: 'core/ is pure: no interface, storage or Node.',
            },
            {
              regex: '^(#imports|#app|#build|#components|#shared|~~?|@@?)(/|$)|/(app|server|bin)/',
              message: 'core/ knows nothing above it.',
            },
            { regex: '^\\.\\./(?!.*rules/)[a-z-]+/', message: 'Use the folder’s face: #core/<folder>.' },
          ],
        },
      ],
      'no-restricted-globals': [
        'error',
        'window',
        'document',
        'process',
        'performance',
        'setTimeout',
        'setInterval',
        'fetch',
        'localStorage',
      ],
      'no-restricted-properties': [
        'error',
        { object: 'Date', property: 'now', message: 'Pass the clock in.' },
        { object: 'Math', property: 'random', message: 'Pass the randomness in.' },
      ],
    },
  },
)
