// Edges and pieces moved by keys.
const SNAP = 0.5; // cm

export const keys = {
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
    } else if (piece.classList.contains("corner")) {
      const what = { Delete: "drop", Backspace: "drop", "+": "split", Insert: "split" }[event.key];
      if (!what) { return; }
      this.sendOp(piece.dataset.move, piece.dataset.part, what);
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
  handleOf(element) {
    const d = element.dataset;
    return { part: d.handle, op: d.op, least: Number(d.least), most: Number(d.most) };
  },
};
