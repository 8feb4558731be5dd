// A search for a layout that goes on beside the page: how far it is, until it is done.
const EVERY_MS = 400

export default function laying () {
  const form = document.querySelector('[data-page=laying]')
  const bar = form.querySelector('progress')
  const look = async () => {
    const answer = await fetch(`/marks/${form.dataset.mark}/laying`)
    if (!answer.ok) return
    const { going, share } = await answer.json()
    if (!going) return location.assign(location.pathname)
    bar.value = share
    setTimeout(look, EVERY_MS)
  }
  setTimeout(look, EVERY_MS)
}
