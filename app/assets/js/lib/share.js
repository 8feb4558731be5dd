// How far long work is, shown in a bar and in words until it has ended.
const EVERY_MS = 400

// place holds a <progress> and [data-doing]; ended is called once. Without it the looking goes on
// until the answer is called, which stops it.
export function follow (place, url, ended) {
  let timer = null
  const look = async () => {
    const answer = await fetch(url)
    if (!answer.ok) return
    const { going, share, doing } = await answer.json()
    if (timer === null) return
    if (!going && ended) return ended()
    place.querySelector('progress').value = share ?? 0
    const words = place.querySelector('[data-doing]')
    if (words) words.textContent = doing ?? ''
    timer = setTimeout(look, EVERY_MS)
  }
  timer = setTimeout(look, EVERY_MS)
  return () => {
    clearTimeout(timer)
    timer = null
  }
}
