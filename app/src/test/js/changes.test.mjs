import { test } from "node:test";
import assert from "node:assert/strict";
import { nextPlace, withBlock, withChange, withoutLast } from "../../main/resources/static/js/patterns/changes.js";

test("changes grow at the end and shrink there", () => {
    const two = withChange(withChange("", "turn 1,0 by 90"), "trade 0,0 and 2,0");

    assert.equal(two, "turn 1,0 by 90; trade 0,0 and 2,0");
    assert.equal(withoutLast(two), "turn 1,0 by 90");
    assert.equal(withoutLast("turn 1,0 by 90"), "");
});

test("a block is put into its cell of a map, and nowhere beyond it", () => {
    const map = "star, plain @90\nplain, star";

    assert.equal(withBlock(map, 1, 0, "post"), "star, plain @90\npost, star");
    assert.equal(withBlock(map, 2, 0, "post"), map);
    assert.equal(withBlock(map, 0, 5, "post"), map);
});

test("arrows go to the next place, on point to one half a step aside", () => {
    const straight = [0, 1, 2].flatMap((row) => [0, 1].map((column) => ({ column, row })));
    const onPoint = [
        { column: 0, row: 0 },
        { column: 2, row: 0 },
        { column: 1, row: 1 },
        { column: 0, row: 2 },
        { column: 2, row: 2 },
    ];

    assert.deepEqual(nextPlace(straight, { column: 0, row: 0 }, 0, 1), { column: 0, row: 1 });
    assert.equal(nextPlace(straight, { column: 0, row: 0 }, -1, 0), null);
    assert.deepEqual(nextPlace(onPoint, { column: 0, row: 0 }, 1, 0), { column: 2, row: 0 });
    assert.deepEqual(nextPlace(onPoint, { column: 0, row: 0 }, 0, 1), { column: 0, row: 2 });
    assert.deepEqual(nextPlace(onPoint, { column: 1, row: 1 }, 1, 0), { column: 2, row: 0 });
});
