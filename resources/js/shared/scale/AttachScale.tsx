import { t } from '@lingui/core/macro'
import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query'
import { useState } from 'react'
import Form from 'react-bootstrap/Form'
import { Field } from '../ui/Field'
import { ErrorNotice, Notice } from '../ui/Notice'
import { Press } from '../ui/Press'
import { dropFormat, keepFormat, scaleFormats, tryFormat, type ScaleFormat } from './scales'
import { attach, BAUDS, canSerial, pickPort } from './serial'

const slug = (name: string) => `at-${name.toLowerCase().replaceAll(/[^a-z0-9]+/g, '-').replaceAll(/^-|-$/g, '').slice(0, 30)}`

/** A scale at a cable of this device: how it writes, how fast, what it is called. */
export function AttachScale({ onDone }: { onDone: (id: string) => void }) {
  const formats = useQuery(scaleFormats)
  const queries = useQueryClient()
  const [chosen, setChosen] = useState<number | null>(null)
  const [baud, setBaud] = useState(9600)
  const [name, setName] = useState('')
  const all = formats.data ?? []
  const format = all.find((each) => each.id === chosen) ?? all[0]
  const connect = useMutation({
    mutationFn: async (how: ScaleFormat) => {
      const port = await pickPort(baud)
      const scale = {
        id: slug(name === '' ? how.name : name),
        name: name === '' ? how.name : name,
        baud,
        format: how.format,
      }
      void attach(port, scale)
      return scale.id
    },
    onSuccess: onDone,
  })
  const drop = useMutation({
    mutationFn: dropFormat,
    onSuccess: (left) => { queries.setQueryData(scaleFormats.queryKey, left) },
  })
  return (
    <section className="attach-scale" aria-label={t`A scale at this device’s own cable`}>
      {canSerial() ? null : (
        <Notice kind="warn" title={t`This browser reaches no scale at a cable.`}>
          {t`It needs Chrome or Edge, and Tinta at this machine’s own address or over TLS. How the scale writes can be taught here all the same.`}
        </Notice>
      )}
      {all.length === 0 ? <p>{t`No scale has been taught yet: show Tinta three lines that it sends.`}</p> : (
        <div className="detail-row">
          <Form.Select
            aria-label={t`How it writes`}
            value={format?.id ?? ''}
            onChange={(event) => { setChosen(Number(event.target.value)) }}
          >
            {all.map((each) => <option key={each.id} value={each.id}>{each.name}: {each.example[1]}</option>)}
          </Form.Select>
          <Form.Select
            aria-label={t`How fast it sends`}
            value={baud}
            onChange={(event) => { setBaud(Number(event.target.value)) }}
          >
            {BAUDS.map((each) => <option key={each} value={each}>{t`${each} baud`}</option>)}
          </Form.Select>
          <Form.Control
            aria-label={t`What it is called`}
            placeholder={format?.name ?? t`by the window`}
            maxLength={40}
            value={name}
            onChange={(event) => { setName(event.target.value) }}
          />
          <Press
            kind="main"
            disabled={format === undefined || !canSerial() || connect.isPending}
            onPress={() => { if (format !== undefined) connect.mutate(format) }}
            id="connect-scale"
          >{t`Connect…`}</Press>
          {format === undefined ? null : (
            <Press kind="quiet" disabled={drop.isPending} onPress={() => { drop.mutate(format.id) }}>
              {t`Forget “${format.name}”`}
            </Press>
          )}
        </div>
      )}
      {connect.error === null ? null : <p role="alert">! {connect.error.message}</p>}
      <Teach onKept={(kept) => { setChosen(kept.id) }} />
    </section>
  )
}

/** Three lines that the scale sends teach how it writes; what would be read of them is shown before it is kept. */
function Teach({ onKept }: { onKept: (format: ScaleFormat) => void }) {
  const queries = useQueryClient()
  const [text, setText] = useState('')
  const [unit, setUnit] = useState('g')
  const [name, setName] = useState('')
  const lines = text.split('\n').filter((line) => line.trim() !== '')
  const tried = useQuery({
    queryKey: ['tried-format', text, unit],
    queryFn: ({ signal }) => tryFormat(lines, unit, signal),
    enabled: lines.length >= 3,
    retry: false,
    staleTime: Infinity,
  })
  const keep = useMutation({
    mutationFn: () => keepFormat(name.trim(), lines, unit),
    onSuccess: (kept) => {
      void queries.invalidateQueries({ queryKey: scaleFormats.queryKey })
      setText('')
      onKept(kept)
    },
  })
  return (
    <details className="adjust" open={text !== ''}>
      <summary>{t`It sends something else: teach it by example`}</summary>
      <Form onSubmit={(event) => { event.preventDefault(); keep.mutate() }}>
        <Field
          id="scale-lines"
          label={t`Three lines it sends: with nothing on it, with something on it, and while something is poured`}
        >
          <Form.Control as="textarea" rows={4} className="mono" placeholder={t`  0.00 g
210.40 g
215.91`} value={text} onChange={(event) => { setText(event.target.value) }} />
        </Field>
        {tried.data === undefined ? null : (
          <ul className="tried-lines" aria-label={t`What is read of them`}>
            {tried.data.read.map((each, at) => <li key={at}>
              <code>{each.line}</code> → <strong>{each.says}</strong>
            </li>)}
            {tried.data.tellsStill ? null : (
              <li className="quiet">
                {t`It does not say when it is still: the same weight for a moment counts as still.`}
              </li>
            )}
          </ul>
        )}
        {tried.error === null || lines.length < 3 ? null : <ErrorNotice error={tried.error} />}
        <div className="detail-row">
          <Form.Select
            aria-label={t`What a bare number means`}
            value={unit}
            onChange={(event) => { setUnit(event.target.value) }}
          >
            <option value="g">{t`a bare number is grams`}</option>
            <option value="kg">{t`a bare number is kilograms`}</option>
            <option value="oz">{t`a bare number is ounces`}</option>
            <option value="lb">{t`a bare number is pounds`}</option>
          </Form.Select>
          <Form.Control
            aria-label={t`Name of this way of writing`}
            placeholder={t`what to call it`}
            maxLength={40}
            value={name}
            onChange={(event) => { setName(event.target.value) }}
          />
          <Press submit disabled={tried.data === undefined || name.trim() === '' || keep.isPending} id="keep-format">
            {t`Keep it`}
          </Press>
        </div>
        {keep.error === null ? null : <ErrorNotice error={keep.error} />}
      </Form>
    </details>
  )
}
