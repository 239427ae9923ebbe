// Writes docs/parts.md and the picture of every kind from a running Datura: ./run, then node tests/shots/parts.mjs
import { mkdirSync, writeFileSync } from 'node:fs'

const address = process.env.DATURA_URL ?? 'http://127.0.0.1:5180'
const docs = new URL('../../docs/', import.meta.url)
const get = async (path) => (await fetch(address + path)).json()

const families = {
  bone: 'Bone',
  flesh: 'Flesh and monster',
  creature: 'Creature',
  ornament: 'Ornament',
  attached: 'Attached and lit',
  carried: 'Over the body',
}
const units = { lengthMm: ' mm', angleDeg: '°', ratio: '', count: '' }
const kinds = await get('/api/kinds')
const kit = 'saltmarsh-box'
mkdirSync(new URL('parts/', docs), { recursive: true })

const lines = [
  '# The parts library',
  '',
  `${kinds.length} kinds, each shown at its default size on the reference body. Made by \`tests/shots/parts.mjs\`.`,
  'Any kind can be mirrored or one-sided, uneven by a dial, reserved or overpainted, and set to must, nice or extra.',
]
for (const [family, name] of Object.entries(families)) {
  lines.push('', `## ${name}`, '', '| | Kind | Hangs on | Can be set |', '|---|---|---|---|')
  for (const kind of kinds.filter((k) => k.family === family)) {
    const picture = await fetch(`${address}/api/kinds/${kind.id}/picture?kit=${kit}`)
    writeFileSync(new URL(`parts/${kind.id}.png`, docs), Buffer.from(await picture.arrayBuffer()))
    const settable = kind.parameters.map((p) =>
      p.type === 'choice'
        ? `${p.label.toLowerCase()} (${p.choices.join(', ')})`
        : p.type === 'zones'
          ? p.label.toLowerCase()
          : `${p.label.toLowerCase()} ${p.least}–${p.most}${units[p.type]}`,
    )
    lines.push(
      `| ![${kind.label}](parts/${kind.id}.png) | ${kind.label} | ${kind.hangsOn.join(', ')} | ${settable.join('; ')} |`,
    )
  }
}
writeFileSync(new URL('parts.md', docs), lines.join('\n') + '\n')
