import "./why.js";
import Alpine from "../vendor/alpine-csp.esm.min.js";
import { ask, place } from "./live.js";

const PARTS = ["matches", "needs", "vessels", "room", "follows"];

/** Animal, vessel and room: looks again after every change; nothing is stored before the form is sent. */
Alpine.data("start", () => ({
  timer: 0, asked: 0,

  init() {
    const root = this.$el;
    this.lookAt = root.dataset.look;
    this.form = document.getElementById("start-form");
    root.addEventListener("input", (e) => { if (e.target.id === "q") { this.soon(180); } });
    root.addEventListener("change", (e) => { if (e.target.id !== "q" && e.target.id !== "name") { this.soon(0); } });
    root.addEventListener("keydown", (e) => {
      if (e.key === "Enter" && e.target.matches("input")) { e.preventDefault(); this.soon(0); }
    });
    root.addEventListener("click", (e) => this.clicked(e));
    const search = document.getElementById("q");
    // typed before the script was there
    if (search.value !== search.defaultValue) { this.soon(0); }
  },
  clicked(event) {
    const species = event.target.closest("[data-species]");
    const vessel = event.target.closest("[data-vessel]");
    if (species) {
      event.preventDefault();
      document.getElementById("species").value = species.value;
      this.soon(0);
    } else if (vessel) {
      event.preventDefault();
      document.getElementById("vessel").value = vessel.value;
      this.soon(0);
    }
  },
  soon(wait) {
    // an answer that is on its way knows nothing of what was typed just now, and would put the old back
    this.asked++;
    clearTimeout(this.timer);
    this.timer = setTimeout(() => this.look(), wait);
  },
  async look() {
    const number = ++this.asked;
    const params = new URLSearchParams(new FormData(this.form));
    params.delete("_csrf");
    params.delete("base");
    try {
      const { page } = await ask(`${this.lookAt}?${params}`);
      if (number !== this.asked) { return; }
      place(page, PARTS);
      history.replaceState(null, "", `${this.lookAt}?${params}`);
    } catch { /* the page stays as it is; sending the form tells what is wrong */ }
  },
}));

Alpine.start();
