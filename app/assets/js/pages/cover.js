// Moves and sizes the artwork behind the piece's outline. What is shown moves at once; Ruby keeps it and says what holds.
import { ask, latestOnly } from '../lib/ask.js'
import { isTyping } from '../lib/keys.js'

const REST_MS = 350
const GROWS = 1.02
const STEP = { ArrowLeft: [-1, 0], ArrowRight: [1, 0], ArrowUp: [0, -1], ArrowDown: [0, 1] }

export default function () {
  const stage = document.querySelector('[data-page=cover]')
  const scene = document.getElementById('scene')
  const form = document.getElementById('figures')
  const middle = document.getElementById('middle')
  const at = JSON.parse(stage.dataset.at)
  document.getElementById('set').hidden = true
  middle.hidden = false

  const draw = () => {
    const [x, y] = [at.origin[0] + at.x * at.scale, at.origin[1] + at.y * at.scale]
    const [wide, high] = [at.wide * at.scale, at.wide * at.aspect * at.scale]
    const image = scene.querySelector('#behind image')
    document.getElementById('behind').setAttribute('transform', `translate(${x} ${y}) rotate(${at.turn})`)
    for (const [name, value] of Object.entries({ x: -wide / 2, y: -high / 2, width: wide, height: high })) image.setAttribute(name, value)
  }
  const show = (answer) => {
    document.getElementById('said').innerHTML = answer.said
    document.getElementById('undo').disabled = !answer.undo
    document.getElementById('figure-errors').textContent = answer.errors.join(' ')
    if (answer.errors.length) return
    for (const [name, value] of Object.entries(answer.fields)) {
      const input = form.elements[name]
      if (input) input.value = input.defaultValue = value
    }
  }
  const keep = latestOnly(async (body) => show(await ask(form.action, { body })))
  let resting
  const moved = () => {
    draw()
    clearTimeout(resting)
    resting = setTimeout(() => keep(new URLSearchParams({ x_mm: at.x, y_mm: at.y, shown_mm: at.wide, turn: at.turn })), REST_MS)
  }
  const size = (times) => {
    at.wide = Math.min(Math.max(at.wide * times, 0.5), 5000)
    moved()
  }
  // drawing units, then millimetres, from the screen
  const mm = (event) => {
    const point = new DOMPoint(event.clientX, event.clientY).matrixTransform(scene.getScreenCTM().inverse())
    return [(point.x - at.origin[0]) / at.scale, (point.y - at.origin[1]) / at.scale]
  }

  // the next click says where the picture's eye, gill or fin is
  const pins = [...document.querySelectorAll('[data-pin]')]
  const wanted = () => pins.find((pin) => pin.getAttribute('aria-pressed') === 'true')
  pins.forEach((pin) => {
    pin.hidden = false
    pin.addEventListener('click', () => {
      const on = pin.getAttribute('aria-pressed') !== 'true'
      pins.forEach((other) => other.setAttribute('aria-pressed', String(on && other === pin)))
    })
  })
  const hold = async (pin, [x, y]) => {
    pin.setAttribute('aria-pressed', 'false')
    const answer = await ask(`${form.action}/pin`, { body: new URLSearchParams({ feature: pin.dataset.pin, x_mm: x, y_mm: y }) })
    Object.assign(at, answer.at)
    draw()
    show(answer)
  }

  let from = null
  scene.addEventListener('pointerdown', (event) => {
    const [x, y] = mm(event)
    if (wanted()) return hold(wanted(), [x, y])
    if (middle.getAttribute('aria-pressed') === 'true') {
      middle.setAttribute('aria-pressed', 'false')
      Object.assign(at, { x: at.x - x, y: at.y - y })
      return moved()
    }
    from = { x: at.x - x, y: at.y - y }
    scene.setPointerCapture(event.pointerId)
    event.preventDefault()
    document.getElementById('mark').focus()
  })
  scene.addEventListener('pointermove', (event) => {
    if (!from) return
    const [x, y] = mm(event)
    Object.assign(at, { x: from.x + x, y: from.y + y })
    moved()
  })
  for (const end of ['pointerup', 'pointercancel']) scene.addEventListener(end, () => { from = null })
  scene.addEventListener('wheel', (event) => {
    event.preventDefault()
    size(event.deltaY < 0 ? GROWS : 1 / GROWS)
  }, { passive: false })
  middle.addEventListener('click', () => middle.setAttribute('aria-pressed', String(middle.getAttribute('aria-pressed') !== 'true')))

  document.addEventListener('keydown', (event) => {
    if (isTyping(event.target) || event.ctrlKey || event.metaKey || event.altKey) return
    const way = event.target.id === 'mark' && STEP[event.key]
    const far = event.shiftKey ? 1 : 0.1
    if (way) Object.assign(at, { x: at.x + way[0] * far, y: at.y + way[1] * far })
    else if (event.key === '+' || event.key === '=') return size(GROWS)
    else if (event.key === '-') return size(1 / GROWS)
    else if (event.key === '[' || event.key === ']') at.turn += event.key === ']' ? 1 : -1
    else return
    event.preventDefault()
    moved()
  })
  // by figures: what is typed next is not lost while this is kept
  const typed = latestOnly(async () => {
    const answer = await ask(form.action, { body: new URLSearchParams(new FormData(form)) })
    show(answer)
    if (answer.errors.length) return
    scene.innerHTML = answer.scene
    Object.assign(at, answer.at)
  })
  form.addEventListener('change', () => typed())
}
