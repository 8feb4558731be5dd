// Clocks that show stored moments. Nothing is counted down: each tick asks what
// time it is, corrected once by the server's own now.
const TICK_MS = 100;

export function span(seconds) {
  const whole = Math.max(0, Math.floor(seconds));
  const two = (n) => String(n).padStart(2, "0");
  if (whole < 3600) return `${Math.floor(whole / 60)}:${two(whole % 60)}`;
  if (whole < 86400) return `${Math.floor(whole / 3600)} h ${two(Math.floor((whole % 3600) / 60))}`;
  const hours = Math.floor((whole % 86400) / 3600);
  return `${Math.floor(whole / 86400)} d${hours ? ` ${hours} h` : ""}`;
}

export function reading({ opens, closes, best, wait }, now) {
  if (opens && now < opens) return { name: "early", words: wait ? "Ready in" : "Not yet: opens in", figure: span((opens - now) / 1000 + 0.999) };
  if (closes && now > closes) return { name: wait ? "over" : "late", words: wait ? "Past its longest by" : "Late by", figure: span((now - closes) / 1000) };
  if (!closes) return { name: "open", words: "Long enough", figure: "now" };
  const closing = closes - now < Math.min((closes - (opens || now)) * 0.2, 60000);
  if (best && now < best && !closing) return { name: "open", words: "Open, best in", figure: span((best - now) / 1000 + 0.999) };
  const open = best ? "Best now, open" : wait ? "Good" : "Open";
  return { name: closing ? "closing" : best ? "best" : "open", words: `${closing && !wait ? "Open" : open} for another`, figure: span((closes - now) / 1000) };
}

// The server's now belongs to the moment its answer began to come in, not to the
// later one at which this script woke up.
function answeredAt() {
  const [page] = performance.getEntriesByType("navigation");
  return page?.responseStart ? performance.timeOrigin + page.responseStart : Date.now();
}

export function wakeClock(element, onChange = () => {}) {
  const data = element.dataset;
  const offset = Number(data.now) - answeredAt();
  const moments = { opens: Number(data.opens) || null, closes: Number(data.closes) || null, best: Number(data.best) || null, wait: data.wait === "true" };
  if (!moments.opens && !moments.closes) return;
  const words = element.querySelector("[data-clock-words]");
  const figure = element.querySelector("[data-clock-figure]");
  let before = null;
  const tick = () => {
    const now = reading(moments, Date.now() + offset);
    if (words.textContent !== now.words) words.textContent = now.words;
    if (figure.textContent !== now.figure) figure.textContent = now.figure;
    if (before !== now.name) onChange(now, before);
    before = now.name;
    return now;
  };
  tick();
  setInterval(tick, TICK_MS);
  document.addEventListener("visibilitychange", tick);
}

export function wakeClocks() {
  document.querySelectorAll("[data-clock]").forEach((element) => wakeClock(element, (now) => element.classList.toggle("late", now.name === "late" || now.name === "over")));
}
