import type { Surface } from '../../core/plan/index.js';
import { t } from '../words/index.js';

/** What a surface is called where it is drawn once: of single portions with how many there are. */
export const surfaceName = ({ name, singles }: Surface): string =>
  singles ? t('{n, number} × {surface}', { n: singles, surface: name }) : name;
