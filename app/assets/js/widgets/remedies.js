// What puts a stop right is tried beside the page: it is brought here when that is done.
export async function wakeRemedies () {
  const place = document.querySelector('[data-remedies]')
  if (!place) return
  try {
    const answer = await fetch(place.dataset.remedies)
    if (!answer.ok || !place.isConnected) return
    place.outerHTML = await answer.text()
  } catch {
    // the link that stands there leads to the same
  }
}
