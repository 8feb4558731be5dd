// Artwork that has yet to be looked at as it is now: has it looked at, and shows what was found, and what comes of it.
import { ask } from '../lib/ask.js'
import { loadAnew } from '../lib/load_anew.js'

const TONES = ['faint', 'stop', 'watch', 'turned', 'time']

// row: by stage, its figure and tone
export function showRow (mark, row) {
  for (const nav of document.querySelectorAll(`[data-row-of="${mark}"]`)) {
    for (const [stage, { figure, tone }] of Object.entries(row)) {
      const cell = nav.querySelector(`[data-stage="${stage}"]`)
      if (!cell) continue
      const told = cell.querySelector('b')
      told.textContent = figure
      told.removeAttribute('data-looking')
      cell.classList.remove(...TONES)
      if (tone) cell.classList.add(tone)
    }
  }
}

export async function look (mark) {
  const stops = document.getElementById('stops')
  const stage = location.pathname.split('/').pop()
  const answer = await ask(`/marks/${mark}/checks?stage=${stage}`)
  // a page that could not be shown before
  if (document.querySelector(`[data-awaits-look="${mark}"]`)) return loadAnew()
  showRow(mark, answer.row)
  if (stops?.dataset.mark === String(mark) && !stops.contains(document.activeElement)) stops.outerHTML = answer.stops
}

// one after the other: each is work
export async function wakeLooking () {
  if (document.querySelector('#checks [data-waiting]')) return
  const awaited = [...document.querySelectorAll('[data-awaits-look]')].map((place) => place.dataset.awaitsLook)
  const marks = new Set([...awaited, ...[...document.querySelectorAll('[data-looking]')].map((cell) => cell.dataset.looking)])
  for (const mark of marks) {
    try {
      await look(mark)
    } catch {
      return
    }
  }
}
