// Matches the screen to a card or a ruler.
import { forget, keep, matched, zoomed } from '../lib/screen.js'

const CARD_MM = 85.6
const VIEW_MM = 87.6

export default function trueSize () {
  const card = document.getElementById('card')
  const size = document.getElementById('size')
  const measured = document.getElementById('measured')
  const says = document.getElementById('match-says')
  const match = matched()
  document.getElementById('ticks').innerHTML = Array.from({ length: 9 }, (_, i) => `<line x1="${i * 10}" x2="${i * 10}" y1="53.98" y2="${i % 5 ? 51 : 49}"/>`).join('')

  const show = () => { card.style.width = `${(Number(size.value) * VIEW_MM) / CARD_MM}px` }
  size.value = (match ? match.pxPerMm : 96 / 25.4) * CARD_MM
  if (match) says.textContent = zoomed(match) ? "▲ The browser's zoom has changed since this screen was matched: match it again." : `Matched: ${match.pxPerMm.toFixed(3)} pixels a millimetre.`
  else says.textContent = 'Not matched yet.'
  size.addEventListener('input', show)
  measured.addEventListener('change', () => {
    const mm = Number(measured.value.replace(',', '.'))
    if (!(mm > 20 && mm < 400)) {
      says.textContent = '■ Type what the outline measures across, in millimetres, such as 83.'
      return
    }
    size.value = (Number(size.value) * CARD_MM) / mm
    measured.value = ''
    show()
  })
  document.getElementById('match').addEventListener('submit', (event) => {
    event.preventDefault()
    keep(Number(size.value) / CARD_MM)
    says.textContent = `Kept: ${(Number(size.value) / CARD_MM).toFixed(3)} pixels a millimetre on this screen.`
  })
  document.getElementById('forget').addEventListener('click', () => {
    forget()
    says.textContent = 'Forgotten.'
  })
  show()
}
