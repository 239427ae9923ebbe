import type { RecipeAnswer } from '../api/client'
import { say } from '../texts'

/** A mix as it is stirred: "2 parts white, 1 part umber". */
export function recipeWords(recipe: { shares: RecipeAnswer['best']['shares'] }): string {
  return recipe.shares
    .map((s) =>
      say(s.parts === 1 ? 'recipePanel.part' : 'recipePanel.parts', { count: s.parts, paint: s.name }),
    )
    .join(', ')
}
