import js from '@eslint/js'
import vue from 'eslint-plugin-vue'
import accessibility from 'eslint-plugin-vuejs-accessibility'
import ts from 'typescript-eslint'

// How lines look is Prettier's; what they may say is held here.
export default ts.config(
  { ignores: ['dist', 'src/api/schema.d.ts', 'third-party.mjs'] },
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
      'vuejs-accessibility/label-has-for': ['error', { required: { some: ['nesting', 'id'] } }],
    },
  },
)
