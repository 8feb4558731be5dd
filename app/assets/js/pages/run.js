// The bench: Space or Enter is done; the window sounds and shows in the title.
import { listen as changes } from '../lib/changes.js'
import { isTyping } from '../lib/keys.js'
import { resendPress, sendPress } from '../lib/kept_press.js'
import { loadAnew } from '../lib/load_anew.js'
import { wakeClock } from '../widgets/clock.js'

const MOVED = 'moved on elsewhere'
const PAUSE_MS = 1500

export default function run () {
  const done = document.querySelector('[data-done]')
  let sent = movedOn() // a key meant for the step before must not end this one
  if (sent) setTimeout(() => { sent = false }, PAUSE_MS)
  const press = () => {
    if (sent || done.hidden) return
    sent = true
    done.click()
  }
  document.addEventListener('keydown', (event) => {
    if (event.key !== ' ' && event.key !== 'Enter') return
    if (event.repeat || isTyping(event.target)) return
    const other = event.target.closest?.('a, button, summary')
    if (other && other !== done) return
    event.preventDefault()
    press()
  })
  const waiting = (yes) => { document.querySelector('[data-kept]').hidden = !yes }
  done.form?.addEventListener('submit', (event) => {
    event.preventDefault()
    sendPress(done.form, event.submitter, waiting)
    done.form.querySelectorAll('button').forEach((button) => { button.disabled = true })
  })
  if (done.form) resendPress(done.form, waiting)
  window.addEventListener('pageshow', (event) => { if (event.persisted) location.reload() })
  if (!done.hidden) done.focus({ preventScroll: true })

  listen()
  stayAwake()

  const clock = document.querySelector('[data-run-clock]')
  if (!clock) return
  const title = document.title
  const figure = clock.querySelector('[data-clock-figure]')
  wakeClock(document.getElementById('window'), clock.dataset.runClock, (now, before) => show(now, before, done))
  setInterval(() => { document.title = `${figure.textContent} · ${title}` }, 1000)
}

function show (now, before, done) {
  document.getElementById('window').className = `window ${now.name}`
  const late = now.name === 'late' || now.name === 'over'
  const early = now.name === 'early'
  document.getElementById('late').hidden = !late
  document.querySelector('[data-early]').hidden = !early
  document.querySelector('[data-meanwhile]').hidden = !early
  done.hidden = early
  done.toggleAttribute('data-next', !early)
  document.querySelector('[data-meanwhile] a').toggleAttribute('data-next', early)
  done.textContent = late ? 'Done, though late' : 'Done'
  if (before) sound(late ? 330 : 660)
}

function sound (hertz) {
  try {
    const audio = new AudioContext()
    const tone = audio.createOscillator()
    const level = audio.createGain()
    tone.frequency.value = hertz
    level.gain.setValueAtTime(0.2, audio.currentTime)
    level.gain.exponentialRampToValueAtTime(0.001, audio.currentTime + 0.9)
    tone.connect(level).connect(audio.destination)
    tone.start()
    tone.stop(audio.currentTime + 1)
  } catch {
    // a browser that plays nothing still shows the time
  }
}

// Done in another window or on another device: this page follows, unless something is
// being typed here. What its own requests have changed it shows anyway, and says nothing.
function listen () {
  const main = document.querySelector('[data-page=run]')
  const shown = JSON.parse(main.dataset.stamps)
  let asking = false
  document.addEventListener('submit', () => { asking = true })
  const stop = changes((stands) => {
    if (asking || stands.all === shown.all) return
    const moved = stands.runs[main.dataset.run] !== shown.runs[main.dataset.run]
    const typing = isTyping(document.activeElement) && document.activeElement.value
    if (typing) document.activeElement.addEventListener('blur', () => follow(moved), { once: true })
    else follow(moved)
    stop()
  })
}

// the screen stays on while a step is at hand, where the browser can
async function stayAwake () {
  if (!('wakeLock' in navigator)) return
  const hold = () => navigator.wakeLock.request('screen').catch(() => {})
  await hold()
  document.addEventListener('visibilitychange', () => { if (document.visibilityState === 'visible') hold() })
}

function follow (moved) {
  loadAnew(() => { if (moved) sessionStorage.setItem(MOVED, '1') })
}

// said once, after another device has moved this run on
function movedOn () {
  const moved = sessionStorage.getItem(MOVED) !== null
  sessionStorage.removeItem(MOVED)
  document.getElementById('moved-on').hidden = !moved
  return moved
}
