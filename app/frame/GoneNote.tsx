import { useShallow } from 'zustand/react/shallow';
import { useNavigate } from 'react-router';
import { useSession } from '../store/session.js';
import { Button } from '../ui/kit/Button.js';
import { t } from '../words/index.js';

/** The plan was deleted elsewhere while it is open here: told at once, with both ways on. */
export function GoneNote() {
  const { gone, putBack, keepAsCopy } = useSession(
    useShallow((state) => ({ gone: state.gone, putBack: state.putBack, keepAsCopy: state.keepAsCopy })),
  );
  const navigate = useNavigate();
  if (!gone) return null;
  return (
    <div
      className="on-paper fixed top-3 left-1/2 z-60 max-w-115 -translate-x-1/2 border-2 border-enamel bg-card px-4.5 pt-2.5 pb-3 shadow-paper"
      role="alert"
    >
      <p>
        <b>{t('This plan was deleted elsewhere.')}</b> {t('Nothing more is saved into it.')}
      </p>
      <div className="flex flex-wrap items-center gap-2.5">
        <Button size="small" onClick={() => void putBack()}>
          {t('Put it back')}
        </Button>
        <Button
          look="quiet"
          size="small"
          onClick={() => void keepAsCopy().then((id) => id && navigate(`/plan/${id}/brief`))}
        >
          {t('Keep it as a copy')}
        </Button>
      </div>
    </div>
  );
}
