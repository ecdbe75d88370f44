/** Opens the arithmetic of a figure beside the table, without leaving it. */
import { replaceParts } from "../shared/parts.js";

document.addEventListener("click", async (event) => {
    const link = event.target instanceof Element ? event.target.closest("[data-figures] a[data-figure]") : null;
    if (!link || event.ctrlKey || event.metaKey || event.shiftKey) {
        return;
    }
    event.preventDefault();
    const answer = await fetch(link.href, { headers: { Accept: "text/html" } });
    if (!answer.ok || answer.redirected) {
        location.assign(link.href);
        return;
    }
    replaceParts(await answer.text(), document, ["arithmetic"]);
    link.closest("[data-figures]")
        .querySelectorAll("[aria-current]")
        .forEach((open) => open.removeAttribute("aria-current"));
    link.setAttribute("aria-current", "true");
    history.replaceState(null, "", link.href);
});
