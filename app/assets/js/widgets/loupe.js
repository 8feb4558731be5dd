// A round lens over the artwork at final size. The picture of what really comes
// over is made by the server once; here it is only magnified.
const LEAST = 2
const MOST = 40
const PX_PER_MM = 96 / 25.4
const SIZE = 320

export function wakeLoupe (leaf) {
  const lens = leaf.querySelector('canvas')
  const art = leaf.querySelector('.looked-art')
  const words = leaf.parentElement.querySelector('[data-loupe-says]')
  const button = leaf.parentElement.querySelector('[data-loupe-button]')
  const width = Number(leaf.dataset.width)
  const height = Number(leaf.dataset.height)
  const state = { at: [width / 2, height / 2], times: 10, on: false, frame: 0 }
  const picture = new Image()
  const rings = [...leaf.querySelectorAll('.places rect')].map((r) => ['x', 'y', 'width', 'height'].map((name) => r[name].baseVal.value).concat(r.parentElement.classList.contains('is-stop')))

  const draw = () => {
    state.frame = 0
    if (!state.on || !picture.complete || !picture.naturalWidth) return
    const per = state.times * PX_PER_MM
    place(lens, art, state.at)
    paint(lens.getContext('2d'), picture, { ...state, per, width, surround: leaf.dataset.surround, rings })
    words.textContent = `${state.times}×, at ${state.at.map((v) => v.toFixed(1)).join(', ')} mm`
  }
  const later = () => {
    state.frame ||= requestAnimationFrame(draw)
  }
  const show = (on) => {
    state.on = on
    lens.hidden = !on
    button.setAttribute('aria-pressed', on)
    if (on && !picture.src) picture.src = leaf.dataset.loupe
    if (!on) words.textContent = ''
    later()
  }
  const move = (x, y) => {
    state.at = [Math.min(Math.max(x, 0), width), Math.min(Math.max(y, 0), height)]
    later()
  }
  const magnify = (by) => {
    state.times = Math.min(Math.max(Math.round(state.times * by), LEAST), MOST)
    later()
  }
  picture.addEventListener('load', later)
  button.addEventListener('click', () => {
    show(!state.on)
    if (state.on) leaf.focus()
  })
  follow(leaf, art, { show, move, magnify, state })
  keys(leaf, { show, move, magnify, state })
}

// where the art's millimetres lie on the screen
function toMm (art, event) {
  const point = new DOMPoint(event.clientX, event.clientY).matrixTransform(art.getScreenCTM().inverse())
  return [point.x, point.y]
}

function place (lens, art, [x, y]) {
  const at = new DOMPoint(x, y).matrixTransform(art.getScreenCTM())
  const leaf = lens.parentElement.getBoundingClientRect()
  lens.style.left = `${at.x - leaf.left - SIZE / 2}px`
  lens.style.top = `${at.y - leaf.top - SIZE / 2}px`
}

function follow (leaf, art, { show, move, magnify, state }) {
  leaf.addEventListener('pointermove', (event) => {
    if (state.on && (event.pointerType === 'mouse' || event.buttons)) move(...toMm(art, event))
  })
  leaf.addEventListener('pointerdown', (event) => {
    if (!state.on) show(true)
    leaf.setPointerCapture?.(event.pointerId)
    move(...toMm(art, event))
  })
  leaf.addEventListener('wheel', (event) => {
    if (!state.on) return
    event.preventDefault()
    magnify(event.deltaY < 0 ? 1.25 : 0.8)
  }, { passive: false })
}

const STEP = { ArrowLeft: [-1, 0], ArrowRight: [1, 0], ArrowUp: [0, -1], ArrowDown: [0, 1] }

function keys (leaf, { show, move, magnify, state }) {
  leaf.addEventListener('keydown', (event) => {
    if (event.ctrlKey || event.metaKey || event.altKey) return
    const way = STEP[event.key]
    const key = event.key.toLowerCase()
    if (key === 'l') show(!state.on)
    else if (key === 'escape') show(false)
    else if (!state.on) return
    else if (way) move(...state.at.map((v, i) => v + way[i] * (event.shiftKey ? 1 : 0.1)))
    else if (key === '+' || key === '=') magnify(1.25)
    else if (key === '-') magnify(0.8)
    else return
    event.preventDefault()
  })
}

function paint (pen, picture, { at, per, width, surround, rings }) {
  const middle = SIZE / 2
  const radius = middle - 22
  const own = picture.naturalWidth / width
  pen.clearRect(0, 0, SIZE, SIZE)
  pen.save()
  pen.beginPath()
  pen.arc(middle, middle, radius, 0, 7)
  pen.clip()
  pen.fillStyle = surround
  pen.fillRect(0, 0, SIZE, SIZE)
  pen.imageSmoothingEnabled = per / own < 3
  pen.drawImage(picture, middle - at[0] * per, middle - at[1] * per, width * per, (picture.naturalHeight * per) / own)
  pen.setLineDash([5, 4])
  pen.lineWidth = 2
  for (const [x, y, w, h, stop] of rings) {
    pen.strokeStyle = stop ? '#b3261e' : '#8a5200'
    pen.beginPath()
    pen.ellipse(middle + (x + w / 2 - at[0]) * per, middle + (y + h / 2 - at[1]) * per, (w / 2) * per, (h / 2) * per, 0, 0, 7)
    pen.stroke()
  }
  pen.restore()
  scale(pen, middle, radius, per)
}

// tenths of a millimetre round the rim's foot: as long as they are in the lens
function scale (pen, middle, radius, per) {
  const ink = getComputedStyle(document.body).color
  pen.strokeStyle = pen.fillStyle = ink
  pen.lineWidth = 2
  pen.beginPath()
  pen.arc(middle, middle, radius, 0, 7)
  pen.stroke()
  pen.lineWidth = 1
  pen.font = '12px Atkinson, sans-serif'
  pen.textAlign = 'center'
  const step = [0.1, 0.5, 1, 5].find((mm) => mm * per >= 2.6)
  const reach = Math.floor(radius / per / step)
  for (let i = -reach; i <= reach; i += 1) {
    const along = i * step * per
    if (Math.abs(along) > radius * 0.94) continue
    const foot = middle + Math.sqrt(radius * radius - along * along)
    const long = i % 10 === 0 ? 14 : i % 5 === 0 ? 10 : 6
    pen.beginPath()
    pen.moveTo(middle + along, foot)
    pen.lineTo(middle + along, foot - long)
    pen.stroke()
  }
  const words = `${step} mm`
  pen.fillStyle = getComputedStyle(document.documentElement).backgroundColor
  pen.fillRect(middle - 24, SIZE - 20, 48, 17)
  pen.fillStyle = ink
  pen.fillText(words, middle, SIZE - 7)
}
