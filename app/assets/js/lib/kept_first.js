// What was typed or moved is kept before the page is left: a press that leaves waits for its answers, and does not
// leave when one was refused. A second press leaves all the same.
export function keptFirst (line, own) {
  const after = (event, leave) => {
    if (!line.busy() || event.defaultPrevented) return
    event.preventDefault()
    event.stopImmediatePropagation()
    line.done().catch(() => {}).then(() => {
      const wrong = own?.querySelector('[aria-invalid=true]')
      wrong ? wrong.focus() : leave()
    })
  }
  document.addEventListener('submit', (event) => {
    const { target, submitter } = event
    if (target !== own) after(event, () => target.requestSubmit(submitter))
  }, true)
  document.addEventListener('click', (event) => {
    const link = event.target.closest?.('a[href]')
    const elsewhere = event.ctrlKey || event.metaKey || event.shiftKey || event.button
    if (link && !elsewhere && !link.getAttribute('href').startsWith('#')) after(event, () => link.click())
  }, true)
}
