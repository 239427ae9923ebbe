import type { Role } from '../api/account'
import { say } from '../texts'

/** What a role is called, and what it may do. */
export const ROLES: Record<Role, { label: string; says: string }> = {
  owner: { label: say('roles.owner'), says: say('roles.ownerSays') },
  painter: { label: say('roles.painter'), says: say('roles.painterSays') },
  helper: { label: say('roles.helper'), says: say('roles.helperSays') },
  guest: { label: say('roles.guest'), says: say('roles.guestSays') },
}
