import type { ChairState } from './chair'

// A text that begins like a formula is one to a spreadsheet; an apostrophe says that it is a text (common practice of such tables).
const cell = (text: string) => {
  const plain = /^[=+\-@\t\r']/.test(text) ? `'${text}` : text
  return /[",\r\n]/.test(plain) ? `"${plain.replaceAll('"', '""')}"` : plain
}

/** A session's steps as a table (RFC 4180): planned and taken seconds, how often it was laid again, and whether it was left out. */
export function stepTable(state: ChairState): string {
  const rows = [
    ['step', 'painter', 'planned s', 'taken s', 'redone', 'status'],
    ...state.steps.map((s) => [
      cell(s.step.title),
      String(s.step.painter),
      String(s.step.seconds + s.step.waitSeconds),
      s.taken > 0 ? s.taken.toFixed(1) : '',
      String(s.redone),
      s.status,
    ]),
  ]
  return rows.map((row) => `${row.join(',')}\r\n`).join('')
}
