/**
 * Lists that are looked through while one types: {@code form[data-finds]} is asked for with its fields as they are, and its
 * {@code data-parts} are put in place. A number that is typed while the answer is under way is never lost: the form is asked again.
 */
import { afterQuiet, asker, fieldsOf, replaceParts } from "./parts.js";

const PAUSE = 180;

for (const form of document.querySelectorAll("form[data-finds]")) {
    const ask = asker();
    const words = form.querySelector("[data-find]");

    async function find() {
        const asked = fieldsOf(form).toString();
        const answer = await ask(`${form.dataset.finds}?${asked}`);
        if (answer.kind !== "page") {
            return;
        }
        if (asked === fieldsOf(form).toString()) {
            replaceParts(answer.text, form.dataset.parts.split(" "));
        } else {
            await find();
        }
    }

    words.addEventListener("input", afterQuiet(find, PAUSE));
    // Enter beside a number sends the form; beside the words it looks, as the button next to them does.
    form.addEventListener("keydown", (event) => {
        if (event.key === "Enter" && event.target.matches("input:not([data-find])")) {
            event.preventDefault();
            form.requestSubmit(form.querySelector("[data-go]"));
        }
    });
}
