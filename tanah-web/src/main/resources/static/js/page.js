// A page that only prints.
const print = document.querySelector("[data-print]");
if (print) {
  print.hidden = false;
  print.addEventListener("click", () => window.print());
}
