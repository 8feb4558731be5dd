// Shows the schools of the chosen method only.
export default function method () {
  const form = document.querySelector('form[data-page=method]')
  const choose = () => form.querySelectorAll('[data-way]').forEach((schools) => {
    const shown = schools.dataset.way === form.elements.way.value
    schools.hidden = !shown
    schools.querySelectorAll('select').forEach((select) => { select.disabled = !shown })
  })
  form.querySelectorAll('input[name=way]').forEach((input) => input.addEventListener('change', choose))
  choose()
}
