// A file dropped or pasted on the bench goes to Just print.
import { dropped } from '../lib/dropped.js'

export default function drop () {
  const form = document.querySelector('form[data-page=drop]')
  const take = (files) => {
    if (!files?.length) return
    form.elements.file.files = files
    form.requestSubmit()
  }
  dropped(take)
}
