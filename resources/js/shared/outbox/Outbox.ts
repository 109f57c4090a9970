import { Refused, Unreachable } from '../api/http'
import { goOn } from './goOn'
import { onceSoon } from './onceSoon'
import { readEntries, type Entry, type NewEntry } from './entry'
import { signedOut, unreadable, verdictOf } from './verdict'
import { AT_ONCE_MS, KEY, LONGEST_PAUSE_MS, MOST_FAILURES, type Author, type Status, type World } from './world'

/**
 * Everything the page writes goes through here: kept on the device, with its author and its time, until the server has
 * it; sent in order, once; what is refused for good is kept too, with the server's words, until somebody has dealt with
 * it.
 */
export class Outbox {
  #entries: Entry[]
  #author: Author | null = null
  #sending = false
  #again = false
  #pause = 1_500
  readonly #soon = onceSoon((ms, then) => { this.world.after(ms, then) })
  #waitingFor: Status['waitingFor'] = 'nothing'
  #status: Status
  readonly #owners = new Map<string, { resolve: (answer: unknown) => void; reject: (error: Error) => void }>()
  readonly #listeners = new Set<() => void>()

  constructor(private readonly world: World) {
    this.#entries = this.#read()
    this.#status = { entries: this.#entries, waitingFor: 'nothing' }
  }

  // Told to React: the same object until something changes.
  readonly status = (): Status => this.#status

  readonly subscribe = (listener: () => void): (() => void) => {
    this.#listeners.add(listener)
    return () => { this.#listeners.delete(listener) }
  }

  /** Who is signed in. What somebody else left here waits for them. */
  setAuthor(author: Author | null): void {
    this.#author = author
    if (author !== null) this.kick()
  }

  /**
   * Keeps a write and sends it. The answer is the server's; while there is none, the promise waits.
   *
   * @throws Refused when the server refuses it for good
   */
  write(what: NewEntry): Promise<unknown> {
    const author = this.#author
    if (author === null) return Promise.reject(signedOut())
    const now = { id: this.world.newId(), author, madeAt: this.world.now(), failures: 0, refused: null }
    const entry: Entry = { at: '', pour: null, ...what, ...now }
    this.#change((entries) => [...entries, entry])
    return new Promise((resolve, reject) => {
      this.#owners.set(entry.id, { resolve, reject })
      this.kick()
    })
  }

  /** Sends a refused one again, as it is. */
  again(id: string): void {
    this.#change((entries) => entries.map((each) => (each.id === id ? { ...each, failures: 0, refused: null } : each)))
    this.kick()
  }

  /** Somebody has dealt with a refused one. Nothing that still waits can be dropped. */
  drop(id: string): void {
    this.#change((entries) => entries.filter((each) => each.id !== id || each.refused === null))
  }

  /** Tries now, in every tab that asks: what is sent twice is carried out once. */
  kick(): void {
    if (this.#sending) {
      this.#again = true
      return
    }
    void this.#run()
  }

  /** Another tab has changed what is kept. */
  reread(): void {
    this.#entries = this.#read()
    this.#tell()
  }

  async #run(): Promise<void> {
    this.#sending = true
    do {
      this.#again = false
      await this.#pass()
    } while (this.#again)
    this.#sending = false
  }

  async #pass(): Promise<void> {
    const held = new Set<string>()
    let failed = false
    for (const { id } of [...this.#entries]) {
      const entry = this.#entries.find((each) => each.id === id)
      if (entry === undefined || entry.refused !== null || held.has(entry.stream)) continue
      if (entry.author.id !== this.#author?.id) continue
      const outcome = await this.#sendOne(entry)
      if (outcome === 'sent') {
        this.#pause = 1_500
        this.#wait('nothing')
      } else if (outcome === 'refused') {
        this.#wait('nothing')
      } else if (outcome === 'failed') {
        // What comes after it in its stream stands on it.
        held.add(entry.stream)
        failed = true
      } else {
        this.#wait(outcome)
        if (outcome === 'connection') this.#later()
        return
      }
    }
    if (failed) this.#later()
  }

  async #sendOne(entry: Entry, renewed = false): Promise<'sent' | 'refused' | 'failed' | 'connection' | 'sign-in'> {
    try {
      const answer = await this.world.send(entry, Math.max(0, this.world.now() - entry.madeAt))
      this.#change((entries) => goOn(entries.filter((each) => each.id !== entry.id), entry, answer))
      this.world.sent(entry, answer)
      this.#owner(entry.id)?.resolve(answer)
      return 'sent'
    } catch (error) {
      if (error instanceof Unreachable) return 'connection'
      if (!(error instanceof Refused)) return this.#fail(entry, unreadable())
      switch (verdictOf(error.status)) {
        case 'sign-in':
          return 'sign-in'
        case 'renew':
          if (renewed) return 'sign-in'
          if (!(await this.world.renew().then(() => true, () => false))) return 'connection'
          return this.#sendOne(entry, true)
        case 'later':
          this.#pause = Math.max(this.#pause, error.wait * 1_000)
          return 'connection'
        case 'failed':
          return this.#fail(entry, error)
        case 'refused':
          return this.#refuse(entry, error)
      }
    }
  }

  #fail(entry: Entry, error: Refused): 'failed' | 'refused' {
    const failures = entry.failures + 1
    this.#change((entries) => entries.map((each) => (each.id === entry.id ? { ...each, failures } : each)))
    return failures < MOST_FAILURES ? 'failed' : this.#refuse(entry, error)
  }

  #refuse(entry: Entry, error: Refused): 'refused' {
    const owner = this.#owner(entry.id)
    // Whoever pressed it still looks at the form, which keeps what was typed and says what is wrong; a pour has none.
    const shown = owner !== undefined && entry.pour === null && this.world.now() - entry.madeAt < AT_ONCE_MS
    const { status, message, mend, problems } = error
    const refused = { status, message, mend, problems }
    this.#change((entries) => entries.flatMap((each) =>
      each.id !== entry.id ? [each] : shown ? [] : [{ ...each, refused }],
    ))
    owner?.reject(error)
    return 'refused'
  }

  #owner(id: string) {
    const owner = this.#owners.get(id)
    this.#owners.delete(id)
    return owner
  }

  #later(): void {
    if (this.#soon(this.#pause, () => { this.kick() })) this.#pause = Math.min(LONGEST_PAUSE_MS, this.#pause * 1.6)
  }

  #wait(waitingFor: Status['waitingFor']): void {
    if (this.#waitingFor === waitingFor) return
    this.#waitingFor = waitingFor
    this.#tell()
  }

  /** What another tab has added meanwhile stays. */
  #change(change: (entries: Entry[]) => Entry[]): void {
    this.#entries = change(this.#read())
    this.world.keep.write(KEY, this.#entries)
    this.#tell()
  }

  #tell(): void {
    this.#status = { entries: this.#entries, waitingFor: this.#waitingFor }
    for (const listener of this.#listeners) listener()
  }

  #read(): Entry[] {
    return readEntries(this.world.keep.read(KEY))
  }
}
