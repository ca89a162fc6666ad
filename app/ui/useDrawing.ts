import { useState } from 'react';
import { readSvg, svgProblemSaid, type SvgRead } from '../../core/shape/index.js';
import { speak, type Said } from '../../core/words/index.js';
import { useSpeech } from '../store/useSpeech.js';
import { t } from '../words/index.js';

const MOST_BYTES = 2_000_000;

/** Reads a drawing that was given; what is wrong with it is said with the file's name. */
export function useDrawing(
  /** May refuse what was read, with the reason. */
  onRead: (name: string, drawing: SvgRead & { ok: true }) => Said | void,
): {
  wrong: string | null;
  read: (file: File) => void;
} {
  const [wrong, setWrong] = useState<string | null>(null);
  const speech = useSpeech();
  const take = async (file: File): Promise<void> => {
    const drawing = readSvg(file.size > MOST_BYTES ? '' : await file.text());
    const problem = drawing.ok
      ? onRead(file.name.replace(/\.svg$/i, '').slice(0, 60) || t('Drawing'), drawing)
      : svgProblemSaid(drawing.problem);
    setWrong(problem ? `${file.name}: ${speak(problem, speech)}` : null);
  };
  return { wrong, read: (file) => void take(file) };
}
