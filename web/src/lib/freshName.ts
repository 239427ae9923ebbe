/** A random name that no other has; `crypto.randomUUID` is missing where the page came without TLS from another machine. */
export function freshName(): string {
  const bytes = crypto.getRandomValues(new Uint8Array(16))
  return Array.from(bytes, (b) => b.toString(16).padStart(2, '0')).join('')
}
