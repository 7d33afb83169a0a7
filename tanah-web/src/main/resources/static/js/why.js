// A number that is pressed opens as a drawer over the page; without script, or with a modifier key, as a page.
import { ask } from "./live.js";

const words = document.getElementById("words")?.dataset ?? {};
let drawer;
let opener;
let asked = 0; // an answer that comes after the drawer was closed, or after a later press, opens nothing

function make() {
  drawer = document.createElement("dialog");
  drawer.className = "why-drawer";
  drawer.setAttribute("aria-labelledby", "why-head");
  drawer.addEventListener("close", () => { asked++; opener?.focus(); });
  drawer.addEventListener("click", (event) => { if (event.target === drawer) { drawer.close(); } });
  document.body.append(drawer);
}

addEventListener("click", async (event) => {
  const link = event.target.closest?.("a[data-why]");
  if (!link || event.ctrlKey || event.metaKey || event.shiftKey || event.button > 0) { return; }
  event.preventDefault();
  const mine = ++asked;
  try {
    const { page } = await ask(link.href);
    if (mine !== asked) { return; }
    if (!drawer) { make(); }
    const close = document.createElement("button");
    close.type = "button";
    close.className = "btn-line small why-close";
    close.textContent = words.close;
    close.addEventListener("click", () => drawer.close());
    drawer.replaceChildren(close, document.adoptNode(page.getElementById("why-body")));
    if (!drawer.open) {
      opener = link;
      drawer.showModal();
    }
    close.focus(); // the link that was pressed in the drawer is gone, and the keys with it
  } catch {
    location.assign(link.href);
  }
});
