/**
 * A sheet of lines: arrow keys and Enter go from line to line, a block from a table program is pasted over the cells, and a line that is
 * begun takes over from the one above what is mostly the same.
 */
const sheet = document.querySelector("[data-sheet]");
const remembered = (sheet?.dataset.remember ?? "").split(" ").filter(Boolean);

/** The cells of a line. */
const cells = (row) => [...row.querySelectorAll("input[data-column]")];

/** @returns {HTMLInputElement | undefined} the cell so many lines below, in the same column */
function below(cell, lines) {
    const rows = [...sheet.querySelectorAll("tr[data-line]")];
    const row = rows[rows.indexOf(cell.closest("tr")) + lines];
    return row && cells(row)[cells(cell.closest("tr")).indexOf(cell)];
}

const previous = (row) => row.parentElement.previousElementSibling?.querySelector("tr[data-line]");
const next = (row) => row.parentElement.nextElementSibling?.querySelector("tr[data-line]");

/** One more empty line at the end, numbered on. */
function addLine() {
    const last = sheet.querySelector("tbody:last-of-type");
    const number = Number(last.querySelector("th").textContent) + 1;
    const body = last.cloneNode(true);
    const row = body.querySelector("tr[data-line]");
    body.classList.remove("list-wrong");
    body.querySelectorAll("tr:not([data-line])").forEach((told) => told.remove());
    row.dataset.new = "yes";
    row.querySelector("th").textContent = number;
    cells(row).forEach((cell) => {
        cell.value = "";
        cell.removeAttribute("value");
        cell.removeAttribute("placeholder");
        cell.removeAttribute("aria-invalid");
        cell.removeAttribute("aria-describedby");
        cell.name = cell.name.replace(/^line\d+/, `line${number}`);
        cell.setAttribute("aria-label", cell.getAttribute("aria-label").replace(/\d+$/, number));
    });
    last.after(body);
    return row;
}

/** A line that is empty takes over what the line above has in the columns that mostly stay the same. */
function takeOver(row) {
    const above = previous(row);
    if (!above || !("new" in row.dataset) || cells(row).some((cell) => cell.value)) {
        return;
    }
    const from = new Map(cells(above).map((cell) => [cell.dataset.column, cell.value]));
    cells(row).forEach((cell) => {
        if (remembered.includes(cell.dataset.column)) {
            cell.value = from.get(cell.dataset.column) ?? "";
        }
    });
}

/** A line that only has what it took over was never typed in. */
function untouched(row) {
    return "new" in row.dataset && cells(row).every((cell) => !cell.value || remembered.includes(cell.dataset.column));
}

function paste(cell, text) {
    const block = text
        .replace(/\r\n?/g, "\n")
        .replace(/\n$/, "")
        .split("\n")
        .map((line) => line.split("\t"));
    const column = cells(cell.closest("tr")).indexOf(cell);
    let row = cell.closest("tr");
    block.forEach((line, index) => {
        if (index > 0) {
            row = next(row) ?? addLine();
        }
        const here = cells(row);
        line.forEach((value, offset) => {
            if (here[column + offset]) {
                here[column + offset].value = value.trim();
            }
        });
    });
    below(cell, block.length - 1)?.focus();
}

sheet?.addEventListener("keydown", (event) => {
    const cell = event.target.closest("input[data-column]");
    const steps = { ArrowDown: 1, Enter: 1, ArrowUp: -1 };
    if (!cell || !(event.key in steps) || event.ctrlKey || event.metaKey || event.altKey) {
        return;
    }
    event.preventDefault();
    if (!below(cell, steps[event.key]) && steps[event.key] > 0) {
        addLine();
    }
    below(cell, steps[event.key])?.select();
});

sheet?.addEventListener("focusin", (event) => {
    const row = event.target.closest("tr");
    if (event.target.matches("input[data-column]") && previous(row) && !untouched(previous(row))) {
        takeOver(row);
    }
});

sheet?.addEventListener("paste", (event) => {
    const cell = event.target.closest("input[data-column]");
    const text = event.clipboardData?.getData("text/plain") ?? "";
    if (cell && /[\t\n]/.test(text.trimEnd())) {
        event.preventDefault();
        paste(cell, text);
    }
});

/** Lines that nobody typed in are not sent. */
sheet?.addEventListener(
    "submit",
    () => {
        sheet.querySelectorAll("tr[data-line]").forEach((row) => {
            if (untouched(row)) {
                cells(row).forEach((cell) => {
                    cell.value = "";
                });
            }
        });
    },
    { capture: true },
);

sheet?.querySelector("tr[data-new] input, [aria-invalid]")?.focus({ preventScroll: true });
