import Alpine from "../vendor/alpine-csp.esm.min.js";
import { keep, waiting, flush, drop } from "./queue.js";

const words = document.getElementById("words").dataset;

/** The quick reading: keys, places in the drawing, one press to store; without a line it waits on the phone. */
Alpine.data("reading", () => ({
  unit: "", digits: "", decimals: 0, asked: "", undoing: null,

  init() {
    const root = this.$el;
    this.code = root.dataset.code;
    this.unit = root.dataset.unit;
    this.decimals = Number(root.dataset.decimals || 0);
    this.low = root.dataset.low === "" ? null : Number(root.dataset.low);
    this.high = root.dataset.high === "" ? null : Number(root.dataset.high);
    document.querySelector(`.place[data-place="${root.dataset.place}"]`)?.classList.add("on");
    document.querySelector(".read-places [aria-current]")?.scrollIntoView({ block: "nearest", inline: "center" });
    for (const mark of document.querySelectorAll(".read-drawing .place")) {
      mark.addEventListener("click", () => {
        document.querySelector(`.read-places [data-place="${mark.dataset.place}"]`)?.click();
      });
    }
    this.$refs.value?.addEventListener("input", () => { this.digits = ""; this.name(); });
    this.name();
    addEventListener("online", () => this.send());
    this.send();
    if ("serviceWorker" in navigator) { navigator.serviceWorker.register("/r/sw.js", { scope: "/r/" }).catch(() => {}); }
    navigator.wakeLock?.request("screen").catch(() => {});
  },
  press(event) {
    const key = event.target.closest("[data-key]").dataset.key;
    const field = this.$refs.value;
    if (this.decimals > 0) {
      // the decimal point is set by itself: 438 is 43.8
      if (key === "⌫") { this.digits = this.digits.slice(0, -1); }
      else if (key === ".") { return; }
      else if (this.digits.length < 6) { this.digits += key; }
      const number = this.digits.padStart(this.decimals + 1, "0");
      field.value = this.digits
        ? `${Number(number.slice(0, -this.decimals))}${words.mark}${number.slice(-this.decimals)}`
        : "";
    } else if (key === "⌫") {
      field.value = field.value.slice(0, -1);
    } else if (field.value.length < 7 && !(key === "." && /[.,]/.test(field.value))) {
      field.value += key === "." ? words.mark : key;
    }
    this.name();
  },
  name() {
    const field = this.$refs.value;
    if (field) {
      this.$refs.save.textContent = field.value ? `${words.save} ${field.value} ${this.unit}` : words.save;
    }
  },
  /** Far from what is wanted: asked once. */
  unlikely(text) {
    const value = Number(text.replace(",", ".").replace("−", "-"));
    if (this.low === null || !Number.isFinite(value)) { return false; }
    const span = Math.max(this.high - this.low, 1);
    return value < this.low - 3 * span || value > this.high + 3 * span;
  },
  async store(event) {
    event.preventDefault();
    const field = this.$refs.value;
    const text = field.value.trim();
    if (!text) { this.say(words.missing, true); field.focus(); return; }
    if (this.unlikely(text) && this.asked !== text) {
      this.asked = text;
      this.say(`${text} ${this.unit}? ${words.sure}`, true);
      return;
    }
    this.asked = "";
    const minutes = Number(document.getElementById("earlier").value || 0);
    const item = {
      clientId: crypto.randomUUID(), code: this.code, place: event.target.elements.place.value,
      kind: event.target.elements.kind.value, value: `${text}${this.$el.dataset.typedUnit ?? ""}`,
      at: new Date(Date.now() - minutes * 60000).toISOString(), shown: `${text} ${this.unit}`,
    };
    await keep(item);
    field.value = "";
    this.digits = "";
    this.name();
    await this.send(item.clientId);
  },
  /** Sends what waits; the newest one's answer is shown. */
  async send(newest) {
    const result = await flush();
    const left = await waiting();
    const mine = newest && result.answers.find((a) => a.clientId === newest);
    if (mine && mine.ok) {
      this.say(`${mine.place}: ${mine.value}. ${mine.verdict}.`, false, { code: this.code, id: mine.id });
    } else if (mine && mine.error) {
      this.say(mine.error, true);
      this.$refs.value.value = mine.shown.split(" ")[0];
      this.name();
    } else if (result.signedOut) {
      this.say(`${words.ended} ${words.kept.replace("{0}", String(left.length))}`, true);
    } else if (left.length) {
      this.say(words.kept.replace("{0}", String(left.length)), false, newest ? { client: newest } : null);
    }
  },
  say(text, wrong, undo) {
    const box = document.getElementById("read-said");
    box.textContent = text;
    box.classList.toggle("stop", Boolean(wrong));
    box.hidden = false;
    clearTimeout(this.undoing);
    if (undo) {
      const button = document.createElement("button");
      button.type = "button";
      button.className = "btn-words";
      button.textContent = words.undo;
      button.addEventListener("click", () => this.undo(undo));
      box.append(" ", button);
      this.undoing = setTimeout(() => button.remove(), 10000);
    }
  },
  async undo(what) {
    if (what.client) {
      await drop(what.client);
      this.say(words.gone, false);
      return;
    }
    try {
      const token = await (await fetch("/r/token", { credentials: "same-origin" })).json();
      const response = await fetch(`/r/${what.code}/readings/${what.id}/undo`, {
        method: "POST", headers: { [token.header]: token.token }, credentials: "same-origin",
      });
      this.say(response.ok ? words.gone : words.notgone, !response.ok);
    } catch {
      this.say(words.notgone, true);
    }
  },
}));

Alpine.start();
