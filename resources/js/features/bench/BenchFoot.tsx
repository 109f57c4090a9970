import { Press } from '../../shared/ui/Press'
import type { useBench } from './useBench'

/** The bench's buttons, each one large touch or one key. */
export function BenchFoot({ bench, busy }: { bench: ReturnType<typeof useBench>; busy: boolean }) {
  return (
    <footer className="bench-foot">
      <Press size="bench" hint="←" disabled={!bench.canUndo || busy} onPress={bench.undo} id="undo">
        Undo
      </Press>
      <Press size="bench" hint="0–9" disabled={!bench.canType || busy} onPress={() => { bench.type('') }} id="by-hand">
        {bench.typeWords}
      </Press>
      <Press size="bench" hint="→" disabled={!bench.canTakeShort || busy} onPress={bench.takeShort} id="take-short">
        {bench.shortWords}
      </Press>
      <Press size="bench" hint="+" disabled={!bench.canAdd || busy} onPress={() => { bench.setAdding(true) }} id="also-in">
        Also in…
      </Press>
      <Press kind="main" size="bench" hint="space" disabled={bench.action.kind === 'none' || busy || bench.typing !== null} onPress={bench.act} id="act">
        {bench.waitingForStill ? 'Waiting until it is still…' : bench.action.words}
      </Press>
    </footer>
  )
}
