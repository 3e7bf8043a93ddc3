import hooks from 'eslint-plugin-react-hooks'
import tseslint from 'typescript-eslint'

// Features see api, ui and themselves; the application sees all. See docs/architecture.md.
export default tseslint.config(
  { ignores: ['dist', 'target', 'src/api/generated'] },
  ...tseslint.configs.recommended,
  {
    files: ['src/**/*.{ts,tsx}'],
    plugins: { 'react-hooks': hooks },
    rules: {
      // what the compiler of React finds takes nine tenths of the time: `npm run lint:whole`, in `./ofisino prove pages`
      ...(process.env.OFISINO_WHOLE_LINT
        ? hooks.configs.recommended.rules
        : { 'react-hooks/rules-of-hooks': 'error', 'react-hooks/exhaustive-deps': 'error' }),
      '@typescript-eslint/no-explicit-any': 'error',
      'no-restricted-imports': [
        'error',
        { patterns: [{ regex: '^@/features/', message: 'A feature sees only api, ui and itself.' }] },
      ],
    },
  },
  {
    // a text that is not in the catalogue is said in one language alone
    files: ['src/**/*.tsx'],
    ignores: ['src/**/*.test.tsx', 'src/test/**'],
    rules: {
      'no-restricted-syntax': [
        'error',
        {
          selector: 'JSXText[value=/^(?!\\s*(Ofisino|\\.\\/ofisino .*)\\s*$).*[A-Za-z]{2,}/s]',
          message: 'Words come from the catalogue: t(…).',
        },
        {
          selector:
            'JSXAttribute[name.name=/^(aria-label|title|placeholder|alt|label|hint)$/] > Literal[value=/[A-Za-z]{2,}/]',
          message: 'Words come from the catalogue: t(…).',
        },
      ],
    },
  },
  {
    files: ['src/main.tsx'],
    rules: {
      'no-restricted-imports': [
        'error',
        {
          paths: [
            {
              name: 'react-router',
              importNames: ['RouterProvider'],
              message: 'That of react-router/dom knows flushSync.',
            },
          ],
        },
      ],
    },
  },
  { files: ['src/app/**'], rules: { 'no-restricted-imports': 'off' } },
  {
    files: ['src/ui/**', 'src/api/**'],
    rules: {
      'no-restricted-imports': [
        'error',
        { patterns: [{ regex: '^@/(features|app)/', message: 'ui and api look at no feature.' }] },
      ],
    },
  },
)
