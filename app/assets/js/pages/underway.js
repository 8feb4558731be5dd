// Long work that goes on beside the page: how far it is, until it is done.
const EVERY_MS = 400

export default function underway () {
  const form = document.querySelector('[data-page=underway]')
  const bar = form.querySelector('progress')
  const words = form.querySelector('[data-doing]')
  const look = async () => {
    const answer = await fetch(form.dataset.progress)
    if (!answer.ok) return
    const { going, share, doing } = await answer.json()
    if (!going) return location.assign(location.pathname)
    bar.value = share
    if (words && doing) words.textContent = doing
    setTimeout(look, EVERY_MS)
  }
  setTimeout(look, EVERY_MS)
}
