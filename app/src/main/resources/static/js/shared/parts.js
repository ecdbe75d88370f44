/** Fetches pages and puts parts of them in place of the same parts here. */

/**
 * Asks the server for one thing again and again; of answers that overtake each other only that to the newest question counts.
 * @param {typeof fetch} fetches
 * @returns {(address: string, body?: BodyInit) => Promise<{kind: "page", text: string} | {kind: "late" | "gone" | "signed-out" | "refused"}>}
 *     a page; or that another question was asked meanwhile, that nobody answered, that the person is signed out, that the server refused
 */
export function asker(fetches = (...asked) => fetch(...asked)) {
    let newest = 0;
    return async (address, body) => {
        const mine = ++newest;
        const answer = await fetches(address, { headers: { Accept: "text/html, */*" }, ...(body && { method: "POST", body }) }).catch(
            () => null,
        );
        const text = answer?.ok && !answer.redirected ? await answer.text().catch(() => null) : "";
        if (mine !== newest) {
            return { kind: "late" };
        }
        if (!answer || text === null) {
            return { kind: "gone" };
        }
        if (answer.redirected) {
            return { kind: "signed-out" };
        }
        return answer.ok ? { kind: "page", text } : { kind: "refused" };
    };
}

/** @param {string} html a whole page */
export function read(html) {
    return new DOMParser().parseFromString(html, "text/html");
}

/**
 * @param {string} html a whole page
 * @param {string[]} ids of the elements to replace
 * @param {Element} [home] where those begin that are not here yet; then those that are not there any more go
 */
export function replaceParts(html, ids, home) {
    const there = read(html);
    for (const id of ids) {
        const fresh = there.getElementById(id);
        const old = document.getElementById(id);
        if (fresh && old) {
            old.replaceWith(document.importNode(fresh, true));
        } else if (home && fresh) {
            home.prepend(document.importNode(fresh, true));
        } else if (home) {
            old?.remove();
        }
    }
}

/** @param {HTMLFormElement} form @param {Record<string, string>} [more] fields beside those of the form */
export function fieldsOf(form, more = {}) {
    const fields = new URLSearchParams(new FormData(form));
    Object.entries(more).forEach(([name, value]) => fields.set(name, value));
    return fields;
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
