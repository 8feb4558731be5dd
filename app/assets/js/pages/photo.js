// Marks places on a photo: a reference or four corners, lines to read, an outline.
// What they come to is asked of the server.
import { ask, latestOnly } from '../lib/ask.js'
import { grip } from '../lib/grip.js'

const NS = 'http://www.w3.org/2000/svg'
const STEP = { ArrowLeft: [-1, 0], ArrowRight: [1, 0], ArrowUp: [0, -1], ArrowDown: [0, 1] }

export default function photo () {
  takeDrops(document.getElementById('photo-file'))
  const form = document.getElementById('marked')
  if (!form) return
  const view = document.getElementById('photo')
  const layer = document.getElementById('handles')
  const marks = JSON.parse(form.dataset.photo)
  const size = Math.max(marks.width, marks.height)
  let tracing = false

  const say = latestOnly(async () => {
    form.elements.marked.value = JSON.stringify({ reference: marks.reference, corners: marks.corners, lines: marks.lines, trace: marks.trace })
    const answer = await ask(`/pieces/${form.dataset.piece}/photo/marked`, { body: new URLSearchParams(new FormData(form)) })
    document.getElementById('photo-said').innerHTML = answer.said
    document.getElementById('photo-errors').replaceChildren(...Object.values(answer.errors).map((words) => Object.assign(document.createElement('p'), { className: 'field-error', textContent: `■ ${words}` })))
  })
  const mode = () => form.elements.mode.value
  const shown = () => [
    ...(mode() === 'corners' ? marks.corners.map((at, i) => ({ at, name: `${i + 1}`, kind: 'known', words: `Corner ${i + 1}` })) : marks.reference.map((at, i) => ({ at, name: i ? 'R' : '', kind: 'known', words: `Reference, ${i ? 'end' : 'start'}` }))),
    ...marks.lines.flatMap((line, n) => line.map((at, i) => ({ at, name: i ? `${n + 1}` : '', kind: 'line', words: `Line ${n + 1}, ${i ? 'end' : 'start'}` }))),
    ...marks.trace.map((at, i) => ({ at, name: '', kind: 'trace', words: `Outline, corner ${i + 1}` }))
  ]
  const draw = (focus) => {
    const held = focus ?? [...layer.querySelectorAll('circle')].indexOf(document.activeElement)
    const rings = [[mode() === 'corners' ? marks.corners : marks.reference, 'known', mode() === 'corners'], ...marks.lines.map((l) => [l, 'line', false]), [marks.trace, 'trace', true]]
    layer.replaceChildren(...rings.map(([points, kind, closed]) => stretch(points, kind, closed)), ...shown().flatMap((handle) => knob(handle, size, draw, say)))
    if (held >= 0) layer.querySelectorAll('circle')[held]?.focus()
  }

  form.querySelectorAll('[name=mode]').forEach((radio) => radio.addEventListener('change', () => {
    form.querySelectorAll('[data-mode]').forEach((part) => { part.hidden = part.dataset.mode !== mode() })
    draw()
    say()
  }))
  form.querySelectorAll('input.figure-field').forEach((input) => input.addEventListener('change', say))
  const change = (id, work) => document.getElementById(id).addEventListener('click', () => {
    work()
    draw()
    say()
  })
  change('add-line', () => marks.lines.push([[marks.width * 0.35, marks.height * 0.4], [marks.width * 0.65, marks.height * 0.4]]))
  change('drop-line', () => marks.lines.length > 1 && marks.lines.pop())
  // by keys: beside the last one, ready to be moved
  document.getElementById('add-corner').addEventListener('click', () => {
    const [x, y] = marks.trace.at(-1) ?? [marks.width / 2, marks.height / 2]
    marks.trace.push([Math.min(x + size / 20, marks.width), y])
    draw(layer.querySelectorAll('circle').length)
    say()
  })
  change('untrace', () => marks.trace.pop())
  document.getElementById('trace').addEventListener('click', (event) => {
    tracing = !tracing
    event.currentTarget.setAttribute('aria-pressed', tracing)
    view.classList.toggle('tracing', tracing)
  })
  view.addEventListener('click', (event) => {
    if (!tracing || event.target.closest('circle')) return
    marks.trace.push(placeOf(view, event))
    draw()
    say()
  })
  let held = null
  grip(view, {
    nudged: () => layer.querySelector('circle:focus') ?? layer.querySelector('circle'),
    take (event) {
      const circle = event.target.closest('circle')
      held = circle?.knob
      circle?.focus()
      return Boolean(held)
    },
    move: (event) => held.follow(placeOf(view, event)),
    release: (event, cancelled) => cancelled ? held.back() : held.move(placeOf(view, event))
  })
  draw()
}

// a photo dropped anywhere on the page, or pasted, is taken in
function takeDrops (file) {
  const take = (files) => {
    if (!files?.length) return
    file.files = files
    file.form.requestSubmit()
  }
  document.addEventListener('paste', (event) => take(event.clipboardData.files))
  document.addEventListener('dragover', (event) => event.preventDefault())
  document.addEventListener('drop', (event) => {
    event.preventDefault()
    take(event.dataTransfer.files)
  })
}

function placeOf (view, event) {
  const point = new DOMPoint(event.clientX, event.clientY).matrixTransform(view.getScreenCTM().inverse())
  return [Math.round(point.x * 10) / 10, Math.round(point.y * 10) / 10]
}

function stretch (points, kind, closed) {
  const line = document.createElementNS(NS, closed ? 'polygon' : 'polyline')
  line.setAttribute('points', points.map((p) => p.join(',')).join(' '))
  line.setAttribute('class', `stretch ${kind}`)
  return line
}

function knob ({ at, name, kind, words }, size, draw, say) {
  const circle = document.createElementNS(NS, 'circle')
  const radius = size / 90
  const settle = () => {
    circle.setAttribute('cx', at[0])
    circle.setAttribute('cy', at[1])
  }
  settle()
  circle.setAttribute('r', radius)
  circle.setAttribute('class', `knob ${kind}`)
  circle.setAttribute('tabindex', '0')
  circle.setAttribute('role', 'slider')
  circle.setAttribute('aria-label', words)
  circle.setAttribute('aria-valuetext', `${at[0]} right, ${at[1]} down`)
  circle.setAttribute('aria-valuenow', at[0])
  const move = ([x, y]) => {
    at[0] = x
    at[1] = y
    draw()
    say()
  }
  circle.addEventListener('keydown', (event) => {
    const way = STEP[event.key]
    if (!way) return
    event.preventDefault()
    const by = event.shiftKey ? 10 : 1
    move([at[0] + way[0] * by, at[1] + way[1] * by])
  })
  const start = [...at]
  const follow = ([x, y]) => {
    at[0] = x
    at[1] = y
    settle()
  }
  circle.knob = { follow, move, back: () => move(start) }
  const label = document.createElementNS(NS, 'text')
  label.setAttribute('x', at[0] + radius * 1.6)
  label.setAttribute('y', at[1] - radius * 1.2)
  label.setAttribute('font-size', size / 32)
  label.textContent = name
  return name ? [circle, label] : [circle]
}
