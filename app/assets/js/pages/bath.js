// The bath: the cut across moves with the depth that is typed, before it is kept. Ruby draws; this only asks.
const PATIENCE_MS = 250

export default function () {
  const field = document.getElementById('depth')
  const slide = document.getElementById('depth-slide')
  const drawn = document.querySelector('[data-etch]')
  let waiting = 0

  const ask = async (value) => {
    const answer = await fetch(`${drawn.dataset.etch}?depth=${encodeURIComponent(value)}`)
    if (answer.ok) drawn.innerHTML = await answer.text()
  }
  const later = (value) => {
    clearTimeout(waiting)
    waiting = setTimeout(() => ask(value), PATIENCE_MS)
  }
  field.addEventListener('input', () => later(field.value))
  slide.hidden = false
  slide.addEventListener('input', () => {
    field.value = slide.value
    later(slide.value)
  })
}
