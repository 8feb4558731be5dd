// Files that are pasted, or dropped anywhere on the page.
export function dropped (take) {
  document.addEventListener('paste', (event) => take(event.clipboardData.files))
  document.addEventListener('dragover', (event) => { event.preventDefault(); document.body.classList.add('dropping') })
  document.addEventListener('dragleave', () => document.body.classList.remove('dropping'))
  document.addEventListener('drop', (event) => {
    event.preventDefault()
    document.body.classList.remove('dropping')
    take(event.dataTransfer.files)
  })
}
