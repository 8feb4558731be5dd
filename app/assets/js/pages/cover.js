// Moves and sizes the artwork behind the piece's outline. What is shown moves at once; Ruby keeps it and says what holds.
import { ask, latestOnly } from '../lib/ask.js'
import { behind, STEP } from '../lib/behind.js'
import { isTyping } from '../lib/keys.js'

export default function () {
  const stage = document.querySelector('[data-page=cover]')
  const scene = document.getElementById('scene')
  const form = document.getElementById('figures')
  const middle = document.getElementById('middle')
  const at = JSON.parse(stage.dataset.at)
  document.getElementById('set').hidden = true
  middle.hidden = false

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
  const picture = behind(scene, () => document.getElementById('behind'), at, keep)

  // the next click says where the picture's eye, gill or fin is
  const pins = [...document.querySelectorAll('[data-pin]')]
  const pressed = (button) => button.getAttribute('aria-pressed') === 'true'
  pins.forEach((pin) => {
    pin.hidden = false
    pin.addEventListener('click', () => {
      const on = !pressed(pin)
      pins.forEach((other) => other.setAttribute('aria-pressed', String(on && other === pin)))
    })
  })
  const hold = async (pin, [x, y]) => {
    pin.setAttribute('aria-pressed', 'false')
    const answer = await ask(`${form.action}/pin`, { body: new URLSearchParams({ feature: pin.dataset.pin, x_mm: x, y_mm: y }) })
    Object.assign(at, answer.at)
    picture.draw()
    show(answer)
  }
  // whether the next press says a place; with the place, it is said
  const meant = (place) => {
    const pin = pins.find(pressed)
    if (!place || (!pin && !pressed(middle))) return Boolean(pin) || pressed(middle)
    if (pin) return hold(pin, place)
    middle.setAttribute('aria-pressed', 'false')
    picture.by(place.map((v) => -v))
  }
  const free = () => !('locked' in stage.dataset)
  picture.dragged(() => document.getElementById('mark'), meant, free)
  middle.addEventListener('click', () => middle.setAttribute('aria-pressed', String(!pressed(middle))))

  document.addEventListener('keydown', (event) => {
    if (isTyping(event.target) || event.ctrlKey || event.metaKey || event.altKey) return
    if (!free()) return
    const way = event.target.id === 'mark' && STEP[event.key]
    if (way) picture.by(way.map((step) => step * (event.shiftKey ? 1 : 0.1)))
    else if (event.key === '[' || event.key === ']') {
      at.turn += event.key === ']' ? 1 : -1
      picture.moved()
    } else if (!picture.sized(event.key)) return
    event.preventDefault()
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
