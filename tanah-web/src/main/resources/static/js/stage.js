import "./why.js";
import Alpine from "../vendor/alpine-csp.esm.min.js";
import { ask, place } from "./live.js";
import { Climate } from "./climate.js";
import { settle } from "./stage-settle.js";
import { edits } from "./stage-edits.js";
import { keys } from "./stage-keys.js";
import { queue } from "./stage-queue.js";
import { drag } from "./stage-drag.js";
import { unfold } from "./stage-unfold.js";

/** A stage in the hand: sends edits as they are made, drags edges and pieces, keeps what is not sent yet. */
Alpine.data("stage", () => ({
  path: "", view: "both", cut: "", waiting: [], running: false, drag: null, draft: null, changedForm: null, next: null, dragged: false, looks: 0, climate: null, settling: null,
  ...settle,
  ...edits,
  ...keys,
  ...queue,
  ...drag,
  ...unfold,

  init() {
    const root = this.$el;
    this.path = root.dataset.path;
    this.view = root.dataset.view;
    this.cut = new URLSearchParams(location.search).get("cut") ?? "";
    this.keepUnfolded();
    this.climate = new Climate(() => this.look());
    root.addEventListener("submit", (e) => this.submitted(e));
    root.addEventListener("change", (e) => this.changed(e));
    root.addEventListener("click", (e) => this.clicked(e));
    root.addEventListener("keydown", (e) => this.keyed(e));
    root.addEventListener("pointerdown", (e) => this.grabbed(e));
    addEventListener("pointermove", (e) => this.moved(e));
    addEventListener("pointerup", (e) => this.released(e));
    addEventListener("pointercancel", () => this.putBack());
    addEventListener("online", () => this.run());
    // a chart that opens or closes leaves the drawing another height
    root.addEventListener("toggle", (e) => { if (e.target.open && e.target.querySelector("[data-later]") && !this.settling) { this.settle(); } }, true);
    root.addEventListener("toggle", (e) => { if (e.target.dataset?.open && e.target.closest("#climate")) { this.look(); } }, true);
    addEventListener("beforeunload", (e) => { if (this.waiting.length) { e.preventDefault(); } });
    let resized;
    addEventListener("resize", () => { clearTimeout(resized); resized = setTimeout(() => this.look(), 200); });
    this.look().then(() => { root.dataset.ready = "true"; this.toPeg(); this.settle(); });
  },
  // ---- from a note on another page to its place here
  toPeg() {
    const key = new URLSearchParams(location.search).get("peg");
    const note = key && [...document.querySelectorAll(".all-notes [data-note]")].find((n) => n.dataset.note === key);
    if (!note) { return; }
    note.closest("details").open = true;
    note.classList.add("lit");
    note.tabIndex = -1;
    note.focus();
    const letter = note.querySelector(".peg-key")?.textContent;
    [...document.querySelectorAll(".peg")].find((p) => letter && p.querySelector(".key")?.textContent === letter)?.classList.add("lit");
  },
  // ---- what the sheet shows
  params() {
    const sheet = document.getElementById("drawing");
    const params = new URLSearchParams({ view: this.view, w: Math.round(sheet.clientWidth), h: Math.round(sheet.clientHeight) });
    const selected = document.querySelector(".layer.selected [data-select]");
    if (selected) { params.set("part", selected.dataset.select); }
    if (this.cut) { params.set("cut", this.cut); }
    if (this.folded()) { params.set("notes", "closed"); }
    this.climate.put(params);
    return params;
  },
  async look(extra = {}) {
    // an edit on its way comes first, its answer would select its own layer again
    if (this.running) { this.next = extra; return; }
    const params = this.params();
    Object.entries(extra).forEach(([k, v]) => params.set(k, v));
    const mine = ++this.looks;
    try {
      const { page } = await ask(`${this.path}?${params}`);
      // an answer that a later look has overtaken would put an old drawing back
      if (mine !== this.looks) { return; }
      place(page, extra.part ? ["pit", "drawing", "climate"] : ["drawing", "climate"]);
      // a whole day that was asked for while this answer was on its way knows the part chosen before
      this.looks++;
      if (this.drag?.reader) { this.heldElement()?.classList.add("held"); }
      const drawn = document.querySelector(".sheet-drawing");
      if (drawn && !this.cut) { document.getElementById("cut").value = drawn.dataset.cut; }
      // a look that was asked for before the whole day was known has put the steady state back
      if (document.querySelector("#climate .day-note") && !this.settling) { this.settle(); }
    } catch (error) { this.failed(error); }
  },
}));

Alpine.start();
