import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { checkPlan, NEAR_MM } from '../check/index.js';
import { after, board, group, lies, planWith } from '../testing/plans.js';
import { areaOf, ellipse, gapBetween, roundedRectangle } from '../geometry/index.js';
import { layPlan } from './index.js';
import { zoneGrounds, ZONE_GAP_MM } from './zones.js';
import { label } from '../testing/words.js';

describe('a zone of a ground', () => {
  test('has its share, and open ground before the rest, on round and square boards', () => {
    fc.assert(
      fc.property(fc.double({ min: 0.15, max: 0.85, noNaN: true }), fc.boolean(), (share, round) => {
        const ground = round ? ellipse(400, 400, 72) : roundedRectangle(420, 300, 30, 8);
        const { rest, zone } = zoneGrounds(ground, share)!;
        expect(areaOf(zone) / (areaOf(zone) + areaOf(rest))).toBeCloseTo(share, 2);
        expect(gapBetween(rest, zone)).toBeCloseTo(ZONE_GAP_MM, 3);
      }),
    );
  });

  test('is none where the ground is too small for a gap', () =>
    expect(zoneGrounds(ellipse(60, 60, 40), 0.5)).toBeUndefined());

  test('leaves more than crumbs travel', () => expect(ZONE_GAP_MM).toBeGreaterThan(NEAR_MM));
});

describe('a zone on the board', () => {
  const plan = planWith({
    surfaces: [board()],
    party: [
      group('all', 6),
      group('nut', 1, [], { needs: [{ id: 'tree-nut-free', settings: { contact: 'neighbours' } }] }),
    ],
    placements: [
      lies('almonds', 120),
      lies('salami', 150),
      lies('brie', 250),
      lies('green-grapes', 300),
      lies('water-crackers', 120),
    ],
  });
  const codes = (otherPlan: typeof plan) => checkPlan(otherPlan).findings.map((finding) => finding.code);
  const slip = checkPlan(plan).findings.find((finding) => finding.code === 'neighbours')!;
  const remedy = slip.remedies.find((remedy) => label(remedy).startsWith('A part of'))!;
  const kept = after(plan, remedy.command);

  test('is offered when nuts touch, and clears the slip before and after the board is laid', () => {
    expect(codes(kept)).not.toContain('neighbours');
    for (const seed of [1, 2, 3]) expect(codes(layPlan(kept, seed).plan)).not.toContain('neighbours');
  });

  test('keeps the foods there with tools of their own, and the element says so to the picture', () => {
    const { elements } = layPlan(kept, 1).plan.layout[0]!;
    const zone = elements.filter((element) => element.inZone);
    expect(zone.length).toBeGreaterThan(1);
    expect(zone.every((element) => element.ownTool)).toBe(true);
    expect(elements.some((element) => element.componentId === 'almonds' && !element.inZone)).toBe(true);
  });

  test('that is dragged against nuts is told again', () => {
    const laid = layPlan(kept, 1).plan;
    const { elements } = laid.layout[0]!;
    const nuts = elements.find((element) => element.componentId === 'almonds')!;
    const brie = elements.find((element) => element.componentId === 'brie')!;
    const moved = after(laid, {
      name: 'move-element',
      surfaceId: laid.surfaces[0]!.id,
      elementId: brie.id,
      x: nuts.x,
      y: nuts.y,
      angle: brie.angle,
    });
    expect(codes(moved)).toContain('neighbours');
  });

  test('ends with its group', () => {
    const gone = after(kept, { name: 'remove-group', groupId: kept.party[1]!.id });
    expect(gone.surfaces[0]!.zoneFor).toBeUndefined();
  });
});
