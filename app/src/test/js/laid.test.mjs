import assert from "node:assert/strict";
import { test } from "node:test";
import { inches, inverse, matrix, moved, reaching, typed } from "../../main/resources/static/js/swatches/laid.js";

const laid = (from, to, along = false) => ({ from, to, apart: 3, along, corner: { x: 10, y: 20 }, width: 2, height: 1 });
const rounded = ({ x, y }) => [Math.round(x), Math.round(y)];

test("a ruler tells the scale and the turn, as the server reckons it", () => {
    const at = { x: 1, y: 2 };
    assert.deepEqual(rounded(moved(matrix(laid({ x: 0, y: 500 }, { x: 300, y: 500 })), at)), [110, 220]);
    assert.deepEqual(rounded(moved(matrix(laid({ x: 500, y: 0 }, { x: 500, y: 300 })), at)), [-190, 120]);
    assert.deepEqual(rounded(moved(matrix(laid({ x: 500, y: 0 }, { x: 500, y: 300 }, true)), at)), [110, 220]);
});

test("the way back leads to where one began", () => {
    const m = matrix(laid({ x: 0, y: 0 }, { x: 300, y: 400 }));
    assert.deepEqual(rounded(moved(inverse(m), moved(m, { x: 7, y: -3 }))), [7, -3]);
});

test("a repeat reaches to the eighth of an inch and never less", () => {
    const level = laid({ x: 0, y: 500 }, { x: 300, y: 500 });
    assert.deepEqual(reaching(level, { x: 246, y: 133 }), { width: 2.375, height: 1.125 });
    assert.deepEqual(reaching(level, { x: 0, y: 0 }), { width: 0.125, height: 0.125 });
});

test("lengths are typed as a person types them, and read again", () => {
    const pairs = [
        [2.375, "2 3/8 in"],
        [0.5, "1/2 in"],
        [4, "4 in"],
    ];
    for (const [length, text] of pairs) {
        assert.equal(typed(length), text);
        assert.equal(inches(text), length);
    }
    assert.equal(inches("2-3/8"), 2.375);
    assert.equal(inches("2.5"), 2.5);
    assert.equal(inches("12"), 12);
    assert.ok(Number.isNaN(inches("wide")));
    assert.ok(Number.isNaN(inches("")));
});
