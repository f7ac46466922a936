import { readdirSync, readFileSync } from 'node:fs'
import { join } from 'node:path'
import ts from 'typescript'

/** A sentence as it stands in the source; what is put into it is written “…”. */
export interface Sentence {
  file: string
  line: number
  text: string
}

/** What people type and what plates print is read, not said; so are tests. */
const NOT_SAID =
  /\.(test|testing)\.tsx?$|\.d\.ts$|knowledge\/words\/|core\/words\/|data\/|core\/ocr|plate|bypassWords|familyWords|ledgerWords|machineWords/
/** Code for a screen that a person never reads: names of classes, paths of drawings. */
const NO_PROSE =
  /(^|\s)(flex|grid|border|text-|bg-|px-|py-|mt-|mid:|min-|max-|w-|h-)|^[MLHVCZa-z0-9 .,-]+$|^[a-z-]+( [a-z-]+)*$/
const isProse = (text: string): boolean => {
  const words = text.match(/[\p{L}’']{2,}/gu) ?? []
  return words.length >= 3 && !(NO_PROSE.test(text) && !/[.:!?]$/.test(text) && !/\p{Lu}/u.test(text))
}

const filesIn = (folder: string): string[] =>
  readdirSync(folder, { withFileTypes: true }).flatMap((entry) => {
    const path = join(folder, entry.name)
    return entry.isDirectory() ? filesIn(path) : /\.tsx?$/.test(entry.name) ? [path] : []
  })

/** Every text of three words and more that the source of a folder says, with its place. */
export function sentencesIn(folder: string): Sentence[] {
  return filesIn(folder)
    .filter((file) => !NOT_SAID.test(file))
    .flatMap((file) => {
      const source = ts.createSourceFile(file, readFileSync(file, 'utf8'), ts.ScriptTarget.Latest, true)
      const found: Sentence[] = []
      const take = (node: ts.Node, text: string) => {
        const plain = text.replace(/\s+/g, ' ').trim()
        if (isProse(plain))
          found.push({
            file,
            line: source.getLineAndCharacterOfPosition(node.getStart()).line + 1,
            text: plain,
          })
      }
      const visit = (node: ts.Node): void => {
        if (ts.isImportDeclaration(node) || ts.isExportDeclaration(node)) return
        if (ts.isJsxAttribute(node) && node.name.getText() === 'className') return
        if (ts.isStringLiteral(node) || ts.isNoSubstitutionTemplateLiteral(node)) take(node, node.text)
        else if (ts.isTemplateExpression(node))
          take(node, node.head.text + node.templateSpans.map(({ literal }) => `…${literal.text}`).join(''))
        else if (ts.isJsxText(node)) take(node, node.text)
        ts.forEachChild(node, visit)
      }
      visit(source)
      return found
    })
}
