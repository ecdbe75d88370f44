/** Before a long form is sent: can the server be reached, and is the person still signed in? If not, the form stays as it is. */
import { asker, read } from "../shared/parts.js";

const form = document.querySelector("form[data-guarded]");
const gone = form.querySelector("[data-gone]");
const signedOut = form.querySelector("[data-signed-out]");
const ask = asker();
let passing = false;

/** Signed in anew, the page has another token. */
function takeToken(html) {
    const token = read(html).querySelector("[name=_csrf]").value;
    form.querySelectorAll("[name=_csrf]").forEach((field) => {
        field.value = token;
    });
}

form.addEventListener("submit", async (event) => {
    if (passing) {
        return;
    }
    event.preventDefault();
    const button = event.submitter;
    const answer = await ask(form.dataset.guarded);
    if (answer.kind === "late") {
        return;
    }
    gone.hidden = answer.kind !== "gone" && answer.kind !== "refused";
    signedOut.hidden = answer.kind !== "signed-out";
    if (answer.kind === "page") {
        takeToken(answer.text);
        passing = true;
        form.requestSubmit(button);
        passing = false;
    } else {
        (answer.kind === "signed-out" ? signedOut : gone).scrollIntoView({ block: "center" });
    }
});
