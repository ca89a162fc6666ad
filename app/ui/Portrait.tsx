import type { ComponentProps } from 'react';
import type { Component, FormFact } from '../../core/catalogue/index.js';
import { usePortrait } from './pictures.js';

interface Of {
  food: Component;
  form?: FormFact | undefined;
}

/** A food's picture among words; it comes as soon as the page has a moment. */
export function Portrait({ food, form, alt = '', ...img }: Of & Omit<ComponentProps<'img'>, 'src' | 'form'>) {
  return <img src={usePortrait(food, form)} alt={alt} {...img} />;
}

/** The same within a drawing. */
export function PortraitImage({ food, form, ...image }: Of & Omit<ComponentProps<'image'>, 'href' | 'form'>) {
  return <image href={usePortrait(food, form)} {...image} />;
}
