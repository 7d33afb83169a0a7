import "./why.js";
// The kinds that a place takes follow the place that is chosen.
const places = document.querySelector("[data-places]");
if (places) {
  places.addEventListener("change", () => {
    const url = new URL(location.href);
    url.searchParams.set("place", places.value);
    url.searchParams.delete("kind");
    location.assign(url);
  });
}
