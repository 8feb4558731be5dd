// Two fingers make a drawing larger and push it about, by its view box: everything that asks the drawing where it lies
// on the screen stays right.
const MOST = 8

// bar is told whether the drawing is shown whole, and says when it is to be.
// Answers how many fingers are on the drawing.
export function watchPinch (svg, bar) {
  const fingers = new Map()
  const frame = () => svg.viewBox.baseVal
  let whole = null
  let last = null

  const set = ({ x, y, width, height }) => {
    // never beyond the drawing's own edges
    const left = Math.min(Math.max(x, whole.x), whole.x + whole.width - width)
    const top = Math.min(Math.max(y, whole.y), whole.y + whole.height - height)
    svg.setAttribute('viewBox', [left, top, width, height].map((v) => v.toFixed(3)).join(' '))
    bar.zoomed(width < whole.width)
  }
  const shown = () => ({ x: frame().x, y: frame().y, width: frame().width, height: frame().height })
  const seen = () => {
    const [a, b] = [...fingers.values()]
    return { x: (a.x + b.x) / 2, y: (a.y + b.y) / 2, apart: Math.hypot(a.x - b.x, a.y - b.y) }
  }
  const onDrawing = ({ x, y }) => new DOMPoint(x, y).matrixTransform(svg.getScreenCTM().inverse())

  svg.addEventListener('pointerdown', (event) => {
    if (event.pointerType !== 'touch') return
    fingers.set(event.pointerId, { x: event.clientX, y: event.clientY })
    whole ??= shown()
    last = fingers.size === 2 ? seen() : null
  })
  svg.addEventListener('pointermove', (event) => {
    if (!fingers.has(event.pointerId)) return
    fingers.set(event.pointerId, { x: event.clientX, y: event.clientY })
    if (fingers.size !== 2 || !last) return
    const now = seen()
    const under = onDrawing(last)
    const box = shown()
    const width = Math.min(Math.max(box.width * last.apart / now.apart, whole.width / MOST), whole.width)
    const height = whole.height * width / whole.width
    set({ x: under.x - (under.x - box.x) * width / box.width, y: under.y - (under.y - box.y) * height / box.height, width, height })
    const after = onDrawing(now)
    set({ x: frame().x + under.x - after.x, y: frame().y + under.y - after.y, width, height })
    last = now
  })
  for (const end of ['pointerup', 'pointercancel']) {
    svg.addEventListener(end, (event) => {
      fingers.delete(event.pointerId)
      last = null
    })
  }
  // the page does not take two fingers for itself
  for (const name of ['touchstart', 'touchmove']) {
    svg.addEventListener(name, (event) => { if (event.touches.length > 1) event.preventDefault() }, { passive: false })
  }
  bar.addEventListener('whole', () => set(whole))
  return () => fingers.size
}
