// Sending, one edit after the other; drafts that are overtaken are dropped.
import { ask, place, SignedOut } from "./live.js";

const PARTS = ["saved", "steps", "pit", "conflict", "drawing", "climate", "year", "notes", "ledger"];
const words = document.getElementById("words").dataset;

export const queue = {
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
        const folded = this.folded();
        const body = new URLSearchParams([...data, ...this.params()].filter(([k], i, all) => all.findIndex(([o]) => o === k) === i));
        const { page, status } = await ask(this.path, { method: "POST", body });
        if (!draft) { this.waiting.shift(); }
        if (draft && (this.waiting.length || this.draft)) { continue; }
        this.show(page, status, data, { draft, unfolded: folded && !this.folded() });
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
  // whoever asks with the notes folded gets no list of them
  folded() { return !document.querySelector(".all-notes[open]"); },
  show(page, status, data, { draft, unfolded }) {
    const held = this.drag;
    const wrong = page.querySelector("#pit .is-invalid");
    const typed = wrong && document.getElementById(wrong.id)?.value;
    const parts = draft ? ["drawing", "notes", "ledger"] : PARTS;
    // a list that was unfolded meanwhile stays until the next answer brings the new one
    place(page, parts.filter((p) => p !== "notes" || !unfolded), data.get("value"));
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
};
