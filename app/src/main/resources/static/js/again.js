/**
 * Asks again for parts in which the server is still at work: `data-again` says after how many milliseconds, and is gone when it is done;
 * `data-from` says where the part stands by itself.
 */
import { asker, replaceParts } from "./shared/parts.js";

const ask = asker();

async function again(part) {
    const answer = document.visibilityState === "visible" ? await ask(part.dataset.from) : { kind: "late" };
    if (answer.kind === "page") {
        replaceParts(answer.text, [part.id]);
    }
    wait(document.getElementById(part.id));
}

function wait(part) {
    if (part?.dataset.again) {
        setTimeout(again, Number(part.dataset.again), part);
    }
}

document.querySelectorAll("[data-again]").forEach(wait);
