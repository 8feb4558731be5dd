// A file dropped or pasted on the bench goes to Just print.
export default function drop () {
  const form = document.querySelector('form[data-page=drop]')
  const take = (files) => {
    if (!files?.length) return
    form.elements.file.files = files
    form.requestSubmit()
  }
  document.addEventListener('paste', (event) => take(event.clipboardData.files))
  document.addEventListener('dragover', (event) => { event.preventDefault(); document.body.classList.add('dropping') })
  document.addEventListener('dragleave', () => document.body.classList.remove('dropping'))
  document.addEventListener('drop', (event) => {
    event.preventDefault()
    document.body.classList.remove('dropping')
    take(event.dataTransfer.files)
  })
}
