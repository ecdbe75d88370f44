/** Remembers in which order numbers of bags are typed: the first typed is the first made. */

const order = document.querySelector("[data-order]");
const bagsOf = /^bags\[(\d+)\]$/;

const ids = () => order.value.split(",").filter(Boolean);

order?.form.addEventListener("input", (event) => {
    const kit = bagsOf.exec(event.target.name)?.[1];
    if (!kit) {
        return;
    }
    const kept = ids().includes(kit) ? ids() : [...ids(), kit];
    order.value = kept.filter((id) => id !== kit || event.target.value.trim() !== "").join(",");
});
