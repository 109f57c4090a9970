import { t } from '@lingui/core/macro'
import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query'
import { useState } from 'react'
import Form from 'react-bootstrap/Form'
import { Refused } from '../../shared/api/http'
import { shelf as shelfQuery } from '../../shared/shelf/shelf'
import { Field } from '../../shared/ui/Field'
import { ErrorNotice } from '../../shared/ui/Notice'
import { Press } from '../../shared/ui/Press'
import { saveDeveloper, type Developer } from './api'

const USUAL = ['10 vol', '20 vol', '30 vol', '40 vol']

/** The developers of the house; each line says which of them go with it. */
export function Developers({ writes }: { writes: boolean }) {
  const { data } = useQuery(shelfQuery)
  const [open, setOpen] = useState<string | null>(null)
  const developers = data?.developers ?? []
  const missing = USUAL.filter((strength) => !developers.some((each) => each.strength === strength))
  return (
    <section aria-labelledby="developers-title">
      <h1 id="developers-title">{t`Developers`}</h1>
      <p className="lead-line">
        {t`Every strength that stands on the shelf. A strength between two is mixed from them at the bench.`}
      </p>
      <ul className="plain-rows">
        {developers.map((each) => (
          <li key={each.id} className={each.withdrawn ? t`withdrawn` : undefined}>
            <strong>{each.label}</strong> <span>{each.name}</span>
            <span className="quiet">
              {[
                each.pack === '' ? '' : t`pack of ${each.pack}`,
                each.price === '' ? '' : t`${each.price} a pack`,
                each.withdrawn ? t`withdrawn` : '',
              ].filter((words) => words !== '').join(', ')}
            </span>
            {writes ? (
              <Press kind="quiet" onPress={() => { setOpen(open === each.id ? null : each.id) }}>{t`Change`}</Press>
            ) : null}
            {open === each.id ? (
              <Editor
                key={`${each.id}.${String(each.version)}`}
                developer={each}
                strength={each.strength}
                onDone={() => { setOpen(null) }}
              />
            ) : null}
          </li>
        ))}
      </ul>
      {writes ? (
        <div className="chips">
          {missing.map((strength) => <Quick key={strength} strength={strength} />)}
          <button type="button" className="chip" id="other-developer" onClick={() => { setOpen('new') }}>
            {t`+ another strength`}
          </button>
        </div>
      ) : null}
      {open === 'new' ? <Editor developer={null} strength="" onDone={() => { setOpen(null) }} /> : null}
    </section>
  )
}

/** A usual strength, with one press. */
function Quick({ strength }: { strength: string }) {
  const queries = useQueryClient()
  const save = useMutation({
    mutationFn: () => saveDeveloper(null, { strength, name: t`developer ${strength}` }, false),
    onSuccess: () => queries.invalidateQueries({ queryKey: shelfQuery.queryKey }),
  })
  return (
    <button type="button" className="chip" disabled={save.isPending} onClick={() => { save.mutate() }}>
      + {strength}
    </button>
  )
}

function Editor({
  developer,
  strength,
  onDone,
}: { developer: Developer | null; strength: string; onDone: () => void }) {
  const queries = useQueryClient()
  const [said, setSaid] = useState({
    strength,
    name: developer?.name ?? '',
    pack: developer?.pack ?? '',
    packCode: developer?.packCode ?? '',
    price: developer?.price ?? '',
  })
  const save = useMutation({
    mutationFn: (withdrawn: boolean) => saveDeveloper(developer, said, withdrawn),
    onSuccess: async () => { await queries.invalidateQueries({ queryKey: shelfQuery.queryKey }); onDone() },
    onError: (error) => {
      if (error instanceof Refused
        && error.status === 409) void queries.invalidateQueries({ queryKey: shelfQuery.queryKey })
    },
  })
  const problem = (at: string) => (save.error instanceof Refused
    ? save.error.problems.find((each) => each.pointer === `/developer/${at}`)
    : undefined)
  const set = (next: Partial<typeof said>) => { save.reset(); setSaid({ ...said, ...next }) }
  return (
    <Form
      className="inline-editor"
      onSubmit={(event) => { event.preventDefault(); save.mutate(developer?.withdrawn ?? false) }}
    >
      {save.error !== null && !(save.error instanceof Refused && save.error.problems.length > 0) ? (
        <ErrorNotice error={save.error} />
      ) : null}
      <div className="field-row">
        <Field id="developer-strength" label={t`Strength, in vol or %`} problem={problem('strength')}>
          <Form.Control
            autoFocus
            value={said.strength}
            onChange={(event) => { set({ strength: event.target.value }) }}
          />
        </Field>
        <Field id="developer-name" label={t`Name`} problem={problem('name')}>
          <Form.Control value={said.name} maxLength={80} onChange={(event) => { set({ name: event.target.value }) }} />
        </Field>
        <Field id="developer-pack" label={t`A pack holds`} problem={problem('pack')}>
          <Form.Control
            placeholder={t`not known`}
            value={said.pack}
            onChange={(event) => { set({ pack: event.target.value }) }}
          />
        </Field>
        <Field id="developer-price" label={t`Price of a pack`} problem={problem('price')}>
          <Form.Control
            placeholder={t`not known`}
            value={said.price}
            onChange={(event) => { set({ price: event.target.value }) }}
          />
        </Field>
        <Field id="developer-pack-code" label={t`Code on the pack`} problem={problem('packCode')}>
          <Form.Control value={said.packCode} onChange={(event) => { set({ packCode: event.target.value }) }} />
        </Field>
      </div>
      <div className="notice-actions">
        <Press submit kind="main" id="save-developer" disabled={save.isPending}>
          {developer === null ? t`Add it` : t`Save`}
        </Press>
        {developer === null ? null : (
          <Press kind="quiet" onPress={() => { save.mutate(!developer.withdrawn) }}>
            {developer.withdrawn ? t`Take it up again` : t`Withdraw`}
          </Press>
        )}
        <Press kind="quiet" onPress={onDone}>{t`Leave it`}</Press>
      </div>
    </Form>
  )
}
