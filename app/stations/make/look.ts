import type { TaskKind } from '../../../core/make/index.js';
import { t } from '../../words/index.js';

/** The paper that a kind of work is written on, and its short word. */
export const LOOKS: Readonly<Record<TaskKind, { fill: string; words: string }>> = {
  make: { fill: 'var(--oak)', words: t('make') },
  wash: { fill: 'var(--mark-free)', words: t('wash') },
  cut: { fill: 'var(--question)', words: t('cut') },
  fold: { fill: 'var(--stop)', words: t('fold') },
  shape: { fill: 'var(--yolk)', words: t('shapes') },
  open: { fill: 'var(--mark-read)', words: t('open') },
  freeze: { fill: 'var(--steel-pale)', words: t('ice') },
  'fill-bowls': { fill: 'var(--mark-may)', words: t('bowls') },
  tools: { fill: 'var(--paper)', words: t('tools') },
  pack: { fill: 'var(--steel-pale)', words: t('pack') },
  drive: { fill: 'var(--rule)', words: t('drive') },
  temper: { fill: 'var(--mark-read)', words: t('out') },
  build: { fill: 'var(--runner)', words: t('lay') },
  carry: { fill: 'var(--steel-pale)', words: t('carry') },
};
