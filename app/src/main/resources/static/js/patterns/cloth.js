/** The page of a cloth: ties drawing, list and arithmetic together, zooms the drawing, and lays out again when a setting changes. */
import { afterQuiet, asker, fieldsOf, replaceParts } from "../shared/parts.js";

const STEP = 1.35;
let zoom = 1;
const askCloth = asker();
const askWays = asker();
let pressed = false;
const letGo = [];

/**
 * Marks everything that is the same strip or part as what was pointed at.
 * @param {Element | null} element
 */
function tie(element) {
    document.querySelectorAll(".is-tied").forEach((tied) => tied.classList.remove("is-tied"));
    const part = element?.closest("[data-part]")?.getAttribute("data-part");
    const strip = element?.closest("[data-strip]")?.getAttribute("data-strip");
    if (strip) {
        document.querySelectorAll(`[data-strip="${CSS.escape(strip)}"]`).forEach((one) => one.classList.add("is-tied"));
    }
    if (part) {
        document.querySelectorAll(`[data-part="${CSS.escape(part)}"]`).forEach((one) => one.classList.add("is-tied"));
    }
}

/** @param {Element} target */
function within(target) {
    return target.closest("#cloth-list [data-strip], #cloth-drawing [data-strip], #cloth .arithmetic [data-strip]") ? target : null;
}

for (const kind of ["pointerover", "focusin", "click"]) {
    document.addEventListener(kind, (event) => {
        if (event.target instanceof Element && event.target.closest("#cloth-list, #cloth-drawing, #cloth .arithmetic")) {
            tie(within(event.target));
        }
    });
}

/** Resolves when no pointer is down: what is being pressed is not put anew under the finger, so that no press is lost. */
function released() {
    return pressed ? new Promise((resolve) => letGo.push(resolve)) : Promise.resolve();
}

document.addEventListener("pointerdown", () => {
    pressed = true;
});
for (const kind of ["pointerup", "pointercancel"]) {
    document.addEventListener(kind, () => {
        pressed = false;
        // The click follows the release.
        setTimeout(() => letGo.splice(0).forEach((resolve) => resolve()));
    });
}

/** Puts the same from precuts and quarters beside the ways to cut the whole cloth, which takes the server longer. */
async function compare() {
    const more = document.querySelector("[data-more-ways]");
    if (more instanceof HTMLAnchorElement) {
        const asked = more.textContent;
        more.textContent = more.dataset.busy ?? asked;
        const answer = await askWays(more.href);
        await released();
        if (answer.kind === "page" && more.isConnected) {
            replaceParts(answer.text, ["ways"]);
        }
        more.textContent = asked;
    }
}

/** Sets the drawing's width; at 1 all of the cloth is seen. */
function show() {
    const drawing = document.getElementById("cloth-drawing");
    if (drawing) {
        drawing.style.width = `${zoom * 100}%`;
        drawing.style.maxHeight = zoom > 1 ? "none" : "";
    }
    document.querySelectorAll("[data-zoom]").forEach((tools) => tools.removeAttribute("hidden"));
}

document.addEventListener("click", (event) => {
    const by = event.target instanceof Element ? event.target.closest("[data-zoom-by]")?.getAttribute("data-zoom-by") : null;
    if (by) {
        zoom = by === "0" ? 1 : Math.min(12, Math.max(1, zoom * STEP ** Number(by)));
        show();
    }
});

const form = document.querySelector("[data-cloth-settings]");

async function layOut() {
    const address = `${form.action}?${fieldsOf(form)}`;
    const answer = await askCloth(address);
    if (answer.kind === "late") {
        return;
    }
    if (answer.kind !== "page") {
        location.assign(address);
        return;
    }
    replaceParts(answer.text, ["cloth"]);
    history.replaceState(null, "", address);
    show();
    compare();
}

form?.addEventListener("change", afterQuiet(layOut, 150));
show();
compare();
