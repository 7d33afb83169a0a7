// What is typed, chosen and pressed, as edits.
export const edits = {
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
  stepField(field, by) {
    const now = parseFloat(field.value.replace(",", "."));
    const least = field.dataset.least ? Number(field.dataset.least) : 0.1;
    field.value = String(Math.max(least, Math.round(((Number.isFinite(now) ? now : 0) + by) * 100) / 100));
    this.send(new FormData(field.form));
  },
};
