import { useMemo } from 'react';
import { ENGLISH, speak, type Said, type Speech } from '../../core/words/index.js';
import { language } from '../words/index.js';
import { useSettings } from './settings.js';

const speechIn = (units: Speech['units']): Speech => ({
  ...ENGLISH,
  locale: language.locale,
  units,
  words: language.words(ENGLISH.words),
  word: language.sentence,
});

/** The words and units in which this browser speaks. */
export function useSpeech(): Speech {
  const units = useSettings((settings) => settings.units);
  return useMemo(() => speechIn(units), [units]);
}

/** The same, outside of what is drawn. */
export const speechNow = (): Speech => speechIn(useSettings.getState().units);

/** What the core says, in words, outside of what is drawn. */
export const spoken = (said: Said): string => speak(said, speechNow());

/** Why something was refused, each with the field that it is about. */
export const refusedWords = (problems: readonly { path: string; reason: Said }[]): string =>
  problems.map(({ path, reason }) => (path ? `${path}: ${spoken(reason)}` : spoken(reason))).join('; ');
