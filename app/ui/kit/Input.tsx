import type { InputHTMLAttributes, TextareaHTMLAttributes } from 'react';

const look =
  'on-paper block min-h-9 rounded-paper border-[1.5px] border-line bg-white px-2 py-1 text-base/[1.2] font-medium text-ink placeholder:text-soft';

/** As wide as its place, unless a width is asked for. */
const lookOf = (className: string): string =>
  /(^|\s)w-/.test(className) ? `${look} ${className}` : `${look} w-full ${className}`;

export const inputLook = lookOf('');

export function Input({ className = '', ...rest }: InputHTMLAttributes<HTMLInputElement>) {
  return <input className={lookOf(className)} {...rest} />;
}

export function TextArea({ className = '', ...rest }: TextareaHTMLAttributes<HTMLTextAreaElement>) {
  return <textarea className={lookOf(className)} {...rest} />;
}
