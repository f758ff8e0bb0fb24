// A code that came with the address stands in its field: to pair is still a tap.
const code = location.hash.slice(1);
const field = /** @type {HTMLInputElement|null} */ (document.querySelector('[name="code"]'));
if (field && /^\d{6}$/.test(code)) {
    field.value = code;
    history.replaceState(null, '', location.pathname);
}
