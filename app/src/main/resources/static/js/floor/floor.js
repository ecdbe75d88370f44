/**
 * The floor without a network: forms marked `data-offline` are kept on the device when they cannot be sent, their effect is shown, and they
 * are sent in order when the network is back. What is not sent is always in sight.
 */
import * as queue from "./queue.js";
import { sendAll } from "./send.js";

const AGAIN = 5000;
const guard = document.querySelector("template[data-guard]");
const board = document.getElementById("unsent");
const words = (name) => board.dataset[name];
let again = 0;

/** The first page on a device was opened before there was anybody to keep it: it is asked for once more, with what it is drawn with. */
async function keepThisPage() {
    await navigator.serviceWorker.ready;
    if (!navigator.serviceWorker.controller) {
        await new Promise((resolve) => navigator.serviceWorker.addEventListener("controllerchange", resolve, { once: true }));
    }
    const drawnWith = performance.getEntriesByType("resource").map((entry) => entry.name);
    const own = [location.href, ...drawnWith].filter((address) => new URL(address).origin === location.origin);
    await Promise.allSettled(own.filter((address) => new URL(address).pathname !== "/live").map((address) => fetch(address)));
    document.documentElement.dataset.kept = "";
}

if ("serviceWorker" in navigator && document.querySelector("[data-offline-page]")) {
    const isFirst = navigator.serviceWorker.controller === null;
    navigator.serviceWorker
        .register("/worker.js")
        .then(() => (isFirst ? keepThisPage() : undefined))
        .catch(() => undefined);
}

const field = (record, name) => record.fields.find(([one]) => one === name)?.[1];

/** Which forms a record was one of: those to the same place about the same thing. */
const isOf = (record, form) =>
    new URL(form.action).pathname === record.path &&
    ["kind", "item"].every((name) => (form.elements.namedItem(name)?.value ?? undefined) === field(record, name));

/** A ticket goes on with the first cut that is not recorded yet; after a flaw it waits for the plan to be made again. */
function showTicket(records) {
    const main = document.querySelector("[data-cuts]");
    const here = records.filter((record) => record.page === location.pathname);
    if (!main || here.length === 0) {
        return;
    }
    const done = new Set(here.map((record) => field(record, "plannedCutId")));
    const cuts = [...document.querySelectorAll("template[data-cut]")];
    const next = here.some((record) => record.path.endsWith("/cut") === false) ? undefined : cuts.find((cut) => !done.has(cut.dataset.cut));
    main.closest(".ticket").classList.add("ticket-behind");
    main.replaceChildren(next ? next.content.cloneNode(true) : note(words("noMore")));
    main.querySelector("button")?.focus();
}

function note(text) {
    const said = document.createElement("p");
    said.className = "unsent-note";
    said.textContent = text;
    return said;
}

/** Forms of what is kept are not sent a second time; in their place stands that it is kept. */
function showKept(records) {
    for (const form of document.querySelectorAll("form[data-offline]:not([data-cut-form])")) {
        if (records.some((record) => isOf(record, form))) {
            form.replaceWith(note(words("kept")));
        }
    }
    showTicket(records);
}

function line(record) {
    const item = document.createElement("li");
    const what = document.createElement("span");
    what.textContent = record.what;
    item.append(what);
    if (record.fault) {
        const fault = document.createElement("span");
        fault.className = "unsent-fault";
        fault.textContent = record.fault;
        const look = document.createElement("a");
        look.href = record.page;
        look.textContent = words("look");
        const away = document.createElement("button");
        away.type = "button";
        away.textContent = words("away");
        away.addEventListener("click", async () => {
            await queue.forget(record.key);
            await show();
        });
        item.append(fault, look, away);
    }
    return item;
}

async function show(stopped = "") {
    const records = await queue.all();
    // What was refused waits for somebody to look; it was not booked, so it hides nothing and holds nothing back.
    const underWay = records.filter((record) => !record.fault);
    document.documentElement.toggleAttribute("data-unsent", underWay.length > 0);
    const isKept = document.documentElement.hasAttribute("data-from-device");
    board.hidden = records.length === 0 && !isKept;
    board.querySelector("details").hidden = records.length === 0;
    board.querySelector("[data-old]").hidden = !isKept;
    board.querySelector("[data-count]").textContent = String(records.length);
    board.querySelector("[data-why]").textContent = stopped ? words(stopped) : "";
    board.querySelector("ul").replaceChildren(...records.map(line));
    showKept(underWay);
    return underWay;
}

async function send() {
    clearTimeout(again);
    if ((await show()).length === 0) {
        return;
    }
    const { sent, stopped } = await sendAll(guard.dataset.guard);
    const left = await show(stopped);
    if (stopped) {
        again = setTimeout(send, AGAIN);
    } else if ((sent > 0 || document.documentElement.hasAttribute("data-from-device")) && left.length === 0) {
        // The page shows what is true by now.
        location.reload();
    }
}

document.addEventListener("keep", async (event) => {
    const form = event.target;
    event.preventDefault();
    await queue.keep({
        path: new URL(form.action).pathname,
        page: location.pathname,
        fields: [...new FormData(form, event.detail ?? undefined)].map(([name, value]) => [name, String(value)]),
        what: form.dataset.offline,
        person: guard.dataset.person,
        at: Date.now(),
    });
    await send();
});

// Who signs out takes the pages along that were kept of the floor; what is not sent stays.
document.querySelector("form[action$='/sign-out']")?.addEventListener("submit", () => caches.delete("floor-1"));
window.addEventListener("online", send);
send();
