import { grip } from '../lib/grip.js'

// A bar of work moved by hand says from when on its mark is planned. The server plans; this only asks.
const QUARTER_S = 900
const REST_MS = 700
const LEFT = 96

export default function timetable () {
  const bars = [...document.querySelectorAll('.day [data-mark]')]
  new Set(bars.map((bar) => bar.ownerSVGElement)).forEach(movable)
}

function movable (svg) {
  const secondsPx = Number(svg.dataset.seconds) / (svg.viewBox.baseVal.width - 20 - LEFT)
  const moved = new Map()
  const put = (bar, seconds) => {
    moved.set(bar, seconds)
    bar.setAttribute('transform', `translate(${seconds / secondsPx} 0)`)
  }
  const keep = (bar) => send(bar, Number(bar.dataset.from) + moved.get(bar))
  let resting
  svg.querySelectorAll('[data-mark]').forEach((bar) => bar.addEventListener('keydown', (event) => {
    const step = { ArrowLeft: -QUARTER_S, ArrowRight: QUARTER_S }[event.key]
    if (!step) return
    event.preventDefault()
    put(bar, (moved.get(bar) ?? 0) + step)
    clearTimeout(resting)
    resting = setTimeout(() => keep(bar), REST_MS)
  }))
  let held = null
  let from = null
  grip(svg, {
    take (event) {
      held = event.target.closest('[data-mark]')
      from = event.clientX
      held?.focus()
      return Boolean(held)
    },
    move: (event) => put(held, Math.round((event.clientX - from) / svg.getScreenCTM().a * secondsPx / 60) * 60),
    release (event, cancelled) {
      if (cancelled) put(held, 0)
      else if (moved.get(held)) keep(held)
    }
  })
}

function send (bar, seconds) {
  const form = document.createElement('form')
  form.method = 'post'
  form.action = `/marks/${bar.dataset.mark}/not-before`
  const fields = { authenticity_token: document.querySelector('meta[name=csrf]').content, seconds: Math.round(seconds) }
  for (const [name, value] of Object.entries(fields)) form.append(Object.assign(document.createElement('input'), { type: 'hidden', name, value }))
  document.body.append(form)
  form.submit()
}
