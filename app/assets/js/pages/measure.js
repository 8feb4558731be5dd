// Shows the measures of the chosen shape, and the usual colour of the chosen material.
export default function measure () {
  const shape = document.getElementById('shape')
  const material = document.getElementById('material')
  const colour = document.getElementById('colour')
  let own = colour.dataset.own === '1'

  const choose = () => {
    document.querySelectorAll('[data-for]').forEach((field) => { field.hidden = !field.dataset.for.split(' ').includes(shape.value) })
    document.querySelectorAll('[data-shape]').forEach((figure) => figure.classList.toggle('chosen', figure.dataset.shape === shape.value))
  }
  shape.addEventListener('change', choose)
  colour.addEventListener('input', () => { own = true })
  material.addEventListener('change', () => { if (!own) colour.value = material.selectedOptions[0].dataset.colour })
  document.querySelectorAll('[data-shape]').forEach((figure) => figure.addEventListener('click', () => {
    shape.value = figure.dataset.shape
    choose()
  }))
  choose()
}
