/** The print button of a paper. */
document.addEventListener("click", (event) => {
    if (event.target instanceof Element && event.target.closest("[data-print]")) {
        window.print();
    }
});
