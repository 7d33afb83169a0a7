import "./why.js";
import Alpine from "../vendor/alpine-csp.esm.min.js";
import { ask, place, SignedOut } from "./live.js";

const PARTS = ["saved", "steps", "pit", "conflict", "drawing", "notes", "ledger"];
const SNAP = 0.5;
const words = document.getElementById("words").dataset;

/** Stage 3 in the hand: sends edits as they are made, drags the edge of a layer, keeps what is not sent yet. */
Alpine.data("ground", () => ({
  path: "", view: "both", cut: "", waiting: [], running: false, drag: null, draft: null, changedForm: null, next: null,

  init() {
    const root = this.$el;
    this.path = root.dataset.path;
    this.view = root.dataset.view;
    root.addEventListener("submit", (e) => this.submitted(e));
    root.addEventListener("change", (e) => this.changed(e));
    root.addEventListener("click", (e) => this.clicked(e));
    root.addEventListener("keydown", (e) => this.keyed(e));
    root.addEventListener("pointerdown", (e) => this.grabbed(e));
    addEventListener("pointermove", (e) => this.moved(e));
    addEventListener("pointerup", (e) => this.released(e));
    addEventListener("pointercancel", () => this.putBack());
    addEventListener("online", () => this.run());
    addEventListener("beforeunload", (e) => { if (this.waiting.length) { e.preventDefault(); } });
    let resized;
    addEventListener("resize", () => { clearTimeout(resized); resized = setTimeout(() => this.look(), 200); });
    this.look().then(() => { root.dataset.ready = "true"; this.toPeg(); });
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
    return params;
  },
  async look(extra = {}) {
    // an edit on its way comes first, its answer would select its own layer again
    if (this.running) { this.next = extra; return; }
    const params = this.params();
    Object.entries(extra).forEach(([k, v]) => params.set(k, v));
    try {
      const { page } = await ask(`${this.path}?${params}`);
      place(page, extra.part ? ["pit", "drawing"] : ["drawing"]);
    } catch (error) { this.failed(error); }
  },

  // ---- edits
  submitted(event) {
    const form = event.target.closest("form[data-edit]");
    if (!form) {
      if (event.target.closest("form.tools")) { event.preventDefault(); this.cutTyped(); }
      return;
    }
    event.preventDefault();
    const data = new FormData(form);
    if (event.submitter && event.submitter.name) { data.set(event.submitter.name, event.submitter.value); }
    // Enter in a field changes it and then submits its form: one edit, not two
    const again = !event.submitter && this.changedForm === form;
    this.changedForm = null;
    if (!again) { this.send(data); }
  },
  changed(event) {
    if (event.target.id === "cut") { this.cutTyped(); return; }
    const form = event.target.closest("form[data-edit]");
    if (form && event.target.id !== "add") {
      this.changedForm = form;
      setTimeout(() => { this.changedForm = null; }, 0);
      this.send(new FormData(form));
    }
  },
  cutTyped() {
    this.cut = document.getElementById("cut").value;
    this.look();
  },
  clicked(event) {
    const step = event.target.closest(".step");
    if (step && step.dataset.step) { this.stepField(step.parentElement.querySelector("input"), Number(step.dataset.step)); return; }
    if (step && step.dataset.cut) {
      const field = document.getElementById("cut");
      field.value = String(Math.max(0, (parseFloat(field.value.replace(",", ".")) || 0) + Number(step.dataset.cut)));
      this.cutTyped();
      return;
    }
    const look = event.target.closest("[data-look]");
    if (look) {
      event.preventDefault();
      this.view = look.value;
      document.querySelectorAll("[data-look]").forEach((b) => b.setAttribute("aria-pressed", String(b === look)));
      this.look();
      return;
    }
    const part = event.target.closest("[data-select], .cut.layer, .leader[data-part]");
    if (part && !event.target.closest(".handle")) {
      event.preventDefault();
      const id = part.dataset.select || part.dataset.part;
      if (id !== document.querySelector(".layer.selected [data-select]")?.dataset.select) { this.look({ part: id }); }
    }
  },
  keyed(event) {
    if ((event.ctrlKey || event.metaKey) && event.key.toLowerCase() === "z" && !event.target.closest("input, select, textarea")) {
      event.preventDefault();
      document.querySelector(event.shiftKey ? "[data-redo]" : "[data-undo]")?.click();
      return;
    }
    const field = event.target.closest(".depth input, .slope input[id^=front], .slope input[id^=back]");
    if (field && (event.key === "ArrowUp" || event.key === "ArrowDown")) {
      event.preventDefault();
      this.stepField(field, (event.key === "ArrowUp" ? 1 : -1) * (event.shiftKey ? 1 : 0.1));
    } else if (field && event.key === "Escape") {
      field.value = field.dataset.stands;
    }
    const handle = event.target.closest("[data-handle]");
    if (handle && ["ArrowUp", "ArrowDown", "PageUp", "PageDown"].includes(event.key)) {
      event.preventDefault();
      const up = event.key === "ArrowUp" || event.key === "PageUp";
      const by = event.key.startsWith("Page") || event.shiftKey ? 1 : 0.1;
      this.sendDepth(handle.dataset.handle, Number(handle.dataset.depth) + (up ? by : -by));
    }
  },
  stepField(field, by) {
    const now = parseFloat(field.value.replace(",", "."));
    field.value = String(Math.max(0.1, Math.round(((Number.isFinite(now) ? now : 0) + by) * 100) / 100));
    this.send(new FormData(field.form));
  },
  sendDepth(part, depth, draft = false) {
    const data = new FormData();
    data.set("op", "depth");
    data.set("part", part);
    data.set("value", `${Math.max(0.1, Math.round(depth * 100) / 100)} cm`);
    data.set("base", this.revision());
    if (draft) { data.set("draft", "true"); }
    this.send(data);
  },
  revision() {
    const base = document.querySelector('input[name="base"]');
    return base ? base.value : "";
  },

  // ---- sending, one after the other; drafts that are overtaken are dropped
  send(data) {
    performance.mark("tanah-edit");
    if (data.get("draft")) {
      this.draft = data;
    } else {
      this.draft = null;
      this.waiting.push(data);
    }
    this.run();
  },
  async run() {
    if (this.running) { return; }
    this.running = true;
    try {
      while (this.waiting.length || this.draft) {
        const draft = !this.waiting.length;
        const data = draft ? this.draft : this.waiting[0];
        if (draft) { this.draft = null; }
        const body = new URLSearchParams([...data, ...this.params()].filter(([k], i, all) => all.findIndex(([o]) => o === k) === i));
        const { page, status } = await ask(this.path, { method: "POST", body });
        if (!draft) { this.waiting.shift(); }
        if (draft && (this.waiting.length || this.draft)) { continue; }
        this.show(page, status, data, draft);
      }
    } catch (error) {
      this.failed(error);
    } finally {
      this.running = false;
      const next = this.next;
      this.next = null;
      if (next) { this.look(next); }
    }
  },
  show(page, status, data, draft) {
    const held = this.drag && document.querySelector("[data-handle].held");
    const wrong = page.querySelector("#pit .is-invalid");
    const typed = wrong && document.getElementById(wrong.id)?.value;
    place(page, draft ? ["drawing", "notes", "ledger"] : PARTS, data.get("value"));
    if (held) { document.querySelector(`[data-handle="${this.drag.part}"]`)?.classList.add("held"); }
    for (const band of page.querySelectorAll("body > ol > li.band")) {
      const number = band.className.match(/s(\d+)/)[0];
      document.querySelector(`.strata .band.${number}`)?.replaceWith(document.adoptNode(band));
    }
    if (status === 409) {
      // whatever waited for the same thing stood on what is no longer so
      this.waiting = this.waiting.filter((w) => w.get("part") !== data.get("part"));
    }
    if (!draft) { this.waiting.forEach((w) => w.set("base", this.revision())); }
    if (status === 409) {
      document.querySelector("#conflict .message")?.scrollIntoView({ block: "nearest" });
    } else if (wrong && !draft) {
      const field = document.getElementById(wrong.id);
      field.value = typed ?? data.get(field.name);
      field.focus();
    }
    if (!draft) { this.say(); }
    // the frame after the parts are in place is what the keeper sees
    requestAnimationFrame(() => performance.measure("tanah-edit-shown", "tanah-edit"));
  },
  say() {
    const note = document.querySelector(".two-notes .note .fact");
    const word = document.querySelector(".two-notes .note h3 span");
    const depth = document.querySelector(".layer.selected .layer-name span");
    document.getElementById("said").textContent =
      `${depth ? depth.textContent : ""} ${words.changed}. ${word ? word.textContent : ""}: ${note ? note.textContent : ""}.`;
  },
  failed(error) {
    const saved = document.getElementById("saved");
    saved.classList.add("unsaved");
    if (error instanceof SignedOut) {
      saved.textContent = words.ended;
    } else if (this.waiting.length) {
      saved.textContent = words.unsent.replace("{0}", String(this.waiting.length));
      setTimeout(() => this.run(), 4000);
    }
  },

  // ---- dragging the edge of a layer
  grabbed(event) {
    const handle = event.target.closest("[data-handle]");
    if (!handle || event.button > 0) { return; }
    event.preventDefault();
    handle.focus({ preventScroll: true });
    handle.classList.add("held");
    const svg = handle.closest("svg");
    const shrink = svg.getBoundingClientRect().width / svg.viewBox.baseVal.width;
    this.drag = {
      part: handle.dataset.handle, from: Number(handle.dataset.depth), most: Number(handle.dataset.most),
      y: event.clientY, scale: Number(svg.dataset.scale) * shrink, perUnit: Number(svg.dataset.perUnit), unit: svg.dataset.unit, depth: Number(handle.dataset.depth),
    };
    this.tag();
  },
  moved(event) {
    if (!this.drag) { return; }
    const raw = this.drag.from + (this.drag.y - event.clientY) / this.drag.scale;
    const snapped = event.altKey ? Math.round(raw * 10) / 10 : Math.round(raw / SNAP) * SNAP;
    const depth = Math.min(this.drag.most, Math.max(SNAP, snapped));
    if (depth !== this.drag.depth) {
      this.drag.depth = depth;
      this.tag();
      this.sendDepth(this.drag.part, depth, true);
    }
  },
  released() {
    if (!this.drag) { return; }
    const { part, depth, from } = this.drag;
    this.drag = null;
    this.untag();
    if (depth !== from) { this.sendDepth(part, depth); }
  },
  putBack() {
    if (!this.drag) { return; }
    this.drag = null;
    this.untag();
    this.draft = null;
    this.look();
  },
  tag() {
    const sheet = document.getElementById("drawing");
    let tag = document.getElementById("drag-tag");
    if (!tag) {
      tag = document.createElement("p");
      tag.id = "drag-tag";
      tag.className = "drag-tag";
      sheet.parentElement.append(tag);
    }
    tag.textContent = `${this.shown(this.drag.depth)} ${this.drag.unit}, ${words.was} ${this.shown(this.drag.from)}`;
    tag.style.left = "14px";
    tag.style.top = "96px";
  },
  shown(cm) {
    return (cm / this.drag.perUnit).toFixed(this.drag.perUnit === 1 ? 1 : 2);
  },
  untag() {
    document.getElementById("drag-tag")?.remove();
    document.querySelectorAll(".handle.held").forEach((h) => h.classList.remove("held"));
  },
}));

Alpine.start();
