/** A grid that is filled like a worksheet: arrows and Enter move, a pasted table is read by the server and put in. */
import { asker, fieldsOf, read, replaceParts } from "../shared/parts.js";
import { step } from "./steps.js";

const form = document.querySelector("form[data-worksheet]");
const undone = [];
const ask = asker();

const cell = (row, column) => form.querySelector(`.cell[data-row="${row}"][data-column="${column}"]`);

form.addEventListener("keydown", (event) => {
    const from = event.target.closest("input.cell[data-row]");
    if ((event.ctrlKey || event.metaKey) && event.key === "z" && undone.length > 0 && !event.shiftKey) {
        event.preventDefault();
        const before = undone.pop();
        document.getElementById("worksheet").replaceWith(before);
        return;
    }
    if (!from || event.ctrlKey || event.metaKey || event.altKey) {
        return;
    }
    const to = step(event.key, event.shiftKey, Number(from.dataset.row), Number(from.dataset.column), {
        atStart: from.selectionStart === 0 && from.selectionEnd === 0,
        atEnd: from.selectionStart === from.value.length,
    });
    const target = to && cell(to.row, to.column);
    if (target) {
        event.preventDefault();
        target.focus();
        target.select();
    }
});

/** What could not be put into the grid waits in the field for pasting. */
function keep(pasted) {
    const field = form.querySelector("textarea[name=pasted]");
    field.closest("details").open = true;
    field.value = pasted;
    return field;
}

form.addEventListener("paste", async (event) => {
    const pasted = event.clipboardData?.getData("text/plain") ?? "";
    if (!event.target.closest("input.cell[data-row]") || !/[\t\n]/.test(pasted.trim())) {
        return;
    }
    event.preventDefault();
    const answer = await ask(form.dataset.fill, fieldsOf(form, { pasted }));
    if (answer.kind === "page") {
        const told = read(answer.text).querySelector("#fault-pasted");
        if (told) {
            keep(pasted).after(document.importNode(told, true));
            return;
        }
        const before = document.getElementById("worksheet").cloneNode(true);
        // What is typed stands in properties, not in attributes: the copy keeps it in both.
        const typed = [...document.getElementById("worksheet").querySelectorAll("input, select")];
        before.querySelectorAll("input, select").forEach((copy, i) => {
            copy.value = typed[i].value;
        });
        undone.push(before);
        replaceParts(answer.text, ["worksheet"]);
    } else if (answer.kind !== "late") {
        keep(pasted);
        form.dispatchEvent(new CustomEvent("unsent", { bubbles: true, detail: answer.kind }));
    }
});
