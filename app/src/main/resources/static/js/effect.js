/** Tells beside a form what comes of the numbers in it as they are typed: `form[data-finds]` is asked for, and its `#effect` put in place. */
import { afterQuiet, asker, fieldsOf, replaceParts } from "./shared/parts.js";

const PAUSE = 250;
const form = document.querySelector("form[data-finds]");
const ask = asker();

async function tell() {
    const answer = await ask(`${form.dataset.finds}?${fieldsOf(form)}`);
    if (answer.kind === "page") {
        replaceParts(answer.text, ["effect"]);
    }
}

const tellSoon = afterQuiet(tell, PAUSE);

form?.addEventListener("input", (event) => {
    if (event.target.name?.startsWith("bags[")) {
        tellSoon();
    }
});
