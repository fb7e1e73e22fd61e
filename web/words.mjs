// Writes docs/words.md: every text that somebody may be shown, by the place where it stands in the sources, so that all of them can be
// read at one sitting. Pages are read by Vue's own compiler and TypeScript's; of Java, texts of more than one word are taken.
import { readdirSync, readFileSync, writeFileSync } from 'node:fs'
import { join, relative } from 'node:path'
import ts from 'typescript'
import { parse } from 'vue/compiler-sfc'

const ROOT = join(import.meta.dirname, '..')
const ATTRIBUTES = new Set(['title', 'placeholder', 'aria-label', 'label', 'says', 'alt', 'hint', 'empty'])
const files = (folder, ending) =>
  readdirSync(join(ROOT, folder), { recursive: true })
    .map((name) => join(folder, name))
    .filter((name) => ending.test(name) && !/\.test\.ts$|\/api\/|testing\//.test(name))
    .sort()
const tidy = (text) => text.replace(/\s+/g, ' ').trim()
/** Whether a text in code is meant for people: words with a space between, or one that begins large. */
const forPeople = (text) => {
  const clean = tidy(text)
  return (
    /[a-zA-Z’]{2}/.test(clean) &&
    (/^[A-Z“][a-z’]+([ ,.…!?:]|$)/.test(clean) || /^[a-z“][a-z’]+ [a-z’{]+ /.test(clean)) &&
    !/^(select|insert|update|delete|create|pragma|with|from|import|bg-|text-|flex|grid|border|absolute|relative|inline|block|mt-|px-|rounded|fixed|sticky|min-|max-|w-|h-)\b/i.test(
      clean,
    ) &&
    !/[;{}]\s*$|=>|--|\b[a-z]+-\[|\b(px|py|mx|my|gap|mt|mb|ml|mr|text|bg|border|rounded|items|justify|flex|grid|w|h)-/.test(
      clean,
    )
  )
}
const inCode = (code, name) => {
  const found = []
  const walk = (node) => {
    if (ts.isImportDeclaration(node)) return
    if (ts.isStringLiteral(node) || ts.isNoSubstitutionTemplateLiteral(node)) found.push(node.text)
    if (ts.isTemplateExpression(node)) {
      found.push(node.head.text + node.templateSpans.map((span) => `{…}${span.literal.text}`).join(''))
    }
    ts.forEachChild(node, walk)
  }
  walk(ts.createSourceFile(name, code, ts.ScriptTarget.Latest, true))
  return found.filter(forPeople)
}
const TEXT = 2
const EXPRESSION = 5
const inTemplate = (node) => {
  const found = []
  const children = node.children ?? []
  const line = children.filter((each) => each.type === TEXT || each.type === EXPRESSION)
  const text = line
    .map((each) => (each.type === TEXT ? each.content : '{…}'))
    .join('')
    .replace(/(\{…\}\s*)+/g, '{…} ')
  if (/[a-zA-Z]{2}/.test(text.replaceAll('{…}', ''))) found.push(text)
  children
    .filter((each) => each.type === EXPRESSION)
    .forEach((each) => found.push(...inCode(each.content.loc.source, 'a.ts')))
  ;(node.props ?? []).forEach((prop) => {
    if (prop.type === 6 && ATTRIBUTES.has(prop.name) && prop.value) found.push(prop.value.content)
    else if (prop.type === 7 && prop.exp && !['class', 'style', 'for'].includes(prop.arg?.content ?? prop.name)) {
      found.push(...inCode(`(${prop.exp.loc.source})`, 'a.ts'))
    }
  })
  children.filter((each) => each.type === 1).forEach((each) => found.push(...inTemplate(each)))
  return found
}
const ofVue = (name) => {
  const { descriptor } = parse(readFileSync(join(ROOT, name), 'utf8'))
  const script = descriptor.scriptSetup?.content ?? descriptor.script?.content ?? ''
  return [...(descriptor.template ? inTemplate(descriptor.template.ast) : []), ...inCode(script, 'a.ts')]
}
const ofJava = (name) => {
  const code = readFileSync(join(ROOT, name), 'utf8')
    .replace(/\/\*[\s\S]*?\*\//g, '')
    .replace(/^\s*\/\/.*$/gm, '')
    .replace(/@\w+\([^)]*\)/g, '')
  const joined = code.replace(/"\s*\+\s*"/g, '').replace(/"\s*\n?\s*\+\s*[^"+;]{1,80}?\+\s*"/g, '{…}')
  return [...joined.matchAll(/"((?:[^"\\]|\\.)*)"/g)].map((each) => each[1].replace(/\\"/g, '"')).filter(forPeople)
}

const places = []
const add = (name, texts) => {
  const clean = [...new Set(texts.map(tidy).filter((text) => text.length > 1))]
  if (clean.length) places.push([name, clean])
}
files('web/src', /\.vue$/).forEach((name) => add(relative('web/src', name), ofVue(name)))
files('web/src', /\.ts$/).forEach((name) =>
  add(relative('web/src', name), inCode(readFileSync(join(ROOT, name), 'utf8'), name)),
)
files('core/src/main/java', /\.java$/).forEach((name) =>
  add(relative('core/src/main/java/org/waxbell', name), ofJava(name)),
)
files('app/src/main/java', /\.java$/).forEach((name) =>
  add(relative('app/src/main/java/org/waxbell', name), ofJava(name)),
)
const count = places.reduce((sum, [, texts]) => sum + texts.length, 0)
writeFileSync(
  join(ROOT, 'docs/words.md'),
  `# Words\n\nEvery text that somebody may be shown, ${count} of them, by where it stands in the sources; {…} stands for what is put in. Made anew by \`./waxbell words\`.\n${places
    .map(
      ([name, texts]) =>
        `\n## ${name}\n\n${texts.map((text) => `- ${text.replace(/[<>]/g, (sign) => `\\${sign}`)}`).join('\n')}\n`,
    )
    .join('')}`,
)
console.log(`${count} texts of ${places.length} places`)
