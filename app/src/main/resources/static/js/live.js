/**
 * Shows what others did within a second or two: when the server says that something was booked, the page is asked for again and its
 * `[data-live]` parts are put in place; a part of a page that may answer a form at another address names its own there. A part in which
 * somebody types, chooses or has something open is left as it is until they are done.
 */
import { afterQuiet, asker, replaceParts } from "./shared/parts.js";

const PAUSE = 150;
const ask = asker();
let line = null;
let late = false;

/** Where the page can be asked for again: as it was opened, or where it answers a form at another address, by its own. */
const address = (part) => (part.dataset.live && part.dataset.live !== location.pathname ? part.dataset.live : location.href);

const parts = () => [...document.querySelectorAll("[data-live]")];

/** Whether somebody is at it: a field or a button in it has the focus, something in it is open, or something is typed. */
const isBusy = (part) =>
    part.contains(document.activeElement) ||
    part.querySelector("details[open], dialog[open], [aria-busy=true]") !== null ||
    [...part.querySelectorAll("input:not([type=hidden]), textarea, select")].some(
        (field) =>
            (field.type === "checkbox" && field.checked !== field.defaultChecked) ||
            (field.tagName !== "SELECT" && field.type !== "checkbox" && field.value !== field.defaultValue),
    );

async function look() {
    const free = parts().filter((part) => !isBusy(part));
    late = free.length < parts().length;
    if (free.length === 0) {
        return;
    }
    const answer = await ask(address(free[0]));
    if (answer.kind === "page") {
        replaceParts(
            answer.text,
            free.filter((part) => part.isConnected && !isBusy(part)).map((part) => part.id),
        );
    }
}

const lookSoon = afterQuiet(look, PAUSE);

function listen() {
    if (line || document.visibilityState !== "visible" || parts().length === 0) {
        return;
    }
    line = new EventSource("/live");
    let broken = false;
    line.addEventListener("changed", lookSoon);
    line.addEventListener("error", () => {
        broken = true;
    });
    line.addEventListener("open", () => {
        if (broken) {
            broken = false;
            lookSoon();
        }
    });
}

/** A page that nobody sees keeps no line open; seen again, it looks first. */
document.addEventListener("visibilitychange", () => {
    if (document.visibilityState === "visible") {
        listen();
        lookSoon();
    } else {
        line?.close();
        line = null;
    }
});
document.addEventListener("focusout", () => {
    if (late) {
        lookSoon();
    }
});
listen();
