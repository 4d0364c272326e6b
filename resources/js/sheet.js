/** A button with data-opens="ID" opens that sheet; Escape and the sheet's own button close it. */
document.addEventListener('click', (event) => {
    const opener = event.target.closest?.('[data-opens]');
    if (!opener) return;
    const sheet = document.getElementById(opener.dataset.opens);
    sheet.showModal();
    sheet.querySelector('input, textarea, select, .button')?.focus();
});
