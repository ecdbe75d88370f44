/**
 * What is tried: fabrics by role. A fabric is what the page says of it: its id, code, value, ground and whether its print stays upright.
 * @typedef {{fabric: string, code: string, upright: boolean, ground: string, value: number, name: string}} Cloth
 * @typedef {Map<string, Cloth>} Colouring
 */

/** @param {Colouring} colouring @param {string} role @param {Cloth} cloth @returns {Colouring} with another fabric in a role */
export function withCloth(colouring, role, cloth) {
    return new Map([...colouring, [role, cloth]]);
}

/** @param {Colouring} colouring @returns {Colouring} whose lightest fabric changes places with the darkest, and so on inwards */
export function reversed(colouring) {
    const lightFirst = [...colouring.keys()].sort((one, other) => colouring.get(other).value - colouring.get(one).value);
    const darkFirst = [...lightFirst].reverse();
    const given = new Map(lightFirst.map((role, at) => [role, colouring.get(darkFirst[at])]));
    return new Map([...colouring.keys()].map((role) => [role, given.get(role)]));
}

/** @param {Colouring} colouring @returns {Colouring} in which each role has the fabric of the next, and the last that of the first */
export function rotated(colouring) {
    const roles = [...colouring.keys()];
    return new Map(roles.map((role, at) => [role, colouring.get(roles[(at + 1) % roles.length])]));
}

/** @param {Colouring} colouring @param {string} one @param {string} other @returns {Colouring} in which two roles change their fabrics */
export function swapped(colouring, one, other) {
    const changed = new Map(colouring);
    for (const [role, from] of [
        [one, other],
        [other, one],
    ]) {
        if (colouring.has(from)) {
            changed.set(role, colouring.get(from));
        } else {
            changed.delete(role);
        }
    }
    return changed;
}

/** The role to go on with: the next without a fabric after this one, around the end; this one where all have one. */
export function nextOpen(roles, colouring, role) {
    const at = roles.indexOf(role);
    const after = [...roles.slice(at + 1), ...roles.slice(0, at + 1)];
    return after.find((one) => !colouring.has(one)) ?? role;
}

/** @param {Colouring} colouring @returns {string} as it stands in an address */
export function asked(colouring) {
    return [...colouring].map(([role, cloth]) => `role.${encodeURIComponent(role)}=${cloth.fabric}`).join("&");
}

/** The fill of a role in a block that is turned so far. */
export function fill(cloth, turn) {
    return `url(#print-${cloth.code}${cloth.upright && turn ? `-${turn}` : ""})`;
}
