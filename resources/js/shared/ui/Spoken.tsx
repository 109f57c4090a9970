/** For whoever hears the page: said when it changes. What changes ten times a second is shown, and said only once it means something else. */
export function Spoken({ text, urgent = false }: { text: string; urgent?: boolean }) {
  return <p className="visually-hidden" role={urgent ? 'alert' : 'status'}>{text}</p>
}
