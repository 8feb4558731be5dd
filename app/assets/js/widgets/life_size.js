// Shows a drawing at life size, once the screen has been matched.
import { matched, zoomed } from '../lib/screen.js'

export function wakeLifeSize () {
  document.querySelectorAll('[data-life-size]').forEach((button) => {
    const drawing = document.getElementById(button.dataset.lifeSize)
    const says = button.parentElement.querySelector('[data-life-says]')
    button.addEventListener('click', () => {
      const match = matched()
      if (!match) {
        location.href = '/true-size'
        return
      }
      const on = button.getAttribute('aria-pressed') !== 'true'
      button.setAttribute('aria-pressed', on)
      drawing.classList.toggle('life-size', on)
      drawing.style.width = on ? `${Number(drawing.dataset.mmAcross) * match.pxPerMm}px` : ''
      says.textContent = on && zoomed(match) ? "▲ The browser's zoom has changed since the screen was matched." : ''
    })
  })
}
