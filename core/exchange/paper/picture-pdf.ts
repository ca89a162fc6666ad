import type { Plan, Surface } from '../../plan/index.js';
import { EDGE_MM, PAPERS, type PaperId } from '../../shape/index.js';
import { pagesOf, POINTS, say } from './pages.js';

/** Between the words at the foot and the picture. */
const FOOT_MM = 10;

/** A surface's picture on one page, laid across where it is wider than high, as large as the page takes it. `png` is its drawing. */
export async function picturePdf(
  plan: Plan,
  surface: Surface,
  png: Uint8Array,
  paper: PaperId,
): Promise<Uint8Array> {
  const words = `${plan.occasion.name}: ${surface.name}`;
  const pages = await pagesOf(words, paper);
  const image = await pages.image(png);
  const { widthMm, heightMm } = PAPERS[paper];
  const [across, high] = image.width > image.height ? [heightMm, widthMm] : [widthMm, heightMm];
  const sheet = pages.add();
  sheet.page.setSize(across * POINTS, high * POINTS);
  const [roomX, roomY] = [across - 2 * EDGE_MM, high - 2 * EDGE_MM - FOOT_MM];
  const scale = Math.min(roomX / image.width, roomY / image.height);
  const [width, height] = [image.width * scale, image.height * scale];
  sheet.page.drawImage(image, {
    x: ((across - width) / 2) * POINTS,
    y: (EDGE_MM + FOOT_MM + (roomY - height) / 2) * POINTS,
    width: width * POINTS,
    height: height * POINTS,
  });
  say(sheet, words, EDGE_MM, EDGE_MM);
  return pages.save();
}
