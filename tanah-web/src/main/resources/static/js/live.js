// Sends a change and puts the parts of the page that come back in their places by id.
const header = document.querySelector('meta[name="_csrf_header"]')?.content;
const token = document.querySelector('meta[name="_csrf"]')?.content;

export async function ask(url, options = {}) {
  const headers = { "X-Tanah": "live" };
  if (options.method === "POST" && header) {
    headers[header] = token;
  }
  const response = await fetch(url, { ...options, headers, credentials: "same-origin" });
  if (response.redirected || response.status === 401 || response.status === 403) {
    throw new SignedOut();
  }
  if (!response.ok && response.status !== 409) {
    throw new Error(String(response.status));
  }
  return { page: new DOMParser().parseFromString(await response.text(), "text/html"), status: response.status };
}

export class SignedOut extends Error {}

// what is the same stays in the document: it need not be styled and laid out again
function sync(old, fresh) {
  if (old.isEqualNode(fresh)) {
    old.querySelectorAll?.("input, select, textarea").forEach(unTyped);
    if (old.matches?.("input, select, textarea")) { unTyped(old); }
    return;
  }
  const alike = old.nodeName === fresh.nodeName && old.id === fresh.id && old.childNodes.length > 0 && old.childNodes.length === fresh.childNodes.length && !old.matches("select, textarea");
  // a field that is put anew would lose the focus, and the page be laid out to give it back
  const field = old.nodeName === "INPUT" && fresh.nodeName === "INPUT" && old.id !== "" && old.id === fresh.id && old.type === fresh.type;
  if (!alike && !field) {
    old.replaceWith(document.adoptNode(fresh));
    return;
  }
  // what a hand has unfolded stays so
  const unfolded = (a) => a.name === "open" && old.nodeName === "DETAILS";
  [...old.attributes].filter((a) => !fresh.hasAttribute(a.name) && !unfolded(a)).forEach((a) => old.removeAttribute(a.name));
  [...fresh.attributes].filter((a) => old.getAttribute(a.name) !== a.value).forEach((a) => old.setAttribute(a.name, a.value));
  if (field) { unTyped(old); }
  const parts = [...fresh.childNodes];
  [...old.childNodes].forEach((child, i) => sync(child, parts[i]));
}

// a field says again what the page came with
function unTyped(field) {
  if (field.matches("select")) {
    const stands = [...field.options].findIndex((o) => o.defaultSelected);
    field.selectedIndex = Math.max(0, stands);
  } else if (field.type === "checkbox" || field.type === "radio") { field.checked = field.defaultChecked; } else if (field.value !== field.defaultValue) { field.value = field.defaultValue; }
}

/** Puts parts in place; where the focus is stays, and what is being typed, unless it is just what was sent. */
export function place(page, ids, sent) {
  const focused = document.activeElement;
  const focusId = focused && focused.id;
  const held = focused && focused.dataset && focused.dataset.handle ? focused.dataset : null;
  const typing = focused && focused.matches && focused.matches("input") ? { id: focused.id, value: focused.value, stands: focused.dataset.stands, from: focused.selectionStart, to: focused.selectionEnd } : null;
  const chosen = [...document.querySelectorAll("select[data-keep]")].map((s) => [s.id, s.value]);
  const unfolded = [...document.querySelectorAll("details[data-open][open]")].map((d) => d.dataset.open);
  for (const id of ids) {
    const fresh = page.getElementById(id);
    const old = document.getElementById(id);
    if (fresh && old) {
      sync(old, fresh);
    }
  }
  unfolded.forEach((name) => { document.querySelectorAll(`details[data-open="${name}"]`).forEach((d) => { d.open = true; }); });
  chosen.forEach(([id, value]) => { document.getElementById(id).value = value; });
  if (typing && typing.id) {
    const again = document.getElementById(typing.id);
    if (again && again.value !== typing.value && typing.value !== typing.stands && typing.value !== sent) {
      again.value = typing.value;
      if (again === focused && typing.from !== null) { again.setSelectionRange(typing.from, typing.to); }
    }
  }
  const target = held ? document.querySelector(`[data-handle="${CSS.escape(held.handle)}"][data-op="${held.op}"]`) : focusId && document.getElementById(focusId);
  if (target && target !== document.activeElement) {
    target.focus({ preventScroll: true });
    // the caret too, or the next key falls behind what was marked
    if (typing && target.id === typing.id && target.value === typing.value && typing.from !== null) {
      target.setSelectionRange(typing.from, typing.to);
    }
  }
}
