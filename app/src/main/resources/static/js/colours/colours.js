/** Tries fabrics on a quilt: paints at once, then asks the server what is to be said of it. */
import { afterQuiet, asker, read, replaceParts } from "../shared/parts.js";
import { asked, fill, nextOpen, reversed, rotated, swapped, withCloth } from "./colouring.js";

const PAUSE = 60;
const SEARCH_PAUSE = 220;
const NOTHING = "#e4e2d8";
const STEPS_BACK = 100;
const page = document.querySelector("[data-try]");
const quilt = document.getElementById("quilt");
const keep = page.querySelector("[data-keep]");
const undo = page.querySelector('[data-do="undo"]');
const askJudge = asker();
const askTray = asker();
const askIdeas = asker();
const roles = [...page.querySelectorAll("#roles [data-role]")].map((row) => row.dataset.role);
const turns = [...new Set([...quilt.querySelectorAll("[data-turn]")].map((path) => path.dataset.turn))];
const before = [];
let colouring = begun();
let swapping = "";

/** What a swatch or an idea says of a fabric. */
function clothOf(data) {
    return {
        fabric: data.fabric,
        code: data.code,
        upright: data.upright === "true",
        ground: data.ground,
        value: Number(data.value),
        name: data.name,
    };
}

/** What the page came with, by the hidden fields that will be kept. */
function begun() {
    return new Map([...page.querySelectorAll("[data-begun]")].map((one) => [one.dataset.begun, clothOf(one.dataset)]));
}

/** One rule for each role and turn; what they paint with is set on each drawing. */
function rules() {
    const sheet = new CSSStyleSheet();
    roles.forEach((role, at) => {
        const name = CSS.escape(role);
        turns.forEach((turn) => {
            sheet.insertRule(`[data-role="${name}"][data-turn="${turn}"] { fill: var(--role-${at}-${turn}, ${NOTHING}); }`);
        });
        sheet.insertRule(`#quilt-whole [data-role="${name}"]:not([data-turn]) { fill: var(--role-${at}-0, ${NOTHING}); }`);
        sheet.insertRule(`[data-edge="${name}"] { stroke: var(--edge-${at}, ${NOTHING}); }`);
    });
    document.adoptedStyleSheets = [...document.adoptedStyleSheets, sheet];
}

/** @param {SVGElement} drawing that shows the quilt @param {Map} cloths */
function paint(drawing, cloths) {
    roles.forEach((role, at) => {
        const cloth = cloths.get(role);
        [...new Set([...turns, "0"])].forEach((turn) => {
            drawing.style.setProperty(`--role-${at}-${turn}`, cloth ? fill(cloth, Number(turn)) : NOTHING);
        });
        drawing.style.setProperty(`--edge-${at}`, cloth?.ground ?? NOTHING);
    });
}

function address(path, more = "") {
    const form = new URLSearchParams(new FormData(keep));
    const backing = form.has("backing") ? "&backing=on" : "";
    return `${path}?pattern=${form.get("pattern")}&size=${form.get("size")}${backing}&${asked(colouring)}${more}`;
}

function chosen() {
    return page.querySelector('#roles input[name="chosen"]:checked')?.value ?? nextOpen(roles, colouring, roles.at(-1));
}

function choose(role) {
    const field = page.querySelector(`#roles [data-role="${CSS.escape(role)}"] input`);
    if (field) {
        field.checked = true;
    }
}

async function judge() {
    const role = chosen();
    const inRoles = document.activeElement?.closest("#roles") !== null && document.activeElement !== null;
    const answer = await askJudge(address("/kits/colours/judge"));
    if (answer.kind !== "late") {
        page.classList.toggle("is-stale", answer.kind !== "page");
    }
    if (answer.kind === "page") {
        replaceParts(answer.text, ["roles", "sum", "rings"]);
        choose(role);
        if (inRoles && document.activeElement === document.body) {
            page.querySelector("#roles input:checked")?.focus();
        }
    }
}

const judgeSoon = afterQuiet(judge, PAUSE);

function show() {
    paint(quilt, colouring);
    page.querySelectorAll('input[type=hidden][name^="role."]').forEach((field) => {
        field.value = colouring.get(field.name.slice("role.".length))?.fabric ?? "";
    });
    undo.disabled = before.length === 0;
    history.replaceState(null, "", address("/kits/colours"));
    page.classList.add("is-stale");
    judgeSoon();
}

/** @param {Map} next what is tried from now on */
function become(next) {
    before.push(colouring);
    before.splice(0, Math.max(0, before.length - STEPS_BACK));
    colouring = next;
    show();
}

/** Puts a fabric into a role, or into the one that is chosen, and goes on to the next without one. */
function take(cloth, role = chosen()) {
    become(withCloth(colouring, role, cloth));
    choose(nextOpen(roles, colouring, role));
}

/** A small quilt of its own that is tried again when it is pressed. */
function drawIdea(button, cloths) {
    const drawing = document.createElementNS("http://www.w3.org/2000/svg", "svg");
    drawing.setAttribute("viewBox", quilt.getAttribute("viewBox"));
    drawing.setAttribute("aria-hidden", "true");
    const use = document.createElementNS("http://www.w3.org/2000/svg", "use");
    use.setAttribute("href", "#quilt-whole");
    drawing.append(use);
    paint(drawing, cloths);
    button.prepend(drawing);
    button.addEventListener("click", () => become(new Map(cloths)));
}

function keepBeside() {
    const cloths = new Map(colouring);
    const item = document.createElement("li");
    const button = document.createElement("button");
    button.type = "button";
    button.className = "try-idea";
    const said = document.createElement("span");
    said.className = "try-idea-said small";
    said.textContent = document.getElementById("sum").textContent;
    button.append(said);
    button.setAttribute("aria-label", `Try again: ${[...cloths.values()].map((cloth) => cloth.name).join(", ")}`);
    drawIdea(button, cloths);
    item.append(button);
    document.getElementById("ideas").append(item);
}

/** The prints that a fetched part needs and that are not here yet. */
function takePrints(html) {
    const home = page.querySelector(".try-quilt svg defs");
    read(html)
        .querySelectorAll("pattern[id]")
        .forEach((print) => {
            if (!document.getElementById(print.id)) {
                home.append(document.importNode(print, true));
            }
        });
}

async function fetchTray() {
    const answer = await askTray(`/kits/colours/tray?${new URLSearchParams(new FormData(page.querySelector("[data-tray-form]")))}`);
    if (answer.kind === "page") {
        takePrints(answer.text);
        replaceParts(answer.text, ["tray"]);
    }
}

/** What is scanned, or typed and entered, is tried where it is the only one. */
async function takeFound(form) {
    await fetchTray();
    const found = document.querySelectorAll(".tray-one");
    if (found.length === 1 && form.elements.words.value.trim() !== "") {
        take(clothOf(found[0].dataset));
        form.elements.words.select();
    }
}

const fetchTraySoon = afterQuiet(fetchTray, SEARCH_PAUSE);

/** @param {HTMLFormElement} form @param {string} kind "these", "open" for the chosen role alone, or nothing */
async function propose(form, kind) {
    const words = encodeURIComponent(new FormData(form).get("words"));
    const open = kind === "open" ? encodeURIComponent(chosen()) : "";
    await draw(address("/kits/colours/ideas", `&words=${words}&these=${kind === "these"}&open=${open}`));
}

/** @param {string} asked the address of ideas to be drawn */
async function draw(asked) {
    const answer = await askIdeas(asked);
    if (answer.kind === "page") {
        takePrints(answer.text);
        replaceParts(answer.text, ["proposed"]);
        document.querySelectorAll("#proposed .try-idea").forEach((button) => {
            drawIdea(button, new Map([...button.querySelectorAll("[data-role]")].map((one) => [one.dataset.role, clothOf(one.dataset)])));
        });
    }
}

const doing = {
    reverse: () => become(reversed(colouring)),
    rotate: () => become(rotated(colouring)),
    swap: () => {
        swapping = chosen();
        page.classList.add("is-swapping");
    },
    undo: () => {
        colouring = before.pop() ?? colouring;
        show();
    },
    idea: keepBeside,
};

page.addEventListener("click", (event) => {
    const swatch = event.target.closest?.(".tray-one");
    const tool = event.target.closest?.("[data-do]");
    if (swatch) {
        take(clothOf(swatch.dataset));
    } else if (tool) {
        doing[tool.dataset.do]();
    }
});

page.addEventListener("change", (event) => {
    if (event.target.name === "chosen" && swapping && event.target.value !== swapping) {
        become(swapped(colouring, swapping, event.target.value));
        swapping = "";
        page.classList.remove("is-swapping");
    } else if (event.target.name === "backing") {
        judgeSoon();
    } else if (event.target.closest?.("[data-tray-form]")) {
        fetchTraySoon();
    }
});

page.addEventListener("input", (event) => {
    if (event.target.closest?.("[data-tray-form]")) {
        fetchTraySoon();
    }
});

page.addEventListener("submit", (event) => {
    const form = event.target;
    if (form.matches("[data-tray-form]")) {
        event.preventDefault();
        takeFound(form);
    } else if (form.matches("[data-propose]")) {
        event.preventDefault();
        propose(form, event.submitter?.value ?? "");
    } else if (form.matches("[data-in-range]")) {
        event.preventDefault();
        draw(address("/kits/colours/in-range", `&range=${encodeURIComponent(new FormData(form).get("range"))}`));
    }
});

// What lies under the pointer or the keys is said below the tray.
const under = document.getElementById("under");
["pointerover", "focusin"].forEach((kind) =>
    page.addEventListener(kind, (event) => {
        const swatch = event.target.closest?.(".tray-one");
        if (swatch) {
            under.textContent = swatch.getAttribute("aria-label");
        }
    }),
);

page.addEventListener("dragstart", (event) => {
    const swatch = event.target.closest?.(".tray-one");
    if (swatch) {
        event.dataTransfer.setData("application/json", JSON.stringify(clothOf(swatch.dataset)));
    }
});
page.addEventListener("dragover", (event) => {
    if (event.target.closest?.("#roles [data-role]")) {
        event.preventDefault();
    }
});
page.addEventListener("drop", (event) => {
    const row = event.target.closest?.("#roles [data-role]");
    const cloth = event.dataTransfer.getData("application/json");
    if (row && cloth) {
        event.preventDefault();
        take(JSON.parse(cloth), row.dataset.role);
    }
});

// Arrows go from piece to piece as they lie.
page.addEventListener("keydown", (event) => {
    const step = { ArrowRight: [1, 0], ArrowLeft: [-1, 0], ArrowDown: [0, 1], ArrowUp: [0, -1] }[event.key];
    const here = document.activeElement?.closest?.(".tray-one");
    if (!step || !here) {
        return;
    }
    event.preventDefault();
    const at = here.getBoundingClientRect();
    const distance = (other) => {
        const to = other.getBoundingClientRect();
        const along = (to.x - at.x) * step[0] + (to.y - at.y) * step[1];
        const aside = Math.abs((to.x - at.x) * step[1]) + Math.abs((to.y - at.y) * step[0]);
        return along < 4 ? Infinity : along + 3 * aside;
    };
    const others = [...page.querySelectorAll(".tray-one")].map((other) => ({ other, far: distance(other) }));
    const nearest = others.reduce((best, one) => (one.far < best.far ? one : best), { far: Infinity });
    nearest.other?.focus();
});

const line = document.getElementById("line");
function drawLine() {
    const width = Number(quilt.dataset.width);
    const x = line.value === "100" ? 1000 : (width * Number(line.value)) / 100;
    document.getElementById("value-rect").setAttribute("x", String(x));
    document.getElementById("chalk").setAttribute("x1", String(x));
    document.getElementById("chalk").setAttribute("x2", String(x));
}
line.addEventListener("input", drawLine);
document.getElementById("three").addEventListener("change", (event) => {
    document.getElementById("quilt-value").setAttribute("filter", `url(#${event.target.checked ? "as-three" : "as-value"})`);
    if (event.target.checked && line.value === "100") {
        line.value = "50";
        drawLine();
    }
});
document.getElementById("ringed").addEventListener("change", (event) => {
    quilt.classList.toggle("is-not-ringed", !event.target.checked);
});

rules();
paint(quilt, colouring);
choose(roles.find((role) => !colouring.has(role)) ?? roles[0]);
