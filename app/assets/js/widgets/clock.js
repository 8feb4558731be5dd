// Clocks that show stored moments. Nothing is counted down and nothing is decided here: the
// server sends what is said from when on, and each tick picks the last that has begun.
import { serverNow, watchClock, wakeServerClock } from '../lib/server_clock.js'

const TICK_MS = 100

export function span (seconds) {
  const whole = Math.max(0, Math.floor(seconds))
  const two = (n) => String(n).padStart(2, '0')
  if (whole < 3600) return `${Math.floor(whole / 60)}:${two(whole % 60)}`
  if (whole < 86400) return `${Math.floor(whole / 3600)} h ${two(Math.floor((whole % 3600) / 60))}`
  const hours = Math.floor((whole % 86400) / 3600)
  return `${Math.floor(whole / 86400)} d${hours ? ` ${hours} h` : ''}`
}

// faces as Presenters::BenchStep has them; moments in ms
export function reading (faces, now) {
  const face = faces.filter(({ at }) => at === null || at <= now).at(-1)
  const counted = {
    down: () => span((face.to - now) / 1000 + 0.999),
    up: () => span((now - face.to) / 1000)
  }
  return { ...face, figure: counted[face.count]?.() ?? face.figure }
}

export function wakeClock (element, data, onChange = () => {}) {
  const { faces } = JSON.parse(data)
  if (!faces.length) return
  const words = element.querySelector('[data-clock-words]')
  const figure = element.querySelector('[data-clock-figure]')
  let before = null
  const tick = () => {
    watchClock()
    const shown = reading(faces, serverNow())
    if (words.textContent !== shown.words) words.textContent = shown.words
    if (figure.textContent !== shown.figure) figure.textContent = shown.figure
    if (before !== shown.name) onChange(shown, before)
    before = shown.name
    return shown
  }
  tick()
  setInterval(tick, TICK_MS)
  wakeServerClock()
  document.addEventListener('visibilitychange', tick)
}

export function wakeClocks () {
  document.querySelectorAll('[data-clock]').forEach((element) => {
    wakeClock(element, element.dataset.clock, ({ name }) => element.classList.toggle('late', name === 'late' || name === 'over'))
  })
}
