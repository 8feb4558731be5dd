// Finds out which page this is and wakes its module.
import { watchBusy } from '../lib/busy.js'
import { showPresentStage, watchKeys } from '../lib/keys.js'
import { showRefused } from '../lib/refused.js'
import { wakeClocks } from '../widgets/clock.js'
import { wakeDrafts } from '../widgets/drafts.js'
import { wakeLifeSize } from '../widgets/life_size.js'
import { wakeLooking } from '../widgets/looking.js'
import { wakeMenu } from '../widgets/menu.js'
import { wakeRemedies } from '../widgets/remedies.js'
import { wakeTones } from '../widgets/tones.js'

const pages = {
  measure: () => import('./measure.js'),
  artwork: () => import('./artwork.js'),
  method: () => import('./method.js'),
  place: () => import('./place.js'),
  'true-size': () => import('./true_size.js'),
  layout: () => import('./layout.js'),
  underway: () => import('./underway.js'),
  'artwork-looks': () => import('./looks.js'),
  drawer: () => import('./drawer.js'),
  photo: () => import('./photo.js'),
  run: () => import('./run.js'),
  board: () => import('./board.js'),
  bath: () => import('./bath.js'),
  strap: () => import('./strap.js'),
  cover: () => import('./cover.js'),
  pictures: () => import('./pictures.js'),
  compose: () => import('./compose.js'),
  seen: () => import('./seen.js'),
  over: () => import('./over.js'),
  wrong: () => import('./wrong.js'),
  corners: () => import('./corners.js'),
  sheet: () => import('./sheet.js'),
  drop: () => import('./drop.js'),
  timetable: () => import('./timetable.js')
}

showRefused()
watchBusy()
watchKeys()
showPresentStage()
wakeClocks()
wakeDrafts()
wakeLifeSize()
wakeLooking()
wakeMenu()
wakeRemedies()
wakeTones()
// each part of a page wakes by itself; one that is left while its module is on its way has lost nothing, so that a
// module that did not come is told only where the page still stands
const STILL_HERE_MS = 10000
document.querySelectorAll('[data-page]').forEach(async (part) => {
  let module
  try {
    module = await pages[part.dataset.page]?.()
  } catch (error) {
    return setTimeout(() => { throw error }, STILL_HERE_MS)
  }
  module?.default()
})
