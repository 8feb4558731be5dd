// Clocks that show stored moments. Nothing is counted down and nothing is decided here: the
// server sends what is said from when on, and each tick picks the last that has begun.
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

// The server's clock as it sent the page belongs to the moment its answer began to come in, not to the
// later one at which this script woke up.
function answeredAt () {
  const [page] = performance.getEntriesByType('navigation')
  return page?.responseStart ? performance.timeOrigin + page.responseStart : Date.now()
}

export function wakeClock (element, data, onChange = () => {}) {
  const { faces } = JSON.parse(data)
  if (!faces.length) return
  const offset = Number(document.body.dataset.sent) - answeredAt()
  const words = element.querySelector('[data-clock-words]')
  const figure = element.querySelector('[data-clock-figure]')
  let before = null
  const tick = () => {
    const shown = reading(faces, Date.now() + offset)
    if (words.textContent !== shown.words) words.textContent = shown.words
    if (figure.textContent !== shown.figure) figure.textContent = shown.figure
    if (before !== shown.name) onChange(shown, before)
    before = shown.name
    return shown
  }
  tick()
  setInterval(tick, TICK_MS)
  document.addEventListener('visibilitychange', tick)
}

export function wakeClocks () {
  document.querySelectorAll('[data-clock]').forEach((element) => {
    wakeClock(element, element.dataset.clock, ({ name }) => element.classList.toggle('late', name === 'late' || name === 'over'))
  })
}
