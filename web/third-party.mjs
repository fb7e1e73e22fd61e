// Writes THIRD-PARTY.md: what ships with the application and under which licence. Run by the build after the Java list is made.
import { existsSync, readFileSync, writeFileSync } from 'node:fs'
import { dirname, join } from 'node:path'
import { fileURLToPath } from 'node:url'

const here = dirname(fileURLToPath(import.meta.url))
const read = (path) => JSON.parse(readFileSync(path, 'utf8'))

/** Every package that the pages need, with what it needs in turn. */
const collect = (names, found = new Map()) => {
  for (const name of names) {
    const path = join(here, 'node_modules', name, 'package.json')
    if (!found.has(name) && existsSync(path)) {
      const pack = read(path)
      found.set(name, `- ${name} ${pack.version}: ${pack.license ?? 'see its own files'}`)
      collect(Object.keys(pack.dependencies ?? {}), found)
    }
  }
  return found
}
const pages = [...collect(Object.keys(read(join(here, 'package.json')).dependencies)).values()].sort()

// The plugin's lines read "     (Licence) (Licence) Name (group:artifact:version - address)".
const java = readFileSync(process.argv[2], 'utf8')
  .split('\n')
  .map((line) => /^\s*((?:\([^()]*(?:\([^()]*\)[^()]*)*\)\s*)+)\s*(.+) \(([^:()]+:[^:()]+:[^ ()]+) - .*\)$/.exec(line))
  .filter((line) => line && !line[3].startsWith('org.waxbell'))
  .map(
    (line) =>
      `- ${line[3].split(':').slice(1).join(' ')} (${line[3].split(':')[0]}): ${line[1]
        .trim()
        .replaceAll(/\)\s*\(/g, '; ')
        .replace(/^\(/, '')
        .replace(/\)$/, '')}`,
  )
  .sort()

writeFileSync(
  join(here, '..', 'THIRD-PARTY.md'),
  `# What ships with Wax Bell that others made

Written by the build; not to be edited by hand.

## On the pages: scripts and fonts

${pages.join('\n')}

## In the program

${java.join('\n')}
`,
)
