import { onBeforeUnmount, onMounted, ref, type Ref } from 'vue'

/** Size of an element in CSS pixels, kept up to date. */
export function useElementSize(element: Ref<HTMLElement | null>) {
  const width = ref(0)
  const height = ref(0)
  const observer = new ResizeObserver(([entry]) => {
    width.value = entry!.contentRect.width
    height.value = entry!.contentRect.height
  })
  onMounted(() => element.value && observer.observe(element.value))
  onBeforeUnmount(() => observer.disconnect())
  return { width, height }
}
