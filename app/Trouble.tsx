import { Link } from 'react-router';
import { buttonLook } from './ui/kit/Button.js';
import { t } from './words/index.js';

/** While something is fetched that the page cannot be drawn without. */
export function Setting() {
  return (
    <p role="status" className="on-cloth p-10">
      {t('Setting the table …')}
    </p>
  );
}

/** A fault of ours while drawing a page: say so and offer the way back; stored plans are not touched by it. */
export function Fault() {
  return <Trouble text={t('This page could not be drawn. Your plans are safe in this browser.')} />;
}

export function Trouble({ text }: { text: string }) {
  return (
    <main className="p-15 text-on-cloth">
      <h1 className="font-display text-2xl font-black">{t('Nothing on this plate')}</h1>
      <p role="alert">{text}</p>
      <Link className={buttonLook({})} to="/">
        {t('All plans')}
      </Link>
    </main>
  );
}
