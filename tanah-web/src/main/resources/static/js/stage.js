import "./why.js";
import Alpine from "../vendor/alpine-csp.esm.min.js";
import { ask, place, SignedOut } from "./live.js";
import { Climate } from "./climate.js";

const PARTS = ["saved", "steps", "pit", "conflict", "drawing", "climate", "notes", "ledger"];
const SNAP = 0.5;
const QUIET = 300; // ms without an edit before the whole day is asked for
const words = document.getElementById("words").dataset;

/** A stage in the hand: sends edits as they are made, drags edges and pieces, keeps what is not sent yet. */
Alpine.data("stage", () => ({
  path: "", view: "both", cut: "", waiting: [], running: false, drag: null, draft: null, changedForm: null, next: null, dragged: false, looks: 0, climate: null, settling: null,

  init() {
    const root = this.$el;
    this.path = root.dataset.path;
    this.view = root.dataset.view;
    this.cut = new URLSearchParams(location.search).get("cut") ?? "";
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
      if (this.drag?.reader) { this.heldElement()?.classList.add("held"); }
      const drawn = document.querySelector(".sheet-drawing");
      if (drawn && !this.cut) { document.getElementById("cut").value = drawn.dataset.cut; }
      // a look that was asked for before the whole day was known has put the steady state back
      if (document.querySelector("#climate .day-note") && !this.settling) { this.settle(); }
    } catch (error) { this.failed(error); }
  },

  // ---- the whole day and the bands follow; a newer edit gives them up
  async settle() {
    this.settling?.abort();
    const mine = new AbortController();
    this.settling = mine;
    document.body.dataset.settled = "false";
    // whoever edits on would only wait for what the next edit throws away
    await new Promise((done) => { setTimeout(done, QUIET); });
    if (mine.signal.aborted) { return; }
    const params = this.params();
    params.set("whole", "true");
    const seen = this.looks;
    let again = false;
    try {
      const { page } = await ask(`${this.path}?${params}`, { signal: mine.signal });
      if (mine.signal.aborted || this.running || this.waiting.length || this.drag) { return; }
      // another part or view was chosen meanwhile: this answer would draw the old one
      if (seen !== this.looks) { this.settling = null; this.settle(); return; }
      if (page.body.dataset.revision !== this.revision() && this.revision()) { return; }
      // what is the same stays: a hand may just be reaching for it
      const changed = (id) => page.getElementById(id)?.outerHTML !== document.getElementById(id)?.outerHTML;
      place(page, ["climate", "drawing", "notes", "ledger"].filter(changed));
      this.bands(page);
      // somebody else's edit may have had it given up
      again = page.querySelector("#climate .day-note") !== null;
      document.body.dataset.settled = String(!again);
    } catch (error) {
      if (error.name !== "AbortError") { this.failed(error); }
    } finally {
      if (this.settling === mine) { this.settling = null; }
    }
    if (again && !this.settling) { this.settle(); }
  },
  bands(page) {
    for (const band of page.querySelectorAll("body > ol > li.band")) {
      const number = band.className.match(/s(\d+)/)[0];
      document.querySelector(`.strata .band.${number}`)?.replaceWith(document.adoptNode(band));
    }
  },

  // ---- edits
  submitted(event) {
    const form = event.target.closest("form[data-edit]");
    if (!form) {
      if (event.target.closest("form.tools")) { event.preventDefault(); this.cutTyped(); }
      if (event.target.closest("form.climate-form")) { event.preventDefault(); this.climate.submitted(event.submitter); }
      return;
    }
    event.preventDefault();
    const data = new FormData(form);
    if (event.submitter && event.submitter.name) { data.set(event.submitter.name, event.submitter.value); }
    // Enter in a field changes it and then, in the same breath, presses the form's button: one edit, not two
    const again = this.changedForm === form;
    this.changedForm = null;
    if (!again) { this.send(data); }
  },
  changed(event) {
    if (event.target.id === "cut") { this.cutTyped(); return; }
    if (this.climate.changed(event.target)) { return; }
    const form = event.target.closest("form[data-edit]");
    if (form && event.target.id !== "add" && !("add" in event.target.dataset)) {
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
      // front and side are cut at distances of their own
      if ((this.view === "side") !== (look.value === "side")) { this.cut = ""; }
      this.view = look.value;
      document.querySelectorAll("[data-look]").forEach((b) => b.setAttribute("aria-pressed", String(b === look)));
      this.look();
      return;
    }
    if (this.dragged) { this.dragged = false; return; }
    const part = event.target.closest("[data-select], [data-part]");
    if (part && !event.target.closest(".handle")) {
      event.preventDefault();
      this.select(part.dataset.select || part.dataset.part, part.dataset.of);
    }
  },
  // a part of another stage opens that stage
  select(id, stage) {
    if (stage && !this.path.endsWith(`/${stage}`)) {
      location.assign(`${this.path.replace(/[^/]+$/, stage)}?part=${encodeURIComponent(id)}&view=${this.view}`);
    } else if (id !== document.querySelector(".layer.selected [data-select]")?.dataset.select) {
      this.look({ part: id });
    }
  },
  keyed(event) {
    if (event.key === "Escape" && this.drag) { this.putBack(); return; }
    // Enter would press the form's first button, which shows another view
    if (event.target.id === "cut" && event.key === "Enter") { event.preventDefault(); this.cutTyped(); return; }
    if ((event.ctrlKey || event.metaKey) && event.key.toLowerCase() === "z" && !event.target.closest("input, select, textarea")) {
      event.preventDefault();
      document.querySelector(event.shiftKey ? "[data-redo]" : "[data-undo]")?.click();
      return;
    }
    const field = event.target.closest(".depth input, .slope input[id^=front], .slope input[id^=back], .one-field input[inputmode=decimal]");
    if (field && (event.key === "ArrowUp" || event.key === "ArrowDown")) {
      event.preventDefault();
      this.stepField(field, (event.key === "ArrowUp" ? 1 : -1) * (event.shiftKey ? 1 : 0.1));
    } else if (field && event.key === "Escape") {
      field.value = field.dataset.stands;
    }
    const handle = event.target.closest("[data-handle]");
    if (handle && ["ArrowUp", "ArrowDown", "ArrowLeft", "ArrowRight", "PageUp", "PageDown"].includes(event.key)) {
      event.preventDefault();
      const up = ["ArrowUp", "PageUp", "ArrowRight"].includes(event.key);
      const by = event.key.startsWith("Page") || event.shiftKey ? 1 : 0.1;
      this.sendHandle(this.handleOf(handle), Number(handle.dataset.value) + (up ? by : -by));
    }
    const reader = event.target.closest("[data-reader]");
    if (reader && this.climate.keyed(reader, event)) { event.preventDefault(); return; }
    const piece = event.target.closest("[data-move]");
    if (piece) { this.keyedPiece(piece, event); }
  },
  keyedPiece(piece, event) {
    const steps = { ArrowLeft: [-1, 0], ArrowRight: [1, 0], ArrowUp: [0, 1], ArrowDown: [0, -1] }[event.key];
    const by = event.shiftKey ? 0.1 : SNAP;
    if (steps) {
      this.sendPlace(piece.dataset, Number(piece.dataset.x) + by * steps[0], Number(piece.dataset.other) + by * steps[1]);
    } else if ((event.key === "," || event.key === ".") && piece.dataset.of === "hardscape") {
      this.sendOp("turn", piece.dataset.part, event.key === "," ? "15" : "-15");
    } else if (event.key === "Delete") {
      this.sendOp("remove", piece.dataset.part, "");
    } else if (event.key === "Enter" || event.key === " ") {
      this.select(piece.dataset.part, piece.dataset.of);
    } else {
      return;
    }
    event.preventDefault();
  },
  stepField(field, by) {
    const now = parseFloat(field.value.replace(",", "."));
    const least = field.dataset.least ? Number(field.dataset.least) : 0.1;
    field.value = String(Math.max(least, Math.round(((Number.isFinite(now) ? now : 0) + by) * 100) / 100));
    this.send(new FormData(field.form));
  },
  handleOf(element) {
    const d = element.dataset;
    return { part: d.handle, op: d.op, least: Number(d.least), most: Number(d.most) };
  },
  sendHandle(handle, value, draft = false) {
    const kept = Math.min(handle.most, Math.max(Math.min(handle.least, 0.1), Math.round(value * 100) / 100));
    this.sendOp(handle.op, handle.part, `${kept} cm`, "", draft);
  },
  sendPlace(piece, x, other, draft = false) {
    const cm = (v) => `${Math.max(0, Math.round(v * 100) / 100)} cm`;
    this.sendOp(piece.move, piece.part, cm(x), cm(other), draft);
  },
  sendOp(op, part, value, other = "", draft = false) {
    const data = new FormData();
    data.set("op", op);
    data.set("part", part);
    data.set("value", value);
    data.set("other", other);
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
    this.settling?.abort();
    this.settling = null;
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
    const held = this.drag;
    const wrong = page.querySelector("#pit .is-invalid");
    const typed = wrong && document.getElementById(wrong.id)?.value;
    place(page, draft ? ["drawing", "notes", "ledger"] : PARTS, data.get("value"));
    if (held) { this.heldElement()?.classList.add("held"); }
    this.bands(page);
    if (status === 409) {
      // whatever waited for the same thing stood on what is no longer so
      this.waiting = this.waiting.filter((w) => w.get("part") !== data.get("part"));
    }
    if (!draft) { this.waiting.forEach((w) => w.set("base", this.revision())); }
    if (status === 409) {
      document.querySelector("#conflict .message")?.scrollIntoView({ block: "nearest" });
    } else if (wrong && !draft) {
      const field = document.getElementById(wrong.id);
      const text = typed ?? data.get(field.name);
      if (field.value !== text) { field.value = text; }
      field.focus();
    }
    if (!draft) { this.say(); this.settle(); }
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

  // ---- dragging an edge or a piece
  grabbed(event) {
    const thing = event.target.closest("[data-handle], [data-move], [data-reader]");
    if (!thing || event.button > 0) { return; }
    event.preventDefault();
    thing.focus({ preventScroll: true });
    const svg = thing.closest("svg");
    const shrink = svg.getBoundingClientRect().width / svg.viewBox.baseVal.width;
    const d = thing.dataset;
    this.dragged = false;
    this.drag = {
      px: event.clientX, py: event.clientY, scale: Number(svg.dataset.scale) * shrink, perUnit: Number(svg.dataset.perUnit), unit: svg.dataset.unit, moved: false,
      ...(d.reader ? { reader: d.reader, from: Climate.place(d), to: Climate.place(d) } : d.handle
        ? { handle: this.handleOf(thing), along: thing.classList.contains("horizontal"), from: Number(d.value), to: Number(d.value) }
        : { piece: { move: d.move, part: d.part }, from: [Number(d.x), Number(d.other)], to: [Number(d.x), Number(d.other)] }),
    };
    if (d.handle) { thing.classList.add("held"); this.tag(); }
  },
  heldElement() {
    const { handle, piece, reader } = this.drag;
    if (reader) { return document.getElementById(reader === "xy" ? "reader-plan" : "reader-section"); }
    return handle
      ? document.querySelector(`[data-handle="${CSS.escape(handle.part)}"][data-op="${handle.op}"]`)
      : document.getElementById(`piece-${piece.move}-${piece.part}`);
  },
  moved(event) {
    const drag = this.drag;
    if (!drag) { return; }
    const across = event.clientX - drag.px;
    const up = drag.py - event.clientY;
    if (!drag.moved && Math.hypot(across, up) < 3) { return; }
    drag.moved = true;
    const snap = (v) => event.altKey ? Math.round(v * 10) / 10 : Math.round(v / SNAP) * SNAP;
    if (drag.reader) {
      const to = [snap(drag.from[0] + across / drag.scale), snap(drag.from[1] + up / drag.scale)];
      if (String(to) !== String(drag.to)) { drag.to = to; this.climate.read(drag.reader, to); }
    } else if (drag.handle) {
      const raw = drag.from + (drag.along ? across : up) / drag.scale;
      const to = Math.min(drag.handle.most, Math.max(drag.handle.least, snap(raw)));
      if (to !== drag.to) {
        drag.to = to;
        this.tag();
        this.sendHandle(drag.handle, to, true);
      }
    } else {
      const to = [Math.max(0, snap(drag.from[0] + across / drag.scale)), Math.max(0, snap(drag.from[1] + up / drag.scale))];
      if (to[0] !== drag.to[0] || to[1] !== drag.to[1]) {
        drag.to = to;
        this.heldElement()?.classList.add("held");
        this.tag();
        this.sendPlace(drag.piece, to[0], to[1], true);
      }
    }
  },
  released() {
    const drag = this.drag;
    if (!drag) { return; }
    this.drag = null;
    this.untag();
    this.dragged = drag.moved;
    if (drag.reader || String(drag.to) === String(drag.from)) { return; }
    if (drag.handle) { this.sendHandle(drag.handle, drag.to); } else { this.sendPlace(drag.piece, drag.to[0], drag.to[1]); }
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
    const shown = (v) => Array.isArray(v) ? v.map((n) => this.shown(n)).join(" · ") : this.shown(v);
    tag.textContent = `${shown(this.drag.to)} ${this.drag.unit}, ${words.was} ${shown(this.drag.from)}`;
    tag.style.left = "14px";
    tag.style.top = "96px";
  },
  shown(cm) {
    return (cm / this.drag.perUnit).toFixed(this.drag.perUnit === 1 ? 1 : 2);
  },
  untag() {
    document.getElementById("drag-tag")?.remove();
    document.querySelectorAll(".held").forEach((h) => h.classList.remove("held"));
  },
}));

Alpine.start();
