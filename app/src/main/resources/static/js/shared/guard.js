/**
 * Before any form is sent: can the server be reached, and is the person still signed in? If not, the form stays as it is with all that was
 * typed, and says so.
 */
import { asker, read } from "./parts.js";

const notices = document.querySelector("template[data-guard]");
const ask = asker();
const PATIENCE = 4000;
let passing = false;

/** Signed in anew, the page has another token. */
function takeToken(html) {
    const token = read(html).querySelector("[name=_csrf]").value;
    document.querySelectorAll("[name=_csrf]").forEach((field) => {
        field.value = token;
    });
}

/** An answer, or that nobody answers within a moment: a cutter does not wait for a line that fell silent. */
const soon = (asked) => Promise.race([asked, new Promise((resolve) => setTimeout(resolve, PATIENCE, { kind: "gone" }))]);

/** @param {HTMLFormElement} form @param {"gone" | "signed-out"} what happened */
function tell(form, what) {
    form.querySelectorAll("[data-guard-notice]").forEach((notice) => notice.remove());
    if (what) {
        const notice = notices.content.querySelector(`[data-guard-notice="${what}"]`).cloneNode(true);
        form.append(notice);
        notice.scrollIntoView({ block: "center" });
    }
}

document.addEventListener("submit", async (event) => {
    const form = event.target;
    const button = event.submitter;
    const method = (button?.getAttribute("formmethod") ?? form.method).toLowerCase();
    if (passing || event.defaultPrevented || method !== "post" || "unguarded" in form.dataset) {
        return;
    }
    event.preventDefault();
    form.ariaBusy = "true";
    const isKept = "offline" in form.dataset;
    // What is recorded after something that is not sent yet is sent after it.
    const waits = isKept && document.documentElement.hasAttribute("data-unsent");
    const answer = waits ? { kind: "gone" } : await (isKept ? soon(ask(notices.dataset.guard)) : ask(notices.dataset.guard));
    if (answer.kind === "late") {
        return;
    }
    if (answer.kind === "page") {
        if (!form.isConnected) {
            // Its part of the page was put anew meanwhile; what was pressed is sent all the same.
            form.hidden = true;
            document.body.append(form);
        }
        tell(form, "");
        takeToken(answer.text);
        passing = true;
        form.requestSubmit(button);
        passing = false;
    } else if (isKept && !form.dispatchEvent(new CustomEvent("keep", { bubbles: true, cancelable: true, detail: button }))) {
        form.ariaBusy = null;
    } else {
        form.ariaBusy = null;
        tell(form, answer.kind === "signed-out" ? "signed-out" : "gone");
    }
});

// What a script of the page could not send is told in the same way.
document.addEventListener("unsent", (event) => tell(event.target, event.detail === "signed-out" ? "signed-out" : "gone"));

// A page that comes back is not being sent.
window.addEventListener("pageshow", () =>
    document.querySelectorAll("form[aria-busy]").forEach((form) => form.removeAttribute("aria-busy")),
);
