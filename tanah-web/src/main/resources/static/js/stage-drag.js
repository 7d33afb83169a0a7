// Dragging an edge or a piece.
import { place } from "./live.js";
import { Climate } from "./climate.js";

const SNAP = 0.5; // cm
const FINE = 0.1; // cm, for the corners of an outline
const words = document.getElementById("words").dataset;

export const drag = {
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
    const step = event.altKey || drag.piece?.move.startsWith("corner-") ? FINE : SNAP;
    const snap = (v) => Math.round(Math.round(v / step) * step * 10) / 10;
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
};
