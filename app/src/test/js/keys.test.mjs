import assert from "node:assert/strict";
import { test } from "node:test";
import { askedFor } from "../../main/resources/static/js/keys.js";

const stations = new Map([
    ["c", "/cutting"],
    ["s", "/stock"],
]);

test("g and a letter go to the station", () => {
    assert.deepEqual(askedFor("c", "g", stations), { kind: "go", address: "/cutting" });
});

test("a letter alone, or one without a station, asks for nothing", () => {
    assert.deepEqual(askedFor("c", "", stations), { kind: "none" });
    assert.deepEqual(askedFor("x", "g", stations), { kind: "none" });
});

test("the question mark shows the keys, the slash goes to the search", () => {
    assert.equal(askedFor("?", "", stations).kind, "help");
    assert.equal(askedFor("/", "g", stations).kind, "search");
});
