// What was unfolded, and how far a column was scrolled, is so again when the same stage is asked anew: by undo or reload.
const KEY = "tanah-unfolded";

export const unfold = {
  keepUnfolded() {
    addEventListener("pagehide", () => {
      const open = {};
      document.querySelectorAll("details[data-open]").forEach((d) => { open[d.dataset.open] = d.open; });
      const scrolled = ["strata", "ledger"].map((c) => document.querySelector(`.${c}`)?.scrollTop ?? 0);
      try { sessionStorage.setItem(KEY, JSON.stringify({ path: this.path, open, scrolled })); } catch { /* no room for it: it stays folded */ }
    });
    let kept = null;
    try { kept = JSON.parse(sessionStorage.getItem(KEY)); } catch { return; }
    if (kept?.path !== this.path) { return; }
    document.querySelectorAll("details[data-open]").forEach((d) => { d.open = kept.open[d.dataset.open] ?? d.open; });
    ["strata", "ledger"].forEach((c, i) => { const column = document.querySelector(`.${c}`); if (column) { column.scrollTop = kept.scrolled[i]; } });
  },
};
