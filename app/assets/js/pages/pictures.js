// The contact sheet: pictures come in one after the other; each is framed where it stands; all are lightened together.
import { ask, latestOnly } from '../lib/ask.js'
import { behind, STEP } from '../lib/behind.js'

const FAR_MM = 0.5

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
  const keep = latestOnly(async (body) => {
    const answer = await ask(`/marks/${tile.dataset.mark}/cover`, { body })
    tile.parentElement.querySelector('.bare-corner').hidden = !answer.bare
  })
  const picture = behind(tile, () => tile.querySelector('.behind'), JSON.parse(tile.dataset.at), keep)
  picture.dragged(() => tile.querySelector('.grip-all'))
  tile.addEventListener('keydown', (event) => {
    if (event.shiftKey && STEP[event.key]) picture.by(STEP[event.key].map((step) => step * FAR_MM))
    else if (!picture.sized(event.key)) return
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
