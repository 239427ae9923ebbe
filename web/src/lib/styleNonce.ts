/**
 * Marks style elements made by this page as its own, so that the browser takes them and no others (Content-Security-Policy).
 * The component library makes its styles as it goes and has no way of its own to mark them.
 */
export function markOwnStyles(page: Document = document) {
  const nonce = page.querySelector<HTMLMetaElement>('meta[name="style-nonce"]')?.content
  if (!nonce) return
  const create = page.createElement.bind(page) as Document['createElement']
  page.createElement = ((tag: string, options?: ElementCreationOptions) => {
    const made = create(tag, options)
    if (made instanceof HTMLStyleElement) made.nonce = nonce
    return made
  }) as Document['createElement']
}
