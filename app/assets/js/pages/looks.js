// The Artwork stage: has it looked at, shows where, and holds the loupe over it.
import { ask } from '../lib/ask.js'
import { wakeLifeSize } from '../widgets/life_size.js'
import { wakeLoupe } from '../widgets/loupe.js'

export default async function looks () {
  const place = document.getElementById('looked-at')
  if (document.querySelector('#checks [data-waiting]')) {
    try {
      const answer = await ask(`/marks/${place.dataset.mark}/checks`)
      document.getElementById('checks').innerHTML = answer.checks
      place.innerHTML = answer.looked_at
      wakeLifeSize()
      const cell = document.querySelector('.row [aria-current] b')
      if (cell) cell.textContent = answer.cell
    } catch {
      document.querySelector('#checks [data-waiting]').textContent = 'Up Close does not answer. Load the page again.'
    }
  }
  wakeLoupe(place.querySelector('[data-loupe]'))
  place.querySelector('[data-loupe]').classList.add('awake')
}
