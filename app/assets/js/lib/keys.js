// Number keys move along the job card's row, unless something is being typed.
import { leaving } from './load_anew.js'

const TYPING = 'input:not([type=radio]):not([type=checkbox]), textarea, select'

export function isTyping (target) {
  return target instanceof Element && target.matches(TYPING)
}

const KEYS = {
  n: () => next()?.click(),
  u: () => document.querySelector('[data-undo]:not(:disabled)')?.click(),
  '/': () => { leaving(); location.href = '/search' },
  '?': () => showHelp()
}
const next = () => [...document.querySelectorAll('[data-next]')].find((one) => one.checkVisibility())

export function watchKeys () {
  document.addEventListener('keydown', (event) => {
    if (isTyping(event.target)) return
    if ((event.ctrlKey || event.metaKey) && !event.shiftKey && event.key === 'z') return KEYS.u()
    if (event.ctrlKey || event.metaKey || event.altKey) return
    const cell = /^[1-8]$/.test(event.key) && document.querySelector(`a[data-key="${event.key}"]`)
    if (cell) return cell.click()
    if (!KEYS[event.key]) return
    event.preventDefault()
    KEYS[event.key]()
  })
  document.querySelector('[data-row]')?.addEventListener('keydown', along)
}

// the arrow keys move along the row, whose present stage alone is in the order of the Tab key
function along (event) {
  const step = { ArrowLeft: -1, ArrowRight: 1 }[event.key]
  if (!step) return
  const cells = [...event.currentTarget.querySelectorAll('a')]
  cells[cells.indexOf(document.activeElement) + step]?.focus()
  event.preventDefault()
}

// what the keys do on this page; the keys of a drawing stand in its caption and in its name
function showHelp () {
  const words = [
    ['n', next() && next().textContent.trim().replace(/\s+/g, ' ')],
    ['1 … 8', document.querySelector('a[data-key]') && 'the stages of this mark'],
    ['u, Ctrl-Z', document.querySelector('[data-undo]') && 'undo'],
    ['Space', document.querySelector('[data-done]') && 'done'],
    ['arrows', document.querySelector('svg [tabindex="0"], #scene') && 'move what is chosen by 0.1 mm; with Shift by 1 mm'],
    ['l', document.querySelector('[data-loupe]') && 'the loupe; arrows move it, + and − magnify'],
    ['/', 'search'],
    ['?', 'this list; Esc closes it']
  ].filter(([, said]) => said)
  const box = document.createElement('dialog')
  box.className = 'keys-help'
  box.setAttribute('aria-label', 'Keys of this page')
  const list = document.createElement('dl')
  for (const [key, said] of words) {
    const [dt, dd, kbd] = ['dt', 'dd', 'kbd'].map((name) => document.createElement(name))
    kbd.textContent = key
    dt.append(kbd)
    dd.textContent = said
    list.append(dt, dd)
  }
  const close = document.createElement('button')
  close.className = 'second'
  close.textContent = 'Close'
  close.addEventListener('click', () => box.close())
  box.append(list, close)
  box.addEventListener('close', () => box.remove())
  document.body.append(box)
  box.showModal()
}

// on a narrow screen the row is wider than the page: show the present stage
export function showPresentStage () {
  const cell = document.querySelector('.row [aria-current]')
  const scroll = cell?.closest('.row-scroll')
  // the name stays at the left and covers what lies under it
  const name = scroll?.querySelector('.whose').offsetWidth
  if (scroll) scroll.scrollLeft = cell.offsetLeft - name - Math.max(0, (scroll.clientWidth - name - cell.offsetWidth) / 2)
}
