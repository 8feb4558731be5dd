// Copies on their sheets, moved by hand. The server says what is broken; a place that breaks a rule is not kept.
import { ask, latestOnly, inLine } from '../lib/ask.js'
import { grip } from '../lib/grip.js'
import { keptFirst } from '../lib/kept_first.js'

const STEP = { ArrowLeft: [-1, 0], ArrowRight: [1, 0], ArrowUp: [0, -1], ArrowDown: [0, 1] }
const TURN_DEG = 15

export default function layout () {
  const stage = document.querySelector('[data-page=layout]')
  const said = document.getElementById('layout-said')
  const address = `/marks/${stage.dataset.mark}/layout`
  const line = inLine()
  keptFirst(line)
  const grid = Number(stage.dataset.grid)

  const body = (copy, to, extra = {}) => new URLSearchParams({ copy: copy.dataset.copy, of: copy.dataset.of, ...to, ...extra })
  const show = (copy, answer) => {
    said.innerHTML = answer.said
    copy.classList.toggle('wrong', answer.said !== '')
    return answer.said === ''
  }
  const look = latestOnly(async (copy, to) => show(copy, await ask(`${address}/move`, { body: body(copy, to, { try: 1 }) })))
  // where a copy is wanted, while the answer is on its way: the next key goes on from there
  const wanted = new Map()
  const placeOf = (copy) => wanted.get(copy) ?? keptPlace(copy)
  const keep = (copy, to) => {
    wanted.set(copy, to)
    draw(copy, to)
    return line(async () => {
      const kept = show(copy, await ask(`${address}/move`, { body: body(copy, to) }))
      if (kept) Object.assign(copy.dataset, to)
      if (kept) document.getElementById('layout-undo').disabled = false
      if (wanted.get(copy) === to) wanted.delete(copy)
      if (!kept) setTimeout(() => { draw(copy, placeOf(copy)); copy.classList.remove('wrong') }, 900)
    })
  }

  stage.querySelectorAll('.copy').forEach((copy) => {
    copy.addEventListener('keydown', (event) => {
      const at = placeOf(copy)
      const way = STEP[event.key]
      if (way) {
        const by = event.shiftKey ? 1 : 0.1
        event.preventDefault()
        const to = { ...at, x: at.x + way[0] * by, y: at.y + way[1] * by }
        keep(copy, to)
      } else if (event.key.toLowerCase() === 't') {
        const to = { ...at, turn: at.turn + (event.shiftKey ? -TURN_DEG : TURN_DEG) }
        keep(copy, to)
      } else if (event.key.toLowerCase() === 'p') {
        copy.classList.toggle('pinned')
        line(() => ask(`${address}/pin`, { body: body(copy, {}) }))
      }
    })
  })
  stage.querySelectorAll('svg').forEach((svg) => {
    if (svg.querySelector('.copy')) dragged(svg, { grid, placeOf, look, keep })
  })
  stage.classList.add('awake')
}

function dragged (svg, { grid, placeOf, look, keep }) {
  let copy = null
  let from, at, to
  grip(svg, {
    nudged: () => svg.querySelector('.copy:focus') ?? copy ?? svg.querySelector('.copy'),
    take (event) {
      copy = event.target.closest('.copy')
      if (!copy) return false
      copy.focus()
      from = onSheet(copy, event)
      at = to = placeOf(copy)
      return true
    },
    move (event) {
      const now = onSheet(copy, event)
      const tidy = (v) => event.altKey ? v : Math.round(v / grid) * grid
      to = { ...at, x: tidy(at.x + now.x - from.x), y: tidy(at.y + now.y - from.y) }
      draw(copy, to)
      look(copy, to)
    },
    release (event, cancelled) {
      if (cancelled) draw(copy, at)
      else if (to !== at) keep(copy, to)
    }
  })
}

const keptPlace = (copy) => ({ x: Number(copy.dataset.x), y: Number(copy.dataset.y), turn: Number(copy.dataset.turn) })

const draw = (copy, { x, y, turn }) => copy.setAttribute('transform', `translate(${x} ${y}) rotate(${turn})`)

const onSheet = (copy, event) => new DOMPoint(event.clientX, event.clientY).matrixTransform(copy.ownerSVGElement.getScreenCTM().inverse())
