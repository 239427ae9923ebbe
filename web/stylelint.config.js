/** Colours are tokens of styles/base.css and stand nowhere else. */
export default {
  extends: ['stylelint-config-standard', 'stylelint-config-recommended-vue'],
  ignoreFiles: ['dist/**', 'node_modules/**'],
  overrides: [
    {
      files: ['src/**/*.vue'],
      rules: { 'color-no-hex': true, 'function-disallowed-list': ['rgb', 'rgba', 'hsl', 'hsla'] },
    },
  ],
}
