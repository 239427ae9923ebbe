/** Hands a file to the browser's downloads. */
export function download(content: Blob, name: string) {
  const address = URL.createObjectURL(content)
  const link = document.createElement('a')
  link.href = address
  link.download = name
  link.click()
  setTimeout(() => URL.revokeObjectURL(address), 10_000)
}

/** A file's name of some words, as every system takes it: "tide-warden-on-odalys.pdf". */
export function fileName(words: string, ending: string) {
  const plain = words
    .toLowerCase()
    .normalize('NFC')
    .replace(/[^\p{L}\p{N}]+/gu, '-')
    .replace(/^-+|-+$/g, '')
    .slice(0, 100)
  return `${plain || 'datura'}.${ending}`
}
