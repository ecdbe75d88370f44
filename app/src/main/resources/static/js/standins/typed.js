/**
 * Types what the stand-in of a scanner reads, as a scanner does: into the field that has the focus, else into the one for codes; not on the
 * page where the stand-in itself is.
 */
const channel = new BroadcastChannel("retazo-scanner");

channel.addEventListener("message", ({ data }) => {
    if (document.querySelector("[data-scanner]")) {
        return;
    }
    const active = document.activeElement;
    const field = active?.matches?.("input:not([type=hidden]), textarea") ? active : document.getElementById("scan");
    if (!field) {
        return;
    }
    field.focus();
    field.value = data.text;
    field.dispatchEvent(new Event("input", { bubbles: true }));
    if (data.enter) {
        field.form?.requestSubmit(field.form.querySelector("button"));
    }
});
