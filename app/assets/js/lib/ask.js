// Asks the server. Every answer is drawn here and decided there.
const csrf = document.querySelector('meta[name=csrf]').content

// task is a name of the page's own for it, under which /underway tells how far it is and stops it.
export async function ask (url, { body, signal, task } = {}) {
  const response = await fetch(url, {
    method: body ? 'POST' : 'GET',
    body,
    signal,
    headers: { Accept: 'application/json', 'X-CSRF-Token': csrf, ...(task && { 'X-Up-Close-Task': task }) }
  })
  if (!response.ok && response.status !== 422) throw new Error(`answered ${response.status}`)
  return response.json()
}

// A name that no other page has.
export const taskName = () => [...crypto.getRandomValues(new Uint8Array(12))].map((byte) => byte.toString(16).padStart(2, '0')).join('')

export const stopTask = (name) => fetch(`/underway/${name}/stop`, { method: 'POST', redirect: 'manual', headers: { 'X-CSRF-Token': csrf } })

// Only the newest of a stream of questions is asked; one at a time.
export function latestOnly (work) {
  let busy = false
  let waiting = null
  return async function run (...args) {
    if (busy) {
      waiting = args
      return
    }
    busy = true
    try {
      await work(...args)
    } finally {
      busy = false
      if (waiting) {
        const next = waiting
        waiting = null
        run(...next)
      }
    }
  }
}

// Work done one after the other, in the order it came.
export function inLine () {
  let last = Promise.resolve()
  let waiting = 0
  const line = (work) => {
    waiting += 1
    last = last.then(work, work).finally(() => { waiting -= 1 })
    return last
  }
  line.busy = () => waiting > 0
  line.done = () => last
  return line
}
