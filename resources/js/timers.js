/**
 * Clocks at the hob: they run on the server's time, over steps and reloads. Each rings until somebody touches the page,
 * and rings after a reload too where nobody has heard it yet.
 */
const pad = (number) => String(number).padStart(2, '0');
const RING_EVERY_MS = 3000;
const HEARD = 'ilvane-heard';

let offset = 0;
let sound = null;

/** What the workroom's clock says; the phone's own may be wrong. */
export const setNow = (seconds) => (offset = seconds - Date.now() / 1000);
export const setOffset = (seconds) => (offset = seconds);
export const clock = () => offset;
const now = () => Date.now() / 1000 + offset;

/** Which clocks somebody has heard; where the browser keeps nothing, as long as the page lasts. */
let kept = [];
const heard = () => {
    try {
        kept = JSON.parse(localStorage.getItem(HEARD) ?? '[]');
    } catch {
        // what this page heard itself stands
    }
    return new Set(kept);
};
const hear = (keys) => {
    kept = [...heard(), ...keys].slice(-50);
    try {
        localStorage.setItem(HEARD, JSON.stringify(kept));
    } catch {
        // kept for this page
    }
};
const keyOf = ({ ends, name }) => `${ends} ${name}`;

const tone = (at) => {
    const [oscillator, loudness] = [sound.createOscillator(), sound.createGain()];
    oscillator.frequency.value = 880;
    loudness.gain.setValueAtTime(0.25, sound.currentTime + at);
    loudness.gain.exponentialRampToValueAtTime(0.001, sound.currentTime + at + 0.3);
    oscillator.connect(loudness).connect(sound.destination);
    oscillator.start(sound.currentTime + at);
    oscillator.stop(sound.currentTime + at + 0.3);
};

const ring = () => {
    navigator.vibrate?.([300, 150, 300, 150, 300]);
    try {
        sound ??= new AudioContext();
        [0, 0.35, 0.7].forEach(tone);
    } catch {
        // no sound before the first touch: the words and the shaking say it too
    }
};

const show = (clock, at) => {
    const { ends, name, over, burst, rest, begun, blend, pause } = clock.dataset;
    const left = Math.ceil(Number(ends) - at);
    clock.classList.toggle('is-over', left <= 0);
    if (left <= 0) return void (clock.textContent = clock.dataset.brief ? `${name} ${over}` : over);
    const turn = burst ? (at - Number(begun)) % (Number(burst) + Number(rest)) : null;
    const phase = turn === null ? '' : turn < Number(burst) ? `${blend} ` : `${pause} `;
    const hours = Math.floor(left / 3600);
    const minutes = Math.floor(left / 60) % 60;
    const digits = hours > 0 ? `${hours}:${pad(minutes)}:${pad(left % 60)}` : `${minutes}:${pad(left % 60)}`;
    clock.textContent = `${clock.dataset.brief ? `${name} ` : phase}${digits}`;
};

export default () => {
    let rangAt = 0;
    const over = () =>
        [...document.querySelectorAll('[data-ends]')]
            .filter((clock) => Number(clock.dataset.ends) <= now() && !heard().has(keyOf(clock.dataset)));
    const tick = () => {
        document.querySelectorAll('[data-ends]').forEach((clock) => show(clock, now()));
        const ringing = over();
        document.body.classList.toggle('is-ringing', ringing.length > 0);
        if (!ringing.length || performance.now() - rangAt < RING_EVERY_MS) return;
        rangAt = performance.now();
        document.title = `● ${ringing[0].dataset.name}`;
        ring();
    };
    const touched = () => {
        sound ??= 'AudioContext' in window ? new AudioContext() : null;
        sound?.resume?.();
        const ringing = over();
        if (!ringing.length) return;
        hear(ringing.map((clock) => keyOf(clock.dataset)));
        navigator.vibrate?.(0);
        document.title = document.querySelector('.hob-page')?.dataset.title ?? document.title;
    };
    for (const event of ['pointerdown', 'keydown']) document.addEventListener(event, touched);
    tick();
    setInterval(tick, 500);
};
