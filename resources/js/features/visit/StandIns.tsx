import { t } from '@lingui/core/macro'
import { keepPreviousData, useQuery } from '@tanstack/react-query'
import Form from 'react-bootstrap/Form'
import Modal from 'react-bootstrap/Modal'
import { ErrorNotice } from '../../shared/ui/Notice'
import { Press } from '../../shared/ui/Press'
import { Waiting } from '../../shared/ui/Waiting'
import { standIns } from './formulaApi'
import type { Sheet } from './shapes'
import { useKept } from '../../shared/keep/useKept'
import { usePaused } from './usePaused'

/** The nearest blends for a shade that is out; taking one keeps what was wanted and why. */
export function StandIns({
  sheet,
  product,
  visit,
  onTake,
  onClose,
}: { sheet: Sheet; product: string; visit: string | undefined; onTake: (sheet: Sheet) => void; onClose: () => void }) {
  const [why, setWhy] = useKept(`why.${visit ?? ''}.${product}`, t`out of stock`)
  const reason = usePaused(why)
  const found = useQuery({
    queryKey: ['stand-ins', sheet, product, visit, reason],
    queryFn: ({ signal }) => standIns(sheet, product, reason, visit, signal),
    retry: false,
    placeholderData: keepPreviousData,
  })
  return (
    <Modal show onHide={onClose} centered aria-labelledby="stand-ins-title">
      <Modal.Header closeButton>
        <Modal.Title id="stand-ins-title">{t`What can stand in`}</Modal.Title>
      </Modal.Header>
      <Modal.Body>
        <Form.Control
          aria-label={t`Why`}
          value={why}
          maxLength={300}
          onChange={(event) => { setWhy(event.target.value) }}
        />
        {found.error === null ? null : <ErrorNotice error={found.error} />}
        {found.data === undefined && found.error === null ? <Waiting what={t`the nearest blends`} /> : null}
        {found.data?.map((blend) => (
          <div key={blend.words} className="stand-in">
            <div>
              <strong>{blend.words}</strong>
              <div className="quiet">
                {blend.differs === '' ? t`no difference` : blend.differs}
                {blend.distance === '' ? '' : t`; distance ${blend.distance}`}
              </div>
            </div>
            {blend.sheet === null ? null : (
              <Taking sheet={blend.sheet} onTake={(taken) => { setWhy(t`out of stock`); onTake(taken) }} />
            )}
          </div>
        ))}
      </Modal.Body>
    </Modal>
  )
}

function Taking({ sheet, onTake }: { sheet: Sheet; onTake: (sheet: Sheet) => void }) {
  return <Press kind="main" onPress={() => { onTake(sheet) }}>{t`Take`}</Press>
}
