// A photo as it is kept until the salon has it: no larger than the salon keeps it itself.
import { drawnAsJpeg } from '../parts/jpeg'

/** As PhotoStore keeps them. */
const LONGEST = 1600
/** Smaller ones are not drawn anew: it would cost more than it saves. */
const WORTH_IT = 600_000

export async function smaller(photo: Blob): Promise<Blob> {
  if (photo.size < WORTH_IT) return photo
  try {
    const drawn = await drawnAsJpeg(photo, LONGEST)
    return drawn.size < photo.size ? drawn : photo
  } catch {
    // Not a photo that this browser reads: the salon says what is wrong with it.
    return photo
  }
}
