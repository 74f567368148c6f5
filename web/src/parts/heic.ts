// Photos as some phones take them (HEIC): made a JPEG where this browser can read them, else said what to do.
const HEIC = /\.(heic|heif)$/i
const QUALITY = 0.9

export class NotReadable extends Error {
  constructor() {
    super(
      'This is a HEIC photo, which this device cannot read here. Set its camera to the most compatible ' +
        'format (JPEG), or share the photo as JPEG.',
    )
  }
}

/** @throws NotReadable */
export async function asJpeg(file: File): Promise<File> {
  if (!/^image\/hei[cf]/.test(file.type) && !HEIC.test(file.name)) return file
  try {
    const picture = await createImageBitmap(file)
    const canvas = new OffscreenCanvas(picture.width, picture.height)
    canvas.getContext('2d')?.drawImage(picture, 0, 0)
    const jpeg = await canvas.convertToBlob({ type: 'image/jpeg', quality: QUALITY })
    return new File([jpeg], file.name.replace(HEIC, '.jpg'), { type: 'image/jpeg' })
  } catch {
    throw new NotReadable()
  }
}
