// Number keys move along the job card's row, unless something is being typed.
const TYPING = 'input:not([type=radio]):not([type=checkbox]), textarea, select'

export function isTyping (target) {
  return target instanceof Element && target.matches(TYPING)
}

export function watchKeys () {
  document.addEventListener('keydown', (event) => {
    if (isTyping(event.target) || event.ctrlKey || event.metaKey || event.altKey) return
    const cell = /^[1-8]$/.test(event.key) && document.querySelector(`a[data-key="${event.key}"]`)
    if (cell) cell.click()
  })
}

// on a narrow screen the row is wider than the page: show the present stage
export function showPresentStage () {
  const cell = document.querySelector('.row [aria-current]')
  const scroll = cell?.closest('.row-scroll')
  if (scroll) scroll.scrollLeft = cell.offsetLeft - (scroll.clientWidth - cell.offsetWidth) / 2
}
