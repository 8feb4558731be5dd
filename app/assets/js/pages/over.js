// Letters over a word in a photo: three handles say where the base line ends and how high capitals are. Ruby draws them.
import { ask, latestOnly } from '../lib/ask.js'
import { STEP } from '../lib/behind.js'
import { grip } from '../lib/grip.js'

const PLACES = 4

export default function () {
  const stage = document.querySelector('[data-page=over]')
  const form = document.getElementById('pose')
  const scene = document.getElementById('scene')
  if (!form) return
  const [originX, originY] = JSON.parse(stage.dataset.origin)
  const scale = Number(stage.dataset.scale)
  const handle = (name) => scene.querySelector(`[data-handle=${name}]`)
  const place = (name) => ({ x: handle(name).cx.baseVal.value / scale + originX, y: handle(name).cy.baseVal.value / scale + originY })

  const show = (answer) => {
    document.getElementById('letters').setAttribute('d', answer.path)
    for (const [name, x, y] of answer.handles) {
      handle(name).setAttribute('cx', x)
      handle(name).setAttribute('cy', y)
    }
  }
  // drawn: which handle is held, and where to; nothing when figures were typed
  const look = latestOnly(async (drawn) => {
    const fields = new URLSearchParams(new FormData(form))
    for (const name of ['authenticity_token', 'act']) fields.delete(name)
    for (const [name, value] of Object.entries(drawn || {})) fields.set(name, value)
    try {
      const answer = await ask(`/marks/${stage.dataset.mark}/over/look?${fields}`)
      show(answer)
      if (!drawn) return
      for (const [name, value] of Object.entries(answer.pose)) form.elements[name].value = Number(value.toFixed(PLACES))
    } catch { /* what does not read is said when it is sent */ }
  })
  const draw = (held, { x, y }) => look({ held, to_x: x, to_y: y })
  const mm = (event) => {
    const point = new DOMPoint(event.clientX, event.clientY).matrixTransform(scene.getScreenCTM().inverse())
    return { x: point.x / scale + originX, y: point.y / scale + originY }
  }
  let held = null
  let from = null
  grip(scene, {
    nudged: () => scene.querySelector('[data-handle]:focus') ?? handle(held ?? scene.querySelector('[data-handle]').dataset.handle),
    take (event) {
      const name = event.target.dataset.handle
      if (!name) return false
      held = name
      from = place(held)
      event.target.focus()
      return true
    },
    move: (event) => draw(held, mm(event)),
    release (event, cancelled) { if (cancelled) draw(held, from) }
  })
  scene.addEventListener('keydown', (event) => {
    const way = STEP[event.key]
    const name = event.target.dataset.handle
    if (!way || !name) return
    event.preventDefault()
    const size = event.shiftKey ? 1 : 0.1
    const { x, y } = place(name)
    draw(name, { x: x + way[0] * size, y: y + way[1] * size })
  })
  form.addEventListener('input', () => look())
}
