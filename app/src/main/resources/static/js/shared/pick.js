/**
 * Fields in which something of the shop is picked: what has the typed words in it is shown below, with its swatch; the arrows choose, Enter or a
 * press takes it, Escape leaves what was typed. Without this script a code or a name is typed in full.
 */
import { afterQuiet, asker, read } from "./parts.js";

const PAUSE = 150;
const ask = asker();
let open = null;

const options = () => [...(open?.list.querySelectorAll("[role=option]") ?? [])];
const chosen = () => options().find((option) => option.ariaSelected === "true");

function close() {
    open?.field.setAttribute("aria-expanded", "false");
    open?.field.removeAttribute("aria-activedescendant");
    open?.list.remove();
    open = null;
}

function choose(option) {
    options().forEach((one) => one.setAttribute("aria-selected", String(one === option)));
    open.field.setAttribute("aria-activedescendant", option.id);
    option.scrollIntoView({ block: "nearest" });
}

function take(option) {
    const { field } = open;
    field.value = option.dataset.value;
    close();
    field.dispatchEvent(new Event("change", { bubbles: true }));
    field.dispatchEvent(new CustomEvent("picked", { bubbles: true }));
}

async function offer(field) {
    const address = new URL(field.dataset.pick, location.href);
    address.searchParams.set("words", field.value.replace(/\s*\([^)]*\)\s*$/, ""));
    const answer = await ask(address.href);
    if (answer.kind !== "page" || document.activeElement !== field) {
        return;
    }
    close();
    const list = document.importNode(read(answer.text).getElementById("picks"), true);
    field.after(list);
    open = { field, list };
    field.setAttribute("aria-expanded", "true");
    field.setAttribute("aria-controls", "picks-list");
    list.addEventListener("mousedown", (event) => event.preventDefault());
    list.addEventListener("click", (event) => {
        const option = event.target.closest("[role=option]");
        event.preventDefault();
        if (option) {
            take(option);
        }
    });
}

const KEYS = {
    ArrowDown: (field) => (open ? choose(options()[(options().indexOf(chosen()) + 1) % options().length]) : offer(field)),
    ArrowUp: () => open && choose(options().at(Math.max(options().indexOf(chosen()), 0) - 1)),
    Escape: () => close(),
};

function press(event) {
    const field = event.target;
    if (event.key === "Enter" && open && chosen()) {
        event.preventDefault();
        take(chosen());
    } else if (KEYS[event.key] && (event.key !== "Escape" || open) && !(open && options().length === 0)) {
        event.preventDefault();
        KEYS[event.key](field);
    }
}

/** The list hangs below the field, whatever stands around it. */
function house(field) {
    const hadFocus = document.activeElement === field;
    const home = document.createElement("span");
    home.className = "pick-home";
    field.replaceWith(home);
    home.append(field);
    if (hadFocus) {
        field.focus();
    }
}

for (const field of document.querySelectorAll("[data-pick]")) {
    house(field);
    field.setAttribute("role", "combobox");
    field.setAttribute("aria-autocomplete", "list");
    field.setAttribute("aria-expanded", "false");
    field.autocomplete = "off";
    field.removeAttribute("list");
    const soon = afterQuiet(() => offer(field), PAUSE);
    field.addEventListener("input", soon);
    field.addEventListener("focus", () => field.select());
    field.addEventListener("keydown", press);
    field.addEventListener("blur", close);
}
