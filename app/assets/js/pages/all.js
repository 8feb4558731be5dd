// Finds out which page this is and wakes its module.
import { showPresentStage, watchKeys } from "/js/lib/keys.js";
import { wakeClocks } from "/js/widgets/clock.js";
import { wakeLifeSize } from "/js/widgets/life_size.js";
import { wakeLooking } from "/js/widgets/looking.js";

const pages = {
  measure: () => import("/js/pages/measure.js"),
  artwork: () => import("/js/pages/artwork.js"),
  method: () => import("/js/pages/method.js"),
  place: () => import("/js/pages/place.js"),
  "true-size": () => import("/js/pages/true_size.js"),
  layout: () => import("/js/pages/layout.js"),
  laying: () => import("/js/pages/laying.js"),
  "artwork-looks": () => import("/js/pages/looks.js"),
  drawer: () => import("/js/pages/drawer.js"),
  photo: () => import("/js/pages/photo.js"),
  run: () => import("/js/pages/run.js"),
};

watchKeys();
showPresentStage();
wakeClocks();
wakeLifeSize();
wakeLooking();
// each part of a page wakes by itself
document.querySelectorAll("[data-page]").forEach((part) => pages[part.dataset.page]?.().then((module) => module.default()));
