import js from '@eslint/js';
import prettier from 'eslint-config-prettier';
import hooks from 'eslint-plugin-react-hooks';
import { defineConfig, globalIgnores } from 'eslint/config';
import globals from 'globals';
import ts from 'typescript-eslint';

const COMMENT_COLUMNS = 120;
/** Attributes whose text a keeper sees or hears. */
const SPOKEN = /^(aria-label|aria-description|label|title|placeholder|alt|hint|heading|sentence)$/;

/** Rules of this house that no package has. */
const house = {
  rules: {
    'no-packed-properties': {
      create: (context) => ({
        'ObjectExpression > SpreadElement > ObjectExpression'(node) {
          context.report({ node, message: 'Write the properties themselves.' });
        },
      }),
    },
    // What a keeper reads stands in the text rooms.
    'keyed-text': {
      create: (context) => {
        const refuse = (node, text) => {
          if (/[A-Za-z]{2}/.test(text)) context.report({ node, message: 'Put it into the text room of this screen.' });
        };
        return {
          JSXText: (node) => refuse(node, node.value),
          JSXAttribute: (node) => {
            if (node.value?.type === 'Literal' && SPOKEN.test(String(node.name.name)))
              refuse(node, String(node.value.value));
          },
        };
      },
    },
    'comment-width': {
      create: (context) => ({
        Program() {
          const { sourceCode } = context;
          for (const { loc } of sourceCode.getAllComments())
            for (let line = loc.start.line; line <= loc.end.line; line += 1)
              if ((sourceCode.lines[line - 1] ?? '').length > COMMENT_COLUMNS)
                context.report({ loc: { line, column: 0 }, message: `A comment ends by column ${COMMENT_COLUMNS}.` });
        },
      }),
    },
  },
};

export default defineConfig(
  globalIgnores(['**/dist/**', 'server/drizzle/**', '.demo/**', '.results/**', '**/test-results/**']),
  js.configs.recommended,
  {
    files: ['**/*.ts', '**/*.tsx'],
    extends: [ts.configs.recommendedTypeChecked],
    languageOptions: { parserOptions: { projectService: true, tsconfigRootDir: import.meta.dirname } },
    plugins: { house },
    rules: {
      'house/no-packed-properties': 'error',
      'house/comment-width': 'error',
      '@typescript-eslint/consistent-type-imports': ['error', { fixStyle: 'inline-type-imports' }],
      '@typescript-eslint/no-explicit-any': 'error',
      '@typescript-eslint/no-unused-vars': [
        'error',
        { argsIgnorePattern: '^_', varsIgnorePattern: '^_', ignoreRestSiblings: true },
      ],
    },
  },
  {
    files: ['core/**/*.ts', 'painter/**/*.ts', 'standins/**/*.ts'],
    rules: {
      'no-restricted-syntax': ['error', { selector: 'ExportDefaultDeclaration', message: 'Name what is exported.' }],
      'no-restricted-properties': [
        'error',
        { object: 'Date', property: 'now', message: 'Time is passed in.' },
        { object: 'Math', property: 'random', message: 'Chance is passed in.' },
      ],
    },
  },
  {
    files: ['server/**/*.ts'],
    // Nest reads parameter types at run time: a type-only import there breaks injection silently.
    rules: { '@typescript-eslint/consistent-type-imports': 'off', '@typescript-eslint/no-extraneous-class': 'off' },
  },
  { files: ['web/**/*.tsx'], ignores: ['**/*.spec.tsx'], rules: { 'house/keyed-text': 'error' } },
  { files: ['web/**/*.{ts,tsx}'], extends: [hooks.configs.flat['recommended-latest']] },
  {
    files: ['web/**/*.{ts,tsx}'],
    rules: {
      'no-restricted-syntax': [
        'error',
        {
          // What an effect returns is called as its clean-up: some browsers give a promise where others give nothing.
          selector:
            'CallExpression[callee.name=/^use(Layout)?Effect$/] > ArrowFunctionExpression:not([body.type=/^(BlockStatement|ArrowFunctionExpression)$/], [body.operator="void"])',
          message: 'Give the effect a body in braces, or void.',
        },
      ],
    },
  },
  {
    files: ['**/*.spec.ts', '**/*.spec.tsx', 'e2e/**/*.ts'],
    rules: {
      '@typescript-eslint/no-unsafe-argument': 'off',
      '@typescript-eslint/no-unsafe-member-access': 'off',
      '@typescript-eslint/no-unsafe-assignment': 'off',
      '@typescript-eslint/unbound-method': 'off',
    },
  },
  { files: ['**/*.mjs', '**/*.cjs'], languageOptions: { globals: globals.node } },
  { files: ['web/public/*.js'], languageOptions: { globals: globals.browser } },
  prettier,
);
