// A form that came back.

// the page's foot lies over the lowest part of the window, px
const FOOT = 90

// goes on at what was wrong, as if it had been reached by Tab, and has it in sight
export function showRefused () {
  const field = document.querySelector('main [aria-invalid="true"]')
  field?.closest('details')?.setAttribute('open', '')
  field?.focus({ preventScroll: true })
  if (field?.matches('input')) field.select()
  const told = document.querySelector('main .field-error')
  const box = told?.getBoundingClientRect()
  if (box && (box.top < 0 || box.bottom > window.innerHeight - FOOT)) told.scrollIntoView({ block: 'center' })
}
