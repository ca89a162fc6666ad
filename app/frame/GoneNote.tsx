import { useNavigate } from 'react-router';
import { useSession } from '../store/session.js';

/** The plan was deleted elsewhere while it is open here: told at once, with both ways on. */
export function GoneNote() {
  const { gone, putBack, keepAsCopy } = useSession();
  const navigate = useNavigate();
  if (!gone) return null;
  return (
    <div className="gone-note" role="alert">
      <p>
        <b>This plan was deleted elsewhere.</b> Nothing more is saved into it.
      </p>
      <div className="row">
        <button className="button small" onClick={() => void putBack()}>
          Put it back
        </button>
        <button
          className="button quiet small"
          onClick={() => void keepAsCopy().then((id) => id && navigate(`/plan/${id}/brief`))}
        >
          Keep it as a copy
        </button>
      </div>
    </div>
  );
}
