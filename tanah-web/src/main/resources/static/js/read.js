import Alpine from "../vendor/alpine-csp.esm.min.js";

const words = document.getElementById("words").dataset;

/** One reading on a phone: keys, places in the drawing, one send. */
Alpine.data("reading", () => ({
  sent: false, unit: "",

  init() {
    const current = document.querySelector(".read-places [aria-current]");
    if (current) {
      document.querySelector(`.place[data-place="${current.dataset.place}"]`)?.classList.add("on");
      this.unit = current.dataset.unit;
      current.scrollIntoView({ block: "nearest", inline: "center" });
    }
    for (const mark of document.querySelectorAll(".read-drawing .place")) {
      mark.addEventListener("click", () => {
        document.querySelector(`.read-places [data-place="${mark.dataset.place}"]`)?.click();
      });
    }
    this.$refs.value?.addEventListener("input", () => this.name());
    this.name();
  },
  press(event) {
    const key = event.target.dataset.key;
    const field = this.$refs.value;
    if (key === "⌫") {
      field.value = field.value.slice(0, -1);
    } else if (field.value.length < 6 && !(key === "." && field.value.includes("."))) {
      field.value += key;
    }
    this.name();
  },
  name() {
    const field = this.$refs.value;
    if (field) {
      this.$refs.save.textContent = field.value ? `${words.save} ${field.value} ${this.unit}` : words.save;
    }
  },
  once(event) {
    if (this.sent) {
      event.preventDefault();
    }
    this.sent = true;
  },
}));

Alpine.start();
