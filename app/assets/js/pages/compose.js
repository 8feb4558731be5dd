// Several marks on one drawing: any of them is dragged or moved by keys. Ruby names the places it snaps to, and keeps it.
import { ask, latestOnly } from '../lib/ask.js'
import { grip } from '../lib/grip.js'
import { isTyping } from '../lib/keys.js'

const SNAP_PX = 6
const REST_MS = 400
const TURN_SNAP = 0.75
const STEP = { ArrowLeft: [-1, 0], ArrowRight: [1, 0], ArrowUp: [0, -1], ArrowDown: [0, 1] }
const SVG = 'http://www.w3.org/2000/svg'

const pressed = (button) => button.getAttribute('aria-pressed') === 'true'

export default function () {
  const stage = document.querySelector('[data-page=compose]')
  const scene = document.getElementById('scene')
  const [originX, originY] = JSON.parse(stage.dataset.origin)
  const scale = Number(stage.dataset.scale)
  const grid = Number(stage.dataset.grid)
  const here = { active: stage.dataset.active, snaps: JSON.parse(stage.dataset.snaps) }

  const own = () => scene.querySelector(`.mark[data-mark="${here.active}"]`)
  const at = () => ({ x: Number(own().dataset.x), y: Number(own().dataset.y), turn: Number(own().dataset.turn) })
  const put = ({ x, y, turn }) => {
    own().setAttribute('transform', `translate(${originX + x * scale} ${originY + y * scale}) rotate(${turn})`)
    Object.assign(own().dataset, { x, y, turn })
  }
  const redraw = latestOnly(async () => {
    const answer = await ask(`/pieces/${stage.dataset.piece}/compose/look?active=${here.active}`)
    const held = document.activeElement?.closest?.('.mark')
    scene.innerHTML = answer.scene
    document.getElementById('said').innerHTML = answer.said
    here.snaps = answer.snaps
    if (held) own()?.focus()
  })
  const keep = latestOnly(async (body) => {
    await ask(`/marks/${here.active}/place`, { body: new URLSearchParams(body) })
    await redraw()
  })
  let resting
  const moved = () => {
    const { x, y, turn } = at()
    clearTimeout(resting)
    resting = setTimeout(() => keep({ x_mm: x, y_mm: y, turn }), REST_MS)
  }

  // to the nearest named place on either axis; its line is drawn and said
  const snapped = (to, near) => {
    const lines = []
    const one = (axis) => {
      const best = here.snaps.filter((snap) => snap.axis === axis).reduce((a, b) => (!a || Math.abs(b.at - to[axis]) < Math.abs(a.at - to[axis]) ? b : a), null)
      if (!best || Math.abs(best.at - to[axis]) >= near) return near ? Math.round(to[axis] / grid) * grid : to[axis]
      lines.push(best)
      return best.at
    }
    const place = { x: one('x'), y: one('y') }
    show(lines)
    return place
  }
  const show = (lines) => {
    document.getElementById('snapped').textContent = lines.map((line) => line.words).join('; ') || 'middles, edges, baselines, equal gaps'
    const drawn = lines.map(({ axis, line }) => {
      const path = document.createElementNS(SVG, 'path')
      path.setAttribute('d', axis === 'x' ? `M${originX + line * scale} 0V${scene.viewBox.baseVal.height}` : `M0 ${originY + line * scale}H${scene.viewBox.baseVal.width}`)
      return path
    })
    document.getElementById('snap-lines').replaceChildren(...drawn)
  }
  const take = async (id) => {
    if (id === here.active) return
    here.active = id
    await redraw()
  }

  let from = null
  grip(scene, {
    nudged: own,
    take (event) {
      const mark = event.target.closest('.mark')
      if (pressed(two) || !mark || mark.dataset.locked) return false
      mark.focus()
      take(mark.dataset.mark)
      from = { x: event.clientX, y: event.clientY, at: at() }
      return true
    },
    move (event) {
      const px = scene.getScreenCTM().a * scale
      const to = { x: from.at.x + (event.clientX - from.x) / px, y: from.at.y + (event.clientY - from.y) / px }
      put({ ...snapped(to, event.altKey ? 0 : SNAP_PX / px), turn: from.at.turn })
    },
    release (event, cancelled) {
      if (cancelled) put(from.at)
      else if (event.clientX !== from.x || event.clientY !== from.y) moved()
    }
  })
  scene.addEventListener('focusin', (event) => {
    const mark = event.target.closest('.mark')
    if (mark) take(mark.dataset.mark)
  })
  document.addEventListener('keydown', (event) => {
    if (isTyping(event.target) || !event.target.closest?.('.mark') || event.ctrlKey || event.metaKey) return
    if (own().dataset.locked) return
    const way = STEP[event.key]
    const { x, y, turn } = at()
    const size = event.shiftKey ? 1 : 0.1
    if (way) put({ x: Math.round((x + way[0] * size) * 1e4) / 1e4, y: Math.round((y + way[1] * size) * 1e4) / 1e4, turn })
    else if (event.key === '[' || event.key === ']') put({ x, y, turn: turned(turn + (event.key === ']' ? 1 : -1)) })
    else return
    event.preventDefault()
    moved()
  })
  // near the piece's own direction it takes that
  const turned = (turn) => {
    const grain = stage.dataset.grain === '' ? null : Number(stage.dataset.grain)
    return grain !== null && Math.abs(turn - grain) < TURN_SNAP ? grain : turn
  }

  // two clicks say which way the grain, a seam or the handle lies
  const two = document.getElementById('two-clicks')
  const places = []
  two.hidden = false
  two.addEventListener('click', () => {
    places.length = 0
    two.setAttribute('aria-pressed', String(!pressed(two)))
  })
  scene.addEventListener('click', (event) => {
    if (!pressed(two)) return
    const point = new DOMPoint(event.clientX, event.clientY).matrixTransform(scene.getScreenCTM().inverse())
    places.push((point.x - originX) / scale, (point.y - originY) / scale)
    if (places.length < 4) return
    const form = document.getElementById('direction')
    for (const [i, name] of ['x1', 'y1', 'x2', 'y2'].entries()) {
      form.append(Object.assign(document.createElement('input'), { type: 'hidden', name, value: places[i] }))
    }
    form.submit()
  })
}
