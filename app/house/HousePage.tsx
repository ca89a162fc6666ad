import { useShallow } from 'zustand/react/shallow';
import { useState } from 'react';
import { Link } from 'react-router';
import { HOUSE_KINDS, recordOf, type HouseKind, type Kept } from '../../core/house/index.js';
import { bringInHouse, forget, houseFile, keepInHouse, openHouse, useHouse } from '../store/house.js';
import { Button, buttonLook } from '../ui/kit/Button.js';
import { FileButton, JSON_FILE } from '../ui/kit/FileButton.js';
import { saveFile } from '../ui/save.js';
import { t, word } from '../words/index.js';
import { toast } from '../ui/toast.js';
import { spoken } from '../store/useSpeech.js';
import type { HouseRead } from '../../core/house/index.js';

/** What outlives a plan: foods and labels, schools and themes, boards and tools, logs. Kept here, in and out as one file. */
export function HousePage() {
  openHouse();
  const { kept, damaged, read } = useHouse(
    useShallow((state) => ({ kept: state.kept, damaged: state.damaged, read: state.read })),
  );
  return (
    <main className="on-cloth mx-auto min-h-screen max-w-300 px-6 py-6">
      <header className="flex flex-wrap items-end justify-between gap-4">
        <h1 className="font-display text-2xl font-black">{t('Your house')}</h1>
        <Link className={buttonLook({ look: 'quiet' })} to="/">
          {t('All plans')}
        </Link>
      </header>
      <p className="mt-1 mb-4 max-w-170 text-base">
        {t(
          'What is kept here serves every plan. A plan takes a copy of what it uses, so that its file is whole wherever it is opened.',
        )}
      </p>
      <Files empty={kept.length === 0} />
      {!read && <p role="status">{t('Looking through the house …')}</p>}
      {damaged.length > 0 && (
        <section role="alert" className="on-paper my-4 bg-question px-4 py-3">
          <b>{t('{damagedCount} cannot be read.', { damagedCount: damaged.length })}</b>{' '}
          {t('They stay stored, and nothing else is touched: {damaged}', {
            damaged: damaged.map((d) => `${d.key} (${d.reason})`).join('; '),
          })}
        </section>
      )}
      <div className="mt-4 grid grid-cols-[repeat(auto-fill,minmax(290px,1fr))] gap-4">
        {HOUSE_KINDS.map((kind) => (
          <Shelf key={kind} kind={kind} kept={kept.filter((kept) => kept.kind === kind)} />
        ))}
      </div>
    </main>
  );
}

/** Everything of one kind, as a paper with its names. */
function Shelf({ kind, kept }: { kind: HouseKind; kept: readonly Kept[] }) {
  const { title, none, nameOf } = recordOf(kind);
  const remove = async (kept: Kept): Promise<void> => {
    await forget(kept.kind, kept.key);
    const name = nameOf(kept.value as never);
    toast(t('“{name}” is out of the house. Plans that use it keep their copy.', { name }), {
      action: { label: t('Undo'), onClick: () => void keepInHouse(kept.kind, kept.value as never) },
    });
  };
  return (
    <section className="on-paper edge-sheet bg-paper px-4 py-3 shadow-paper" aria-label={word(title)}>
      <h2 className="font-display text-lg font-extrabold">
        {word(title)} {kept.length > 0 && <span className="text-soft">{kept.length}</span>}
      </h2>
      {kept.length === 0 && <p className="m-0 text-soft">{word(none)}</p>}
      <ul className="m-0 list-none p-0">
        {kept.map((kept) => {
          const name = nameOf(kept.value as never);
          return (
            <li
              key={kept.key}
              className="flex items-center justify-between gap-2 border-t border-dashed border-rule py-1"
            >
              <span className="min-w-0 wrap-anywhere">{name}</span>
              <Button
                look="link"
                aria-label={t('Take out: {name}', { name })}
                onClick={() => void remove(kept)}
              >
                {t('Take out')}
              </Button>
            </li>
          );
        })}
      </ul>
    </section>
  );
}

/** The whole house as one file, and a file back into it. */
function Files({ empty }: { empty: boolean }) {
  const [problems, setProblems] = useState<HouseRead['problems']>([]);
  const save = async (): Promise<void> => saveFile('your-house.json', await houseFile(), 'application/json');
  const bring = async (picked: File): Promise<void> => {
    const read = await bringInHouse(await picked.text());
    setProblems(read.problems);
    if (read.kept.length > 0)
      toast(
        t('{keptCount} {keptCount, plural, one {thing is} other {things are}} in your house now.', {
          keptCount: read.kept.length,
        }),
      );
  };
  return (
    <div className="flex flex-wrap items-center gap-2.5">
      <Button look={empty ? 'quiet' : 'enamel'} disabled={empty} onClick={() => void save()}>
        {t('Save your house to a file')}
      </Button>
      <FileButton
        words={t('Bring in a file')}
        label={t('Bring in a house file')}
        accept={JSON_FILE}
        onFile={(picked) => void bring(picked)}
      />
      {problems.length > 0 && (
        <ul role="alert" className="on-paper m-0 w-full list-disc bg-question py-2 pr-4 pl-8">
          {problems.slice(0, 12).map((problem) => (
            <li key={problem.path}>
              {problem.path && <code>{problem.path}: </code>}
              {spoken(problem.reason)}
            </li>
          ))}
        </ul>
      )}
    </div>
  );
}
