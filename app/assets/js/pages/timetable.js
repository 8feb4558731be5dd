// A bar of work moved by hand says from when on its mark is planned. The server plans; this only asks.
const QUARTER_S = 900
const REST_MS = 700
const LEFT = 96

export default function timetable () {
  document.querySelectorAll('.day [data-mark]').forEach((bar) => {
    const svg = bar.ownerSVGElement
    const secondsPx = Number(svg.dataset.seconds) / (svg.viewBox.baseVal.width - 20 - LEFT)
    let moved = 0
    let resting
    const draw = () => bar.setAttribute('transform', `translate(${moved / secondsPx} 0)`)
    const keep = () => send(bar, Number(bar.dataset.from) + moved)
    bar.addEventListener('keydown', (event) => {
      const step = { ArrowLeft: -QUARTER_S, ArrowRight: QUARTER_S }[event.key]
      if (!step) return
      event.preventDefault()
      moved += step
      draw()
      clearTimeout(resting)
      resting = setTimeout(keep, REST_MS)
    })
    bar.addEventListener('pointerdown', (event) => {
      event.preventDefault()
      bar.focus()
      const scale = svg.getScreenCTM().a
      const follow = (at) => { moved = Math.round((at.clientX - event.clientX) / scale * secondsPx / 60) * 60; draw() }
      const stop = () => {
        window.removeEventListener('pointermove', follow)
        if (moved) keep()
      }
      window.addEventListener('pointermove', follow)
      window.addEventListener('pointerup', stop, { once: true })
    })
  })
}

function send (bar, seconds) {
  const form = document.createElement('form')
  form.method = 'post'
  form.action = `/marks/${bar.dataset.mark}/not-before`
  const fields = { authenticity_token: document.querySelector('meta[name=csrf]').content, seconds: Math.round(seconds) }
  for (const [name, value] of Object.entries(fields)) form.append(Object.assign(document.createElement('input'), { type: 'hidden', name, value }))
  document.body.append(form)
  form.submit()
}
