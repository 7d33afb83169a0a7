// Waits until the store answers, then sends what was typed, or loads the page.
const EACH = 3000; // ms

async function ready() {
  try {
    return (await fetch("/health/ready", { cache: "no-store" })).ok;
  } catch {
    return false;
  }
}

async function look() {
  if (!(await ready())) { setTimeout(look, EACH); return; }
  const again = document.getElementById("again");
  if (again) {
    again.requestSubmit();
  } else if (document.body.dataset.sent === "false") {
    location.reload();
  }
}

setTimeout(look, EACH);
