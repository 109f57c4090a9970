/** The dark squares of a QR code as one path, a unit a square. */
export function qrPath(rows: readonly (readonly boolean[])[]): string {
  return rows.flatMap((row, y) => row.flatMap((dark, x) => (dark ? [`M${x} ${y}h1v1h-1z`] : []))).join('')
}
