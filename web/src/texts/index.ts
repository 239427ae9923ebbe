import { createI18n } from 'vue-i18n'
import en from './en.json'
import { pseudoOf } from './pseudo'

/** Which language the browser was told to use; read once, since texts are also kept in constants. "pseudo" is for tests. */
const language = globalThis.localStorage?.getItem('datura-language') === 'pseudo' ? 'pseudo' : 'en'

const i18n = createI18n<[typeof en], 'en' | 'pseudo', false>({
  legacy: false,
  locale: language,
  messages: { en, pseudo: language === 'pseudo' ? pseudoOf(en) : en },
})

type KeyOf<T> = {
  [S in keyof T & string]: { [K in keyof T[S] & string]: `${S}.${K}` }[keyof T[S] & string]
}[keyof T & string]

/** Where a text stands; a key that is in no catalogue does not compile. */
export type TextKey = KeyOf<typeof en>

/** A text by its key, with values for its places. */
export function say(key: TextKey, values: Record<string, unknown> = {}): string {
  return i18n.global.t(key, values)
}
