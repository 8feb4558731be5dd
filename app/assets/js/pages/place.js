// Moves the mark by drag and by keys. The server says what holds there; this only draws it.
import { ask, inLine, latestOnly } from '../lib/ask.js'
import { grip } from '../lib/grip.js'
import { keptFirst } from '../lib/kept_first.js'
import { isTyping } from '../lib/keys.js'
import { look as lookAgain } from '../widgets/looking.js'

const SNAP_PX = 5
const REST_MS = 700
const STEP = { ArrowLeft: [-1, 0], ArrowRight: [1, 0], ArrowUp: [0, -1], ArrowDown: [0, 1] }

export default function place () {
  const stage = document.querySelector('[data-page=place]')
  const scene = document.getElementById('scene')
  const form = document.getElementById('figures')
  const address = `/marks/${stage.dataset.mark}/place`
  // moves counts what was asked since: an answer that has been overtaken moves nothing back
  const at = { x: Number(stage.dataset.x), y: Number(stage.dataset.y), moves: 0, snaps: JSON.parse(stage.dataset.snaps), grid: Number(stage.dataset.grid) }
  document.getElementById('set').hidden = true

  const show = (answer, { whole, asked }) => {
    const held = document.activeElement?.id === 'mark'
    const fresh = new DOMParser().parseFromString(`<svg xmlns="http://www.w3.org/2000/svg">${answer.drawing}</svg>`, 'text/html').querySelector('svg')
    if (whole) scene.replaceChildren(...fresh.childNodes)
    else scene.querySelector('.dims').replaceWith(fresh.querySelector('.dims'))
    if (whole) form.elements.shown.value = answer.shown
    const front = document.getElementById('front')
    if (front && answer.front) front.replaceChildren(...new DOMParser().parseFromString(`<svg xmlns="http://www.w3.org/2000/svg">${answer.front}</svg>`, 'text/html').querySelector('svg').childNodes)
    if (whole && held) document.getElementById('mark').focus()
    document.getElementById('said').innerHTML = answer.said
    document.getElementById('place-next').innerHTML = answer.next
    document.getElementById('undo').disabled = !answer.undo
    tell(answer)
    if (!whole) return
    at.snaps = answer.snaps
    if (asked === at.moves) Object.assign(at, answer.placed)
    const cell = document.querySelector('.row [aria-current] b')
    if (cell) cell.textContent = answer.cell
    if (answer.looking) rested()
  }

  // another size is looked at again, once it has come to rest
  let resting
  const rested = () => {
    const artwork = document.querySelector(`.row a[href="/marks/${stage.dataset.mark}/artwork"] b`)
    artwork.dataset.looking = stage.dataset.mark
    artwork.textContent = 'looking …'
    clearTimeout(resting)
    resting = setTimeout(() => lookAgain(stage.dataset.mark).catch(() => {}), REST_MS)
  }

  const tell = ({ fields, errors }) => {
    for (const [name, value] of Object.entries(fields)) {
      const input = form.elements[name]
      const wrong = errors[name] ?? (name === 'turn' ? errors.turn_deg : undefined)
      input.toggleAttribute('aria-invalid', false)
      if (wrong) input.setAttribute('aria-invalid', 'true')
      else if (!Object.keys(errors).length) input.value = input.defaultValue = value
    }
    if (!Object.keys(errors).length) form.elements.real.value = ''
    complain(Object.values(errors))
  }

  const where = ({ x, y }) => new URLSearchParams({ x_mm: x, y_mm: y })
  const look = latestOnly(async (to) => show(await ask(`${address}/look?${where(to)}`), { whole: false }))
  const keep = async (body) => {
    const asked = at.moves
    body.set('shown', form.elements.shown.value)
    try {
      const answer = await ask(address, { body })
      show(answer, { whole: true, asked })
      if (answer.errors.overtaken) offer(() => line(() => keep(body)))
    } catch {
      complain(['Up Close does not answer, so this was not kept. Load the page again.'])
    }
  }

  // figures go in the order typed; moves that wait for each other become one
  const line = inLine()
  keptFirst(line, form)
  let moving = false
  const move = (to) => {
    Object.assign(at, to, { moves: at.moves + 1 })
    if (moving) return
    moving = true
    line(() => {
      moving = false
      return keep(where(at))
    })
  }
  drag(scene, at, look, move)
  keys(at, move)
  form.addEventListener('submit', (event) => {
    event.preventDefault()
    // only what was changed here: another page may have changed the rest
    const scaled = form.elements.real.value.trim() !== ''
    const changed = [...form.elements].filter((input) => input.name && (input.value !== input.defaultValue || (scaled && input.name === 'ratio')))
    const typed = new URLSearchParams(changed.map((input) => [input.name, input.value]))
    line(() => keep(typed))
  })
  form.addEventListener('change', () => form.requestSubmit())
}

function complain (sentences) {
  document.getElementById('figure-errors').replaceChildren(...sentences.map((words) => {
    const line = document.createElement('p')
    line.className = 'field-error'
    line.textContent = `■ ${words}`
    return line
  }))
}

// a mark that is laid stays where it is till it is unlocked
const locked = () => 'locked' in document.querySelector('[data-page=place]').dataset
const sayLocked = () => document.querySelector('.locked button').focus()

// what was changed elsewhere can be overwritten, now that it was told
function offer (again) {
  const button = document.createElement('button')
  button.type = 'button'
  button.className = 'second'
  button.textContent = 'Save mine over it'
  button.addEventListener('click', again)
  document.getElementById('figure-errors').append(button)
}

function drag (scene, at, look, move) {
  let from = null
  const moved = (event) => {
    const scale = scene.getScreenCTM().a * Number(document.getElementById('mark').dataset.scale)
    // to the nearest of what the server named, when it is near, unless Alt is held
    const near = event.altKey ? 0 : SNAP_PX / scale
    const to = (v, places) => {
      const best = places.reduce((one, other) => (Math.abs(other - v) < Math.abs(one - v) ? other : one))
      if (event.altKey) return v
      return Math.abs(best - v) < near ? best : Math.round(v / at.grid) * at.grid
    }
    return { x: to(at.x + (event.clientX - from.x) / scale, at.snaps.x), y: to(at.y + (event.clientY - from.y) / scale, at.snaps.y) }
  }
  grip(scene, {
    nudged: () => document.getElementById('mark'),
    take (event) {
      const mark = event.target.closest('#mark')
      if (!mark || locked()) return false
      from = { x: event.clientX, y: event.clientY, transform: mark.getAttribute('transform') }
      mark.focus()
      return true
    },
    move (event) {
      const ratio = 1 / scene.getScreenCTM().a
      document.getElementById('mark').setAttribute('transform', `translate(${(event.clientX - from.x) * ratio} ${(event.clientY - from.y) * ratio}) ${from.transform}`)
      look(moved(event))
    },
    // what was broken off goes back to where it was
    release (event, cancelled) {
      const to = cancelled ? { x: at.x, y: at.y } : moved(event)
      const still = !cancelled && event.clientX === from.x && event.clientY === from.y
      if (cancelled) document.getElementById('mark').setAttribute('transform', from.transform)
      if (cancelled) look(to)
      else if (!still) move(to)
    }
  })
}

function keys (at, move) {
  document.addEventListener('keydown', (event) => {
    const way = STEP[event.key]
    if (!way || isTyping(event.target) || event.ctrlKey || event.metaKey || event.altKey) return
    event.preventDefault()
    if (locked()) return sayLocked()
    const size = event.shiftKey ? 1 : 0.1
    const along = (from, by) => Math.round((from + by * size) * 1e6) / 1e6
    move({ x: along(at.x, way[0]), y: along(at.y, way[1]) })
  })
}
