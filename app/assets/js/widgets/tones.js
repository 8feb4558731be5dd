// "Lighter" seen at once: the very curve that Ruby lays over the tones, from what they are now to what they would be.
const POINTS = 33

export function wakeTones () {
  document.querySelectorAll('[data-lighter]').forEach((slider) => {
    slider.addEventListener('input', () => {
      const power = 2 ** ((slider.value - slider.dataset.now) / 50)
      const table = Array.from({ length: POINTS }, (_, i) => 1 - (1 - i / (POINTS - 1)) ** power).join(' ')
      document.querySelectorAll('#toned [tableValues]').forEach((part) => part.setAttribute('tableValues', table))
      document.querySelectorAll('.toned').forEach((image) => image.setAttribute('filter', 'url(#toned)'))
    })
    // let go, it is kept where the form has a button for that
    slider.addEventListener('change', () => {
      const keep = slider.form?.querySelector('button[data-keep]')
      if (keep) slider.form.requestSubmit(keep)
    })
  })
}
