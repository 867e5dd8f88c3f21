/**
 * A table by words (`Record<string, …>`) is never read with brackets: a title with the word "constructor" would find what
 * every object has. `rowOf` (core/text/lookup.ts) asks for the table's own rows; a `Map` has no others. Tables are constants,
 * named in capitals.
 */
const isTable = annotation => /^(?:Readonly<)?Record<string,/u.test(annotation.replace(/\s+/gu, ''))

/** @type {import('eslint').Rule.RuleModule} */
export const ownRows = {
  meta: { type: 'problem', schema: [], messages: { bare: '{{name}} is a table by words: ask rowOf({{name}}, …), which finds its own rows alone.' } },
  create(context) {
    const { sourceCode } = context
    return {
      'MemberExpression[computed=true]'(node) {
        if (node.object.type !== 'Identifier' || !/^[A-Z][A-Z_]+$/u.test(node.object.name) || node.property.type === 'Literal') return
        // Written to, it finds nothing.
        if (node.parent.type === 'AssignmentExpression' && node.parent.left === node) return
        const { references } = sourceCode.getScope(node)
        const found = references.find(one => one.identifier === node.object)?.resolved
        const typed = found?.defs.some(({ name }) => name.typeAnnotation && isTable(sourceCode.getText(name.typeAnnotation.typeAnnotation)))
        if (typed) context.report({ node, messageId: 'bare', data: { name: node.object.name } })
      },
    }
  },
}
