// Runs before the page is drawn: which sheet, and that script is on.
(() => {
  const root = document.documentElement;
  root.classList.add("script");
  const kept = () => { try { return localStorage.getItem("tanah-sheet"); } catch { return null; } };
  const device = matchMedia("(prefers-color-scheme: dark)").matches ? "night" : "day";
  root.dataset.sheet = kept() || device;
  addEventListener("DOMContentLoaded", () => {
    for (const button of document.querySelectorAll("[data-sheet-switch]")) {
      const words = document.getElementById("words")?.dataset ?? {};
      const name = () => { button.textContent = root.dataset.sheet === "night" ? words.day : words.night; };
      button.hidden = false;
      name();
      button.addEventListener("click", () => {
        root.dataset.sheet = root.dataset.sheet === "night" ? "day" : "night";
        try { localStorage.setItem("tanah-sheet", root.dataset.sheet); } catch { /* private window: for this page only */ }
        name();
      });
    }
  });
})();
