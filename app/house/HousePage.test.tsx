/** @jest-environment ./app/testing/jsdom.mjs */
import { openPaper, type Hands } from '../testing/papers.js';
import { beforeEach, describe, expect, test } from '@jest/globals';
import { screen, waitFor, within } from '@testing-library/react';
import { planWith } from '../../core/testing/plans.js';
import { houseFile, keepInHouse } from '../store/house.js';
import { HousePage } from './HousePage.js';

const oak = {
  name: 'Round oak',
  outline: { kind: 'round', diameterMm: 520 },
  rimMm: 12,
  material: 'oak',
} as const;
const boards = () => screen.getByRole('region', { name: 'Boards and trays' });
const file = (text: string) =>
  Object.assign(new File([text], 'house.json'), { text: () => Promise.resolve(text) });

describe('the house', () => {
  let hands: Hands;
  beforeEach(async () => {
    hands = await openPaper(planWith({}), () => <HousePage />);
    await keepInHouse('surfaces', oak);
    await within(boards()).findByText('Round oak');
  });
  const takeOut = async (): Promise<void> => {
    await hands.click(screen.getByRole('button', { name: 'Take out: Round oak' }));
    await waitFor(() => expect(boards().textContent).not.toContain('Round oak'));
  };
  const bringIn = (text: string) => hands.upload(screen.getByLabelText('Bring in a house file'), file(text));

  test('goes out as a file and comes back in', async () => {
    const text = await houseFile();
    expect(JSON.parse(text)).toMatchObject({ format: 'round-plate.house' });
    await takeOut();
    await bringIn(text);
    await within(boards()).findByText('Round oak');
  });

  test('what is taken out is back with undo', async () => {
    await takeOut();
    await hands.press('Undo');
    await within(boards()).findByText('Round oak');
  });

  test.each(['{', '[]', '{"format":"round-plate.house","version":99,"records":[]}'])(
    'a file that is no house is refused with its reason, and what is kept stays: %s',
    async (text) => {
      await bringIn(text);
      expect((await screen.findByRole('alert')).textContent).not.toBe('');
      expect(boards().textContent).toContain('Round oak');
    },
  );
});
