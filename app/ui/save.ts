import { breath } from '../idle.js';
import { t } from '../words/index.js';

/** Hands a file to the browser's downloads. */
export function saveFile(name: string, content: string | Blob, type = 'application/json'): void {
  const url = URL.createObjectURL(content instanceof Blob ? content : new Blob([content], { type }));
  const a = document.createElement('a');
  a.href = url;
  a.download = name;
  a.click();
  setTimeout(() => URL.revokeObjectURL(url), 10_000);
}

/** Pixels a millimetre for a board; a long table has fewer, so that its picture can be sent. */
const FINE = 4;
const MOST_PX = 4000;

/** Pixels of a band that is painted in one go. */
const BAND = 160;

/** Thousands of shapes at once would hold up what is typed: band by band, with a breath between. */
async function inBands(canvas: HTMLCanvasElement, images: readonly HTMLImageElement[]): Promise<void> {
  const context = canvas.getContext('2d')!;
  for (let top = 0; top < canvas.height; top += BAND) {
    context.save();
    context.beginPath();
    context.rect(0, top, canvas.width, Math.min(BAND, canvas.height - top));
    context.clip();
    for (const image of images) context.drawImage(image, 0, 0, canvas.width, canvas.height);
    context.restore();
    await breath();
  }
}

/** Paints a drawing as PNG, at `scale` pixels a millimetre. */
type Painter = (scale: number) => Promise<Blob>;

const unpainted = () => new Error(t('The board could not be painted.'));

async function imageOf(url: string): Promise<HTMLImageElement> {
  const image = new Image();
  await new Promise((resolve, reject) => {
    image.onload = resolve;
    image.onerror = () => reject(unpainted());
    image.src = url;
  });
  return image;
}

/** Gives what paints an SVG, or several that lie one over the other, in as many sizes as are asked for: each is read once. */
export async function withPainter<T>(
  drawing: string | readonly string[],
  [widthMm, heightMm]: readonly [number, number],
  act: (paint: Painter) => Promise<T>,
): Promise<T> {
  const sheets = typeof drawing === 'string' ? [drawing] : drawing;
  const urls = sheets.map((svg) => URL.createObjectURL(new Blob([svg], { type: 'image/svg+xml' })));
  try {
    const images: HTMLImageElement[] = [];
    for (const url of urls) images.push(await imageOf(url));
    return await act(async (scale) => {
      const canvas = document.createElement('canvas');
      canvas.width = Math.round(widthMm * scale);
      canvas.height = Math.round(heightMm * scale);
      await inBands(canvas, images);
      return new Promise((resolve, reject) =>
        canvas.toBlob((blob) => (blob ? resolve(blob) : reject(unpainted())), 'image/png'),
      );
    });
  } finally {
    for (const url of urls) URL.revokeObjectURL(url);
  }
}

/** An SVG as PNG, at `scale` pixels a millimetre. */
export const svgToPng = (
  svg: string | readonly string[],
  widthMm: number,
  heightMm: number,
  scale = Math.min(FINE, MOST_PX / Math.max(widthMm, heightMm)),
): Promise<Blob> => withPainter(svg, [widthMm, heightMm], (paint) => paint(scale));
