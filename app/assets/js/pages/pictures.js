// The contact sheet: pictures come in one after the other; each is framed where it stands; all are lightened together.
import { ask, latestOnly } from '../lib/ask.js'

const REST_MS = 350
const GROWS = 1.02
const STEP = { ArrowLeft: [-1, 0], ArrowRight: [1, 0], ArrowUp: [0, -1], ArrowDown: [0, 1] }

export default function () {
  const page = document.querySelector('[data-page=pictures]')
  adding(page)
  const tiles = [...document.querySelectorAll('.tile')]
  tiles.forEach((tile) => framing(tile))
  page.addEventListener('keydown', (event) => walking(event, tiles))
}

function adding (page) {
  const drop = document.getElementById('drop')
  const chosen = document.getElementById('files')
  const take = async (files) => {
    const all = [...files].slice(0, Number(page.dataset.room))
    const refused = []
    for (const [i, file] of all.entries()) {
      document.getElementById('taken').textContent = `${i + 1} of ${all.length}: ${file.name}`
      const body = new FormData()
      body.append('files[]', file)
      try {
        refused.push(...(await ask(drop.action, { body })).refused)
      } catch {
        refused.push(`${file.name}: Up Close does not answer; choose it again.`)
      }
    }
    if (!refused.length) return window.location.assign(drop.action)
    document.getElementById('taken').textContent = `${all.length - refused.length} of ${all.length} are in.`
    const lines = refused.map((reason) => Object.assign(document.createElement('p'), { className: 'field-error', textContent: `■ ${reason}` }))
    document.getElementById('drop-errors').replaceChildren(...lines)
  }
  drop.addEventListener('submit', (event) => {
    event.preventDefault()
    if (chosen.files.length) take(chosen.files)
  })
  page.addEventListener('dragover', (event) => event.preventDefault())
  page.addEventListener('drop', (event) => {
    event.preventDefault()
    if (event.dataTransfer.files.length) take(event.dataTransfer.files)
  })
}

function framing (tile) {
  const at = JSON.parse(tile.dataset.at)
  const image = tile.querySelector('image')
  const address = `/marks/${tile.dataset.mark}/cover`
  const draw = () => {
    const [wide, high] = [at.wide * at.scale, at.wide * at.aspect * at.scale]
    tile.querySelector('.behind').setAttribute('transform', `translate(${at.origin[0] + at.x * at.scale} ${at.origin[1] + at.y * at.scale}) rotate(${at.turn})`)
    for (const [name, value] of Object.entries({ x: -wide / 2, y: -high / 2, width: wide, height: high })) image.setAttribute(name, value)
  }
  const keep = latestOnly(async (body) => {
    const answer = await ask(address, { body })
    tile.parentElement.querySelector('.bare-corner').hidden = !answer.said.includes('Empty corners')
  })
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
  let from = null
  const mm = (event) => {
    const point = new DOMPoint(event.clientX, event.clientY).matrixTransform(tile.getScreenCTM().inverse())
    return [point.x / at.scale, point.y / at.scale]
  }
  tile.addEventListener('pointerdown', (event) => {
    const [x, y] = mm(event)
    from = { x: at.x - x, y: at.y - y }
    tile.setPointerCapture(event.pointerId)
    event.preventDefault()
    tile.querySelector('.grip-all').focus()
  })
  tile.addEventListener('pointermove', (event) => {
    if (!from) return
    const [x, y] = mm(event)
    Object.assign(at, { x: from.x + x, y: from.y + y })
    moved()
  })
  for (const end of ['pointerup', 'pointercancel']) tile.addEventListener(end, () => { from = null })
  tile.addEventListener('wheel', (event) => {
    event.preventDefault()
    size(event.deltaY < 0 ? GROWS : 1 / GROWS)
  }, { passive: false })
  tile.addEventListener('keydown', (event) => {
    if (event.key === '+' || event.key === '=') size(GROWS)
    else if (event.key === '-') size(1 / GROWS)
    else if (event.shiftKey && STEP[event.key]) {
      const [x, y] = STEP[event.key]
      Object.assign(at, { x: at.x + x * 0.5, y: at.y + y * 0.5 })
      moved()
    } else return
    event.preventDefault()
  })
}

// from one picture to the next
function walking (event, tiles) {
  const here = tiles.findIndex((tile) => tile.contains(event.target))
  const way = { ArrowLeft: -1, ArrowUp: -1, ArrowRight: 1, ArrowDown: 1 }[event.key]
  if (here < 0 || !way || event.shiftKey) return
  event.preventDefault()
  tiles[(here + way + tiles.length) % tiles.length].querySelector('.grip-all').focus()
}
