/** Nothing typed is nothing said. */
export const orNone = (text: string) => (text === '' ? undefined : text)
