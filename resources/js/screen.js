/** Keeps the screen awake at the hob, takes the lock again after the phone was unlocked, and says where it can't. */
export default (line) => {
    const say = (state) => {
        line.textContent = line.dataset[state];
        line.hidden = false;
        line.dataset.state = state;
    };
    if (!('wakeLock' in navigator)) return say('none');
    let lock = null;
    const take = async () => {
        if (document.visibilityState !== 'visible' || (lock && !lock.released)) return;
        try {
            lock = await navigator.wakeLock.request('screen');
            lock.addEventListener('release', () => (line.dataset.state = 'released'));
            say('kept');
        } catch {
            say('refused');
        }
    };
    take();
    document.addEventListener('visibilitychange', take);
    // some phones give it only after a touch
    document.addEventListener('pointerdown', take);
};
