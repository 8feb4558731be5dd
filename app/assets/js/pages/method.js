// Shows the schools of the chosen method only.
export default function method () {
  const form = document.querySelector('form[data-page=method]')
  const choose = () => form.querySelectorAll('[data-method-key]').forEach((schools) => {
    const shown = schools.dataset.methodKey === form.elements.method_key.value
    schools.hidden = !shown
    schools.querySelectorAll('select').forEach((select) => { select.disabled = !shown })
  })
  form.querySelectorAll('input[name=method_key]').forEach((input) => input.addEventListener('change', choose))
  choose()
}
