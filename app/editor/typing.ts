/** What the sheet makes of plain keys: straight marks become curly ones, two hyphens a dash. Backspace takes the change back. */
import { Extension, InputRule } from '@tiptap/core'
import Typography from '@tiptap/extension-typography'

/** Only what every manual asks of a typed page: no arrows, fractions or trade marks. */
const Marks = Typography.configure({
  ellipsis: false,
  leftArrow: false,
  rightArrow: false,
  copyright: false,
  trademark: false,
  servicemark: false,
  registeredTrademark: false,
  oneHalf: false,
  oneQuarter: false,
  threeQuarters: false,
  plusMinus: false,
  notEqual: false,
  laquo: false,
  raquo: false,
  multiplication: false,
  superscriptTwo: false,
  superscriptThree: false,
})

const put = (find: RegExp, mark: string) =>
  new InputRule({
    find,
    handler: ({ range, state, match }) => {
      state.tr.insertText(match[0].slice(0, -match[1]!.length) + mark + match[1]!.slice(1), range.from, range.to)
    },
  })

/** Cases that the common rules get wrong: a quotation behind a dash, a decade, words that begin with an apostrophe. */
const Behind = Extension.create({
  name: 'marksBehindDashes',
  priority: 200,
  addInputRules: () => [
    put(/[—–]("|“)$/u, '“'),
    put(/[—–]('|‘)$/u, '‘'),
    put(/(?:^|[\s([])(‘\d\ds)$/u, '’'),
    put(/(?:^|[\s([])(‘(?:tis|twas|til|em) )$/iu, '’'),
  ],
})

export const TYPING = [Behind, Marks]
