import js from '@eslint/js'
import hooks from 'eslint-plugin-react-hooks'
import { defineConfig, globalIgnores } from 'eslint/config'
import ts from 'typescript-eslint'

export default defineConfig(
  globalIgnores(['target', 'src/api/schema.d.ts']),
  js.configs.recommended,
  {
    files: ['src/**/*.{ts,tsx}'],
    extends: [ts.configs.strictTypeChecked, ts.configs.stylisticTypeChecked, hooks.configs.flat.recommended],
    languageOptions: { parserOptions: { projectService: true } },
    rules: {
      '@typescript-eslint/consistent-type-definitions': ['error', 'type'],
      '@typescript-eslint/restrict-template-expressions': ['error', { allowNumber: true }],
      '@typescript-eslint/no-confusing-void-expression': ['error', { ignoreArrowShorthand: true }],
      'no-restricted-syntax': [
        'error',
        { selector: 'ExportDefaultDeclaration', message: 'Named exports only: a thing keeps its name.' },
      ],
    },
  },
  // The product's own controls know no case: they serve every view, and dialogs and settings beside it.
  {
    files: ['src/{answer,client,entry,field,format,handout,panel,picture,sentence,ui,working}/**'],
    ignores: ['**/*.test.*'],
    rules: {
      'no-restricted-imports': [
        'error',
        { patterns: [{ group: ['**/casefile/**', '**/cases/**', '**/practice/**', '**/account/**'] }] },
      ],
    },
  },
)
