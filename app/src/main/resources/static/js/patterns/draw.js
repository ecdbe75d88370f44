/** Redraws the block while it is typed; the server draws, this only asks. */
import { afterQuiet, replaceParts } from "../shared/parts.js";

const PAUSE = 250;
const form = document.querySelector("form[data-draws]");
const drawButton = form.querySelector("[data-draw-button]");
let newest = 0;

async function redraw() {
    const mine = ++newest;
    const answer = await fetch(drawButton.formAction, { method: "POST", body: new URLSearchParams(new FormData(form)) });
    if (answer.ok && !answer.redirected && mine === newest) {
        replaceParts(await answer.text(), document, ["drawing"]);
    }
}

const soon = afterQuiet(() => redraw().catch(() => {}), PAUSE);

form.addEventListener("input", soon);
form.addEventListener("change", (event) => {
    // Another grid: let the server lay the cells out anew, with what is typed.
    if (event.target.name === "columns" || event.target.name === "rows") {
        form.requestSubmit(drawButton);
    }
});
