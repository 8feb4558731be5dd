// The menu shuts by Escape, by a press beside it, and when the focus goes elsewhere.
export function wakeMenu () {
  const menu = document.querySelector('details.menu')
  if (!menu) return
  const shut = (back) => {
    if (!menu.open) return
    menu.open = false
    if (back) menu.querySelector('summary').focus()
  }
  document.addEventListener('keydown', (event) => { if (event.key === 'Escape') shut(menu.contains(document.activeElement)) })
  document.addEventListener('pointerdown', (event) => { if (!menu.contains(event.target)) shut(false) })
  menu.addEventListener('focusout', (event) => { if (event.relatedTarget && !menu.contains(event.relatedTarget)) shut(false) })
}
