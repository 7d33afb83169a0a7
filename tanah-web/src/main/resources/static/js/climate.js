// How the climate is looked at: field, lines, day, hour and the reader. Nothing of it is stored.
const STEP = 0.5;
const PLAY_EVERY = 350; // ms

export class Climate {
  constructor(look) {
    this.look = look;
    this.root = document.getElementById("climate-tools");
    this.state = {};
    this.timer = null;
    this.grower = null;
    if (!this.root) { return; }
    const d = this.root.dataset;
    this.state = { field: d.fill, lines: d.lines, season: d.season, hour: d.hour, px: d.px, py: d.py, pz: d.pz };
    const hour = document.getElementById("hour");
    hour.addEventListener("input", () => { this.state.hour = hour.value; this.later(); });
    document.getElementById("play").addEventListener("click", () => this.play());
    const months = document.getElementById("months");
    if (months) {
      this.state.months = months.value;
      months.addEventListener("input", () => { this.grow(months.value); });
      document.getElementById("grow").addEventListener("click", (e) => this.growing(e.currentTarget));
    }
  }

  put(params) {
    Object.entries(this.state).forEach(([k, v]) => { if (v) { params.set(k, v); } });
  }

  // the slider moves faster than the sheet can be drawn: one look at a time, the last position wins
  async later() {
    this.clock();
    if (this.looking) { this.again = true; return; }
    this.looking = true;
    do {
      this.again = false;
      await this.look();
    } while (this.again);
    this.looking = false;
  }

  clock() {
    const hour = document.getElementById("hour");
    hour.value = this.state.hour;
    const minutes = Math.round(Number(this.state.hour) * 60);
    const words = `${String(Math.floor(minutes / 60)).padStart(2, "0")}:${String(minutes % 60).padStart(2, "0")}`;
    document.getElementById("clock").textContent = words;
    hour.setAttribute("aria-valuetext", words);
  }

  // ---- how plants grow
  grow(to) {
    this.state.months = String(to);
    document.getElementById("months").value = to;
    document.getElementById("grown").textContent = to;
    this.later();
  }

  growing(button) {
    const on = !this.grower;
    button.setAttribute("aria-pressed", String(on));
    button.textContent = on ? button.dataset.stop : button.dataset.play;
    if (!on) { clearInterval(this.grower); this.grower = null; return; }
    this.grower = setInterval(() => {
      if (this.looking) { return; }
      this.grow((Number(this.state.months) + 1) % 37);
    }, PLAY_EVERY);
  }

  changed(target) {
    if (!this.root || !("climate" in target.dataset || target.id === "hour" || target.id === "months")) { return false; }
    if (target.id !== "hour" && target.id !== "months") { this.state[target.name] = target.value; this.look(); }
    return true;
  }

  submitted(button) {
    if (button?.dataset.season) {
      this.state.season = button.dataset.season;
      document.querySelectorAll("[data-season][type=submit]").forEach((b) => b.setAttribute("aria-pressed", String(b === button)));
    }
    this.look();
  }

  play() {
    const button = document.getElementById("play");
    const on = !this.timer;
    button.setAttribute("aria-pressed", String(on));
    button.textContent = on ? button.dataset.stop : button.dataset.play;
    if (!on) { clearInterval(this.timer); this.timer = null; return; }
    this.timer = setInterval(() => {
      if (this.looking) { return; }
      this.state.hour = String((Number(this.state.hour) + 0.5) % 24);
      this.later();
    }, PLAY_EVERY);
  }

  // ---- the reader: what it is dragged along in this view
  static place(d) {
    return d.reader === "xy" ? [Number(d.x), Number(d.y)] : d.reader === "yz" ? [Number(d.y), Number(d.z)] : [Number(d.x), Number(d.z)];
  }

  read(plane, to) {
    const [a, b] = to.map((v) => String(Math.max(0, Math.round(v * 10) / 10)));
    if (plane === "xy") { this.state.px = a; this.state.py = b; }
    if (plane === "xz") { this.state.px = a; this.state.pz = b; }
    if (plane === "yz") { this.state.py = a; this.state.pz = b; }
    this.later();
  }

  keyed(reader, event) {
    const steps = { ArrowLeft: [-1, 0], ArrowRight: [1, 0], ArrowUp: [0, 1], ArrowDown: [0, -1] }[event.key];
    if (!steps) { return false; }
    const by = event.shiftKey ? 5 : STEP;
    const at = Climate.place(reader.dataset);
    this.read(reader.dataset.reader, [at[0] + by * steps[0], at[1] + by * steps[1]]);
    return true;
  }
}
