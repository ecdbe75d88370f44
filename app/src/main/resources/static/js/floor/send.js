/** Sends what is kept, one after the other, each once; what the server does not take is kept with what it said. */
import { read } from "../shared/parts.js";
import * as queue from "./queue.js";

const PATIENCE = 8000;

const ask = (path, more) =>
    fetch(path, { headers: { Accept: "text/html" }, signal: AbortSignal.timeout(PATIENCE), ...more }).catch(() => null);

/** What a page says against what was sent; empty for nothing. */
function complaint(html, status) {
    const page = read(html);
    const said = [...page.querySelectorAll("[role=alert]")].map((alert) => alert.textContent.trim()).filter(Boolean);
    return said.join(" ") || (status >= 400 ? page.querySelector("h1")?.textContent.trim() || String(status) : "");
}

/**
 * @param {queue.Kept} record @param {string} token
 * @returns {Promise<"sent" | "refused" | "later">}
 */
async function send(record, token) {
    const body = new URLSearchParams(record.fields.filter(([name]) => name !== "_csrf"));
    body.append("_csrf", token);
    const answer = await ask(record.path, { method: "POST", body });
    const text = await answer?.text().catch(() => null);
    if (!answer || text === null || answer.status >= 500 || (answer.redirected && new URL(answer.url).pathname === "/sign-in")) {
        return "later";
    }
    const fault = complaint(text, answer.status);
    if (!fault && answer.redirected) {
        await queue.forget(record.key);
        return "sent";
    }
    await queue.change({ ...record, fault: fault || record.what });
    return "refused";
}

/**
 * Sends all that can be sent. Only who recorded something sends it.
 * @param {string} guard the page that says who is signed in
 * @returns {Promise<{sent: number, stopped: "" | "gone" | "signed-out" | "other"}>} how many were taken, and why not all were sent
 */
export const sendAll = (guard) =>
    navigator.locks.request("retazo-send", async () => {
        let sent = 0;
        for (const record of (await queue.all()).filter((one) => !one.fault)) {
            const answer = await ask(guard);
            if (!answer?.ok) {
                return { sent, stopped: "gone" };
            }
            if (answer.redirected) {
                return { sent, stopped: "signed-out" };
            }
            const page = read(await answer.text());
            if (page.querySelector("[data-person]")?.dataset.person !== record.person) {
                return { sent, stopped: "other" };
            }
            const outcome = await send(record, page.querySelector("[name=_csrf]").value);
            if (outcome === "later") {
                return { sent, stopped: "gone" };
            }
            sent += outcome === "sent" ? 1 : 0;
        }
        return { sent, stopped: "" };
    });
