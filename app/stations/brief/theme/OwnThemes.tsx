import { z } from 'zod';
import { themeSchema, type Theme } from '../../../../core/plan/index.js';
import { keepInHouse, useHouseOf } from '../../../store/house.js';
import { Button } from '../../../ui/kit/Button.js';
import { FileButton, JSON_FILE } from '../../../ui/kit/FileButton.js';
import { saveFile } from '../../../ui/save.js';
import { t } from '../../../words/index.js';
import { toast } from '../../../ui/toast.js';

const MOST_BYTES = 200_000;

/** Kept by name in your house; in and out as JSON. */
export function OwnThemes({ draft }: { draft: Theme }) {
  const ownThemes = useHouseOf('themes');
  const keep = (themes: readonly Theme[], words: string): void =>
    void keepInHouse('themes', ...themes).then((kept) => kept && toast(words));
  const read = async (file: File): Promise<void> => {
    const problem = (reason: string) => toast.error(t('The themes were refused: {reason}', { reason }));
    if (file.size > MOST_BYTES) return void problem(t('the file is larger than 200 kB.'));
    let value: unknown;
    try {
      value = JSON.parse(await file.text());
    } catch {
      return void problem(t('it is no JSON.'));
    }
    const found = z.array(themeSchema).max(100).safeParse(value);
    if (!found.success) {
      const [issue] = found.error.issues;
      return void problem(`${issue?.path.join('.') || t('the whole')}: ${issue?.message}.`);
    }
    return void keep(
      found.data,
      t('{n, plural, one {# theme} other {# themes}} taken over.', { n: found.data.length }),
    );
  };
  return (
    <>
      <Button
        look="quiet"
        size="small"
        disabled={draft.name.trim() === ''}
        onClick={() => keep([draft], t('“{name}” is among your themes.', { name: draft.name }))}
      >
        {t('Keep among your themes')}
      </Button>
      <Button
        look="quiet"
        size="small"
        disabled={ownThemes.length === 0}
        onClick={() => saveFile('themes.json', JSON.stringify(ownThemes, null, 1), 'application/json')}
      >
        {t('Save your themes')}
      </Button>
      <FileButton
        words={t('Read themes')}
        label={t('File with themes')}
        accept={JSON_FILE}
        size="small"
        onFile={(picked) => void read(picked)}
      />
    </>
  );
}
