import lingui from 'eslint-plugin-lingui'
import reactHooks from 'eslint-plugin-react-hooks'
import tseslint from 'typescript-eslint'

export default tseslint.config(
  { ignores: ['public/build', 'vendor', 'node_modules', 'var'] },
  ...tseslint.configs.strict,
  {
    files: ['resources/js/**/*.{ts,tsx}'],
    plugins: { 'react-hooks': reactHooks },
    rules: {
      ...reactHooks.configs.recommended.rules,
      '@typescript-eslint/consistent-type-imports': 'error',
      'max-lines': ['error', 200],
      // What cannot be broken is left out: a sentence, an address, a pattern.
      'max-len': ['error', { code: 120, ignoreStrings: true, ignoreTemplateLiterals: true, ignoreRegExpLiterals: true }],
    },
  },
  {
    // Whatever is read on the page goes through the catalogue: `t` or `Trans`.
    files: ['resources/js/**/*.{ts,tsx}'],
    ignores: ['**/*.test.*', 'resources/js/offline/**'],
    languageOptions: { parserOptions: { projectService: true, tsconfigRootDir: import.meta.dirname } },
    plugins: { lingui },
    rules: {
      'lingui/no-unlocalized-strings': ['error', {
        useTsTypes: true,
        ignore: [
          // A single word in small letters is a value, a key or a name of a class; `named` reads those of the trade.
          '^(?![A-Za-z]*[A-Z ]).*$',
          '^[a-zA-Z]+[A-Z0-9_-][a-zA-Z0-9_-]*$',
          // What is no language: signs, codes, addresses, drawing, a sample of what is typed.
          '^[^A-Za-z]*$', '^[A-Z0-9/.,+: ]{1,8}$', '^M[ 0-9]', 'T00:00:00Z$', '^(Esc|Enter|Tinta|Escape|Steps)$', '^code, name, pack', '^XSRF-TOKEN=',
          // What the simulated scale and a correction are told.
          '^(flow|bowl|drop|garbage|drift|unit|slow|freeze|pour|pie) [0-9a-z]', '^(level|minutes) [-+]',
          '^Atkinson Hyperlegible', '^no developer$', '^(English|Português)$',
        ],
        ignoreNames: [
          { regex: { pattern: 'className', flags: 'i' } }, { regex: { pattern: '^data-' } },
          { regex: { pattern: '^aria-(hidden|live|controls|current|pressed|expanded|haspopup|labelledby|describedby|modal|atomic|sort)$' } },
          'id', 'htmlFor', 'key', 'type', 'name', 'role', 'to', 'd', 'viewBox', 'rel', 'variant', 'size', 'autoComplete', 'inputMode', 'href', 'src', 'accept', 'method',
          'style', 'transform', 'points', 'fill', 'stroke', 'queryKey', 'target', 'Accept', 'X-XSRF-TOKEN', 'Content-Type', 'command',
        ],
        ignoreFunctions: [
          '*.includes', '*.startsWith', '*.endsWith', '*.addEventListener', '*.removeEventListener', 'addEventListener', '*.querySelector', '*.querySelectorAll', '*.getElementById',
          'Error', 'z.*', '*.get', '*.post', '*.put', '*.delete', '*.set', 'fetch', 'lazy', '*.split', '*.join', '*.replace', '*.match', '*.closest', '*.setAttribute', '*.getPropertyValue',
        ],
      }],
    },
  },
)
