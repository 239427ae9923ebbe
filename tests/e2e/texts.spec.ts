import { expect, test, type Page } from '@playwright/test'
import { openCopy } from './workspace'

// Units and signs that are the same in every language.
const UNITS =
  /(?<![\p{L}])(mm|cm²|cm|m|min|s|h|ml|µm|kB|MB|L\*|a\*|b\*|ΔE00|in|sq in|cd\/m²|Ctrl|Shift|Esc|Delete|A4|Letter|SVG|PDF|CSV|GPL|CIELAB|Datura|V|x|ITA|loading|close)(?![\p{L}])/gu

/** Every text that the service sent: names of kinds, cautions, sizes. They have a catalogue of their own. */
function fromService(page: Page) {
  const said = new Set<string>()
  const take = (value: unknown): void => {
    if (typeof value === 'string') said.add(value.toLowerCase())
    else if (Array.isArray(value)) value.forEach(take)
    else if (value && typeof value === 'object')
      for (const [key, inner] of Object.entries(value)) {
        said.add(key.toLowerCase())
        take(inner)
      }
  }
  page.on('response', async (response) => {
    if (response.headers()['content-type']?.includes('json')) take(await response.json().catch(() => null))
  })
  return said
}

/** Texts and names on the screen, and those of the catalogue that do not fit where they stand. */
const onScreen = (page: Page) =>
  page.evaluate(() => {
    const texts: string[] = []
    const cut: string[] = []
    const walker = document.createTreeWalker(document.body, NodeFilter.SHOW_ELEMENT)
    while (walker.nextNode()) {
      const element = walker.currentNode as HTMLElement
      if (
        !element.checkVisibility?.({ opacityProperty: true, visibilityProperty: true }) ||
        ['STYLE', 'SCRIPT'].includes(element.tagName)
      )
        continue
      for (const name of ['aria-label', 'title', 'placeholder', 'alt']) {
        const said = element.getAttribute(name)
        if (said) texts.push(said)
      }
      const own = [...element.childNodes]
        .filter((n) => n.nodeType === Node.TEXT_NODE)
        .map((n) => n.textContent ?? '')
        .join('')
      if (!own.trim()) continue
      texts.push(own)
      const style = getComputedStyle(element)
      // On a time line a short step has no room for its words; they stand in its title as well.
      const told = element.closest('[title]')?.getAttribute('title')?.includes(own.trim())
      if (
        own.includes('⟦') &&
        !told &&
        style.overflowX !== 'visible' &&
        element.scrollWidth > element.clientWidth + 1
      )
        cut.push(own.trim())
    }
    return { texts: [...new Set(texts)], cut }
  })

/** What is left of a text without what came from the catalogue: brackets may stand in each other. */
function outside(text: string) {
  let depth = 0
  let left = ''
  for (const c of text) {
    if (c === '⟦') depth++
    else if (c === '⟧') depth--
    else if (depth === 0) left += c
  }
  return left
}

function stray(texts: string[], known: Set<string>) {
  const longest = [...known]
    .filter((k) => k.length > 2 && /\p{L}/u.test(k))
    .sort((a, b) => b.length - a.length)
  return texts.filter((text) => {
    let left = outside(text).toLowerCase()
    for (const k of longest) if (left.includes(k)) left = left.replaceAll(k, ' ')
    return /\p{L}{2,}/u.test(left.replace(new RegExp(UNITS.source, 'giu'), ' '))
  })
}

async function everyTextIsOfTheCatalogue(page: Page, known: Set<string>, where: string) {
  await page.waitForTimeout(300)
  const { texts, cut } = await onScreen(page)
  expect(texts.filter((t) => t.includes('⟦')).length, `${where}: texts of the catalogue`).toBeGreaterThan(3)
  expect(stray(texts, known), `${where}: texts that are in no catalogue`).toEqual([])
  expect(cut, `${where}: texts that are cut`).toEqual([])
}

test.beforeEach(({ page }) => page.addInitScript(() => localStorage.setItem('datura-language', 'pseudo')))

test('gallery, faces and kit speak from the catalogue', async ({ page }) => {
  const known = fromService(page)
  await page.goto('/looks')
  await expect(page.locator('.card').first()).toBeVisible()
  await everyTextIsOfTheCatalogue(page, known, 'looks')
  await page.goto('/faces/odalys')
  await expect(page.locator('[data-measure]').first()).toBeVisible()
  await everyTextIsOfTheCatalogue(page, known, 'faces')
  await page.goto('/kit')
  await expect(page.locator('tbody tr').first()).toBeVisible()
  await everyTextIsOfTheCatalogue(page, known, 'kit')
})

test('the workspace and all its lenses speak from the catalogue', async ({ page }) => {
  const known = fromService(page)
  await openCopy(page, 'barnacle-saint')
  await everyTextIsOfTheCatalogue(page, known, 'look')
  await page.locator('.parts button').first().click()
  await everyTextIsOfTheCatalogue(page, known, 'part')
  await page.keyboard.press('Escape')
  for (const key of ['m', 'c', 'o', 'r', 'p']) {
    await page.keyboard.press(key)
    await page.waitForLoadState('networkidle')
    await everyTextIsOfTheCatalogue(page, known, `lens ${key}`)
  }
  await page.keyboard.press('?')
  await everyTextIsOfTheCatalogue(page, known, 'help')
  await page.keyboard.press('Escape')
  await page.keyboard.press('a')
  await everyTextIsOfTheCatalogue(page, known, 'library')
})
