// Where it failed is tapped on the drawing; the time that is left to save the piece runs.
import { loadAnew } from '../lib/load_anew.js'
import { serverNow, wakeServerClock, watchClock } from '../lib/server_clock.js'
import { span } from '../widgets/clock.js'

export default function wrong () {
  tapping()
  running()
}

function tapping () {
  const scene = document.getElementById('scene')
  if (!scene) return
  const mark = document.getElementById('tapped')
  const form = document.getElementById('tap')
  document.querySelectorAll('[data-with-script]').forEach((words) => { words.hidden = false })
  scene.addEventListener('click', (event) => {
    const ring = event.target.closest('[data-ring]')
    if (ring) return send(form, { drop: ring.dataset.ring })
    const at = new DOMPoint(event.clientX, event.clientY).matrixTransform(mark.getScreenCTM().inverse())
    const { x, y, width, height } = mark.dataset
    const share = { x: (at.x - x) / width, y: (at.y - y) / height }
    if (share.x >= 0 && share.x <= 1 && share.y >= 0 && share.y <= 1) send(form, share)
  })
}

function send (form, values) {
  for (const [name, value] of Object.entries(values)) {
    form.append(Object.assign(document.createElement('input'), { type: 'hidden', name, value }))
  }
  form.submit()
}

function running () {
  const save = document.querySelector('[data-until]')
  const left = save?.querySelector('[data-left]')
  if (!left) return
  wakeServerClock()
  const tick = () => {
    watchClock()
    const seconds = (Number(save.dataset.until) - serverNow()) / 1000
    left.textContent = span(Math.max(0, seconds))
    if (seconds <= 0) loadAnew()
    else setTimeout(tick, 250)
  }
  tick()
}
