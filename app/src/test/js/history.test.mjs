import assert from "node:assert/strict";
import { test } from "node:test";
import { history } from "../../main/resources/static/js/patterns/history.js";

const cell = (value) => [["cell", value]];

test("what was kept is undone and redone in order", () => {
    const past = history(cell("A"));
    past.keep(cell("B"));
    past.keep(cell("C"));

    assert.deepEqual(past.undo(), cell("B"));
    assert.deepEqual(past.undo(), cell("A"));
    assert.equal(past.canUndo(), false);
    assert.deepEqual(past.undo(), cell("A"));
    assert.deepEqual(past.redo(), cell("B"));
    assert.equal(past.canRedo(), true);
});

test("a new state forgets what was undone", () => {
    const past = history(cell("A"));
    past.keep(cell("B"));
    past.undo();
    past.keep(cell("C"));

    assert.equal(past.canRedo(), false);
    assert.deepEqual(past.undo(), cell("A"));
});

test("the same state is kept once, and no more than the most", () => {
    const past = history(cell("0"), 3);
    past.keep(cell("0"));
    assert.equal(past.canUndo(), false);
    ["1", "2", "3"].forEach((value) => past.keep(cell(value)));

    past.undo();
    assert.deepEqual(past.undo(), cell("1"));
    assert.equal(past.canUndo(), false);
});
