import type { Component, FormFact } from '../../core/catalogue/index.js';
import { Portrait } from './Portrait.js';

/** Foods in the form that is wanted, side by side. */
export function Portraits({
  foods,
  form,
  most,
  size,
}: {
  foods: readonly Component[];
  form: FormFact['form'] | undefined;
  most: number;
  size: string;
}) {
  return foods
    .slice(0, most)
    .map((food) => (
      <Portrait
        key={food.id}
        food={food}
        form={food.forms.find((fact) => fact.form === form)}
        alt=""
        className={size}
      />
    ));
}
