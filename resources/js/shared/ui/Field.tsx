import type { ReactNode } from 'react'
import Form from 'react-bootstrap/Form'
import type { Problem } from '../api/http'

/** A labelled field with its problem under it. */
export function Field({
  id,
  label,
  problem,
  children,
  className,
}: { id: string; label: string; problem?: Problem; children: ReactNode; className?: string }) {
  return (
    <Form.Group controlId={id} className={`field ${className ?? ''}`}>
      <Form.Label>{label}</Form.Label>
      {children}
      <FieldProblem problem={problem} />
    </Form.Group>
  )
}

export function FieldProblem({ problem }: { problem: Problem | undefined }) {
  return problem === undefined ? null : (
    <div className="field-problem" role="alert">
      <span aria-hidden="true">✕ </span>
      {problem.message} {problem.mend}
    </div>
  )
}
