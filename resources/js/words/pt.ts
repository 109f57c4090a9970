import { messages } from '../../words/pt.po'

// Runs before the page's own piece, which asks for it as it begins.
window.tintaWords = messages
