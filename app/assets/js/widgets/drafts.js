// What was typed and not sent is kept in this browser, and offered back when the page is opened again.
const KEPT_MS = 14 * 86400 * 1000
const FIELDS = 'input:not([type=hidden], [type=file], [type=password], [type=range], [type=color]), textarea, select'

const isTick = (field) => field.type === 'checkbox' || field.type === 'radio'
const initial = (field) => {
  if (isTick(field)) return field.defaultChecked
  if (field.tagName === 'SELECT') return ([...field.options].find((option) => option.defaultSelected) ?? field.options[0])?.value
  return field.defaultValue
}
const valueOf = (field) => isTick(field) ? field.checked : field.value
const nameOf = (field) => isTick(field) ? `${field.name}=${field.value}` : field.name

export function wakeDrafts () {
  document.querySelectorAll('main form.fields, main form.sizes').forEach((form) => {
    if (form.method === 'post' && !form.querySelector('[aria-invalid]')) watch(form)
  })
}

function watch (form) {
  const key = `draft:${location.pathname}:${new URL(form.action).pathname}`
  const fields = () => [...form.querySelectorAll(FIELDS)].filter((field) => field.name)
  const changed = () => Object.fromEntries(fields().filter((field) => valueOf(field) !== initial(field)).map((field) => [nameOf(field), valueOf(field)]))
  form.addEventListener('input', () => store(key, changed()))
  form.addEventListener('submit', () => localStorage.removeItem(key))
  const draft = read(key)
  const differs = draft && fields().filter((field) => nameOf(field) in draft && draft[nameOf(field)] !== valueOf(field))
  if (differs?.length) offer(form, key, () => differs.forEach((field) => put(field, draft[nameOf(field)])))
}

function store (key, values) {
  try {
    if (Object.keys(values).length) localStorage.setItem(key, JSON.stringify({ at: Date.now(), values }))
    else localStorage.removeItem(key)
  } catch {
    // a browser that keeps nothing still sends what is typed
  }
}

function read (key) {
  try {
    const kept = JSON.parse(localStorage.getItem(key))
    return kept && Date.now() - kept.at < KEPT_MS ? kept.values : null
  } catch {
    return null
  }
}

function put (field, value) {
  if (isTick(field)) field.checked = value
  else field.value = value
  field.dispatchEvent(new Event('change', { bubbles: true }))
}

function offer (form, key, restore) {
  const line = document.createElement('p')
  line.className = 'draft'
  line.setAttribute('role', 'status')
  line.append('You typed something here and did not save it. ')
  const button = (words, act) => {
    const made = document.createElement('button')
    made.type = 'button'
    made.className = 'quiet'
    made.textContent = words
    made.addEventListener('click', () => { act(); line.remove() })
    return made
  }
  line.append(button('Put it back', restore), ' ', button('Discard', () => localStorage.removeItem(key)))
  form.prepend(line)
}
