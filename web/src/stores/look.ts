import { defineStore } from 'pinia'
import { computed, ref } from 'vue'
import type { Look, Part } from '../api/client'
import { lookCalls } from '../api/documentCalls'
import { coloursOf } from '../lib/colours'
import { useDocument } from '../lib/document'
import { withoutHost } from '../lib/hanging'
import { withoutPart } from '../lib/mendings'
import { putInto } from '../lib/stages'
import { useCatalogue } from './catalogue'
import { useSelection } from './selection'

export const EMPTY: Look = { name: '', notes: '', mapping: 'pencil', parts: [] }

/** The look in the painter's hands: its document with undo, and its saving. */
export const useLook = defineStore('look', () => {
  const selection = useSelection()
  const catalogue = useCatalogue()
  /** Kit in which nothing of the look has to be stood in for; it becomes the look's own with the next change. */
  const fittingKit = ref<string | null>(null)

  const doc = useDocument<Look>('looks', EMPTY, lookCalls, {
    // Read anew, the same part stays selected.
    opened: (look, again) => {
      if (!again || !look.parts.some((p) => p.id === selection.selected)) selection.selected = null
      fittingKit.value = null
    },
  })
  const look = doc.value
  const part = computed(() => look.value.parts.find((p) => p.id === selection.selected) ?? null)

  /** What is painted already, for the paints of a new part. */
  const colours = computed(() => coloursOf(look.value.parts, (id) => catalogue.kindOf(id)))

  /** Changes the look; changes with the same key in quick succession are one step of undo. */
  function describe(change: Partial<Look>, key = '') {
    doc.change(
      { ...look.value, ...change },
      key && `${key}/${selection.dragging ? selection.drags : ''}`,
      selection.dragging,
    )
  }

  const describeParts = (parts: Part[], key = '') =>
    describe({ parts, kit: fittingKit.value ?? look.value.kit }, key)

  function edit(partId: string, change: Partial<Part>, key = '') {
    describeParts(
      look.value.parts.map((p) => (p.id === partId ? { ...p, ...change } : p)),
      key && `${partId}/${key}`,
    )
  }

  function freshId(kind: string) {
    const taken = new Set(look.value.parts.map((p) => p.id))
    for (let n = 1; ; n++) if (!taken.has(`${kind}-${n}`)) return `${kind}-${n}`
  }

  function add(template: Part) {
    const added = { ...template, id: freshId(template.kind), seed: 1 + look.value.parts.length }
    describeParts([...look.value.parts, added])
    selection.selected = added.id
  }

  function duplicate(partId: string) {
    const original = look.value.parts.find((p) => p.id === partId)
    if (original) add(original)
  }

  /** A one-sided part changes sides. */
  function mirror(partId: string) {
    const found = look.value.parts.find((p) => p.id === partId)
    if (found && found.sides !== 'both') edit(partId, { sides: found.sides === 'left' ? 'right' : 'left' })
  }

  function remove(partId: string) {
    // Another part may get its id one day, and is in no stage then.
    const stages = look.value.stages && putInto(look.value.stages, partId, 0)
    const mendings = look.value.mendings && withoutPart(look.value.mendings, partId)
    describe({
      parts: withoutHost(look.value.parts, partId, (kind) => catalogue.kindOf(kind)?.standsAlone === false),
      ...(stages ? { stages } : {}),
      ...(mendings ? { mendings } : {}),
    })
    if (selection.selected === partId) selection.selected = null
  }

  return {
    ...doc,
    look,
    part,
    colours,
    fittingKit,
    describe,
    edit,
    add,
    duplicate,
    mirror,
    remove,
  }
})
