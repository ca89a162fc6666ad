import { useMemo } from 'react';
import { ENGLISH, type Speech } from '../../core/words/index.js';
import { language } from '../words/index.js';
import { useSettings } from './settings.js';

/** The words and units in which this browser speaks. */
export function useSpeech(): Speech {
  const units = useSettings((settings) => settings.units);
  return useMemo(
    () => ({
      ...ENGLISH,
      locale: language.locale,
      units,
      words: language.words(ENGLISH.words),
      word: language.sentence,
    }),
    [units],
  );
}
