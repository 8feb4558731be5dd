// Finds out which page this is and wakes its module.
import { showPresentStage, watchKeys } from "/js/lib/keys.js";
import { wakeClocks } from "/js/widgets/clock.js";
import { wakeLifeSize } from "/js/widgets/life_size.js";

const page = document.querySelector("[data-page]:not([data-page=artwork-looks])")?.dataset.page;
const pages = {
  measure: () => import("/js/pages/measure.js"),
  artwork: () => import("/js/pages/artwork.js"),
  method: () => import("/js/pages/method.js"),
  place: () => import("/js/pages/place.js"),
  "true-size": () => import("/js/pages/true_size.js"),
  layout: () => import("/js/pages/layout.js"),
  drawer: () => import("/js/pages/drawer.js"),
  photo: () => import("/js/pages/photo.js"),
  run: () => import("/js/pages/run.js"),
};

watchKeys();
showPresentStage();
wakeClocks();
wakeLifeSize();
// a part of a page that wakes by itself
if (document.querySelector("[data-page=artwork-looks]")) import("/js/pages/looks.js").then((module) => module.default());
pages[page]?.().then((module) => module.default());
