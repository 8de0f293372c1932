// The client turns the ring: each step of the line is a picture of its own, fetched when it is looked at. What stands
// side by side turns together, so that like is held against like.
const lines = [...document.querySelectorAll('input.turn')];
for (const line of lines) {
    line.hidden = false;
    line.addEventListener('input', () => {
        for (const one of lines) {
            const picture = one.parentElement.querySelector('img.turned');
            one.value = line.value;
            picture.src = picture.src.replace(/\d+\.png$/, `${line.value}.png`);
        }
    });
}
