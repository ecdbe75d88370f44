/** Shows what numbers of kits do to the cloth while they are typed. */
import { afterQuiet, asker, fieldsOf, read, replaceParts } from "../shared/parts.js";

const PAUSE = 160;
const form = document.getElementById("numbers");
const ask = asker();

async function look() {
    const answer = await ask(form.getAttribute("action"), fieldsOf(form));
    if (answer.kind === "page") {
        const ids = [...read(answer.text).querySelectorAll("[id^=short-]")].map((one) => one.id);
        replaceParts(answer.text, ["sum", "cloths", ...ids]);
        document.body.classList.remove("is-stale");
    }
}

const lookSoon = afterQuiet(look, PAUSE);

form.addEventListener("input", () => {
    document.body.classList.add("is-stale");
    lookSoon();
});
document.querySelector("[data-clear]")?.addEventListener("click", (event) => {
    event.preventDefault();
    form.querySelectorAll("input[type=number]").forEach((field) => {
        field.value = 0;
    });
    form.dispatchEvent(new Event("input"));
});
