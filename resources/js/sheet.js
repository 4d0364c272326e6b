/** The key / looks for anything, from anywhere but a field. */
document.addEventListener('keydown', (event) => {
    if (
        event.key !== '/' ||
        event.altKey ||
        event.ctrlKey ||
        event.metaKey ||
        event.target.closest?.('input, textarea, select, [contenteditable], dialog')
    )
        return;
    const search = document.getElementById('to-search');
    if (!search) return;
    event.preventDefault();
    search.click();
});

/** A button with data-opens="ID" opens that sheet; Escape and the sheet's own button close it. */
document.addEventListener('click', (event) => {
    const opener = event.target.closest?.('[data-opens]');
    if (!opener) return;
    const sheet = document.getElementById(opener.dataset.opens);
    sheet.showModal();
    sheet.querySelector('input, textarea, select, .button')?.focus();
});

/** The keys 1 to 9 take a choice, where choices wait for an answer. */
document.addEventListener('keydown', (event) => {
    if (
        !/^[1-9]$/.test(event.key) ||
        event.altKey ||
        event.ctrlKey ||
        event.metaKey ||
        event.target.closest?.('input, textarea, select')
    )
        return;
    document.querySelectorAll('[data-choices] button')[Number(event.key) - 1]?.click();
});
