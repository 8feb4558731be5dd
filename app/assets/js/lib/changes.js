// What other devices change, as it happens. In one browser one tab listens for all: it holds a lock, and tells the others.
const CHANNEL = 'up-close-changes'

export function listen (hear) {
  if (!navigator.locks || !window.BroadcastChannel) return alone(hear)
  const channel = new BroadcastChannel(CHANNEL)
  channel.addEventListener('message', ({ data }) => {
    if (data.said) hear(JSON.parse(data.said))
    else if (data.asked) leader?.again() // what was last heard may be older than the page that asks
  })
  let leader = null
  let over = false
  navigator.locks.request(CHANNEL, () => new Promise(() => {
    if (over) return
    leader = open((said) => {
      if (over) return
      channel.postMessage({ said })
      hear(JSON.parse(said))
    })
  }))
  // a page that comes later hears at once how it stands
  channel.postMessage({ asked: true })
  const wake = () => {
    if (over) return
    if (leader) leader.again()
    else channel.postMessage({ asked: true })
  }
  waking(wake)
  return () => {
    over = true
    leader?.close()
    channel.close()
  }
}

function alone (hear) {
  const source = open((said) => hear(JSON.parse(said)))
  waking(() => source.again())
  return () => source.close()
}

// a phone that wakes asks at once: its connection may have died in its sleep
function waking (wake) {
  document.addEventListener('visibilitychange', () => { if (document.visibilityState === 'visible') wake() })
}

function open (tell) {
  let events
  const again = () => {
    events?.close()
    events = new EventSource('/changes')
    events.addEventListener('message', ({ data }) => tell(data))
  }
  again()
  window.addEventListener('pagehide', () => events.close())
  return { again, close: () => events.close() }
}
