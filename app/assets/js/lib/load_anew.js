// A page loads itself anew when something changed elsewhere. A link that the maker has just followed goes before that:
// a reload would cancel it.
const LEAVING_MS = 10000
let left = -Infinity

// for what goes to another page without a link
export function leaving () { left = performance.now() }

document.addEventListener('click', (event) => { if (event.target.closest?.('a[href]')) leaving() })

// first is called when the page does load anew
export function loadAnew (first = () => {}) {
  const wait = left + LEAVING_MS - performance.now()
  if (wait > 0) return setTimeout(() => loadAnew(first), wait)
  first()
  location.reload()
}
