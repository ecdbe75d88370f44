/** Stands in for a scanner: sends a code to the page that is open in another window, with the faults that are switched on. */
const form = document.querySelector("[data-scanner]");
const channel = new BroadcastChannel("retazo-scanner");
const isOn = (fault) => (form.dataset.faults ?? "").split(" ").includes(fault);

/** The last digit becomes the next one. */
const misread = (code) => code.replace(/\d(?!.*\d)/, (digit) => String((Number(digit) + 1) % 10));

form.addEventListener("submit", (event) => {
    event.preventDefault();
    const code = form.elements.code.value.trim();
    if (code === "") {
        return;
    }
    const read = isOn("SCANNER_MISREADS") ? misread(code) : code;
    channel.postMessage({ text: isOn("SCANNER_TWICE") ? read + read : read, enter: !isOn("SCANNER_NO_ENTER") });
    form.querySelector("[data-scanned]").textContent = read;
    form.elements.code.select();
});
