/** Before a long form is sent: can the server be reached, and is the person still signed in? If not, the form stays as it is. */
const form = document.querySelector("form[data-guarded]");
const gone = form.querySelector("[data-gone]");
const signedOut = form.querySelector("[data-signed-out]");
let passing = false;

/** A page of the server, or null if it cannot be reached. */
function ask() {
    return fetch(form.dataset.guarded).catch(() => null);
}

/** Signed in anew, the page has another token. */
function takeToken(html) {
    const token = new DOMParser().parseFromString(html, "text/html").querySelector("[name=_csrf]").value;
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
    const answer = await ask();
    gone.hidden = Boolean(answer?.ok);
    signedOut.hidden = !answer?.redirected;
    if (answer?.ok && !answer.redirected) {
        takeToken(await answer.text());
        passing = true;
        form.requestSubmit(button);
        passing = false;
    } else {
        (answer?.redirected ? signedOut : gone).scrollIntoView({ block: "center" });
    }
});
