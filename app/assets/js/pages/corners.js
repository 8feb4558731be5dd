// Four taps in a photo fill in its corners, in hundredths across and down; a fifth begins anew.
export default function corners () {
  const photo = document.querySelector('[data-tapped]')
  const field = document.getElementById('corners')
  let taps = []
  photo.addEventListener('click', (event) => {
    const box = photo.getBoundingClientRect()
    const share = (at, from, size) => ((at - from) / size * 100).toFixed(1)
    if (taps.length === 4) taps = []
    taps.push(`${share(event.clientX, box.left, box.width)} ${share(event.clientY, box.top, box.height)}`)
    field.value = taps.join(', ')
  })
}
