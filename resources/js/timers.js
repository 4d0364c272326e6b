/** Clocks at the hob: they run on the server's time, over steps and reloads; each rings once when it is over. */
const pad = (number) => String(number).padStart(2, '0');

const ring = (name) => {
    navigator.vibrate?.([300, 150, 300, 150, 300]);
    try {
        const sound = new AudioContext();
        for (const at of [0, 0.35, 0.7]) {
            const tone = sound.createOscillator();
            const loud = sound.createGain();
            tone.frequency.value = 880;
            loud.gain.setValueAtTime(0.25, sound.currentTime + at);
            loud.gain.exponentialRampToValueAtTime(0.001, sound.currentTime + at + 0.3);
            tone.connect(loud).connect(sound.destination);
            tone.start(sound.currentTime + at);
            tone.stop(sound.currentTime + at + 0.3);
        }
    } catch {
        // no sound before the first touch: the words and the shaking say it too
    }
    document.title = `● ${name}`;
};

export default () => {
    const offset = Number(document.body.dataset.now) - Date.now() / 1000;
    const clocks = [...document.querySelectorAll('[data-ends]')];
    if (!clocks.length) return;
    const rung = new Set(
        clocks
            .filter((clock) => Number(clock.dataset.ends) <= Date.now() / 1000 + offset)
            .map((clock) => clock.dataset.ends),
    );
    const tick = () => {
        const now = Date.now() / 1000 + offset;
        for (const clock of clocks) {
            const { ends, name, over, burst, rest, begun, blend, pause } = clock.dataset;
            const left = Math.ceil(Number(ends) - now);
            clock.classList.toggle('is-over', left <= 0);
            if (left > 0) {
                const turn = burst ? (now - Number(begun)) % (Number(burst) + Number(rest)) : null;
                const phase = turn === null ? '' : turn < Number(burst) ? `${blend} ` : `${pause} `;
                const before = clock.dataset.brief ? `${name} ` : phase;
                clock.textContent = `${before}${Math.floor(left / 60)}:${pad(left % 60)}`;
            } else {
                clock.textContent = clock.dataset.brief ? `${name} ${over}` : over;
                if (!rung.has(ends)) ring(name);
                rung.add(ends);
            }
        }
    };
    tick();
    setInterval(tick, 500);
};
