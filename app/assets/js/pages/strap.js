// The strap: dragged up or down, or moved by arrow keys, it is cut anew by Ruby.
import { ask, latestOnly } from '../lib/ask.js'
import { grip } from '../lib/grip.js'

export default function () {
  const scene = document.getElementById('scene')
  const form = document.getElementById('figures')
  const down = document.getElementById('f-down')
  if (!scene || !form) return
  const { mark } = document.querySelector('[data-page=strap]').dataset

  const look = latestOnly(async () => {
    const fields = new URLSearchParams(new FormData(form))
    fields.delete('authenticity_token')
    try {
      const answer = await ask(`/marks/${mark}/strap/look?${fields}`)
      const held = document.activeElement?.id === 'band'
      scene.innerHTML = answer.drawing
      document.getElementById('said').innerHTML = answer.said
      if (held) document.getElementById('band').focus()
    } catch { /* what does not fit is told when it is kept */ }
  })
  // Ruby's figure in mm; the field is in the shop's unit
  const now = () => Number(document.getElementById('band').getAttribute('aria-valuenow'))
  const move = (mm) => {
    const grid = Number(scene.dataset.grid)
    const tidy = Math.max(Math.round(mm / grid) * grid, 0) / Number(scene.dataset.unitMm)
    down.value = String(Number(tidy.toFixed(6)))
    look()
  }
  form.addEventListener('input', () => look())
  let from = null
  grip(scene, {
    nudged: () => document.getElementById('band'),
    take (event) {
      if (event.target.id !== 'band') return false
      event.target.focus()
      from = { y: event.clientY, mm: now() }
      return true
    },
    move (event) {
      const shown = scene.getBoundingClientRect().height / scene.viewBox.baseVal.height
      from.moved = true
      move(from.mm + (event.clientY - from.y) / shown / parseFloat(scene.dataset.pxPerMm))
    },
    release (event, cancelled) {
      if (cancelled) move(from.mm)
      else if (from.moved) form.requestSubmit()
    }
  })
  scene.addEventListener('keydown', (event) => {
    const way = { ArrowUp: -1, ArrowDown: 1 }[event.key]
    if (event.target.id !== 'band' || !way) return
    event.preventDefault()
    move(now() + (event.shiftKey ? way * 10 : way))
  })
}
