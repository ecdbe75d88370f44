/** The keys of the counter: down from the field to what was found, up and down between its buttons, and back. */
const field = document.querySelector("[data-find]");
const found = () =>
    [...document.querySelectorAll("#answer :is(a[href], button, summary, input:not([type=hidden]))")].filter(
        (one) => one.offsetParent !== null,
    );

// What is typed or scanned next takes the place of what stands there.
field.addEventListener("focus", () => field.select());
if (document.activeElement === field) {
    field.select();
}

document.addEventListener("keydown", (event) => {
    const step = { ArrowDown: 1, ArrowUp: -1 }[event.key];
    const all = found();
    const at = all.indexOf(document.activeElement);
    const inField = document.activeElement === field;
    if (!step || (!inField && at < 0) || document.activeElement.type === "date") {
        return;
    }
    event.preventDefault();
    const next = at + step;
    (next < 0 ? field : all[Math.min(next, all.length - 1)])?.focus();
});
