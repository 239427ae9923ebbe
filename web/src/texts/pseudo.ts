const ACCENTS: Record<string, string> = {
  a: 'á', c: 'ç', e: 'é', g: 'ğ', i: 'í', l: 'ľ', n: 'ñ', o: 'ö', r: 'ř', s: 'š', t: 'ť', u: 'ü', y: 'ý', z: 'ž',
  A: 'Á', C: 'Ç', E: 'É', G: 'Ğ', I: 'Í', L: 'Ľ', N: 'Ñ', O: 'Ö', R: 'Ř', S: 'Š', T: 'Ť', U: 'Ü', Y: 'Ý', Z: 'Ž',
} // prettier-ignore

/**
 * A text as a made-up language has it: every letter that can be is accented, it is longer by about a third as German or Finnish may be,
 * and it stands in brackets. A text on the screen without brackets is in no catalogue. Places for values stay as they are.
 */
export function pseudo(text: string): string {
  const pieces = text.split(/(\{[^}]*\})/)
  const letters = pieces.filter((p) => !p.startsWith('{')).join('').length
  const said = pieces.map((p) => (p.startsWith('{') ? p : p.replace(/[A-Za-z]/g, (c) => ACCENTS[c] ?? c)))
  return `⟦${said.join('')}${'·'.repeat(Math.ceil(letters / 3))}⟧`
}

/** The same for all texts of a catalogue. */
export function pseudoOf<T extends object>(texts: T): T {
  return Object.fromEntries(
    Object.entries(texts).map(([key, value]) => [
      key,
      typeof value === 'string' ? pseudo(value) : pseudoOf(value as object),
    ]),
  ) as T
}
