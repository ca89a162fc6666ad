/** @jest-environment ./app/testing/jsdom.mjs */
import '../testing/dom.js';
import { afterEach, describe, expect, jest, test } from '@jest/globals';
import { act, cleanup, render, screen, waitFor } from '@testing-library/react';
import { userEvent } from '@testing-library/user-event';
import { useSettings } from '../store/settings.js';
import { kept } from '../testing/kept.js';
import { KeptNumber, KeptText, LengthInput, NumberInput } from './Fields.js';
import { NumberField } from './kit/NumberField.js';
import { OpenWord } from './kit/Popover.js';

afterEach(cleanup);

const hands = userEvent.setup();

describe('a number field', () => {
  const pieces = () =>
    kept(12, (value, tell) => <NumberField label="Pieces" value={value} min={1} max={40} onChange={tell} />);
  const field = (): HTMLInputElement => screen.getByRole('spinbutton', { name: 'Pieces' });
  const button = (which: 'More' | 'Less') => screen.getByRole('button', { name: `${which} Pieces` });

  test('takes what is typed, and may be emptied on the way', async () => {
    const told = pieces();
    await hands.clear(field());
    expect([field().value, told]).toEqual(['', []]);
    await hands.type(field(), '25');
    expect([field().value, told]).toEqual(['25', [2, 25]]);
  });

  test('says between what a number must be, hands nothing else on, and has its own again when it is left', async () => {
    const told = pieces();
    await hands.clear(field());
    await hands.type(field(), '0');
    expect(screen.getByRole('alert').textContent).toBe('A whole number between 1 and 40.');
    expect(field().getAttribute('aria-invalid')).toBe('true');
    await hands.tab();
    expect([field().value, told]).toEqual(['12', []]);
    expect(screen.queryByRole('alert')).toBeNull();
  });

  test('steps by its buttons, and no further than its ends', async () => {
    const told = kept(39, (value, tell) => (
      <NumberField label="Pieces" value={value} min={1} max={40} onChange={tell} />
    ));
    await hands.click(button('More'));
    expect(button('More')).toHaveProperty('disabled', true);
    await hands.click(button('Less'));
    expect(told).toEqual([40, 39]);
  });
});

describe('a number that is kept', () => {
  const field = (): HTMLInputElement => screen.getByRole('spinbutton', { name: 'Grams' });

  test('is kept with Enter and when it is left, once each', async () => {
    const keep = jest.fn();
    render(<KeptNumber label="Grams" value={100} min={10} max={500} onKeep={keep} />);
    await hands.clear(field());
    await hands.type(field(), '120{Enter}');
    expect(keep.mock.calls).toEqual([[120]]);
  });

  test('says why it is not kept, until another is typed', async () => {
    const keep = jest.fn();
    render(<KeptNumber label="Grams" value={100} min={10} max={500} onKeep={keep} />);
    await hands.clear(field());
    await hands.type(field(), '5');
    await hands.tab();
    expect(screen.getByRole('alert').textContent).toBe('Between 10 and 500.');
    expect(keep).not.toHaveBeenCalled();
    await hands.type(field(), '0');
    expect(screen.queryByRole('alert')).toBeNull();
    await hands.tab();
    expect(keep.mock.calls).toEqual([[50]]);
  });

  test('holds its paper open while it is not taken', async () => {
    render(
      <OpenWord word="No budget." label="Budget">
        <KeptNumber label="Grams" value={100} min={10} max={500} onKeep={() => undefined} />
      </OpenWord>,
    );
    await hands.click(screen.getByRole('button', { name: 'Budget: No budget.. Change' }));
    await hands.clear(field());
    await hands.type(field(), '900{Enter}');
    expect(screen.getByRole('alert').textContent).toBe('Between 10 and 500.');
    await hands.clear(field());
    await hands.type(field(), '7');
    await hands.click(document.body);
    expect(screen.getByRole('alert').textContent).toBe('Between 10 and 500.');
    await hands.clear(field());
    await hands.type(field(), '90{Enter}');
    await waitFor(() => expect(screen.queryByRole('spinbutton')).toBeNull());
  });
});

describe('a number of a form', () => {
  test('may be emptied while it is typed, and has its own again when it is left so', async () => {
    const told = kept(30, (value, tell) => (
      <NumberInput label="Guests" value={value} min={1} max={90} onChange={tell} />
    ));
    const field: HTMLInputElement = screen.getByRole('spinbutton', { name: 'Guests' });
    await hands.clear(field);
    await hands.tab();
    expect([field.value, told]).toEqual(['30', []]);
    await hands.clear(field);
    await hands.type(field, '45');
    expect(told).toEqual([4, 45]);
    // what is too much reaches the form, which says so
    await hands.type(field, '0');
    expect(told.at(-1)).toBe(450);
  });

  test('a length in inches is typed with its tenths', async () => {
    useSettings.setState({ units: 'imperial' });
    const told = kept(400, (mm, tell) => <LengthInput label="Across" mm={mm} onChange={tell} />);
    const field: HTMLInputElement = screen.getByRole('spinbutton', { name: 'Across, in' });
    expect(field.value).toBe('15.7');
    await hands.clear(field);
    await hands.type(field, '15.5');
    expect([field.value, told.at(-1)]).toEqual(['15.5', 394]);
    act(() => useSettings.setState({ units: 'metric' }));
  });
});

test('text is kept when it is left, without the blanks around it, and not where it is as before', async () => {
  const keep = jest.fn();
  render(<KeptText label="Name" value="Comet Watch" onKeep={keep} />);
  const field = screen.getByRole('textbox', { name: 'Name' });
  await hands.click(field);
  await hands.tab();
  expect(keep).not.toHaveBeenCalled();
  await hands.clear(field);
  await hands.type(field, '  Kite Meadow {Enter}');
  expect(keep.mock.calls).toEqual([['Kite Meadow']]);
});
