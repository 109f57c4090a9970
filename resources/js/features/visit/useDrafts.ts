import { useState } from 'react'
import { deviceKeep } from '../../shared/keep/keep'
import { dropDraft, onWhatWasMade, readDrafts, writeDraft, type Draft } from './drafts'

/** The bowls of a visit that are being typed on this device. */
export function useDrafts(visit: string) {
  const [drafts, setDrafts] = useState(() => readDrafts(deviceKeep, visit))
  return {
    drafts,
    onDraft: (draft: Draft) => {
      // A new bowl stays one until the visit that has it is there.
      setDrafts(writeDraft(deviceKeep, visit, draft.version === null ? draft : onWhatWasMade(draft)))
    },
    onDrop: (id: string) => { setDrafts(dropDraft(deviceKeep, visit, id)) },
    /** The visit is there as the server has it now: what is still typed goes on from that. */
    readAgain: () => {
      for (const draft of Object.values(readDrafts(deviceKeep, visit))) {
        writeDraft(deviceKeep, visit, onWhatWasMade(draft))
      }
      setDrafts(readDrafts(deviceKeep, visit))
    },
  }
}
