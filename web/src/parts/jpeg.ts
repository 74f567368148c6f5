// A photo drawn anew as a JPEG, by what this browser can read.
const QUALITY = 0.9

/** longest: pixels of its longer side at most. @throws where the browser cannot read it */
export async function drawnAsJpeg(photo: Blob, longest = Infinity): Promise<Blob> {
  const picture = await createImageBitmap(photo)
  const scale = Math.min(1, longest / Math.max(picture.width, picture.height))
  const canvas = new OffscreenCanvas(Math.round(picture.width * scale), Math.round(picture.height * scale))
  canvas.getContext('2d')?.drawImage(picture, 0, 0, canvas.width, canvas.height)
  picture.close()
  return canvas.convertToBlob({ type: 'image/jpeg', quality: QUALITY })
}
