/** Shows at once what another border, sash or grid changes: the figures and the drawing are fetched anew while it is typed. */
import { afterQuiet, asker, fieldsOf, replaceParts } from "../shared/parts.js";

const PAUSE = 300;
const PARTS = ["ladder", "figures", "verdicts", "drawing-kept"];
const form = document.querySelector("#sizes-form");
const tryButton = form.querySelector("[data-draw-button]");
const ask = asker();

const soon = afterQuiet(async () => {
    const answer = await ask(tryButton.formAction, fieldsOf(form));
    if (answer.kind === "page") {
        replaceParts(answer.text, PARTS, form);
    }
}, PAUSE);

form.addEventListener("input", (event) => {
    if (event.target.closest("#change")) {
        soon();
    }
});
