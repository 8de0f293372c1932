// The client turns the ring: each step of the line is a picture of its own, fetched when it is looked at.
for (const line of document.querySelectorAll('input.turn')) {
    const picture = line.parentElement.querySelector('img.turned');
    line.hidden = false;
    line.addEventListener('input', () => {
        picture.src = picture.src.replace(/\d+\.png$/, `${line.value}.png`);
    });
}
