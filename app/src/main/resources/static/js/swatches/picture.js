/** Marks a ruler and a repeat on a photograph of cloth, and shows the piece repeated. The fields hold what is kept. */
import { inches, inverse, matrix, moved, reaching, typed } from "./laid.js";

const SVG = "http://www.w3.org/2000/svg";
const AFTER = { from: "to", to: "corner", corner: "far", far: "far", white: "white" };
const NAMES = {
    from: "Left end on the ruler",
    to: "Right end on the ruler",
    corner: "Upper left corner of the repeat",
    far: "Lower right corner of the repeat",
    white: "Something white",
};
const ARROWS = { ArrowLeft: [-1, 0], ArrowRight: [1, 0], ArrowUp: [0, -1], ArrowDown: [0, 1] };
const FAR_STEP = 10;
const SHOWN_INCHES = 12;

const photo = document.getElementById("photo");
const marks = document.getElementById("marks");
const form = document.getElementById("lay");
const preview = document.querySelector("#repeated svg");
const wide = Number(photo.dataset.width);
const high = Number(photo.dataset.height);
const unit = Math.max(wide, high) / 100;
const handles = new Map();
const drawn = {};

function make(kind, attributes, parent) {
    const element = document.createElementNS(SVG, kind);
    Object.entries(attributes).forEach(([name, value]) => element.setAttribute(name, value));
    parent.append(element);
    return element;
}

function dot(name) {
    return { x: Number(form.elements[`${name}X`].value), y: Number(form.elements[`${name}Y`].value) };
}

function laid() {
    return {
        from: dot("from"),
        to: dot("to"),
        apart: inches(form.elements.apart.value),
        along: form.elements.lies.value === "ALONG",
        corner: dot("corner"),
        width: inches(form.elements.width.value),
        height: inches(form.elements.height.value),
    };
}

function hasWhite() {
    return form.elements.whiteX.value !== "" && form.elements.whiteY.value !== "";
}

/** Puts a mark where somebody pointed, within the photograph. */
function set(name, at) {
    const inside = { x: Math.round(Math.min(wide, Math.max(0, at.x))), y: Math.round(Math.min(high, Math.max(0, at.y))) };
    if (name === "far") {
        const { width, height } = reaching(laid(), inside);
        form.elements.width.value = typed(width);
        form.elements.height.value = typed(height);
    } else {
        form.elements[`${name}X`].value = inside.x;
        form.elements[`${name}Y`].value = inside.y;
    }
    form.dispatchEvent(new Event("input", { bubbles: true }));
}

function place(name, at) {
    handles.get(name).setAttribute("transform", `translate(${at.x} ${at.y})`);
}

function draw() {
    const now = laid();
    const whole = [now.apart, now.width, now.height].every((length) => Number.isFinite(length) && length > 0);
    const m = matrix(now);
    handles.get("white").toggleAttribute("hidden", !hasWhite());
    handles.get("white").classList.toggle("hidden", !hasWhite());
    place("from", now.from);
    place("to", now.to);
    place("corner", now.corner);
    place("white", dot("white"));
    Object.entries({ x1: now.from.x, y1: now.from.y, x2: now.to.x, y2: now.to.y }).forEach(([name, value]) =>
        ["ruler", "rulerUnder"].forEach((line) => drawn[line].setAttribute(name, value)),
    );
    document.getElementById("repeated").hidden = !whole;
    [drawn.frame, drawn.frameUnder, handles.get("far")].forEach((one) => one.classList.toggle("hidden", !whole));
    if (!whole) {
        return;
    }
    const corners = [
        [0, 0],
        [now.width, 0],
        [now.width, now.height],
        [0, now.height],
    ].map(([x, y]) => moved(m, { x, y }));
    const points = corners.map(({ x, y }) => `${x},${y}`).join(" ");
    drawn.frame.setAttribute("points", points);
    drawn.frameUnder.setAttribute("points", points);
    place("far", corners[2]);
    drawn.pattern.setAttribute("width", now.width);
    drawn.pattern.setAttribute("height", now.height);
    drawn.piece.setAttribute("transform", `matrix(${inverse(m).join(" ")})`);
    const shown = Math.max(SHOWN_INCHES, now.width * 2);
    preview.setAttribute("viewBox", `0 0 ${shown} ${shown / 2}`);
    drawn.cloth.setAttribute("width", shown);
    drawn.cloth.setAttribute("height", shown / 2);
}

function pointed(event) {
    const at = new DOMPoint(event.clientX, event.clientY).matrixTransform(photo.getScreenCTM().inverse());
    return { x: at.x, y: at.y };
}

function choose(name) {
    form.querySelector(`input[name="next"][value="${name}"]`).checked = true;
}

function addHandle(name) {
    const handle = make("g", { class: `laid-mark laid-${name}`, tabindex: "0", role: "button", "aria-label": NAMES[name] }, marks);
    make("circle", { r: unit * 2.4, class: "laid-grip" }, handle);
    make("path", { d: `M${-unit * 1.6} 0H${unit * 1.6}M0 ${-unit * 1.6}V${unit * 1.6}`, class: "laid-cross-under" }, handle);
    make("path", { d: `M${-unit * 1.6} 0H${unit * 1.6}M0 ${-unit * 1.6}V${unit * 1.6}`, class: "laid-cross" }, handle);
    handle.addEventListener("pointerdown", (event) => {
        event.preventDefault();
        event.stopPropagation();
        handle.setPointerCapture(event.pointerId);
        handle.focus();
        choose(name);
    });
    handle.addEventListener("pointermove", (event) => {
        if (handle.hasPointerCapture(event.pointerId)) {
            set(name, pointed(event));
        }
    });
    handle.addEventListener("click", (event) => event.stopPropagation());
    handle.addEventListener("focus", () => choose(name));
    handle.addEventListener("keydown", (event) => {
        const arrow = ARROWS[event.key];
        if (!arrow) {
            return;
        }
        event.preventDefault();
        const step = event.shiftKey ? FAR_STEP : 1;
        if (name === "far") {
            const now = laid();
            form.elements.width.value = typed(Math.max(1 / 8, now.width + (arrow[0] * step) / 8));
            form.elements.height.value = typed(Math.max(1 / 8, now.height + (arrow[1] * step) / 8));
            form.dispatchEvent(new Event("input", { bubbles: true }));
        } else {
            const at = dot(name);
            set(name, { x: at.x + arrow[0] * step, y: at.y + arrow[1] * step });
        }
    });
    handles.set(name, handle);
}

function begin() {
    drawn.rulerUnder = make("line", { class: "laid-under" }, marks);
    drawn.ruler = make("line", { class: "laid-line" }, marks);
    drawn.frameUnder = make("polygon", { class: "laid-under" }, marks);
    drawn.frame = make("polygon", { class: "laid-line" }, marks);
    Object.keys(NAMES).forEach(addHandle);
    drawn.pattern = make("pattern", { id: "piece", patternUnits: "userSpaceOnUse" }, make("defs", {}, preview));
    drawn.piece = make("image", { width: wide, height: high, href: photo.dataset.photo }, drawn.pattern);
    drawn.cloth = make("rect", { fill: "url(#piece)" }, preview);
    photo.addEventListener("click", (event) => {
        const name = form.elements.next.value;
        set(name, pointed(event));
        choose(AFTER[name]);
    });
    form.addEventListener("input", draw);
    form.addEventListener("change", draw);
    draw();
}

begin();
