import type { NeedPack } from '../../../core/needs/index.js';
import { PaperDialog } from '../../ui/Paper.js';

/** A need in plain words: where it hides on a board, what is good, where people differ, and whom to ask. */
export function NeedPage({ pack, onClose }: { pack: NeedPack; onClose: () => void }) {
  return (
    <PaperDialog open onClose={onClose} title={pack.name} hint={pack.summary}>
      <h3>Where it hides</h3>
      <ul>
        {pack.page.traps.map((t) => (
          <li key={t}>{t}</li>
        ))}
      </ul>
      {pack.page.good.length > 0 && (
        <>
          <h3>What is good</h3>
          <ul>
            {pack.page.good.map((t) => (
              <li key={t}>{t}</li>
            ))}
          </ul>
        </>
      )}
      <p>{pack.page.note}</p>
      {pack.settings.length > 0 && (
        <>
          <h3>Where people differ</h3>
          <ul>
            {pack.settings.map((s) => (
              <li key={s.id}>
                <b>{s.name}</b>:{' '}
                {s.values
                  .slice(0, 4)
                  .map((v) => v.name)
                  .join('; ')}
                {s.values.length > 4 ? ' …' : ''}
              </li>
            ))}
          </ul>
        </>
      )}
      <p className="soft">Sources: {pack.page.sources.join('; ')}.</p>
      <p className="caution" style={{ color: 'var(--soft)' }}>
        The tool helps to plan. Read the label, ask the guest, and follow local food rules and medical or
        religious advice.
      </p>
    </PaperDialog>
  );
}
