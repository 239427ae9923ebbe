// Applies small faults to a copy of the repository one at a time and says which of them no test notices.
// Usage: ./test mutate [word]   (only mutants whose name holds the word)
import { execFileSync } from 'node:child_process'
import { mkdtempSync, readFileSync, rmSync, writeFileSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'

const top = execFileSync('git', ['rev-parse', '--show-toplevel']).toString().trim()
const rows = readFileSync(join(top, 'tests', 'mutants.tsv'), 'utf8').split('\n').filter((l) => l && !l.startsWith('#'))
const mutants = rows.map((l) => l.split('\t')).map(([name, file, from, to, filter, project = 'Datura.Core.Tests']) => ({ name, file, from, to, filter, project: `tests/${project}` }))
const word = process.argv[2] ?? ''
const copy = mkdtempSync(join(tmpdir(), 'datura-mutants-'))
const run = (...words) => execFileSync(words[0], words.slice(1), { cwd: copy, stdio: 'pipe' })
let survived = 0
try {
  execFileSync('git', ['clone', '-q', top, copy])
  run('dotnet', 'build', 'tests/Datura.Core.Tests', '-c', 'Release', '--nologo', '-v', 'q')
  for (const m of mutants.filter((one) => one.name.includes(word))) {
    const path = join(copy, m.file)
    const text = readFileSync(path, 'utf8')
    if (text.split(m.from).length !== 2) {
      console.log(`${m.name}: STALE, the line is not there once`)
      survived++
      continue
    }
    writeFileSync(path, text.replace(m.from, () => m.to))
    let killed = false
    try {
      run('dotnet', 'build', m.project, '-c', 'Release', '--nologo', '-v', 'q')
      run('dotnet', 'test', m.project, '-c', 'Release', '--no-build', '--nologo', '--filter', m.filter)
    } catch {
      killed = true
    }
    writeFileSync(path, text)
    if (!killed) survived++
    console.log(`${m.name}: ${killed ? 'killed' : 'SURVIVED'}`)
  }
} finally {
  rmSync(copy, { recursive: true, force: true })
}
console.log(`${survived} of ${mutants.length} survived`)
process.exit(survived ? 1 : 0)
