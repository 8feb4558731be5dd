import { grip } from '../lib/grip.js'

// A sheet's own sides when it is of another size; and what is gone, drawn on it with the pointer.
export default function drawer () {
  const form = document.querySelector('form[data-page=drawer]')
  const own = () => form.querySelectorAll('[data-own-size]').forEach((part) => { part.hidden = form.elements.size.value !== 'own' })
  form.elements.size.addEventListener('change', own)
  own()
  document.querySelectorAll('svg[data-sheet]').forEach(drawable)
}

function drawable (svg) {
  const form = svg.closest('li').querySelector('form')
  const box = document.createElementNS('http://www.w3.org/2000/svg', 'rect')
  box.setAttribute('class', 'marking')
  let from = null
  grip(svg, {
    switchWords: 'Draw what is used',
    take (event) {
      from = placeOn(svg, event)
      return true
    },
    move (event) {
      svg.append(box)
      const [[x0, y0], [x, y]] = [from, placeOn(svg, event)]
      const at = { x: Math.min(x0, x), y: Math.min(y0, y), width: Math.abs(x - x0), height: Math.abs(y - y0) }
      Object.entries(at).forEach(([name, value]) => {
        box.setAttribute(name, value)
        form.elements[name].value = Math.round(value * 10) / 10
      })
    },
    release (event, cancelled) {
      if (cancelled) box.remove()
      else if (box.isConnected) form.closest('details').open = true
    }
  })
}

function placeOn (svg, event) {
  const point = new DOMPoint(event.clientX, event.clientY).matrixTransform(svg.getScreenCTM().inverse())
  const leaf = svg.querySelector('.leaf').getBBox()
  return [Math.min(Math.max(point.x, 0), leaf.width), Math.min(Math.max(point.y, 0), leaf.height)]
}
