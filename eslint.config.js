import js from '@eslint/js';
import a11y from 'eslint-plugin-jsx-a11y';
import hooks from 'eslint-plugin-react-hooks';
import globals from 'globals';
import tseslint from 'typescript-eslint';

export default tseslint.config(
    { ignores: ['public/**', 'node_modules/**', 'vendor/**', '**/*.d.ts', '*.config.*'] },
    js.configs.recommended,
    {
        files: ['resources/js/**/*.{ts,tsx}'],
        extends: [...tseslint.configs.recommendedTypeChecked, hooks.configs.flat['recommended-latest'], a11y.flatConfigs.strict],
        languageOptions: {
            globals: globals.browser,
            parserOptions: { project: ['./tsconfig.json', './tsconfig.sw.json'], tsconfigRootDir: import.meta.dirname },
        },
        rules: {
            // What a button looks like is its look: a colour given beside it would hang on the order of classes.
            'no-restricted-syntax': [
                'error',
                {
                    selector:
                        "JSXOpeningElement[name.name='Button'] JSXAttribute[name.name='className'] :matches(Literal[value=/(^|[ :])(bg|border|text)-(?!sm|base|lg|xl|2xl|center|left)/])",
                    message: 'Give the button another look instead of a colour of its own.',
                },
            ],
            '@typescript-eslint/no-misused-promises': ['error', { checksVoidReturn: { attributes: false } }],
            'max-lines-per-function': ['error', { max: 150, skipBlankLines: true, skipComments: true }],
        },
    },
    {
        files: ['resources/js/**/*.test.{ts,tsx}', 'resources/js/test-setup.ts'],
        rules: {
            '@typescript-eslint/unbound-method': 'off',
            '@typescript-eslint/no-empty-function': 'off',
            'max-lines-per-function': 'off',
        },
    },
);
