// The Artwork stage: has it looked at, shows where, and holds the loupe over it.
import { ask, stopTask, taskName } from '../lib/ask.js'
import { follow } from '../lib/share.js'
import { wakeLifeSize } from '../widgets/life_size.js'
import { showRow } from '../widgets/looking.js'
import { wakeLoupe } from '../widgets/loupe.js'

// what is done sooner needs no bar
const SOON_MS = 1000

// what can be told before all of it is looked at; where it comes too late, or not at all, nothing is missed
async function showFirst (mark, first) {
  try {
    first.innerHTML = (await ask(`/marks/${mark}/checks/first`)).told ?? ''
  } catch {}
}

export default async function looks () {
  const place = document.getElementById('looked-at')
  const waiting = document.querySelector('#checks [data-waiting]')
  if (waiting) {
    const task = taskName()
    const shown = setTimeout(() => { waiting.querySelector('[hidden]').hidden = false }, SOON_MS)
    waiting.querySelector('button').addEventListener('click', () => stopTask(task))
    const first = waiting.querySelector('[data-first-look]')
    if (first) showFirst(place.dataset.mark, first)
    const enough = follow(waiting, `/underway/${task}/share`)
    try {
      const answer = await ask(`/marks/${place.dataset.mark}/checks?stage=artwork`, { task })
      document.getElementById('checks').innerHTML = answer.checks
      place.innerHTML = answer.looked_at
      const next = document.getElementById('artwork-next')
      if (next) next.innerHTML = answer.next
      document.getElementById('what-shows').innerHTML = answer.shows
      wakeLifeSize()
      showRow(place.dataset.mark, answer.row)
    } catch {
      waiting.textContent = 'Up Close does not answer. Load the page again.'
    } finally {
      clearTimeout(shown)
      enough()
    }
  }
  wakeLoupe(place.querySelector('[data-loupe]'))
  place.querySelector('[data-loupe]').classList.add('awake')
}
