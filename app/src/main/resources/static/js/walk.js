/** Lets places be dragged into the order in which one walks; their numbers follow. */

const walk = document.querySelector("[data-walk]");
let dragged = null;

const renumber = () => {
    walk.querySelectorAll("[name=number]").forEach((field, at) => {
        field.value = String(at + 1);
    });
    walk.closest("form").dispatchEvent(new Event("input", { bubbles: true }));
};

walk?.addEventListener("dragstart", (event) => {
    dragged = event.target.closest(".walk-place");
    event.dataTransfer.effectAllowed = "move";
    event.dataTransfer.setData("text/plain", "");
});

walk?.addEventListener("dragover", (event) => {
    const over = event.target.closest(".walk-place");
    if (!dragged || !over) {
        return;
    }
    event.preventDefault();
    if (over !== dragged) {
        const box = over.getBoundingClientRect();
        over.parentNode.insertBefore(dragged, event.clientY > box.top + box.height / 2 ? over.nextSibling : over);
    }
});

walk?.addEventListener("drop", (event) => event.preventDefault());

walk?.addEventListener("dragend", () => {
    dragged = null;
    renumber();
});
