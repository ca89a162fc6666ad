/** Why a food is not for somebody, or asks: "it" is the food. */
export const REASONS = {
  'reason.nobody-said': 'nobody has said: perhaps {why}',
  'reason.label-tells': 'the label of what goes in it tells: perhaps {why}',
  'reason.brand': 'it depends on the brand: perhaps {why}',
  'reason.helping':
    'a usual helping brings about {n, number} {unit} of the {limit, number} {unit} of {what} for a plate',
  'reason.helping-open':
    'nobody has said how much a usual helping brings: up to {n, number} {unit} of the {limit, number} {unit} of {what} for a plate',
  'reason.own': '“{rule}” leaves out {food}',
  'reason.no-such-food': 'no food here goes by “{food}”: ask the guest what it is',
  'reason.perhaps-in-it': 'nobody has said whether {food} is in it',
} as const;
