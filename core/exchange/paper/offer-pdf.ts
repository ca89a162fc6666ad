import type { Checked } from '../../check/index.js';
import type { Plan } from '../../plan/index.js';
import type { PaperId } from '../../shape/index.js';
import type { Speech } from '../../words/index.js';
import { offerParts } from '../offer.js';
import { flowOf } from './flow.js';
import { pagesOf, POINTS } from './pages.js';

const PICTURE_MM = 90;

/** The offer as a PDF: letterhead, words, the board, the menu, the guests, the price. The picture is a PNG; without one it has none. */
export async function offerPdf(
  plan: Plan,
  checked: Checked,
  { paper, speech, png }: { paper: PaperId; speech: Speech; png?: Uint8Array },
): Promise<Uint8Array> {
  const pages = await pagesOf(plan.occasion.name, paper);
  const flow = flowOf(pages);
  const [head, ...parts] = offerParts(plan, checked, speech);
  if (plan.offer.letterhead) flow.text(plan.offer.letterhead, 9);
  flow.head(head!.split('\n')[0]!, 20);
  flow.text(head!.split('\n').slice(1).join('\n'), 11);
  if (png) {
    const image = await pages.image(png);
    const scale = Math.min(1, PICTURE_MM / (image.height / POINTS));
    flow.block(PICTURE_MM, ({ page }, left, top, width) => {
      const [w, h] = [image.width * scale, image.height * scale];
      const fit = Math.min(1, (width * POINTS) / w);
      page.drawImage(image, {
        x: left * POINTS + (width * POINTS - w * fit) / 2,
        y: top * POINTS - h * fit,
        width: w * fit,
        height: h * fit,
      });
    });
  }
  for (const part of parts) flow.text(part, 10);
  return pages.save();
}
