/** Keyboard: g and a station's letter goes there; ? shows the keys; / goes to the search field. */

/**
 * What a pressed key asks for.
 * @param {string} key the key pressed
 * @param {string} before the key pressed just before, or an empty text
 * @param {Map<string, string>} stations address by letter
 * @returns {{kind: "go", address: string} | {kind: "help"} | {kind: "search"} | {kind: "none"}}
 */
export function askedFor(key, before, stations) {
    if (before === "g" && stations.has(key)) {
        return { kind: "go", address: /** @type {string} */ (stations.get(key)) };
    }
    if (key === "?") {
        return { kind: "help" };
    }
    return key === "/" ? { kind: "search" } : { kind: "none" };
}

/** @param {EventTarget | null} target */
function isTyping(target) {
    return target instanceof HTMLElement && target.matches("input, textarea, select");
}

/** @param {Document} page */
function connect(page) {
    const links = [...page.querySelectorAll("[data-key]")].filter((link) => link instanceof HTMLAnchorElement);
    const stations = new Map(links.map((link) => [link.dataset.key, link.href]));
    const dialog = page.querySelector("#keys");
    const list = page.querySelector("[data-key-list]");
    const rows = links.map((link) => [`g ${link.dataset.key}`, link.firstElementChild.textContent]);
    const here = (page.querySelector("[data-page-keys]")?.dataset.pageKeys ?? "")
        .split(";")
        .filter((line) => line.includes(":"))
        .map((line) => line.split(":").map((part) => part.trim()));
    for (const [keys, meaning] of [...rows, ...here, ["/", "Search"], ["?", "This list"]]) {
        const row = list.insertRow();
        row.insertCell().textContent = keys;
        row.insertCell().textContent = meaning;
    }
    let before = "";
    page.addEventListener("keydown", (event) => {
        if (isTyping(event.target) || event.ctrlKey || event.metaKey || event.altKey) {
            return;
        }
        const asked = askedFor(event.key, before, stations);
        before = event.key;
        if (asked.kind === "go") {
            location.assign(asked.address);
        } else if (asked.kind === "help") {
            dialog.showModal();
        } else if (asked.kind === "search") {
            const search = page.querySelector("input[type=search]");
            if (search) {
                event.preventDefault();
                search.focus();
            }
        }
    });
}

if (typeof document !== "undefined" && document.querySelector("[data-keys]")) {
    connect(document);
}
