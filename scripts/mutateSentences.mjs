// Sentences are no rules: what they say is read by people and held by the tests that quote them. Words of two and more are
// left as they are; codes, ids and single words are changed like any other value.
import { declareValuePlugin, PluginKind } from '@stryker-mutator/api/plugin'

const isSentence = (text) => /\p{L}\s+\S*\p{L}/u.test(text)

export const strykerPlugins = [
  declareValuePlugin(PluginKind.Ignore, 'sentences', {
    shouldIgnore({ node }) {
      const text =
        node.type === 'StringLiteral'
          ? node.value
          : node.type === 'TemplateLiteral'
            ? node.quasis.map(({ value }) => value.raw).join('x')
            : ''
      return isSentence(text) ? 'a sentence' : undefined
    },
  }),
]
