/** Shows at once what another border, sash or grid changes: the figures and the drawing are fetched anew while it is typed. */
import { afterQuiet, replaceParts } from "../shared/parts.js";

const PAUSE = 300;
const PARTS = ["ladder", "figures", "verdicts", "drawing-kept"];
const form = document.querySelector("#sizes-form");
const tryButton = form.querySelector("[data-draw-button]");
let newest = 0;

/** Places for parts that are only there when something was changed. */
function keepPlace(html) {
    const there = new DOMParser().parseFromString(html, "text/html");
    for (const id of PARTS) {
        if (there.getElementById(id) && !document.getElementById(id)) {
            form.prepend(Object.assign(document.createElement("div"), { id }));
        }
        if (!there.getElementById(id) && document.getElementById(id)) {
            document.getElementById(id).remove();
        }
    }
}

const soon = afterQuiet(async () => {
    const mine = ++newest;
    const answer = await fetch(tryButton.formAction, { method: "POST", body: new URLSearchParams(new FormData(form)) }).catch(() => null);
    if (answer?.ok && !answer.redirected && mine === newest) {
        const html = await answer.text();
        keepPlace(html);
        replaceParts(html, document, PARTS);
    }
}, PAUSE);

form.addEventListener("input", (event) => {
    if (event.target.closest("#change")) {
        soon();
    }
});
