/** Redraws what is typed while it is typed; the server draws, this only asks. */
import { afterQuiet, replaceParts } from "../shared/parts.js";

const PAUSE = 250;
const form = document.querySelector("form[data-draws]");
const drawButton = form.querySelector("[data-draw-button]");
let newest = 0;

/** What a later answer has to draw anew, because an earlier one came too late. */
const wanted = new Set();

/** The fields of the cells by their label, so that what is typed meanwhile can be carried over. */
function cellFields() {
    return new Map([...document.querySelectorAll("#cells input[aria-label]")].map((field) => [field.ariaLabel, field]));
}

function replaceWanted(html) {
    const before = cellFields();
    const focused = document.activeElement;
    replaceParts(html, document, [...wanted]);
    if (wanted.has("cells")) {
        for (const [label, field] of cellFields()) {
            field.value = before.get(label)?.value ?? field.value;
            if (before.get(label) === focused) {
                field.focus();
            }
        }
    }
    wanted.clear();
}

/** @param {string[]} parts ids of what is to be drawn anew */
async function redraw(parts) {
    parts.forEach((part) => wanted.add(part));
    const mine = ++newest;
    const answer = await fetch(drawButton.formAction, { method: "POST", body: new URLSearchParams(new FormData(form)) });
    if (answer.ok && !answer.redirected && mine === newest) {
        replaceWanted(await answer.text());
    }
}

const soon = afterQuiet(() => redraw(["drawing"]).catch(() => {}), PAUSE);

form.addEventListener("input", (event) => {
    if (!event.target.matches("[data-lays-out]")) {
        soon();
    }
});
form.addEventListener("change", (event) => {
    // Another grid: the cells are laid out anew, with what is typed in them.
    if (event.target.matches("[data-lays-out]")) {
        redraw(["cells", "drawing"]).catch(() => {});
    }
});
