import { useShallow } from 'zustand/react/shallow';
import { useNavigate } from 'react-router';
import { useSession } from '../store/session.js';
import { Button } from '../ui/kit/Button.js';

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
        <b>This plan was deleted elsewhere.</b> Nothing more is saved into it.
      </p>
      <div className="flex flex-wrap items-center gap-2.5">
        <Button size="small" onClick={() => void putBack()}>
          Put it back
        </Button>
        <Button
          look="quiet"
          size="small"
          onClick={() => void keepAsCopy().then((id) => id && navigate(`/plan/${id}/brief`))}
        >
          Keep it as a copy
        </Button>
      </div>
    </div>
  );
}
