/** Redraws what is typed while it is typed; the server draws, this only asks. */
import { afterQuiet, asker, fieldsOf, replaceParts } from "../shared/parts.js";

const PAUSE = 200;
const RETRY = 2500;
const form = document.querySelector("form[data-draws]");
const drawButton = form.querySelector("[data-draw-button]");
const ask = asker();
let newest = 0;

/** What a later answer has to draw anew, because an earlier one came too late. */
const wanted = new Set();

/** @param {string} start of the ids of parts @returns {string[]} those on the page */
function parts(start) {
    return [...document.querySelectorAll(`[id^="${start}"]`)].map((part) => part.id);
}

/** The fields inside a part by their label, so that what is typed meanwhile can be carried over. */
function labelled(id) {
    return new Map([...document.querySelectorAll(`#${id} input[aria-label]`)].map((field) => [field.ariaLabel, field]));
}

function replaceWanted(html) {
    const focused = document.activeElement;
    const before = new Map([...wanted].map((id) => [id, { fields: labelled(id), open: document.getElementById(id)?.open }]));
    replaceParts(html, [...wanted]);
    for (const [id, { fields, open }] of before) {
        for (const [label, field] of labelled(id)) {
            field.value = fields.get(label)?.value ?? field.value;
            if (fields.get(label) === focused) {
                field.focus();
            }
        }
        if (open) {
            document.getElementById(id).open = true;
        }
    }
    wanted.clear();
    form.dispatchEvent(new CustomEvent("drawn"));
}

/** @param {string[]} ids of the parts to draw anew */
async function redraw(ids) {
    ids.forEach((id) => wanted.add(id));
    const mine = ++newest;
    const answer = await ask(drawButton.formAction, fieldsOf(form));
    if (answer.kind === "page") {
        replaceWanted(answer.text);
    } else if (answer.kind === "gone") {
        form.dispatchEvent(new CustomEvent("undrawn"));
        setTimeout(() => mine === newest && redraw([]), RETRY);
    }
}

/** A role that is named can be chosen everywhere at once, before anything is drawn or kept. */
function offerRole(letter, name) {
    const selects = new Set([...form.querySelectorAll("option[data-role-choice]")].map((option) => option.closest("select")));
    for (const select of selects) {
        let option = [...select.options].find((one) => one.value === letter);
        if (!option && name) {
            option = new Option("", letter);
            option.dataset.roleChoice = "";
            const after = [...select.options].find((one) => one.value > letter);
            select.add(option, after);
        }
        if (option && name) {
            option.text = `${letter} ${name}`;
        } else if (option && !option.selected) {
            option.remove();
        }
    }
}

const soon = afterQuiet(() => redraw([...parts("drawing"), ...parts("canvas-")]), PAUSE);

form.addEventListener("picked", soon);
form.addEventListener("input", (event) => {
    if (event.target.dataset.roleName) {
        offerRole(event.target.dataset.roleName, event.target.value.trim());
    }
    if (!event.target.matches("[data-lays-out]")) {
        soon();
    }
});
form.addEventListener("change", (event) => {
    // Another grid: the cells are laid out anew, with what is typed in them.
    if (event.target.matches("[data-lays-out]")) {
        redraw([...parts("drawing"), ...parts("canvas-"), ...parts("cells-")]);
    }
});
