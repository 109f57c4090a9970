/** Things kept on this device until the server has them: drafts and unsent pours. Survives a reload. */
export interface Keep {
  read(key: string): unknown
  write(key: string, value: unknown): void
  drop(key: string): void
}

const PREFIX = 'tinta.keep.'

export const deviceKeep: Keep = {
  read(key) {
    try {
      const text = localStorage.getItem(PREFIX + key)
      return text === null ? undefined : (JSON.parse(text) as unknown)
    } catch {
      return undefined
    }
  },
  write(key, value) {
    localStorage.setItem(PREFIX + key, JSON.stringify(value))
  },
  drop(key) {
    localStorage.removeItem(PREFIX + key)
  },
}
