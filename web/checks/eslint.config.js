import js from '@eslint/js'
import vue from 'eslint-plugin-vue'
import accessible from 'eslint-plugin-vuejs-accessibility'
import formatted from 'eslint-config-prettier/flat'
import ts from 'typescript-eslint'

export default ts.config(
  { ignores: ['target/**', 'node_modules/**', 'checks/node_modules/**', 'src/api/schema.d.ts'] },
  js.configs.recommended,
  ...ts.configs.recommended,
  ...vue.configs['flat/recommended'],
  ...accessible.configs['flat/recommended'],
  {
    files: ['**/*.vue', '**/*.ts'],
    languageOptions: { parserOptions: { parser: ts.parser } },
    rules: {
      'no-undef': 'off',
      'vue/max-attributes-per-line': 'off',
      'vue/singleline-html-element-content-newline': 'off',
      'vue/html-self-closing': ['error', { html: { void: 'always' } }],
      // A control inside its label, or one that the label names: either will do.
      'vuejs-accessibility/label-has-for': ['error', { required: { some: ['nesting', 'id'] } }],
      'max-lines': ['error', { max: 250 }],
    },
  },
  formatted,
  { files: ['build/*.mjs', 'checks/*.mjs'], languageOptions: { globals: { process: 'readonly', console: 'readonly' } } },
)
