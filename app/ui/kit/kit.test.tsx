/** @jest-environment ./app/testing/jsdom.mjs */
import '../../testing/dom.js';
import { afterAll, afterEach, beforeAll, describe, expect, test } from '@jest/globals';
import { act, cleanup, render, screen, waitFor } from '@testing-library/react';
import { userEvent } from '@testing-library/user-event';
import { useState, type ReactElement } from 'react';
import { useFocusKeeper } from '../../frame/useFocusKeeper.js';
import { kept } from '../../testing/kept.js';
import { Checkbox } from './Checkbox.js';
import { Collapsible } from './Collapsible.js';
import { Combobox } from './Combobox.js';
import { PaperDialog } from './Dialog.js';
import { FileButton } from './FileButton.js';
import { Menu } from './Menu.js';
import { RadioGroup } from './RadioGroup.js';
import { Select } from './Select.js';
import { Slider } from './Slider.js';
import { Switch } from './Switch.js';
import { Tabs } from './Tabs.js';
import { ToggleGroup } from './ToggleGroup.js';

afterEach(cleanup);

const hands = userEvent.setup();
const draw = (of: ReactElement): void => void render(of);
const focus = (element: HTMLElement): void => act(() => element.focus());
const button = (name: string | RegExp): HTMLElement => screen.getByRole('button', { name });

const FOODS = [
  { value: 'brie', words: 'Brie' },
  { value: 'cheddar', words: 'Mature cheddar' },
  { value: 'gouda', words: 'Aged gouda', off: true },
  { value: 'pear', words: 'Pear fans' },
] as const;
type Food = (typeof FOODS)[number]['value'];

describe('one of a few words', () => {
  const foods = () =>
    kept<Food>('brie', (value, tell) => <Select label="Food" value={value} options={FOODS} onPick={tell} />);

  test('is picked by keys, and what is off is passed over', async () => {
    const told = foods();
    focus(screen.getByRole('combobox', { name: 'Food' }));
    await hands.keyboard('{Enter}');
    expect(screen.getAllByRole('option').map((option) => option.textContent)).toEqual(
      FOODS.map(({ words }) => words),
    );
    await hands.keyboard('{ArrowDown}{ArrowDown}{Enter}');
    expect(told).toEqual(['pear']);
    expect(screen.getByRole('combobox', { name: 'Food' }).textContent).toContain('Pear fans');
  });

  test('is left with Escape, nothing is picked, and the focus is where it was', async () => {
    const told = foods();
    focus(screen.getByRole('combobox', { name: 'Food' }));
    await hands.keyboard('{Enter}{ArrowDown}{Escape}');
    expect(told).toEqual([]);
    expect(document.activeElement).toBe(screen.getByRole('combobox', { name: 'Food' }));
  });

  test('may be none of them', async () => {
    const told = kept<'' | 'oak'>('oak', (value, tell) => (
      <Select
        label="Board"
        value={value}
        options={[
          { value: '', words: 'none' },
          { value: 'oak', words: 'oak' },
        ]}
        onPick={tell}
      />
    ));
    focus(screen.getByRole('combobox', { name: 'Board' }));
    await hands.keyboard('{Enter}{Home}{Enter}');
    expect(told).toEqual(['']);
    expect(screen.getByRole('combobox', { name: 'Board' }).textContent).toContain('none');
  });
});

describe('one of many', () => {
  const open = async (find?: (typed: string) => readonly { value: Food; words: string }[]) => {
    const told = kept<Food | undefined>(undefined, (value, tell) => (
      <Combobox label="Food" value={value} options={FOODS} onPick={tell} {...(find ? { find } : {})} />
    ));
    await hands.click(screen.getByRole('combobox', { name: 'Food' }));
    return told;
  };
  const shown = () => screen.queryAllByRole('option').map((option) => option.textContent);

  test('is narrowed by letters and taken with Enter', async () => {
    const told = await open();
    expect(shown()).toHaveLength(4);
    await hands.keyboard('ched');
    expect(shown()).toEqual(['Mature cheddar']);
    await hands.keyboard('{Enter}');
    expect(told).toEqual(['cheddar']);
    expect(shown()).toEqual([]);
  });

  test('says that there is nothing of that name', async () => {
    await open();
    await hands.keyboard('owl');
    expect(screen.getByText('Nothing of that name.')).toBeTruthy();
  });

  test('is found by what somebody else knows of it', async () => {
    const told = await open((typed) => (typed === 'fruit' ? [FOODS[3]] : []));
    await hands.keyboard('fruit{Enter}');
    expect(told).toEqual(['pear']);
  });
});

describe('a slider', () => {
  test('is moved by keys within its ends, and says its value in words', async () => {
    const told = kept(3, (value, tell) => (
      <Slider label="Bolder" value={value} min={0} max={4} said={`${value} of 4`} onChange={tell} />
    ));
    const knob = screen.getByRole('slider', { name: 'Bolder' });
    focus(knob);
    await hands.keyboard('{ArrowRight}{ArrowRight}{Home}');
    expect(told).toEqual([4, 0]);
    expect(knob.getAttribute('aria-valuetext')).toBe('0 of 4');
  });
});

describe('what is on or off', () => {
  test('a tick is pressed by its words and by the space bar', async () => {
    const told = kept(false, (on, tell) => <Checkbox label="Set that too" on={on} onChange={tell} />);
    await hands.click(screen.getByText('Set that too'));
    focus(screen.getByRole('checkbox', { name: 'Set that too' }));
    await hands.keyboard(' ');
    expect(told).toEqual([true, false]);
  });

  test('a switch says its state', async () => {
    const told = kept(true, (on, tell) => <Switch label="Evening" on={on} onChange={tell} />);
    const knob = screen.getByRole('switch', { name: 'Evening' });
    expect(knob.getAttribute('aria-checked')).toBe('true');
    await hands.click(screen.getByText('Evening'));
    expect([told, knob.getAttribute('aria-checked')]).toEqual([[false], 'false']);
  });
});

describe('one of a few in sight', () => {
  test('one circle of a group is picked by its words; what is off is not', async () => {
    const told = kept<Food>('brie', (value, tell) => (
      <RadioGroup label="Food" value={value} options={FOODS} onPick={tell} />
    ));
    await hands.click(screen.getByText('Aged gouda'));
    await hands.click(screen.getByText('Pear fans'));
    expect(told).toEqual(['pear']);
    expect(screen.getByRole('radio', { name: 'Pear fans' }).getAttribute('aria-checked')).toBe('true');
  });

  test('of papers side by side one is always picked', async () => {
    const told = kept<'calm' | 'full'>('calm', (value, tell) => (
      <ToggleGroup
        label="Ground"
        value={value}
        options={[
          { value: 'calm', words: 'Calm' },
          { value: 'full', words: 'Full' },
        ]}
        onPick={tell}
      />
    ));
    await hands.click(screen.getByRole('radio', { name: 'Calm' }));
    await hands.click(screen.getByRole('radio', { name: 'Full' }));
    expect(told).toEqual(['full']);
  });

  test('sheets are turned by arrows, and one is seen at a time', async () => {
    draw(
      <Tabs
        label="Sheets"
        tabs={[
          { id: 'a', words: 'Menu', content: 'the menu' },
          { id: 'b', words: 'Labels', content: 'the labels' },
        ]}
      />,
    );
    focus(screen.getByRole('tab', { name: 'Menu' }));
    await hands.keyboard('{ArrowRight}');
    expect(screen.getByRole('tab', { name: 'Labels' }).getAttribute('aria-selected')).toBe('true');
    expect(screen.getByText('the labels')).toBeTruthy();
    expect(screen.queryByText('the menu')).toBeNull();
  });
});

test('a heading opens what is under it, says so, and closes it again', async () => {
  draw(<Collapsible title="Weights">as a school has them</Collapsible>);
  const heading = button('Weights');
  expect([heading.getAttribute('aria-expanded'), screen.queryByText('as a school has them')]).toEqual([
    'false',
    null,
  ]);
  await hands.click(heading);
  expect(heading.getAttribute('aria-expanded')).toBe('true');
  expect(screen.getByText('as a school has them')).toBeTruthy();
  await hands.click(heading);
  expect(screen.queryByText('as a school has them')).toBeNull();
});

test('a menu is walked by keys, does one thing, and gives the focus back', async () => {
  const done: string[] = [];
  const item = (words: string) => ({ words, press: () => void done.push(words) });
  draw(<Menu words="On paper" items={[item('Menu'), item('Step by step'), item('Template')]} />);
  focus(button('On paper'));
  await hands.keyboard('{Enter}');
  expect(screen.getAllByRole('menuitem')).toHaveLength(3);
  await hands.keyboard('{ArrowDown}{Enter}');
  expect(done).toEqual(['Step by step']);
  expect(screen.queryAllByRole('menuitem')).toEqual([]);
  await waitFor(() => expect(document.activeElement).toBe(button('On paper')));
  await hands.keyboard('{Enter}{Escape}');
  expect(done).toEqual(['Step by step']);
});

describe('a paper over the table', () => {
  // nothing has a place in jsdom, and what has none is gone for the keeper of the focus
  const { getClientRects } = Element.prototype;
  beforeAll(() => {
    Element.prototype.getClientRects = () => [{}] as never;
  });
  afterAll(() => {
    Element.prototype.getClientRects = getClientRects;
  });

  function Table() {
    useFocusKeeper();
    const [open, setOpen] = useState(false);
    return (
      <>
        <button onClick={() => setOpen(true)}>Squint</button>
        <PaperDialog open={open} onClose={() => setOpen(false)} title="Squint" hint="Greys and colours">
          <input aria-label="Blur" />
        </PaperDialog>
      </>
    );
  }

  test.each([
    ['Escape', () => hands.keyboard('{Escape}')],
    ['its button', () => hands.click(button('Close'))],
  ])('is named and described, holds the focus, and gives it back when %s closes it', async (_by, close) => {
    draw(<Table />);
    await hands.click(button('Squint'));
    const paper = screen.getByRole('dialog', { name: 'Squint' });
    expect(document.getElementById(paper.getAttribute('aria-describedby')!)?.textContent).toBe(
      'Greys and colours',
    );
    expect(paper.contains(document.activeElement)).toBe(true);
    for (let k = 0; k < 5; k++) await hands.tab();
    expect(paper.contains(document.activeElement)).toBe(true);
    await close();
    await waitFor(() => expect(screen.queryByRole('dialog')).toBeNull());
    await waitFor(() => expect(document.activeElement).toBe(button('Squint')));
  });
});

test('a file is handed over, and the same one again after it was mended', async () => {
  const names: string[] = [];
  draw(
    <FileButton
      words="Read a plan"
      label="Plan"
      accept=".json"
      onFile={(file) => void names.push(file.name)}
    />,
  );
  const input = document.querySelector<HTMLInputElement>('input[type=file]')!;
  const file = new File(['{}'], 'comet.plate.json', { type: 'application/json' });
  await hands.upload(input, file);
  await hands.upload(input, file);
  expect(names).toEqual(['comet.plate.json', 'comet.plate.json']);
  expect(input.value).toBe('');
});
