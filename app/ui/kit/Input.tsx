import type { InputHTMLAttributes, TextareaHTMLAttributes } from 'react';

export const inputLook =
  'on-paper block min-h-9 w-full rounded-paper border-[1.5px] border-line bg-white px-2 py-1 text-base/[1.2] font-medium text-ink placeholder:text-soft';

export function Input({ className = '', ...rest }: InputHTMLAttributes<HTMLInputElement>) {
  return <input className={`${inputLook} ${className}`} {...rest} />;
}

export function TextArea({ className = '', ...rest }: TextareaHTMLAttributes<HTMLTextAreaElement>) {
  return <textarea className={`${inputLook} ${className}`} {...rest} />;
}
