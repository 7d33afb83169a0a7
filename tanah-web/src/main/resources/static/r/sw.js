// Keeps the quick reading usable without a line: its pages and what they need. Nothing else of the product is touched.
const CACHE = "tanah-read-1";
const PARTS = /^\/(css|js|fonts|vendor|webjars)\//;

addEventListener("install", () => { skipWaiting(); });
addEventListener("activate", (event) => {
  event.waitUntil((async () => {
    for (const name of await caches.keys()) { if (name !== CACHE) { await caches.delete(name); } }
    await clients.claim();
  })());
});

addEventListener("fetch", (event) => {
  const url = new URL(event.request.url);
  if (event.request.method !== "GET" || url.origin !== location.origin) { return; }
  const page = /^\/r\/[a-z2-9]{6}$/.test(url.pathname);
  if (page || PARTS.test(url.pathname) || url.pathname === "/r/manifest.webmanifest") {
    event.respondWith(page ? fresh(event.request) : kept(event.request));
  }
});

/** The page as it is now; without a line as it was. */
async function fresh(request) {
  const cache = await caches.open(CACHE);
  try {
    const response = await fetch(request);
    if (response.ok && !response.redirected) { await cache.put(request, response.clone()); }
    return response;
  } catch (error) {
    const old = await cache.match(request) ?? await cache.match(request, { ignoreSearch: true });
    if (old) { return old; }
    throw error;
  }
}

/** Styles, scripts and fonts carry their version in their name. */
async function kept(request) {
  const cache = await caches.open(CACHE);
  const old = await cache.match(request);
  if (old) { return old; }
  const response = await fetch(request);
  if (response.ok) { await cache.put(request, response.clone()); }
  return response;
}
