import { answer, client } from './client'
import type { components } from './schema'

type Schemas = components['schemas']

export type Session = Schemas['SessionResource']
export type Role = NonNullable<Schemas['Role']>
export type Account = Schemas['AccountResource']
export type Member = Schemas['MemberResource']
export type GuestLink = Schemas['GuestLinkResource']
export type Authenticator = Schemas['AuthenticatorResource']
export type GuestLook = Schemas['GuestLook']
export type Change = Schemas['AuditResource']

const at = (id: string) => ({ params: { path: { id } } })

/** What the browser's passkey says to options of the service; null when the painter thought better of it. */
async function passkey(options: string, make: boolean): Promise<string | null> {
  const read = JSON.parse(options)
  const credential = make
    ? await navigator.credentials.create({
        publicKey: PublicKeyCredential.parseCreationOptionsFromJSON(read),
      })
    : await navigator.credentials.get({ publicKey: PublicKeyCredential.parseRequestOptionsFromJSON(read) })
  return credential && JSON.stringify(credential)
}

/** Signing in and out. */
export const entrance = {
  session: () => answer(client.GET('/api/session')),
  signIn: (name: string, password: string, stay: boolean) =>
    answer(client.POST('/api/session', { body: { name, password, stay } })),
  second: (code: string, stay: boolean) =>
    answer(client.POST('/api/session/second', { body: { code, stay } })),
  async byPasskey() {
    const { options } = await answer(client.POST('/api/session/passkey/options'))
    const credential = await passkey(options, false)
    if (credential) await answer(client.POST('/api/session/passkey', { body: { credential, name: null } }))
  },
  asGuest: (token: string) => answer(client.POST('/api/session/guest', { body: { token } })),
  signOut: () => answer(client.DELETE('/api/session')),
  studio: (studio: Schemas['StudioResource']) => answer(client.PUT('/api/session/studio', { body: studio })),
  link: (token: string) => answer(client.POST('/api/links/read', { body: { token } })),
  join: (token: string, name: string, password: string, mail: string) =>
    answer(client.POST('/api/links/join', { body: { token, name, password, mail: mail || null } })),
  joinToo: (token: string) => answer(client.POST('/api/links/join-too', { body: { token } })),
  reset: (token: string, password: string) =>
    answer(client.POST('/api/links/reset', { body: { token, password } })),
  forgotten: (name: string) => answer(client.POST('/api/links/forgotten', { body: { name } })),
}

/** The own account. */
export const own = {
  read: () => answer(client.GET('/api/account')),
  password: (present: string, password: string) =>
    answer(client.PUT('/api/account/password', { body: { present, password } })),
  mail: (mail: string, password: string) =>
    answer(client.PUT('/api/account/mail', { body: { mail: mail || null, password } })),
  endSession: (id: string) => answer(client.DELETE('/api/account/sessions/{id}', at(id))),
  offerAuthenticator: (password: string) =>
    answer(client.POST('/api/account/authenticator', { body: { password } })),
  confirmAuthenticator: (code: string) =>
    answer(client.PUT('/api/account/authenticator', { body: { code, stay: false } })),
  dropAuthenticator: (password: string) =>
    answer(client.POST('/api/account/authenticator/off', { body: { password } })),
  async addPasskey(password: string, name: string) {
    const { options } = await answer(client.POST('/api/account/passkeys/options', { body: { password } }))
    const credential = await passkey(options, true)
    if (credential) await answer(client.POST('/api/account/passkeys', { body: { credential, name } }))
  },
  removePasskey: (id: string) => answer(client.DELETE('/api/account/passkeys/{id}', at(id))),
}

/** Who belongs to the studio, and whom its links let in. */
export const people = {
  list: () => answer(client.GET('/api/members')),
  invite: (role: Role) => answer(client.POST('/api/members/invitations', { body: { role } })),
  role: (id: string, role: Role) => answer(client.PUT('/api/members/{id}', { ...at(id), body: { role } })),
  remove: (id: string) => answer(client.DELETE('/api/members/{id}', at(id))),
  resetLink: (id: string) => answer(client.POST('/api/members/{id}/reset-link', at(id))),
  guests: () => answer(client.GET('/api/guests')),
  addGuest: (link: Schemas['GuestLinkRequest']) => answer(client.POST('/api/guests', { body: link })),
  endGuest: (id: string) => answer(client.DELETE('/api/guests/{id}', at(id))),
  changes: (before?: number) =>
    answer(client.GET('/api/studio/changes', { params: { query: before ? { before } : {} } })),
  renameStudio: (name: string) => answer(client.PUT('/api/studio/name', { body: { name } })),
  addStudio: (name: string) => answer(client.POST('/api/studio', { body: { name } })),
}

/** What a guest's link shows. */
export const guest = {
  look: () => answer(client.GET('/api/guest')),
  picture: (view: string) => `/api/guest/picture?view=${view}`,
  sheet: '/api/guest/sheet',
}
