// Photos as some phones take them (HEIC): made a JPEG where this browser can read them, else said what to do.
import { drawnAsJpeg } from './jpeg'

const HEIC = /\.(heic|heif)$/i

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
    return new File([await drawnAsJpeg(file)], file.name.replace(HEIC, '.jpg'), { type: 'image/jpeg' })
  } catch {
    throw new NotReadable()
  }
}
