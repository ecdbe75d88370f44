/**
 * Where cloth lies in a photograph, for the marks on it; what is kept is reckoned by the server.
 * @typedef {{x: number, y: number}} Dot
 * @typedef {{from: Dot, to: Dot, apart: number, along: boolean, corner: Dot, width: number, height: number}} Laid lengths in inches
 */

const EIGHTH = 8;

/** @param {Laid} laid @returns {{ax: number, ay: number, scale: number}} one dot across the cloth, and the dots of an inch */
export function across(laid) {
    const x = laid.to.x - laid.from.x;
    const y = laid.to.y - laid.from.y;
    const dots = Math.hypot(x, y) || 1;
    return { ax: (laid.along ? y : x) / dots, ay: (laid.along ? -x : y) / dots, scale: dots / laid.apart };
}

/** @param {Laid} laid @returns {number[]} the six numbers of a matrix from inches of cloth to dots of the photograph */
export function matrix(laid) {
    const { ax, ay, scale } = across(laid);
    return [ax * scale, ay * scale, -ay * scale, ax * scale, laid.corner.x, laid.corner.y];
}

/** @param {number[]} m @returns {number[]} the matrix back */
export function inverse([a, b, c, d, e, f]) {
    const all = a * d - b * c;
    return [d / all, -b / all, -c / all, a / all, (c * f - d * e) / all, (b * e - a * f) / all];
}

/** @param {number[]} m @param {Dot} dot */
export function moved([a, b, c, d, e, f], { x, y }) {
    return { x: a * x + c * y + e, y: b * x + d * y + f };
}

/** The width and height of a repeat that reaches from its corner to here, to the eighth of an inch and at least that. */
export function reaching(laid, dot) {
    const inches = moved(inverse(matrix(laid)), dot);
    const whole = (length) => Math.max(1, Math.round(length * EIGHTH)) / EIGHTH;
    return { width: whole(inches.x), height: whole(inches.y) };
}

/** @param {number} inches a multiple of an eighth @returns {string} as one types it: 2 3/8 in */
export function typed(inches) {
    const eighths = Math.round(inches * EIGHTH);
    const whole = Math.floor(eighths / EIGHTH);
    let [over, under] = [eighths % EIGHTH, EIGHTH];
    while (over && over % 2 === 0) {
        [over, under] = [over / 2, under / 2];
    }
    return `${[whole || !over ? whole : "", over ? `${over}/${under}` : ""].filter((part) => part !== "").join(" ")} in`;
}

/** Inches of what is typed as {@link typed} writes it, or as a decimal; NaN for anything else, which the server says. */
export function inches(text) {
    const found = /^\s*(?:(\d+(?:\.\d+)?)\s*)?(?:(?<![\d.])(\d+)\s*\/\s*(\d+))?\s*(?:in|"|″)?\s*$/.exec(
        text.replace(/(\d)\s*[ -]\s*(?=\d+\s*\/)/, "$1 "),
    );
    if (!found || (found[1] === undefined && found[2] === undefined)) {
        return NaN;
    }
    return Number(found[1] ?? 0) + (found[2] === undefined ? 0 : Number(found[2]) / Number(found[3]));
}
