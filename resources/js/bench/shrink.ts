/** No longer than what is kept of a picture anyway, px. */
const LONGEST = 2400;
/** Smaller than this, a picture goes as it is. */
const SMALL = 9_000_000;

/** A photograph as large as it is kept, so that any tablet's camera will do; one that cannot be read goes as it is. */
export async function shrink(picture: File): Promise<File> {
    try {
        const whole = await createImageBitmap(picture);
        const scale = LONGEST / Math.max(whole.width, whole.height);
        if (scale >= 1 || whole.width * whole.height < SMALL) return picture;
        const canvas = document.createElement('canvas');
        canvas.width = Math.round(whole.width * scale);
        canvas.height = Math.round(whole.height * scale);
        canvas.getContext('2d')?.drawImage(whole, 0, 0, canvas.width, canvas.height);
        const small = await new Promise<Blob | null>((done) => canvas.toBlob(done, 'image/jpeg', 0.9));
        return small ? new File([small], picture.name, { type: 'image/jpeg' }) : picture;
    } catch {
        return picture;
    }
}
