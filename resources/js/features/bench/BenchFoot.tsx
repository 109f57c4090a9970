import { t } from '@lingui/core/macro'
import { Press } from '../../shared/ui/Press'
import { can, type Batch } from './api'
import type { Bench } from './useBench'

/** The bench's buttons, each one large touch or one key. */
export function BenchFoot({ bench, batch }: { bench: Bench; batch: Batch | null }) {
  const { busy } = bench
  const shut = bench.open.kind !== 'nothing' && bench.open.kind !== 'until-still'
  return (
    <footer className="bench-foot">
      <Press size="bench" hint="←" disabled={!bench.canUndo || busy || shut} onPress={bench.undo} id="undo">
        {t`Undo`}{batch?.undoes == null || !bench.canUndo ? '' : (
          <span className="quiet undo-what">{batch.undoes}</span>
        )}
      </Press>
      {can(batch, 'withdraw') ? (
        <Press size="bench" hint="x" disabled={busy || shut} onPress={bench.withdraw} id="withdraw">
          {t`Not begun`}
        </Press>
      ) : (
        <Press
          kind="stop"
          size="bench"
          hint="x"
          disabled={!can(batch, 'discard') || busy || shut}
          onPress={bench.askDiscard}
          id="throw-away"
        >{t`Discard…`}</Press>
      )}
      <Press
        size="bench"
        hint="0–9"
        disabled={!bench.canType || busy || shut}
        onPress={() => { bench.type('') }}
        id="by-hand"
      >
        {bench.typeWords}
      </Press>
      <Press
        size="bench"
        hint="→"
        disabled={!bench.canTakeShort || busy || shut}
        onPress={bench.takeShort}
        id="take-short"
      >
        {bench.shortWords}
      </Press>
      <Press size="bench" hint="+" disabled={!bench.canAdd || busy || shut} onPress={bench.openAdding} id="also-in">
        {t`Also in…`}
      </Press>
      <Press
        kind="main"
        size="bench"
        hint="space"
        disabled={bench.action.kind === 'none' || busy || shut || bench.pan.question !== null}
        onPress={bench.act}
        id="act"
      >
        {bench.pan.question !== null
          ? t`Answer above`
          : bench.waitingForStill ? t`Waiting until it is still…` : bench.action.words}
      </Press>
    </footer>
  )
}
