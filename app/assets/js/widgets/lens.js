// A round lens over a drawing that is SVG already: the same lines once more, larger, round the pointer.
const LEAST = 2
const MOST = 30
const SIZE = 260
const STEP = 4

export function wakeLens (button) {
  const drawing = document.getElementById(button.dataset.lens)
  const lens = document.getElementById(`${button.dataset.lens}-lens`)
  const says = button.parentElement.querySelector('[data-lens-says]')
  const frame = drawing.viewBox.baseVal
  const state = { at: [frame.width / 2, frame.height / 2], times: 4 }

  const draw = () => {
    const side = SIZE / state.times
    lens.setAttribute('viewBox', `${state.at[0] - side / 2} ${state.at[1] - side / 2} ${side} ${side}`)
    const at = new DOMPoint(...state.at).matrixTransform(drawing.getScreenCTM())
    const holder = lens.parentElement.getBoundingClientRect()
    lens.style.left = `${at.x - holder.left - SIZE / 2}px`
    lens.style.top = `${at.y - holder.top - SIZE / 2}px`
    says.textContent = `${state.times}×: arrows move it, + and − magnify`
  }
  const move = (x, y) => {
    state.at = [Math.min(Math.max(x, 0), frame.width), Math.min(Math.max(y, 0), frame.height)]
    draw()
  }
  const keys = {
    ArrowLeft: () => move(state.at[0] - STEP, state.at[1]),
    ArrowRight: () => move(state.at[0] + STEP, state.at[1]),
    ArrowUp: () => move(state.at[0], state.at[1] - STEP),
    ArrowDown: () => move(state.at[0], state.at[1] + STEP),
    '+': () => magnify(1.4),
    '-': () => magnify(1 / 1.4),
    Escape: () => show(false)
  }
  const magnify = (by) => {
    state.times = Math.min(Math.max(Math.round(state.times * by), LEAST), MOST)
    draw()
  }
  // an SVG has no property for it
  const hidden = () => lens.classList.contains('away')
  const show = (on) => {
    lens.classList.toggle('away', !on)
    button.setAttribute('aria-pressed', on)
    on ? draw() : says.textContent = ''
  }
  button.addEventListener('click', () => show(hidden()))
  button.addEventListener('keydown', (event) => {
    if (hidden() || !keys[event.key]) return
    event.preventDefault()
    keys[event.key]()
  })
  lens.parentElement.addEventListener('pointermove', (event) => {
    if (hidden()) return
    const place = new DOMPoint(event.clientX, event.clientY).matrixTransform(drawing.getScreenCTM().inverse())
    move(place.x, place.y)
  })
}
