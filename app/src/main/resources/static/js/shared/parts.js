/** Fetches a page and puts parts of it in place of the same parts here. */

/**
 * @param {string} html a whole page
 * @param {Document} here
 * @param {string[]} ids of the elements to replace
 */
export function replaceParts(html, here, ids) {
    const there = new DOMParser().parseFromString(html, "text/html");
    for (const id of ids) {
        const fresh = there.getElementById(id);
        const old = here.getElementById(id);
        if (fresh && old) {
            old.replaceWith(here.importNode(fresh, true));
        }
    }
}

/**
 * Calls the last of several quick calls only.
 * @param {() => void} call
 * @param {number} pause milliseconds of quiet before the call
 */
export function afterQuiet(call, pause) {
    let waiting = 0;
    return () => {
        clearTimeout(waiting);
        waiting = setTimeout(call, pause);
    };
}
