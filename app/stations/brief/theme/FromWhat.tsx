import { useState } from 'react';
import { MOTIFS, paletteOfPixels, paletteOfWords, type Theme } from '../../../../core/plan/index.js';
import { Ticks, Tick, TextInput, Wrong } from '../../../ui/Fields.js';
import { MotifDrawing } from '../../../ui/Motif.js';
import { Button } from '../../../ui/kit/Button.js';
import { FileButton } from '../../../ui/kit/FileButton.js';
import { t, word } from '../../../words/index.js';

const MOST_MOTIFS = 3;
/** Colours from words, or from a picture that stays on this machine, dropped here or picked. */
export function FromWhat({ onChange }: { onChange: (palette: string[]) => void }) {
  const [words, setWords] = useState('');
  const [wrong, setWrong] = useState<string>();
  const fromWords = (): void => {
    const found = paletteOfWords(words);
    if (found.length > 0) onChange(found);
    setWrong(
      found.length > 0
        ? undefined
        : t('Words: none of them names a colour that is known here. Try sea, honey, plum.'),
    );
  };
  const fromPicture = (file: File): void => {
    pixelsOf(file).then(
      (pixels) => (setWrong(undefined), onChange(paletteOfPixels(pixels))),
      () => setWrong(t('Picture: this file cannot be read as a picture.')),
    );
  };
  return (
    <div
      onDragOver={(event) => event.preventDefault()}
      onDrop={(event) => {
        event.preventDefault();
        const file = event.dataTransfer.files[0];
        if (file) fromPicture(file);
      }}
    >
      <div className="flex flex-wrap items-end gap-2.5">
        <TextInput label={t('Colours from words')} value={words} max={80} onChange={setWords} />
        <Button look="quiet" size="small" className="mb-2" disabled={words.trim() === ''} onClick={fromWords}>
          {t('Find its colours')}
        </Button>
        <span className="mb-2">
          <FileButton
            words={t('From a picture')}
            label={t('From a picture')}
            accept="image/*"
            size="small"
            onFile={fromPicture}
          />
        </span>
      </div>
      {wrong && <Wrong>{wrong}</Wrong>}
    </div>
  );
}

const SIDE = 64;

/** The picture made small; it is read here and goes nowhere. */
async function pixelsOf(file: File): Promise<Uint8ClampedArray> {
  const bitmap = await createImageBitmap(file);
  const canvas = document.createElement('canvas');
  canvas.width = canvas.height = SIDE;
  const context = canvas.getContext('2d')!;
  context.drawImage(bitmap, 0, 0, SIDE, SIDE);
  return context.getImageData(0, 0, SIDE, SIDE).data;
}

/** A few signs to stamp on it. */
export function Motifs({
  motifs,
  onChange,
}: {
  motifs: Theme['motifs'];
  onChange: (motifs: Theme['motifs']) => void;
}) {
  const picked = motifs.filter((motif) => motif !== 'none');
  return (
    <Ticks legend={t('Motifs, up to {MOSTMOTIFS}', { MOSTMOTIFS: MOST_MOTIFS })}>
      {MOTIFS.filter((motif) => motif !== 'none').map((motif) => (
        <Tick
          key={motif}
          inline
          on={picked.includes(motif)}
          onChange={(on) =>
            (!on || picked.length < MOST_MOTIFS) &&
            onChange(on ? [...picked, motif] : picked.filter((other) => other !== motif))
          }
          label={
            <span className="flex items-center gap-1">
              <MotifDrawing motif={motif} /> {word(motif)}
            </span>
          }
        />
      ))}
    </Ticks>
  );
}
