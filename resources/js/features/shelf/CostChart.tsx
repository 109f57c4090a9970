import { t } from '@lingui/core/macro'
import { BarController, BarElement, CategoryScale, Chart, Legend, LinearScale, Tooltip } from 'chart.js'
import { useEffect, useRef } from 'react'
import type { Costs } from './costApi'

Chart.register(BarController, BarElement, CategoryScale, LinearScale, Legend, Tooltip)

/** Bars of what was used and, on top, what was not; the table beside it says the same to everybody. */
export function CostChart({ rows }: { rows: Costs['rows'] }) {
  const canvas = useRef<HTMLCanvasElement>(null)
  useEffect(() => {
    if (canvas.current === null) return
    const colour = (name: string) => getComputedStyle(document.documentElement).getPropertyValue(name).trim()
    const grid = { color: colour('--line') }
    const ticks = { color: colour('--quiet'), font: { family: 'Atkinson Hyperlegible Next Variable', size: 14 } }
    const chart = new Chart(canvas.current, {
      type: 'bar',
      data: {
        labels: rows.map((row) => (row.name.length > 26 ? `${row.name.slice(0, 25)}…` : row.name)),
        datasets: [
          {
            label: t`used`,
            data: rows.map((row) => row.drawn.used),
            backgroundColor: colour('--accent'),
            stack: 'cost',
          },
          {
            label: t`not used`,
            data: rows.map((row) => row.drawn.wasted),
            backgroundColor: colour('--ink-ochre'),
            stack: 'cost',
          },
        ],
      },
      options: {
        animation: false,
        maintainAspectRatio: false,
        scales: {
          x: { stacked: true, grid: { display: false }, ticks },
          y: { stacked: true, grid, ticks, beginAtZero: true },
        },
        plugins: {
          legend: { labels: { color: colour('--ink'), font: ticks.font } },
          tooltip: {
            callbacks: {
              label: (item) => ` ${item.dataset.label ?? ''} ${item.parsed.y === null ? '' : item.parsed.y.toFixed(2)}`,
            },
          },
        },
      },
    })
    return () => { chart.destroy() }
  }, [rows])
  return (
    <div className="cost-chart">
      <canvas
        ref={canvas}
        role="img"
        aria-label={t`Cost of ${rows.map((row) => t`${row.name}: ${row.cost}, of which not used ${row.wastedCost}`).join('; ')}`}
      />
    </div>
  )
}
