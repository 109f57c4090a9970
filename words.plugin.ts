import { transformAsync, types, type NodePath, type PluginObj } from '@babel/core'
import macro from '@lingui/babel-plugin-lingui-macro'
import { compileMessage } from '@lingui/message-utils/compileMessage'
import type { Plugin } from 'vite'

/**
 * Every message that stands in the code is put together here, at the build: English needs neither a catalogue nor a reader of
 * messages where it runs.
 */
const compiled: PluginObj = {
  visitor: {
    ObjectExpression(at: NodePath<types.ObjectExpression>) {
      const member = (name: string) => at.node.properties.find((each) => types.isObjectProperty(each) && types.isIdentifier(each.key, { name }))
      const message = member('message')
      if (member('id') === undefined || !types.isObjectProperty(message) || !types.isStringLiteral(message.value)) return
      if (at.node.leadingComments?.some((comment) => comment.value.trim() === 'i18n') !== true) return
      message.value = types.valueToNode(compileMessage(message.value.value)) as types.Expression
    },
  },
}

/** What is said by `t` and `Trans` becomes a look-up; the rest of the file stays as it is. */
export function words(): Plugin {
  return {
    name: 'words',
    enforce: 'pre',
    async transform(code, id) {
      if (!/\.tsx?$/.test(id) || !code.includes('@lingui/')) return null
      const result = await transformAsync(code, {
        filename: id,
        configFile: false,
        babelrc: false,
        sourceMaps: true,
        parserOpts: { plugins: ['typescript', 'jsx'] },
        plugins: [[macro, { stripMessageField: false }], compiled],
      })
      return result === null ? null : { code: result.code ?? '', map: result.map }
    },
  }
}
