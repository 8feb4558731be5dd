// Artwork that has yet to be looked at as it is now: has it looked at, and shows what was found.
import { ask } from '../lib/ask.js'

export async function look (mark) {
  const stops = document.getElementById('stops')
  const stage = location.pathname.split('/').pop()
  const answer = await ask(`/marks/${mark}/checks?stage=${stage}`)
  for (const cell of document.querySelectorAll(`[data-looking="${mark}"]`)) {
    cell.textContent = answer.cell
    cell.removeAttribute('data-looking')
    if (answer.tone) cell.closest('.cell').className = `cell ${answer.tone}`
    else cell.closest('.cell').classList.remove('faint', 'stop')
  }
  if (stops?.dataset.mark === String(mark) && !stops.contains(document.activeElement)) stops.outerHTML = answer.stops
}

// one after the other: each is work
export async function wakeLooking () {
  if (document.querySelector('#checks [data-waiting]')) return
  const marks = new Set([...document.querySelectorAll('[data-looking]')].map((cell) => cell.dataset.looking))
  for (const mark of marks) {
    try {
      await look(mark)
    } catch {
      return
    }
  }
}
