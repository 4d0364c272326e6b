/** A name for one thing told to the workroom: sent again under the same name, it is the same thing. */
export const newKey = () =>
    [...crypto.getRandomValues(new Uint8Array(16))].map((byte) => byte.toString(16).padStart(2, '0')).join('');

/** A fresh token for this page's forms, where the old one has run out. */
export const renewToken = async (address) => {
    const answer = await fetch(address, { headers: { Accept: 'application/json' }, cache: 'no-store' });
    if (!answer.ok || answer.redirected) return false;
    const { token } = await answer.json();
    document.querySelectorAll('input[name=_token]').forEach((field) => (field.value = token));
    document.querySelector('meta[name=csrf-token]')?.setAttribute('content', token);
    return true;
};
