declare global {
  var tintaPressed: boolean | undefined
}

const field = (id: string): HTMLInputElement | null =>
  typeof document === 'object' && 'querySelector' in document
    ? document.querySelector<HTMLInputElement>(`[data-door] input#${id}`)
    : null

/** What somebody typed on the sign-in page as it was served, before the page's own piece had come. */
export const typedAtDoor = (id: string): string => field(id)?.value ?? ''

/** Where they were typing when it came. */
export const wasAtDoor = (id: string): boolean => {
  const at = field(id)
  return at !== null && at === document.activeElement
}

/** Whether they had pressed the button already; said once. */
export function pressedAtDoor(): boolean {
  const pressed = globalThis.tintaPressed === true
  globalThis.tintaPressed = false
  return pressed
}
