import { decimal } from './units.js';

export const CURRENCIES = ['EUR', 'GBP', 'USD', 'CHF', 'SEK', 'DKK', 'NOK', 'PLN'] as const;
export type Currency = (typeof CURRENCIES)[number];

const SIGN: Record<Currency, string> = {
  EUR: '€',
  GBP: '£',
  USD: '$',
  CHF: 'CHF',
  SEK: 'SEK',
  DKK: 'DKK',
  NOK: 'NOK',
  PLN: 'PLN',
};

/** `minor` is whole cents (or pence, öre …); 1 234 EUR cents read "€ 12.34". */
export function formatMoney(minor: number, currency: Currency, locale = 'en'): string {
  return `${SIGN[currency]} ${decimal(minor / 100, 2, locale)}`;
}
