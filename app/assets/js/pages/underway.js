// Long work that goes on beside the page: how far it is, until it is done.
import { follow } from '../lib/share.js'

export default function underway () {
  const form = document.querySelector('[data-page=underway]')
  follow(form, form.dataset.progress, () => location.replace(location.pathname))
}
