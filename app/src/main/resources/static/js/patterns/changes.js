/** The text of changes by hand in a quilt's places, as the server reads it; here it only grows at its end and shrinks again. */

/**
 * @param {string} text so far, changes separated by semicolons
 * @param {string} change such as "turn 3,2 by 90"
 * @returns {string} the text with the change at its end
 */
export function withChange(text, change) {
    return text.trim() === "" ? change : `${text.trim()}; ${change}`;
}

/** @param {string} text @returns {string} the text without its last change */
export function withoutLast(text) {
    return text
        .split(";")
        .slice(0, -1)
        .map((part) => part.trim())
        .join("; ");
}

/**
 * @param {string} text of a map, a line for each row and a comma between blocks
 * @param {number} row from 0
 * @param {number} column from 0
 * @param {string} name of a block
 * @returns {string} the text with that block there
 */
export function withBlock(text, row, column, name) {
    const rows = text.split("\n").map((line) => line.split(",").map((cell) => cell.trim()));
    if (rows[row] && column < rows[row].length) {
        rows[row][column] = name;
    }
    return rows.map((cells) => cells.join(", ")).join("\n");
}

/**
 * The place next to one in a direction, among places that need not lie in full rows: the nearest whose row or column has moved on.
 * @param {{column: number, row: number}[]} places
 * @param {{column: number, row: number}} from
 * @param {number} dx -1, 0 or 1
 * @param {number} dy -1, 0 or 1
 */
export function nextPlace(places, from, dx, dy) {
    let best = null;
    let least = Infinity;
    for (const place of places) {
        const along = (place.column - from.column) * dx + (place.row - from.row) * dy;
        const aside = Math.abs((place.column - from.column) * dy) + Math.abs((place.row - from.row) * dx);
        if (along > 0 && along + 3 * aside < least) {
            least = along + 3 * aside;
            best = place;
        }
    }
    return best;
}
