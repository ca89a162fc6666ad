import type { NeedPack } from '../../../core/needs/index.js';
import { PaperDialog } from '../../ui/kit/Dialog.js';
import { PaperHeading } from '../../ui/kit/Heading.js';
import { t } from '../../words/index.js';

/** A need in plain words: where it hides on a board, what is good, where people differ, and whom to ask. */
export function NeedPage({ pack, onClose }: { pack: NeedPack; onClose: () => void }) {
  return (
    <PaperDialog open onClose={onClose} title={pack.name} hint={pack.summary}>
      <PaperHeading>{t('Where it hides')}</PaperHeading>
      <ul className="my-0.5 list-disc pl-5">
        {pack.page.traps.map((trap) => (
          <li key={trap}>{trap}</li>
        ))}
      </ul>
      {pack.page.good.length > 0 && (
        <>
          <PaperHeading>{t('What is good')}</PaperHeading>
          <ul className="my-0.5 list-disc pl-5">
            {pack.page.good.map((text) => (
              <li key={text}>{text}</li>
            ))}
          </ul>
        </>
      )}
      <p>{pack.page.note}</p>
      {pack.settings.length > 0 && (
        <>
          <PaperHeading>{t('Where people differ')}</PaperHeading>
          <ul className="my-0.5 list-disc pl-5">
            {pack.settings.map((setting) => (
              <li key={setting.id}>
                <b>{setting.name}</b>:{' '}
                {setting.values
                  .slice(0, 4)
                  .map((value) => value.name)
                  .join('; ')}
                {setting.values.length > 4 ? ' …' : ''}
              </li>
            ))}
          </ul>
        </>
      )}
      <p className="text-soft">{t('Sources: {sources}.', { sources: pack.page.sources.join('; ') })}</p>
      <p className="break-inside-avoid px-1 pt-1 text-xs/[1.24] italic text-soft text-soft">
        {t(
          'The tool helps to plan. Read the label, ask the guest, and follow local food rules and medical or religious advice.',
        )}
      </p>
    </PaperDialog>
  );
}
