/** What a page says to a worker that is active and does not stand in for it yet. */
export const STAND = 'stand in for me'
