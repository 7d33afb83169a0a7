// Watches a running search; the page's parts are put in place as it goes on.
import { ask, place } from "./live.js";

const EVERY = 600; // ms

async function watch() {
  const find = document.getElementById("find");
  if (find?.dataset.on !== "true") { return; }
  try {
    const { page } = await ask(location.pathname);
    place(page, ["find"]);
  } catch { /* the next round asks again */ }
  setTimeout(watch, EVERY);
}
setTimeout(watch, EVERY);
