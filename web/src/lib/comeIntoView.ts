import { nextTick } from 'vue'

/** On a narrow screen what was asked for stands below the fold: the page goes there. */
export async function comeIntoView(element: HTMLElement | null): Promise<void> {
  await nextTick()
  if (element && element.getBoundingClientRect().top > window.innerHeight * 0.7)
    element.scrollIntoView({ behavior: 'smooth', block: 'start' })
}
