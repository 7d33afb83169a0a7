// Small things of pages without a component: print, forms that show at once, links that open a number over the page.
import "./why.js";

const print = document.querySelector("[data-print]");
if (print) {
  print.hidden = false;
  print.addEventListener("click", () => window.print());
}
for (const form of document.querySelectorAll("form[data-auto]")) {
  form.addEventListener("change", () => form.requestSubmit());
}
for (const field of document.querySelectorAll("[data-select-all]")) {
  field.addEventListener("focus", () => field.select());
}
