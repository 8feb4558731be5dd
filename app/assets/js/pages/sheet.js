// The next action of Sheet: to lay out anew what was changed, to fetch the print pack, then to say that it is printed.
const DOWNLOAD_MS = 600

export default function sheet () {
  const bar = document.querySelector('[data-pack-next]')
  if (!bar) return
  const [lay, fetching, printed] = [bar.querySelector('[data-lay]'), bar.querySelector('a.next'), bar.querySelector('button:not([data-lay])')]
  const next = (only) => {
    for (const one of [lay, fetching, printed]) {
      one.hidden = one !== only
      one.toggleAttribute('data-next', one === only)
    }
  }
  document.getElementById('lay-out').addEventListener('input', () => next(lay))
  document.querySelectorAll('[data-pack]').forEach((link) => link.addEventListener('click', () => setTimeout(() => {
    next(printed)
    document.querySelector('[data-pack-again]').hidden = false
    document.querySelector('[data-pack-before]')?.remove()
  }, DOWNLOAD_MS)))
}
