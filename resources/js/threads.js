/** Draws a thread from each margin note to the line it speaks of: out of the row, through the gutter, into the note. */
export default function drawThreads(body) {
    const svg = body?.querySelector('.threads');
    if (!svg) return;
    svg.replaceChildren();
    const origin = body.getBoundingClientRect();
    const severities = ['stop', 'mind', 'note'];
    body.querySelectorAll('.pencil').forEach((note) => {
        const row = note.dataset.row && body.querySelector(`#row-${note.dataset.row}`);
        if (!row) return;
        const from = row.getBoundingClientRect();
        const to = note.getBoundingClientRect();
        if (to.left <= from.right) return;
        const [x1, y1] = [from.right - origin.left + 2, from.top - origin.top + from.height / 2];
        const [x2, y2] = [to.left - origin.left - 1, to.top - origin.top + 11];
        const middle = (x1 + x2) / 2;
        const path = document.createElementNS('http://www.w3.org/2000/svg', 'path');
        path.setAttribute('d', `M${x1} ${y1}C${middle} ${y1} ${middle} ${y2} ${x2} ${y2}`);
        path.setAttribute('class', `sev-${severities.find((name) => note.classList.contains(`sev-${name}`))}`);
        svg.append(path);
    });
}
