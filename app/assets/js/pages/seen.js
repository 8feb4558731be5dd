// Before and after: a slider, or a drag on the picture itself, wipes between both.
export default function () {
  const stage = document.querySelector('[data-page=seen]')
  const scene = document.getElementById('scene')
  const wipe = document.getElementById('wipe')
  const wide = scene.viewBox.baseVal.width
  const place = (share) => {
    document.getElementById('wipe-part').setAttribute('width', share * wide)
    for (const end of ['x1', 'x2']) document.getElementById('wipe-line').setAttribute(end, share * wide)
  }
  const point = (event) => new DOMPoint(event.clientX, event.clientY).matrixTransform(scene.getScreenCTM().inverse())
  wipe.addEventListener('input', () => place(wipe.value / 100))

  const white = document.getElementById('click-white')
  if (white) {
    white.hidden = false
    white.addEventListener('click', () => white.setAttribute('aria-pressed', String(white.getAttribute('aria-pressed') !== 'true')))
  }
  let dragging = false
  const to = (event) => {
    wipe.value = Math.min(Math.max(point(event).x / wide, 0), 1) * 100
    place(wipe.value / 100)
  }
  scene.addEventListener('pointerdown', (event) => {
    if (white?.getAttribute('aria-pressed') === 'true') return clicked(event)
    dragging = true
    scene.setPointerCapture(event.pointerId)
    to(event)
  })
  scene.addEventListener('pointermove', (event) => dragging && to(event))
  for (const end of ['pointerup', 'pointercancel']) scene.addEventListener(end, () => { dragging = false })

  const clicked = (event) => {
    const [x, y] = JSON.parse(stage.dataset.origin)
    const at = point(event)
    const form = document.getElementById('white')
    for (const [name, value] of [['x_mm', at.x / stage.dataset.scale + x], ['y_mm', at.y / stage.dataset.scale + y]]) {
      form.append(Object.assign(document.createElement('input'), { type: 'hidden', name, value }))
    }
    form.submit()
  }
}
