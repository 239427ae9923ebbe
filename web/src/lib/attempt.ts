import { useMessage } from 'naive-ui'

/** Long enough to read what to do about it. */
const READ_MS = 9000

/** Does what may be refused; why it was refused is said and stays to be read. */
export function useAttempt() {
  const message = useMessage()

  /** @returns Whether it was done. */
  return async (work: () => Promise<unknown>): Promise<boolean> => {
    try {
      await work()
      return true
    } catch (error) {
      message.error((error as Error).message, { duration: READ_MS, closable: true })
      return false
    }
  }
}
