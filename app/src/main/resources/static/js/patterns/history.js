/** What was, to go back to and forth again: snapshots of a form's fields by name. */

/**
 * @param {Array<[string, string]>} first the fields as they are
 * @param {number} most kept
 */
export function history(first, most = 200) {
    const states = [first];
    let at = 0;
    const same = (a, b) => a.length === b.length && a.every(([name, value], i) => b[i][0] === name && b[i][1] === value);
    return {
        /** Keeps a new state; what was undone before is forgotten. */
        keep(state) {
            if (!same(states[at], state)) {
                states.splice(at + 1, states.length, state);
                if (states.length > most) {
                    states.shift();
                }
                at = states.length - 1;
            }
        },
        canUndo: () => at > 0,
        canRedo: () => at < states.length - 1,
        undo: () => (at > 0 ? states[--at] : states[at]),
        redo: () => (at < states.length - 1 ? states[++at] : states[at]),
    };
}
