/** Keeps the screen awake at a ticket, and reads the next cut aloud where the cutter wants that. */

const KEPT = "retazo.voice";

const awake = () => {
    if (document.visibilityState === "visible") {
        navigator.wakeLock?.request("screen").catch(() => undefined);
    }
};
awake();
document.addEventListener("visibilitychange", awake);

const button = document.querySelector("[data-voice]");
const words = document.querySelector("[data-say]")?.dataset.say;

/** Whether the cutter wants the cuts read aloud; remembered by this tablet. */
const wanted = () => localStorage.getItem(KEPT) === "yes";

const say = () => {
    button.setAttribute("aria-pressed", String(wanted()));
    speechSynthesis.cancel();
    if (wanted()) {
        speechSynthesis.speak(new SpeechSynthesisUtterance(words));
    }
};

if (button && words && "speechSynthesis" in window) {
    button.hidden = false;
    button.addEventListener("click", () => {
        localStorage.setItem(KEPT, wanted() ? "no" : "yes");
        say();
    });
    say();
}
