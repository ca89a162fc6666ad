import { Command } from 'cmdk';
import { useMemo, useState } from 'react';
import type { AppCommand } from '../commands/command.js';
import { findByWords } from '../../core/deeds/index.js';
import { PaperDialog } from '../ui/kit/Dialog.js';
import { inputLook } from '../ui/kit/Input.js';
import { Kbd } from '../ui/kit/Kbd.js';
import { t } from '../words/index.js';

/** More than this is no list to choose from: one types another letter. */
const MOST = 60;

/** Everything that can be done from here, by the words that people say: "swap the brie", "leave out prunes", "vegan", "print". */
export function CommandBox({ commands, onClose }: { commands: readonly AppCommand[]; onClose: () => void }) {
  const [text, setText] = useState('');
  const found = useMemo(() => findByWords(commands, text).slice(0, MOST), [commands, text]);
  return (
    <PaperDialog bare open onClose={onClose} title={t('What shall be done?')}>
      <Command label={t('What shall be done')} shouldFilter={false}>
        <Command.Input
          className={inputLook}
          placeholder={t('Say it: swap the brie, vegan, print')}
          value={text}
          onValueChange={setText}
        />
        <Command.List className="max-h-85 overflow-auto mt-2" tabIndex={0} label={t('Commands')}>
          <Command.Empty>{t('Nothing of that name.')}</Command.Empty>
          {found.map((command) => (
            <Command.Item
              key={command.id}
              value={command.id}
              onSelect={() => {
                onClose();
                command.run();
              }}
              className="flex cursor-pointer items-center justify-between gap-3 px-2 py-1.5 text-base data-[selected=true]:bg-beet data-[selected=true]:text-white"
            >
              {command.words}
              {command.keys?.[0]?.length === 1 && <Kbd letter={command.keys[0].toUpperCase()} />}
            </Command.Item>
          ))}
        </Command.List>
      </Command>
    </PaperDialog>
  );
}
