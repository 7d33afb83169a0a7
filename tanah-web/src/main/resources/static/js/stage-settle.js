// The whole day and the bands follow an edit; a newer edit gives them up.
import { ask, place } from "./live.js";

const QUIET = 300; // ms without an edit before the whole day is asked for

export const settle = {
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
    const folded = this.folded();
    let again = false;
    try {
      const { page } = await ask(`${this.path}?${params}`, { signal: mine.signal });
      if (mine.signal.aborted || this.running || this.waiting.length || this.drag) { return; }
      // another part or view was chosen meanwhile: this answer would draw the old one
      if (seen !== this.looks) { this.settling = null; this.settle(); return; }
      if (page.body.dataset.revision !== this.revision() && this.revision()) { return; }
      // what is the same stays: a hand may just be reaching for it
      const changed = (id) => page.getElementById(id)?.outerHTML !== document.getElementById(id)?.outerHTML;
      const unfolded = folded && !this.folded();
      place(page, ["climate", "drawing", "year", "notes", "ledger"].filter((p) => changed(p) && (p !== "notes" || !unfolded)));
      this.bands(page);
      // somebody else's edit may have had it given up
      again = unfolded || page.querySelector("#climate .day-note") !== null;
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
};
