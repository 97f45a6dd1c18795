import type { ExpressionNode, NodeTransform, SimpleExpressionNode } from '@vue/compiler-core'
import { ConstantTypes, NodeTypes, createCompoundExpression } from '@vue/compiler-core'
import { hasOwnWord } from '../../core/words'

/** Attributes that are read by people. */
const READ = new Set(['label', 'title', 'placeholder', 'name', 'alt', 'aria-label', 'word', 'text', 'way'])

const expression = (content: string, loc: SimpleExpressionNode['loc'], isStatic: boolean): SimpleExpressionNode => ({
  type: NodeTypes.SIMPLE_EXPRESSION,
  content,
  isStatic,
  constType: isStatic ? ConstantTypes.CAN_STRINGIFY : ConstantTypes.NOT_CONSTANT,
  loc,
})
const saying = (text: string, loc: SimpleExpressionNode['loc']) =>
  expression(`_ctx.$said(${JSON.stringify(text)})`, loc, false)

const LITERAL = /'[^']*'|"[^"]*"|`[^`]*`/g
/** Whether an expression says words of Duvet's own that another vocabulary says otherwise: a literal, or a word table. */
const saysOwnWord = (source: string): boolean =>
  !source.includes('said(') &&
  (/\b[A-Z]+_WORDS\[/.test(source) || (source.match(LITERAL) ?? []).some((literal) => hasOwnWord(literal)))
const wrapped = (expression: ExpressionNode): ExpressionNode =>
  createCompoundExpression(['_ctx.$said(', expression, ')'])

/**
 * Puts `$said` round the fixed text of templates, and round what is read out of their attributes, where it has a word
 * that another vocabulary says otherwise: so no view has to think of it. Expressions with such words likewise.
 */
export const saidText: NodeTransform = (node, context) => {
  if (node.type === NodeTypes.TEXT && hasOwnWord(node.content))
    context.replaceNode({ type: NodeTypes.INTERPOLATION, content: saying(node.content, node.loc), loc: node.loc })
  if (node.type === NodeTypes.INTERPOLATION && saysOwnWord(node.content.loc.source))
    node.content = wrapped(node.content)
  if (node.type !== NodeTypes.ELEMENT) return
  for (const prop of node.props)
    if (
      prop.type === NodeTypes.DIRECTIVE &&
      prop.name === 'bind' &&
      prop.exp &&
      prop.arg?.type === NodeTypes.SIMPLE_EXPRESSION &&
      READ.has(prop.arg.content) &&
      saysOwnWord(prop.exp.loc.source)
    )
      prop.exp = wrapped(prop.exp)
  node.props = node.props.map((prop) =>
    prop.type === NodeTypes.ATTRIBUTE && prop.value && READ.has(prop.name) && hasOwnWord(prop.value.content)
      ? {
          type: NodeTypes.DIRECTIVE,
          name: 'bind',
          arg: expression(prop.name, prop.loc, true),
          exp: saying(prop.value.content, prop.loc),
          modifiers: [],
          loc: prop.loc,
        }
      : prop,
  )
}
