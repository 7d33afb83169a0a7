// Readings that wait on this phone. Each has an id of its own, so sending one twice stores it once.
const NAME = "tanah-readings";
let opened;
let sending;

function base() {
  opened ??= new Promise((done, failed) => {
    const request = indexedDB.open(NAME, 1);
    request.onupgradeneeded = () => request.result.createObjectStore("waiting", { keyPath: "clientId" });
    request.onsuccess = () => done(request.result);
    request.onerror = () => failed(request.error);
  });
  return opened;
}

async function store(mode, work) {
  const db = await base();
  return new Promise((done, failed) => {
    const transaction = db.transaction("waiting", mode);
    const request = work(transaction.objectStore("waiting"));
    transaction.oncomplete = () => done(request.result);
    transaction.onerror = () => failed(transaction.error);
  });
}

export const keep = (item) => store("readwrite", (s) => s.put(item));
export const drop = (clientId) => store("readwrite", (s) => s.delete(clientId));
export const waiting = () => store("readonly", (s) => s.getAll());

/** Sends all that waits, oldest first, one sending at a time. What the server refuses for good is dropped and told. */
export async function flush() {
  while (sending) { await sending; }
  sending = run();
  try { return await sending; } finally { sending = null; }
}

async function run() {
  const answers = [];
  const items = (await waiting()).sort((a, b) => a.at.localeCompare(b.at));
  if (!items.length) { return { answers }; }
  let token;
  try {
    const response = await fetch("/r/token", { credentials: "same-origin" });
    if (response.redirected || !response.ok) { return { answers, signedOut: true }; }
    token = await response.json();
  } catch {
    return { answers };
  }
  for (const item of items) {
    try {
      const body = new URLSearchParams({ place: item.place, kind: item.kind, value: item.value, at: item.at, clientId: item.clientId });
      const response = await fetch(`/r/${item.code}/readings`, {
        method: "POST", body, headers: { [token.header]: token.token }, credentials: "same-origin",
      });
      if (response.redirected) { return { answers, signedOut: true }; }
      if (response.ok) {
        answers.push({ ...item, ...(await response.json()), clientId: item.clientId, ok: true });
        await drop(item.clientId);
      } else if (response.status === 422) {
        answers.push({ ...item, error: (await response.json()).error });
        await drop(item.clientId);
      } else if (response.status === 403) {
        return { answers, signedOut: true };
      }
    } catch {
      return { answers };
    }
  }
  return { answers };
}
