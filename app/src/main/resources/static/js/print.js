/** The print button of a paper. */
document.querySelector("[data-print]").addEventListener("click", () => window.print());
