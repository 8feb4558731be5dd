// How many CSS pixels a millimetre takes on this screen, as matched by hand once.
// Kept by screen; the browser's zoom changes the pixel ratio, and with it the match.
const key = () => `true-size ${screen.width}×${screen.height}`

export function matched () {
  try {
    return JSON.parse(localStorage.getItem(key()))
  } catch {
    return null
  }
}

export function keep (pxPerMm) {
  localStorage.setItem(key(), JSON.stringify({ pxPerMm, ratio: window.devicePixelRatio }))
}

export function forget () {
  localStorage.removeItem(key())
}

// true when the browser's zoom is another than when the screen was matched
export function zoomed (match) {
  return Math.abs(match.ratio - window.devicePixelRatio) > 0.001
}
