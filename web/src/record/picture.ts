// A picture as the camera gives it, made small enough to be kept with what it goes with.
const SIDE = 1280;
const QUALITIES = [0.75, 0.5, 0.3];
// Bytes that the server keeps, in base64 letters.
const LETTERS = 400_000;

// How large it is drawn, as it lies, no side longer than SIDE.
export function within(width: number, height: number): [number, number] {
  const share = Math.min(1, SIDE / Math.max(width, height));
  return [Math.round(width * share), Math.round(height * share)];
}

// The first that is small enough, at less and less quality.
export function smallest(drawn: (quality: number) => string): string | undefined {
  return QUALITIES.map((quality) => drawn(quality).split(",")[1]).find(
    (letters) => letters !== undefined && letters.length <= LETTERS,
  );
}

// A JPEG in base64; undefined where the file is no picture.
export async function jpegOf(file: File): Promise<string | undefined> {
  try {
    const image = await createImageBitmap(file);
    const canvas = document.createElement("canvas");
    [canvas.width, canvas.height] = within(image.width, image.height);
    canvas.getContext("2d")!.drawImage(image, 0, 0, canvas.width, canvas.height);
    return smallest((quality) => canvas.toDataURL("image/jpeg", quality));
  } catch {
    return undefined;
  }
}
