// How a drawing is taken hold of. A mouse or a pen takes at once. A finger scrolls the page, and two fingers make the
// drawing larger: a finger takes only what it has held still for a moment, or anything while Move is switched on.
import { watchPinch } from './pinch.js'

const HOLD_MS = 400
const STILL_PX = 10
const TOLD_MS = 15
const ARROWS = [['ArrowLeft', '←', 'left'], ['ArrowUp', '↑', 'up'], ['ArrowDown', '↓', 'down'], ['ArrowRight', '→', 'right']]

// take(event) answers whether there is something to take where it was pressed; move and release follow it.
// switchWords: what the switch is called; nudged() answers the element that the arrow keys move, if there is one.
export function grip (svg, { take, move, release, switchWords = 'Move', nudged = null }) {
  let pointer = null
  let held = false
  let waiting = null
  const bar = gripBar(svg, switchWords, nudged)
  const fingers = watchPinch(svg, bar)

  const begin = (event) => {
    if (!take(event)) return false
    held = true
    pointer = event.pointerId
    svg.setPointerCapture(pointer)
    svg.classList.add('held')
    return true
  }
  const end = (event, cancelled) => {
    clearTimeout(waiting?.timer)
    waiting = null
    if (!held || event.pointerId !== pointer) return
    held = false
    pointer = null
    svg.classList.remove('held')
    release(event, cancelled)
  }
  const hold = (event) => {
    clearTimeout(waiting?.timer)
    const timer = setTimeout(() => {
      waiting = null
      if (begin(event)) navigator.vibrate?.(TOLD_MS)
    }, HOLD_MS)
    waiting = { x: event.clientX, y: event.clientY, timer }
  }

  svg.addEventListener('pointerdown', (event) => {
    if (event.button !== 0) return
    if (event.pointerType === 'touch') bar.show()
    // a second finger is a pinch, and lets go of what the first one held
    if (event.pointerType === 'touch' && fingers() > 1) return end({ pointerId: pointer }, true)
    if (event.pointerType === 'touch' && !bar.on()) return hold(event)
    if (begin(event)) event.preventDefault()
  })
  svg.addEventListener('pointermove', (event) => {
    if (waiting && Math.hypot(event.clientX - waiting.x, event.clientY - waiting.y) > STILL_PX) {
      clearTimeout(waiting.timer)
      waiting = null
    }
    if (held && event.pointerId === pointer) move(event)
  })
  svg.addEventListener('pointerup', (event) => end(event, false))
  svg.addEventListener('pointercancel', (event) => end(event, true))
  // what is held moves with the finger, and the page does not
  svg.addEventListener('touchmove', (event) => { if (held) event.preventDefault() }, { passive: false })
  svg.addEventListener('contextmenu', (event) => { if (held || waiting) event.preventDefault() })
}

// The switch and the arrows, for fingers: they stand there once there is one.
function gripBar (svg, words, nudged) {
  const bar = document.createElement('div')
  bar.className = 'grip-bar'
  bar.hidden = !window.matchMedia('(pointer: coarse)').matches
  const button = (label, said, act) => {
    const made = Object.assign(document.createElement('button'), { type: 'button', className: 'quiet', textContent: label })
    if (said) made.setAttribute('aria-label', said)
    made.addEventListener('click', act)
    bar.append(made)
    return made
  }
  const toggle = button(words, null, () => {
    const on = toggle.getAttribute('aria-pressed') !== 'true'
    toggle.setAttribute('aria-pressed', String(on))
    svg.classList.toggle('gripping', on)
  })
  toggle.setAttribute('aria-pressed', 'false')
  if (nudged) {
    for (const [key, sign, said] of ARROWS) {
      button(sign, `Move it ${said}`, () => nudged()?.dispatchEvent(new KeyboardEvent('keydown', { key, bubbles: true, cancelable: true })))
    }
  }
  const whole = button('Whole drawing', null, () => bar.dispatchEvent(new Event('whole')))
  whole.hidden = true
  svg.after(bar)
  return Object.assign(bar, {
    on: () => toggle.getAttribute('aria-pressed') === 'true',
    show: () => { bar.hidden = false },
    zoomed: (on) => { whole.hidden = !on }
  })
}
