// File or lettering; files also come by drop and by paste.
import { dropped } from '../lib/dropped.js'

export default function artwork () {
  const form = document.querySelector('form[data-page=artwork]')
  const file = document.getElementById('file')
  const kinds = form.querySelectorAll('input[name=kind]')

  const choose = () => form.querySelectorAll('[data-kind]').forEach((part) => { part.hidden = part.dataset.kind !== form.elements.kind?.value })
  kinds.forEach((kind) => kind.addEventListener('change', choose))

  const take = (files) => {
    if (!files?.length) return
    form.closest('details')?.setAttribute('open', '')
    file.files = files
    if (kinds.length) form.elements.kind.value = 'file'
    choose()
    if (!smallEnough()) return
    // a form that waits for more is not sent yet
    if (form.dataset.wait) form.elements[form.dataset.wait].focus()
    else form.requestSubmit()
  }
  const smallEnough = () => {
    const most = Number(file.dataset.most)
    const size = file.files[0]?.size ?? 0
    file.setCustomValidity(size > most ? `This file is ${Math.round(size / 1048576)} MB; ${most / 1048576} MB is the most. Save it smaller: 600 pixels an inch at its final size is plenty.` : '')
    return file.reportValidity()
  }
  file.addEventListener('change', smallEnough)
  dropped(take)
}
