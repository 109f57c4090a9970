/** Whether this device hears the news of its salon. While it does, it need hardly ask by itself. */
let heard = false

export const setHeard = (now: boolean) => { heard = now }

/** How often a page asks by itself: seldom while it hears of every write, often while it does not. In milliseconds. */
export const askEvery = (unheard: number, whileHeard = 300_000) => () => (heard ? whileHeard : unheard)
