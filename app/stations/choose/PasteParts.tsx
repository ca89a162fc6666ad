import { useMemo, useState } from 'react';
import type { Larder } from '../../../core/catalogue/index.js';
import { readIngredients, type IngredientRead } from '../../../core/exchange/index.js';
import { spoken } from '../../store/useSpeech.js';
import { Button } from '../../ui/kit/Button.js';
import { Collapsible } from '../../ui/kit/Collapsible.js';
import { TextArea } from '../../ui/kit/Input.js';
import { t } from '../../words/index.js';

/** Ingredient lines as text: what was understood stands beside each line before anything goes in. */
export function PasteParts({
  larder,
  onTake,
}: {
  larder: Larder;
  onTake: (parts: readonly IngredientRead[]) => void;
}) {
  const [text, setText] = useState('');
  const { parts, problems } = useMemo(() => readIngredients(text, larder), [text, larder]);
  return (
    <Collapsible title={t('Paste the ingredients')}>
      <label className="grid gap-0.5 font-bold">
        {t('A line each, such as 200 g feta')}
        <TextArea rows={4} value={text} onChange={(event) => setText(event.target.value)} />
      </label>
      <div aria-live="polite" className="text-sm">
        {parts.length > 0 && (
          <>
            <ul className="m-0 list-none p-0">
              {parts.map(({ text, component, massG }, i) => (
                <li key={i}>{t('{text}: {name}, {massG} g', { text, name: component.name, massG })}</li>
              ))}
            </ul>
            <p className="my-1 bg-question px-1.5 py-0.5">
              {t('Is each the food that is meant? What goes in decides for allergies.')}
            </p>
          </>
        )}
        {problems.map(({ row, column, reason }) => (
          <p key={row} className="m-0 font-bold text-beet-ink">
            {column}: {spoken(reason)}
          </p>
        ))}
      </div>
      {parts.length > 0 && (
        <Button
          size="small"
          onClick={() => {
            onTake(parts);
            setText('');
          }}
        >
          {t('Put them in ({n})', { n: parts.length })}
        </Button>
      )}
    </Collapsible>
  );
}
