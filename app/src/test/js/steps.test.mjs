import assert from "node:assert/strict";
import { test } from "node:test";
import { step } from "../../main/resources/static/js/patterns/steps.js";

const inside = { atStart: false, atEnd: false };
const around = { atStart: true, atEnd: true };

test("up, down and Enter move by a line from anywhere in the text", () => {
    assert.deepEqual(step("ArrowUp", false, 3, 2, inside), { row: 2, column: 2 });
    assert.deepEqual(step("ArrowDown", false, 3, 2, inside), { row: 4, column: 2 });
    assert.deepEqual(step("Enter", false, 3, 2, inside), { row: 4, column: 2 });
    assert.deepEqual(step("Enter", true, 3, 2, inside), { row: 2, column: 2 });
});

test("left and right leave the cell only from its ends", () => {
    assert.equal(step("ArrowLeft", false, 3, 2, inside), null);
    assert.equal(step("ArrowRight", false, 3, 2, inside), null);
    assert.deepEqual(step("ArrowLeft", false, 3, 2, around), { row: 3, column: 1 });
    assert.deepEqual(step("ArrowRight", false, 3, 2, around), { row: 3, column: 3 });
});

test("other keys stay in the cell", () => {
    assert.equal(step("a", false, 3, 2, around), null);
    assert.equal(step("Tab", false, 3, 2, around), null);
});
