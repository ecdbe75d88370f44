/** Shows beside each part of the practice what its settings would change, while they are typed; nothing is saved by that. */
import { afterQuiet, asker, fieldsOf, replaceParts } from "./shared/parts.js";

const PAUSE = 300;
const form = document.querySelector("form[data-effects]");
const ask = asker();

const soon = afterQuiet(async () => {
    const answer = await ask(form.dataset.effects, fieldsOf(form));
    if (answer.kind === "page") {
        replaceParts(
            answer.text,
            [...form.querySelectorAll("[data-effect]")].map((effect) => effect.id),
        );
    }
}, PAUSE);

form.addEventListener("input", soon);
