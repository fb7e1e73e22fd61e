import js from '@eslint/js'
import vue from 'eslint-plugin-vue'
import accessibility from 'eslint-plugin-vuejs-accessibility'
import ts from 'typescript-eslint'

// How lines look is Prettier's; what they may say is held here.
export default ts.config(
  { ignores: ['dist', 'target', 'src/api/schema.d.ts', 'third-party.mjs'] },
  js.configs.recommended,
  ...ts.configs.recommended,
  ...vue.configs['flat/essential'],
  ...accessibility.configs['flat/recommended'],
  {
    languageOptions: { parserOptions: { parser: ts.parser } },
    rules: {
      // TypeScript knows what is defined.
      'no-undef': 'off',
      // A label around its control or one that names it: both are read aloud.
      'vuejs-accessibility/label-has-for': [
        'error',
        { required: { some: ['nesting', 'id'] }, controlComponents: ['Switch'] },
      ],
      // A heading may be the field in which its words are edited; that has a name of its own.
      'vuejs-accessibility/heading-has-content': ['error', { accessibleChildren: ['input'] }],
      // Lists and drawings take keys and drags for what stands in them, which can be focused itself.
      'vuejs-accessibility/no-static-element-interactions': 'off',
      'vuejs-accessibility/interactive-supports-focus': 'off',
    },
  },
  // How long things may become, counted as they are laid out.
  { files: ['**/*.ts'], ignores: ['**/*.test.ts'], rules: { 'max-lines': ['error', 400] } },
  { files: ['**/*.vue'], rules: { 'max-lines': ['error', 300] } },
)
