import { useShallow } from 'zustand/react/shallow';
import { canonicalText } from '../../core/plan/index.js';
import { useSession } from '../store/session.js';
import { saveFile } from '../ui/save.js';
import { Button } from '../ui/kit/Button.js';
import { t } from '../words/index.js';

/** When the plan was last written to this browser's store; while it is not, that and what can be done stands here. */
export function SavedAt() {
  const { savedAt, saving, unsaved, gone, plan } = useSession(
    useShallow((state) => ({
      savedAt: state.savedAt,
      saving: state.saving,
      unsaved: state.unsaved,
      gone: state.gone,
      plan: state.plan,
    })),
  );
  if (unsaved && plan)
    return (
      <span role="alert">
        <b>{t('not saved')}</b>
        {t(': it is tried again.')}{' '}
        <Button look="link" onClick={() => saveFile(`${plan.id}.plate.json`, canonicalText(plan))}>
          {t('Save to a file')}
        </Button>
      </span>
    );
  if (gone) return <span>{t('not saved')}</span>;
  if (saving > 0) return <span>{t('saving …')}</span>;
  if (!savedAt) return null;
  const time = new Date(savedAt).toLocaleTimeString('en-GB', { hour: '2-digit', minute: '2-digit' });
  return <span data-testid="saved">{t('saved {time}', { time })}</span>;
}
