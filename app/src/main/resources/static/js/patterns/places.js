/** Turning and trading blocks on the drawn quilt, by mouse and keys. The server says which may trade and draws what comes of it. */
import { nextPlace, withBlock, withChange, withoutLast } from "./changes.js";

const form = document.querySelector("#quilt-form");
const rule = form.querySelector("[data-rule]");
const setting = form.querySelector("[data-setting]");
const HINT_TRADE = "Choose a marked place to trade with, or press Escape.";
const STEPS = { ArrowLeft: [-1, 0], ArrowRight: [1, 0], ArrowUp: [0, -1], ArrowDown: [0, 1] };
let chosen = "";
let trading = "";

const spots = () => [...form.querySelectorAll("[data-place]")];
const spotAt = (place) => spots().find((spot) => spot.dataset.place === place);
const asPlace = (text) => {
    const [column, row] = text.split(",").map(Number);
    return { column, row };
};

/** The changes of the size that is drawn. */
function changesField() {
    const key = form.querySelector("#shown").value;
    return [...form.querySelectorAll("[data-changes]")].find((field) => field.dataset.changes === key);
}

/** Shows only the fields of the chosen rule and setting. */
function showFields() {
    form.querySelectorAll("[data-for]").forEach((field) => {
        field.hidden = field.dataset.for !== rule.value;
    });
    form.querySelectorAll("[data-setting-for]").forEach((field) => {
        field.hidden = field.dataset.settingFor !== setting.value;
    });
    form.querySelectorAll("[data-size]").forEach((size) => {
        size.hidden = size.dataset.size !== form.querySelector("#shown").value;
    });
    form.querySelectorAll("[data-lines]").forEach((field) => {
        field.rows = Math.min(14, Math.max(1, field.value.split("\n").length));
    });
}

function mark() {
    for (const spot of spots()) {
        const isChosen = spot.dataset.place === chosen;
        spot.classList.toggle("place-chosen", isChosen);
        spot.setAttribute("tabindex", isChosen || (chosen === "" && spot === spots()[0]) ? "0" : "-1");
        const partner = trading !== "" && spot.dataset.group !== "" && spot.dataset.group === spotAt(trading)?.dataset.group;
        spot.classList.toggle("place-trades", partner && spot.dataset.place !== trading);
    }
    form.querySelectorAll("[data-place-act]").forEach((button) => {
        const group = spotAt(chosen)?.dataset.group ?? "";
        button.disabled = { turn: chosen === "", trade: group === "", undo: !changesField()?.value }[button.dataset.placeAct];
    });
    const hint = form.querySelector("[data-place-hint]");
    if (hint && trading !== "") {
        hint.textContent = HINT_TRADE;
    }
}

function choose(spot) {
    chosen = spot.dataset.place;
    mark();
    spot.focus();
}

/** Writes a change and has the quilt drawn anew. */
function change(field, text) {
    field.value = text;
    field.dispatchEvent(new Event("input", { bubbles: true }));
}

function act(name) {
    const field = changesField();
    if (!field) {
        return;
    }
    if (name === "turn" && chosen !== "") {
        change(field, withChange(field.value, `turn ${chosen} by 90`));
    } else if (name === "trade" && spotAt(chosen)?.dataset.group) {
        trading = chosen;
        mark();
    } else if (name === "undo" && field.value) {
        change(field, withoutLast(field.value));
    }
}

function tradeWith(spot) {
    const first = trading;
    const isPartner = spot.classList.contains("place-trades");
    trading = "";
    if (isPartner) {
        const field = changesField();
        change(field, withChange(field.value, `trade ${first} and ${spot.dataset.place}`));
    }
    choose(spot);
}

/** Puts the numbered block into the chosen place of a map. */
function put(number) {
    const cell = spotAt(chosen)?.dataset.map;
    const names = form.dataset.blocks.split("\n");
    const rows = form.elements.namedItem("rule.map.rows");
    if (cell && names[number - 1]) {
        const [row, column] = cell.split(",").map(Number);
        change(rows, withBlock(rows.value, row, column, names[number - 1]));
    }
}

form.addEventListener("click", (event) => {
    const spot = event.target.closest("[data-place]");
    const button = event.target.closest("[data-place-act]");
    if (spot) {
        trading === "" ? choose(spot) : tradeWith(spot);
    } else if (button) {
        act(button.dataset.placeAct);
    }
});

form.addEventListener("keydown", (event) => {
    const spot = event.target.closest("[data-place]");
    if (!spot || event.ctrlKey || event.metaKey || event.altKey) {
        return;
    }
    const step = STEPS[event.key];
    const key = event.key.toLowerCase();
    if (step) {
        const next = nextPlace(
            spots().map((other) => asPlace(other.dataset.place)),
            asPlace(spot.dataset.place),
            ...step,
        );
        next && choose(spotAt(`${next.column},${next.row}`));
    } else if (key === "enter" || key === " ") {
        trading === "" ? choose(spot) : tradeWith(spot);
    } else if (key === "t" || key === "x") {
        choose(spot);
        act(key === "t" ? "turn" : "trade");
    } else if (key === "escape" && trading !== "") {
        trading = "";
        mark();
    } else if (/^[1-9]$/.test(key)) {
        choose(spot);
        put(Number(key));
    } else {
        return;
    }
    event.preventDefault();
});

form.addEventListener("input", showFields);
form.addEventListener("drawn", () => {
    if (!spotAt(chosen)) {
        chosen = "";
        trading = "";
    }
    const hadFocus = chosen !== "" && (document.activeElement === document.body || document.activeElement?.matches("[data-place]"));
    mark();
    if (hadFocus) {
        spotAt(chosen)?.focus();
    }
});
showFields();
mark();
