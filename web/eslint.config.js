import js from '@eslint/js'
import hooks from 'eslint-plugin-react-hooks'
import ts from 'typescript-eslint'

export default ts.config(
  { ignores: ['node_modules', 'src/app/api.gen.ts', 'scripts'] },
  js.configs.recommended,
  ...ts.configs.recommended,
  {
    files: ['src/**/*.{ts,tsx}'],
    plugins: { 'react-hooks': hooks },
    rules: {
      ...hooks.configs.recommended.rules,
      '@typescript-eslint/consistent-type-imports': 'error',
      // Views reach the server through app/, never by themselves; the drawn dog knows neither.
      'no-restricted-globals': ['error', { name: 'fetch', message: 'Use the client in app/.' }],
    },
  },
  { files: ['src/dog/**'], rules: { 'no-restricted-imports': ['error', { patterns: ['../app/*', '../views/*', '../ui/*'] }] } },
  { files: ['src/ui/**'], rules: { 'no-restricted-imports': ['error', { patterns: ['../views/*'] }] } },
)
