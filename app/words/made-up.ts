import { MADE_UP, madeUp } from '../../core/words/made-up.js';
import type { Language } from './language.js';

export const MADE_UP_UI: Language = { locale: 'en', sentence: madeUp, words: () => MADE_UP };
