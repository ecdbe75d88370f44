import assert from "node:assert/strict";
import { test } from "node:test";
import { asker } from "../../main/resources/static/js/shared/parts.js";

/** A server whose answers are given when the test wants them. */
function server() {
    const waiting = [];
    const answer = (at, page) => waiting[at].resolve({ ok: true, redirected: false, text: async () => page });
    return {
        asked: () => waiting.map((one) => one.address),
        fetches: (address, how) => new Promise((resolve, reject) => waiting.push({ address, how, resolve, reject })),
        answer,
        waiting,
    };
}

test("of two answers that overtake each other only the newest counts", async () => {
    const { fetches, answer } = server();
    const ask = asker(fetches);
    const first = ask("/cloth?width=40");
    const second = ask("/cloth?width=41");
    answer(1, "of 41");
    answer(0, "of 40");

    assert.deepEqual(await second, { kind: "page", text: "of 41" });
    assert.deepEqual(await first, { kind: "late" });
});

test("an answer that is still being read when another question is asked is late", async () => {
    const { fetches, waiting } = server();
    const ask = asker(fetches);
    let finish;
    const first = ask("/sizes");
    waiting[0].resolve({ ok: true, redirected: false, text: () => new Promise((resolve) => (finish = resolve)) });
    await new Promise((resolve) => setImmediate(resolve));
    const second = ask("/sizes");
    finish("old");
    waiting[1].resolve({ ok: true, redirected: false, text: async () => "new" });

    assert.deepEqual(await first, { kind: "late" });
    assert.deepEqual(await second, { kind: "page", text: "new" });
});

test("a server that is away, a sign-in page and a refusal are told apart", async () => {
    const { fetches, waiting } = server();
    const ask = asker(fetches);
    const away = ask("/a");
    waiting[0].reject(new Error("no network"));
    assert.deepEqual(await away, { kind: "gone" });
    const signIn = ask("/b");
    waiting[1].resolve({ ok: true, redirected: true, text: async () => "" });
    assert.deepEqual(await signIn, { kind: "signed-out" });
    const refused = ask("/c");
    waiting[2].resolve({ ok: false, redirected: false, text: async () => "" });
    assert.deepEqual(await refused, { kind: "refused" });
});

test("with a body it is sent, without one it is only asked", async () => {
    const { fetches, waiting, answer } = server();
    const ask = asker(fetches);
    ask("/draw", new URLSearchParams({ rule: "cycle" }));
    answer(0, "");
    ask("/draw");

    assert.equal(waiting[0].how.method, "POST");
    assert.equal(waiting[1].how.method, undefined);
});
