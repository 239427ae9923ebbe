/** Whether whoever works here may change documents; the session says so. */
export const hands = {
  mayChange: () => true,
  /** Called when somebody tries who may not. */
  tried: () => {},
}
