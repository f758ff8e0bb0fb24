import js from '@eslint/js';
import globals from 'globals';

export default [
    js.configs.recommended,
    {
        languageOptions: { ecmaVersion: 2024, sourceType: 'module' },
        rules: {
            'no-empty-pattern': 'off',
            'no-unused-vars': ['error', { argsIgnorePattern: '^_' }],
            'no-shadow': 'error',
            'prefer-const': 'error',
            'no-var': 'error',
            eqeqeq: 'error',
        },
    },
    { files: ['resources/js/**'], languageOptions: { globals: globals.browser } },
    {
        files: ['tests/Browser/**', 'tests/Scripts/**'],
        languageOptions: { globals: { ...globals.node, ...globals.browser } },
    },
];
