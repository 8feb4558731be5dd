// What is sent and has no answer within a moment is said to be under way; what takes long has a page of its own.
const SOON_MS = 400

export function watchBusy () {
  let shown
  const say = () => {
    shown = setTimeout(() => {
      const note = document.createElement('p')
      note.className = 'busy'
      note.setAttribute('role', 'status')
      note.textContent = 'Working …'
      document.body.append(note)
    }, SOON_MS)
  }
  document.addEventListener('submit', (event) => { if (!event.defaultPrevented) say() })
  document.addEventListener('click', (event) => { if (event.target.closest?.('a[data-long]')) say() })
  window.addEventListener('pageshow', () => {
    clearTimeout(shown)
    document.querySelector('.busy')?.remove()
  })
}
