import type { NeedPack } from '../../../core/needs/index.js';
import { PaperDialog } from '../../ui/kit/Dialog.js';
import { PaperHeading } from '../../ui/kit/Heading.js';
import { t, word } from '../../words/index.js';

/** A need in plain words: where it hides on a board, what is good, where people differ, and whom to ask. */
export function NeedPage({ pack, onClose }: { pack: NeedPack; onClose: () => void }) {
  return (
    <PaperDialog open onClose={onClose} title={word(pack.name)} hint={word(pack.summary)}>
      <PaperHeading>{t('Where it hides')}</PaperHeading>
      <ul className="my-0.5 list-disc pl-5">
        {pack.page.traps.map((trap) => (
          <li key={trap}>{word(trap)}</li>
        ))}
      </ul>
      {pack.page.good.length > 0 && (
        <>
          <PaperHeading>{t('What is good')}</PaperHeading>
          <ul className="my-0.5 list-disc pl-5">
            {pack.page.good.map((text) => (
              <li key={text}>{word(text)}</li>
            ))}
          </ul>
        </>
      )}
      <p>{word(pack.page.note)}</p>
      {pack.settings.length > 0 && (
        <>
          <PaperHeading>{t('Where people differ')}</PaperHeading>
          <ul className="my-0.5 list-disc pl-5">
            {pack.settings.map((setting) => (
              <li key={setting.id}>
                <b>{word(setting.name)}</b>:{' '}
                {setting.values
                  .slice(0, 4)
                  .map((value) => word(value.name))
                  .join('; ')}
                {setting.values.length > 4 ? ' …' : ''}
              </li>
            ))}
          </ul>
        </>
      )}
      <p className="text-soft">
        {t('Sources: {sources}.', { sources: pack.page.sources.map(word).join('; ') })}
      </p>
      <p className="break-inside-avoid px-1 pt-1 text-xs/[1.24] italic text-soft text-soft">
        {t(
          'The tool helps to plan. Read the label, ask the guest, and follow local food rules and medical or religious advice.',
        )}
      </p>
    </PaperDialog>
  );
}
