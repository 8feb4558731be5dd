// The server's clock, counted on by this device's steady one: its date may be set while a page is open. A steady clock
// may stand still while the device sleeps, so it is set again from the server on waking and reconnecting.
const JUMP_MS = 500

// The server's clock as it sent the page belongs to the moment its answer began to come in, not to the later one at
// which this script woke up.
const answeredAt = () => performance.getEntriesByType('navigation')[0]?.responseStart || performance.now()
const gap = () => Date.now() - performance.now()

let base = null
let asking = false
let awake = false

function known () {
  base ??= { server: Number(document.body.dataset.sent), steady: answeredAt(), gap: gap() }
  return base
}

export const serverNow = () => known().server + performance.now() - known().steady

// Asks the server; while it is away, what this device's date says of the time it slept is counted.
export async function setAgain () {
  if (asking) return
  asking = true
  known()
  const asked = performance.now()
  try {
    const { now } = await (await fetch('/now', { cache: 'no-store', headers: { Accept: 'application/json' } })).json()
    const got = performance.now()
    base = { server: now, steady: (asked + got) / 2, gap: gap() }
  } catch {
    base = { ...base, server: base.server + Math.max(0, gap() - base.gap), gap: gap() }
  } finally {
    asking = false
  }
}

// called at every tick: a device that slept, or whose date was set, shows it by its two clocks
export function watchClock () {
  if (Math.abs(gap() - known().gap) > JUMP_MS) setAgain()
}

export function wakeServerClock () {
  if (awake) return
  awake = true
  document.addEventListener('visibilitychange', () => { if (document.visibilityState === 'visible') setAgain() })
  window.addEventListener('online', setAgain)
  window.addEventListener('pageshow', (event) => { if (event.persisted) setAgain() })
}
