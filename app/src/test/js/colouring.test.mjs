import assert from "node:assert/strict";
import { test } from "node:test";
import { asked, fill, nextOpen, reversed, rotated, swapped, withCloth } from "../../main/resources/static/js/colours/colouring.js";

const cloth = (fabric, value, upright = false) => ({ fabric, code: `C${fabric}`, upright, ground: "#000000", value, name: fabric });
const three = () =>
    new Map([
        ["star", cloth("1", 10)],
        ["ground", cloth("2", 95)],
        ["border", cloth("3", 50)],
    ]);
const ids = (colouring) => [...colouring].map(([role, one]) => `${role} ${one.fabric}`);

test("light and dark change places, what lies between stays", () => {
    assert.deepEqual(ids(reversed(three())), ["star 2", "ground 1", "border 3"]);
    assert.deepEqual(ids(reversed(reversed(three()))), ids(three()));
});

test("rotated as often as there are roles, all is as it was", () => {
    assert.deepEqual(ids(rotated(three())), ["star 2", "ground 3", "border 1"]);
    assert.deepEqual(ids(rotated(rotated(rotated(three())))), ids(three()));
});

test("two roles change their fabrics, one without a fabric too", () => {
    assert.deepEqual(ids(swapped(three(), "star", "border")), ["star 3", "ground 2", "border 1"]);
    const open = new Map([["star", cloth("1", 10)]]);
    assert.deepEqual(ids(swapped(open, "star", "ground")), ["ground 1"]);
});

test("nothing that is tried changes what was tried before", () => {
    const before = three();
    withCloth(before, "star", cloth("9", 0));
    assert.deepEqual(ids(before), ids(three()));
    assert.deepEqual(ids(withCloth(before, "star", cloth("9", 0))), ["star 9", "ground 2", "border 3"]);
});

test("one goes on with the next role that has no fabric, around the end", () => {
    const roles = ["star", "ground", "border"];
    assert.equal(nextOpen(roles, new Map([["ground", cloth("2", 1)]]), "star"), "border");
    assert.equal(nextOpen(roles, new Map([["border", cloth("2", 1)]]), "border"), "star");
    assert.equal(nextOpen(roles, three(), "ground"), "ground");
});

test("an address names each fabric by its role", () => {
    assert.equal(asked(three()), "role.star=1&role.ground=2&role.border=3");
});

test("an upright print is painted by its turn, another turns with its block", () => {
    assert.equal(fill(cloth("1", 0, true), 90), "url(#print-C1-90)");
    assert.equal(fill(cloth("1", 0, true), 0), "url(#print-C1)");
    assert.equal(fill(cloth("1", 0), 90), "url(#print-C1)");
});
