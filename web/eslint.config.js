import js from '@eslint/js'
import hooks from 'eslint-plugin-react-hooks'
import ts from 'typescript-eslint'

const only = (message, ...patterns) => ({
    'no-restricted-imports': ['error', { patterns: [{ group: patterns, message }] }],
})

export default ts.config(
    { ignores: ['node_modules', 'src/app/api.gen.ts', 'scripts'] },
    js.configs.recommended,
    {
        files: ['src/**/*.{ts,tsx}'],
        extends: [...ts.configs.recommendedTypeChecked],
        languageOptions: { parserOptions: { projectService: true, tsconfigRootDir: import.meta.dirname } },
        plugins: { 'react-hooks': hooks },
        rules: {
            ...hooks.configs.recommended.rules,
            '@typescript-eslint/consistent-type-imports': 'error',
            '@typescript-eslint/no-non-null-assertion': 'error',
            // Views reach the server through app/, never by themselves; the drawn dog knows neither.
            'no-restricted-globals': ['error', { name: 'fetch', message: 'Use the client in app/.' }],
        },
    },
    // From left to right: dog and ui know nobody; app knows ui; parts know app, ui and dog; a view knows no other view.
    {
        files: ['src/dog/**'],
        ignores: ['**/*.test.*'],
        rules: only('The drawn dog stands alone.', '**/app/*', '**/views/**', '**/ui/*', '**/parts/*'),
    },
    {
        files: ['src/ui/**'],
        ignores: ['**/*.test.*'],
        rules: only('What every screen uses knows none of them.', '**/app/*', '**/views/**', '**/parts/*'),
    },
    {
        files: ['src/parts/**'],
        ignores: ['**/*.test.*'],
        rules: only('A part is used by views, not the other way round.', '**/views/**'),
    },
    {
        files: ['src/away/**'],
        ignores: ['**/*.test.*'],
        rules: only('What is kept on a device draws nothing.', '**/views/**', '**/ui/*'),
    },
    {
        files: ['src/views/**'],
        ignores: ['**/*.test.*'],
        rules: only('What two views share is a part: src/parts.', '../*/*', '!../../**'),
    },
)
