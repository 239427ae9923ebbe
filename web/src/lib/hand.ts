import type { HandWords, Lay, Technique, Tool, ToolForm, Water } from '../api/client'

/** Held in the other hand: paint goes on through them. */
const STENCILS: readonly ToolForm[] = ['mesh', 'card']

/** Tools that hold paint. */
export const painting = (tools: readonly Tool[]) => tools.filter((t) => !STENCILS.includes(t.form))

/** What can be done with a tool, in the order in which it is offered. */
export const techniquesOf = (words: HandWords, form: ToolForm) =>
  words.techniques.filter((t) => t.forms.includes(form))

/** How wet paint may be for a technique. */
export const watersOf = (words: HandWords, technique: Technique) =>
  words.techniques.find((t) => t.technique === technique)?.waters ?? []

/** A coat with another tool: what that tool cannot do goes back to the usual. */
export function withTool(words: HandWords, lay: Lay, tool: Tool | null): Lay {
  const technique =
    tool && lay.technique && !techniquesOf(words, tool.form).some((t) => t.technique === lay.technique)
      ? undefined
      : lay.technique
  return withTechnique(words, { ...lay, tool: tool?.id }, technique ?? null)
}

/** A coat laid another way: water that does not go with it goes back to the usual. */
export function withTechnique(words: HandWords, lay: Lay, technique: Technique | null): Lay {
  const water: Water | null | undefined =
    technique && lay.water && !watersOf(words, technique).includes(lay.water) ? undefined : lay.water
  return { ...lay, technique: technique ?? undefined, water: technique ? water : undefined }
}
