/** Opens the arithmetic of a figure beside the table, without leaving it. */
import { asker, replaceParts } from "../shared/parts.js";

const ask = asker();

document.addEventListener("click", async (event) => {
    const link = event.target instanceof Element ? event.target.closest("[data-figures] a[data-figure]") : null;
    if (!link || event.ctrlKey || event.metaKey || event.shiftKey) {
        return;
    }
    event.preventDefault();
    const answer = await ask(link.href);
    if (answer.kind === "late") {
        return;
    }
    if (answer.kind !== "page") {
        location.assign(link.href);
        return;
    }
    replaceParts(answer.text, ["arithmetic"]);
    link.closest("[data-figures]")
        .querySelectorAll("[aria-current]")
        .forEach((open) => open.removeAttribute("aria-current"));
    link.setAttribute("aria-current", "true");
    history.replaceState(null, "", link.href);
});
