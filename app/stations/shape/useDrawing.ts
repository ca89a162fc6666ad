import { useState } from 'react';
import { readSvg, svgProblemSaid, type SvgRead } from '../../../core/shape/index.js';
import { speak } from '../../../core/words/index.js';
import { useSpeech } from '../../store/useSpeech.js';
import { t } from '../../words/index.js';

const MOST_BYTES = 2_000_000;

/** Reads a drawing that was given; what is wrong with it is said with the file's name. */
export function useDrawing(onRead: (name: string, drawing: SvgRead & { ok: true }) => void): {
  wrong: string | null;
  read: (file: File) => void;
} {
  const [wrong, setWrong] = useState<string | null>(null);
  const speech = useSpeech();
  const take = async (file: File): Promise<void> => {
    const drawing = readSvg(file.size > MOST_BYTES ? '' : await file.text());
    setWrong(drawing.ok ? null : `${file.name}: ${speak(svgProblemSaid(drawing.problem), speech)}`);
    if (drawing.ok) onRead(file.name.replace(/\.svg$/i, '').slice(0, 60) || t('Drawing'), drawing);
  };
  return { wrong, read: (file) => void take(file) };
}
