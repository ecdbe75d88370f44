/**
 * Where a key leads in a grid.
 *
 * @param {string} key
 * @param {boolean} shift
 * @param {number} row
 * @param {number} column
 * @param {{atStart: boolean, atEnd: boolean}} caret whether the caret is at an end of the text
 * @returns {{row: number, column: number} | null} null where the key stays in its cell
 */
export function step(key, shift, row, column, caret) {
    switch (key) {
        case "ArrowUp":
            return { row: row - 1, column };
        case "ArrowDown":
            return { row: row + 1, column };
        case "Enter":
            return { row: row + (shift ? -1 : 1), column };
        case "ArrowLeft":
            return caret.atStart ? { row, column: column - 1 } : null;
        case "ArrowRight":
            return caret.atEnd ? { row, column: column + 1 } : null;
        default:
            return null;
    }
}
