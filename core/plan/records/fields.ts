import { z } from 'zod';
import { parseLocalTime } from '../../measure/index.js';

// what the records of a plan share

export const text = (max: number) => z.string().trim().max(max);
export const localTime = z
  .string()
  .refine((text) => parseLocalTime(text) !== undefined, 'a local date and time such as 2027-05-15T22:00');
export const localDate = z
  .string()
  .refine(
    (text) => /^\d{4}-\d\d-\d\d$/.test(text) && parseLocalTime(`${text}T00:00`) !== undefined,
    'a date such as 2027-05-15',
  );
export const hex = z.string().regex(/^#[0-9a-f]{6}$/, 'a colour such as #d9b98a');
export const mm = z.number().min(20).max(5000);
export const idText = z.string().regex(/^[A-Za-z0-9-]{1,60}$/, 'letters, digits and hyphens, at most 60');
export const coordinate = z.number().min(-5000).max(5000);
export const point = z.tuple([coordinate, coordinate]);
