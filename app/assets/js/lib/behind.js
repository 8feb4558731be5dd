import { grip } from './grip.js'

// A picture behind a piece's outline: moved and sized at once; once it rests, it is kept.
const REST_MS = 350
const GROWS = 1.02
const WIDE_MM = [0.5, 5000]

export const STEP = { ArrowLeft: [-1, 0], ArrowRight: [1, 0], ArrowUp: [0, -1], ArrowDown: [0, 1] }

// at: x, y, wide (mm), aspect, turn, origin and scale of the drawing; find answers the group that holds the image
export function behind (svg, find, at, keep) {
  const draw = () => {
    const [x, y] = [at.origin[0] + at.x * at.scale, at.origin[1] + at.y * at.scale]
    const [wide, high] = [at.wide * at.scale, at.wide * at.aspect * at.scale]
    find().setAttribute('transform', `translate(${x} ${y}) rotate(${at.turn})`)
    const box = { x: -wide / 2, y: -high / 2, width: wide, height: high }
    for (const [name, value] of Object.entries(box)) find().querySelector('image').setAttribute(name, value)
  }
  let resting
  const moved = () => {
    draw()
    clearTimeout(resting)
    resting = setTimeout(() => keep(new URLSearchParams({ x_mm: at.x, y_mm: at.y, shown_mm: at.wide, turn: at.turn })), REST_MS)
  }
  const by = ([x, y]) => {
    Object.assign(at, { x: at.x + x, y: at.y + y })
    moved()
  }
  const size = (larger) => {
    at.wide = Math.min(Math.max(at.wide * (larger ? GROWS : 1 / GROWS), WIDE_MM[0]), WIDE_MM[1])
    moved()
  }
  // millimetres from the screen
  const mm = (event) => {
    const point = new DOMPoint(event.clientX, event.clientY).matrixTransform(svg.getScreenCTM().inverse())
    return [(point.x - at.origin[0]) / at.scale, (point.y - at.origin[1]) / at.scale]
  }
  // by pointer and wheel, to the grid in mm unless Alt is held; meant answers whether a press was meant for something else
  const dragged = (held, meant = () => false, free = () => true) => {
    let from = null
    let start = null
    grip(svg, {
      nudged: held,
      take (event) {
        if (!free() || meant()) return false
        const [x, y] = mm(event)
        from = { x: at.x - x, y: at.y - y }
        start = { x: at.x, y: at.y }
        held().focus()
        return true
      },
      move (event) {
        const [x, y] = mm(event)
        const tidy = (v) => event.altKey || !at.grid ? v : Math.round(v / at.grid) * at.grid
        Object.assign(at, { x: tidy(from.x + x), y: tidy(from.y + y) })
        moved()
      },
      release (event, cancelled) {
        if (!cancelled) return
        Object.assign(at, start)
        moved()
      }
    })
    svg.addEventListener('click', (event) => { if (meant()) meant(mm(event)) })
    svg.addEventListener('wheel', (event) => {
      if (!free()) return
      event.preventDefault()
      size(event.deltaY < 0)
    }, { passive: false })
  }
  // whether a key was one of its own: + = −
  const sized = (key) => {
    if (!['+', '=', '-'].includes(key)) return false
    size(key !== '-')
    return true
  }
  return { draw, moved, by, dragged, sized }
}
