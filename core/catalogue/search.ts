import type { Component } from './facts.js';

/** Components whose name, synonym, base food or family has every word that was typed, names first. */
export function searchComponents(components: Iterable<Component>, query: string): Component[] {
  const words = query.toLowerCase().split(/\s+/).filter(Boolean);
  const found: { rank: number; component: Component }[] = [];
  for (const component of components) {
    const name = component.name.toLowerCase();
    const more = [...component.synonyms, component.baseFood, component.family, ...component.ingredients]
      .join(' ')
      .toLowerCase();
    if (!words.every((w) => name.includes(w) || more.includes(w))) continue;
    found.push({ rank: words.every((w) => name.includes(w)) ? 0 : 1, component });
  }
  return found.sort((a, b) => a.rank - b.rank).map((f) => f.component);
}
