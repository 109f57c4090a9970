import { t } from '@lingui/core/macro'
import { keepPreviousData, useMutation, useQuery, useQueryClient } from '@tanstack/react-query'
import { useState } from 'react'
import Form from 'react-bootstrap/Form'
import Modal from 'react-bootstrap/Modal'
import { shelf as shelfQuery } from '../../shared/shelf/shelf'
import { Field } from '../../shared/ui/Field'
import { ErrorNotice, Notice } from '../../shared/ui/Notice'
import { Press } from '../../shared/ui/Press'
import { line as lineQuery } from './api'
import { importTable, tryTable, type TriedTable } from './lineApi'
import type { Line } from './shapes'
import { readTableFile } from './readTableFile'

const FIELDS: Record<string, string> = {
  code: t`code`,
  name: t`name`,
  kind: t`kind`,
  level: t`level`,
  tone: t`tone`,
  pack: t`a pack holds`,
  density: t`g per ml`,
  packCode: t`code on the pack`,
  price: t`price of a pack`,
}

/** A sheet of products, pasted or from a file: columns said, every row looked at, then all of it or nothing. */
export function TableImport({ line, onClose }: { line: Line; onClose: () => void }) {
  const queries = useQueryClient()
  const [text, setText] = useState('')
  const [note, setNote] = useState('')
  const [fields, setFields] = useState<string[] | null>(null)
  const tried = useQuery({
    queryKey: ['tried-table', line.id, line.version, text, fields],
    queryFn: ({ signal }) => tryTable(line.id, text, fields, signal),
    enabled: text.trim() !== '',
    placeholderData: keepPreviousData,
    retry: false,
    gcTime: 0,
  })
  const take = useMutation({
    mutationFn: () => importTable(line.id, text, fields),
    onSuccess: async (done) => {
      queries.setQueryData(lineQuery(line.id).queryKey, done.line)
      await queries.invalidateQueries({ queryKey: shelfQuery.queryKey })
    },
  })
  const table = text.trim() === '' ? null : (tried.data ?? null)
  const change = (next: string, said: string) => { take.reset(); setFields(null); setText(next); setNote(said) }
  return (
    <Modal show onHide={onClose} size="xl" scrollable aria-labelledby="table-title">
      <Modal.Header closeButton>
        <Modal.Title id="table-title">{t`Bring products into ${line.line.name}`}</Modal.Title>
      </Modal.Header>
      <Modal.Body>
        {take.data === undefined ? (
          <>
            <div className="field-row">
              <Field id="table-text" label={t`Paste the table from your own sheet`} className="wide">
                <Form.Control
                  as="textarea"
                  rows={table === null ? 6 : 3}
                  value={text}
                  onChange={(event) => { change(event.target.value, '') }}
                  placeholder={'code, name, pack, price\n7.3, sand, 60 g, 8.50'}
                />
              </Field>
              <Field id="table-file" label={t`or choose a file (CSV)`}>
                <Form.Control type="file" accept=".csv,.tsv,.txt,text/csv,text/plain" onChange={(event) => {
                  const file = (event.target as HTMLInputElement).files?.[0]
                  if (file !== undefined) void readTableFile(file).then((read) => { change(read.text, read.note) })
                }} />
              </Field>
            </div>
            {note === '' ? null : <Notice kind="note" title={note} />}
            {tried.error === null ? null : <ErrorNotice error={tried.error} />}
            {take.error === null ? null : <ErrorNotice error={take.error} />}
            {table === null ? (
              <p className="quiet">
                {t`One product a row. Which column holds what is found by its heading, and can be said. Products that are there already are changed, not doubled.`}
              </p>
            ) : (
              <Preview table={table} onFields={(next) => { take.reset(); setFields(next) }} />
            )}
          </>
        ) : <Notice
          kind="good"
          title={take.data.added === null
            ? t`The table is in.`
            : t`${count(take.data.added, 'product')} added${take.data.changed === 0 ? '' : t`, ${String(take.data.changed)} changed`}.`}
        >{t`They stand in the line and can be weighed.`}</Notice>}
      </Modal.Body>
      <Modal.Footer>
        {table === null || take.data !== undefined ? null : (
          <span className="quiet flex-fill">
            {table.faulty > 0
              ? t`${count(table.faulty, 'row')} to mend first: nothing is brought in by half.`
              : t`${count(table.rows.filter((row) => !row.known).length, t`new product`)}, ${String(table.rows.filter((row) => row.known).length)} known.`}
          </span>
        )}
        <Press kind="quiet" onPress={onClose}>{take.data === undefined ? t`Leave it` : t`Done`}</Press>
        {take.data === undefined ? (
          <Press
            id="take-table"
            kind="main"
            disabled={table === null
              || table.faulty > 0
              || table.problems.length > 0
              || table.rows.length === 0
              || take.isPending
              || tried.isFetching}
            onPress={() => { take.mutate() }}
          >{take.isPending ? t`Bringing in…` : t`Bring them in`}</Press>
        ) : null}
      </Modal.Footer>
    </Modal>
  )
}

const count = (number: number, what: string) => `${String(number)} ${what}${number === 1 ? '' : 's'}`

function Preview({ table, onFields }: { table: TriedTable; onFields: (fields: string[]) => void }) {
  // Those to be mended first, then the beginning of the rest.
  const faulty = table.rows.filter((row) => row.problems.length > 0)
  const shown = [...faulty.slice(0, 60), ...table.rows.filter((row) => row.problems.length === 0).slice(0, 40)]
  return (
    <>
      {table.problems.map((problem) => <Notice key={problem.pointer} kind="warn" title={problem.message}>
        {problem.mend}
      </Notice>)}
      <div className="table-columns">
        {table.fields.map((field, at) => (
          <label key={at}>
            <span className="quiet">
              {table.sample.slice(0, 2).map((row) => row[at] ?? '').join(' / ') || t`Column ${String(at + 1)}`}
            </span>
            <Form.Select
              aria-label={t`Column ${String(at + 1)} holds`}
              value={field}
              onChange={(event) => {
                onFields(
                  table.fields.map((each, place) => (place === at
                    ? event.target.value
                    : each === event.target.value ? '' : each)),
                )
              }}
            >
              <option value="">{t`left out`}</option>
              {table.offered.map((each) => <option key={each} value={each}>{FIELDS[each] ?? each}</option>)}
            </Form.Select>
          </label>
        ))}
      </div>
      <table className="table-rows">
        <thead>
          <tr>
            <th scope="col">{t`Row`}</th><th scope="col">{t`Code`}</th><th scope="col">{t`Read as`}</th>
            <th scope="col">{t`Name`}</th><th scope="col">{t`Pack`}</th><th scope="col" />
          </tr>
        </thead>
        <tbody>
          {shown.map((row) => (
            <tr key={row.row} className={row.problems.length > 0 ? 'row-faulty' : undefined}>
              <td>{row.row}</td>
              <td>
                <span className="dot-swatch" style={{ background: row.read?.swatch ?? 'transparent' }} /> {row.code}
              </td>
              <td>
                {row.read === null
                  ? ''
                  : row.read.unread !== null
                  ? <span title={row.read.unread}>{t`not read, kept`}</span>
                  : [row.read.level, row.read.tone].filter((each) => each !== null && each !== '').join(' ')}
              </td>
              <td>{row.name}</td>
              <td className="grams">{row.pack ?? ''}</td>
              <td>
                {row.problems.map((problem) => <div key={problem.pointer} className="field-problem">
                  {problem.message} {problem.mend}
                </div>)}
                {row.problems.length === 0 && row.known ? <span className="quiet">{t`known`}</span> : null}
              </td>
            </tr>
          ))}
        </tbody>
      </table>
      {shown.length < table.rows.length ? (
        <p className="quiet">{t`and ${table.rows.length - shown.length} more rows`}</p>
      ) : null}
    </>
  )
}
