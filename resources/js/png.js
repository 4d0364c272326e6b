/** Turns one of the drawings into a picture of dots, here in the browser: three times as large, for paper. */
const TIMES = 3;

export default () => ({
    init() {
        this.$el.addEventListener('click', async () => {
            const svg = await (await fetch(this.$el.dataset.svg)).text();
            const picture = new Image();
            picture.src = `data:image/svg+xml;charset=utf-8,${encodeURIComponent(svg)}`;
            await picture.decode();
            const canvas = document.createElement('canvas');
            [canvas.width, canvas.height] = [picture.naturalWidth * TIMES, picture.naturalHeight * TIMES];
            canvas.getContext('2d').drawImage(picture, 0, 0, canvas.width, canvas.height);
            const link = document.createElement('a');
            link.href = canvas.toDataURL('image/png');
            link.download = this.$el.dataset.name;
            link.click();
        });
    },
});
