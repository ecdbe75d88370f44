/** The workbench beside a drawing: choose a cell, place, turn, mirror, recolour it, by mouse, touch or keys. */
import { asker } from "../shared/parts.js";
import { history } from "./history.js";

const form = document.querySelector("form[data-cell]");
const bench = document.getElementById("bench");
const title = bench.querySelector("[data-bench-title]");
const text = bench.querySelector("[data-bench-text]");
const fault = bench.querySelector("[data-bench-fault]");
const undoButton = bench.querySelector("[data-undo]");
const redoButton = bench.querySelector("[data-redo]");

/** The chosen cell as block.row.column, and the letters of the chosen roles, the main one first. */
let chosen = "";
let roles = ["A", "B", "C"];

const field = (place) => form.querySelector(`[data-cell-field="${place}"]`);
const spot = (place) => form.querySelector(`[data-spot="${place}"]`);
const fields = () =>
    [...form.elements].filter((element) => element.name && !["hidden", "radio"].includes(element.type) && element.tagName !== "BUTTON");
const snapshot = () => fields().map((element) => [element.name, element.value]);
const ask = asker();
const past = history(snapshot());

function say(element) {
    element.dispatchEvent(new Event("input", { bubbles: true }));
}

function remember() {
    past.keep(snapshot());
    undoButton.disabled = !past.canUndo();
    redoButton.disabled = !past.canRedo();
}

function restore(state) {
    const values = new Map(state);
    let laidOut = null;
    for (const element of fields()) {
        if (values.has(element.name) && values.get(element.name) !== element.value) {
            element.value = values.get(element.name);
            laidOut = element.matches("[data-lays-out]") ? element : laidOut;
        }
    }
    undoButton.disabled = !past.canUndo();
    redoButton.disabled = !past.canRedo();
    if (laidOut) {
        laidOut.dispatchEvent(new Event("change", { bubbles: true }));
    } else {
        say(form);
    }
    show();
}

function show() {
    form.querySelectorAll(".spot").forEach((each) => each.setAttribute("aria-pressed", String(each.dataset.spot === chosen)));
    bench.querySelectorAll("[data-role]").forEach((button) => {
        const place = roles.indexOf(button.dataset.role);
        button.setAttribute("aria-pressed", String(place === 0 || place === 1));
        button.dataset.place = place === 0 ? "1" : place === 1 ? "2" : "";
    });
    const [, row, column] = chosen.split(".").map(Number);
    title.textContent = chosen ? `Row ${row + 1}, column ${column + 1}` : "No cell is chosen";
    text.value = chosen ? (field(chosen)?.value ?? "") : "";
}

function choose(place, focus = true) {
    chosen = place;
    show();
    if (focus) {
        spot(place)?.focus();
    }
}

function write(value) {
    const target = field(chosen);
    if (target && target.value !== value) {
        target.value = value;
        remember();
        say(target);
        text.value = value;
    }
}

/** Asks the server for the cell's new text; the rules of units live there. */
async function change(action, more = {}) {
    if (!chosen) {
        return;
    }
    const place = spot(chosen);
    const body = new URLSearchParams({
        text: field(chosen).value,
        action,
        width: place?.getAttribute("width") ?? "",
        height: place?.getAttribute("height") ?? "",
        ...more,
    });
    body.set("_csrf", form.elements._csrf.value);
    const at = chosen;
    const answer = await ask(form.dataset.cell, body);
    if (answer.kind === "page" && at === chosen) {
        write(answer.text);
    }
    if (answer.kind !== "late") {
        fault.hidden = answer.kind !== "gone";
    }
}

function takeRole(letter) {
    roles = [letter, ...roles.filter((each) => each !== letter)];
    show();
}

/** Lets the chosen cell go on over the next one, or gives it back its single place. */
function span(way) {
    if (!chosen) {
        return;
    }
    const [block, row, column] = chosen.split(".").map(Number);
    const at = (r, c) => field(`${block}.${r}.${c}`);
    let right = column;
    let down = row;
    while (at(row, right + 1)?.value === "<") right++;
    while (at(down + 1, column)?.value === "^") down++;
    if (way === "single") {
        for (let r = row; r <= down; r++) {
            for (let c = column; c <= right; c++) {
                if (r !== row || c !== column) at(r, c).value = "";
            }
        }
    } else if (way === "right" && at(row, right + 1)) {
        for (let r = row; r <= down; r++) at(r, right + 1).value = "<";
    } else if (way === "down" && at(down + 1, column)) {
        for (let c = column; c <= right; c++) at(down + 1, c).value = c === column ? "^" : "<";
    }
    remember();
    say(field(chosen));
}

function move(rows, columns) {
    const [block, row, column] = chosen.split(".").map(Number);
    for (let step = 1; step < 13; step++) {
        const place = `${block}.${row + rows * step}.${column + columns * step}`;
        if (spot(place)) {
            choose(place);
            return;
        }
        if (!field(place)) {
            return;
        }
    }
}

const KEYS = {
    ArrowUp: () => move(-1, 0),
    ArrowDown: () => move(1, 0),
    ArrowLeft: () => move(0, -1),
    ArrowRight: () => move(0, 1),
    t: () => change("turn"),
    m: () => change("mirror"),
    Delete: () => write(""),
    Backspace: () => write(""),
};

bench.hidden = false;
form.addEventListener("click", (event) => {
    const place = event.target.closest?.("[data-spot]");
    const button = event.target.closest?.("button");
    if (place) {
        choose(place.dataset.spot);
    } else if (button?.dataset.role) {
        takeRole(button.dataset.role);
    } else if (button?.dataset.kind) {
        change("place", { kind: button.dataset.kind, method: button.dataset.method, to: roles.join("") });
    } else if (button?.dataset.act === "colour") {
        change("colour", { to: roles[0] });
    } else if (button?.dataset.act) {
        change(button.dataset.act);
    } else if (button?.dataset.span) {
        span(button.dataset.span);
    } else if (button === undoButton) {
        restore(past.undo());
    } else if (button === redoButton) {
        restore(past.redo());
    }
    // After a click in the bench the keys go on with the cell; who came by keyboard stays where they are.
    if (button && bench.contains(button) && event.detail > 0 && chosen) {
        spot(chosen)?.focus();
    }
});
form.addEventListener("keydown", (event) => {
    if ((event.ctrlKey || event.metaKey) && event.key.toLowerCase() === "z" && !event.target.matches("input:not(.cell-text), textarea")) {
        event.preventDefault();
        restore(event.shiftKey ? past.redo() : past.undo());
        return;
    }
    if (!event.target.matches("[data-spot]") || event.ctrlKey || event.metaKey || event.altKey) {
        return;
    }
    if (event.target.dataset.spot !== chosen) {
        choose(event.target.dataset.spot, false);
    }
    const act = KEYS[event.key];
    if (act) {
        event.preventDefault();
        event.stopPropagation();
        act();
    } else if (
        /^[A-Z]$/.test(event.key) ||
        (/^[a-z]$/.test(event.key) && bench.querySelector(`[data-role="${event.key.toUpperCase()}"]`))
    ) {
        event.preventDefault();
        event.stopPropagation();
        takeRole(event.key.toUpperCase());
        if (field(chosen).value === "" || /^[A-Z]$/.test(field(chosen).value)) {
            write(event.key.toUpperCase());
        }
    }
});
form.addEventListener("change", remember);
text.addEventListener("change", () => write(text.value));
form.addEventListener("drawn", () => {
    fault.hidden = true;
    const focused = document.activeElement === document.body && chosen;
    show();
    if (focused) {
        spot(chosen)?.focus();
    }
});
form.addEventListener("undrawn", () => {
    fault.hidden = false;
});
const first = form.querySelector("[data-spot]");
if (first) {
    choose(first.dataset.spot, false);
}
