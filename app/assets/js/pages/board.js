// A board: the lens over it.
import { wakeLens } from '../widgets/lens.js'

export default function () {
  document.querySelectorAll('[data-lens]').forEach(wakeLens)
}
