// Letters over a word in a photo: three handles say where the base line ends and how high capitals are. Ruby draws them.
import { ask, latestOnly } from '../lib/ask.js'

const STEP = { ArrowLeft: [-1, 0], ArrowRight: [1, 0], ArrowUp: [0, -1], ArrowDown: [0, 1] }

export default function () {
  const stage = document.querySelector('[data-page=over]')
  const form = document.getElementById('pose')
  const scene = document.getElementById('scene')
  if (!form) return
  const [originX, originY] = JSON.parse(stage.dataset.origin)
  const scale = Number(stage.dataset.scale)
  let { natural, handles } = JSON.parse(stage.dataset.told)
  const at = Object.fromEntries(handles.map(([name, x, y]) => [name, { x: x / scale + originX, y: y / scale + originY }]))

  const look = latestOnly(async () => {
    const fields = new URLSearchParams(new FormData(form))
    for (const name of ['authenticity_token', 'act']) fields.delete(name)
    try {
      const answer = await ask(`/marks/${stage.dataset.mark}/over/look?${fields}`)
      natural = answer.natural
      document.getElementById('letters').setAttribute('d', answer.path)
      for (const [name, x, y] of answer.handles) {
        at[name] = { x: x / scale + originX, y: y / scale + originY }
        const circle = scene.querySelector(`[data-handle=${name}]`)
        circle.setAttribute('cx', x)
        circle.setAttribute('cy', y)
      }
    } catch { /* what does not read is said when it is sent */ }
  })
  const field = (name) => form.elements[name]
  // from the three places to how the letters lie
  const moved = (name, to) => {
    const before = at[name]
    at[name] = to
    if (name === 'top') taller(along(before, to))
    else ends()
    look()
  }
  const along = (from, to) => {
    const turn = Number(field('turn_deg').value) * Math.PI / 180
    return (to.x - from.x) * Math.sin(turn) - (to.y - from.y) * Math.cos(turn)
  }
  // as wide as before
  const taller = (by) => {
    const [before, stretch] = [Number(field('cap_mm').value), Number(field('stretch').value)]
    const cap = Math.max(before + by, 0.2)
    field('cap_mm').value = cap.toFixed(3)
    field('stretch').value = Math.min(Math.max(stretch * before / cap, 0.4), 2.5).toFixed(4)
  }
  // from end to end, in the font's own proportion
  const ends = () => {
    const [dx, dy] = [at.right.x - at.left.x, at.right.y - at.left.y]
    field('x_mm').value = (at.left.x + at.right.x) / 2
    field('y_mm').value = (at.left.y + at.right.y) / 2
    field('turn_deg').value = (Math.atan2(dy, dx) * 180 / Math.PI).toFixed(3)
    field('cap_mm').value = Math.max(Math.hypot(dx, dy) / (natural * Number(field('stretch').value)), 0.2).toFixed(3)
  }
  const mm = (event) => {
    const point = new DOMPoint(event.clientX, event.clientY).matrixTransform(scene.getScreenCTM().inverse())
    return { x: point.x / scale + originX, y: point.y / scale + originY }
  }
  let held = null
  scene.addEventListener('pointerdown', (event) => {
    held = event.target.dataset.handle
    if (!held) return
    scene.setPointerCapture(event.pointerId)
    event.preventDefault()
    event.target.focus()
  })
  scene.addEventListener('pointermove', (event) => held && moved(held, mm(event)))
  for (const end of ['pointerup', 'pointercancel']) scene.addEventListener(end, () => { held = null })
  scene.addEventListener('keydown', (event) => {
    const way = STEP[event.key]
    const name = event.target.dataset.handle
    if (!way || !name) return
    event.preventDefault()
    const size = event.shiftKey ? 1 : 0.1
    moved(name, { x: at[name].x + way[0] * size, y: at[name].y + way[1] * size })
  })
  form.addEventListener('input', () => look())
}
