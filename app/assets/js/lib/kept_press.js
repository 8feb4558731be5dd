// A press of Done, sent without leaving the page. While the server is away it is kept in this browser with its moment,
// and sent when it is back.
import { loadAnew } from './load_anew.js'

const AGAIN_MS = 2000
const name = (form) => `press-kept ${new URL(form.action).pathname}`

// told is called with whether the press is waiting
export function sendPress (form, submitter, told) {
  const fields = [...new FormData(form)]
  if (submitter?.name) fields.push([submitter.name, submitter.value])
  localStorage.setItem(name(form), JSON.stringify({ fields, at: Date.now() }))
  // counted by the device's steady clock: its date may be set meanwhile
  const pressed = performance.now()
  send(form, fields, () => (performance.now() - pressed) / 1000, told)
}

// A press that was kept when the page was closed: sent, if it was for the step that stands here.
export function resendPress (form, told) {
  const kept = JSON.parse(localStorage.getItem(name(form)) ?? 'null')
  if (!kept) return
  const step = kept.fields.find(([field]) => field === 'step')?.[1]
  if (step !== form.elements.step.value) localStorage.removeItem(name(form))
  else send(form, kept.fields, () => Math.max(0, (Date.now() - kept.at) / 1000), told)
}

async function send (form, fields, agoSeconds, told) {
  const body = new URLSearchParams(fields)
  body.set('ago', agoSeconds().toFixed(3))
  try {
    const answer = await fetch(form.action, { method: 'POST', body, redirect: 'manual' })
    if (answer.status >= 500) throw new Error(`answered ${answer.status}`)
    localStorage.removeItem(name(form))
    if (answer.type === 'opaqueredirect') loadAnew()
    else form.submit() // refused: the page that says so
  } catch {
    told(true)
    setTimeout(() => send(form, fields, agoSeconds, told), AGAIN_MS)
  }
}
